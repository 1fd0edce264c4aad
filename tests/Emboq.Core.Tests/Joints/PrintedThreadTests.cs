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
    [InlineData(5, 0.8, 48)]
    [InlineData(8, 1.25, 48)]
    [InlineData(31.6, 3.175, 96)]
    [InlineData(60, 4, 128)]
    public void Its_facets_stay_within_a_twentieth_of_its_clearance(double major, double pitch, int corners)
    {
        var thread = Within(PrintedThread.Cut(major, pitch, 12)).OfType<Solid.Helical>().ShouldHaveSingleItem();
        thread.Profile.Points.Length.ShouldBe(corners);
        (major / 2 * (1 - Math.Cos(Math.PI / corners))).ShouldBeLessThan(PrintedThread.Clearance.Value / 20);
        thread.Profile.Points.Max(p => Math.Sqrt((p.X * p.X) + (p.Y * p.Y))).ShouldBe(major / 2, 1e-9);
    }
}
