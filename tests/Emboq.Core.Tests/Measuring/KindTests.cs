using CsCheck;

namespace Emboq.Core.Tests.Measuring;

/// <summary>Every kind of place: what it draws, what it demands, what follows from it.</summary>
public sealed class KindTests
{
    public static TheoryData<string> Kinds => [.. KindList.All.Select(k => k.Key)];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void A_kind_draws_and_is_solid_when_it_is_read_and_draws_when_it_is_not(string key)
    {
        var kind = KindList.Of(key);
        var read = Places.SizesOf(key);
        var blank = new Sizes(Interface.Of(Guid.NewGuid(), "blank", kind, kind.Item?.UsualNames ?? [], d => Workshop.Dimension(Guid.NewGuid(), d.Key)));
        foreach (var sizes in new[] { read, blank })
        {
            var drawing = kind.Drawing(sizes);
            drawing.Regions.ShouldNotBeEmpty();
            drawing.Bounds.Greatest.X.ShouldBeGreaterThan(drawing.Bounds.Least.X);
            // Every callout leads to a dimension of this very place.
            drawing.Callouts.ShouldAllBe(c => sizes.Place.Dimensions.Any(d => d.Key == c.Line) && c.Reads == new DimensionAddress(sizes.Place.Id, c.Line));
        }

        kind.Rules(blank).ShouldBeEmpty();
        kind.Shape(blank).ShouldBeNull();
        (kind.Shape(read) is null).ShouldBe(key == "mass");
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Sizes_that_go_together_pass_every_rule(string key) =>
        KindList.Of(key).Rules(Places.SizesOf(key)).ShouldAllBe(c => c.Verdict == Verdict.Good);

    [Theory]
    [InlineData("tube", "inside 54, outside 50", Verdict.Stop)]
    [InlineData("taper", "large 17, small 20", Verdict.Stop)]
    [InlineData("t-slot", "mouth 18, chamber 10, lip 5, depth 12", Verdict.Stop)]
    [InlineData("turned", "overall 95, step1.length 40, step1.first 20, step2.length 50, step2.first 30", Verdict.Watch)]
    [InlineData("hole-row", "diameter 5, overall 99, gap1.centre 96", Verdict.Watch)]
    [InlineData("screw-head", "head 12, height 3, shank 6, length 30, cone 60", Verdict.Watch)]
    [InlineData("foot", "overall 50, point1.x 0, point1.y 0, point2.x 60, point2.y 0, point3.x 30, point3.y 30", Verdict.Watch)]
    [InlineData("grip", "breadth 61.6, height 31, length 160", Verdict.Watch)]
    [InlineData("grip", "breadth 61.6, height 28, length 180", Verdict.Watch)]
    public void A_contradiction_among_sizes_is_told_with_what_to_read_again(string kind, string sizes, Verdict verdict)
    {
        var worst = KindList.Of(kind).Rules(new(Places.Of(KindList.Of(kind), sizes))).MaxBy(c => c.Verdict)!;
        worst.Verdict.ShouldBe(verdict);
        worst.Remedies.ShouldNotBeEmpty();
    }

    [Fact]
    public void Shared_instrument_error_cancels_in_a_sum_against_its_whole_only_as_far_as_it_is_shared()
    {
        // Two steps carry the caliper's error twice, the whole once: one of them cancels.
        var check = KindList.Of("turned").Rules(new(Places.Of(KindList.Of("turned"),
            "overall 90, step1.length 40, step1.first 20, step2.length 50, step2.first 30"))).Single();
        var repeat = (0.03 * 0.03) + (0.01 * 0.01 / 12);
        check.Limit.ShouldBe($"± {2 * Math.Sqrt((3 * repeat) + (0.03 * 0.03 / 3)):0.##} mm");
    }

    [Fact]
    public void A_turned_thing_has_the_volume_and_balance_of_its_frustums()
    {
        // A cone on its base: a third of the cylinder, and its centre a quarter of the height above the base (closed forms).
        var cone = Figures("turned", "step1.length 60, step1.first 40, step1.last 0.000001");
        cone["volume"].Value.ShouldBe(Math.PI * 400 * 60 / 3, 0.01);
        cone["balance"].Value.ShouldBe(15, 1e-4);
        // A cylinder of steel: 7.85 g/cm³.
        Figures("turned", "step1.length 100, step1.first 20")["mass steel"].Value.ShouldBe(Math.PI * 100 * 100 * 7.85e-3, 1e-9);
        // Pappus: area times the way of its centre, for a frustum of 30 and 20 over 50.
        var (a, b, h) = (15.0, 10.0, 50.0);
        var centre = ((a * a) + (a * b) + (b * b)) / (3 * (a + b));
        Figures("turned", "step1.length 50, step1.first 30, step1.last 20")["volume"].Value.ShouldBe((a + b) / 2 * h * 2 * Math.PI * centre, 1e-6);
    }

    [Fact]
    public void Other_figures_follow_by_plane_geometry()
    {
        Figures("slot", "nearWall 84.5, farWall 103.5")["middle"].Value.ShouldBe(94, 1e-12);
        Figures("block", "width 90, depth 120, height 5")["diagonal"].Value.ShouldBe(150, 1e-9);
        Figures("foot", "point1.x 0, point1.y 0, point2.x 60, point2.y 0, point3.x 0, point3.y 30")["area"].Value.ShouldBe(900, 1e-9);
        Figures("arc", "radius 50, chord 50")["angle"].Value.ShouldBe(60, 1e-9);
        Figures("mass", "mass 1000, arm 100")["moment"].Value.ShouldBe(980.665, 1e-9);
        Figures("holes", "hole1.x 0, hole1.y 0, hole1.diameter 5, hole2.x 30, hole2.y 40, hole2.diameter 5")["distance1"].Value.ShouldBe(50, 1e-9);
        // 33 7/8 in: half of it is exactly 16 15/16 in (common practice, no source).
        Figures("flat", "thickness 18, width 860.425")["middle"].Value.ShouldBe(16.9375 * 25.4, 1e-9);
    }

    [Fact]
    public void A_chord_and_its_height_give_back_any_round() =>
        Gen.Select(Gen.Double[5, 200], Gen.Double[0.1, 0.95]).Sample((radius, share) =>
        {
            var chord = 2 * radius * share;
            var rise = radius - Math.Sqrt((radius * radius) - (chord * chord / 4));
            var place = Places.Of(KindList.Of("post"), FormattableString.Invariant($"chord {chord:R}, sagitta {rise:R}"));
            Evaluation.Of(place, "diameter")!.Quantity.Value.ShouldBe(2 * radius, 1e-6 * radius);
        });

    [Fact]
    public void Holes_on_a_circle_come_out_alike_by_every_way() =>
        Gen.Select(Gen.Double[30, 200], Gen.Int[3, 12], Gen.Double[2, 8]).Sample((circle, count, hole) =>
        {
            var kind = KindList.Of("hole-circle");
            var neighbour = circle * Math.Sin(Math.PI / count);
            Evaluation.Of(Places.Of(kind, FormattableString.Invariant($"inner {circle - hole:R}, outer {circle + hole:R}")),
                "circle")!.Quantity.Value.ShouldBe(circle, 1e-9);
            Evaluation.Of(Places.Of(kind, FormattableString.Invariant($"neighbour {neighbour:R}, count {count}")),
                "circle")!.Quantity.Value.ShouldBe(circle, 1e-9);
        });

    [Fact]
    public void A_soft_hose_doubts_its_own_diameter()
    {
        var kind = KindList.Of("hose");
        double Doubt(string sizes) => Evaluation.Of(Places.Of(kind, sizes), "inside")!.Quantity.StandardUncertainty;
        var caliper = Evaluation.Of(Places.Of(KindList.Tube, "inside 40"), "inside")!.Quantity.StandardUncertainty;
        // A give of 2 mm is a rectangle of that width (JCGM 100, 4.3.7); without it, 2 % of the diameter.
        Doubt("inside 40, give 2").ShouldBe(Math.Sqrt((caliper * caliper) + (4.0 / 12)), 1e-9);
        Doubt("inside 40").ShouldBe(Math.Sqrt((caliper * caliper) + (0.8 * 0.8 / 12)), 1e-9);
        // Also when it is found through the tape.
        Doubt("around 145, wall 3").ShouldBeGreaterThan(0.8 / Math.Sqrt(12));
    }

    private static Ledger Figures(string kind, string sizes)
    {
        var ledger = new Ledger();
        KindList.Of(kind).Figures(new(Places.Of(KindList.Of(kind), sizes)), ledger);
        return ledger;
    }
}
