using CsCheck;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Tests.Mechanics;

/// <summary>How a turned thing lies. Against its energy: the height of its centre of mass over a flat floor at every tilt, by scanning.</summary>
public sealed class LyingRestTests
{
    /// <summary>A cylinder of 10 and a head of 30, each 50 long: it lies on the far rim of its handle, 0, and the near rim of its head, 50: tan = 10 / 50.
    /// With its centre at 75 it lies on the head alone, level.</summary>
    [Theory]
    [InlineData(30, 0, 50, 11.3099)]
    [InlineData(75, 50, 100, 0)]
    public void It_lies_on_two_rims(double centre, double near, double far, double tilt)
    {
        var rest = LyingRest.Of([new(0, 5), new(50, 5), new(50, 15), new(100, 15)], centre)!;
        (rest.Near.X, rest.Far.X).ShouldBe((near, far));
        rest.Tilt.ShouldBe(tilt, 1e-3);
    }

    [Fact]
    public void What_only_stands_lies_nowhere() => LyingRest.Of([new(0, 50), new(10, 5)], 2).ShouldBeNull();

    /// <summary>The support function of a body of revolution in a plane through its axis: how high its centre stands over a floor at some tilt.</summary>
    private static double Energy(IReadOnlyList<Point2> half, double centre, double tilt)
    {
        var (sin, cos) = Math.SinCos(tilt * Math.PI / 180);
        return half.Max(p => (p.Y * cos) - ((p.X - centre) * sin));
    }

    [Fact]
    public void It_lies_where_its_energy_is_least()
    {
        var steps = Gen.Select(Gen.Double[8, 60], Gen.Double[3, 20]).Array[2, 6];
        Gen.Select(steps, Gen.Double[0.2, 0.8]).Sample((s, share) =>
        {
            var (half, x) = (new List<Point2>(), 0.0);
            foreach (var (length, radius) in s)
            {
                half.AddRange([new(x, radius), new(x + length, radius)]);
                x += length;
            }

            var centre = share * x;
            var rest = LyingRest.Of(half, centre);
            var scanned = Enumerable.Range(-8000, 16001).Select(i => i / 100.0).ToList();
            // Least among tilts that are lower than both neighbours: it comes to rest there.
            var rests = scanned.Skip(1).SkipLast(1).Where(t => Energy(half, centre, t) < Energy(half, centre, t - 0.01)
                && Energy(half, centre, t) <= Energy(half, centre, t + 0.01)).ToList();
            if (rests.Count == 0 || rest is null || Math.Abs(rest.Tilt) > 79)
            {
                return;
            }

            var least = rests.MinBy(t => Energy(half, centre, t));
            rest.Middle.ShouldBe(Energy(half, centre, least), 0.02);
            Energy(half, centre, rest.Tilt).ShouldBe(rest.Middle, 1e-9);
        }, iter: 30);
    }
}
