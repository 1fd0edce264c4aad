using Emboq.Core.Families.Turning.Spindle;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.Faceplate;

/// <summary>The figures of a faceplate. Its axis is z; the face that the work lies on is z = 0, and the hub rises behind it to the spindle's
/// shoulder.</summary>
internal sealed record PlateReckoning
{
    /// <summary>Contraction across a pull; between rib and rim, mm.</summary>
    public const double Poisson = 0.36, RibEnds = 2;

    public required SpindleSocket Socket { get; init; }

    public required TurnedWork Turns { get; init; }

    public required Quantity Across { get; init; }

    public required Quantity Plate { get; init; }

    public required Quantity Wall { get; init; }

    /// <summary>In front of the spindle's end.</summary>
    public required Quantity Floor { get; init; }

    /// <summary>Hole through the middle, mm; nothing where it is closed.</summary>
    public required double Through { get; init; }

    public required int Count { get; init; }

    /// <summary>Through the middles of the screws.</summary>
    public required Quantity Circle { get; init; }

    public required Joint Screw { get; init; }

    public required ScrewLength Takes { get; init; }

    public required Quantity Bears { get; init; }

    /// <summary>Thickness of a rib, mm; nothing without.</summary>
    public required Quantity Rib { get; init; }

    /// <summary>Diameter of a block that the work is glued to, mm; nothing where the screws hold the work itself.</summary>
    public required Quantity? Glued { get; init; }

    public required PrintedMaterial? Material { get; init; }

    /// <summary>Share of the hub's wall, and of the plate, that is plastic as it is printed.</summary>
    public required (double Hub, double Plate) Solid { get; init; }

    public required WayUp Way { get; init; }

    public bool Ribbed => Rib.Value > 0;

    public double Hub => (Socket.Thread.Drawn.Value / 2) + Wall.Value;

    /// <summary>From the work's face to the spindle's shoulder, mm.</summary>
    public double High => Math.Max(Socket.Depth + Floor.Value, Plate.Value + 2);

    public double Radius => Across.Value / 2;

    /// <summary>How far ribs reach from the hub, mm.</summary>
    public double RibReach => Math.Max(0, Radius - RibEnds - Hub);

    /// <summary>How far they rise over the plate, mm.</summary>
    public double RibRise => Math.Min(High - Plate.Value, RibReach * 1.2) * 0.95;

    /// <summary>Whether there is a plate at all.</summary>
    public bool Built => Socket.Built(Hub) && Radius > Hub + 1 && Through < Socket.Minor.Value - 1
        && Circle.Value / 2 > Hub && Circle.Value < Across.Value;

    public static PlateReckoning Of(Brief brief, Ledger ledger)
    {
        var p = brief.Parameters;
        var (way, socket) = (FaceplateFamily.Way.Read(p, ledger), SpindleSocket.Of(brief, ledger));
        var (across, plate) = (FaceplateFamily.Across.Read(p, ledger), FaceplateFamily.Plate.Read(p, ledger));
        var circle = ledger.Add("circle", "circle of the screws", p.Number("circle") is { } given ? Quantity.Chosen("circle of the screws", given,
            Unit.Millimetre) : Quantity.RuleOfThumb("share of the plate", 0.78, Unit.None, "Far out, where they hold best.") * across,
            "Through their middles.");
        var size = p.Choice("woodScrew");
        var scope = PartBodies.Scope(brief, ledger, "screw", "screw");
        var takes = ScrewLength.IntoWood(scope, size, "countersunk", [plate], Quantity.Chosen("wood behind the screws", p.Number("wood")!.Value,
            Unit.Millimetre), brief.Drawer);
        var (settings, wall) = (brief.Process.Settings, FaceplateFamily.Wall.Read(p, ledger));
        return new()
        {
            Socket = socket,
            Turns = TurnedWork.Of(brief, ledger),
            Across = across,
            Plate = plate,
            Wall = wall,
            Floor = FaceplateFamily.Floor.Read(p, ledger),
            Through = p.Number("through") ?? 0,
            Count = int.Parse(p.Choice("screws"), System.Globalization.CultureInfo.InvariantCulture),
            Circle = circle,
            Screw = ScrewHole.CountersunkWood(scope, size, plate.Value),
            Takes = takes,
            Bears = WoodScrew.Bears(size, takes.InThread, ledger, endGrain: p.Choice("grain") == "end"),
            Rib = p.Choice("ribs") == "none" ? Quantity.Chosen("no ribs", 0, Unit.Millimetre) : ledger.Add("rib", "rib thickness",
                Quantity.Chosen("lines of a rib", p.Number("ribLines")!.Value, Unit.None)
                    * Quantity.Chosen("line width", brief.Process.LineWidth, Unit.Millimetre, brief.Process.Name), "Whole lines, between the screws."),
            Glued = p.Choice("held") == "glued" ? ledger.Add("glued", "glued face, across", Quantity.Chosen("glued face", p.Number("glued")!.Value,
                Unit.Millimetre), "Of the block that the screws hold.") : null,
            Material = PrintedMaterial.Of(brief.Process),
            Way = way,
            Solid = (FilledSection.Share(2 * settings.Walls * brief.Process.LineWidth, wall.Value, settings.Fill),
                FilledSection.Share(2 * settings.Skins * brief.Process.LayerHeight, plate.Value, settings.Fill)),
        };
    }

    /// <summary>Second moment of the hub with its ribs, so far over the plate, mm⁴, and its farthest fibre, mm. Ribs evenly around count alike in every
    /// direction.</summary>
    public (double Inertia, double Farthest) Section(double over, double hub)
    {
        var inner = Socket.Thread.Drawn.Value / 2;
        var ring = Math.PI / 4 * (Math.Pow(hub, 4) - Math.Pow(inner, 4));
        var reach = Ribbed ? Math.Max(0, Radius - RibEnds - hub) * Math.Max(0, 1 - (over / Math.Max(0.1, RibRise))) : 0;
        var middle = hub + (reach / 2);
        return (ring + (Count / 2.0 * Rib.Value * ((Math.Pow(reach, 3) / 12) + (reach * middle * middle))), hub + reach);
    }

    /// <summary>Greatest stress across the layers of the hub, MPa, by a moment at the plate that its thread takes over evenly towards the shoulder.</summary>
    public double Bends(double moment, double hub)
    {
        const int Steps = 40;
        var behind = High - Plate.Value;
        return Enumerable.Range(0, Steps).Select(i => (double)i / Steps).Max(s => Section(s * behind, hub) is var (inertia, far)
            ? moment * (1 - s) * far / inertia : 0);
    }

    /// <summary>Stress of the plate as it spins, MPa: a disc with a hole is worst at the hole, (3 + ν)/4 ρ ω² (R² + (1 − ν)/(3 + ν) r²) (Timoshenko;
    /// Roark).</summary>
    public double Spins(double density) => Spins(density, Turns.Speed, Radius, Socket.Thread.Drawn.Value / 2);

    /// <summary>Of any disc.</summary>
    /// <param name="density">g/cm³.</param>
    /// <param name="speed">1/min.</param>
    /// <param name="radius">mm.</param>
    /// <param name="hole">Radius of its hole, mm.</param>
    public static double Spins(double density, double speed, double radius, double hole) => (3 + Poisson) / 4 * density * 1e-9
        * Math.Pow(2 * Math.PI * speed / 60, 2) * ((radius * radius) + ((1 - Poisson) / (3 + Poisson) * hole * hole));
}
