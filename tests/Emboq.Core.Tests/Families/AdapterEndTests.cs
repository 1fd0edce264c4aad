namespace Emboq.Core.Tests.Families;

/// <summary>Ends of an adapter that are oval, D-shaped or slanted; taped, ridged, hung with a hose; and what the filament must stand.</summary>
public sealed class AdapterEndTests
{
    private static Design Design(string kind, string sizes, string entries = "", Process? process = null,
        string joins = "firstJoin=over; secondJoin=inside; ")
    {
        var family = FamilyList.Find("hose-adapter")!;
        var given = $"{joins}{entries}".Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e =>
            e[0], e => e[1]);
        return family.Design(new(ParameterValues.Read(family.Parameters, given).Value, new Dictionary<string, Interface>
        {
            ["first"] = Measuring.Places.Of(KindList.Of(kind), sizes),
            ["second"] = Workshop.Tube("hose", inside: 60, depth: 50),
        }, process ?? Workshop.Process, []));
    }

    private static Check Of(Design design, string key) => design.Checks.Single(c => c.Key == key);

    /// <summary>Areas by plane geometry: an ellipse, a half round on a rectangle, a trapezoid; the bore is one wall less the clearance inside them.</summary>
    [Theory]
    [InlineData("oval", "outside 80, outsideDepth 50, depth 40", Math.PI * 40 * 25)]
    [InlineData("d-opening", "outside 60, outsideDepth 50, depth 40", (60 * 20) + (Math.PI * 30 * 30 / 2))]
    [InlineData("trapezoid", "outside 80, outsideDepth 50, outsideTop 60, depth 40", 70 * 50)]
    public void An_end_follows_the_outline_that_was_measured(string kind, string sizes, double area)
    {
        var design = Design(kind, sizes);
        design.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        // The socket goes over: what the air sees is a little more than what was measured.
        var bore = Math.PI / 4 * design.Ledger["first.equivalent"].Value * design.Ledger["first.equivalent"].Value;
        bore.ShouldBeInRange(area, area * 1.05);
        (design.Ledger["first.height.drawn"].Value - 50).ShouldBe(design.Ledger["first.drawn"].Value - design.Ledger["first.measured"].Value, 1e-9);
    }

    [Fact]
    public void A_trapezoid_wants_its_upper_width_too() =>
        Design("trapezoid", "outside 80, outsideDepth 50, depth 40").Checks.Single().Key.ShouldBe("first.outsideTop.readings");

    [Theory]
    [InlineData("inside 76, insideDepth 46, outside 80, outsideDepth 50, corner 20", Verdict.Good)]
    [InlineData("inside 76, insideDepth 46, outside 80, outsideDepth 50, corner 30", Verdict.Stop)]
    public void A_corner_radius_that_cannot_be_is_refused(string sizes, Verdict verdict)
    {
        var place = Measuring.Places.Of(KindList.Of("duct"), sizes);
        place.Kind.Rules(new Core.Measuring.Sizes(place)).Single(c => c.Key == "corner<half").Verdict.ShouldBe(verdict);
    }

    /// <summary>Common practice, no source: a joint drawn loose and shimmed with tape. n wraps of t add 2 n t to what goes inside.</summary>
    [Fact]
    public void Tape_makes_room_for_itself_and_leaves_the_fit_as_it_was()
    {
        var (plain, taped) = (Design("tube", "inside 50, outside 54, depth 30"), Design("tube", "inside 50, outside 54, depth 30",
            "firstHold=tape; firstWraps=3; firstTape=0.15; secondHold=tape; secondWraps=2; secondTape=0.2"));
        (taped.Ledger["first.drawn"].Value - plain.Ledger["first.drawn"].Value).ShouldBe(2 * 3 * 0.15, 1e-9);
        (taped.Ledger["second.drawn"].Value - plain.Ledger["second.drawn"].Value).ShouldBe(-2 * 2 * 0.2, 1e-9);
        taped.Ledger["first.realised"].Value.ShouldBe(plain.Ledger["first.realised"].Value, 1e-9);
        taped.Ledger["first.realised"].StandardUncertainty.ShouldBeGreaterThan(plain.Ledger["first.realised"].StandardUncertainty);
        taped.Fitting.ShouldContain(f => f.Contains("wind tape 3 times around the"));
        taped.Hardware.Count(h => h.StartsWith("tape", StringComparison.Ordinal)).ShouldBe(2);
        // A square duct is taped too: its height gets the same room.
        var duct = Design("duct", "outside 80, outsideDepth 50, depth 40", "firstHold=tape; firstWraps=2; firstTape=0.2");
        (duct.Ledger["first.height.drawn"].Value - 50).ShouldBe(duct.Ledger["first.drawn"].Value - 80, 1e-9);
        Of(duct, "first.outline").Verdict.ShouldBe(Verdict.Good);
    }

    [Theory]
    [InlineData("inside 40, outside 46, give 4, depth 60", Verdict.Good)]
    [InlineData("inside 40, outside 46, give 0.6, depth 60", Verdict.Watch)]
    [InlineData("inside 40, outside 46, depth 60", Verdict.Watch)]
    public void A_ridge_goes_into_a_hose_that_stretches_enough(string sizes, Verdict verdict)
    {
        Of(Design("hose", sizes, "firstHold=ridge", joins: "firstJoin=inside; secondJoin=inside; "), "first.hold").Verdict.ShouldBe(verdict);
        // A socket has nothing to be stretched over.
        Of(Design("hose", sizes, "firstHold=ridge"), "first.hold").Verdict.ShouldBe(Verdict.Stop);
    }

    [Theory]
    [InlineData("hangs=1000", Verdict.Watch)]
    [InlineData("hangs=500", Verdict.Good)]
    [InlineData("hangs=4000; firstHold=clamp; secondHold=clamp", Verdict.Good)]
    public void A_hose_that_hangs_is_carried_by_the_joint_or_by_a_strap(string entries, Verdict verdict) =>
        Of(Design("tube", "inside 50, outside 54, depth 30", entries), "hangs").Verdict.ShouldBe(verdict);

    [Fact]
    public void A_strap_leaves_nothing_to_judge_of_the_joint() =>
        Design("tube", "inside 50, outside 54, depth 30", "hangs=4000; carried=strap").Checks.ShouldNotContain(c => c.Key == "hangs");

    [Theory]
    [InlineData("trial", FilamentClass.Plain, 50, Verdict.Good)]
    [InlineData("years", FilamentClass.Soft, 60, Verdict.Watch)]
    [InlineData("warm", FilamentClass.Plain, 50, Verdict.Watch)]
    [InlineData("warm", FilamentClass.Tough, 65, Verdict.Good)]
    [InlineData("outdoors", FilamentClass.Plain, 50, Verdict.Watch)]
    [InlineData("outdoors", FilamentClass.HeatStable, 85, Verdict.Good)]
    public void The_filament_must_stand_what_the_part_is_for(string duty, FilamentClass sort, double warmest, Verdict verdict)
    {
        Check Told(FilamentClass? of, double? heat) => Of(Design("tube", "inside 50, outside 54, depth 30", $"duty={duty}",
            Workshop.Process with { Sort = of, Warmest = heat }),
            "duty");
        Told(sort, warmest).Verdict.ShouldBe(verdict);
        // Of a filament that nobody knows nothing is called good but what any stands.
        Told(null, null).Verdict.ShouldBe(duty is "trial" ? Verdict.Good : Verdict.Watch);
    }
}
