using Emboq.Core.Printing;

namespace Emboq.Web.Views;

/// <summary>A row laid out on beds.</summary>
/// <param name="Bedfuls">In the order of printing.</param>
/// <param name="TooLarge">Members that fit none of the beds.</param>
/// <param name="Says">How many bedfuls, and whether fewer could do.</param>
public sealed record BedfulsView(IReadOnlyList<BedfulView> Bedfuls, IReadOnlyList<int> TooLarge, string Says)
{
    /// <summary>From a layout and its schedule.</summary>
    public static BedfulsView Of(Layout layout, IReadOnlyList<ScheduledBedful> scheduled, IReadOnlyDictionary<Guid, string> processes) => new(
        [.. scheduled.Select(s => BedfulView.Of(s, processes))],
        [.. layout.TooLarge.Select(p => p.Member).Distinct()],
        layout.Bedfuls.Count == 0 ? "Nothing of this row fits the beds chosen."
            : $"{layout.Bedfuls.Count} bedful{(layout.Bedfuls.Count == 1 ? "" : "s")}. {(layout.Proven ? "No layout needs fewer." : "It is the best found; fewer is not ruled out.")}");
}

/// <summary>One bedful. Lengths mm.</summary>
public sealed record BedfulView(Guid Process, string Setup, string Group, double Width, double Depth, IReadOnlyList<PlacementView> Placements, string Time, string Mass, DateTimeOffset Starts, DateTimeOffset Ends, string? Spool, string Says, bool Warns)
{
    /// <summary>From a scheduled bedful.</summary>
    public static BedfulView Of(ScheduledBedful s, IReadOnlyDictionary<Guid, string> processes)
    {
        var (planned, bed) = (s.Planned, s.Planned.Bedful.Bed);
        return new(bed.Process, processes[bed.Process], planned.Bedful.Group, bed.Width, bed.Depth, [.. planned.Bedful.Placements.Select(p => new PlacementView(p.Piece.Member, p.Piece.Body, p.X, p.Y, p.Width, p.Depth, p.Piece.Height))],
            QuantityText.Metric(planned.Seconds, Core.Unit.Seconds), QuantityText.Metric(planned.Grams, Core.Unit.Grams), s.Starts, s.Ends, s.Spool?.Name, InWords(s), s.Spool is null || s.RunsOut is not null);
    }

    private static string InWords(ScheduledBedful s) => s switch
    {
        { Spool: null } when s.Planned.Bedful.Group.Length > 0 => $"No spool of {s.Planned.Material} in {s.Planned.Bedful.Group} is known. Weigh one in.",
        { Spool: null } => $"No spool of {s.Planned.Material} is known. Weigh one in.",
        { RunsOut: { } at, AtNight: true } => $"{s.Spool!.Name} would run out at {at:HH:mm}, in the night. Put another on, or start by day.",
        { RunsOut: { } at } => $"{s.Spool!.Name} runs out at {at:HH:mm}: be there to change it.",
        _ => $"{s.Spool!.Name} lasts; {QuantityText.Metric(s.LeftAfter, Core.Unit.Grams)} stay on it.",
    };
}

/// <summary>Where a body of a member lies, mm from the front left corner of the bed.</summary>
public sealed record PlacementView(int Member, string Body, double X, double Y, double Width, double Depth, double Height);
