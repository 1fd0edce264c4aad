namespace Emboq.Core.Tests.Measuring;

/// <summary>Evaluation of readings, by the clauses of JCGM 100 (from memory).</summary>
public sealed class EvaluationTests
{
    private static readonly Guid Place = Guid.NewGuid();

    [Fact]
    public void Nothing_read_is_no_number() => Evaluation.Of(Read("inside")).ShouldBeNull();

    [Fact]
    public void A_struck_reading_no_longer_counts_and_stays()
    {
        var dimension = Read("inside", (Workshop.Caliper, 50.00), (Workshop.Caliper, 50.04));
        var struck = dimension with { Readings = [.. dimension.Readings, dimension.Readings[0] with { Value = 70, StruckBecause = "slipped" }] };
        Evaluation.Of(struck)!.Quantity.Value.ShouldBe(50.02, 1e-9);
        struck.Readings.Count.ShouldBe(3);
    }

    [Fact]
    public void Spread_adds_repeatability_resolution_and_the_instrument_in_quadrature()
    {
        // 4.2.4 pooled scatter, F.2.2.1 step / sqrt 12, 4.3.7 rectangle / sqrt 3; by hand for four readings.
        double[] values = [50.00, 50.06, 49.98, 50.04];
        var q = Evaluation.Of(Read("inside", [.. values.Select(v => (Workshop.Caliper, v))]))!.Quantity;
        var squares = values.Sum(v => Math.Pow(v - values.Average(), 2));
        var pooled = Math.Sqrt(((4 * 0.03 * 0.03) + squares) / (4 + 3));
        var expected = Math.Sqrt((pooled * pooled / 4) + (0.01 * 0.01 / 12) + (0.03 * 0.03 / 3));
        q.Value.ShouldBe(50.02, 1e-9);
        q.StandardUncertainty.ShouldBe(expected, 1e-9);
    }

    [Fact]
    public void More_readings_sharpen_the_repeatability_but_never_the_instrument()
    {
        var one = Evaluation.Of(Read("inside", (Workshop.Caliper, 50)))!.Quantity;
        var many = Evaluation.Of(Read("inside", [.. Enumerable.Repeat((Workshop.Caliper, 50.0), 100)]))!.Quantity;
        many.StandardUncertainty.ShouldBeLessThan(one.StandardUncertainty);
        many.StandardUncertainty.ShouldBeGreaterThan(0.03 / Math.Sqrt(3));
    }

    [Fact]
    public void The_error_of_one_caliper_is_shared_by_all_it_has_read()
    {
        var a = Evaluation.Of(Read("inside", (Workshop.Caliper, 50)))!.Quantity;
        var b = Evaluation.Of(Read("outside", (Workshop.Caliper, 54)))!.Quantity;
        Quantity.Covariance(a, b).ShouldBe(0.03 * 0.03 / 3, 1e-12);
        (b - a).StandardUncertainty.ShouldBeLessThan(Math.Sqrt(Math.Pow(a.StandardUncertainty, 2) + Math.Pow(b.StandardUncertainty, 2)));
    }

    [Fact]
    public void The_better_instrument_counts_for_more()
    {
        var q = Evaluation.Of(Read("inside", (Workshop.Caliper, 50.0), (Workshop.Rule, 50.5)))!.Quantity;
        q.Value.ShouldBeInRange(50.0, 50.05);
        q.StandardUncertainty.ShouldBeLessThan(Evaluation.Of(Read("inside", (Workshop.Rule, 50.5)))!.Quantity.StandardUncertainty);
    }

    [Theory]
    [InlineData(50.00, 50.03, 50.01, false)]
    [InlineData(50.00, 50.60, 50.01, true)]
    public void Scatter_beyond_the_instrument_is_suspicious(double a, double b, double c, bool suspicious) =>
        Evaluation.Of(Read("inside", (Workshop.Caliper, a), (Workshop.Caliper, b), (Workshop.Caliper, c)))!.Scatters.ShouldBe(suspicious);

    [Theory]
    [InlineData(50.5, false)]
    [InlineData(53, true)]
    public void Two_instruments_that_contradict_each_other_are_told(double rule, bool disagree) =>
        Evaluation.Of(Read("inside", (Workshop.Caliper, 50.0), (Workshop.Rule, rule)))!.Disagrees.ShouldBe(disagree);

    private static Dimension Read(string key, params (Instrument Instrument, double Value)[] readings) => Workshop.Dimension(Place, key, readings);
}
