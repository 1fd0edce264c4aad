namespace Emboq.Core.Tests.Fits;

public sealed class SizeBeliefTests
{
    private static IReadOnlyList<Seat> Seats(params IReadOnlyList<TryEvidence> tries)
    {
        var family = FamilyList.Find("hose-adapter")!;
        var values = ParameterValues.Read(family.Parameters, new Dictionary<string, string> { ["firstJoin"] = "over", ["secondJoin"] = "inside" }).Value;
        var places = new Dictionary<string, Interface>
        {
            ["first"] = Workshop.Tube("port", outside: 57),
            ["second"] = Workshop.Tube("hose", inside: 38),
        };
        return family.Design(new(values, places, Workshop.Process, tries)).Seats;
    }

    /// <summary>A hole is looser the larger it is drawn, a shaft the smaller: at its own size both are as likely as the part reckons.</summary>
    [Theory]
    [InlineData("first", 1)]
    [InlineData("second", -1)]
    public void The_chance_at_a_size_is_that_of_the_seat_drawn_so(string slot, int looser)
    {
        var seat = Seats().Single(s => s.Slot == slot);
        var belief = SizeBelief.Of(seat);
        belief.ChanceAt(seat.Drawn.Value).ShouldBe(seat.Chance, 1e-6);
        belief.Best.ShouldBe(seat.Drawn.Value, 0.02, "nothing was chosen by hand: it is drawn where the right size is believed");
        (looser > 0 ? belief.To : belief.From).ShouldBe(seat.Drawn.Value + (looser * (seat.Greatest - seat.Clearance.Value)), 1e-9);

        // Drawn by hand a little looser, it fits as often as its clearance lies within the limits then.
        var moved = seat.Drawn.Value + (looser * 0.1);
        var (mean, spread) = (seat.Clearance.Value + 0.1, seat.Clearance.StandardUncertainty);
        var random = new Random(7);
        const int Prints = 200_000;
        var fitting = Enumerable.Range(0, Prints).Count(_ =>
            MathNet.Numerics.Distributions.Normal.Sample(random, mean, spread) is var clearance && clearance >= seat.Least && clearance <= seat.Greatest);
        belief.ChanceAt(moved).ShouldBe((double)fitting / Prints, 0.006);
    }

    [Theory]
    [InlineData("first", Feel.Rattles, -1)]
    [InlineData("first", Feel.WillNotStart, 1)]
    [InlineData("second", Feel.Rattles, 1)]
    public void A_word_moves_the_bell_to_where_it_is_not_so_and_narrows_it(string slot, Feel feel, int moves)
    {
        var before = SizeBelief.Of(Seats().Single(s => s.Slot == slot));
        var after = SizeBelief.Of(Seats(new TryEvidence(slot, 1, before.Best, feel, null, null)).Single(s => s.Slot == slot));
        Math.Sign(after.Best - before.Best).ShouldBe(moves);
        after.Doubt.ShouldBeLessThan(before.Doubt);
        after.ChanceAt(before.Best).ShouldBeLessThan(before.ChanceAt(before.Best));
        (after.From < after.Best && after.Best < after.To).ShouldBeTrue();
    }
}
