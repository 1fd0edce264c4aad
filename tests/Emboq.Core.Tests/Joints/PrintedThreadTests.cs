namespace Emboq.Core.Tests.Joints;

/// <summary>How finely a printed thread is drawn. Expected: the sagitta of a chord, r (1 − cos π/n).</summary>
public sealed class PrintedThreadTests
{
    private static IEnumerable<Solid> Within(Solid solid) => solid switch
    {
        Solid.Moved m => Within(m.Of),
        Solid.Turned t => Within(t.Of),
        Solid.Union u => Within(u.A).Concat(Within(u.B)),
        _ => [solid],
    };

    [Theory]
    [InlineData(5, 0.8, 64)]
    [InlineData(8, 1.25, 64)]
    [InlineData(31.6, 3.175, 96)]
    [InlineData(60, 4, 128)]
    public void Its_facets_stay_within_a_twentieth_of_its_clearance(double major, double pitch, int corners)
    {
        var thread = Within(PrintedThread.Cut(major, pitch, 12)).OfType<Solid.Helical>().ShouldHaveSingleItem();
        thread.Profile.Points.Length.ShouldBe(corners);
        (major / 2 * (1 - Math.Cos(Math.PI / corners))).ShouldBeLessThan(PrintedThread.Clearance.Value / 20);
        // Pictures have few of them, and all of its edges: the ends of crests, and of roots.
        var coarse = (Solid.Helical)Coarse.Of(thread);
        coarse.Profile.Points.Length.ShouldBe(Coarse.Around);
        foreach (var (edge, depth) in new[] { (1, 0.0), (6, 0.625), (10, 0.625), (15, 0) })
        {
            var (x, y) = (Math.Cos(edge * Math.PI / 8), Math.Sin(edge * Math.PI / 8));
            coarse.Profile.Points.Max(p => (p.X * x) + (p.Y * y) > 0.999 * double.Hypot(p.X, p.Y) ? double.Hypot(p.X, p.Y) : 0)
                .ShouldBe((major / 2) - (depth * Math.Sqrt(0.75) * pitch), 1e-6);
        }

        thread.Profile.Points.Max(p => Math.Sqrt((p.X * p.X) + (p.Y * p.Y))).ShouldBe(major / 2, 1e-9);
    }
}
