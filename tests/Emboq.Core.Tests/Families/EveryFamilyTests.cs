using CsCheck;

namespace Emboq.Core.Tests.Families;

/// <summary>Laws that hold for every family, on random decisions.</summary>
public sealed class EveryFamilyTests
{
    public static TheoryData<string> Keys => [.. RandomBriefs.Families.Select(f => f.Key)];

    private static Family Of(string key) => RandomBriefs.Families.First(f => f.Key == key);

    [Theory]
    [MemberData(nameof(Keys))]
    public void Whatever_lies_within_the_limits_is_computed_or_refused_in_words(string key) => RandomBriefs.Anything(Of(key)).Sample(brief =>
    {
        var design = Of(key).Design(brief);
        (design.Pieces.Count > 0 || design.Checks.Any(c => c.Verdict == Verdict.Stop)).ShouldBeTrue();
        design.Checks.ShouldAllBe(c => c.Says.Length > 10 && c.Figure.Length > 0 && c.Limit.Length > 0 && c.Source.Length > 0);
        design.Checks.Select(c => c.Key).ShouldBeUnique();
        // Less than nothing of a strength is used by nothing: such a green was never judged.
        design.Checks.ShouldAllBe(c => c.Used == null || c.Used >= 0);
        design.Ledger.Lines.ShouldAllBe(l => double.IsFinite(l.Quantity.Value) && l.Because.Length > 0);
        if (design.Checks.All(c => c.Verdict != Verdict.Stop))
        {
            _ = design.PrintItems.Where(b => b.IsBuildable).Select(b => b.AsPrinted.Hash).ToList();
        }
    }, iter: 150, threads: 1);

    [Theory]
    [MemberData(nameof(Keys))]
    public void What_a_callout_sets_is_a_parameter_and_what_it_shows_a_line(string key) => RandomBriefs.Usual(Of(key)).Sample(brief =>
    {
        if (Of(key).Design(brief) is { Drawing: { } drawing } design)
        {
            var lines = design.Ledger.Lines.Select(l => l.Key).ToHashSet();
            drawing.Callouts.ShouldAllBe(c => lines.Contains(c.Line) && (c.Parameter == null || Of(key).Parameters.Any(p => p.Key == c.Parameter)));
            drawing.Callouts.Select(c => c.Line).ShouldBeUnique();
        }
    }, iter: 60, threads: 1);

    [Theory]
    [MemberData(nameof(Keys))]
    public void A_remedy_changes_parameters_of_its_family_and_stands_beside_nothing_that_is_good(string key) => RandomBriefs.Usual(Of(key)).Sample(brief =>
    {
        var design = Of(key).Design(brief);
        (design.Pieces.Count > 0 || design.Checks.Any(c => c.Verdict == Verdict.Stop)).ShouldBeTrue("near the usual decisions too a check says why");
        foreach (var check in design.Checks)
        {
            foreach (var change in check.Remedies.OfType<Remedy.Change>())
            {
                change.Entries.Keys.ShouldBeSubsetOf(Of(key).Parameters.Select(p => p.Key));
                check.Verdict.ShouldNotBe(Verdict.Good, check.Key);
            }
        }
    }, iter: 60, threads: 1);

    [Theory]
    [MemberData(nameof(Keys))]
    public void The_same_brief_gives_the_same_part(string key) => RandomBriefs.Usual(Of(key)).Sample(brief =>
    {
        string Hashes() => string.Join(" ", Of(key).Design(brief).PrintItems.Select(b => b.Key == "part" ? b.Solid.Hash : b.Key));
        if (Of(key).Design(brief).Checks.All(c => c.Verdict != Verdict.Stop))
        {
            Hashes().ShouldBe(Hashes());
        }
    }, iter: 10, threads: 1);

