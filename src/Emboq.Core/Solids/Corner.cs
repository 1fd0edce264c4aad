namespace Emboq.Core.Solids;

/// <summary>A corner of an outline, with the way to the next one.</summary>
/// <param name="At">Where it is, mm.</param>
/// <param name="Bulge">Tangent of a quarter of the arc to the next corner; 0 for a line. It is positive where the arc turns left, so that it bulges out of a
/// counter-clockwise outline; ±1 is half a round.</param>
public readonly record struct Corner(Point2 At, double Bulge = 0)
{
    /// <summary>How far the arc turns, rad.</summary>
    public double Turn => 4 * Math.Atan(Math.Abs(Bulge));

    /// <summary>Radius of the arc to the next corner, mm.</summary>
    public double Radius(Point2 next) => Chord(next) * (1 + (Bulge * Bulge)) / (4 * Math.Abs(Bulge));

    /// <summary>Middle of the arc to the next corner.</summary>
    public Point2 Middle(Point2 next)
    {
        // From the middle of the chord, to the left of the way, by what is left of the radius.
        var (x, y) = (next.X - At.X, next.Y - At.Y);
        var side = (1 - (Bulge * Bulge)) / (4 * Bulge);
        return new(((At.X + next.X) / 2) - (y * side), ((At.Y + next.Y) / 2) + (x * side));
    }

    /// <summary>The least x on the way to the next corner.</summary>
    public double LeastX(Point2 next)
    {
        var ends = Math.Min(At.X, next.X);
        if (Bulge == 0)
        {
            return ends;
        }

        var middle = Middle(next);
        var start = Math.Atan2(At.Y - middle.Y, At.X - middle.X);
        // How far the arc has to turn until it points to −x.
        var until = Math.IEEERemainder((Math.PI - start) * Math.Sign(Bulge), 2 * Math.PI);
        return (until < 0 ? until + (2 * Math.PI) : until) <= Turn ? Math.Min(ends, middle.X - Radius(next)) : ends;
    }

    private double Chord(Point2 next) => Math.Sqrt(((next.X - At.X) * (next.X - At.X)) + ((next.Y - At.Y) * (next.Y - At.Y)));
}
