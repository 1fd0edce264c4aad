namespace Emboq.Core.Families.Kit;

/// <summary>Holes that two parts share.</summary>
internal static class HolePattern
{
    /// <summary>Those that are taken from another part, about their middle, mm; <c>null</c> where none are.</summary>
    /// <param name="brief">What was asked.</param>
    /// <param name="slot">By which they are taken.</param>
    public static IReadOnlyList<Point2>? Taken(Brief brief, string slot)
    {
        if (brief.Taken.GetValueOrDefault(slot)?.Thing is not Given.Pattern { Holes: { Count: > 0 } taken })
        {
            return null;
        }

        var (x, y) = ((taken.Max(h => h.X) + taken.Min(h => h.X)) / 2, (taken.Max(h => h.Y) + taken.Min(h => h.Y)) / 2);
        return [.. taken.Select(h => new Point2(h.X - x, h.Y - y))];
    }

    /// <summary>Two beside each other.</summary>
    public static IReadOnlyList<Point2> Pair(Quantity spacing) => [new(-spacing.Value / 2, 0), new(spacing.Value / 2, 0)];

    /// <summary>Evenly around a circle, the first along x.</summary>
    /// <param name="across">Through their middles, mm.</param>
    /// <param name="count">How many.</param>
    public static IReadOnlyList<Point2> Circle(double across, int count) => [.. Enumerable.Range(0, count).Select(i => 2 * Math.PI * i / count)
        .Select(a => new Point2(across / 2 * Math.Cos(a), across / 2 * Math.Sin(a)))];

    /// <summary>Between the two that are nearest to each other, mm; without end for one.</summary>
    public static double Nearest(IReadOnlyList<Point2> holes) => holes.SelectMany((h, i) => holes.Skip(i + 1).Select(o =>
        Math.Sqrt(((h.X - o.X) * (h.X - o.X)) + ((h.Y - o.Y) * (h.Y - o.Y))))).DefaultIfEmpty(double.PositiveInfinity).Min();
}
