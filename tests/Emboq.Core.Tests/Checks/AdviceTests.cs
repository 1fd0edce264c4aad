namespace Emboq.Core.Tests.Checks;

/// <summary>The next step follows the order of the work: measure, mend, prove, print, try, keep.</summary>
public sealed class AdviceTests
{
    private static readonly PartState State = new(new Dictionary<string, string>(), new Dictionary<string, Guid>(), Workshop.Process.Id);

    private static Design Adapter(double? inside = 50, string wall = "1.6")
    {
        var family = FamilyList.All[0];
        var values = ParameterValues.Read(family.Parameters, new Dictionary<string, string> { ["wall"] = wall, ["secondJoin"] = "inside" }).Value;
        return family.Design(new(values, new Dictionary<string, Interface>
        {
            ["first"] = Workshop.Tube("port", inside),
            ["second"] = Workshop.Tube("hose", 45)
        }, Workshop.Process, []));
    }

    private static Revision Printed(Design design, int number, params string[] bodies) =>
        new(Guid.Empty, number, bodies, State, DateTimeOffset.UnixEpoch, null, null,
        new(new Dictionary<string, double>(), design.Seats.ToDictionary(s => s.Slot, s => s.Drawn.Value),
            new Dictionary<string, System.Text.Json.Nodes.JsonObject>()))
        { Process = Workshop.Process };

    private static Try Tried(int revision, string slot, Feel feel) => new(Guid.NewGuid(), Guid.Empty, revision, slot, feel, null, null, null,
        DateTimeOffset.UnixEpoch);

    private static NextStep Next(Design design, IReadOnlyList<Revision> revisions, IReadOnlyList<Try> tries) =>
        Advice.For(FamilyList.All[0], design, revisions, tries);

    [Fact]
    public void First_what_is_unread() => Next(Adapter(inside: null), [], []).Station.ShouldBe(Station.Measure);

    [Fact]
    public void Then_what_cannot_be_built() => Next(Adapter(inside: 20, wall: "12"), [], []).ShouldSatisfyAllConditions(
        n => n.Station.ShouldBe(Station.Check), n => n.Says.ShouldContain("Mend"));

    [Fact]
    public void Then_the_print_that_waits_for_a_try()
    {
        var design = Adapter();
        var next = Next(design, [Printed(design, 3, "ring-second")], []);
        next.Station.ShouldBe(Station.Try);
        next.Says.ShouldContain("revision 3 on the hose");
    }

    [Fact]
    public void A_try_that_was_off_asks_for_another_print_and_one_that_fits_for_the_part()
    {
        var design = Adapter();
        Revision[] rings = [Printed(design, 1, "ring-first", "ring-second")];
        Next(design, rings, [Tried(1, "first", Feel.Rattles), Tried(1, "second", Feel.FirmByHand)]).Says.ShouldStartWith("Print again: the first cuff");
        Next(design, rings, [Tried(1, "first", Feel.FirmByHand), Tried(1, "second", Feel.FirmByHand)]).Station.ShouldBe(Station.Print);
    }

    [Fact]
    public void A_part_that_fits_is_kept_and_then_nothing_is_left_to_do()
    {
        var design = Adapter();
        var part = Printed(design, 2, "part");
        Try[] tries = [Tried(2, "first", Feel.FirmByHand), Tried(2, "second", Feel.FirmByHand)];
        Next(design, [part], tries).Station.ShouldBe(Station.Keep);
        Next(design, [part with { Kept = DateTimeOffset.UnixEpoch }], tries).Done.ShouldBeTrue();
    }

    [Fact]
    public void What_nobody_tried_does_not_fit_yet()
    {
        var pull = FamilyList.Find("drawer-pull")!;
        var design = pull.Design(new(ParameterValues.Read(pull.Parameters, new Dictionary<string, string>()).Value,
            new Dictionary<string, Interface>(), Workshop.Process, []));
        var part = Printed(design, 1, "part");
        NextStep Pull(params Try[] tries) => Advice.For(pull, design, [part], tries);
        Try Word(string word) => new(Guid.NewGuid(), Guid.Empty, 1, TryWord.WholePart, null, null, null, null, DateTimeOffset.UnixEpoch) { Word = word };
        Pull().ShouldSatisfyAllConditions(n => n.Station.ShouldBe(Station.Try), n => n.Says.ShouldContain("does it do what it must"));
        Pull(Word("works")).ShouldSatisfyAllConditions(n => n.Station.ShouldBe(Station.Keep), n => n.Says.ShouldContain("does what it must"));
        Pull(Word("works"), Word("nutTurns")).ShouldSatisfyAllConditions(n => n.Station.ShouldBe(Station.Reckon), n => n.Says.ShouldContain("lets a nut turn"));
        // Struck, it goes back to what stood before.
        Pull(Word("works"), Word("nutTurns") with { StruckBecause = "another drawer" }).Station.ShouldBe(Station.Keep);
        Advice.For(pull, design, [part with { Kept = DateTimeOffset.UnixEpoch }], []).Says.ShouldContain("no try of it");
    }

    /// <summary>Each family has words of its own, and one of them is good.</summary>
    [Fact]
    public void Every_family_can_be_told_how_its_part_did()
    {
        foreach (var family in FamilyList.All)
        {
            family.Words.Count(w => w.Good).ShouldBe(1, family.Key);
            family.Words.Count.ShouldBeGreaterThan(3, family.Key);
            family.Words.Select(w => w.Key).ShouldBeUnique(family.Key);
        }
    }
}
