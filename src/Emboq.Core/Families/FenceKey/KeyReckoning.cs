using Emboq.Core.Fits;
using Emboq.Core.Joints;
using Emboq.Core.Measuring;

namespace Emboq.Core.Families.FenceKey;

/// <summary>The sizes of a key. x runs along the channel, y across, z up from the table.</summary>
internal sealed record KeyReckoning
{
    public required FittedSize Width { get; init; }

    public required Quantity Depth { get; init; }

    public required Quantity Under { get; init; }

    /// <summary>How far it reaches into the channel.</summary>
    public required Quantity High { get; init; }

    public required Quantity Above { get; init; }

    public required Quantity Length { get; init; }

    public required Quantity Legs { get; init; }

    public required Quantity Notch { get; init; }

    public required Joint? Screw { get; init; }

    /// <summary>How many rungs a ladder has.</summary>
    private const int Rungs = 5;

    /// <summary>Whether there is a key at all.</summary>
    public bool Exists => High.Value > 0.4 && Width.Drawn.Value >= LeastWidth;

    /// <summary>A narrower key breaks in the hand, mm.</summary>
    public const double LeastWidth = 2;

    /// <summary>Where a nut lies in the underside.</summary>
    public required Joint? Nut { get; init; }

    /// <summary>Widths of the rungs, mm.</summary>
    public required IReadOnlyList<double> Ladder { get; init; }

    public static KeyReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces["channel"]);
        Quantity Chosen(string key, string name, string because) => ledger.Add(key, name, Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre), because);
        var width = FittedSize.Of("channel", "width", Surface.OutsideFlat, FitClasses.Pocket(p.Choice("across")), p.Number("clearance"), "key width", brief, ledger);
        var depth = ledger.Add("channel.depth.measured", place["depth"].Name, Evaluation.Of(place, "depth")!.Quantity, "As read.");
        var under = Chosen("under", "free below", "It must not ride on the floor.");
        var high = ledger.Add("high", "key below the table", depth - under, "The channel's depth less what stays free.");
        var above = Chosen("above", "key above the table", "What legs and fence bear on.");
        var step = ledger.Add("ladder", "ladder step", Quantity.RuleOfThumb("ladder step", LadderStep.Proposed(width.Realised, Rungs), Unit.Millimetre, "The row covers two standard deviations of doubt to each side."), "Rungs around the drawn width; each is also higher than the last, so that height is felt too.");
        return new()
        {
            Width = width,
            Depth = depth,
            Under = under,
            High = high,
            Above = above,
            Length = Chosen("length", "length", "Along the channel."),
            Legs = Chosen("legs", "legs", "To each side, on the table."),
            Notch = Chosen("notch", "notch", "To pull it out by."),
            Nut = p.Choice("fixing") == "nuts" ? NutPocket.FromEnd(new(ledger, brief.Process, "nut", "nut"), p.Choice("screw"), 0.4) : null,
            Screw = p.Choice("fixing") != "none" ? ScrewHole.Passing(new(ledger, brief.Process, "screw", "screw"), p.Choice("screw"), "medium", above.Value + Math.Max(0.5, high.Value), p.Choice("wayUp") == "side" ? Lie.Teardrop : Lie.Upright) : null,
            Ladder = [.. Enumerable.Range(0, Rungs).Select(i => Math.Max(width.Drawn.Value / 2, width.Drawn.Value + ((i - (Rungs / 2)) * step.Value)))],
        };
    }
}
