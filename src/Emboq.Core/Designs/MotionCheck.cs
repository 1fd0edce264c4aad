namespace Emboq.Core.Designs;

/// <summary>Whether a motion is free.</summary>
public static class MotionCheck
{
    /// <summary>Less is the work of facets, mm.</summary>
    public const double Touching = 0.03;

    /// <summary>Looks along a motion and judges it; where there is nothing to look at, or not all of it can be built, it is not judged.</summary>
    public static async Task<Check> Of(Design design, Motion motion, ISolidKernel kernel, CancellationToken stop)
    {
        var pairs = MotionReport.Pairs(design, motion);
        var broken = design.Pieces.SelectMany(p => p.Bodies).Concat(design.Machine).FirstOrDefault(b => !b.IsBuildable);
        return broken is not null ? NotJudged(motion, $"the {broken.Name} cannot be built of these sizes.")
            : pairs.Count == 0 ? NotJudged(motion, "nothing moves against anything.")
            : Of(motion, await MotionReport.Of(design, motion, kernel, stop));
    }

    /// <summary>Judges a motion by its tightest place.</summary>
    /// <param name="motion">The motion.</param>
    /// <param name="report">Its tightest place; <c>null</c> where nothing comes near.</param>
    public static Check Of(Motion motion, MotionReport? report)
    {
        var where = report is null ? "" : Where(motion, report.At);
        var runs = report is { Meeting: { Overlap: > 0, Depth: > Touching } };
        return new($"motion.{motion.Key}", $"{motion.Name} moves freely", runs ? Verdict.Stop : Verdict.Good, report switch
        {
            null => "Nothing comes near it on its whole way.",
            { } r when runs => $"The {r.A} runs into the {r.B}, {where}.",
            { Meeting.Gap: <= Touching } r => $"The {r.A} touches the {r.B}, {where}, and runs into nothing.",
            { } r => $"It is tightest {where}, between the {r.A} and the {r.B}.",
        }, report is null ? "free" : runs ? $"{Figures.Mm(report.Meeting.Depth)} deep" : Figures.Mm(report.Meeting.Gap ?? 0), "no overlap",
            "Triangles of the bodies, looked at along the path and closer where it is tight.", []);
    }

    /// <summary>What could not be looked at is not free.</summary>
    public static Check NotJudged(Motion motion, string why) =>
        new($"motion.{motion.Key}", $"{motion.Name} moves freely", Verdict.Watch, $"Not judged: {why}", "not judged", "no overlap",
            "Triangles of the bodies.", []);

    private static string Where(Motion motion, double at) => motion.Rests.FirstOrDefault(r => Math.Abs(r.At - at) < 0.005) is { } rest ? rest.Name
        : $"at {Figures.Percent(at)} of its way";
}
