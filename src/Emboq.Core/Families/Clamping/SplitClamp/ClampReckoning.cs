using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.SplitClamp;

/// <summary>The figures of a clamp. The post's axis is z, the mouth opens to +y, screws lie along x.</summary>
internal sealed record ClampReckoning
{
    public required ClampStyle Style { get; init; }

    public required Fitted Bore { get; init; }

    /// <summary>Post with its liner.</summary>
    public required Quantity Post { get; init; }

    /// <summary>Between the ears as drawn.</summary>
    public required Quantity Gap { get; init; }

    /// <summary>Between the ears once it is tight: read, or reckoned until then.</summary>
    public required Given.Size Tight { get; init; }

    public required Quantity Wall { get; init; }

    public required Quantity Height { get; init; }

    public required Quantity Ear { get; init; }

    public required Quantity Gusset { get; init; }

    /// <summary>From the axis to the flat of the bore; <c>null</c> for a round one.</summary>
    public required double? FlatAt { get; init; }

    /// <summary>Width and depth of the groove at the back, mm; <c>null</c> where there is none.</summary>
    public required (double Wide, double Deep)? Relief { get; init; }

    /// <summary>Head and its hole in the right ear, nut and its hole in the left; each in its own frame.</summary>
    public required Joint Head { get; init; }

    public required Joint Nut { get; init; }

    public required ScrewLength Screw { get; init; }

    /// <summary>Heights of the screws, mm.</summary>
    public required IReadOnlyList<double> At { get; init; }

    /// <summary>How deep the nut's pocket goes, mm.</summary>
    public required double Pocket { get; init; }

    public required BoltForce Bolt { get; init; }

    /// <summary>By hand, N·m.</summary>
    public required double Torque { get; init; }

