namespace Emboq.Core.Families.Jigs.FenceKey;

/// <summary>Hardware of one screw, entered from one side of the key.</summary>
/// <param name="Key">Of its checks: "screw".</param>
/// <param name="Joint">Its hole or pocket.</param>
/// <param name="FromBelow">Whether it is entered from the channel's side.</param>
internal sealed record KeyFixing(string Key, Joint Joint, bool FromBelow);

/// <summary>A size of the key that is fitted to the channel, with the rungs of its ladder.</summary>
/// <param name="Size">The size.</param>
/// <param name="Ladder">Of each rung, mm.</param>
internal sealed record LockedSize(Fitted Size, IReadOnlyList<double> Ladder)
{
    /// <param name="asked">What is asked of it.</param>
    /// <param name="brief">What the part is made from.</param>
    /// <param name="rungs">The fewest that its ladder has.</param>
    /// <param name="ledger">Takes the figures.</param>
    public static LockedSize Of(FittedFace asked, Brief brief, int rungs, Ledger ledger)
    {
        var size = Fitted.Reckon(asked, brief.Interfaces["channel"], brief.Fits, brief.Tries, ledger);
        return new(size, LadderRungs.Of(size, ("rung", KeyShape.RungTakes), brief.Process, ledger, $"{asked.Slot}.ladder", rungs));
    }
}

/// <summary>The sizes of a key. x runs along the channel, y across, z up from the table.</summary>
internal sealed record KeyReckoning
{
    /// <summary>The fitted width; <c>null</c> where it is free across.</summary>
    public required LockedSize? Across { get; init; }

    /// <summary>The fitted reach below the table; <c>null</c> where it is free in height.</summary>
    public required LockedSize? Upright { get; init; }

    /// <summary>What is locked: one or both.</summary>
    public IReadOnlyList<LockedSize> Locked => [.. new[] { Across, Upright }.OfType<LockedSize>()];

    /// <summary>The channel.</summary>
    public Interface Place => Locked[0].Size.Place;

    /// <summary>Chance that all of it comes out as it should.</summary>
    public double Chance => JointProbability.Within([.. Locked.Select(l => l.Size.Limits)]);

    /// <summary>Of the key, drawn.</summary>
    public required Quantity Width { get; init; }

    /// <summary>How far it reaches into the channel, drawn.</summary>
    public required Quantity High { get; init; }

    /// <summary>Of the channel.</summary>
    public required Quantity ChannelWidth { get; init; }

    /// <summary>Of the channel.</summary>
    public required Quantity Depth { get; init; }

    public required Quantity Above { get; init; }

    public required Quantity Length { get; init; }

    public required Quantity Legs { get; init; }

    public required Quantity Notch { get; init; }

    /// <summary>From the ends of the key to its legs.</summary>
    public required Quantity LegsIn { get; init; }

    /// <summary>Under the lips of a T slot; <c>null</c> where there is none.</summary>
    public required KeyFoot? Foot { get; init; }

    /// <summary>Thickness of the lips of a T slot, mm; <c>null</c> of a plain channel, as the next.</summary>
    public required double? Lip { get; init; }

    /// <summary>Width of its chamber, mm.</summary>
    public required double? Chamber { get; init; }

    /// <summary>Whether each way has a ladder of its own.</summary>
    public required bool LaddersApart { get; init; }

    /// <summary>What each of the two screws asks for; empty when it lies loose.</summary>
    public required IReadOnlyList<KeyFixing> Fixings { get; init; }

    public required ScrewLength? Screw { get; init; }

    /// <summary>Whether there is a key at all.</summary>
    public bool Exists => High.Value > 0.4 && Width.Value >= LeastWidth;

    /// <summary>A narrower key breaks in the hand, mm.</summary>
    public const double LeastWidth = 2;

