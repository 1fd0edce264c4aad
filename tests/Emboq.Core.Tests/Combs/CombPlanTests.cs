using CsCheck;

namespace Emboq.Core.Tests.Combs;

/// <summary>The smallest test print: what it promises to settle against what is believed once every face was read, and against every other choice.</summary>
public sealed class CombPlanTests
{
    private static readonly Process Process = Workshop.Process with { Allowances = new Dictionary<Surface, Allowance>() };

    private static CombPlan Plan(IEnumerable<Face> asked, FitBelief? belief = null, Process? process = null) =>
        CombPlan.Of(process ?? Process, belief ?? FitBelief.None, Workshop.Caliper, [.. asked]);

    private static IReadOnlyList<Face> Usual(params IEnumerable<Surface> surfaces) => [.. surfaces.SelectMany(s => CombFaces.Of(s, []))];

    /// <summary>Every tooth read, each off by something of its own.</summary>
    private static FitBelief Read(CombPlan plan, FitBelief? before = null, IReadOnlyList<double>? off = null) => (before ?? FitBelief.None).With(
        [.. plan.Teeth.Select((t, i) => t.Tried($"tooth/{t.Number}", "test print", Process, [], [(t.Face.Size - (off?[i] ?? 0), Workshop.Caliper)]))]);

    /// <summary>Readings are normal: the doubt that is left does not depend on what they say, so a plan can promise it exactly.</summary>
    [Fact]
    public void What_it_promises_is_what_is_believed_once_all_was_read() => Gen.Select(Gen.Double[-0.4, 0.4].Array[12], Gen.Bool, Gen.Bool).Sample(
        (off, round, tried) =>
    {
        var before = tried ? FitBelief.Of([new CombTooth(1, Face.Of(Surface.HoleUpright, 12)).Tried("old", "older", Process with { Id = Guid.Empty,
            Name = "other" },
            [], [(11.7, Workshop.Caliper)])]) : FitBelief.None;
        var asked = Usual(Surface.HoleUpright, Surface.Pocket, round ? Surface.OutsideRound : Surface.FirstLayerFoot);
        var plan = Plan(asked, before);
        plan.Teeth.ShouldNotBeEmpty();
        var after = new LearnedFits(Process, Read(plan, before, off), HasOwn: true);
        plan.Questions.Select(q => q.Face).ShouldBe(asked);
        foreach (var q in plan.Questions)
        {
            q.Doubt.ShouldBe(new LearnedFits(Process, before, HasOwn: true).Allowance(q.Face).StandardUncertainty, 1e-9);
            q.After.ShouldBe(after.Allowance(q.Face).StandardUncertainty, 1e-5);
        }
    }, iter: 20);

    [Fact]
    public void Once_it_was_read_nothing_that_it_settled_is_asked_again()
    {
        var asked = Usual(Surface.HoleUpright, Surface.HoleLying, Surface.Pocket, Surface.OutsideRound, Surface.OutsideFlat, Surface.FirstLayerFoot);
        var plan = Plan(asked);
        plan.Questions.ShouldAllBe(q => q.IsOpen && !q.StaysOpen);
        var again = Plan(asked, Read(plan));
        again.Teeth.ShouldBeEmpty();
        again.Questions.ShouldAllBe(q => !q.IsOpen);
    }

    /// <summary>Of one surface every set of faces can be tried: none that settles as much takes less room.</summary>
    [Theory]
    [InlineData(Surface.HoleUpright)]
    [InlineData(Surface.HoleLying)]
    [InlineData(Surface.Pocket)]
    [InlineData(Surface.OutsideRound)]
    public void No_other_choice_settles_as_much_on_less(Surface surface)
    {
        List<Face> asked = [Face.Of(surface, 7), Face.Of(surface, 30)];
        var plan = Plan(asked);
        double Room(IEnumerable<Face> faces) => faces.Sum(CombShape.Room);
        List<Face> offered = [.. CombFaces.Offered(asked), .. CombFaces.Offered(asked)];
        var least = double.PositiveInfinity;
        for (var set = 1; set < 1 << offered.Count; set++)
        {
            var chosen = offered.Where((_, i) => (set & (1 << i)) != 0).ToList();
            var other = plan with { Teeth = [.. chosen.Select((f, i) => new CombTooth(i + 1, f))] };
            var after = new LearnedFits(Process, Read(other), HasOwn: true);
            if (plan.Questions.All(q => after.Allowance(q.Face).StandardUncertainty <= Math.Max(q.Enough, q.After + 1e-6)))
            {
                least = Math.Min(least, Room(chosen));
            }
        }

        Room(plan.Teeth.Select(t => t.Face)).ShouldBe(least, 1e-9);
    }

    /// <summary>What is large is told by what is smaller too, where that settles it on less room.</summary>
    [Fact]
    public void A_large_size_is_told_by_a_smaller_face()
    {
        var plan = Plan([Face.Of(Surface.Pocket, 30)]);
        plan.Questions.Single().StaysOpen.ShouldBeFalse();
        plan.Teeth.ShouldContain(t => t.Face.Size < 30);
    }

    /// <summary>A pin in its bore is told by words: what they are expected to tell comes near to what they do.</summary>
    [Fact]
    public void Words_of_a_gap_settle_about_what_was_promised()
    {
        var plan = Plan(Usual(Surface.GapInPlace));
        plan.Teeth.ShouldAllBe(t => t.IsFelt);
        plan.Teeth.Count.ShouldBeGreaterThan(1);
        var belief = FitBelief.Of([.. plan.Teeth.Select(t => t.Tried($"tooth/{t.Number}", "test print", Process,
            [t.Face.Size > 0.4 ? Feel.Slides : t.Face.Size > 0.25 ? Feel.FirmByHand : Feel.NeedsForce], []))]);
        var after = new LearnedFits(Process, belief, HasOwn: true);
        foreach (var q in plan.Questions)
        {
            q.After.ShouldBeLessThan(q.Doubt);
            after.Allowance(q.Face).StandardUncertainty.ShouldBe(q.After, 0.25 * q.After);
        }
    }

    [Fact]
    public void What_is_known_exactly_is_not_asked() => Plan(Usual(CombFaces.Surfaces), process: Workshop.Exact).Teeth.ShouldBeEmpty();

    /// <summary>Sizes of the workshop's own parts, in reach of a caliper and of a small print.</summary>
    [Fact]
    public void It_asks_at_sizes_that_parts_have()
    {
        Face[] used = [Face.Of(Surface.HoleUpright, 3.2), Face.Of(Surface.HoleUpright, 19.7), Face.Of(Surface.HoleUpright, 101), Face.Of(Surface.Pocket, 8),
            new(Surface.Pocket, 22, Lie.Lying), Face.Of(Surface.HoleUpright, 20.2), Face.Of(Surface.HoleUpright, 24)];
        CombFaces.Of(Surface.HoleUpright, used).Select(f => f.Size).ShouldBe([6, 20, 30]);
        CombFaces.Of(Surface.Pocket, used).Select(f => f.Size).ShouldBe([8]);
        CombFaces.Of(Surface.OutsideRound, used).Count.ShouldBe(3);
        CombFaces.Surfaces.ShouldNotContain(Surface.ThreadFlank);
        Should.Throw<ArgumentOutOfRangeException>(() => CombFaces.Of(Surface.ThreadFlank, used));
    }
}
