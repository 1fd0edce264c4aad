namespace Emboq.Core.Tests.Checks;

/// <summary>Judgements shared by families: each has figure, limit and source, and a remedy where something can be done.</summary>
public sealed class CheckTests
{
    private static readonly Guid Place = Guid.NewGuid();

    private static Check Readings(params (Instrument, double)[] readings) => ReadingChecks.Of("r", "measured", Tube(readings), "inside");

    private static Interface Tube(params (Instrument, double)[] readings) =>
        Interface.Of(Place, "port", KindList.Tube, [], d => Workshop.Dimension(Place, d.Key, d.Key == "inside" ? readings : []));

    private static Quantity Clearance(double value, params (string Id, double Uncertainty)[] sources) =>
        Quantity.Input("clearance", value, Unit.Millimetre, new Provenance.Measured("test"),
            sources.Select(s => (new Source(s.Id, s.Id, s.Uncertainty, Kind: s.Id == "repeat/y" ? SourceKind.Measuring : SourceKind.Other), 1.0)));

    [Fact]
    public void Readings_that_agree_are_good_and_tell_their_spread()
    {
        var check = Readings((Workshop.Caliper, 50), (Workshop.Caliper, 50.02), (Workshop.Caliper, 50.01));
        check.Verdict.ShouldBe(Verdict.Good);
        check.Figure.ShouldStartWith("± 0.0");
        check.Says.ShouldBe("3 readings that agree.");
        check.Remedies.ShouldBeEmpty();
    }

    [Fact]
    public void Readings_that_scatter_are_watched_with_the_way_to_read_again()
    {
        var check = Readings((Workshop.Caliper, 50), (Workshop.Caliper, 51), (Workshop.Caliper, 50));
        check.Verdict.ShouldBe(Verdict.Watch);
        check.Figure.ShouldContain("times the usual scatter");
        check.Remedies.ShouldHaveSingleItem().ShouldBeOfType<Remedy.Measure>().Interface.ShouldBe(Place);
    }

    [Fact]
    public void Instruments_that_contradict_each_other_come_before_scatter()
    {
        var check = Readings((Workshop.Caliper, 50), (Workshop.Rule, 54));
        check.Verdict.ShouldBe(Verdict.Watch);
        check.Says.ShouldContain("disagree");
        check.Limit.ShouldBe("2");
    }

    [Theory]
    [InlineData(100, 200, Verdict.Good)]
    [InlineData(210, 200, Verdict.Good)]
    [InlineData(210.1, 200, Verdict.Stop)]
    [InlineData(100, 250.1, Verdict.Stop)]
    public void A_part_fits_the_printer_with_a_margin_around_it(double width, double height, Verdict verdict) =>
        BedCheck.Of(width, width, height, Upright, Workshop.Process).Verdict.ShouldBe(verdict);

    [Fact]
    public void A_way_up_turns_what_lies_on_the_bed()
    {
        BedCheck.Of(100, 40, 200, Upright, Workshop.Process).Figure.ShouldBe("100 mm × 40 mm, 200 mm high");
        BedCheck.Of(100, 40, 200, Upright with { Tip = 90 }, Workshop.Process).Figure.ShouldBe("200 mm × 100 mm, 40 mm high");
    }

    private static readonly Core.Printing.WayUp Upright = new("up", "upright", 0, "", "");

    [Fact]
    public void A_shorter_cone_is_offered_only_where_height_alone_is_the_trouble()
    {
        Remedy shorter = new Remedy.Change("shorter", new Dictionary<string, string> { ["coneLength"] = "10" });
        BedCheck.Of(100, 100, 300, Upright, Workshop.Process, [shorter]).Remedies.ShouldBe([shorter]);
        BedCheck.Of(300, 300, 300, Upright, Workshop.Process, [shorter]).Remedies.ShouldBeEmpty();
        BedCheck.Of(100, 100, 100, Upright, Workshop.Process, [shorter]).Remedies.ShouldBeEmpty();
    }

    [Fact]
    public void A_likely_fit_needs_no_proof() => ChanceCheck.Of(0.81, [(Clearance(0.1, ("process/x", 0.1)), Tube(), "inside")]).ShouldSatisfyAllConditions(
        c => c.Verdict.ShouldBe(Verdict.Good), c => c.Remedies.ShouldBeEmpty(), c => c.Figure.ShouldBe("81 %"));

    [Fact]
    public void Where_the_process_is_in_doubt_a_proof_is_offered()
    {
        var check = ChanceCheck.Of(0.5, [(Clearance(0.1, ("process/x", 0.2), ("repeat/y", 0.05)), Tube(), "inside")]);
        check.Verdict.ShouldBe(Verdict.Watch);
        check.Says.ShouldContain("94 % of the doubt");
        check.Remedies.ShouldHaveSingleItem().ShouldBeOfType<Remedy.Prove>();
    }

    [Fact]
    public void Where_a_reading_is_in_doubt_another_reading_comes_first()
    {
        var (sharp, blurred) = (Clearance(0.1, ("process/x", 0.02)), Clearance(0.1, ("repeat/y", 0.3), ("process/x", 0.02)));
        var check = ChanceCheck.Of(0.4, [(sharp, Tube(), "outside"), (blurred, Tube(), "inside")]);
        check.Remedies[0].ShouldBeOfType<Remedy.Measure>().Dimension.ShouldBe("inside");
        check.Remedies[1].ShouldBeOfType<Remedy.Prove>();
    }

    [Fact]
    public void What_contradicts_earns_no_print_without_a_proof()
    {
        var disputed = Tube((Workshop.Caliper, 50), (Workshop.Rule, 54));
        var check = ChanceCheck.Of(0.95, [(Clearance(0.1, ("process/x", 0.02)), disputed, "inside")]);
        check.Verdict.ShouldBe(Verdict.Watch);
        check.Says.ShouldContain("contradict");
        check.Remedies[0].ShouldBeOfType<Remedy.Measure>();
        ChanceCheck.Of(0.95, [(Clearance(0.1, ("process/x", 0.02)), Tube((Workshop.Caliper, 50)), "inside")],
            "revision 1: “firm by hand”, but also “will not start”").Verdict.ShouldBe(Verdict.Watch);
    }

    [Fact]
    public void A_bed_is_never_judged_by_a_size_that_is_none() => BedCheck.Of(-136.96, 10, 10, Upright, Workshop.Process).ShouldSatisfyAllConditions(
        c => c.Verdict.ShouldBe(Verdict.Stop), c => c.Figure.ShouldBe("nothing"));

    [Fact]
    public void Where_nothing_is_in_doubt_nothing_is_blamed() =>
        ChanceCheck.Of(0, [(Clearance(3), Tube(), "inside")]).Says.ShouldBe("Print the proof before the part.");
}