    public static KeyReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces["channel"]);
        Quantity Chosen(string key, string name, string because) => ledger.Add(key, name,
            Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre), because);
        var (locks, tee) = (p.Choice("locks"), place.Kind.Key == "t-slot");
        var wide = tee ? "mouth" : "width";
        // Rungs that are felt both ways have a size each way.
        var rungs = locks == "both" && p.Choice("ladders") == "together" ? LadderRungs.Most : LadderRungs.Fewest;
        // What is locked one way only is the seat of the channel, whichever way that is.
        var across = locks == "height" ? null : LockedSize.Of(new("channel", wide, Surface.OutsideFlat, FitClasses.Pocket(p.Choice("across")),
            p.Number("clearance"), "key width")
        { Words = SeatWords.KeyAcross }, brief, rungs, ledger);
        var (slot, fit, clearance) = locks == "both" ? ("height", "upright", "clearanceHigh") : ("channel", "across", "clearance");
        var upright = locks == "across" ? null : LockedSize.Of(new(slot, "depth", Surface.OutsideFlat, FitClasses.Pocket(p.Choice(fit)), p.Number(clearance),
            "key height")
        { Words = SeatWords.KeyInHeight }, brief, rungs, ledger);
        Quantity Free(string dimension, Quantity free, string key, string name)
        {
            var read = ledger.Add($"channel.{dimension}.measured", place[dimension].Name, Evaluation.Of(place, dimension)!.Quantity, "As read.");
            return ledger.Add(key, name, read - free, "The channel less what stays free.");
        }

        var width = across?.Size.Drawn ?? Free(wide, Chosen("sides", "free at the sides, in all", "It must not rub there."), "wide", "key width");
        var high = upright?.Size.Drawn ?? Free("depth", Chosen("under", "free below", "It must not ride on the floor."), "high", "key below the table");
        var foot = tee && p.Choice("foot") == "foot" ? KeyFoot.Of(place, high, ledger) : null;
        var above = Chosen("above", "key above the table", "What legs and fence bear on.");
        var (fixings, screw) = Fixed(brief, above, high, ledger);
        return new()
        {
            Across = across,
            Upright = upright,
            Width = width,
            High = high,
            ChannelWidth = across?.Size.Counterpart ?? ledger[$"channel.{wide}.measured"],
            Depth = upright?.Size.Counterpart ?? ledger["channel.depth.measured"],
            Above = above,
            Length = Chosen("length", "length", "Along the channel."),
            Legs = Chosen("legs", "legs", "To each side, on the table."),
            Notch = Chosen("notch", "notch", "To pull it out by."),
            LegsIn = Chosen("legsIn", "legs from the ends", "Where they stand along the key."),
            Foot = foot,
            Lip = tee ? Evaluation.Of(place, "lip")!.Quantity.Value : null,
            Chamber = tee ? Evaluation.Of(place, "chamber")!.Quantity.Value : null,
            LaddersApart = p.Choice("ladders") == "apart",
            Fixings = fixings,
            Screw = screw,
        };
    }

    /// <summary>Cap screws from below, their heads sunk into the key; or screws through the fence into nuts in its underside.</summary>
    private static (IReadOnlyList<KeyFixing> Fixings, ScrewLength? Screw) Fixed(Brief brief, Quantity above, Quantity high, Ledger ledger)
    {
        var (p, size) = (brief.Parameters, brief.Parameters.Choice("screw"));
        var (scope, lie) = (PartBodies.Scope(brief, ledger, "screw", "screw"), p.Choice("wayUp") == "side" ? HoleLie.Teardrop : HoleLie.Upright);
        var thick = above.Value + Math.Max(0.5, high.Value);
        if (p.Choice("fixing") == "none")
        {
            return ([], null);
        }

        var fence = ledger.Add("fence", "fence", Quantity.Chosen("fence", p.Number("fence")!.Value, Unit.Millimetre), "The screws hold in it, or pass it.");
        if (p.Choice("fixing") == "screws")
        {
            var joint = ScrewHole.Counterbored(scope, size, thick, lie);
            var diameters = Quantity.RuleOfThumb("diameters of thread in the fence", 1.5, Unit.None,
                "In an insert or in metal; common practice, no published source.");
            return ([new("screw", joint, FromBelow: true)], ScrewLength.Of(scope, (size, "cap", $"{Hardware.Name(size)} cap screw"),
                [above + high - ledger["screw.counterbore.depth"]], diameters * Hardware.Diameter(size), fence, brief.Drawer));
        }

        var nut = NutPocket.FromEnd(PartBodies.Scope(brief, ledger, "nut", "nut"), size, Sunk);
        var plastic = above + high - ledger["nut.pocket.depth"];
        return ([new("screw", ScrewHole.Passing(scope, size, "medium", thick, lie), FromBelow: false), new("nut", nut, FromBelow: true)],
            ScrewLength.Of(scope, (size, "pan", $"{Hardware.Name(size)} pan head"), [fence, .. Hardware.UnderHead(p, size), plastic],
                NutPocket.Height(scope, size), ledger["nut.pocket.depth"], brief.Drawer));
    }

    /// <summary>Of a nut below the key's underside, mm.</summary>
    private const double Sunk = 0.4;
}
