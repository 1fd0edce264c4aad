namespace Emboq.Core.Joints;

/// <summary>Holes that hold a screw by a thread: a heat-set insert, or one the screw cuts itself.</summary>
internal static class Threaded
{
    /// <summary>Share of the thread's depth that a screw should cut into plastic.</summary>
    public const double UsualEngagement = 0.65;

    /// <summary>A hole for a heat-set insert, pressed in from the face; its boss rule becomes the wall to keep.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">Of the thread.</param>
    /// <param name="lie">How it stands while it is printed.</param>
    public static Joint Insert(JointScope scope, string size, HoleLie lie = HoleLie.Upright)
    {
        var hole = scope.Drawn("insert", "insert hole", Table(size, "hole"), lie.Surface());
        var deep = scope.Add("insert.depth", "insert hole depth", Table(size, "hole depth"), "The insert, and room for the plastic it pushes ahead.");
        var boss = scope.Add("insert.boss", "insert boss", Table(size, "boss"), "Thinner bosses split when the insert goes in.");
        return new()
        {
            Bore = hole.Value,
            Cut = HoleShape.Cut(hole.Value, -deep.Value, ScrewHole.Over, lie),
            Sleeves = [new(HoleShape.Rise(hole.Value, lie), -deep.Value, 0, (boss.Value - Table(size, "hole").Value) / 2)],
        };
    }

    /// <summary>How long the thread of an insert is.</summary>
    public static Quantity InsertLength(string size) => Table(size, "length");

    /// <summary>A hole in which a machine screw cuts its own thread. The finished hole gives the wanted share of the thread:
    /// hole = d − share × 2 × 5/8 H, with H = √3/2 P (ISO 68-1). A rule-of-thumb drill that already holds a printer's error is no wanted size.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">Of the thread.</param>
    /// <param name="share">Of the thread's depth that is cut, 0 to 1.</param>
    /// <param name="depth">Of the hole, mm.</param>
    /// <param name="lie">How it stands while it is printed.</param>
    public static Joint SelfCut(JointScope scope, string size, double share, double depth, HoleLie lie = HoleLie.Upright)
    {
        var threadDepth = Quantity.Input("5/4 H over P", 1.25 * Math.Sqrt(3) / 2, Unit.None,
            new Provenance.Standard("ISO 68-1", "basic profile")) * Hardware.Pitch(size);
        var cut = scope.Add("engagement", "share of the thread", Quantity.Chosen("share of the thread", share, Unit.None),
            "More holds better and splits sooner.");
        var hole = scope.Drawn("thread", "threaded hole", Hardware.Diameter(size) - (cut * threadDepth), lie.Surface());
        var least = scope.Add("engagement.least", "thread to engage", 2 * Hardware.Diameter(size),
            "Two diameters of thread in plastic; common practice, no published source.");
        var fits = depth >= least.Value;
        return new()
        {
            Bore = hole.Value,
            Cut = HoleShape.Cut(hole.Value, -depth, ScrewHole.Over, lie),
            Sleeves = [new(HoleShape.Rise(hole.Value, lie), -depth, 0, Math.Max(scope.LeastWall, Hardware.Diameter(size).Value / 2))],
            Checks =
            [
                new($"{scope.Key}.engagement", $"thread of the {scope.Name}", fits ? Verdict.Good : Verdict.Stop,
                    fits ? "Enough thread for plastic." : "Too little thread: it strips.", Figures.Mm(depth), $"{Figures.Mm(least.Value)} or more",
                        "Common practice, no published source.", []),
            ],
        };
    }

    private static Quantity Table(string size, string column) => Hardware.Of("heat-set-inserts", size, column, $"{Hardware.Name(size)} insert, {column}");
}
