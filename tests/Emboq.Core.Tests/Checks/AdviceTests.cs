using Emboq.Core.Checks;
using Emboq.Core.Families;

namespace Emboq.Core.Tests.Checks;

/// <summary>The next step follows the order of the work: measure, mend, prove, print, try, keep.</summary>
public sealed class AdviceTests
{
    private static readonly PartState State = new(new Dictionary<string, string>(), new Dictionary<string, Guid>(), Workshop.Process.Id);

    private static Design Adapter(double? inside = 50, string wall = "1.6")
    {
        var family = FamilyList.All[0];
        var values = ParameterValues.Read(family.Parameters, new Dictionary<string, string> { ["wall"] = wall, ["secondJoin"] = "inside" }).Value;
        return family.Design(new(values, new Dictionary<string, Interface> { ["first"] = Workshop.Tube("port", inside), ["second"] = Workshop.Tube("hose", 45) }, Workshop.Process, []));
    }

    private static Revision Printed(Design design, int number, params string[] bodies) => new(Guid.Empty, number, bodies, State, DateTimeOffset.UnixEpoch, null, null,
        new(new Dictionary<string, double>(), design.Seats.ToDictionary(s => s.Slot, s => s.Drawn.Value), new Dictionary<string, System.Text.Json.Nodes.JsonObject>()));

    private static Try Tried(int revision, string slot, Feel feel) => new(Guid.NewGuid(), Guid.Empty, revision, slot, feel, null, null, null, DateTimeOffset.UnixEpoch);

    [Fact]
    public void First_what_is_unread() => Advice.For(Adapter(inside: null), [], []).Station.ShouldBe(Station.Measure);

    [Fact]
    public void Then_what_cannot_be_built() => Advice.For(Adapter(inside: 20, wall: "12"), [], []).ShouldSatisfyAllConditions(
        n => n.Station.ShouldBe(Station.Check), n => n.Says.ShouldContain("Mend"));

    [Fact]
    public void Then_the_print_that_waits_for_a_try()
    {
        var design = Adapter();
        var next = Advice.For(design, [Printed(design, 3, "ring-second")], []);
        next.Station.ShouldBe(Station.Try);
        next.Says.ShouldContain("revision 3 on the hose");
    }

    [Fact]
    public void A_try_that_was_off_asks_for_another_print_and_one_that_fits_for_the_part()
    {
        var design = Adapter();
        Revision[] rings = [Printed(design, 1, "ring-first", "ring-second")];
        Advice.For(design, rings, [Tried(1, "first", Feel.Rattles), Tried(1, "second", Feel.FirmByHand)]).Says.ShouldStartWith("Print again: the first end");
        Advice.For(design, rings, [Tried(1, "first", Feel.FirmByHand), Tried(1, "second", Feel.FirmByHand)]).Station.ShouldBe(Station.Print);
    }

    [Fact]
    public void A_part_that_fits_is_kept_and_then_nothing_is_left_to_do()
    {
        var design = Adapter();
        var part = Printed(design, 2, "part");
        Try[] tries = [Tried(2, "first", Feel.FirmByHand), Tried(2, "second", Feel.FirmByHand)];
        Advice.For(design, [part], tries).Station.ShouldBe(Station.Keep);
        Advice.For(design, [part with { Kept = DateTimeOffset.UnixEpoch }], tries).Done.ShouldBeTrue();
    }
}
