using CsCheck;

namespace Emboq.Core.Tests.Solids;

/// <summary>Lofts with less: whatever is left away lies within the deviation of what is left.</summary>
public sealed class ThinnedLoftTests
{
    private static Solid.Section Round(double radius, double height, int count = 90, Func<double, double>? bump = null) => new(new Profile(
        Enumerable.Range(0, count).Select(i => 2 * Math.PI * i / count).Select(a => (A: a, R: radius + (bump?.Invoke(a) ?? 0))).Select(p =>
            new Point2(p.R * Math.Cos(p.A), p.R * Math.Sin(p.A)))), height);

    [Fact]
    public void Every_corner_that_is_left_away_lies_near_what_is_left() => Gen.Select(Gen.Double[8, 30], Gen.Double[0, 3].Array[12], Gen.Double[0.005, 0.3],
        Gen.Int[2, 6]).Sample((radius, bumps, deviation, waves) =>
    {
        List<Solid.Section> sections = [.. bumps.Select((b, k) => Round(radius, 2.0 * k, bump: a => b * Math.Sin(waves * a)))];
        var thin = ThinnedLoft.Of(sections, deviation);
        thin.Select(s => s.Outline.Points.Length).Distinct().Count().ShouldBe(1);
        thin.ShouldAllBe(s => Outlines.SeenFromWithin(s.Outline));
        (thin[0].Height, thin[^1].Height).ShouldBe((sections[0].Height, sections[^1].Height));
        foreach (var section in sections)
        {
            // The thin body at that height: straight from the outline below to the one above.
            var above = thin.First(s => s.Height >= section.Height);
            var below = thin.Last(s => s.Height <= section.Height);
            var share = above == below ? 0 : (section.Height - below.Height) / (above.Height - below.Height);
            Point2[] there = [.. below.Outline.Points.Zip(above.Outline.Points, (p, q) => new Point2(p.X + (share * (q.X - p.X)), p.Y
                + (share * (q.Y - p.Y))))];
            section.Outline.Points.Max(p => there.Select((a, i) => Beside(p, a, there[(i + 1) % there.Length])).Min()).ShouldBeLessThan((2 * deviation) + 1e-9);
        }
    }, iter: 60);

    /// <summary>Sagitta of a chord: a circle within a deviation d needs about π √(r / 2d) corners; a straight one has two outlines.</summary>
    [Fact]
    public void A_plain_tube_keeps_two_outlines_and_as_many_corners_as_its_chords_ask()
    {
        var thin = ThinnedLoft.Of([.. Enumerable.Range(0, 20).Select(k => Round(20, 1.5 * k, 360))], 0.02);
        thin.Count.ShouldBe(2);
        thin[0].Outline.Points.Length.ShouldBeInRange(70, 140);
        var coarse = (Solid.Lofted)Coarse.Of(new Solid.Lofted(Enumerable.Range(0, 20).Select(k => Round(20, 1.5 * k, 360))));
        coarse.Sections.Length.ShouldBe(2);
    }

    private static double Beside(Point2 p, Point2 a, Point2 b)
    {
        var along = ((p.X - a.X) * (b.X - a.X)) + ((p.Y - a.Y) * (b.Y - a.Y));
        var share = Math.Clamp(along / (((b.X - a.X) * (b.X - a.X)) + ((b.Y - a.Y) * (b.Y - a.Y))), 0, 1);
        return double.Hypot(p.X - a.X - (share * (b.X - a.X)), p.Y - a.Y - (share * (b.Y - a.Y)));
    }
}
