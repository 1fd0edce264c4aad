using Emboq.Core.Families.Turning.Spindle;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.VacuumChuck;

/// <summary>The figures of a vacuum chuck. Its axis is z; the face on the spindle's shoulder is z = 0, and its cup opens upwards.</summary>
internal sealed record ChuckReckoning
{
    /// <summary>Between the work's end and the cup, mm.</summary>
    public const double Free = 3;

    public required SpindleSocket Socket { get; init; }

    public required TurnedWork Turns { get; init; }

    public required TurnedSeat Seat { get; init; }

    /// <summary>Of the band that seals, along the face.</summary>
    public required Quantity Land { get; init; }

    public required Quantity Wall { get; init; }

    public required Quantity Rim { get; init; }

    public required Quantity Airway { get; init; }

    /// <summary>Diameter of a cord in a groove, mm; nothing with foam on the land.</summary>
    public required double Cord { get; init; }

    /// <summary>What is sealed, across.</summary>
    public required Quantity Sealed { get; init; }

    /// <summary>What the air presses the work on with, N.</summary>
    public required Quantity Holds { get; init; }

    /// <summary>Pressure difference with the work on, MPa.</summary>
    public required Quantity Difference { get; init; }

    public required Quantity Grip { get; init; }

    /// <summary>What a light cut pushes with, N.</summary>
    public required Quantity Cut { get; init; }

    /// <summary>Whether the tailstock is up.</summary>
    public required bool Tailstock { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required WayUp Way { get; init; }

    private double Turn => Seat.Slope * Math.PI / 180;

    public double Sin => Math.Sin(Turn);

    public double Cos => Seat.Slope > 89 ? 0 : Math.Cos(Turn);

    /// <summary>Inner and outer edge of the land, radius in mm.</summary>
    public (double Inner, double Outer) Edges => (Seat.Radius - (Land.Value / 2 * Sin), Seat.Radius + (Land.Value / 2 * Sin));

    public double Hub => (Socket.Thread.Drawn.Value / 2) + Wall.Value;

    public double Outside => Math.Max(Hub, Edges.Outer + Rim.Value);

    /// <summary>Radius in which the funnel of the air begins, within the thread, mm.</summary>
    public double Funnel => (Socket.Minor.Value / 2) - 0.3;

    /// <summary>Floor of the cup, mm: over the funnel, and where its outside has come out as wide as its rim.</summary>
    public double Floor => Socket.Depth + Math.Max(Math.Max(0, Funnel - (Airway.Value / 2)) + 2, Outside - Hub);

    /// <summary>Height of the land's inner edge, mm.</summary>
    public double Lands => Floor + Free + Math.Max(0, Seat.Deep - (Land.Value / 2 * Cos));

    public double High => Lands + (Land.Value * Cos);

    public double GrooveDeep => 0.7 * Cord;

    public bool Built => Socket.Built(Hub)
        && Edges.Inner > (Airway.Value / 2) + 0.5
        && Airway.Value / 2 < Funnel && Seat.Slope >= TurnedSeat.Steepest;

    /// <summary>Reckons it; <c>null</c> where the work has no such seat.</summary>
    public static ChuckReckoning? Of(Brief brief, Ledger ledger)
    {
        var (p, work) = (brief.Parameters, new Sizes(brief.Interfaces["turned"]));
        var land = VacuumChuckFamily.Land.Read(p, ledger);
        if ((p.Number("seatAt") is { } wanted ? TurnedSeat.At(work, wanted) : TurnedSeat.Widest(work, land.Value)) is not { } seat)
        {
            return null;
        }

        var half = Measuring.Kinds.TurnedKind.Half(work);
        var (way, socket) = (VacuumChuckFamily.Way.Read(p, ledger), SpindleSocket.Of(brief, ledger));
        Quantity Length(string name, double value) => Quantity.Chosen(name, value, Unit.Millimetre, "the work's profile, as read");
        var at = ledger.Add("seatAt", "seat, across", Length("seat, across", 2 * seat.Radius), "Where the work rests on its land.");
        ledger.Add("seat.slope", "slope of the seat", Quantity.Chosen("slope of the seat", seat.Slope, Unit.DegreeOfArc, "the work's profile, as read"),
            "Against the axis; square to it is 90°.");
        var cord = p.Choice("seal") == "cord" ? p.Number("cord")!.Value : 0;
        var across = ledger.Add("sealed", "sealed, across", cord > 0 ? at : at - (Math.Sin(seat.Slope * Math.PI / 180) * land),
            cord > 0 ? "To the middle of the cord." : "To the inner edge of the foam: what lies under it may leak.");
        var air = ledger.Add("air", "pressure of the air", Quantity.Input("pressure of the air", Atmosphere(p.Number("altitude")!.Value), new(Mm: -2,
            Newton: 1),
            new Provenance.Standard("ISO 2533", "standard atmosphere"), (new Source("weather", "the weather", 0.002), 1)),
                "At this height; the weather moves it.");
        var difference = ledger.Add("difference", "pressure difference", p.Number("gauge") is { } read
            ? Quantity.Input("reading of the gauge", read / 1000, new(Mm: -2, Newton: 1), new Provenance.Chosen("the maker"),
                (new Source("gauge", "the vacuum gauge", 0.002), 1))
            : air * Quantity.Chosen("share that the pump reaches", p.Number("pump")!.Value / 100, Unit.None) * Quantity.RuleOfThumb("left of it after leaks",
                0.7,
                Unit.None, "Printed walls, seal and joints leak: three tenths are lost, or more; common practice, no published source."),
            p.Number("gauge") is null ? "Reckoned, until the gauge is read with the work on." : "As read, with the work on.");
        var (whole, far) = (Length("work, across", 2 * half.Max(h => h.Y)), Length("work, out from its seat", Math.Max(1, half[^1].X - seat.Deep)));
        return new()
        {
            Socket = socket,
            Turns = TurnedWork.Of(brief, ledger, (whole, far, Evaluation.Of(brief.Interfaces["turned"], "mass")?.Quantity)),
            Seat = seat,
            Land = land,
            Wall = VacuumChuckFamily.Wall.Read(p, ledger),
            Rim = VacuumChuckFamily.Rim.Read(p, ledger),
            Airway = VacuumChuckFamily.Airway.Read(p, ledger),
            Cord = cord,
            Sealed = across,
            Difference = difference,
            Holds = ledger.Add("holds", "force of the air", difference * ((Math.PI / 4) * Quantity.Square(across)),
                "Pressure difference times what is sealed."),
            Grip = Quantity.Chosen("grip of the seal", p.Number("grip")!.Value, Unit.None),
            Cut = ledger.Add("cut", "push of a light cut", Quantity.Chosen("push of a light cut", p.Number("cut")!.Value, new(Newton: 1)),
                "A sharp tool, a thin shaving."),
            Tailstock = p.Choice("tailstock") == "up",
            Material = PrintedMaterial.Of(brief.Process),
            Way = way,
        };
    }

    /// <summary>Pressure of the air at a height, MPa: 101.325 kPa (1 − 2.25577·10⁻⁵ h)^5.25588 (ISO 2533).</summary>
    /// <param name="height">Over the sea, m.</param>
    public static double Atmosphere(double height) => 0.101325 * Math.Pow(1 - (2.25577e-5 * height), 5.25588);
}
