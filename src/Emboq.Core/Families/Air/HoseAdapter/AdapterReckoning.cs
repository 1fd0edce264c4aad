using Emboq.Core.Measuring.Kinds;

namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>One end, reckoned. Diameters are full, as drawn, unless the name says otherwise.</summary>
internal sealed record EndReckoning
{
    public required EndParameters Parameters { get; init; }
    public required Interface Interface { get; init; }
    public required Fitted Fitted { get; init; }
    public required Quantity Inside { get; init; }
    public required Quantity Outside { get; init; }

    /// <summary>Where the air is fastest in it: the narrow end of a taper.</summary>
    public required Quantity Bore { get; init; }

    /// <summary>Where the cone begins.</summary>
    public required Quantity BoreRoot { get; init; }

    public required Quantity Cuff { get; init; }

    /// <summary>What a rectangular or odd end adds; <c>null</c> for a round one.</summary>
    public required DuctReckoning? Duct { get; init; }

    /// <summary>The rings that prove it in steps.</summary>
    public required LadderReckoning Ladder { get; init; }

    /// <summary>What the diameters grow by from mid cuff to the root; negative for a socket, <c>null</c> without a taper.</summary>
    public required Quantity? Growth { get; init; }

    /// <summary>The seat of a clamp's band, where there is one.</summary>
    public required Quantity? Band { get; init; }

    /// <summary>The fitted size in the solid.</summary>
    public Quantity Drawn => Fitted.Drawn;

    /// <summary>The outside at the root, where the cone begins.</summary>
    public Quantity OutsideRoot => Growth is null ? Outside : Outside + Growth;

    /// <summary>The inside at its narrowest: the mouth of a tapered plug, the root of a tapered socket.</summary>
    public double Narrowest => Inside.Value - Math.Abs(Growth?.Value ?? 0);

    /// <summary>The inside at the root.</summary>
    public Quantity InsideRoot => Growth is null ? Inside : Inside + Growth;
}

/// <summary>The whole adapter, reckoned.</summary>
internal sealed record AdapterReckoning
{
    public required EndReckoning First { get; init; }
    public required EndReckoning Second { get; init; }
    public required Quantity Wall { get; init; }
    public required Quantity ConeAngle { get; init; }
    public required Quantity ConeLength { get; init; }
    public required Quantity Height { get; init; }
    public required Quantity NarrowestBore { get; init; }
    public required Transition Transition { get; init; }

    public IReadOnlyList<EndReckoning> Ends => [First, Second];

    /// <summary>Whether an end is other than round.</summary>
    public bool IsUnlike => Ends.Any(e => e.Duct is not null);

    /// <summary>The dimension that counts for a way of joining.</summary>
    public static string Counting(Join join) => join == Join.Inside ? "inside" : "outside";

    /// <summary>Every dimension of a place that counts for a way of joining.</summary>
    public static IEnumerable<Dimension> Counting(Interface place, Join join) =>
        DuctKind.All.Contains(place.Kind) ? DuctKind.Making(place.Kind, Counting(join)).Select(k => place[k]) : [place[Counting(join)]];

    /// <summary>Reckons an adapter line by line into a ledger. Both counting dimensions must have readings.</summary>
    public static AdapterReckoning Of(AdapterParameters p, Brief brief, Ledger ledger)
    {
        var line = Quantity.Chosen("line width", brief.Process.LineWidth, Unit.Millimetre, brief.Process.Name);
        var asked = Quantity.Chosen("wall asked for", p.Wall, Unit.Millimetre);
        var wall = ledger.Add("wall", "wall", asked.RoundedUpTo(line), "A wall of whole lines has no voids; thinner lines are never squeezed in.");
        var first = End(p.First, p.Ladder, brief, wall, ledger);
        var second = End(p.Second, p.Ladder, brief, wall, ledger);

        var step = first.Duct is null && second.Duct is null ? Quantity.Abs(first.OutsideRoot - second.OutsideRoot) / 2
            : AdapterOutline.LargestStep(first, second);
        var (angle, length) = Cone(p.Transition, step, wall, ledger);
        var height = ledger.Add("height", "height", first.Cuff + length + second.Cuff, "Cuffs and cone stand on top of each other.");
        var bore = ledger.Add("bore", "narrowest bore", Quantity.Min(first.Bore, second.Bore), "The narrowest place decides how much air passes.");
        if (first.Duct is not null || second.Duct is not null)
        {
            Weigh(AdapterOutline.Volume(first, second, length, p.Transition), brief.Process, ledger,
                "Cuffs, and the prismatoid formula between them, on the drawn outlines.");
        }
        else if (bore.Value > 0 && Math.Min(first.Narrowest, second.Narrowest) > 0)
        {
            Material(first, second, length, p.Transition, brief.Process, ledger);
        }

        return new()
        {
            First = first,
            Second = second,
            Wall = wall,
            Transition = p.Transition,
            ConeAngle = angle,
            ConeLength = length,
            Height = height,
            NarrowestBore = bore
        };
    }

