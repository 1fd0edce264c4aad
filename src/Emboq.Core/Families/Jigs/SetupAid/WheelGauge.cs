namespace Emboq.Core.Families.Jigs.SetupAid;

/// <summary>A gauge between a tool rest and a round wheel: its edge has the wheel's own radius, and meets the rest at the angle to be ground.</summary>
/// <param name="Angle">Between the rest and the wheel's face where they would meet.</param>
/// <param name="Radius">Of the wheel.</param>
/// <param name="Length">Along the rest, at least.</param>
/// <param name="Thick">Across the wheel.</param>
/// <param name="Reach">Along the wheel.</param>
internal sealed record WheelGauge(Quantity Angle, Quantity Radius, Quantity Length, Quantity Thick, Quantity Reach)
{
    /// <summary>It ends in a face of this height: a knife edge does not print, mm.</summary>
    private const double ThinEnd = 0.8;

    /// <summary>Behind the end of the arc, mm.</summary>
    private const double Behind = 6;

    public static Design Design(Brief brief, Ledger ledger, IReadOnlyList<WayUp> ways, IReadOnlyList<string> cautions)
    {
        var p = brief.Parameters;
        var across = brief.Interfaces.GetValueOrDefault("round")?.Kind.Key == "tube" ? "outside" : "diameter";
        if (PartBodies.Unread(brief, ("round", [across]), ("angle", ["angle"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, cautions);
        }

        Quantity Chosen(string key, string name, string because) => ledger.Add(key, name,
            Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre), because);
        var wheel = brief.Interfaces.GetValueOrDefault("round");
        var diameter = wheel is null ? Chosen("wheel", "wheel diameter", "As it is now: wheels wear.")
            : ledger.Add("wheel", "wheel diameter", Evaluation.Of(wheel, across)!.Quantity, "As measured.");
        var measured = brief.Interfaces.GetValueOrDefault("angle");
        var angle = ledger.Add("angle", "angle to be ground", measured is null ? Quantity.Chosen("angle", p.Number("wedgeAngle")!.Value, Unit.DegreeOfArc)
            : Evaluation.Of(measured, "angle")!.Quantity, "Between the rest and the wheel where they meet.");
        var gauge = new WheelGauge(angle, ledger.Add("radius", "radius of its edge", diameter / 2, "The wheel's own."),
            Chosen("length", "length", "Along the rest."), Chosen("width", "width", "Across the wheel."),
                Chosen("reach", "along the wheel", "What it touches."));
        var way = ways.First(w => w.Key == p.Choice("wayUp"));
        var outline = gauge.Outline();
        // A straight edge of the same reach would touch with both ends and stand off in the middle: its angle is that of the chord.
        if (outline is not null)
        {
            ledger.Add("straight", "error of a straight gauge", Quantity.Asin(gauge.Reach / (2 * gauge.Radius)),
                "A straight edge lies on the chord: half of the arc's own angle too steep.");
        }

        return new()
        {
            Ledger = ledger,
            Pieces = outline is null ? [] : [new("part", "wheel gauge", () => PartBodies.Marked(gauge.Solid(outline), brief.Mark, letters =>
                letters.UpsideDown().At(Across(outline) * 0.8, High(outline) / 2, 0),
                    Math.Min(14, Math.Min(Across(outline) / 4, 0.8 * High(outline)))), ways, way.Key)],
            Proofs = outline is null ? [] : [new("ring-aid", "3 mm of it", () => PartBodies.Slice(gauge.Solid(outline), 0, 0, 0, Across(outline),
                High(outline), Math.Min(3, gauge.Thick.Value)),
                "Proves the angle and the radius: hold it to the wheel and look for light. It does not prove that it stands.")],
            Checks = outline is null
                ? [new("wheel.meets", "rest and wheel", Verdict.Stop, "So long an arc curls back over the rest: let it touch less of the wheel.",
                    Figures.Mm(gauge.Reach.Value), "less than a quarter of the wheel", "Plane geometry.",
                    [new Remedy.Change($"Touch {Figures.Mm(gauge.Least)}", new Dictionary<string, string> { ["reach"] = Figures.Number(gauge.Least) })])]
                : [.. gauge.Checks(wheel, across), BedCheck.Of(Across(outline), High(outline), gauge.Thick.Value, way, brief.Process)],
            Drawing = outline is null ? null : gauge.Draw(outline, wheel is null ? null : new(wheel.Id, across), measured is null ? null
                : new(measured.Id, "angle")),
            Fitting = ["With the plug pulled, lay it on the rest and push it to the wheel; tilt the rest until no light shows along the arc.",
                "Make it again when the wheel has worn by a tenth: its radius counts."],
            Gauges = outline is null ? [] : [.. gauge.Gauges(Piece.Main), .. gauge.Gauges("ring-aid")],
            Cautions = cautions,
        };
    }

    /// <summary>A reach that surely does.</summary>
    private double Least => Math.Max(8, Math.Floor(Radius.Value / 2));

    private double Tilt => Angle.Value * Math.PI / 180;

    /// <summary>How far the wheel turns until its face is as high over the rest as the gauge begins: R (cos a − cos(a + t)) = thin end.</summary>
    private double Thin => Math.Acos(Math.Cos(Tilt) - (ThinEnd / Radius.Value)) - Tilt;

    /// <summary>A point of the wheel's face, by how far the wheel has turned there from where it meets the rest, rad.</summary>
    private Point2 At(double turn) => new(Radius.Value * (Math.Sin(Tilt + turn) - Math.Sin(Tilt)), Radius.Value * (Math.Cos(Tilt) - Math.Cos(Tilt + turn)));

    /// <summary>From the rest up along the arc and down behind it; <c>null</c> where the arc curls back over itself.</summary>
    private Profile? Outline()
    {
        var (thin, end) = (Thin, Thin + (Reach.Value / Radius.Value));
        if (Tilt + end >= Math.PI * 0.48)
        {
            return null;
        }

        var count = Math.Max(4, (int)Math.Ceiling((end - thin) / (2 * Math.PI) * Facets.Count(Radius.Value, Facets.DefaultChordError)));
        List<Point2> arc = [.. Enumerable.Range(0, count + 1).Select(i => At(thin + ((end - thin) * i / count)))];
        var from = arc[0].X;
        var back = Math.Max(arc[^1].X + Behind, from + Length.Value) - from;
        return new([new(0, 0), new(back, 0), new(back, arc[^1].Y), .. arc.AsEnumerable().Reverse().Select(q => new Point2(q.X - from, q.Y))]);
    }

    private static double Across(Profile outline) => outline.Points.Max(q => q.X);

    private static double High(Profile outline) => outline.Points.Max(q => q.Y);

    private Solid Solid(Profile outline) => new Solid.Extruded(outline, Thick.Value);

    private IEnumerable<Check> Checks(Interface? wheel, string across)
    {
        yield return Judge.AtLeast("slender", "thick enough to stand", Thick.Value, 5, "It stands by itself.", "It falls over when it is let go.",
            Verdict.Watch, "Common practice, no published source.");
        yield return wheel is null
            ? new("worn", "wheel measured", Verdict.Watch, "The wheel's diameter was typed, not measured: a worn wheel is smaller than it was sold.",
                "typed", "measured", "A size is measured, never assumed.", [])
            : ReadingChecks.Of("worn", "wheel measured", wheel, across);
    }

    private IEnumerable<Gauge> Gauges(string body)
    {
        var thin = Thin;
        return Enumerable.Range(0, 3).Select(i => 0.15 + (0.35 * i)).Select(share => At(thin + (share * Reach.Value / Radius.Value))).Select(q =>
            new Gauge(body, "height under the arc", q.Y, new(q.X - At(thin).X, 0.1, 0.5), Axis.Y, Jaws.Over));
    }

    private SeatDrawing Draw(Profile outline, DimensionAddress? wheel, DimensionAddress? angle)
    {
        var (across, high, from) = (Across(outline), High(outline), At(Thin).X);
        var centre = new Point2((-Radius.Value * Math.Sin(Tilt)) - from, Radius.Value * Math.Cos(Tilt));
        // Of a large wheel only what is near is drawn.
        var near = Outlines.Round(Radius.Value, 360).Points.Select(q => new Point2(q.X + centre.X, q.Y + centre.Y)).Where(q => q.X > -across
            && q.Y < 2 * high).ToList();
        var sheet = new Sheet().Box(Matter.Machine, 0.5, -6, across + 8, 0);
        if (near.Count > 2)
        {
            sheet.Face(Matter.Machine, near);
        }

        var at = At(Reach.Value / Radius.Value / 2);
        return sheet.Face(Matter.Part, outline.Points).Along("length", 0, across, 0, sets: "length").Point("angle", 0, ThinEnd / 2, CalloutSide.Left,
                angle is null ? "wedgeAngle" : null, angle).Point("wheel", at.X - from, at.Y, sets: wheel is null ? "wheel" : null, reads: wheel)
            .Point("reach", across * 0.7, high * 0.8, CalloutSide.Right, "reach")
            .View(across + 40, 0).Box(Matter.Part, 0, 0, Thick.Value, high).Along("width", 0, Thick.Value, 0, sets: "width").Done;
    }
}
