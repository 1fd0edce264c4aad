using Emboq.Web.Views;

namespace Emboq.Web.Tests;

/// <summary>Figures as a person reads them, and what changed between revisions.</summary>
public sealed class ViewTests
{
    private static readonly Guid Plain = Guid.NewGuid();
    private static readonly Guid Tough = Guid.NewGuid();
    private static readonly Dictionary<Guid, string> Processes = new() { [Plain] = "plain", [Tough] = "tough" };

    public static TheoryData<double, Unit, string> Figures => new()
    {
        { 51.2, Unit.Millimetre, "51.20 mm" },
        { -0.15, Unit.Millimetre, "−0.15 mm" },
        { 15_670, Unit.Millimetre, "15.67 m" },
        { 35, Unit.DegreeOfArc, "35.0°" },
        { 46.72, Unit.Grams, "46.7 g" },
        { 37_686, new Unit(Mm: 3), "37.7 cm³" },
        { 0.00124, Unit.Density, "1.24 g/cm³" },
        { 1e9 / 3600 * 420, Unit.Flow, "420 m³/h" },
        { 56_588, Unit.Speed, "56.6 m/s" },
        { 248.2, Unit.Pascal, "248.2 Pa" },
        { 36.716, new Unit(Newton: 1), "36.7 N" },
        { 2140.4, new Unit(Mm: -2, Newton: 1), "2140 MPa" },
        { 0.75, Unit.None, "0.75" },
    };

    [Theory]
    [MemberData(nameof(Figures))]
    public void A_figure_always_has_its_unit(double value, Unit unit, string text) => QuantityText.Metric(value, unit).ShouldBe(text);

    [Fact]
    public void Only_lengths_have_inches()
    {
        QuantityText.Inches(25.4, Unit.Millimetre).ShouldBe("1 in");
        QuantityText.Inches(25.4, Unit.Grams).ShouldBeNull();
    }

    public static TheoryData<Provenance, string> Origins => new()
    {
        { new Provenance.Measured("2 readings"), "measured" },
        { new Provenance.Standard("a document", "a clause"), "standard" },
        { new Provenance.Learned("3 tries"), "learned" },
        { new Provenance.RuleOfThumb("a rule"), "rule" },
        { new Provenance.Chosen("me"), "chosen" },
        { new Provenance.Derived(new Formula.Number(1)), "derived" },
    };

    [Theory]
    [MemberData(nameof(Origins))]
    public void Every_provenance_has_its_mark(Provenance provenance, string kind) => ProvenanceView.Of(provenance).Kind.ShouldBe(kind);

    [Fact]
    public void A_remedy_tells_the_screen_one_thing_to_do()
    {
        RemedyView.Of(new Remedy.Change("c", new Dictionary<string, string> { ["wall"] = "2" })).Changes!["wall"].ShouldBe("2");
        RemedyView.Of(new Remedy.Measure("m", Plain, "inside")).Measure.ShouldBe(new DimensionAddress(Plain, "inside"));
        RemedyView.Of(new Remedy.Prove("p")).Station.ShouldBe("prove");
    }

    private static readonly Family Adapter = FamilyList.Find("hose-adapter")!;
    private static readonly Dictionary<string, string> Names = new() { ["first"] = "grip sander outlet" };

    [Fact]
    public void The_first_revision_changed_nothing() => RevisionChanges.Between(null, Made(1, Plain, 50), Adapter, Names, Processes).ShouldBeEmpty();

    [Fact]
    public void A_revision_tells_entries_process_and_sizes_that_changed_and_nothing_else()
    {
        var changes = RevisionChanges.Between(Made(1, Plain, 50, ("wall", "1.6"), ("coneAngle", "30")),
            Made(2, Tough, 50.3, ("wall", "2"), ("firstFit", "press"), ("coneAngle", "30")), Adapter, Names, Processes);
        changes.ShouldBe([
            new("First fit", "left to Emboq", "press"),
            new("Wall", "1.6", "2"),
            new("Setup", "plain", "tough"),
            new("grip sander outlet, drawn", "50.00 mm", "50.30 mm"),
        ]);
    }

    private static Revision Made(int number, Guid process, double drawn, params (string Key, string Entry)[] entries) => new(Guid.Empty, number, ["part"],
        new(entries.ToDictionary(e => e.Key, e => e.Entry), new Dictionary<string, Guid>(), process), DateTimeOffset.UnixEpoch, null, null,
        new(new Dictionary<string, double>(), new Dictionary<string, double> { ["first"] = drawn },
            new Dictionary<string, System.Text.Json.Nodes.JsonObject>()))
    {
        Process = Demo.Starters.Setup("any").With(new() { Name = "any" }, new() { Name = "any" }) with
        {
            Id = process,
            Settings = new() { Walls = number + 2 }
        },
    };

    private static Core.Printing.ScheduledBedful Scheduled(Spool? spool, string group = "", DateTimeOffset? runsOut = null, bool night = false) =>
        new(new(new(new(Guid.Empty, 220, 220, 250), group, [new(new(3, 40, 20, 12, group), 5, 6, Turned: true)]), "plain", 5400, 42),
            DateTimeOffset.UnixEpoch, DateTimeOffset.UnixEpoch.AddHours(1.5), spool, 58, runsOut, night);

    private static readonly Spool Half = new(Guid.Empty, "half", Guid.Empty, "plain", "", 200, 300, DateTimeOffset.UnixEpoch);

    [Fact]
    public void A_bedful_says_which_spool_and_whether_it_lasts()
    {
        string Says(Core.Printing.ScheduledBedful s) => BedfulView.Of(s, new Dictionary<Guid, string> { [Guid.Empty] = "Curlew" }, [Guid.Empty]).Says;
        Says(Scheduled(Half)).ShouldBe("half lasts; 58.0 g stay on it.");
        Says(Scheduled(null)).ShouldContain("No spool of plain is known");
        Says(Scheduled(null, "red")).ShouldContain("in red is known");
        Says(Scheduled(Half, runsOut: new DateTimeOffset(2031, 5, 12, 23, 5, 0, TimeSpan.Zero),
            night: true)).ShouldBe("half would run out at 23:05, when nobody is at the printer. Put another on, or start earlier.");
        Says(Scheduled(Half, runsOut: new DateTimeOffset(2031, 5, 12, 15, 5, 0, TimeSpan.Zero))).ShouldContain("be there to change it");
    }

    [Fact]
    public void A_bedful_is_drawn_as_it_lies()
    {
        var view = BedfulView.Of(Scheduled(Half), new Dictionary<Guid, string> { [Guid.Empty] = "Curlew" }, [Guid.Empty]);
        // Turned by a quarter, its width is its depth.
        view.Placements.Single().ShouldBe(new PlacementView(Guid.Empty, 3, "part", 5, 6, 20, 40, 12, true));
        (view.Setup, view.Time, view.Mass, view.Warns).ShouldBe(("Curlew", "1 h 30 min", "42.0 g", false));
    }

    [Theory]
    [InlineData(0, false, "Nothing of it fits")]
    [InlineData(1, true, "1 bedful. No layout needs fewer.")]
    [InlineData(2, false, "2 bedfuls. It is the best found; fewer is not ruled out.")]
    public void A_layout_says_how_sure_it_is(int count, bool proven, string says)
    {
        var bedfuls = Enumerable.Repeat(Scheduled(Half).Planned.Bedful, count).ToList();
        BedfulsView.Of(new(bedfuls, [], proven), [], new Dictionary<Guid, string>(), []).Says.ShouldStartWith(says);
    }
}
