using Emboq.Core.Measuring.Kinds;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.TubeSaddle;

/// <summary>The figures of a saddle over a tube. The tube runs along y through the origin, screws come down from the flat crown through the tube and the air
/// below it into a board.</summary>
internal sealed record SaddleReckoning
{
    public required Fitted Bore { get; init; }

    public required Quantity Wall { get; init; }

    public required Quantity Crown { get; init; }

    public required Quantity Length { get; init; }

    /// <summary>Lower edge of the sides over the tube's middle, mm: nothing for half of the tube.</summary>
    public required double Low { get; init; }

    /// <summary>From the tube to the board, once all feet stand.</summary>
    public required Quantity Air { get; init; }

    /// <summary>How much thinner the rubber feet become.</summary>
    public required Quantity Give { get; init; }

    /// <summary>What stands below the tube: nothing but air, or a block.</summary>
    public required bool Block { get; init; }

    /// <summary>By what the sockets of the other row lift their feet, and whether the feet here stand on pads as high.</summary>
    public required (Quantity By, bool Pads)? Lift { get; init; }

    /// <summary>From row to row, mm.</summary>
    public required double Between { get; init; }

    /// <summary>Of a pad, mm.</summary>
    public required double Pad { get; init; }

    public required Joint Screw { get; init; }

    /// <summary>Through a block below, which is printed on its end; <c>null</c> where there is none, or no room for one.</summary>
    public required Joint? BlockScrew { get; init; }

    public required string Size { get; init; }

    public required ScrewLength Takes { get; init; }

    public required Quantity Bears { get; init; }

    public required Func<double, double, PatternHole> Pilot { get; init; }

    /// <summary>Places of the screws along the tube, mm.</summary>
    public required IReadOnlyList<double> At { get; init; }

    /// <summary>Across a hole of the tube, where it was measured.</summary>
    public required Quantity? Hole { get; init; }

