namespace Emboq.Core.Mechanics;

/// <summary>How a round thing of steps and tapers lies on a flat floor: on two of its rims, its axis tilted by what they differ.</summary>
/// <param name="Near">The rim nearer to its first face: where along the axis, and its radius, mm.</param>
/// <param name="Far">The other.</param>
/// <param name="Middle">From its axis, where its centre of mass lies, square to the floor, mm: what it weighs times this is its energy.</param>
/// <param name="Steady">How far that line meets the floor from the nearer of both rims, mm; beyond it the thing tips over.</param>
internal sealed record LyingRest(Point2 Near, Point2 Far, double Middle, double Steady)
{
    /// <summary>Of the axis against the floor, degrees: its far end stands higher where this is greater than nothing.</summary>
    public double Tilt => Math.Atan2(Far.Y - Near.Y, Far.X - Near.X) * 180 / Math.PI;

    /// <summary>The lowest way to lie; <c>null</c> where it stands on an end face and nowhere else.</summary>
    /// <param name="half">Its half section from the first face on: along the axis, and radius, mm.</param>
    /// <param name="centre">Of mass, along the axis, mm.</param>
    public static LyingRest? Of(IReadOnlyList<Point2> half, double centre)
    {
        var skin = Outlines.Skin(half);
        LyingRest? lowest = null;
        foreach (var (a, b) in skin.Zip(skin.Skip(1)).Where(s => s.Second.X - s.First.X > 1e-9))
        {
            var (dx, dr) = (b.X - a.X, b.Y - a.Y);
            var length = Math.Sqrt((dx * dx) + (dr * dr));
            // Where the line through the centre, square to the floor, meets it, along the floor from the near rim.
            var along = (((centre - a.X) * dx) - (a.Y * dr)) / length;
            if (along >= 0 && along <= length && Math.Abs(((dx * a.Y) + ((centre - a.X) * dr)) / length) is var high && high < (lowest?.Middle
                ?? double.PositiveInfinity))
            {
                lowest = new(a, b, high, Math.Min(along, length - along));
            }
        }

        return lowest;
    }
}
