namespace Emboq.Core.Tests.Fits;

/// <summary>What tries may and may not teach: scatter belongs to the print, words that contradict do not sharpen.</summary>
public sealed class EvidenceTests
{
    private static readonly Process Process = Workshop.Process with
    {
        Allowances = new Dictionary<Surface, Allowance>
        {
            [Surface.OutsideRound] = new(-0.06,
        0.5, 0.1, "hardly known"),
            [Surface.HoleUpright] = new(0.2, 0.5, 0.1, "hardly known")
        }
    };

    private static SizeLaw Seat(Surface surface) => new(Quantity.Chosen("port", 50, Unit.Millimetre), Face.Of(surface, 50),
        Quantity.Chosen("clearance", 0.1, Unit.Millimetre), new LearnedFits(Process), "first cuff");

    private static TryEvidence Felt(Feel feel, int revision = 1) => new("first", revision, 49.84, feel, null, null);

    private static TryEvidence Read(double printed, int revision = 1) => new("first", revision, 49.84, null, printed, Workshop.Caliper);

    private static double Spread(Surface surface, params TryEvidence[] tries) => Seat(surface).Fits.Touching(Seat(surface), tries).StandardUncertainty;

    /// <summary>JCGM 100, 5.2: both estimates carry the scatter of one print with one sign, so their average carries it whole.</summary>
    [Theory]
    [InlineData(Surface.OutsideRound)]
    [InlineData(Surface.HoleUpright)]
    public void Word_and_measure_of_one_print_share_its_scatter(Surface surface)
    {
        var both = Spread(surface, new TryEvidence("first", 1, 49.84, Feel.FirmByHand, 49.9, Workshop.Caliper));
        both.ShouldBeGreaterThan(0.1);
        both.ShouldBeLessThan(Spread(surface, Felt(Feel.FirmByHand)));
    }

    [Fact]
    public void Readings_of_one_print_are_not_so_many_prints()
    {
        var (three, prints) = (Spread(Surface.OutsideRound, Read(49.9), Read(49.91), Read(49.89)),
            Spread(Surface.OutsideRound, Read(49.9, 1), Read(49.91, 2), Read(49.89, 3)));
        // Three readings leave the scatter of the print, 0.1; three prints divide it.
        three.ShouldBeGreaterThan(0.1 * 0.98);
        prints.ShouldBeLessThan(0.1 / Math.Sqrt(3) * 1.25);
        Spread(Surface.OutsideRound, Felt(Feel.FirmByHand), Felt(Feel.FirmByHand),
            Felt(Feel.FirmByHand)).ShouldBe(Spread(Surface.OutsideRound, Felt(Feel.FirmByHand)), 1e-9);
    }

    [Fact]
    public void The_step_of_the_instrument_counts()
    {
        var coarse = Workshop.Caliper with { Resolution = 0.5 };
        Spread(Surface.OutsideRound, Read(49.9) with { Instrument = coarse }).ShouldBeGreaterThan(Spread(Surface.OutsideRound, Read(49.9)) + 0.03);
    }

    /// <summary>Birge (1932): what contradicts is widened, and never sharper than the sharpest word.</summary>
    [Fact]
    public void Words_that_contradict_are_told_and_do_not_sharpen()
    {
        TryEvidence[] words = [Felt(Feel.FirmByHand), Felt(Feel.WillNotStart)];
        Spread(Surface.OutsideRound, words).ShouldBeGreaterThanOrEqualTo(Spread(Surface.OutsideRound, words[0]));
        Seat(Surface.OutsideRound).Fits.Contradictions(Seat(Surface.OutsideRound),
            words).ShouldHaveSingleItem().ShouldBe("revision 1: “firm by hand”, but also “will not start”");
        // On two prints they do not contradict: prints differ.
        Seat(Surface.OutsideRound).Fits.Contradictions(Seat(Surface.OutsideRound), [words[0], words[1] with { Revision = 2 }]).ShouldBeEmpty();
        var adapter = FamilyList.Find("hose-adapter")!;
        Check Chance(params TryEvidence[] tries) => adapter.Design(new(ParameterValues.Read(adapter.Parameters,
            new Dictionary<string, string> { ["firstJoin"] = "inside" }).Value,
            new Dictionary<string, Interface> { ["first"] = Workshop.Tube("port", inside: 50), ["second"] = Workshop.Tube("hose", outside: 40) },
                Workshop.Exact, tries)).Checks.Single(c => c.Key == "chance");
        Chance(words).ShouldSatisfyAllConditions(c => c.Verdict.ShouldBe(Verdict.Watch), c => c.Says.ShouldContain("firm by hand"));
    }

    /// <summary>The depth of a bin's pocket moves with the same tries as its width.</summary>
    [Fact]
    public void A_correction_helps_a_bin_in_both_directions()
    {
        var box = Workshop.Place(Guid.NewGuid(), "box", KindList.Of("block"), [("width", 80), ("depth", 50), ("height", 40)]);
        var bin = FamilyList.Find("wall-bin")!;
        Design With(params TryEvidence[] tries) => bin.Design(new(ParameterValues.Read(bin.Parameters,
            new Dictionary<string, string> { ["fit"] = "slide" }).Value, new Dictionary<string, Interface> { ["item"] = box }, Workshop.Process, tries));
        var before = With();
        // It came out half a millimetre tighter than thought: measured on three prints.
        TryEvidence[] tries = [.. Enumerable.Range(1, 3).Select(r => new TryEvidence("item", r, before.Seats[0].Drawn.Value, null,
            before.Seats[0].Drawn.Value - 0.65, Workshop.Caliper))];
        var after = With(tries);
        after.Chance!.Value.ShouldBeGreaterThan(before.Chance!.Value);
        after.Ledger["item.depth.realised"].Value.ShouldBe(after.Ledger["item.width.realised"].Value, 0.02);
    }

    /// <summary>Common practice, no source: a clamped hose that gives is nearly certain; reading that it gives more never hurts.</summary>
    [Theory]
    [InlineData(0)]
    [InlineData(1)]
    [InlineData(3)]
    public void A_hose_that_gives_is_held_by_its_clamp(double give)
    {
        var adapter = FamilyList.Find("hose-adapter")!;
        var hose = Workshop.Place(Guid.NewGuid(), "hose", KindList.Of("hose"), give == 0 ? [("inside", 40)] : [("inside", 40), ("give", give)]);
        var design = adapter.Design(new(ParameterValues.Read(adapter.Parameters,
            new Dictionary<string, string> { ["firstJoin"] = "inside", ["firstHold"] = "clamp", ["secondJoin"] = "over" }).Value,
            new Dictionary<string, Interface> { ["first"] = hose, ["second"] = Workshop.Tube("port", outside: 60) }, Workshop.Process, []));
        design.Seats[0].Chance.ShouldBeGreaterThan(0.95);
        // JCGM 100, 4.3.7: of a rectangle from 40 to 40 + give the middle is half the give wider.
        design.Ledger["first.measured"].Value.ShouldBe(40 + (give / 2), 1e-9);
    }
}
