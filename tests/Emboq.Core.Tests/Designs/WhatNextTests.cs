namespace Emboq.Core.Tests.Designs;

/// <summary>What to do next is what takes least until the part fits.</summary>
public sealed class WhatNextTests
{
    private static Design Adapter(double doubt) => FamilyList.Find("hose-adapter")!.Design(new(ParameterValues.Read(
        FamilyList.Find("hose-adapter")!.Parameters, new Dictionary<string, string> { ["firstJoin"] = "over", ["secondJoin"] = "inside" }).Value,
        new Dictionary<string, Interface> { ["first"] = Workshop.Tube("port", outside: 60), ["second"] = Workshop.Tube("hose", inside: 40) },
        Workshop.Process with
        {
            Allowances = Workshop.Process.Allowances.ToDictionary(a => a.Key, a => a.Value with { StandardUncertainty = doubt, PrintScatter = 0.03 }),
        }, []));

    private static IReadOnlyList<WayOn> Ways(Design design, double hours, double proof = 0.3) => WhatNext.Of(design, new(hours, 30 * hours),
        design.Proofs.Where(p => p.Seat is not null).ToDictionary(p => p.Key, _ => new PrintTakes(proof, 4)), []);

    [Fact]
    public void A_long_print_in_doubt_is_proved_first_and_a_short_one_that_is_sure_is_printed()
    {
        var doubtful = Adapter(0.3);
        Ways(doubtful, 12)[0].Station.ShouldBe(Station.Prove);
        Ways(doubtful, 0.2)[0].Station.ShouldBe(Station.Print);
        Ways(Adapter(0.02), 4)[0].Station.ShouldBe(Station.Print);
        // Of what costs the same as the part a proof is no help.
        Ways(doubtful, 3, 3)[0].Station.ShouldBe(Station.Print);
    }

    /// <summary>By hand: a part that fits with chance c is printed 1 + (1 − c) / c₂ times, where c₂ is what it is once it was felt.</summary>
    [Fact]
    public void What_it_takes_adds_up()
    {
        var design = Adapter(0.3);
        var ways = Ways(design, 5);
        var straight = ways.Single(w => w.Station == Station.Print);
        straight.Chance.ShouldBe(design.Chance!.Value);
        straight.Why.ShouldContain("what the setup does");
        (straight.Grams / straight.Hours).ShouldBe(30, 1e-9);
        straight.Hours.ShouldBeGreaterThan(5 * (2 - straight.Chance) - 1e-9);
        var ladder = ways.Single(w => w.Bodies.Any(b => b.StartsWith("ladder-", StringComparison.Ordinal)));
        ladder.Chance.ShouldBe(design.Seats.Aggregate(1.0, (all, s) => all * (design.Proofs.Any(p => p.Rungs > 1 && p.Seat == s.Slot)
            ? s.LadderChance!.Value : s.Chance)), 1e-9);
        var rings = ways.Single(w => w.Bodies.Any(b => b.StartsWith("ring-", StringComparison.Ordinal)));
        rings.Chance.ShouldBeGreaterThan(straight.Chance);
        (rings.Hours - 0.6).ShouldBeGreaterThan(5);
        ways.Select(w => w.Weighs).ShouldBeInOrder();
    }

    [Fact]
    public void A_reading_that_helps_is_among_the_ways_and_what_fits_nothing_has_none()
    {
        var design = Adapter(0.3);
        var reading = new WorthReading(Guid.NewGuid(), "outside", "outside of the port", Workshop.Caliper, design.Chance!.Value, 0.9);
        var way = WhatNext.Of(design, new(5, 100), new Dictionary<string, PrintTakes>(), [reading]).Single(w => w.Station == Station.Measure);
        (way.Chance, way.Reading).ShouldBe((0.9, reading));
        way.Says.ShouldContain("outside of the port");
        var template = FamilyList.Find("set-up-aid")!;
        WhatNext.Of(template.Design(new(ParameterValues.Read(template.Parameters, new Dictionary<string, string>()).Value, new Dictionary<string, Interface>(),
            Workshop.Process, [])), new(1, 1), new Dictionary<string, PrintTakes>(), []).ShouldBeEmpty();
    }
}
