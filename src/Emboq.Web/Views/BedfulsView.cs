namespace Emboq.Web.Views;

/// <summary>A row laid out on beds.</summary>
/// <param name="Bedfuls">In the order of printing.</param>
/// <param name="TooLarge">Members that fit none of the beds.</param>
/// <param name="Says">How many bedfuls, and whether fewer could do.</param>
public sealed record BedfulsView(IReadOnlyList<BedfulView> Bedfuls, IReadOnlyList<PieceView> TooLarge, string Says)
{
    /// <summary>From a layout and its schedule.</summary>
    public static BedfulsView Of(Layout layout, IReadOnlyList<ScheduledBedful> scheduled, IReadOnlyDictionary<Guid, string> processes,
        IReadOnlyList<Guid> parts) => new(
        [.. scheduled.Select(s => BedfulView.Of(s, processes, parts))],
        [.. layout.TooLarge.Select(p => new PieceView(parts[p.Part], p.Member)).Distinct()],
        layout.Bedfuls.Count == 0 ? "Nothing of it fits the beds chosen."
            : $"{layout.Bedfuls.Count} bedful{(layout.Bedfuls.Count == 1 ? "" : "s")}. "
                + $"{(layout.Proven ? "No layout needs fewer." : "It is the best found; fewer is not ruled out.")}");
}

/// <summary>One bedful. Lengths mm.</summary>
public sealed record BedfulView(Guid Process, string Setup, string Group, double Width, double Depth, IReadOnlyList<PlacementView> Placements, string Time,
    string Mass, DateTimeOffset Starts, DateTimeOffset Ends, string? Spool, string Says, bool Warns)
{
    /// <summary>From a scheduled bedful.</summary>
    public static BedfulView Of(ScheduledBedful s, IReadOnlyDictionary<Guid, string> processes, IReadOnlyList<Guid> parts)
    {
        var (planned, bed) = (s.Planned, s.Planned.Bedful.Bed);
        return new(bed.Process, processes[bed.Process], planned.Bedful.Group, bed.Width, bed.Depth,
            [.. planned.Bedful.Placements.Select(p => new PlacementView(parts[p.Piece.Part], p.Piece.Member, p.Piece.Body, p.X, p.Y, p.Width, p.Depth,
            p.Piece.Height, p.Turned))],
            QuantityText.Metric(planned.Seconds, Unit.Seconds), QuantityText.Metric(planned.Grams, Unit.Grams), s.Starts, s.Ends, s.Spool?.Name, InWords(s),
                s.Spool is null || s.RunsOut is not null);
    }

    private static string InWords(ScheduledBedful s) => s switch
    {
        { Spool: null } when s.Planned.Bedful.Group.Length > 0 => $"No spool of {s.Planned.Material} in {s.Planned.Bedful.Group} is known. Weigh one in.",
        { Spool: null } => $"No spool of {s.Planned.Material} is known. Weigh one in.",
        { RunsOut: { } at, Unattended: true } =>
            $"{s.Spool!.Name} would run out at {at:HH:mm}, when nobody is at the printer. Put another on, or start earlier.",
        { RunsOut: { } at } => $"{s.Spool!.Name} runs out at {at:HH:mm}: be there to change it.",
        _ => $"{s.Spool!.Name} lasts; {QuantityText.Metric(s.LeftAfter, Unit.Grams)} stay on it.",
    };
}

/// <summary>A member of a part.</summary>
public sealed record PieceView(Guid Part, int Member);

/// <summary>Where a body of a member lies, mm from the front left corner of the bed.</summary>
public sealed record PlacementView(Guid Part, int Member, string Body, double X, double Y, double Width, double Depth, double Height, bool Turned);

/// <summary>A step on the way to a layout: what is being done, or the layout itself.</summary>
/// <param name="Doing">In words, while it is on its way.</param>
/// <param name="Share">How much is done, 0 to 1.</param>
/// <param name="Done">The layout, at the end.</param>
public sealed record BedfulsStep(string? Doing, double Share, BedfulsView? Done);