    public required Footing Footing { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required WayUp Way { get; init; }

    /// <summary>A thinner one is none, mm.</summary>
    private const double LeastBlock = 0.5;

    /// <summary>Share of the tube's radius that a block below it is hollowed by.</summary>
    private const double Cradle = 0.4;

    /// <summary>A block below with its cradle, mm.</summary>
    public double BlockHigh => Air.Value + (Cradle * Radius);

    public double Radius => Bore.Drawn.Value / 2;

    public double HalfWide => Radius + Wall.Value;

    public double Top => Radius + Crown.Value;

    /// <summary>Cut off the upper edges: as much as the wall and the heads leave.</summary>
    public double Chamfer => Math.Max(0, Math.Min(HalfWide + Top - (Math.Sqrt(2) * (Radius + Math.Min(Wall.Value, Crown.Value))),
        Math.Min(HalfWide - Screw.Reach - 0.5, Top - Math.Max(Low, 0) - 2)));

    public double Board => -(Bore.Counterpart.Value / 2) - Air.Value;

    /// <summary>A wood screw's core is about 0.7 of its outside.</summary>
    public double Core => 0.7 * Hardware.Of("wood-screws", Size, "diameter", "diameter").Value;

    /// <summary>Bending of one screw that is clamped in the board and in the tube and pushed aside between, MPa.</summary>
    public double Bends => 32 * Footing.Side.Value / At.Count * Air.Value / 2 / (Math.PI * Math.Pow(Core, 3));

    public static SaddleReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, tube) = (brief.Parameters, brief.Interfaces["tube"]);
        var way = TubeSaddleFamily.Way.Read(p, ledger);
        var end = way.Key == "end";
        var bore = Fitted.Reckon(new("tube", Across(tube), end ? Surface.HoleUpright : Surface.HoleLying, FitClasses.Of(p.Choice("across")),
            p.Number("clearance"), "hollow")
        { Words = SeatWords.Saddle }, tube, brief.Fits, brief.Tries, ledger);
        var (wall, crown, length) = (TubeSaddleFamily.Wall.Read(p, ledger), TubeSaddleFamily.Crown.Read(p, ledger), TubeSaddleFamily.Length.Read(p, ledger));
        var wrap = ledger.Add("wrap", "reach around the tube", Quantity.Chosen("reach around the tube", p.Number("wrap")!.Value, Unit.DegreeOfArc),
            "Half of the tube is 180 degrees: more would not go down over it.");
        var give = ledger.Add("give", "rubber gives", Quantity.Chosen("rubber gives", p.Number("give")!.Value, Unit.Millimetre),
            "How much thinner the feet become when the screws are drawn.");
        var (block, pads) = (p.Choice("under") == "block", p.Choice("feet") == "pads");
        var lift = brief.Taken.GetValueOrDefault("lift")?.Thing is Given.Size size
            ? ledger.Add("lift", "lifted by", size.Value, "As the sockets lift the other row.")
            : null;
        var seen = ledger.Add("air.measured", "air under the tube", brief.Interfaces.GetValueOrDefault("gap") is { } read
            ? Evaluation.Of(read, "width")!.Quantity : Quantity.Input("air under the tube", p.Number("air")!.Value, Unit.Millimetre,
                new Provenance.Chosen("the maker"), (new Source("air by a drill", "how well a drill that just passes tells the air", 0.25), 1)),
            "From board to tube while its feet stand on the board.");
        var air = ledger.Add("air", "air that the screws cross", (lift is not null && pads ? seen + lift : seen) - give,
            "As it is once the feet stand as they will, and their rubber has given.");
        var (scope, screw) = (PartBodies.Scope(brief, ledger, "screw", "screw"), p.Choice("woodScrew"));
        var takes = ScrewLength.IntoWood(scope, screw, "countersunk", [crown, bore.Counterpart, air], Kit.Specs.BoardOf(p, ledger), brief.Drawer);
        return new()
        {
            Bore = bore,
            Wall = wall,
            Crown = crown,
            Length = length,
            Low = bore.Drawn.Value / 2 * Math.Cos(wrap.Value * Math.PI / 360),
            Air = air,
            Give = give,
            Block = block,
            Lift = lift is null ? null : (lift, pads),
            Between = p.Number("between")!.Value,
            Pad = p.Number("pad")!.Value,
            Screw = ScrewHole.CountersunkWood(scope, screw, crown.Value, end ? HoleLie.Teardrop : HoleLie.Upright),
            BlockScrew = block && air.Value > LeastBlock ? ScrewHole.PassingWood(scope with
            {
                Fits = brief.FitsOf("block"),
                Key = "block.screw",
                Name = "block's screw"
            }, screw,
                air.Value + (Cradle * bore.Drawn.Value / 2), HoleLie.Teardrop) : null,
            Size = screw,
            Takes = takes,
            Bears = WoodScrew.Bears(screw, takes.InThread, ledger),
            Pilot = Hardware.PilotHole(scope, screw, takes, "board"),
            At = Places(brief, ledger),
            Hole = brief.Interfaces.GetValueOrDefault("holes") is { } holes ? ledger.Add("hole", "hole of the tube", Evaluation.Of(holes, "diameter")!.Quantity,
                "The screws pass it.") : null,
            Footing = Footing.Of(brief, ledger),
            Material = PrintedMaterial.Of(brief.Process),
            Way = way,
        };
    }

    /// <summary>Key of the dimension that a tube is measured across by.</summary>
    public static string Across(Interface tube) => tube.Kind.Key == "tube" ? "outside" : "diameter";

    /// <summary>The tube's own holes about the middle of their row, or two of a spacing.</summary>
    private static IReadOnlyList<double> Places(Brief brief, Ledger ledger)
    {
        if (brief.Interfaces.GetValueOrDefault("holes") is not { } row)
        {
            var spacing = ledger.Add("spacing", "holes apart", Quantity.Chosen("holes apart", brief.Parameters.Number("spacing")!.Value, Unit.Millimetre),
                "Along the tube, from middle to middle.");
            return brief.Parameters.Choice("screws") == "1" ? [0] : [-spacing.Value / 2, spacing.Value / 2];
        }

        var places = HoleRowKind.Positions(new(row));
        return [.. places.Select(x => x - ((places[0] + places[^1]) / 2))];
    }
}