    private static EndReckoning End(EndParameters end, LadderParameters ladder, Brief brief, Quantity wall, Ledger ledger)
    {
        var (slot, place) = (end.Slot, $"{end.Slot} cuff");
        var counterpart = brief.Interfaces[slot];
        var counting = Counting(end.Join);
        var surface = end.Join == Join.Over ? Surface.HoleUpright : Surface.OutsideRound;

        var fitted = Fitted.Reckon(
            new(slot, counting, surface, end.Fit, end.Clearance, place)
            {
                Key = slot,
                Between = end.Hold is Hold.Tape(var wraps, var thick) ? Tape(slot, wraps, thick, ledger) : null,
                Because = end.Join == Join.Inside ? "The plug goes inside, so the inside diameter counts."
                    : "The socket goes over, so the outside diameter counts.",
            },
            counterpart, brief.Fits, brief.Tries, ledger);
        var drawn = fitted.Drawn;
        var other = Other(end.Join, slot, drawn, wall, brief.Fits, ledger);
        var cuff = Cuff(end, drawn, ledger);
        var growth = Growth(end, drawn, cuff, ledger);
        var bore = end.Join == Join.Over ? fitted.Wanted : other.Printed;
        var duct = DuctKind.All.Contains(counterpart.Kind) ? DuctReckoning.Of(end, fitted, ledger) : null;
        if (duct is not null)
        {
            bore = duct.Equivalent(end, counterpart, bore, fitted.Counterpart, ledger);
        }

        var reckoned = new EndReckoning
        {
            Parameters = end,
            Interface = counterpart,
            Fitted = fitted,
            Inside = end.Join == Join.Over ? drawn : other.Drawn,
            Outside = end.Join == Join.Over ? other.Drawn : drawn,
            Bore = growth is null ? bore : bore - Quantity.Abs(growth),
            BoreRoot = growth is null ? bore : bore + growth,
            Cuff = cuff,
            Growth = growth,
            Band = end.Hold is Hold.Clamp(var band)
                ? ledger.Add($"{slot}.band", $"{slot} clamp seat", Quantity.Chosen("clamp band", band, Unit.Millimetre) + AdapterHold.BandRoom,
                    "The band and a millimetre, so that it lies flat between what keeps it.")
                : null,
            Duct = duct,
            Ladder = new([]),
        };
        return reckoned with { Ladder = LadderReckoning.Of(ladder, reckoned, brief.Process, ledger) };
    }

    /// <summary>What lies between both in all, on the diameter.</summary>
    private static Quantity Tape(string slot, int wraps, double thick, Ledger ledger) => ledger.Add($"{slot}.tape", $"tape around the {slot} end",
        2 * wraps * Quantity.Input("one wrap of tape", thick, Unit.Millimetre, new Provenance.Chosen("the maker"),
            (new Source($"tape/{slot}", $"how much the tape of the {slot} end gives", 0.1 * thick), 1)),
        "Wrapped around what goes inside: the joint is drawn as much looser, and the tape seals it.");

    /// <summary>The face of the cuff that touches nothing.</summary>
    private static (Quantity Drawn, Quantity Printed) Other(Join join, string slot, Quantity drawn, Quantity wall, IFitModel fits, Ledger ledger)
    {
        var (side, across, surface) = join == Join.Over
            ? ("outside", drawn + (2 * wall), Surface.OutsideRound)
            : ("inside", drawn - (2 * wall), Surface.HoleUpright);
        var other = ledger.Add($"{slot}.other", $"{slot} cuff {side} drawn", across, "One wall further on each side.");
        var printed = ledger.Add($"{slot}.other.printed", $"{slot} cuff {side} printed", SizeLaw.Printed(other, fits.Allowance(surface, other.Value)),
            "Drawn minus the allowance of that face: what will be there.");
        return (other, printed);
    }

    private static Quantity Cuff(EndParameters end, Quantity drawn, Ledger ledger)
    {
        var name = $"{end.Slot} cuff length";
        if (end.Cuff is { } chosen)
        {
            return ledger.Add($"{end.Slot}.cuff", name, Quantity.Chosen(name, chosen, Unit.Millimetre), "Chosen by the maker.");
        }

        var least = Quantity.RuleOfThumb("least cuff", 15, Unit.Millimetre, "A cuff under 15 mm tips on the pipe.");
        var share = Quantity.RuleOfThumb("cuff share", 0.3, Unit.None, "A cuff of 0.3 diameters sits straight.");
        // The length follows the rule; a doubt of hundredths in the diameter is no doubt in a cuff.
        var rule = Quantity.Max(least, share * drawn);
        if (AdapterHold.LeastCuff(end) is { } held)
        {
            rule = Quantity.Max(rule, Quantity.RuleOfThumb("clamp and what keeps it", held, Unit.Millimetre,
                "The band, its bead or ridges, and a little beside them."));
        }

        return ledger.Add($"{end.Slot}.cuff", name, rule, "Long enough to sit straight: 15 mm or 0.3 diameter, whichever is more.");
    }

