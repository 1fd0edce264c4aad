using CsCheck;

namespace Emboq.Core.Tests.Measuring;

/// <summary>What every kind promises, read off its own data.</summary>
public sealed class KindDataTests
{
    public static TheoryData<string> Kinds => KindTests.Kinds;

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Keys_are_unique_and_every_dimension_says_how_it_is_measured(string key)
    {
        var place = Places.Of(key);
        var dimensions = place.Kind.DimensionsOf(place.Items);
        dimensions.Select(d => d.Key).Distinct().Count().ShouldBe(dimensions.Count);
        dimensions.ShouldAllBe(d => d.Name.Length > 0 && d.How.EndsWith('.'));
        dimensions.ShouldContain(d => d.Need == Need.Needed);
        place.Dimensions.Select(d => (d.Key, d.Access)).ShouldBe(dimensions.Select(d => (d.Key, d.Access)));
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Methods_go_from_other_dimensions_of_the_kind_to_one_of_its_own_unit(string key)
    {
        var sizes = Places.SizesOf(key);
        foreach (var method in sizes.Place.Kind.MethodsOf(sizes.Place.Items))
        {
            method.Inputs.ShouldNotContain(method.Target, method.Name);
            method.Source.ShouldNotBeEmpty();
            var answer = method.Compute([.. method.Inputs.Select(i => Evaluation.Of(sizes.Place[i])!.Quantity)]);
            answer.Unit.ShouldBe(Accesses.UnitOf(sizes.Place[method.Target].Access), method.Name);
            // Sizes that go together give by every way what is read directly, within what the instruments can tell.
            var direct = Evaluation.Of(sizes.Place[method.Target])!.Quantity;
            Math.Abs((answer - direct).Value).ShouldBeLessThan(Math.Max(2 * (answer - direct).StandardUncertainty, 1e-9), $"{key}: {method.Name}");
        }
    }

    [Theory]
    [InlineData("hole-circle", "circle")]
    [InlineData("arc", "radius")]
    [InlineData("thread", "pitch")]
    [InlineData("hole-row", "gap1.centre")]
    [InlineData("taper", "halfAngle")]
    [InlineData("angle", "angle")]
    [InlineData("post", "diameter")]
    [InlineData("mass", "arm")]
    public void An_awkward_size_has_two_ways_at_least(string kind, string dimension) =>
        Foresight.Of(Places.SizesOf(kind), dimension, Places.Instruments).Count.ShouldBeGreaterThanOrEqualTo(2);

    [Fact]
    public void Every_way_of_getting_at_a_size_has_an_instrument_in_its_own_unit()
    {
        foreach (var access in Enum.GetValues<Access>())
        {
            var able = Enum.GetValues<InstrumentKind>().Where(k => Accesses.Of(k).Contains(access)).ToList();
            able.ShouldNotBeEmpty($"{access}");
            able.ShouldAllBe(k => Accesses.UnitOf(new Instrument("i", "i", 1, 1, 1, 1, k)) == Accesses.UnitOf(access));
        }
    }

    [Fact]
    public void An_item_keeps_its_key_when_another_is_added()
    {
        var kind = KindList.Of("turned");
        var three = kind.DimensionsOf(["nose", "neck", "flange"]);
        var four = kind.DimensionsOf(["nose", "neck", "flange", "end"]);
        four.Take(three.Count).Select(d => d.Key).ShouldBe(three.Select(d => d.Key));
        four.Count.ShouldBe(three.Count + kind.Item!.Dimensions.Count);
        four.Single(d => d.Key == "step4.first").Name.ShouldBe("end diameter where it begins");
    }

    [Fact]
    public void More_readings_never_make_a_size_worse_and_never_beat_the_instrument() =>
        Gen.Select(Gen.Int[1, 30], Gen.Double[1, 140]).Sample((count, size) =>
        {
            double Spread(int n) => Evaluation.Of(Workshop.Dimension(Guid.NewGuid(), "d",
                [.. Enumerable.Repeat((Workshop.Caliper, size), n)]))!.Quantity.StandardUncertainty;
            Spread(count + 1).ShouldBeLessThan(Spread(count));
            Spread(count).ShouldBeGreaterThan(Workshop.Caliper.MaximumPermissibleError / Math.Sqrt(3));
        });

    [Fact]
    public void The_mean_of_two_ways_lies_between_them_and_is_sharper_than_either_unless_they_contradict() =>
        Gen.Select(Gen.Double[20, 120], Gen.Double[-0.3, 0.3]).Sample((size, off) =>
        {
            var place = Places.Of(KindList.Of("post"), FormattableString.Invariant($"diameter {size:R}, around {Math.PI * (size + off):R}"));
            var both = Evaluation.Of(place, "diameter")!;
            both.Quantity.Value.ShouldBeInRange(size + Math.Min(0, off) - 1e-9, size + Math.Max(0, off) + 1e-9);
            // Birge: agreement never widens, and what contradicts is never sharper than its sharpest.
            var sharpest = both.Estimates.Min(e => e.Quantity.StandardUncertainty);
            (both.BirgeRatio <= 1 ? both.Quantity.StandardUncertainty < sharpest : both.Quantity.StandardUncertainty >= sharpest - 1e-9).ShouldBeTrue();
            both.Quantity.Provenance.ShouldBeOfType<Provenance.Measured>().Summary.ShouldContain("tape around");
        });
}
