using CsCheck;
using MathNet.Numerics.Distributions;

namespace Emboq.Core.Tests.Fits;

public sealed class FitTests
{
    private static Quantity Spread(string name, double value, double uncertainty) =>
        Quantity.Input(name, value, Unit.Millimetre, new Provenance.Measured("test"), [(new Source(name, name, uncertainty), 1)]);

    private static SizeLaw Seat(Surface surface, double counterpart = 50, double clearance = 0.1) =>
        new(Spread("counterpart", counterpart, 0.03), Face.Of(surface, counterpart), Quantity.Chosen("clearance", clearance, Unit.Millimetre),
            new LearnedFits(Workshop.Process), "cuff");

    [Theory]
    [InlineData(Surface.HoleUpright, 50.1)]
    [InlineData(Surface.OutsideRound, 49.9)]
    public void Wanted_is_hole_minus_shaft_and_drawn_is_wanted_plus_allowance(Surface surface, double wanted)
    {
        // The law of sizes: one formula, the sign lives in the allowance.
        var seat = Seat(surface);
        var drawn = SizeLaw.Drawn(seat.Wanted, surface, seat.Fits);
        SizeLaw.Printed(drawn, seat.Allowance).Value.ShouldBe(wanted, 1e-12);
        seat.Wanted.Value.ShouldBe(wanted, 1e-12);
        drawn.Value.ShouldBe(wanted + Workshop.Process.Allowances[surface].Value, 1e-12);
        seat.Realised(drawn.Fixed("drawn", "test"), seat.TouchingBefore).Value.ShouldBe(0.1, 1e-12);
    }

    [Fact]
    public void Classes_go_with_the_words_of_the_hand()
    {
        // common practice, no source: each felt word lies in the band of the fit that aims at it.
        (string Fit, Feel Feel)[] pairs = [("press", Feel.NeedsForce), ("snug", Feel.FirmByHand), ("slide", Feel.Slides), ("free", Feel.Rattles)];
        foreach (var (fit, feel) in pairs)
        {
            SeatWords.Cuff.Middle(feel).ShouldBeInRange(FitClasses.Of(fit).Least, FitClasses.Of(fit).Greatest, fit);
        }

        Enum.GetValues<Feel>().Select(SeatWords.Cuff.Middle).ShouldBeInOrder();
        FitClasses.All.ShouldAllBe(f => f.Least < f.Clearance && f.Clearance < f.Greatest);
    }

    [Theory]
    [InlineData(Surface.HoleUpright)]
    [InlineData(Surface.OutsideRound)]
    public void A_measured_print_corrects_by_what_it_missed(Surface surface)
    {
        var seat = Seat(surface);
        var drawn = seat.Wanted.Value + Workshop.Process.Allowances[surface].Value;
        // Printed 0.3 smaller than the process was believed to print.
        var tried = new TryEvidence("first", 1, drawn, null, seat.Wanted.Value - 0.3, Workshop.Caliper);
        var shift = seat.Fits.Touching(seat, [tried]).Value - seat.TouchingBefore.Value;
        shift.ShouldBeInRange(0.15, 0.3);
    }

    [Theory]
    [InlineData(Surface.HoleUpright, Feel.NeedsForce, 1)]
    [InlineData(Surface.HoleUpright, Feel.Rattles, -1)]
    [InlineData(Surface.OutsideRound, Feel.NeedsForce, -1)]
    [InlineData(Surface.OutsideRound, Feel.Rattles, 1)]
    public void A_tight_hole_grows_and_a_tight_shaft_shrinks(Surface surface, Feel feel, int sign)
    {
        var seat = Seat(surface);
        var drawn = seat.Wanted.Value + Workshop.Process.Allowances[surface].Value;
        var after = seat.Fits.Touching(seat, [new("first", 1, drawn, feel, null, null)]);
        Math.Sign(after.Value - seat.TouchingBefore.Value).ShouldBe(sign);
    }

    [Fact]
    public void Every_try_sharpens_the_estimate_and_what_was_wanted_leaves_it_in_place()
    {
        var seat = Seat(Surface.HoleUpright);
        var drawn = seat.Wanted.Value + 0.2;
        TryEvidence Firm(int revision) => new("first", revision, drawn, Feel.FirmByHand, null, null);
        var spreads = Enumerable.Range(0, 4).Select(n => seat.Fits.Touching(seat, [.. Enumerable.Range(1, n).Select(Firm)]).StandardUncertainty).ToList();
        spreads.ShouldBeInOrder(SortDirection.Descending);
        seat.Fits.Touching(seat, [Firm(1)]).Value.ShouldBe(seat.TouchingBefore.Value, 1e-9);
    }