    /// <summary>Diameter of a head, and what head and nut press on, mm².</summary>
    public required (double HeadAcross, double Head, double Nut) Bearing { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required Load Load { get; init; }

    public required ClampFace? Face { get; init; }

    /// <summary>What keeps halves in line; <c>null</c> where there are none.</summary>
    public required ClampDowels? Dowels { get; init; }

    public required WayUp Way { get; init; }

    public bool Upright => Way.Key == "upright";

    /// <summary>What it bears where it is stressed: along its lines when they run around the ring, across its layers when they lie across it.</summary>
    public double? Bears => Material is null ? null : (Upright ? Material.Along.Value : Material.Across.Value) / PrintedMaterial.Safety;

    /// <summary>Radius of the bore as drawn, mm.</summary>
    public double Inner => Bore.Drawn.Value / 2;

    public double Outer => Inner + Wall.Value;

    /// <summary>From the axis to the screws, mm.</summary>
    public double ScrewsAt => Outer + Math.Max(Head.Reach, Nut.Reach);

    public double EarEnd => ScrewsAt + Math.Max(Head.Reach, Nut.Reach);

    /// <summary>Half of its width over both ears, mm.</summary>
    public double HalfWide => (Gap.Value / 2) + Ear.Value;

    /// <summary>The ring as it opens.</summary>
    public OpenRing Ring => OpenRing.Around(Bore.Drawn.Value, Wall.Value, Math.Min(Gap.Value, Bore.Drawn.Value));

    /// <summary>How much its mouth is opened by the post.</summary>
    public double Opening => Math.Max(0, Bore.Counterpart.Value - (Bore.Of.Between?.Value ?? 0) - Gap.Value);

    /// <summary>Thickness at its back, less the groove, mm.</summary>
    public double Back => Wall.Value - (Relief?.Deep ?? 0) + (Face?.Pad ?? 0);

    public static ClampReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces["post"]);
        var (style, way) = (ClampParameters.Style.Read(p, ledger), ClampParameters.Way.Read(p, ledger));
        var liner = ClampParameters.Liner.Read(p, ledger);
        var bore = Fitted.Reckon(new("post", Across(place), way.Key == "upright" ? Surface.HoleUpright : Surface.HoleLying, FitClasses.Of(p.Choice("across")),
            p.Number("clearance"), "bore")
        { Words = SeatWords.Clamp, Between = liner.Value > 0 ? 2 * liner : null }, place, brief.Fits, brief.Tries, ledger);
        var gap = style == ClampStyle.Clip
            ? ledger.Add("mouth", "mouth", p.Number("mouth") is { } given ? Quantity.Chosen("mouth", given, Unit.Millimetre)
                : Quantity.RuleOfThumb("share of the bore", 0.75, Unit.None, "It opens by a quarter and does not fall off.") * bore.Drawn,
                    "Between the ears as printed.")
            : ledger.Add("pinch", "pinch gap", Quantity.Chosen("pinch gap", p.Number("pinch")!.Value, Unit.Millimetre), "What can be drawn together.");
        var (wall, height, ear) = (ClampParameters.Wall.Read(p, ledger), ClampParameters.Height.Read(p, ledger), ClampParameters.Ear.Read(p, ledger));
        var material = PrintedMaterial.Of(brief.Process);
        var size = p.Choice("screw");
        var (scope, lie) = (PartBodies.Scope(brief, ledger, "screw", "screw"), HoleLie.Teardrop);
        var head = ScrewHole.Counterbored(scope, size, ear.Value, lie);
        var nut = NutPocket.FromEnd(PartBodies.Scope(brief, ledger, "nut", "nut"), size, 0.3);
        var behind = ScrewHole.Passing(PartBodies.Scope(brief, ledger, "far", "screw, far ear"), size, "medium", ear.Value, lie);
        var count = int.Parse(p.Choice("bolts"), System.Globalization.CultureInfo.InvariantCulture);
        var grip = ledger.Add("clamped", "what the screw draws together", (2 * ear) - ledger["screw.counterbore.depth"] - ledger["nut.pocket.depth"],
            "Both ears less head and nut.");
        double[] at = [.. Enumerable.Range(0, count).Select(i => height.Value * ((2 * i) + 1) / (2 * count))];
        return new()
        {
            Style = style,
            Bore = bore,
            Post = bore.Counterpart,
            Gap = gap,
            Tight = Tightened(brief, style, gap, bore.Realised, ledger),
            Wall = wall,
            Height = height,
            Ear = ear,
            Gusset = ClampParameters.Gusset.Read(p, ledger),
            FlatAt = style != ClampStyle.Halves && p.Number("flat") is { } flat ? Flatted(flat, bore, ledger) : null,
            Relief = style != ClampStyle.Halves && p.Number("relief") is { } wide
                ? (ledger.Add("relief", "groove at the back", Quantity.Chosen("groove", wide, Unit.Millimetre), "For a cable or a rib.").Value,
                ledger.Add("reliefDeep", "depth of the groove", Quantity.Chosen("depth of the groove", p.Number("reliefDeep")!.Value, Unit.Millimetre),
                    "Out from the bore.").Value)
                : null,
            Head = head,
            Nut = nut + behind,
            Screw = ScrewLength.Of(scope, (size, "cap", $"{Hardware.Name(size)} cap screw"), [grip, gap], NutPocket.Height(scope with { Key = "nut" }, size),
                ledger["nut.pocket.depth"] + Quantity.RuleOfThumb("beyond the nut", 8, Unit.Millimetre,
                    "It may stand out there, where no hand catches on it."), brief.Drawer),
            At = at,
            Dowels = ClampDowels.Of(brief, ear, at, height.Value, ledger),
            Pocket = ledger["nut.pocket.depth"].Value,
            Torque = p.Number("torque")!.Value,
            Bearing = Pressing(size, head.Bore),
            Bolt = BoltForce.Of(size, p.Number("torque")!.Value, material, p.Choice("heat") == "warm", ledger),
            Material = material,
            Load = Load.Of(brief, ledger),
            Face = style != ClampStyle.Halves && p.Choice("face") == "flat" ? ClampFace.Of(brief, way, ledger) : null,
            Way = way,
        };
    }

    /// <summary>Which dimension of a place the bore goes over.</summary>
    public static string Across(Interface place) => place.Kind.Key == "tube" ? "outside" : "diameter";

    private static double Flatted(double across, Fitted bore, Ledger ledger) => ledger.Add("flat", "axis to the flat of the bore",
        Quantity.Chosen("across its flat", across, Unit.Millimetre) - (bore.Counterpart / 2) + ((bore.Drawn - bore.Counterpart) / 2),
        "The flat moves out by as much as the round.").Value;

    /// <summary>A ring bent shut by the clearance c on the diameter closes its gap by π c; halves close by c.</summary>
    private static Given.Size Tightened(Brief brief, ClampStyle style, Quantity gap, Quantity clearance, Ledger ledger)
    {
        if (brief.Interfaces.GetValueOrDefault("tight") is { } place && Evaluation.Of(place, "width") is { } read)
        {
            return new("gap", ledger.Add("gap", "gap once it is tight", read.Quantity, "As read on the clamp."), null);
        }

        var share = style == ClampStyle.Halves ? 1 : Math.PI;
        var closing = Quantity.Input("how the ring shuts", share, Unit.None,
            new Provenance.Standard("Plane geometry", "length around less the clearance; thick rings differ"),
            (new Source("how the ring shuts", "how the ring shuts", 0.3 * share), 1));
        return new("gap", ledger.Add("gap", "gap once it is tight", gap - (closing * clearance), "A wide estimate until it is read on the tightened clamp."),
            "the clamp tightened on its post, and the gap between its ears measured");
    }

    /// <summary>A ring under the head, a hexagon less its hole under the nut.</summary>
    private static (double HeadAcross, double Head, double Nut) Pressing(string size, double hole)
    {
        var (head, flats) = (Hardware.Of("cap-screws", size, "head", "head").Value, Hardware.Of("nuts", size, "across flats", "flats").Value);
        var open = Math.PI * hole * hole / 4;
        return (head, (Math.PI * head * head / 4) - open, (Math.Sqrt(3) / 2 * flats * flats) - open);
    }

    /// <summary>Force of all screws together: once they are drawn, and after a day.</summary>
    public (double Drawn, double? Lasting) Pressed => (At.Count * Bolt.Each.Value, At.Count * Bolt.Lasting?.Value);

    /// <summary>Force that only bends the ring shut on its post, N; nothing for halves.</summary>
    public double Shut => Style == ClampStyle.Halves || Material is null ? 0
        : Ring.Force(Math.PI * Math.Max(0, Bore.Realised.Value), Material.Stiffness.Value, Height.Value);
}

/// <summary>A flat face at the back of a clamp, with two inserts that another part is screwed to.</summary>
/// <param name="Spacing">From middle to middle, mm.</param>
/// <param name="Insert">Its hole, in its own frame.</param>
/// <param name="Screw">Size of the thread.</param>
/// <param name="Pad">What it stands out behind the ring, mm.</param>
internal sealed record ClampFace(double Spacing, Joint Insert, string Screw, double Pad)
{
    public double Wide => Spacing + (2 * Insert.Reach);

    public static ClampFace Of(Brief brief, WayUp way, Ledger ledger)
    {
        var size = brief.Parameters.Choice("faceScrew");
        var insert = Threaded.Insert(PartBodies.Scope(brief, ledger, "face", "face insert") with { Screw = null, Nut = null }, size,
            way.Key == "upright" ? HoleLie.Teardrop : HoleLie.Upright);
        return new(ledger.Add("faceSpacing", "holes of the face", Quantity.Chosen("holes of the face",
            brief.Parameters.Number("faceSpacing")!.Value, Unit.Millimetre),
            "From middle to middle.").Value, insert, size, Math.Ceiling(insert.Depth + 1));
    }
}
