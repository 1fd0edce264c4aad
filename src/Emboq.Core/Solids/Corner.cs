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

    /// <summary>The box around the way to the next corner.</summary>
    public (Point2 Least, Point2 Greatest) Box(Point2 next)
    {
        var (least, greatest) = (new Point2(Math.Min(At.X, next.X), Math.Min(At.Y, next.Y)), new Point2(Math.Max(At.X, next.X), Math.Max(At.Y, next.Y)));
        if (Bulge == 0)
        {
            return (least, greatest);
        }

        var (middle, radius) = (Middle(next), Radius(next));
        var start = Math.Atan2(At.Y - middle.Y, At.X - middle.X);
        for (var quarter = 0; quarter < 4; quarter++)
        {
            // How far the arc has to turn until it points along an axis.
            var angle = quarter * Math.PI / 2;
            var until = Math.IEEERemainder((angle - start) * Math.Sign(Bulge), 2 * Math.PI);
            if ((until < 0 ? until + (2 * Math.PI) : until) <= Turn)
            {
                var reached = new Point2(middle.X + (radius * Math.Cos(angle)), middle.Y + (radius * Math.Sin(angle)));
                least = new(Math.Min(least.X, reached.X), Math.Min(least.Y, reached.Y));
                greatest = new(Math.Max(greatest.X, reached.X), Math.Max(greatest.Y, reached.Y));
            }
        }

        return (least, greatest);
    }

    private double Chord(Point2 next) => Math.Sqrt(((next.X - At.X) * (next.X - At.X)) + ((next.Y - At.Y) * (next.Y - At.Y)));
}