    [Fact]
    public void The_best_average_is_no_worse_than_either_and_than_any_other_weight() =>
        Gen.Select(Gen.Double[0.01, 1], Gen.Double[0.01, 1], Gen.Double[0, 1], Gen.Double[0, 1]).Sample((ua, ub, shared, weight) =>
        {
            var common = Spread("common", 0, shared);
            var (a, b) = (Spread("a", 10, ua) + common, Spread("b", 10.3, ub) + common);
            var best = Agreement.Best(a, b).StandardUncertainty;
            best.ShouldBeLessThanOrEqualTo((((1 - weight) * a) + (weight * b)).StandardUncertainty + 1e-12);
        });

    [Fact]
    public void One_chance_is_the_normal_distribution()
    {
        // JCGM 106, 7.3: probability of conformity with two limits.
        var chance = JointProbability.Within([(Spread("c", 0.1, 0.1), -0.05, 0.25)]);
        chance.ShouldBe(Normal.CDF(0, 1, 1.5) - Normal.CDF(0, 1, -1.5), 1e-9);
    }

    [Fact]
    public void Independent_chances_multiply_and_shared_causes_tie_them_together()
    {
        var (a, b) = (Spread("a", 0, 1), Spread("b", 0, 1));
        var single = Normal.CDF(0, 1, 1) - Normal.CDF(0, 1, -1);
        JointProbability.Within([(a, -1, 1), (b, -1, 1)]).ShouldBe(single * single, 1e-3);
        JointProbability.Within([(a, -1, 1), (a.Named("again"), -1, 1)]).ShouldBe(single, 5e-3);
    }

    [Theory]
    [InlineData(0.5)]
    [InlineData(-0.9)]
    public void Correlated_quadrants_follow_the_closed_form(double correlation)
    {
        // Sheppard 1899: P(X > 0, Y > 0) = 1/4 + asin(r) / 2 pi.
        var common = Spread("common", 0, Math.Sqrt(Math.Abs(correlation)));
        var own = Math.Sqrt(1 - Math.Abs(correlation));
        var (x, y) = (Spread("x", 0, own) + common, correlation > 0 ? Spread("y", 0, own) + common : Spread("y", 0, own) - common);
        JointProbability.Within([(x, 0, 50), (y, 0, 50)]).ShouldBe(0.25 + (Math.Asin(correlation) / (2 * Math.PI)), 1e-3);
    }

    [Fact]
    public void Forty_that_share_a_cause_are_one_group_and_two_groups_multiply()
    {
        // One common factor: P = integral of phi(z) (Phi((c - a z) / b) - Phi((-c - a z) / b))^n dz (Dunnett and Sobel 1955), here by the midpoint rule.
        double Reference(int n, double a, double c)
        {
            var b = Math.Sqrt(1 - (a * a));
            return Enumerable.Range(0, 4000).Select(i => -8 + (16 * (i + 0.5) / 4000)).Sum(z =>
                Normal.PDF(0, 1, z) * Math.Pow(Normal.CDF(0, 1, (c - (a * z)) / b) - Normal.CDF(0, 1, (-c - (a * z)) / b), n) * 16 / 4000);
        }

        IEnumerable<(Quantity, double, double)> Group(string name, int n, double a, double c)
        {
            var common = Spread($"{name} common", 0, a);
            return Enumerable.Range(0, n).Select(i => (Spread($"{name} {i}", 0, Math.Sqrt(1 - (a * a))) + common, -c, c));
        }

        var (many, few) = (Reference(40, 0.7, 2.5), Reference(3, 0.5, 1.5));
        JointProbability.Within([.. Group("many", 40, 0.7, 2.5)]).ShouldBe(many, 5e-3);
        JointProbability.Within([.. Group("many", 40, 0.7, 2.5), .. Group("few", 3, 0.5, 1.5)]).ShouldBe(many * few, 5e-3);
    }

    [Fact]
    public void Without_spread_a_chance_is_yes_or_no()
    {
        JointProbability.Within([(Spread("a", 0.1, 0), 0, 1)]).ShouldBe(1);
        JointProbability.Within([(Spread("a", 2, 0), 0, 1), (Spread("b", 0, 1), -9, 9)]).ShouldBe(0);
    }
}
