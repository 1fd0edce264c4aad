using Emboq.Core.Tests.Measuring;

namespace Emboq.Kernel.Tests;

/// <summary>The machine's side of every kind of place, as a closed body; volumes by closed forms.</summary>
public sealed class PlaceShapeTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    public static TheoryData<string, double> Volumes => new()
    {
        { "tube", Math.PI / 4 * ((54 * 54) - (50 * 50)) * 30 },
        { "duct", (Rounded(80, 50, 4) - Rounded(76, 46, 4)) * 30 },
        { "post", Math.PI / 4 * 900 * 50 },
        { "bore", ((40.0 * 40) - (Math.PI * 100)) * 25 },
        // It gives by 1: half of that wider.
        { "hose", Math.PI / 4 * ((46.5 * 46.5) - (40.5 * 40.5)) * 60 },
        // A circular segment: r² (θ − sin θ) / 2.
        { "arc", 2500 * ((2 * Math.Asin(0.6)) - Math.Sin(2 * Math.Asin(0.6))) / 2 * 30 },
        { "taper", Math.PI * 50 / 12 * ((20 * 20) + (20 * 17.5) + (17.5 * 17.5)) },
        { "slot", ((57 * 20) - (19 * 10)) * 200 },
        { "t-slot", ((36 * 12 * 1.4) - (10 * 5) - (18 * 7)) * 200 },
        { "flat", 18 * 300 * 300 },
        { "foot", 60 * 30 * 40 },
        { "hole-grid", (((192 + 60) * (192 + 60)) - (9 * Math.PI * 100)) * 18 },
        { "hole-row", (((96 + 15) * 15) - (2 * Math.PI * 6.25)) * 4 },
        { "thread", Math.PI / 4 * 9.9 * 9.9 * 25 },
        // A hexagon: √3/2 of the square over its flats.
        { "nut", ((Math.Sqrt(3) / 2 * 12.9 * 12.9) - (Math.PI / 4 * 6.8 * 6.8)) * 6.5 },
        // Ellipses of 20 + 5 sin by 14 from 2 to 158, whose sine cancels, at the scale of its reading.
        { "grip", Math.PI * 14 * 20 * 156 * Math.Pow(61.6 / 61.618, 3) },
        { "angle", 50 * 50 * Math.Tan(9.9262 * Math.PI / 180) / 2 * 20 },
    };

    [Theory]
    [MemberData(nameof(Volumes))]
    public async Task A_place_has_the_volume_of_its_closed_form(string kind, double volume)
    {
        var place = Places.Of(kind);
        var mesh = (await fixture.Pool.Evaluate([place.Kind.Shape(new Sizes(place))!], 0.001, TestContext.Current.CancellationToken))[0];
        // Outlines given as points carry the usual chord error, whatever the kernel is asked for.
        mesh.Volume.ShouldBe(volume, mesh.Area * 0.01);
    }

    [Fact]
    public async Task Every_kind_that_has_a_body_builds_one()
    {
        var solids = KindList.All.Select(k => k.Shape(Places.SizesOf(k.Key))).OfType<Solid>().ToList();
        solids.Count.ShouldBe(KindList.All.Count - 1);
        (await fixture.Pool.Evaluate(solids, 0.01, TestContext.Current.CancellationToken)).ShouldAllBe(m => m.Volume > 0);
    }

    private static double Rounded(double width, double height, double corner) => (width * height) - ((4 - Math.PI) * corner * corner);
}
