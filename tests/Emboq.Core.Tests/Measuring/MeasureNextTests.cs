namespace Emboq.Core.Tests.Measuring;

/// <summary>Which reading to take next, foretold from gradients and then really taken.</summary>
public sealed class MeasureNextTests
{
    private static readonly Process Exact = Workshop.Exact;

    private static Design Of(params Interface[] ends) => FamilyList.Find("hose-adapter")!.Design(new(
        ParameterValues.Read(FamilyList.Find("hose-adapter")!.Parameters,
            new Dictionary<string, string> { ["firstJoin"] = "over", ["secondJoin"] = "inside" }).Value,
        new Dictionary<string, Interface> { ["first"] = ends[0], ["second"] = ends[1] }, Exact, []));

    [Fact]
    public void The_chance_foretold_is_the_chance_after_the_reading()
    {
        var rough = Workshop.Rule with { Id = "rough", MaximumPermissibleError = 0.1, Repeatability = 0.15, Resolution = 0.1 };
        Interface End(string name, string key, double value)
        {
            var tube = Workshop.Tube(name, depth: 40);
            return tube with { Dimensions = [.. tube.Dimensions.Select(d => d.Key == key ? Workshop.Dimension(tube.Id, key, (rough, value)) : d)] };
        }

        Interface[] ends = [End("a", "outside", 50), End("b", "inside", 60)];
        var design = Of(ends);
        var worth = MeasureNext.Of(design, ends, [rough]);
        worth.Count.ShouldBe(2);
        var best = worth[0];
        best.Before.ShouldBe(design.Chance!.Value);
        best.Gain.ShouldBeGreaterThan(0.01);
        Interface[] after = [.. ends.Select(e => e.Id != best.Interface ? e : e with
        {
            Dimensions = [.. e.Dimensions.Select(d => d.Key == best.Dimension
                ? d with { Readings = [.. d.Readings, d.Readings[0] with { Id = Guid.NewGuid() }] } : d)],
        })];
        Of(after).Chance!.Value.ShouldBe(best.After, 0.002);
    }

    [Fact]
    public void Nothing_is_proposed_where_no_reading_would_help()
    {
        Interface[] ends = [Workshop.Tube("a", outside: 50, depth: 40), Workshop.Tube("b", inside: 60, depth: 40)];
        // A rule adds nothing to what the caliper has told.
        MeasureNext.Of(Of(ends), ends, [Workshop.Rule]).ShouldBeEmpty();
        MeasureNext.Of(Of([Workshop.Tube("a"), Workshop.Tube("b")]), ends, [Workshop.Caliper]).ShouldBeEmpty();
    }
}
