using CsCheck;

namespace Emboq.Core.Tests;

/// <summary>Laws of quantities, then uncertainty against the worked example of JCGM 100.</summary>
public sealed class QuantityTests
{
    private static readonly Gen<Quantity> AnyLength =
        from value in Gen.Double[0.5, 200]
        from spread in Gen.Double[0, 2]
        from id in Gen.Int[0, 5]
        select Measured($"length {id}", value, spread * id, $"source {id}");

    private static Quantity Measured(string name, double value, double uncertainty, string? source = null, double freedom = double.PositiveInfinity) =>
        Quantity.Input(name, value, Unit.Millimetre, new Provenance.Measured("a test"), [(new Source(source ?? name, name, uncertainty, freedom), 1)]);

    [Fact]
    public void Correlated_readings_give_the_resistance_reactance_and_impedance_of_the_guide()
    {
        // JCGM 100:2008, H.2 (five simultaneous readings, from memory): R = 127.732 ± 0.071, X = 219.847 ± 0.295, Z = 254.260 ± 0.236 ohm.
        double[][] read =
        [
            [5.007, 4.994, 5.005, 4.990, 4.999],
            [19.663e-3, 19.639e-3, 19.640e-3, 19.685e-3, 19.678e-3],
            [.. new[] { 1.0456, 1.0438, 1.0468, 1.0428, 1.0433 }.Select(radians => radians * 180 / Math.PI)],
        ];
        var covariance = MathNet.Numerics.LinearAlgebra.Matrix<double>.Build.Dense(3, 3, (i, j) =>
            MathNet.Numerics.Statistics.Statistics.Covariance(read[i], read[j]) / 5);
        // Three independent causes behind the three means give them exactly the covariance of the readings.
        var root = covariance.Cholesky().Factor;
        Quantity Mean(string name, int i, Unit unit) => Quantity.Input(name, read[i].Average(), unit, new Provenance.Measured("five readings"),
            Enumerable.Range(0, 3).Where(j => root[i, j] != 0).Select(j => (new Source($"cause {j}", $"cause {j}", 1), root[i, j])));
        var (v, current, phase) = (Mean("V", 0, Unit.None), Mean("I", 1, Unit.None), Mean("phi", 2, Unit.DegreeOfArc));
        foreach (var (answer, value, spread) in new[] { (v / current * Quantity.Cos(phase), 127.732, 0.071),
            (v / current * Quantity.Sin(phase), 219.847, 0.295), (v / current, 254.260, 0.236) })
        {
            answer.Value.ShouldBe(value, 0.001);
            answer.StandardUncertainty.ShouldBe(spread, 0.001);
        }
    }

    [Fact]
    public void A_quantity_less_itself_is_nothing_and_has_no_spread() =>
        AnyLength.Sample(a => (a - a).Value == 0 && (a - a).StandardUncertainty == 0);

    [Fact]
    public void Adding_and_taking_away_gives_the_same_quantity_back() =>
        Gen.Select(AnyLength, AnyLength).Where((a, b) => a.Name != b.Name).Sample((a, b) =>
        {
            var back = a + b - b;
            back.Value.ShouldBe(a.Value, 1e-9);
            back.StandardUncertainty.ShouldBe(a.StandardUncertainty, 1e-9);
        });

    [Fact]
    public void A_quotient_times_its_divisor_gives_the_same_quantity_back() =>
        Gen.Select(AnyLength, AnyLength).Where((a, b) => a.Name != b.Name).Sample((a, b) =>
        {
            var back = a / b * b;
            back.Unit.ShouldBe(a.Unit);
            back.StandardUncertainty.ShouldBe(a.StandardUncertainty, 1e-6);
        });

    [Fact]
    public void Every_derivative_agrees_with_a_small_difference()
    {
        // Central differences, plane calculus.
        const double Step = 1e-5;
        Quantity At(double shift, double x) => Measured("x", x + shift, 1);
        (string Name, Func<Quantity, Quantity> Of)[] functions =
        [
            ("square", Quantity.Square), ("root", q => Quantity.Sqrt(q * q * q * q)), ("tan", q => Quantity.Tan(Degrees(q))),
                ("cos", q => Quantity.Cos(Degrees(q))),
            ("atan", q => Quantity.Atan(q / Measured("one", 1, 0))), ("size", q => Quantity.Abs(q - Measured("large", 1000, 0))),
            ("max", q => Quantity.Max(q, Measured("one", 1, 0))), ("multiple", q => 3 * q), ("part", q => q / 7),
        ];
        foreach (var (name, of) in functions)
        {
            var x = 17.3;
            var difference = (of(At(Step, x)).Value - of(At(-Step, x)).Value) / (2 * Step);
            Math.Abs(of(At(0, x)).StandardUncertainty).ShouldBe(Math.Abs(difference), Math.Abs(difference) * 1e-6 + 1e-9, name);
        }

        static Quantity Degrees(Quantity q) => q * Quantity.Chosen("per mm", 1, Unit.DegreeOfArc / Unit.Millimetre);
    }

