using Emboq.Core.Mechanics;

namespace Emboq.Core.Tests.Mechanics;

/// <summary>Hoses: the shortest that bends no tighter than it may, and one that hangs.</summary>
public sealed class HoseTests
{
    private const double Right = Math.PI / 2;

    /// <summary>By hand: straight on; half a round to a place beside, two radii away; a place ahead that is left backwards, over half a round.</summary>
    [Theory]
    [InlineData(10, 0, 0, 0, 10)]
    [InlineData(2, 0, Right, -Right, Math.PI)]
    [InlineData(5, 2, 0, Math.PI, 5 + Math.PI)]
    [InlineData(1, 1, 0, Right, Right)]
    public void The_shortest_way_is_known_where_it_can_be_drawn_by_hand(double dx, double dy, double start, double end, double length) =>
        Dubins.Length(dx, dy, start, end, 1).ShouldBe(length, 1e-9);

    /// <summary>Whatever word is chosen, walked step by step it arrives, in the direction that was asked for.</summary>
    [Fact]
    public void Walked_along_every_way_arrives()
    {
        var random = new Random(7);
        for (var n = 0; n < 400; n++)
        {
            var (distance, start, end) = (random.NextDouble() * 6, random.NextDouble() * 2 * Math.PI, random.NextDouble() * 2 * Math.PI);
            var way = Dubins.Shortest(distance, start, end);
            var (x, y, heading) = (0.0, 0.0, start);
            foreach (var (turn, by) in way.Word.Zip([way.First, way.Middle, way.Last]))
            {
                const int Steps = 2000;
                for (var i = 0; i < Steps; i++)
                {
                    var half = (turn switch { 'L' => by, 'R' => -by, _ => 0 }) / Steps / 2;
                    heading += half;
                    (x, y) = (x + (by / Steps * Math.Cos(heading)), y + (by / Steps * Math.Sin(heading)));
                    heading += half;
                }
            }

            Math.Sqrt(Math.Pow(x - distance, 2) + (y * y)).ShouldBeLessThan(1e-5);
            Math.Cos(heading - end).ShouldBe(1, 1e-9);
        }
    }

    /// <summary>Closed form: with a = 1 m over 2 m level, a catenary is 2 sinh 1 m long and hangs cosh 1 − 1 m; its pull at an end is w a cosh 1.</summary>
    [Fact]
    public void A_level_hose_hangs_as_its_closed_form_says()
    {
        var hose = HangingHose.Between(2000, 0, 2000 * Math.Sinh(1))!;
        hose.Scale.ShouldBe(1000, 1e-3);
        hose.Lowest.ShouldBe(1000, 1e-3);
        hose.Hangs.ShouldBe(-1000 * (Math.Cosh(1) - 1), 1e-3);
        hose.Pull(0.003).ShouldBe(3 * Math.Cosh(1), 1e-6);
        hose.Bend.ShouldBe(1000, 1e-3);
    }

    /// <summary>Summed up in short straights, whatever hangs is as long as the hose, and ends where it should.</summary>
    [Theory]
    [InlineData(600, 900, 1400)]
    [InlineData(1500, -400, 1800)]
    [InlineData(40, 300, 900)]
    public void A_hanging_hose_is_as_long_as_it_was_cut(double across, double rise, double length)
    {
        const int Steps = 20_000;
        var hose = HangingHose.Between(across, rise, length)!;
        hose.At(across).ShouldBe(rise, 1e-3);
        Enumerable.Range(0, Steps).Sum(i => Math.Sqrt(Math.Pow(across / Steps,
            2) + Math.Pow(hose.At(across * (i + 1) / Steps) - hose.At(across * i / Steps), 2)))
            .ShouldBe(length, 0.01);
        HangingHose.Between(across, rise, Math.Sqrt((across * across) + (rise * rise)) - 1).ShouldBeNull();
    }
}
