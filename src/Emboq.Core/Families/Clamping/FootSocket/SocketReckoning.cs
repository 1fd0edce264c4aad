using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.FootSocket;

/// <summary>The figures of a socket for a foot. The board is z = 0, the foot slides out towards +y, ears with screws stand to both sides.</summary>
internal sealed record SocketReckoning
{
    public required Fitted Across { get; init; }

    /// <summary>The foot as read, and the hollow it sweeps, about the middle of the foot.</summary>
    public required Profile Foot { get; init; }

    public required Profile Hollow { get; init; }

    /// <summary>Room over the foot's rim for it to pass below; <c>null</c> where there is no lip.</summary>
    public required Profile? Mouth { get; init; }

    public required Quantity Wall { get; init; }

    /// <summary>Under the foot: what it is lifted by.</summary>
    public required Given.Size Lift { get; init; }

    /// <summary>Thickness of the ears, and of the plate that joins them.</summary>
    public required Quantity Plate { get; init; }

    /// <summary>How much of the foot stands in the socket.</summary>
    public required Quantity Hold { get; init; }

    /// <summary>From the board to the under side of the lip, and how far it reaches over the foot; <c>null</c> where there is none.</summary>
    public required (double Under, Quantity Over)? Lip { get; init; }

    /// <summary>Of the foot, where it was measured.</summary>
    public required double? Tall { get; init; }

    public required Joint Ear { get; init; }

    public required string ScrewSize { get; init; }

    public required ScrewLength Screw { get; init; }

    public required Quantity ScrewBears { get; init; }

    public required Func<double, double, PatternHole> Pilot { get; init; }

    public required IReadOnlyList<Point2> Screws { get; init; }

    public required Footing Footing { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required WayUp Way { get; init; }

    public bool OnBack => Way.Key == "back";

    /// <summary>Under the foot as drawn.</summary>
    public required double Floor { get; init; }

    public double Front => Foot.Box.Greatest.Y;

    public double Back => Hollow.Box.Least.Y - Wall.Value;

    /// <summary>Half of the socket without its ears, mm.</summary>
    public double HalfBox => (Hollow.Across / 2) + Wall.Value;

    public double HalfWide => HalfBox + EarWide;

    public double EarWide => 2 * (Ear.Reach + 0.5);

    public double Long => Front - Back;

    /// <summary>Lip and all.</summary>
    public double Top => Lip is { } lip ? lip.Under + LipThick : Floor + Hold.Value;

    /// <summary>The lip is as thick as the wall it grows from.</summary>
    public double LipThick => Wall.Value;

    /// <summary>Where a wall is clamped: it rises out of the plate.</summary>
    public double Free => Math.Max(0.1, Floor + Hold.Value - Plate.Value);

    /// <summary>What a push takes of a wall: pressed evenly over all that stands free of the plate, a share.</summary>
    /// <param name="wall">Thickness, mm.</param>
    public double? WallUsed(double wall) => Material is not { } m ? null : Footing.Side.Value * Free / 2 / (Long * wall * wall / 6)
        / ((OnBack ? m.Along.Value : m.Across.Value) / PrintedMaterial.Safety);

    public static SocketReckoning? Of(Brief brief, Ledger ledger)
    {
        var (p, foot) = (brief.Parameters, brief.Interfaces["foot"]);
        if (FootSection.Of(foot, p.Choice("out") == "lower") is not { } section)
        {
            return null;
        }

        var way = FootSocketFamily.Way.Read(p, ledger);
        var lie = way.Key == "back" ? HoleLie.Teardrop : HoleLie.Upright;
        var across = Fitted.Reckon(new("foot", FootSection.Across(foot), Surface.Pocket, FitClasses.Pocket(p.Choice("across")),
            p.Number("clearance"), "socket")
        { Words = SeatWords.Socket }, foot, brief.Fits, brief.Tries, ledger);
        if (Outlines.Moved(section, (across.Drawn.Value - section.Across) / 2) is not { } grown)
        {
            return null;
        }

        var (plate, hold, wall) = (FootSocketFamily.Plate.Read(p, ledger), FootSocketFamily.Hold.Read(p, ledger), FootSocketFamily.Wall.Read(p, ledger));
        var floor = ledger.Add("floor", "floor under the foot", Quantity.Chosen("floor under the foot", p.Number("floor")!.Value, Unit.Millimetre),
            "What the foot stands on; nothing leaves the board bare.");
        var tall = Evaluation.Of(foot, FootSection.Height(foot))?.Quantity.Value;
        var over = p.Number("lip") is { } reach && tall is not null ? ledger.Add("lip", "lip over the foot", Quantity.Chosen("lip over the foot", reach,
            Unit.Millimetre), "Over its rim, all around but where it goes out.") : null;
        var scope = PartBodies.Scope(brief, ledger, "ear", "ear");
        var size = p.Choice("woodScrew");
        var joint = ScrewHole.CountersunkWood(scope, size, plate.Value, lie);
        var screw = ScrewLength.IntoWood(scope, size, "countersunk", [plate], Kit.Specs.BoardOf(p, ledger), brief.Drawer);
        var (front, back) = (section.Box.Greatest.Y, grown.Box.Least.Y - wall.Value);
        var x = (grown.Across / 2) + wall.Value + joint.Reach + 0.5;
        var apart = (front - back) / 4;
        double[] along = p.Choice("screws") == "4" ? [((front + back) / 2) - apart, ((front + back) / 2) + apart] : [(front + back) / 2];
        return new()
        {
            Across = across,
            Foot = section,
            Hollow = FootSection.Swept(grown, front + 1),
            Mouth = over is null ? null : Outlines.Moved(section, -over.Value) is { } inner ? FootSection.Swept(inner, front + 1) : null,
            Wall = wall,
            Lift = Lifted(brief, floor, ledger),
            Floor = floor.Value,
            Plate = plate,
            Hold = hold,
            Lip = over is null ? null : (floor.Value + tall!.Value + LipRoom, over),
            Tall = tall,
            Ear = joint,
            ScrewSize = size,
            Screw = screw,
            ScrewBears = WoodScrew.Bears(size, screw.InThread, ledger),
            Pilot = Hardware.PilotHole(scope, size, screw, "board"),
            Screws = [.. new[] { -x, x }.SelectMany(side => along.Select(y => new Point2(side, y)))],
            Footing = Footing.Of(brief, ledger),
            Material = PrintedMaterial.Of(brief.Process),
            Way = way,
        };
    }

    /// <summary>Between the foot and the lip above it, mm.</summary>
    private const double LipRoom = 0.3;

    /// <summary>What the foot is lifted by: the floor as it came out, once it was measured.</summary>
    private static Given.Size Lifted(Brief brief, Quantity floor, Ledger ledger)
    {
        if (brief.Interfaces.GetValueOrDefault("printed") is { } place && Evaluation.Of(place, "thickness") is { } read)
        {
            return new("lift", ledger.Add("lift", "height it lifts the foot", read.Quantity, "As the printed floor was read."), null);
        }

        var squeezed = Quantity.Input("first layer", 0, Unit.Millimetre, new Provenance.RuleOfThumb(
            "A first layer that is pressed on more or less makes a floor a tenth thinner or thicker; common practice, no published source."),
            (new Source("first layer", "how hard the first layer is pressed on", 0.1), 1));
        return new("lift", ledger.Add("lift", "height it lifts the foot", floor + squeezed, "The floor as drawn, until the printed one is read."),
            "the socket printed, and its floor measured");
    }
}
