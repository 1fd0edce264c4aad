using Emboq.Core;
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
        { new Provenance.Derived(new Core.Quantities.Formula.Number(1)), "derived" },
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

    [Fact]
    public void The_first_revision_changed_nothing() => RevisionChanges.Between(null, Made(1, Plain, 50), Processes).ShouldBeEmpty();

    [Fact]
    public void A_revision_tells_entries_process_and_sizes_that_changed_and_nothing_else()
    {
        var changes = RevisionChanges.Between(Made(1, Plain, 50, ("wall", "1.6"), ("coneAngle", "30")), Made(2, Tough, 50.3, ("wall", "2"), ("firstFit", "press"), ("coneAngle", "30")), Processes);
        changes.ShouldBe([
            new("firstFit", "left to Emboq", "press"),
            new("wall", "1.6", "2"),
            new("process", "plain", "tough"),
            new("first drawn", "50.00 mm", "50.30 mm"),
        ]);
    }

    private static Revision Made(int number, Guid process, double drawn, params (string Key, string Entry)[] entries) => new(Guid.Empty, number, ["part"],
        new(entries.ToDictionary(e => e.Key, e => e.Entry), new Dictionary<string, Guid>(), process), DateTimeOffset.UnixEpoch, null, null,
        new(new Dictionary<string, double>(), new Dictionary<string, double> { ["first"] = drawn }, new Dictionary<string, System.Text.Json.Nodes.JsonObject>()));
}
