namespace Emboq.Core.Families.Drawers.DrillingTemplate;

/// <summary>What the holes of a template are taken from.</summary>
internal enum HolesFrom
{
    /// <summary>The part it serves.</summary>
    Part,

    /// <summary>A measured row of holes.</summary>
    Place,

    /// <summary>A spacing that was given.</summary>
    Spacing,
}

/// <summary>A template lying on a front. x runs along the front from its middle, y up from its top edge, z from the front to the maker.</summary>
internal sealed record TemplateReckoning
{
    /// <summary>Free around the outermost guide, mm.</summary>
    public const double Margin = 8;

    public required IReadOnlyList<PatternHole> Holes { get; init; }

    /// <summary>The holes as this template's drill makes them.</summary>
    public IReadOnlyList<PatternHole> Drilled => [.. Holes.Select(h => h with { Drill = Drill.Value })];

    public required HolesFrom From { get; init; }

    public required Quantity FromTop { get; init; }

    public required Quantity? FrontWidth { get; init; }

    public required Quantity? Centre { get; init; }

    public required Quantity Thickness { get; init; }

    public required Quantity HookThick { get; init; }

    public required Quantity HookDepth { get; init; }

    public required bool SideHook { get; init; }

    /// <summary>One guide; all are alike but for their place.</summary>
    public required Joint Guide { get; init; }

    public required Quantity Drill { get; init; }

    /// <summary>Left and right edge of the plate, mm.</summary>
    public required (double Left, double Right) Sides { get; init; }

    /// <summary>Lower edge of the plate, mm below the top edge of the front.</summary>
    public required double Bottom { get; init; }

    /// <summary>Whether guides are marked with their spacing: there are several.</summary>
    public required bool Marked { get; init; }

    /// <summary>Where a guide stands.</summary>
    public (double X, double Y) At(PatternHole h) => (h.X, h.Y - FromTop.Value);

    public static TemplateReckoning Of(Brief brief, Ledger ledger)
    {
        var p = brief.Parameters;
        var (first, from) = Pattern(brief, ledger);
        IReadOnlyList<PatternHole> more = [.. Further.SelectMany((key, i) => p.Number(key) is { } wide
            ? Pair(ledger.Add($"span{i + 2}", $"spacing {i + 2}", Quantity.Chosen("spacing", wide, Unit.Millimetre), "Chosen by the maker."), first[0]) : [])];
        IReadOnlyList<PatternHole> holes = [.. first, .. more];
        var fromTop = ledger.Add("fromTop", "top edge to the middle of the part",
            Quantity.Chosen("from the top", p.Number("fromTop")!.Value, Unit.Millimetre), "The hook sets it alike on every drawer.");
        var thickness = ledger.Add("thickness", "template thickness", Quantity.Chosen("thickness", p.Number("thickness")!.Value, Unit.Millimetre),
            "It guides the drill: two drill diameters keep it square.");
        var bush = p.Choice("guide") == "bush";
        var drill = ledger.Add("drill", "drill", p.Number("drill") is { } asked ? Quantity.Chosen("drill", asked, Unit.Millimetre)
            : Quantity.Input("drill", holes.Max(h => h.Drill), Unit.Millimetre, new Provenance.Chosen("what the holes are taken from")),
                $"Left open: {first[0].Says}.");
        var scope = new JointScope(ledger, brief.Fits, "guide", "guide");
        var wanted = bush ? Quantity.Chosen("bush, outside", p.Number("bush")!.Value, Unit.Millimetre) + Quantity.RuleOfThumb("bush clearance", 0.05,
            Unit.Millimetre, "A bush is pressed in by hand.")
            : drill + Quantity.RuleOfThumb("drill clearance", 0.1, Unit.Millimetre, "A drill turns in its guide without rubbing.");
        var guide = ScrewHole.Plain(scope, wanted, thickness.Value, p.Choice("wayUp") == "hook" ? HoleLie.Teardrop : HoleLie.Upright);
        var width = p.Number("frontWidth") is { } w ? ledger.Add("front.width", "width of the front",
            Quantity.Chosen("width of the front", w, Unit.Millimetre), "As it was given, to the fraction.") : null;
        var centre = width is null ? null : ledger.Add("front.centre", "edge to centre mark", (width / 2).Named("half the front"),
            Half(p.Length("frontWidth")!));
        var hook = ledger.Add("hook", "hook thickness", Quantity.Chosen("hook thickness", p.Number("hook")!.Value, Unit.Millimetre), "Bears on the edge.");
        var side = p.Choice("hooks") == "two" && width is not null;
        // The wall around a guide is the margin, at the least.
        var around = Math.Max(Margin, guide.Reach);
        var (left, right) = (holes.Min(h => h.X) - around, holes.Max(h => h.X) + around);
        return new()
        {
            Holes = holes,
            From = from,
            FromTop = fromTop,
            FrontWidth = width,
            Centre = centre,
            Thickness = thickness,
            HookThick = hook,
            HookDepth = ledger.Add("hook.depth", "hook depth", Quantity.Chosen("hook depth", p.Number("hookDepth")!.Value, Unit.Millimetre),
                "How far it reaches over the edge."),
            SideHook = side,
            Guide = guide,
            Drill = drill,
            Sides = (side ? Math.Min(left, -width!.Value / 2) : Math.Min(left, -around), Math.Max(right, around)),
            Bottom = holes.Min(h => h.Y) - fromTop.Value - around - (more.Count > 0 ? MarkRoom : 0),
            Marked = more.Count > 0,
        };
    }

