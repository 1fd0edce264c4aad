namespace Emboq.Core.Tests.Measuring;

/// <summary>Outlines that scatter, evened within what is stated.</summary>
public sealed class SmoothingTests
{
    private static double Off(Point2 p, IReadOnlyList<Point2> outline) => outline.Select((a, i) => outline[(i + 1) % outline.Count] is var b
        ? Math.Clamp((((p.X - a.X) * (b.X - a.X)) + ((p.Y - a.Y) * (b.Y - a.Y))) / (((b.X - a.X) * (b.X - a.X)) + ((b.Y - a.Y) * (b.Y - a.Y))), 0, 1) is var t
            ? double.Hypot(p.X - a.X - (t * (b.X - a.X)), p.Y - a.Y - (t * (b.Y - a.Y))) : 0 : 0).Min();

    /// <summary>A round of radius 30 whose points scatter by 0.06 mm is a round again, its scatter half or less; nothing moves by more than a tenth.</summary>
    [Fact]
    public void What_scatters_is_evened()
    {
        var random = new Random(3);
        Point2[] rough = [.. Enumerable.Range(0, 400).Select(i => (Angle: 2 * Math.PI * i / 400, R: 30 + (0.12 * (random.NextDouble() - 0.5)))).Select(p =>
            new Point2(p.R * Math.Cos(p.Angle), p.R * Math.Sin(p.Angle)))];
        var even = Smoothing.Of(rough, 0.1);
        double Scatter(IEnumerable<Point2> points) => Math.Sqrt(points.Average(p => Math.Pow(double.Hypot(p.X, p.Y) - 30, 2)));
        Scatter(even).ShouldBeLessThan(Scatter(rough) / 2);
        even.Max(p => Off(p, rough)).ShouldBeLessThan(0.1);
        rough.Max(p => Off(p, even)).ShouldBeLessThan(0.15);
        even.Count.ShouldBeLessThan(120);
    }

    /// <summary>The corners of a plate 60 by 40 stay where they are, and its sides become straight.</summary>
    [Fact]
    public void What_is_sharp_stays()
    {
        Point2[] corners = [new(0, 0), new(60, 0), new(60, 40), new(0, 40)];
        // Pixels of 0.1 mm: every second point of a side lies a little inwards.
        Point2[] rough = [.. corners.SelectMany((a, k) => corners[(k + 1) % 4] is var b ? Enumerable.Range(0, 100).Select(i => (Share: i / 100.0, In: i % 2 == 0
            ? 0 : 0.1)).Select(s => new Point2(a.X + ((b.X - a.X) * s.Share) - (s.In * Math.Sign(b.Y - a.Y)), a.Y + ((b.Y - a.Y) * s.Share) + (s.In
                * Math.Sign(b.X - a.X)))) : [])];
        var even = Smoothing.Of(rough, 0.2);
        corners.ShouldAllBe(c => even.Any(p => double.Hypot(p.X - c.X, p.Y - c.Y) < 0.06));
        even.Max(p => Off(p, rough)).ShouldBeLessThan(0.2);
        even.Count.ShouldBeLessThan(40);
        new Profile(even).Area.ShouldBe(2400 - (200 * 0.05), 8);
    }

    /// <summary>An outline of nothing but corners is left as it is.</summary>
    [Fact]
    public void A_triangle_is_a_triangle() => Smoothing.Of([new(0, 0), new(40, 0), new(20, 30)], 0.1).Count.ShouldBe(3);
}
