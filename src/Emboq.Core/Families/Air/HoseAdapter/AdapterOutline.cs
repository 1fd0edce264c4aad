namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>Outlines of the faces of an end, and the solids between two of them.</summary>
internal static class AdapterOutline
{
    /// <summary>The outline of a face across the axis.</summary>
    /// <param name="end">The end.</param>
    /// <param name="across">Diameter or width of the face, mm.</param>
    public static Profile Face(EndReckoning end, double across) => end.Duct is { } duct
        ? Outlines.Moved(duct.Measured, (across - end.Fitted.Counterpart.Value) / 2)
            ?? throw new InvalidOperationException("The outline closes; a check refuses it before it is drawn.")
        : Outlines.Round(across / 2, Facets.Count(across / 2, Facets.DefaultChordError));

    /// <summary>Whether the faces of an end and of its ladder exist and the axis sees the whole of each, so that straight lines can join them to the other
    /// end.</summary>
    public static bool CanBeJoined(EndReckoning end) => end.Duct is not { } duct
        || new[] { end.Inside.Value + end.Ladder.Sizes[0] - end.Drawn.Value, end.Inside.Value, end.Outside.Value,
        end.Outside.Value + end.Ladder.Sizes[^1] - end.Drawn.Value }.All(across =>
        Outlines.Moved(duct.Measured, (across - end.Fitted.Counterpart.Value) / 2) is { } face && Outlines.SeenFromWithin(face));

    /// <summary>The largest difference of the two outsides over all directions.</summary>
    public static Quantity LargestStep(EndReckoning first, EndReckoning second)
    {
        var step = CanBeJoined(first) && CanBeJoined(second)
            ? Outlines.Matched(Face(first, first.OutsideRoot.Value), Face(second, second.OutsideRoot.Value)) is [var a, var b]
                ? a.Points.Zip(b.Points, (p, q) => Math.Sqrt(((p.X - q.X) * (p.X - q.X)) + ((p.Y - q.Y) * (p.Y - q.Y)))).Max()
                : 0
            : Math.Abs(first.OutsideRoot.Value - second.OutsideRoot.Value) / 2;
        return Quantity.Input("largest step", Math.Max(step, 1e-6), Unit.Millimetre,
            new Provenance.Standard("Plane geometry", "largest difference of the two outlines over all directions"));
    }

    /// <summary>Volume of the part.</summary>
    public static Quantity Volume(EndReckoning first, EndReckoning second, Quantity between, Transition transition)
    {
        var can = CanBeJoined(first) && CanBeJoined(second) && first.Inside.Value > 0 && second.Inside.Value > 0;
        var volume = can ? Of(e => e.Outside.Value) - Of(e => e.Inside.Value) : 0;
        return Quantity.Input("volume of the outlines", Math.Max(volume, 0), new Unit(Mm: 3),
            new Provenance.Standard("Plane geometry", "areas of the outlines; prismatoid formula"));

        double Of(Func<EndReckoning, double> across)
        {
            var faces = Outlines.Matched(Face(first, across(first)), Face(second, across(second)));
            var (a, b) = (faces[0], faces[1]);
            var middle = new Profile(a.Points.Zip(b.Points, (p, q) => new Point2((p.X + q.X) / 2, (p.Y + q.Y) / 2)));
            var joined = transition is Transition.Step ? Math.Max(a.Area, b.Area) : (a.Area + (4 * middle.Area) + b.Area) / 6;
            return (a.Area * first.Cuff.Value) + (b.Area * second.Cuff.Value) + (joined * between.Value);
        }
    }

    /// <summary>The part between unlike ends.</summary>
    public static Solid Part(AdapterReckoning r)
    {
        var (outside, inside) = r.Transition is Transition.Step
            ? (Stepped(r, e => e.Outside.Value, 0), Stepped(r, e => e.Inside.Value, 1))
            : (Joined(r, e => e.Outside.Value, 0), (Solid)Joined(r, e => e.Inside.Value, 1));
        var beads = Beads(r, r.First).Concat(Beads(r, r.Second).Select(b => b.UpsideDown().At(0, 0, r.Height.Value)));
        return beads.Aggregate(outside, (body, bead) => body + bead) - inside;
    }