    /// <summary>Spacings beside the first.</summary>
    private static readonly string[] Further = ["spacing2", "spacing3"];

    /// <summary>Below the guides, for the number of a spacing, mm.</summary>
    private const double MarkRoom = 6;

    private static IEnumerable<PatternHole> Pair(Quantity spacing, PatternHole like) =>
        new[] { -0.5, 0.5 }.Select(side => like with { X = side * spacing.Value });

    private static (IReadOnlyList<PatternHole> Holes, HolesFrom From) Pattern(Brief brief, Ledger ledger)
    {
        var spaced = Spaced(brief, ledger);
        if (brief.Taken.GetValueOrDefault("pattern") is { Thing: Given.Pattern given } from)
        {
            var drawn = given.Holes.Max(h => h.X) - given.Holes.Min(h => h.X);
            return ([.. given.Holes.Select((h, i) => h with { X = At(h.X, i + 1).Value })], HolesFrom.Part);

            // All else of the pattern stays; the doubt of the spacing goes along.
            Quantity At(double x, int hole) => ledger.Add($"hole{hole}", $"hole {hole} from the centre mark",
                spaced is not null && drawn > 0 ? ((x / drawn) * spaced).Named($"hole {hole}")
                    : Quantity.Input($"hole {hole}", x, Unit.Millimetre, new Provenance.Chosen(from.From)),
                        "Taken from the part itself: one pattern for both.");
        }

        var drill = Hardware.Passing(brief.Parameters.Choice("screw"), "medium").Value;
        if (brief.Interfaces.GetValueOrDefault("holes") is { } row)
        {
            var sizes = new Sizes(row);
            var gaps = Enumerable.Range(0, row.Items.Count).Select(i => sizes[i, "centre"]!).ToList();
            var read = gaps.Aggregate((a, b) => a + b);
            var span = spaced ?? ledger.Add("span", "first to last hole", read, "As measured.");
            var at = -span.Value / 2;
            PatternHole Measured(double x) => new(x, 0, sizes.Or("diameter", drill), HoleUse.Passing, Front);
            return ([Measured(at), .. gaps.Select(g => Measured(at += g.Value * span.Value / read.Value))], HolesFrom.Place);
        }

        var spacing = spaced ?? ledger.Add("span", "first to last hole",
            Quantity.Chosen("hole spacing", brief.Parameters.Number("spacing")!.Value, Unit.Millimetre), "Chosen by the maker.");
        return ([.. Pair(spacing, new(0, 0, drill, HoleUse.Passing, Front))],
            spaced is null ? HolesFrom.Spacing : HolesFrom.Part);
    }

    /// <summary>From the first hole to the last as it turns out on a printed part, where that is taken: it goes before any other spacing.</summary>
    private static Quantity? Spaced(Brief brief, Ledger ledger) => brief.Taken.GetValueOrDefault("spaced") is { Thing: Given.Size size } from
        ? ledger.Add("span", "first to last hole", size.Value, $"As it turns out on {from.From}.") : null;

    /// <summary>What it lies on.</summary>
    private const string Front = "front";

    /// <summary>Half of an entry, exactly: 33 7/8 in is 16 15/16 in.</summary>
    internal static string Half(LengthEntry entry)
    {
        var half = new Rational(entry.Millimetres.Numerator, entry.Millimetres.Denominator * 2);
        return $"Half of {LengthNotation.Print(entry)} is {LengthNotation.Print(entry with { Millimetres = half })}, exactly.";
    }
}
