using Emboq.Core.Solids;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Buffer;

namespace Emboq.Core.Families.HoseAdapter;

/// <summary>Outlines of the faces of an end, and the solids between two of them.</summary>
internal static class AdapterOutline
{
    /// <summary>The outline of a face across the axis.</summary>
    /// <param name="end">The end.</param>
    /// <param name="across">Diameter or width of the face, mm.</param>
    public static Profile Face(EndReckoning end, double across) => end.Duct is { } duct
        ? Moved(duct.Measured, (across - end.Measured.Quantity.Value) / 2) ?? throw new InvalidOperationException("The outline closes; a check refuses it before it is drawn.")
        : Outlines.Round(across / 2, Facets.Count(across / 2, Facets.DefaultChordError));

    /// <summary>An outline moved outwards by a distance, with sharp corners kept sharp; <c>null</c> when nothing is left or it falls apart.</summary>
    public static Profile? Moved(Profile outline, double distance)
    {
        // By less than a rounding error is by nothing.
        if (Math.Abs(distance) < 1e-6)
        {
            return outline;
        }

        var ring = outline.Points.Append(outline.Points[0]).Select(p => new Coordinate(p.X, p.Y)).ToArray();
        var moved = BufferOp.Buffer(new Polygon(new LinearRing(ring)), distance, new BufferParameters(32, EndCapStyle.Flat, JoinStyle.Mitre, 4) { SimplifyFactor = 0.001 });
        return moved is Polygon { IsEmpty: false, NumInteriorRings: 0 } polygon
            ? new(polygon.ExteriorRing.Coordinates.SkipLast(1).Select(c => new Point2(c.X, c.Y)))
            : null;
    }

    /// <summary>Whether the faces of an end and of its ladder exist and the axis sees the whole of each, so that straight lines can join them to the other end.</summary>
    public static bool CanBeJoined(EndReckoning end) => end.Duct is not { } duct || new[] { end.Inside.Value + end.Ladder.Sizes[0] - end.Drawn.Value, end.Inside.Value, end.Outside.Value, end.Outside.Value + end.Ladder.Sizes[^1] - end.Drawn.Value }.All(across =>
        Moved(duct.Measured, (across - end.Measured.Quantity.Value) / 2) is { } face && Outlines.SeenFromWithin(face));

    /// <summary>The largest difference of the two outsides over all directions.</summary>
    public static Quantity LargestStep(EndReckoning first, EndReckoning second)
    {
        var step = CanBeJoined(first) && CanBeJoined(second)
            ? Outlines.Matched(Face(first, first.OutsideRoot.Value), Face(second, second.OutsideRoot.Value)) is var (a, b)
                ? a.Points.Zip(b.Points, (p, q) => Math.Sqrt(((p.X - q.X) * (p.X - q.X)) + ((p.Y - q.Y) * (p.Y - q.Y)))).Max()
                : 0
            : Math.Abs(first.OutsideRoot.Value - second.OutsideRoot.Value) / 2;
        return Quantity.Input("largest step", Math.Max(step, 1e-6), Unit.Millimetre, new Provenance.Standard("Plane geometry", "largest difference of the two outlines over all directions"));
    }

    /// <summary>Volume of the part.</summary>
    public static Quantity Volume(EndReckoning first, EndReckoning second, Quantity between, Transition transition)
    {
        var can = CanBeJoined(first) && CanBeJoined(second) && first.Inside.Value > 0 && second.Inside.Value > 0;
        var volume = can ? Of(e => e.Outside.Value) - Of(e => e.Inside.Value) : 0;
        return Quantity.Input("volume of the outlines", Math.Max(volume, 0), new Unit(Mm: 3), new Provenance.Standard("Plane geometry", "areas of the outlines; prismatoid formula"));

        double Of(Func<EndReckoning, double> across)
        {
            var (a, b) = Outlines.Matched(Face(first, across(first)), Face(second, across(second)));
            var middle = new Profile(a.Points.Zip(b.Points, (p, q) => new Point2((p.X + q.X) / 2, (p.Y + q.Y) / 2)));
            var joined = transition is Transition.Step ? Math.Max(a.Area, b.Area) : (a.Area + (4 * middle.Area) + b.Area) / 6;
            return (a.Area * first.Cuff.Value) + (b.Area * second.Cuff.Value) + (joined * between.Value);
        }
    }

    /// <summary>The part between unlike ends.</summary>
    public static Solid Part(AdapterReckoning r) => r.Transition is Transition.Step
        ? Stepped(r, e => e.Outside.Value, 0) - Stepped(r, e => e.Inside.Value, 1)
        : Joined(r, e => e.Outside.Value, 0) - Joined(r, e => e.Inside.Value, 1);

    /// <summary>A cuff of some height on the bed, filled.</summary>
    public static Solid Filled(EndReckoning end, double across, double height) => end.Duct is null
        ? new Solid.Cylinder(across / 2, height)
        : new Solid.Extruded(Face(end, across), height);

    /// <summary>What a face encloses along the whole part, in one piece.</summary>
    /// <param name="r">The adapter.</param>
    /// <param name="across">Diameter or width of the face at an end.</param>
    /// <param name="beyond">How much longer than the part at each end, mm: a bore is cut through and through.</param>
    private static Solid.Lofted Joined(AdapterReckoning r, Func<EndReckoning, double> across, double beyond)
    {
        // A round bore is drawn outside its round, so that facets never tighten it.
        double Drawn(EndReckoning end) => across(end) * (beyond > 0 && end.Duct is null ? Facets.Circumscribed(Facets.Count(across(end) / 2, Facets.DefaultChordError)) : 1);
        var (first, second) = Outlines.Matched(Face(r.First, Drawn(r.First)), Face(r.Second, Drawn(r.Second)));
        var (low, high) = (r.First.Cuff.Value, r.Height.Value - r.Second.Cuff.Value);
        return new(new(first, -beyond), new(first, low), new(second, high), new(second, r.Height.Value + beyond));
    }

    private static Solid Stepped(AdapterReckoning r, Func<EndReckoning, double> across, double beyond)
    {
        var (low, shelf, high) = (r.First.Cuff.Value, r.ConeLength.Value, r.Second.Cuff.Value);
        Solid Cuff(EndReckoning end, double height) => Filled(end, across(end), height);
        // Material spans the shelf at both ends; the bore passes it only where both let it.
        return beyond > 0
            ? Cuff(r.First, low + beyond).At(0, 0, -beyond) + (Cuff(r.First, shelf + 2) & Cuff(r.Second, shelf + 2)).At(0, 0, low - 1) + Cuff(r.Second, high + beyond).At(0, 0, low + shelf)
            : Cuff(r.First, low + shelf) + Cuff(r.Second, shelf + high).At(0, 0, low);
    }
}
