using MathNet.Numerics.Distributions;
using MathNet.Numerics.Statistics;

namespace Emboq.Core.Tests.Measuring;

/// <summary>Ways to a size through others, before and after measuring.</summary>
public sealed class MethodTests
{
    public static TheoryData<string, string> Methods =>
        [.. KindList.All.SelectMany(k => k.MethodsOf(Places.Of(k.Key).Items).Select(m => (k.Key, $"{m.Target} by {m.Name}")))];

    /// <summary>JCGM 101 (Monte Carlo): the inputs are drawn with all their causes of doubt, shared ones once for all, and pushed through the
    /// formula.</summary>
    [Theory]
    [MemberData(nameof(Methods))]
    public void First_order_spread_agrees_with_Monte_Carlo(string kind, string name)
    {
        const int Draws = 20_000;
        var place = Places.Of(kind);
        var method = place.Kind.MethodsOf(place.Items).First(m => $"{m.Target} by {m.Name}" == name);
        var inputs = method.Inputs.Select(i => Evaluation.Of(place[i])!.Quantity).ToList();
        var answer = method.Compute(inputs);
        var sources = answer.Shares.Select(s => s.Source).ToList();
        var random = new Random(101);
        var values = new double[Draws];
        // What the formula brings in of its own, beside the inputs, stays at its spread.
        var own = sources.Where(s => inputs.All(i => i.Partial(s) == 0)).Sum(s => Math.Pow(answer.Partial(s) * s.StandardUncertainty, 2));
        for (int n = 0; n < Draws; n++)
        {
            var draws = sources.ToDictionary(s => s, s => Normal.Sample(random, 0, s.StandardUncertainty));
            values[n] = method.Compute([.. inputs.Select(i => Quantity.Chosen(i.Name, i.Value + draws.Sum(d => i.Partial(d.Key) * d.Value), i.Unit))]).Value;
        }

        Math.Sqrt(values.Variance() + own).ShouldBe(answer.StandardUncertainty, 0.03 * answer.StandardUncertainty);
        values.Mean().ShouldBe(answer.Value, 0.05 * answer.StandardUncertainty);
    }

    [Theory]
    [MemberData(nameof(KindTests.Kinds), MemberType = typeof(KindTests))]
    public void What_is_foreseen_is_what_one_reading_each_then_gives(string kind)
    {
        var sizes = Places.SizesOf(kind);
        foreach (var dimension in sizes.Place.Dimensions)
        {
            var foreseen = Foresight.Of(sizes, dimension.Key, Places.Instruments).FirstOrDefault(f => f.By == Evaluation.Directly);
            foreseen.ShouldNotBeNull(dimension.Key);
            var instrument = foreseen.Instruments.Single().Instrument;
            Evaluation.Of(Workshop.Dimension(Guid.NewGuid(), dimension.Key,
                (instrument, sizes[dimension.Key]!.Value)) with
            { Access = dimension.Access })!.Quantity.StandardUncertainty
                .ShouldBe(foreseen.Uncertainty, 1e-12);
        }
    }

    [Fact]
    public void The_way_with_the_smallest_spread_depends_on_what_is_at_hand()
    {
        Instrument[] tapeAndRule = [Places.Instruments[1], Places.Instruments[2]];
        var post = new Sizes(Places.Of(KindList.Of("post"), "diameter 120"));
        // A tape around shares its error over π; a rule across a round guesses at its edges.
        Foresight.Of(post, "diameter", tapeAndRule)[0].By.ShouldBe("tape around");
        Foresight.Of(post, "diameter", [.. tapeAndRule, Places.Instruments[0]])[0].By.ShouldBe(Evaluation.Directly);
        // A caliper too short for the diameter still takes a chord of it; one too short for that is not at hand.
        Foresight.Of(post, "diameter", [.. tapeAndRule, Workshop.Caliper with { Reach = 100 }])[0].By.ShouldBe("chord and height of arc");
        Foresight.Of(post, "diameter", [.. tapeAndRule, Workshop.Caliper with { Reach = 50 }])[0].By.ShouldBe("tape around");
    }

    [Fact]
    public void Two_ways_are_weighed_by_their_spread_and_a_contradiction_is_told()
    {
        var post = KindList.Of("post");
        var agreeing = Evaluation.Of(Places.Of(post, "diameter 30, around 94.5"), "diameter")!;
        agreeing.Quantity.Value.ShouldBeInRange(30, 30.01);
        agreeing.Disagrees.ShouldBeFalse();
        agreeing.Estimates.Select(e => e.By).ShouldBe([Evaluation.Directly, "tape around"]);
        agreeing.Quantity.StandardUncertainty.ShouldBeLessThan(agreeing.Estimates[0].Quantity.StandardUncertainty);
        Evaluation.Of(Places.Of(post, "diameter 30, around 104"), "diameter")!.Disagrees.ShouldBeTrue();
    }

