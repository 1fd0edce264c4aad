namespace Emboq.Core.Designs;

/// <summary>A body where it stands among the others.</summary>
/// <param name="Key">Of the body.</param>
/// <param name="Name">As shown.</param>
/// <param name="Solid">In the frame of the assembly.</param>
public sealed record Standing(string Key, string Name, Solid Solid);

/// <summary>The bodies of a design together.</summary>
public static class Assembled
{
    /// <summary>All bodies of pieces and machine, motions somewhere on their paths; those that cannot be built are left out.</summary>
    /// <param name="design">The design.</param>
    /// <param name="at">Key of a motion to its position, 0 to 1; those that are not named, or driven, follow.</param>
    public static IReadOnlyList<Standing> Of(Design design, IReadOnlyDictionary<string, double> at)
    {
        var (positions, bodies) = (Positions(design, at), design.Pieces.SelectMany(p =>
            p.Bodies.Select(b => (Body: b, p.Pose))).Concat(design.Machine.Select(b => (Body: b, Pose.Here))));
        return [.. bodies.Where(b => b.Body.IsBuildable).Select(b => new Standing(b.Body.Key, b.Body.Name,
            design.Motions.Where(m => m.Moves.Contains(b.Body.Key)).Aggregate(b.Item2.Of(b.Body.Solid), (solid, motion) =>
                motion.Of(solid, positions[motion.Key]))))];
    }

    /// <summary>Where each motion is: as told, at its beginning, or where its driver puts it.</summary>
    public static IReadOnlyDictionary<string, double> Positions(Design design, IReadOnlyDictionary<string, double> at)
    {
        double Of(Motion motion) => motion.DrivenBy is { } drive ? drive.At(Of(design.Motions.First(m => m.Key == drive.By)))
            : at.GetValueOrDefault(motion.Key);
        return design.Motions.ToDictionary(m => m.Key, Of);
    }
}
