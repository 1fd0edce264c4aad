namespace Emboq.Core.Joints;

/// <summary>What is built above the roof of a side slot, where the screw's hole goes on.</summary>
internal enum SlotRoof
{
    /// <summary>The roof is bridged as it is.</summary>
    Plain,

    /// <summary>The roof is raised by its droop.</summary>
    Raised,

    /// <summary>One closed layer over the screw's hole, drilled through afterwards.</summary>
    Sacrificial,
}

/// <summary>Pockets that hold a hexagon nut.</summary>
internal static class NutPocket
{
    private static readonly Quantity DropIn = Quantity.RuleOfThumb("room over the flats", 0.4, Unit.Millimetre,
        "A nut of greatest size drops in by hand and does not turn.");

    /// <summary>A hexagon open at the face.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">Of the thread.</param>
    /// <param name="sunk">Of the nut below the face, mm.</param>
    public static Joint FromEnd(JointScope scope, string size, double sunk)
    {
        var flats = Flats(scope, size);
        var deep = scope.Add("pocket.depth", "pocket depth", Height(scope, size) + Quantity.Chosen("sunk", sunk, Unit.Millimetre),
            "The nut and how far it lies below the face.");
        var corner = flats.Value / Math.Sqrt(3);
        return new()
        {
            Cut = new Solid.Extruded(Hexagon(flats.Value), deep.Value + ScrewHole.Over).At(0, 0, -deep.Value),
            Sleeves = [new(corner, -deep.Value, 0, scope.LeastWall)],
            Checks = [Turning(scope, size, flats), .. IsOfSize(scope, size)],
        };
    }

    /// <summary>A slot that a nut is slid into from the side, +x; the screw's axis is z.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">Of the thread.</param>
    /// <param name="below">From the face to the upper side of the slot, mm.</param>
    /// <param name="edge">From the axis to the side it opens to, mm.</param>
    /// <param name="roof">What is done about droop, when the axis stands upright while printing.</param>
    /// <param name="lie">How the axis stands while it is printed.</param>
    public static Joint FromSide(JointScope scope, string size, double below, double edge, SlotRoof roof, HoleLie lie)
    {
        var flats = Flats(scope, size);
        var room = Quantity.RuleOfThumb("room over the height", 0.3, Unit.Millimetre, "A nut slides in without force.");
        var wanted = scope.Drawn("slot", "slot height", Height(scope, size) + room, Surface.Pocket);
        var droop = scope.Add("slot.droop", "droop of the slot's roof", Bridging.Droop(flats),
            "Plastic that hangs across the screw's axis holds the nut askew, or bars it.");
        var high = scope.Add("slot.height", "slot height with its roof", lie == HoleLie.Upright && roof == SlotRoof.Raised ? wanted + droop : wanted,
            roof == SlotRoof.Raised ? "Raised by what hangs down." : "The slot as it is cut.");
        var (half, h) = (flats.Value / 2, high.Value);
        // The hexagon lies with two flats along the slot; its far corner is the slot's end. The face lies above, so the roof of a print that stands on the far
        // side is z = −below.
        var slot = new Solid.Extruded(Hexagon(flats.Value), h).At(0, 0, -below - h)
            + new Solid.Box(edge + ScrewHole.Over, 2 * half, h).At(0, -half, -below - h);
        var lip = new Solid.Box(LipLength, 2 * half, LipHeight).At(edge - 1 - LipLength, -half, -below - h);
        return new Joint
        {
            Cut = slot - lip,
            // The nut's corners, not its flats, come closest to the outside.
            Sleeves = [new(flats.Value / Math.Sqrt(3), -below - h, -below, scope.LeastWall)],
            Checks =
            [
                Turning(scope, size, flats),
                .. IsOfSize(scope, size),
                .. lie == HoleLie.Upright ? [Drooping(scope, Height(scope, size).Value, wanted.Value, droop.Value, roof),
                    Bridging.Of($"{scope.Key}.span", $"roof over the {scope.Name} nut", flats.Value)] : Array.Empty<Check>(),
            ],
        };
    }

    /// <summary>What closes the screw's hole at the roof of a slot for a sacrificial layer, to be added back to the part; <c>null</c> when there is
    /// none.</summary>
    public static Solid? Membrane(JointScope scope, double below, double radius, SlotRoof roof) => roof != SlotRoof.Sacrificial
        ? null
        : new Solid.Cylinder(radius + 0.2, scope.Process.LayerHeight).At(0, 0, -below);

    /// <summary>From the axis to a side that lies past the nut's corners and the lip that keeps it, mm.</summary>
    public static double PastTheLip(JointScope scope, string size) => (Corners(scope, size) / 2) + 0.3 + LipLength + 1;

