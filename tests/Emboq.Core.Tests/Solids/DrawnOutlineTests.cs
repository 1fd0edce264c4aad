using CsCheck;

namespace Emboq.Core.Tests.Solids;

/// <summary>Outlines moved outwards and drawn along. Steiner's formula for convex ones: area + perimeter × distance, and a corner's square each where corners
/// stay sharp; along y an outline covers its width times the way more.</summary>
public sealed class DrawnOutlineTests
{
    [Theory]
    [InlineData(0, 0, 600)]
    [InlineData(3.2e-15, 0, 600)]
    [InlineData(3.2e-15, 10, 900)]
    [InlineData(2, 0, 600 + 200 + 16)]
    [InlineData(0, 10, 900)]
    [InlineData(0, -10, 900)]
    [InlineData(2, 10, 816 + 340)]
    public void A_rectangle_covers_what_is_reckoned_by_hand(double distance, double along, double area) =>
        Outlines.Drawn(new(new(0, 0), new(30, 0), new(30, 20),
        new(0, 20)), distance, along).Area.ShouldBe(area, 0.05);

    /// <summary>A buffer by a rounding error falls into slivers; what is drawn is still one outline.</summary>
    [Fact]
    public void A_rounding_error_outwards_is_nothing()
    {
        double[] radii = [136.0 / 13, 505.0 / 17, 9.447147888744077, 9.999941603447141, 7, 18.64119631293015, 12.3739581999095, 18];
        var star = new Profile(radii.Select((r, i) => new Point2(r * Math.Cos(i * Math.PI / 4), r * Math.Sin(i * Math.PI / 4))));
        Outlines.Drawn(star, 3222e-18, 0).Area.ShouldBe(star.Area, 0.1);
        Outlines.Drawn(star, 3222e-18, 19.493880643281507).Area.ShouldBe(Outlines.Drawn(star, 0, 19.493880643281507).Area, 1e-6);
    }

    /// <summary>A hook that closes around a hollow: the hollow is no part of the outline once.</summary>
    [Fact]
    public void What_is_enclosed_is_filled()
    {
        Profile hook = new(new(0, 0), new(40, 0), new(40, 30), new(22, 30), new(22, 24), new(34, 24),
            new(34, 6), new(6, 6), new(6, 24), new(18, 24), new(18, 30),
            new(0, 30));
        Outlines.Drawn(hook, 0, 0).Area.ShouldBe(hook.Area, 1e-6);
        Outlines.Drawn(hook, 3, 0).Area.ShouldBe(46 * 36, 0.5);
    }

    [Fact]
    public void It_covers_every_place_on_its_way() => Gen.Select(Gen.Double[4, 30].Array[8], Gen.Double[0, 4], Gen.Double[-20, 20]).Sample((radii, distance,
        along) =>
    {
        var star = new Profile(radii.Select((r, i) => new Point2(r * Math.Cos(i * Math.PI / 4), r * Math.Sin(i * Math.PI / 4))));
        var drawn = Outlines.Drawn(star, distance, along);
        foreach (var share in new[] { 0, 0.37, 1.0 })
        {
            var there = new Profile(star.Points.Select(p => p with { Y = p.Y + (share * along) }));
            // Each corner lies within, or on the edge.
            foreach (var p in there.Points)
            {
                (Within(drawn.Points, p) || Outlines.Apart(drawn.Points, [p, new(p.X + 1e-4, p.Y), new(p.X, p.Y + 1e-4)]) < 0.02).ShouldBeTrue();
            }
        }

        Outlines.Crossing(drawn.Points).ShouldBeNull();
    }, iter: 100);

    private static bool Within(IReadOnlyList<Point2> ring, Point2 p) => ring.Zip(ring.Skip(1).Append(ring[0])).Count(s => s.First.Y > p.Y != s.Second.Y > p.Y
        && p.X < s.First.X + ((s.Second.X - s.First.X) * (p.Y - s.First.Y) / (s.Second.Y - s.First.Y))) % 2 == 1;

    /// <summary>The upper convex hull: from left to right, turning right at each corner, and below none of the points.</summary>
    [Fact]
    public void A_skin_lies_over_all_points() =>
        Gen.Select(Gen.Double[0, 100], Gen.Double[0, 20]).Select((x, y) => new Point2(x, y)).Array[3, 30].Sample(points =>
    {
        var skin = Outlines.Skin(points);
        skin.Zip(skin.Skip(1)).ShouldAllBe(s => s.First.X <= s.Second.X);
        foreach (var p in points)
        {
            skin.Zip(skin.Skip(1)).Where(s => s.First.X <= p.X && p.X <= s.Second.X && s.Second.X > s.First.X).ShouldAllBe(s => p.Y <= s.First.Y
                + ((s.Second.Y - s.First.Y) * (p.X - s.First.X) / (s.Second.X - s.First.X)) + 1e-9);
        }
    }, iter: 100);
}
