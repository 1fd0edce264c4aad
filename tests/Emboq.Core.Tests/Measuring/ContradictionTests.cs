namespace Emboq.Core.Tests.Measuring;

/// <summary>Ways to one size that contradict (Birge 1932; Mandel and Paule 1970), and ways whose doubt first order does not tell (JCGM 101).</summary>
public sealed class ContradictionTests
{
    private static Quantity Said(double value, double u, string id, double shared = 0) =>
        Quantity.Input("size", value, Unit.Millimetre, new Provenance.Measured("test"), (new Source(id, id, u), 1),
        (new Source("caliper", "caliper", shared), 1));

    private static Quantity Mean(params Quantity[] q) => q.Aggregate((a, b) => a + b) / q.Length;

    /// <summary>By hand: residuals ±0.15 over doubts of 0.1: chi² = 2 (0.15/0.1)² = 4.5 on one degree of freedom.</summary>
    [Fact]
    public void The_ratio_is_the_root_of_chi_squared_over_its_freedom()
    {
        Quantity[] said = [Said(8.15, 0.1, "a"), Said(8.45, 0.1, "b")];
        Agreement.BirgeRatio(said, Mean(said)).ShouldBe(Math.Sqrt(4.5), 1e-4);
        var widened = Agreement.Widened(said, Mean(said), "x", "they contradict");
        widened.StandardUncertainty.ShouldBe(0.1 / Math.Sqrt(2) * Math.Sqrt(4.5), 1e-4);
        widened.Value.ShouldBe(8.3, 1e-12);
    }

    [Fact]
    public void Agreement_never_widens_and_a_little_contradiction_never_leaves_it_sharper_than_the_sharpest()
    {
        Quantity[] agree = [Said(8.30, 0.1, "a"), Said(8.32, 0.1, "b")];
        Agreement.Widened(agree, Mean(agree), "x", "they contradict").StandardUncertainty.ShouldBe(Mean(agree).StandardUncertainty, 1e-12);
        // chi² = 1.02: the ratio alone would leave 0.0714.
        Quantity[] little = [Said(8.30, 0.1, "a"), Said(8.4428, 0.1, "b")];
        Agreement.Widened(little, Mean(little), "x", "they contradict").StandardUncertainty.ShouldBe(0.1, 1e-9);
    }

    [Fact]
    public void What_is_shared_explains_no_difference()
    {
        // Both read with one caliper of 0.5: its error cannot drive them apart, so they contradict as much as without it.
        Quantity[] said = [Said(8.15, 0.1, "a", 0.5), Said(8.45, 0.1, "b", 0.5)];
        Agreement.BirgeRatio(said, Mean(said)).ShouldBe(Math.Sqrt(4.5), 0.01);
    }

    [Fact]
    public void A_place_read_two_ways_that_contradict_is_no_surer_than_one_of_them()
    {
        var place = Places.Of(KindList.Of("post"), FormattableString.Invariant($"diameter 30, around {Math.PI * 31}"));
        var both = Evaluation.Of(place, "diameter")!;
        both.Disagrees.ShouldBeTrue();
        both.Quantity.StandardUncertainty.ShouldBeGreaterThanOrEqualTo(both.Estimates.Min(e => e.Quantity.StandardUncertainty));
        both.Quantity.Shares[0].Source.Name.ShouldContain("contradict");
    }

    /// <summary>Radius of an arc from chord c and sagitta s: c²/8s + s/2. Its true interval follows from that of the sagitta, which alone is in doubt:
    /// monotone, so quantiles map to quantiles.</summary>
    [Fact]
    public void A_shallow_arc_tells_its_uneven_interval()
    {
        var arc = Places.Of(KindList.Of("arc"), "chord 60, sagitta 1.05");
        var interval = Propagation.Of(new(arc), "radius").ShouldNotBeNull();
        var (first, u) = (Evaluation.Of(arc, "radius")!.Quantity, Evaluation.Of(arc["sagitta"])!.Quantity.StandardUncertainty);
        double Radius(double s) => (60 * 60 / 8 / s) + (s / 2);
        interval.Low.ShouldBe(Radius(1.05 + (1.96 * u)), 4);
        interval.High.ShouldBe(Radius(1.05 - (1.96 * u)), 8);
        // Skew: the far side is further than the near one.
        (interval.High - first.Value).ShouldBeGreaterThan(1.1 * (first.Value - interval.Low));
        ReadingChecks.Of("r", "arc measured", arc, "radius").Verdict.ShouldBe(Verdict.Watch);
    }

    [Fact]
    public void A_deep_arc_is_told_well_enough_by_first_order() => Propagation.Of(new(Places.Of(KindList.Of("arc"), "chord 60, sagitta 12")),
        "radius").ShouldBeNull();
}
