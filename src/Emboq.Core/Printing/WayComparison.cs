namespace Emboq.Core.Printing;

/// <summary>What printing a part one way up would be like. Lengths mm, areas mm².</summary>
/// <param name="Way">Which way.</param>
/// <param name="Overhang">Area that hangs out further than 45 degrees, all layers together.</param>
/// <param name="Reach">How far a line hangs out with one end in the air, at the worst place.</param>
/// <param name="Bridge">Longest line in the air that is carried at both ends.</param>
/// <param name="FirstLayer">Area that holds to the bed.</param>
/// <param name="Lever">Height over the narrower side of the first layer: how easily it is knocked over.</param>
/// <param name="Islands">Area of pieces that begin in the air.</param>
/// <param name="Height">Of the print.</param>
/// <param name="Fits">Whether the printer takes it.</param>
/// <param name="Plan">Time, material and money.</param>
public sealed record WayReport(WayUp Way, double Overhang, double Reach, double Bridge, double FirstLayer, double Lever, double Islands, double Height,
    bool Fits, Ledger Plan)
{
    /// <summary>What the layers of a solid say.</summary>
    public static WayReport Of(WayUp way, IReadOnlyList<Layer> layers, Process process, RunFactors factors)
    {
        var foot = layers[0];
        var height = layers.Count * process.LayerHeight;
        var (width, depth) = (layers.Max(l => l.Width), layers.Max(l => l.Depth));
        return new(way, layers.Sum(l => l.Overhang), layers.Max(l => l.Reach), layers.Max(l => l.Bridge), foot.Area,
            height / Math.Max(process.LineWidth, Math.Min(foot.Width, foot.Depth)), layers.Sum(l => l.Islands), height,
            BedRoom.Takes(width, depth, height, process.Bed), PrintPlan.Of(layers, process, factors));
    }
}

/// <summary>Ways up side by side.</summary>
/// <param name="Ways">In the order given.</param>
/// <param name="Better">Key of the better one.</param>
/// <param name="Reason">Why.</param>
public sealed record WayComparison(IReadOnlyList<WayReport> Ways, string Better, string Reason)
{
    /// <summary>Overhang that a print bears with a rough skin; common practice, no published source.</summary>
    private const double Borne = 20;

    /// <summary>Compares. What does not fit the printer comes last, then what cannot be printed without support, then what steps a fitted face, then what
    /// hangs out, then what is easily knocked over, then what takes longer.</summary>
    public static WayComparison Of(IReadOnlyList<(WayUp Way, IReadOnlyList<Layer> Layers)> ways, Process process, RunFactors factors)
    {
        var reports = ways.Select(w => WayReport.Of(w.Way, w.Layers, process, factors)).ToList();
        Func<WayReport, double>[] order =
        [
            r => r.Fits ? 0 : 1, r => WayChecks.NeedsSupport(r) ? 1 + Math.Round(r.Islands + r.Overhang) : 0, r => r.Way.SpoilsFit ? 1 : 0, r =>
                r.Overhang > Borne ? Math.Round(r.Overhang / Borne) : 0,
            r => Math.Round(r.Lever, 1), r => r.Plan["time"].Value,
        ];
        var ranked = order.Skip(1).Aggregate(reports.OrderBy(order[0]), (list, by) => list.ThenBy(by)).ToList();
        var (best, next) = (ranked[0], ranked.Count > 1 ? ranked[1] : ranked[0]);
        var decides = Array.FindIndex(order, by => by(best) != by(next));
        return new(reports, best.Way.Key, Words(best, next, decides));
    }

    private static string Words(WayReport best, WayReport next, int decides)
    {
        var (a, b) = (Capital(best.Way.Name), next.Way.Name);
        if (!best.Fits || WayChecks.NeedsSupport(best))
        {
            return $"No way up is good: {best.Way.Name} {(best.Fits ? WayChecks.InTheAir(best) : "it does not fit the printer")}, and the others are "
                + "no better.";
        }

        return decides switch
        {
            0 => $"{a}: {b} it does not fit the printer.",
            1 => $"{a}: {b} {WayChecks.InTheAir(next)}.",
            2 => $"{a}: {b} the fitted faces come out stepped.",
            3 => $"{a}: {Figures.SquareMm(best.Overhang)} hang out, {b} {Figures.SquareMm(next.Overhang)}.",
            4 => $"{a}: it stands more firmly, {Figures.Plain(best.Lever)} times as high as its foot is wide, {b} {Figures.Plain(next.Lever)} times.",
            5 => $"{a}: otherwise equal, it is done sooner.",
            _ => $"{a}: there is no difference.",
        };
    }

    private static string Capital(string text) => char.ToUpperInvariant(text[0]) + text[1..];
}
