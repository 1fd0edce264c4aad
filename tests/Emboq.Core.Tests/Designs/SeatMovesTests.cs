namespace Emboq.Core.Tests.Designs;

/// <summary>What another setup moves of a part, and which proof is due.</summary>
public sealed class SeatMovesTests
{
    private static Design Adapter(double hole, double doubt) => FamilyList.Find("hose-adapter")!.Design(new(ParameterValues.Read(
        FamilyList.Find("hose-adapter")!.Parameters, new Dictionary<string, string> { ["firstJoin"] = "over", ["secondJoin"] = "inside" }).Value,
        new Dictionary<string, Interface> { ["first"] = Workshop.Tube("port", outside: 32), ["second"] = Workshop.Tube("hose", inside: 40) },
        Workshop.Process with
        {
            Allowances = new Dictionary<Surface, Allowance>(Workshop.Process.Allowances)
            {
                [Surface.HoleUpright] = new(hole, doubt, 0.03, "a test"),
                [Surface.OutsideRound] = new(-0.06, 0.02, 0.03, "a test"),
            },
        }, []));

    [Fact]
    public void Nothing_moves_by_a_setup_that_prints_alike() => SeatMoves.Between(Adapter(0.2, 0.02), Adapter(0.2, 0.02)).ShouldBeEmpty();

    /// <summary>Drawn is printed plus allowance: a hole that closes by so much more is drawn so much wider.</summary>
    [Theory]
    [InlineData(0.35)]
    [InlineData(-0.1)]
    public void A_hole_moves_by_what_the_other_setup_does(double hole)
    {
        var moved = SeatMoves.Between(Adapter(0.2, 0.02), Adapter(hole, 0.02)).Single();
        moved.Now.Slot.ShouldBe("first");
        moved.By.ShouldBe(hole - 0.2, 0.011);
        moved.Due.ShouldBeNull();
    }

    /// <summary>A fit that becomes unsure is proved: by one ring while it is likely, by a ladder once it is not.</summary>
    [Theory]
    [InlineData(0.12, 1)]
    [InlineData(0.4, 7)]
    public void What_becomes_unsure_is_proved_first(double doubt, int rungs)
    {
        var moved = SeatMoves.Between(Adapter(0.2, 0.02), Adapter(0.2, doubt)).Single();
        moved.Now.Chance.ShouldBeLessThan(moved.Was.Chance);
        moved.Now.Chance.ShouldBeInRange(rungs == 1 ? 0.6 : 0, rungs == 1 ? 0.9 : 0.6);
        moved.Due!.Seat.ShouldBe("first");
        moved.Due.Rungs.ShouldBeInRange(rungs == 1 ? 1 : 2, rungs);
        // The other way round it is surer than it was: nothing is due.
        SeatMoves.Between(Adapter(0.2, doubt), Adapter(0.2, 0.02)).Single().Due.ShouldBeNull();
    }
}
