namespace Emboq.Core.Tests.Designs;

public sealed class BrokenOffTests
{
    private static Design Bracket(string under, string roofs = "none")
    {
        var family = FamilyList.Find("bracket")!;
        return family.Design(new(ParameterValues.Read(family.Parameters, new Dictionary<string, string>
        {
            [CornerPads.Key] = under,
            [RoofRibs.Key] = roofs
        }).Value,
            new Dictionary<string, Interface>(), Workshop.Exact, []));
    }

    [Fact]
    public void Every_family_offers_pads_where_it_is_printed()
    {
        FamilyList.All.ShouldAllBe(f => f.Parameters.Single(p => p.Key == CornerPads.Key).AskedAt == Station.Print);
        var (plain, padded) = (Bracket("none"), Bracket("pads"));
        var under = padded.Pieces[0].AsPrinted.ShouldBeOfType<Solid.Padded>();
        under.Of.ShouldBe(plain.Pieces[0].AsPrinted);
        under.Thickness.ShouldBe(2 * Workshop.Exact.LayerHeight, 1e-9);
        padded.Fitting[0].ShouldContain("pads");
        // What is shown and fitted has none.
        padded.Pieces[0].Solid.ShouldBe(plain.Pieces[0].Solid);
        SolidJson.Read(SolidJson.Write(under)).ShouldBe(under);
    }

    [Fact]
    public void What_is_tall_over_a_narrow_foot_is_offered_pads_once()
    {
        var tall = new WayReport(new("flat", "flat", 0, "", ""), 0, 0, 0, 60, 6, 0, 50, Fits: true, new());
        Check Foot(bool padded) => WayChecks.Of(tall, null, beneath: padded ? new((8, 0.4), null) : null).Single(c => c.Key == "printed.foot");
        Foot(padded: false).Remedies.ShouldContain(CornerPads.Add);
        Foot(padded: true).Remedies.ShouldBeEmpty();
    }

    [Fact]
    public void Every_family_offers_ribs_and_pads_stand_under_them()
    {
        FamilyList.All.ShouldAllBe(f => f.Parameters.Single(p => p.Key == RoofRibs.Key).AskedAt == Station.Print);
        var piece = Bracket("pads", "ribs").Pieces[0];
        var ribbed = piece.AsPrinted.ShouldBeOfType<Solid.Padded>().Of.ShouldBeOfType<Solid.Ribbed>();
        ribbed.Of.ShouldBe(piece.Bare(piece.Way));
        ribbed.Rule.ShouldBe(new(Workshop.Exact.LayerHeight, Workshop.Exact.LineWidth, 4, 10, 8));
        SolidJson.Read(SolidJson.Write(ribbed)).ShouldBe(ribbed);
        Bracket("none", "ribs").Fitting[0].ShouldContain("ribs");
    }

    [Theory]
    [InlineData(0, 12, 0, "printed.bridge")]
    [InlineData(6, 0, 0, "printed.hang")]
    [InlineData(0, 0, 30, "printed.islands")]
    public void What_hangs_in_the_air_is_offered_ribs_once_and_what_droops_a_little_is_not(double reach, double bridge, double islands, string key)
    {
        var hangs = new WayReport(new("flat", "flat", 0, "", ""), 0, reach, bridge, 600, 1, islands, 50, Fits: true, new());
        Check Judged(WayReport way, bool ribbed) => WayChecks.Of(way, null, beneath: ribbed ? new(null, RoofRibs.Rule(Workshop.Exact)) : null)
            .Single(c => c.Key == key);
        Judged(hangs, ribbed: false).Remedies.ShouldContain(RoofRibs.Add);
        Judged(hangs, ribbed: true).Remedies.ShouldBeEmpty();
        WayChecks.Of(hangs with { Reach = 2, Bridge = 0, Islands = 0 }, null).SelectMany(c => c.Remedies).ShouldNotContain(RoofRibs.Add);
    }
}
