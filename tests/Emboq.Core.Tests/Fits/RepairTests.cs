namespace Emboq.Core.Tests.Fits;

public sealed class RepairTests
{
    /// <summary>A cuff or a pocket of which all is known to a hundredth: what is missed is what is drawn off.</summary>
    private static Seat Known(Surface surface, double clearance, SeatWords? words = null)
    {
        var (hole, counterpart) = (surface.IsHole(), Exactly(50));
        return new()
        {
            Slot = "first",
            Interface = Workshop.Tube("hose cuff", outside: 50),
            Dimension = "outside",
            Face = Face.Of(surface, 50),
            Fit = FitClasses.Of("snug"),
            Counterpart = counterpart,
            Allowance = Exactly(0),
            Wanted = Exactly(hole ? 50.1 : 49.9),
            Drawn = Exactly(hole ? 50.1 : 49.9),
            Clearance = Quantity.Input("clearance", clearance, Unit.Millimetre, new Provenance.Measured("test"), [(new Source("all", "all", 0.01), 1)]),
            Least = -0.05,
            Greatest = 0.25,
            Chance = 0,
            Words = words ?? SeatWords.Cuff,
        };
    }

    private static Quantity Exactly(double mm) => Quantity.Chosen("size", mm, Unit.Millimetre);

    private static Repair Of(Seat seat) => Repair.Of(seat, seat.Drawn.Value);

    /// <summary>common practice, no source: one wrap closes a round by two thicknesses, a strip along one wall a slot by one.</summary>
    [Theory]
    [InlineData(Surface.HoleUpright, 0.36, "one layer of 0.13 mm tape around the hose cuff")]
    [InlineData(Surface.OutsideRound, 0.62, "2 layers of 0.13 mm tape around it")]
    [InlineData(Surface.Pocket, 0.36, "2 layers of 0.13 mm tape along one wall")]
    [InlineData(Surface.OutsideFlat, 0.49, "3 layers of 0.13 mm tape along one side")]
    public void What_is_loose_is_taped_to_the_middle_of_its_fit(Surface surface, double clearance, string says)
    {
        var repair = Of(Known(surface, clearance));
        repair.Says.ShouldContain(says);
        repair.Chance!.Value.ShouldBeGreaterThan(0.9);
    }

    /// <summary>Of a tape that is thicker, fewer layers; of one that fits no number of layers, the nearest, and less surely.</summary>
    [Theory]
    [InlineData(0.18, "2 layers of 0.18 mm tape")]
    [InlineData(0.36, "one layer of 0.36 mm tape")]
    [InlineData(0.05, "it would want 7 layers")]
    public void The_tape_at_hand_decides_how_often_it_goes_around(double tape, string says)
    {
        // Both sides of a round: 0.82 mm loose, wanted 0.1.
        var repair = Repair.Of(Known(Surface.HoleUpright, 0.82), 50.1, tape);
        repair.Sort.ShouldBe(RepairSort.Tape);
        repair.Says.ShouldContain(says);
        double Chance(double thick) => Repair.Of(Known(Surface.HoleUpright, 0.82), 50.1, thick).Chance!.Value;
        Chance(0.24).ShouldBeLessThan(Chance(0.36));
    }

    /// <summary>An hour of the maker counts as four of the printer; a part that is taped and may still not fit is printed after all by that chance.</summary>
    [Theory]
    [InlineData(2)]
    [InlineData(0.02)]
    public void A_repair_is_weighed_against_another_print(double hours)
    {
        var taped = Of(Known(Surface.HoleUpright, 0.36));
        var mending = Mending.Of(taped, new(hours, 20))!;
        var print = hours + (4 * 10 / 60.0);
        mending.AgainHours.ShouldBe(print, 1e-9);
        mending.Hours.ShouldBe((4 * 3 / 60.0) + ((1 - taped.Chance!.Value) * print), 1e-9);
        mending.Cheaper.ShouldBeTrue();
        Mending.Of(Of(Known(Surface.HoleUpright, 1.9)), new(hours, 20)).ShouldBeNull("nothing is mended");
        // Filing takes longer than a small print.
        Mending.Of(Of(Known(Surface.HoleUpright, -0.1)), new(0.02, 1))!.Cheaper.ShouldBeFalse();
    }

    [Theory]
    [InlineData(Surface.HoleUpright, -0.1, "Take 0.2 mm off its walls", "that much larger")]
    [InlineData(Surface.OutsideFlat, -0.2, "Take 0.3 mm off its sides", "that much smaller")]
    public void What_is_tight_is_worked_down(Surface surface, double clearance, string says, string wants)
    {
        var repair = Of(Known(surface, clearance));
        repair.Says.ShouldContain(says);
        repair.Says.ShouldContain(wants);
        repair.Chance.ShouldBeNull("it is tried until it fits");
    }

    [Theory]
    [InlineData(1.9, "7 layers")]
    [InlineData(-0.5, "0.6 mm taken off")]
    public void What_is_too_far_off_is_printed_again(double clearance, string says)
    {
        var repair = Of(Known(Surface.HoleUpright, clearance));
        repair.Says.ShouldStartWith("Print it again");
        repair.Says.ShouldContain(says);
    }

    [Fact]
    public void What_should_fit_by_its_size_is_left_as_it_is()
    {
        var repair = Of(Known(Surface.Pocket, 0.2));
        repair.Says.ShouldStartWith("Try it once more");
        repair.Chance!.Value.ShouldBeGreaterThan(0.9);
    }

    [Fact]
    public void What_turns_holds_or_carries_is_never_mended()
    {
        foreach (var words in new[] { SeatWords.Thread, SeatWords.Boss, SeatWords.Hinge, SeatWords.Pivot, SeatWords.Cam, SeatWords.Leg, SeatWords.Clamp,
            SeatWords.Rods, SeatWords.Socket, SeatWords.Saddle, SeatWords.Rail, SeatWords.Shell })
        {
            Of(Known(Surface.HoleUpright, 0.4, words)).Says.ShouldContain("Print it again: what turns, holds or carries");
        }
    }
}