    /// <summary>A cuff of some height on the bed, filled.</summary>
    public static Solid Filled(EndReckoning end, double across, double height) => end.Duct is null
        ? new Solid.Cylinder(across / 2, height)
        : new Solid.Extruded(Face(end, across), height);

    /// <summary>What keeps a clamp on a round end, as rings that reach half a wall in; the mouth lies at z = 0.</summary>
    private static IEnumerable<Solid> Beads(AdapterReckoning r, EndReckoning end)
    {
        var (radius, under) = (end.Outside.Value / 2, (end.Outside.Value / 2) - (r.Wall.Value / 2));
        return end.Duct is null
            ? AdapterHold.Outside(end).Chunk(4).Select(ridge => new Solid.Revolved(new Profile([new(under, ridge[0].X),
                .. ridge.Select(p => new Point2(radius + p.Y, p.X)), new(under, ridge[^1].X)])))
            : [];
    }

    /// <summary>What a face encloses along the whole part, in one piece.</summary>
    /// <param name="r">The adapter.</param>
    /// <param name="across">Diameter or width of the face at an end, at mid cuff.</param>
    /// <param name="beyond">How much longer than the part at each end, mm: a bore is cut through and through.</param>
    private static Solid.Lofted Joined(AdapterReckoning r, Func<EndReckoning, double> across, double beyond)
    {
        Profile At(EndReckoning end, double fromMouth) => Face(end, Drawn(end, across, fromMouth, beyond > 0));
        var faces = Outlines.Matched(At(r.First, -beyond), At(r.First, r.First.Cuff.Value), At(r.Second, r.Second.Cuff.Value), At(r.Second, -beyond));
        double[] heights = [-beyond, r.First.Cuff.Value, r.Height.Value - r.Second.Cuff.Value, r.Height.Value + beyond];
        return new(faces.Zip(heights, (face, height) => new Solid.Section(face, height)));
    }

    /// <summary>A diameter or width as drawn at a place along the cuff. A round bore lies outside its round, so that facets never tighten it.</summary>
    private static double Drawn(EndReckoning end, Func<EndReckoning, double> across, double fromMouth, bool bore)
    {
        var half = end.Cuff.Value / 2;
        var there = across(end) + ((end.Growth?.Value ?? 0) * (fromMouth - half) / half);
        return there * (bore && end.Duct is null ? Facets.Circumscribed(Facets.Count(across(end) / 2, Facets.DefaultChordError)) : 1);
    }

    private static Solid Stepped(AdapterReckoning r, Func<EndReckoning, double> across, double beyond)
    {
        var (low, shelf, high) = (r.First.Cuff.Value, r.ConeLength.Value, r.Second.Cuff.Value);
        Profile At(EndReckoning end, double fromMouth) => Face(end, Drawn(end, across, fromMouth, beyond > 0));
        // Material reaches half into the shelf, so that both are one body.
        double[] Heights(EndReckoning end) => beyond > 0 ? [-beyond, end.Cuff.Value] : [0, end.Cuff.Value, end.Cuff.Value + (shelf / 2)];
        // Turned upside down, an outline that is not the same above and below would be its own mirror: the upper cuff is drawn from the top instead.
        Solid Cuff(EndReckoning end, bool above)
        {
            var sections = Outlines.Matched([.. Heights(end).Select(h => At(end, Math.Min(h, end.Cuff.Value)))]).Zip(Heights(end), (face, height) =>
                new Solid.Section(face, above ? low + shelf + high - height : height));
            return new Solid.Lofted(above ? sections.Reverse() : sections);
        }

        Solid Plate(EndReckoning end, double height) => Filled(end, Drawn(end, across, end.Cuff.Value, beyond > 0), height);
        // Material spans the shelf at both ends; the bore passes it only where both let it.
        var plate = beyond > 0
            ? (Plate(r.First, shelf + 2) & Plate(r.Second, shelf + 2)).At(0, 0, low - 1)
            : (Plate(r.First, shelf) + Plate(r.Second, shelf)).At(0, 0, low);
        return Cuff(r.First, above: false) + plate + Cuff(r.Second, above: true);
    }
}