    [Fact]
    public void Readings_that_leave_a_formula_no_answer_leave_the_size_unread() =>
        Evaluation.Of(Places.Of(KindList.Of("arc"), "chord 20, sagitta 0"), "radius").ShouldBeNull();

    [Fact]
    public void An_oval_is_found_from_readings_at_several_angles()
    {
        // d(θ) = 50 + 0.2 cos 2(θ − 30°): 0.4 mm out of round, widest at 30°.
        OutOfRound? Found(double amplitude, params double[] angles) => OutOfRound.Of(new(Guid.NewGuid(), "d", "d", [.. angles.Select(a =>
            new Reading(Guid.NewGuid(), 50 + (amplitude * Math.Cos((a - 30) * Math.PI / 90)), "", Workshop.Caliper,
                DateTimeOffset.UnixEpoch, null, null, a))]));
        var oval = Found(0.2, 0, 30, 60, 90, 120, 150)!;
        oval.Diameter.ShouldBe(50, 1e-9);
        oval.Ovality.ShouldBe(0.4, 1e-9);
        oval.Direction.ShouldBe(30, 1e-6);
        oval.IsOval.ShouldBeTrue();
        Found(0.2, 30, 75, 120, 165)!.Direction.ShouldBe(30, 1e-6);
        // A hair under 180° is 0°.
        OutOfRound.Of(new(Guid.NewGuid(), "d", "d", [.. new[] { (0.0, 50.2), (45, 50.0), (90, 49.8), (135, 50.0 + 1e-12) }.Select(r =>
            new Reading(Guid.NewGuid(), r.Item2, "", Workshop.Caliper, DateTimeOffset.UnixEpoch, null, null, r.Item1))]))!.Direction.ShouldBe(0, 1e-5);
        Found(0.005, 0, 45, 90, 135)!.IsOval.ShouldBeFalse();
        Found(0.2, 0, 90, 180, 270).ShouldBeNull("two directions tell no ellipse");
        Found(0.2, 0, 60, 120).ShouldBeNull("three readings leave nothing over to judge by");
    }

    [Fact]
    public void Scatter_on_others_of_the_kind_counts_for_a_single_reading_and_an_odd_place_stands_alone()
    {
        // JCGM 100, 4.2.4: pooled from four usual ones at 0.03 and sixteen at 0.06.
        var single = Workshop.Dimension(Guid.NewGuid(), "d", (Workshop.Caliper,
            50)) with
        { Scatters = new Dictionary<string, Scatter> { ["caliper"] = new(16 * 0.06 * 0.06, 16) } };
        var pooled = ((4 * 0.03 * 0.03) + (16 * 0.06 * 0.06)) / 20;
        Evaluation.Of(single)!.Quantity.StandardUncertainty.ShouldBe(Math.Sqrt(pooled + (0.01 * 0.01 / 12) + (0.03 * 0.03 / 3)), 1e-12);
        var odd = Workshop.Dimension(Guid.NewGuid(), "d", (Workshop.Caliper, 50),
            (Workshop.Caliper, 51)) with
        { Scatters = new Dictionary<string, Scatter> { ["caliper"] = new(0.5 + (200 * 0.03 * 0.03), 201) } };
        Evaluation.Of(odd)!.Quantity.StandardUncertainty.ShouldBeGreaterThan(Math.Sqrt(((4 * 0.03 * 0.03) + 0.5) / 5 / 2));
    }

    [Fact]
    public void One_thing_agrees_with_another_only_within_what_was_measured()
    {
        double? Apart(string a, string b) => Alike.Apart(new(Places.Of(KindList.Tube, a)), new(Places.Of(KindList.Tube, b)));
        Apart("inside 50, outside 54", "inside 50.03, outside 54").ShouldNotBeNull().ShouldBe(0.03, 1e-9);
        Apart("inside 50, outside 54", "inside 50.3, outside 54").ShouldBeNull();
        Apart("inside 50", "outside 50").ShouldBeNull("nothing is read on both");
        // A depth does not decide a fit.
        Apart("inside 50, depth 20", "inside 50, depth 40").ShouldNotBeNull();
    }
}
