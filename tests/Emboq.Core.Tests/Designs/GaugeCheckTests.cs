namespace Emboq.Core.Tests.Designs;

/// <summary>Fitted sizes read off triangles: of a cube 10 wide.</summary>
public sealed class GaugeCheckTests
{
    private static readonly SolidMesh Cube = new([.. Enumerable.Range(0, 8).SelectMany(i => new[] { 10f * (i & 1), 5f * (i & 2), 2.5f * (i & 4) })],
    [
        0, 2, 3, 0, 3, 1, 4, 5, 7, 4, 7, 6, 0, 1, 5, 0, 5, 4, 2, 6, 7, 2, 7, 3, 0, 4, 6, 0, 6, 2, 1, 3, 7, 1, 7, 5,
    ], 1000, 600);

    private static Gauge Wide(double size, double pictured = 0) => new("part", $"width {size}", size, new(4, 4.1, 4.3), Axis.X) { Pictured = pictured };

    private static Check Of(params IReadOnlyList<Gauge> gauges) => GaugeCheck.Of(gauges, new Dictionary<string, SolidMesh> { ["part"] = Cube })!;

    [Theory]
    [InlineData(10.02, 0, Verdict.Good)]
    [InlineData(10.05, 0, Verdict.Stop)]
    [InlineData(10.05, 0.08, Verdict.Good)]
    [InlineData(10.12, 0.08, Verdict.Stop)]
    public void A_size_that_is_off_is_a_stop_beyond_what_a_picture_may_be(double size, double pictured, Verdict verdict) =>
        Of(Wide(size, pictured), Wide(10)).Verdict.ShouldBe(verdict);

    /// <summary>One that is 0.04 off where nothing is coarse is worse than one that is 0.06 off where 0.08 may be.</summary>
    [Fact]
    public void The_worst_is_told_and_what_is_not_there_is_a_stop()
    {
        Of(Wide(10.06, 0.08), Wide(10.04)).Says.ShouldContain("width 10.04");
        // Where both are let pass, no size is further off than is told.
        Of(Wide(10.06, 0.08), Wide(10.01)).Figure.ShouldBe("0.06 mm off at most");
        Of(Wide(10) with { At = new(40, 4, 4) }).Figure.ShouldBe("not found");
        GaugeCheck.Of([Wide(10) with { Body = "another" }], new Dictionary<string, SolidMesh> { ["part"] = Cube }).ShouldBeNull();
    }
}