    [Theory]
    [MemberData(nameof(Keys))]
    public void Every_family_has_a_cheap_proof_and_more_than_one_way_up(string key) => RandomBriefs.Usual(Of(key)).Sample(brief =>
    {
        if (Of(key).Design(brief) is { Pieces.Count: > 0 } design)
        {
            design.Pieces[0].Ways.Count.ShouldBeGreaterThan(1);
            design.Proofs.ShouldAllBe(c => c.Says.Contains("not prove"));
            // A plate that is glued on and has no words, or words on paper, has nothing to prove.
            var bare = key == "label-plate" && design.Pieces[0].Walls.Count == 0 && (design.Paper is not null
                || design.Ledger.Lines.All(l => l.Key != "label.size"));
            design.Proofs.Any().ShouldBe(!bare);
        }
    }, iter: 40, threads: 1);

    /// <summary>One choice at a time beside the usual values: what is offered first must be good.</summary>
    [Theory]
    [InlineData("drawer-pull", "fastening", "lettering=sunk")]
    [InlineData("drilling-template", "hooks", "")]
    [InlineData("label-plate", "fixing", "text=Tacks")]
    [InlineData("wall-bin", "mount", "")]
    [InlineData("wall-bin", "labelled", "text=Tacks; front=24; back=28")]
    [InlineData("wall-bin", "spacer", "stack=lip")]
    [InlineData("set-up-aid", "aid", "")]
    [InlineData("fence-key", "ladders", "")]
    [InlineData("router-template", "side", "")]
    [InlineData("soft-jaws", "shape", "outline=0,0 40,0 40,20 0,20")]
    [InlineData("soft-jaws", "fixing", "thickness=16")]
    [InlineData("fence-key", "fixing", "")]
    [InlineData("fence-key", "locks", "")]
    [InlineData("pocket-tray", "mount", "")]
    public void Nothing_stops_at_the_usual_values_whichever_option_is_taken(string key, string choice, string also)
    {
        var family = Of(key);
        var slots = family.Slots.Where(s => s.Need == SlotNeed.Always || s.Key is "item1" or "feet").ToDictionary(s => s.Key, s =>
            Measuring.Places.Of(s.Kinds[0]));
        foreach (var option in family.Parameters.Single(p => p.Key == choice).Options)
        {
            var entries = also.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e =>
                e.Split('=')).Append([choice, option.Key]).ToDictionary(e => e[0], e => e[1]);
            family.Design(new(ParameterValues.Read(family.Parameters, entries).Value, slots, Workshop.Process, [])).Checks.ShouldAllBe(c =>
                c.Verdict != Verdict.Stop, option.Key);
        }
    }

    [Theory]
    [MemberData(nameof(Keys))]
    public void Every_family_warns_of_what_can_hurt_and_says_how_it_is_fitted(string key)
    {
        var design = Of(key).Design(RandomBriefs.Usual(Of(key)).Single());
        design.Cautions.ShouldNotBeEmpty();
        Of(key).Parameters.Select(p => p.Key).ShouldBeUnique();
        Of(key).ListColumns.Where(c => c is not ("count" or "group")).ShouldBeSubsetOf(Of(key).Parameters.Select(p => p.Key));
    }

    /// <summary>What the screen says of a place comes from here: each word names what there is.</summary>
    [Theory]
    [MemberData(nameof(Keys))]
    public void Every_sentence_is_of_decisions_and_places_that_the_family_has(string key)
    {
        var family = Of(key);
        family.Parameters.Where(p => p.Slot is not null).ShouldAllBe(p => family.Slots.Any(s => s.Key == p.Slot));
        foreach (var slot in family.Slots.Where(s => s.Sentence.Count > 0))
        {
            slot.Sentence.Count(w => w.Kind == SlotWordKind.Place).ShouldBe(1);
            slot.Sentence.Where(w => w.Kind == SlotWordKind.Decision).ShouldAllBe(w => family.Parameters.Any(p => p.Key == w.Text && p.Slot == slot.Key));
        }

        // Of a series only the next is asked for: it is of slots that may stay open and take the same places.
        family.Slots.Where(s => s.Series is not null).GroupBy(s => s.Series).ShouldAllBe(g =>
            g.All(s => s.Need == SlotNeed.Sometimes && s.Kinds.SequenceEqual(g.First().Kinds)));
    }
}
