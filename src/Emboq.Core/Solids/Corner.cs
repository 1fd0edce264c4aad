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
        var reached = new List<Point2> { At, next };
        if (Bulge != 0)
        {
            var (middle, radius) = (Middle(next), Radius(next));
            var start = Math.Atan2(At.Y - middle.Y, At.X - middle.X);
            for (var quarter = 0; quarter < 4; quarter++)
            {
                // How far the arc has to turn until it points along an axis.
                var angle = quarter * Math.PI / 2;
                var until = Math.IEEERemainder((angle - start) * Math.Sign(Bulge), 2 * Math.PI);
                if ((until < 0 ? until + (2 * Math.PI) : until) <= Turn)
                {
                    reached.Add(new(middle.X + (radius * Math.Cos(angle)), middle.Y + (radius * Math.Sin(angle))));
                }
            }
        }

        return (new(reached.Min(p => p.X), reached.Min(p => p.Y)), new(reached.Max(p => p.X), reached.Max(p => p.Y)));
    }

    private double Chord(Point2 next) => Math.Sqrt(((next.X - At.X) * (next.X - At.X)) + ((next.Y - At.Y) * (next.Y - At.Y)));
}