    /// <summary>The drawn diameter holds at mid cuff; a taper opens a socket and narrows a plug towards its mouth.</summary>
    private static Quantity? Growth(EndParameters end, Quantity drawn, Quantity cuff, Ledger ledger)
    {
        if (end.Hold is not Hold.Wedge(var halfAngle))
        {
            return null;
        }

        var angle = ledger.Add($"{end.Slot}.taper", $"{end.Slot} taper", Quantity.Chosen($"{end.Slot} taper", halfAngle, Unit.DegreeOfArc),
            $"Between face and axis; {TaperNotation.Ratio(halfAngle)} on the diameter. It wedges where both diameters are equal.");
        var growth = (end.Join == Join.Inside ? 1 : -1) * (cuff * Quantity.Tan(angle));
        ledger.Add($"{end.Slot}.mouth", $"{end.Slot} cuff drawn at the mouth", drawn - growth, "Half a cuff before the middle, where the fit holds.");
        ledger.Add($"{end.Slot}.root", $"{end.Slot} cuff drawn at the root", drawn + growth, "Half a cuff past the middle.");
        return growth;
    }

    private static (Quantity Angle, Quantity Length) Cone(Transition transition, Quantity step, Quantity wall, Ledger ledger)
    {
        const string AngleBecause = "Between the cone and the axis; upright it is the overhang.";
        const string LengthBecause = "Along the axis, from cuff to cuff.";
        var radial = ledger.Add("cone.step", "step in radius", step,
            "Half the difference of the two outsides; the wall is the same everywhere, so the inside steps as much.");
        switch (transition)
        {
            case Transition.ByAngle(var degrees):
                var angle = ledger.Add("cone.angle", "cone half angle", Quantity.Chosen("cone half angle", degrees, Unit.DegreeOfArc), AngleBecause);
                return (angle, ledger.Add("cone.length", "cone length", radial / Quantity.Tan(angle), LengthBecause));
            case Transition.ByLength(var millimetres):
                var length = ledger.Add("cone.length", "cone length", Quantity.Chosen("cone length", millimetres, Unit.Millimetre), LengthBecause);
                return (ledger.Add("cone.angle", "cone half angle", Quantity.Atan(radial / length), AngleBecause), length);
            case Transition.Step:
                return (ledger.Add("cone.angle", "cone half angle", Quantity.Chosen("step", 90, Unit.DegreeOfArc), "A step stands square to the axis."),
                    ledger.Add("cone.length", "shelf thickness", 1 * wall, "The shelf is as thick as the wall."));
            default:
                throw new InvalidOperationException($"No cone is defined for {transition.GetType().Name}.");
        }
    }

    private static void Material(EndReckoning first, EndReckoning second, Quantity cone, Transition transition, Process process, Ledger ledger)
    {
        var circle = Quantity.Input("π/4", Math.PI / 4, Unit.None, new Provenance.Standard("Plane geometry", "area of a circle by its diameter"));
        // The faces of a tapered cuff are parallel: its mean section is that of its middle.
        var cuffs = (Ring(first) * first.Cuff) + (Ring(second) * second.Cuff);
        var between = transition is Transition.Step
            ? (Quantity.Square(Quantity.Max(first.OutsideRoot, second.OutsideRoot)) - Quantity.Square(Quantity.Min(first.InsideRoot, second.InsideRoot))) * cone
            : (Frustum(first.OutsideRoot, second.OutsideRoot) - Frustum(first.InsideRoot, second.InsideRoot)) * cone / 3;
        Weigh(circle * (cuffs + between), process, ledger, "Two rings and what lies between them (plane geometry).");
    }

    private static void Weigh(Quantity reckoned, Process process, Ledger ledger, string because)
    {
        var circle = Quantity.Input("π/4", Math.PI / 4, Unit.None, new Provenance.Standard("Plane geometry", "area of a circle by its diameter"));
        var volume = ledger.Add("volume", "volume", reckoned, because);
        var density = Quantity.Chosen("density", process.Density / 1000, Unit.Density, $"the spool of {process.Material}");
        var strand = Quantity.Chosen("filament diameter", process.FilamentDiameter, Unit.Millimetre, $"the spool of {process.Material}");
        ledger.Add("mass", "mass", volume * density, "Printed solid; a wall of whole lines has no fill.");
        ledger.Add("filament", "filament", volume / (circle * Quantity.Square(strand)), "The volume as a strand.");
    }

    private static Quantity Ring(EndReckoning end) => Quantity.Square(end.Outside) - Quantity.Square(end.Inside);

    private static Quantity Frustum(Quantity a, Quantity b) => Quantity.Square(a) + (a * b) + Quantity.Square(b);
}
