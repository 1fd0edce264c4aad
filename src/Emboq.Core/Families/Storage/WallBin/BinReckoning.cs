namespace Emboq.Core.Families.Storage.WallBin;

/// <summary>The sizes of a bin. x runs along the wall from its middle, y away from the wall, z up from the underside.</summary>
internal sealed record BinReckoning
{
    public required Fitted Width { get; init; }

    public required Quantity Depth { get; init; }

    public required Quantity DepthRealised { get; init; }

    public required Quantity Wall { get; init; }

    public required Quantity Floor { get; init; }

    public required Quantity Back { get; init; }

    public required Quantity Front { get; init; }

    public required Quantity Item { get; init; }

    public required Quantity OuterWidth { get; init; }

    public required Quantity OuterDepth { get; init; }

    public required Joint? Hole { get; init; }

    /// <summary>Which screw reaches into the wall.</summary>
    public required ScrewLength? Screw { get; init; }

    /// <summary>The hole to drill behind it, at a place.</summary>
    public required Func<double, double, PatternHole>? Pilot { get; init; }

    public required Quantity? Rail { get; init; }

    public required bool Stacks { get; init; }

    public required Quantity InARow { get; init; }

    /// <summary>What its front shows; <c>null</c> of a plain one.</summary>
    public required BinFront? Label { get; init; }

    /// <summary>Height of a frame between two bins; <c>null</c> where there is none, or none is needed.</summary>
    public required Quantity? Spacer { get; init; }

    /// <summary>Newtons, when a load is known.</summary>
    public required BinLoad? Load { get; init; }

    public static BinReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces["item"]);
        var line = Quantity.Chosen("line width", brief.Process.LineWidth, Unit.Millimetre, brief.Process.Name);
        var wall = ledger.Add("wall", "wall", Quantity.Chosen("wall asked for", p.Number("wall")!.Value, Unit.Millimetre).RoundedUpTo(line),
            "A wall of whole lines has no voids.");
        var floor = ledger.Add("floor", "floor", Quantity.Chosen("floor", p.Number("floor")!.Value, Unit.Millimetre), "Under the box.");
        var width = Fitted.Reckon(new("item", "width", Surface.Pocket, FitClasses.Pocket(p.Choice("fit")), p.Number("clearance"),
            "pocket width")
        { Words = SeatWords.Pocket }, place,
            brief.Fits, brief.Tries, ledger);
        var (_, depth, realised) = width.Across("depth", "pocket depth", ledger);
        var item = ledger.Add("item.height.measured", place["height"].Name, Evaluation.Of(place, "height")!.Quantity, "As read.");
        var grasp = Quantity.RuleOfThumb("left to grasp", 20, Unit.Millimetre, "Two fingers and a thumb want 20 mm of a box.");
        var back = ledger.Add("back", "height of the back", p.Number("back") is { } b ? Quantity.Chosen("height of the back", b, Unit.Millimetre)
            : Quantity.Max(item - grasp, Quantity.RuleOfThumb("least back", 15, Unit.Millimetre, "A box tips out of less.")) + floor,
                "Lower than the box, so that it can be grasped.");
        var front = ledger.Add("front", "height of the front", p.Number("front") is { } f
            ? Quantity.Min(Quantity.Chosen("height of the front", f, Unit.Millimetre), back) : back / 2, "Lower still: the hand comes from there.");
        var outerWidth = ledger.Add("outer.width", "width over all", width.Drawn + (2 * wall), "Pocket and two walls.");
        var outerDepth = ledger.Add("outer.depth", "depth over all", depth + (2 * wall), "Pocket, back and front.");
        var (scope, screwed, size) = (PartBodies.Scope(brief, ledger, "screw", "screw"), p.Choice("mount") == "screws", p.Choice("woodScrew"));
        // Standing on its floor, its screw holes lie while they print.
        var lie = p.Choice("wayUp") == "floor" ? HoleLie.Teardrop : HoleLie.Upright;
        var hole = screwed ? ScrewHole.CountersunkWood(scope, size, wall.Value, lie) : null;
        var strip = ledger.Add("strip", "wall strip", Quantity.Chosen("wall strip", p.Number("strip")!.Value, Unit.Millimetre), "How long the wall is.");
        // Neighbours stand a millimetre apart.
        var count = Math.Floor((strip.Value + 1) / (outerWidth.Value + 1));
        var screw = screwed ? ScrewLength.IntoWood(scope, size, "countersunk", [wall], Kit.Specs.BoardOf(p, ledger), brief.Drawer) : null;
        var over = item + floor - back;
        var spacer = p.Choice("stack") == "lip" && p.Choice("spacer") == "frame" && over.Value > 0
            ? ledger.Add("spacer", "spacer for the stack", over + Quantity.RuleOfThumb("free over the box", 2, Unit.Millimetre,
                "The next bin must not stand on it."),
                "What stands over the back, and a little more.") : null;
        var rail = p.Choice("mount") == "rail" ? ledger.Add("rail", "rail thickness",
            Quantity.Chosen("rail thickness", p.Number("rail")!.Value, Unit.Millimetre), "Of the strip on the wall.") : null;
        return new()
        {
            Width = width,
            Depth = depth,
            DepthRealised = realised,
            Wall = wall,
            Floor = floor,
            Back = back,
            Front = front,
            Item = item,
            OuterWidth = outerWidth,
            OuterDepth = outerDepth,
            Hole = hole,
            Screw = screw,
            Pilot = screw is null ? null : Hardware.PilotHole(scope, size, screw, "wood behind it"),
            Rail = rail,
            Stacks = p.Choice("stack") == "lip",
            Label = BinFront.Of(brief, outerWidth, front, ledger),
            Spacer = spacer,
            InARow = ledger.Add("row", "bins along the strip", Quantity.Chosen("bins along the strip", count, Unit.None,
                "whole ones, a millimetre apart"), "How many fit."),
            Load = BinLoad.Of(brief, outerDepth, wall, floor, front, width.Drawn, BinShape.HeldAt(back.Value, rail?.Value), ledger),
        };
    }
}
