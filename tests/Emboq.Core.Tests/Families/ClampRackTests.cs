using Emboq.Core.Families.Storage.ClampRack;
using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Clamp racks: as many as shelf and bed take, held by their lips, borne by lips and screws. By hand, in N and mm.</summary>
public sealed class ClampRackTests
{
    private const string Bar = "lip 24, lipHigh 5, web 9, wide 70, long 420, mass 620, balance 260";

    private static Design Design(string entries, string bar = Bar, Process? process = null) =>
        Mounts.Design("clamp-rack", entries, process ?? Tough, null, [("clamp", "lipped", bar)]);

    private static double Line(Design design, string key) => design.Ledger[key].Value;

    /// <summary>Bed 220 less a margin of 5 at each side: 210. Chambers 78 apart, blocks of 24.35 + 8, and a screw's room of 10 at each end: three take 208,
    /// four 286.</summary>
    [Fact]
    public void A_rail_has_as_many_chambers_as_shelf_and_bed_take()
    {
        var design = Design("shelf=600");
        Line(design, "pitch").ShouldBe(78, 1e-9);
        Line(design, "holds").ShouldBe(3);
        Line(design, "long").ShouldBeInRange(156 + 32.35, 210);
        Of(design, "along").Says.ShouldBe("2 rails of 3 clamps have room along it: 6 clamps.");
        Line(Design("shelf=100"), "holds").ShouldBe(1);
        Of(Design("shelf=600; many=9"), "along").Verdict.ShouldBe(Verdict.Stop);
        // Narrow clamps stand no nearer than their chambers and walls.
        Line(Design("gap=0", Bar.Replace("wide 70", "wide 20")), "pitch").ShouldBe(Line(design, "clamp.lip.drawn") + 8, 1e-9);
    }

    [Theory]
    [InlineData("shelfDeep=400", 1)]
    [InlineData("shelfDeep=520", 2)]
    public void A_second_row_has_room_where_the_shelf_is_deep(string entries, int rows) =>
        Of(Design(entries), "rows").Figure.ShouldBe(rows == 1 ? "1 row" : $"{rows} rows");

    /// <summary>6.08 N each, balancing 260 mm from the stop: at the mouth of 45 mm 6.08 × 260 / 45 = 35.1 N; two of them pull the two screws with
    /// 6.08 × 263 / (22.5 + 3) = 62.7 N each.</summary>
    [Fact]
    public void Lips_and_screws_bear_the_clamps()
    {
        var design = Design("many=2");
        var weight = 620 * 0.00980665;
        Line(design, "front").ShouldBe(weight * 260 / 45, 1e-6);
        var screws = design.Pieces[0].Pattern.Count;
        Line(design, "pull").ShouldBe(2 * weight * 263 / 25.5 / screws, 1e-6);
        var arm = (Line(design, "clamp.lip.drawn") - Line(design, "clamp.web.drawn")) / 2;
        Line(design, "lip.stress").ShouldBe(6 * Line(design, "front") / 2 * arm / ((arm + 6) * 36), 1e-6);
        Of(design, "lip").Verdict.ShouldBe(Verdict.Good);
        Of(Design("many=2; lips=2", Bar.Replace("mass 620", "mass 2600")), "lip").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("many=2; depth=25", Bar.Replace("mass 620", "mass 5200")), "pull").Verdict.ShouldBe(Verdict.Stop);
        // Nobody weighed it: nothing is judged, and nothing is green.
        Of(Design("", "lip 24, lipHigh 5, web 9, wide 70"), "pull").Verdict.ShouldBe(Verdict.Watch);
    }

    [Fact]
    public void Lips_too_narrow_to_hang_by_are_refused() => Of(Design("", Bar.Replace("lip 24", "lip 11")), "hangs").Verdict.ShouldBe(Verdict.Stop);

    /// <summary>Chambers as near as their walls let them be stand in one block: its outline touches itself nowhere.</summary>
    [Theory]
    [InlineData(20)]
    [InlineData(70)]
    public void Blocks_that_meet_are_one(double wide)
    {
        var family = FamilyList.Find("clamp-rack")!;
        var r = RackReckoning.Of(new(ParameterValues.Read(family.Parameters, new Dictionary<string, string> { ["gap"] = "0", ["many"] = "3" }).Value,
            new Dictionary<string, Interface> { ["clamp"] = Measuring.Places.Of(KindList.Of("lipped"), Bar.Replace("wide 70", $"wide {wide}")) }, Tough, []),
            new());
        Outlines.Crossing(RackShape.Section(r, r.At, r.Long, r.Lip.Drawn.Value, r.Web.Drawn.Value).Points).ShouldBeNull();
    }

    [Fact]
    public void The_next_sample_is_wider_and_deeper()
    {
        var design = Design("");
        design.Seats.Single().Ladder.Count.ShouldBe(3);
        design.Proofs.Single(p => p.Seat == "clamp").Rungs.ShouldBe(3);
        design.Seats.Single().Words.Of(Feel.Slides).ShouldBe("slides in");
    }
}
