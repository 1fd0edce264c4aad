using Emboq.Core.Mechanics;

namespace Emboq.Core.Tests.Mechanics;

/// <summary>A ring opened at its mouth, and screws by hand, against closed forms from elsewhere.</summary>
public sealed class RingTests
{
    /// <summary>Roark; Timoshenko (from memory): k = 3π for a slit ring.</summary>
    [Fact]
    public void A_slit_ring_opens_by_three_pi() => new OpenRing(20, 4, 0).Factor.ShouldBe(3 * Math.PI, 1e-12);

    /// <summary>The reference: at b = 60° the strain is 1.59 times the slit's at the same opening.</summary>
    [Fact]
    public void A_mouth_of_sixty_degrees_strains_more_than_a_slit() =>
        (new OpenRing(20, 4, Math.PI / 3).Strain(1) / new OpenRing(20, 4, 0).Strain(1)).ShouldBe(1.59, 0.005);

    /// <summary>Winkler's curved beam (from memory): 1.07 at R/t = 5, 1.15 at 2.5.</summary>
    [Theory]
    [InlineData(5, 1.07)]
    [InlineData(2.5, 1.15)]
    public void The_inner_fibre_of_a_thick_ring_bears_more(double ratio, double factor) => new OpenRing(ratio * 4, 4, 0).InnerFibre.ShouldBe(factor, 0.005);

    /// <summary>An arc of 400 straight beams, each turned by its moment: the ends part as Castigliano says, and the greatest moment lies opposite.</summary>
    [Theory]
    [InlineData(0)]
    [InlineData(25)]
    [InlineData(60)]
    [InlineData(75)]
    public void The_ends_part_as_an_arc_of_beams_does(double halfMouth)
    {
        const int Beams = 400;
        var (b, radius, thick, height, stiff, force) = (halfMouth * Math.PI / 180, 18.0, 3.0, 10.0, 2000.0, 1.0);
        var inertia = height * Math.Pow(thick, 3) / 12;
        var step = (Math.PI - b) / Beams;
        var (opening, greatest, at) = (0.0, 0.0, 0.0);
        for (var i = 0; i < Beams; i++)
        {
            var angle = b + ((i + 0.5) * step);
            var arm = radius * (Math.Cos(b) - Math.Cos(angle));
            // Each beam turns by M ds / EI, and moves the end by its height over it; both sides open.
            opening += 2 * force * arm * radius * step / (stiff * inertia) * arm;
            (greatest, at) = force * arm > greatest ? (force * arm, angle) : (greatest, at);
        }

        var ring = new OpenRing(radius, thick, b);
        ring.Force(opening, stiff, height).ShouldBe(force, 0.001);
        at.ShouldBe(Math.PI, step);
        // Strain of a straight fibre is M t / (2 E I).
        (ring.Strain(opening) / ring.InnerFibre).ShouldBe(greatest * thick / (2 * stiff * inertia), 1e-4 * ring.Strain(opening) + 1e-7);
    }

    [Fact]
    public void The_thickest_ring_that_opens_is_strained_as_far_as_is_borne()
    {
        var thick = OpenRing.Thickest(30, 22, r => r.Strain(8) <= 0.02);
        OpenRing.Around(30, thick, 22).Strain(8).ShouldBe(0.02, 1e-6);
    }

    /// <summary>Statics: fully open, the lips slide over the widest place and only friction of both resists, 2 μ F; without friction a push of 2 F / tan φ
    /// spreads
    /// with F; and where tan φ is less than μ no push opens it.</summary>
    [Fact]
    public void A_push_opens_a_ring_or_its_lips_jam()
    {
        var ring = OpenRing.Around(30, 4, 29);
        ring.Push(30, 29, 2000, 20, 0.2).ShouldBeGreaterThan(2 * 0.2 * ring.Force(1, 2000, 20) * 0.999);
        var wide = OpenRing.Around(30, 4, 20);
        var greatest = Enumerable.Range(1, 2000).Select(i => Math.Asin(20.0 / 30) + ((Math.PI / 2 - Math.Asin(20.0 / 30)) * i / 2000)).Max(a =>
            2 * wide.Force((30 * Math.Sin(a)) - 20, 2000, 20) / Math.Tan(a));
        wide.Push(30, 20, 2000, 20, 0).ShouldBe(greatest, greatest * 0.01);
        OpenRing.Around(30, 4, 4).Push(30, 4, 2000, 20, 0.2).ShouldBe(double.PositiveInfinity);
    }

    /// <summary>T = K F d with K = 0.2 (VDI 2230; Shigley; from memory): 1 N·m on M5 presses with 1000 N.</summary>
    [Fact]
    public void A_newton_metre_on_five_millimetres_presses_with_a_thousand_newtons()
    {
        var bolt = BoltForce.Of("M5", 1, null, warm: false, new Ledger());
        bolt.Each.Value.ShouldBe(1000, 1e-9);
        (bolt.Each.StandardUncertainty / bolt.Each.Value).ShouldBe(0.2, 1e-9);
        bolt.Lasting.ShouldBeNull();
    }

    [Fact]
    public void What_is_not_known_of_a_filament_is_not_judged()
    {
        PrintedMaterial.Of(Workshop.Process).ShouldBeNull();
        Strength.Used("x", "x", 5, null, "MPa", "good", "bad", "source").Verdict.ShouldBe(Verdict.Watch);
        Strength.Used("x", "x", 5, 10, "MPa", "good", "bad", "source").ShouldSatisfyAllConditions(c => c.Verdict.ShouldBe(Verdict.Good),
            c => c.Used.ShouldBe(0.5));
        Strength.Used("x", "x", 20, 10, "MPa", "good", "bad", "source").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>A bar of 10 mm² under 200 N with 10 MPa allowed: 20 mm² are needed; the one that grows least in proportion is offered first.</summary>
    [Fact]
    public void The_remedy_that_changes_least_comes_first_and_says_what_it_comes_to()
    {
        var offered = Strength.Best(new StrengthChoice("wide", "width", 2, 50, w => 200 / (w * 5) / 10), new StrengthChoice("high", "height", 5, 50,
            h => 200 / (2 * h * h / 5) / 10)).OfType<Remedy.Change>().ToList();
        offered.Select(o => o.Entries.Keys.Single()).ShouldBe(["high", "wide"]);
        offered[0].Entries["high"].ShouldBe("7.5");
        offered[0].Label.ShouldContain("89 % used");
    }
}