    /// <summary>Across a nut's corners, mm.</summary>
    public static double Corners(JointScope scope, string size) => scope.OfNut("corners")?.Value ?? scope.OfNut("flats")?.Value / Math.Cos(Math.PI / 6)
        ?? Hardware.Of("nuts", size, "across corners", "corners").Value;

    private const double LipLength = 0.8;

    /// <summary>Keeps a nut from falling out while the screw is brought; a nut rides over it.</summary>
    private const double LipHeight = 0.25;

    /// <summary>Across the flats of a pocket, as drawn.</summary>
    public static Quantity Flats(JointScope scope, string size) =>
        scope.Drawn("flats", "nut pocket over the flats", (scope.OfNut("flats") ?? Hardware.Of("nuts", size, "across flats",
            $"{Hardware.Name(size)} nut, across flats")) + DropIn, Surface.Pocket);

    /// <summary>How high a nut is: the measured one, or as its table has it.</summary>
    public static Quantity Height(JointScope scope, string size) => scope.OfNut("height")
        ?? Hardware.Of("nuts", size, "height", $"{Hardware.Name(size)} nut, height");

    /// <summary>Whether a measured nut is of the thread that was chosen: makers differ by some tenths across the flats.</summary>
    public static IEnumerable<Check> IsOfSize(JointScope scope, string size)
    {
        if (scope.OfNut("flats") is { } read)
        {
            var table = Hardware.Of("nuts", size, "across flats", $"{Hardware.Name(size)} nut, across flats").Value;
            var holds = Math.Abs(read.Value - table) <= 0.12 * table;
            yield return new($"{scope.Key}.nut", "nut as measured", holds ? Verdict.Good : Verdict.Stop, holds
                ? $"It is as wide as nuts of {Hardware.Name(size)} are."
                : $"It measures {Figures.Mm(read.Value)} across its flats: that is no nut of {Hardware.Name(size)}. Choose its size, or measure it again.",
                Figures.Mm(read.Value), $"{Figures.Mm(table)}, give or take {Figures.Mm(0.12 * table)}", "Table of nuts.", []);
        }
    }

    /// <summary>Whether even a small nut cannot turn in a pocket of these flats.</summary>
    public static Check Turning(JointScope scope, string size, Quantity drawn)
    {
        // It turns once the pocket, as wide as it may come out, is wider than a small nut's corners.
        var widest = SizeLaw.Printed(drawn.Fixed(drawn.Name, "this design"), Surface.Pocket, scope.Fits, scope.Name);
        var greatest = widest.Value + (2 * widest.StandardUncertainty);
        var least = scope.OfNut("flats") is { } read ? read.Value - (2 * read.StandardUncertainty)
            : Hardware.Of("nuts", size, "least across flats", "least flats").Value;
        var corners = least / Math.Cos(Math.PI / 6);
        var fits = greatest < corners;
        return new($"{scope.Key}.turns", $"{scope.Name} nut held from turning", fits ? Verdict.Good : Verdict.Watch,
            fits ? "Even a small nut cannot turn in the pocket."
                : "A small nut may turn in the pocket: the doubt of this process is too wide. Try a pocket first.",
            Figures.Mm(greatest), $"less than {Figures.Mm(corners)}, the corners of a small nut", "Plane geometry, k = 2; the least nut of its standard.",
                fits ? [] : [new Remedy.Prove("Print the pocket alone first")]);
    }

    private static Check Drooping(JointScope scope, double nut, double slot, double droop, SlotRoof roof)
    {
        var left = roof == SlotRoof.Raised ? slot : slot - droop;
        var fits = roof != SlotRoof.Plain || left >= nut;
        return new($"{scope.Key}.droop", $"droop over the {scope.Name} nut", fits ? Verdict.Good : Verdict.Watch,
            roof switch
            {
                SlotRoof.Raised => "The roof is raised by what hangs down.",
                SlotRoof.Sacrificial => "One closed layer over the screw's hole keeps the roof straight; drill through it.",
                _ => fits ? "What hangs down leaves room for the nut." : "What hangs across the screw's axis bars the nut: it turns, or the screw binds.",
            },
            $"{Figures.Mm(left)} left", $"{Figures.Mm(nut)} or more", "Common practice, no published source.",
            fits ? [] : [new Remedy.Change("Raise the roof", new Dictionary<string, string> { ["roof"] = "raised" })]);
    }

    /// <summary>A hexagon by its flats, two of them along x.</summary>
    private static Profile Hexagon(double flats) =>
        new(Enumerable.Range(0, 6).Select(i => i * Math.PI / 3).Select(a =>
            new Point2(flats / Math.Sqrt(3) * Math.Cos(a), flats / Math.Sqrt(3) * Math.Sin(a))));
}
