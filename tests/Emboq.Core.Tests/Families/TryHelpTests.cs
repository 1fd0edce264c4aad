namespace Emboq.Core.Tests.Families;

/// <summary>What is offered after a part did not do what it must.</summary>
public sealed class TryHelpTests
{
    private static IEnumerable<Remedy.Change> After(string family, string word, string entries, Dictionary<string, string>? now = null,
        params (string, string, string)[] places)
    {
        var (f, then) = (FamilyList.Find(family)!, entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e =>
            e.Split('=')).ToDictionary(e => e[0], e => e[1]));
        var design = Mounts.Design(family, entries, null, null, places);
        PartState State(Dictionary<string, string> parameters) => new(parameters, new Dictionary<string, Guid>(), Guid.Empty);
        return f.Words.Single(w => w.Key == word).Helps.Select(h => Offers.Offer(h, f, design, State(now ?? then), State(then))).OfType<Remedy.Change>();
    }

    [Fact]
    public void A_bracket_that_cracked_is_offered_thicker_until_it_is_made_so()
    {
        var offers = After("bracket", "cracks", "thickness=6; ribReach=28").ToList();
        offers.Select(o => o.Label).ShouldBe(["Make it 7.5 mm thick", "Let the ribs reach 36.5 mm"]);
        After("bracket", "cracks", "thickness=6; ribReach=28", new() { ["thickness"] = "8", ["ribReach"] = "28" }).Single().Entries.Keys.ShouldBe(["ribReach"]);
        // At the end of what can be built nothing is offered.
        After("bracket", "cracks", "thickness=40; ribReach=200").ShouldBeEmpty();
    }

    [Fact]
    public void What_Emboq_reckoned_is_moved_from_where_it_stands() =>
        After("hose-carrier", "fallsOut", "", null, ("hose", "hose", "outside 40, give 1")).First().Entries["mouth"].ShouldBe("29");

    /// <summary>What was entered counts, in the ledger or not; what is not asked for as the choices stand is not offered.</summary>
    [Fact]
    public void What_was_entered_is_moved_and_what_does_not_count_is_left_alone()
    {
        var post = ("post", "post", "diameter 30");
        After("split-clamp", "slips", "torque=2", null, post).First().Entries["torque"].ShouldBe("2.5");
        After("split-clamp", "slips", "torque=0.4", null, post).First().Entries["torque"].ShouldBe("0.5");
        After("split-clamp", "meets", "style=clip; mouth=26", null, post).ShouldBeEmpty();
        After("bracket", "sags", "ribs=none").Select(o => o.Entries.Keys.Single()).ShouldBe(["thickness"]);
    }

    /// <summary>Every help is of a decision that the family has, and says what it does.</summary>
    [Fact]
    public void Helps_are_of_decisions_that_there_are()
    {
        var helps = FamilyList.All.SelectMany(f => f.Words.SelectMany(w => w.Helps.Select(h => (Family: f, Help: h)))).ToList();
        helps.ShouldAllBe(h => h.Family.Parameters.Any(p => p.Key == h.Help.Parameter) && h.Help.Label.Contains("{0}") && h.Help.Times != 1);
        helps.Select(h => h.Family.Key).Distinct().Count().ShouldBeGreaterThan(5);
    }
}
