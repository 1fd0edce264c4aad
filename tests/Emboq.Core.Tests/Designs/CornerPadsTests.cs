namespace Emboq.Core.Tests.Designs;

public sealed class CornerPadsTests
{
    private static Design Bracket(string under)
    {
        var family = FamilyList.Find("bracket")!;
        return family.Design(new(ParameterValues.Read(family.Parameters, new Dictionary<string, string> { [CornerPads.Key] = under }).Value,
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
        Check Foot(bool padded) => WayChecks.Of(tall, null, padded: padded).Single(c => c.Key == "printed.foot");
        Foot(padded: false).Remedies.ShouldContain(CornerPads.Add);
        Foot(padded: true).Remedies.ShouldBeEmpty();
    }
}