    [Fact]
    public void End_gauge_calibration_gives_the_published_budget()
    {
        // JCGM 100:2008, H.1 (values from memory): l = ls + d - ls (d_alpha theta + alpha_s d_theta), in nm, to first order 32 nm, 16 degrees of freedom, U99
        // = 93 nm.
        // Lengths in mm; d_alpha and d_theta are 0 +- their spread, so only the first-order terms of the others count.
        var standard = Measured("ls", 50.000623, 25e-6, freedom: 18);
        var difference = Quantity.Input("d", 0.000215, Unit.Millimetre, new Provenance.Measured("5 observations"),
            (new Source("repeat", "repeated observations", 5.8e-6, 24), 1), (new Source("random", "random effects", 3.9e-6, 5), 1),
                (new Source("systematic", "systematic effects", 6.7e-6, 8), 1));
        var alpha = Quantity.Input("alpha_s", 11.5e-6, Unit.None / Unit.DegreeOfArc, new Provenance.Measured("rectangle"),
            [(new Source("alpha", "expansion", 1.2e-6), 1)]);
        var alphaDifference = Quantity.Input("d_alpha", 0, Unit.None / Unit.DegreeOfArc, new Provenance.Measured("rectangle"),
            [(new Source("d_alpha", "expansion difference", 0.58e-6, 50), 1)]);
        var theta = Quantity.Input("theta", -0.1, Unit.DegreeOfArc, new Provenance.Measured("bed"), (new Source("mean", "mean temperature", 0.2), 1),
            (new Source("cyclic", "cycle", 0.35), 1));
        var thetaDifference = Quantity.Input("d_theta", 0, Unit.DegreeOfArc, new Provenance.Measured("rectangle"),
            [(new Source("d_theta", "temperature difference", 0.029, 2), 1)]);

        var length = standard + difference - (standard * ((alphaDifference * theta) + (alpha * thetaDifference)));
        length.Value.ShouldBe(50.000838, 1e-7);
        (length.StandardUncertainty * 1e6).ShouldBe(32, 0.5);
        Math.Floor(length.DegreesOfFreedom).ShouldBe(16);
        (length.Expanded(0.99) * 1e6).ShouldBe(93, 1.5);
        length.Shares[0].Source.Id.ShouldBe("ls");
        length.Shares.Sum(s => s.Share).ShouldBe(1, 1e-9);
    }

    [Fact]
    public void First_order_spread_agrees_with_drawing_at_random()
    {
        // JCGM 101: propagation of distributions, here by 200 000 draws of a clearance over a cone.
        var random = new Random(5);
        double Normal() => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
        var (outer, inner) = (Measured("outer", 60, 0.2), Measured("inner", 40, 0.1));
        var angle = Quantity.Input("angle", 30, Unit.DegreeOfArc, new Provenance.Chosen("test"), [(new Source("angle", "angle", 0.3), 1)]);
        var length = (outer - inner) / 2 / Quantity.Tan(angle);
        var draws = Enumerable.Range(0, 200_000).Select(_ =>
            (60 + (0.2 * Normal()) - 40 - (0.1 * Normal())) / 2 / Math.Tan((30 + (0.3 * Normal())) * Math.PI / 180)).ToArray();
        var mean = draws.Average();
        length.StandardUncertainty.ShouldBe(Math.Sqrt(draws.Average(d => (d - mean) * (d - mean))), 0.004);
    }

    [Fact]
    public void A_formula_reads_in_names_and_in_numbers()
    {
        var (a, b, c) = (Measured("hole", 10, 0), Measured("shaft", 4, 0), Measured("gap", -1, 0));
        var q = (a - (b - c)) * Measured("turns", 2, 0);
        var formula = ((Provenance.Derived)q.Provenance).Formula;
        formula.InNames().ShouldBe("(hole − (shaft − gap)) × turns");
        formula.InNumbers().ShouldBe("(10 − (4 − (−1))) × 2");
        formula.Inputs().Select(i => i.Name).ShouldBe(["hole", "shaft", "gap", "turns"]);
    }

    [Fact]
    public void Rounding_to_whole_lines_is_a_choice_without_spread()
    {
        var wall = Measured("wall", 1.6, 0.3).RoundedUpTo(Measured("line width", 0.45, 0));
        wall.Value.ShouldBe(1.8, 1e-12);
        wall.StandardUncertainty.ShouldBe(0);
        wall.Note.ShouldNotBeNull().ShouldContain("4 times");
        Measured("wall", 1.8, 0).RoundedUpTo(Measured("line width", 0.45, 0)).Value.ShouldBe(1.8, 1e-12);
    }

    [Fact]
    public void A_near_tie_is_told_and_a_clear_case_is_not()
    {
        Quantity.Max(Measured("a", 10, 0.2), Measured("b", 10.1, 0.2)).Note.ShouldNotBeNull();
        Quantity.Min(Measured("a", 10, 0.2), Measured("b", 15, 0.2)).Note.ShouldBeNull();
        Quantity.Min(Measured("a", 10, 0.2), Measured("b", 15, 0.2)).Value.ShouldBe(10);
    }

    [Fact]
    public void A_mistake_in_units_or_numbers_throws_at_once()
    {
        Should.Throw<ArgumentException>(() => Measured("a", 1, 0) + Quantity.Chosen("m", 1, Unit.Grams));
        Should.Throw<ArgumentOutOfRangeException>(() => Measured("a", 1, 0) / Measured("b", 0, 0));
        Should.Throw<ArgumentOutOfRangeException>(() => new Source("s", "s", double.NaN));
        Should.Throw<ArgumentException>(() => Measured("a", 1, 0.1, "same") + Measured("b", 1, 0.2, "same"));
    }

    [Theory]
    [InlineData(1, 0, 0, 0, 0, "mm")]
    [InlineData(3, 0, 0, 0, 0, "mm³")]
    [InlineData(-3, 1, 0, 0, 0, "g/mm³")]
    [InlineData(-2, 0, 0, 0, 1, "MPa")]
    [InlineData(0, 0, -1, 0, 0, "1/s")]
    [InlineData(0, 0, 0, 0, 0, "")]
    public void A_unit_prints_its_symbol(int mm, int g, int s, int deg, int n, string symbol) =>
        new Unit((sbyte)mm, (sbyte)g, (sbyte)s, (sbyte)deg, (sbyte)n).ToString().ShouldBe(symbol);
}
