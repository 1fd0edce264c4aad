namespace Emboq.Core.Tests.Families;

/// <summary>Nuts and screws of any row of the tables, or as they were measured.</summary>
public sealed class HardwareTests
{
    private static Design Design(string family, string entries, params (string Slot, Interface Place)[] places)
    {
        var f = FamilyList.Find(family)!;
        var given = entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
        return f.Design(new(ParameterValues.Read(f.Parameters, given).Value, places.ToDictionary(p => p.Slot, p => p.Place), Workshop.Process, []));
    }

    private static (string, Interface) Bought(string sizes) => ("bought", Measuring.Places.Of(KindList.Of("screw-head"), sizes));

    private static (string, Interface) Nut(string sizes) => ("nut", Measuring.Places.Of(KindList.Of("nut"), sizes));

    /// <summary>ASME B1.1 by its table: 24 and 32 turns to the inch on one diameter.</summary>
    [Theory]
    [InlineData("No. 10", "10-24", 25.4 / 24)]
    [InlineData("10-32", "10-32", 25.4 / 32)]
    [InlineData("1/4-28", "1/4-28", 25.4 / 28)]
    [InlineData("3/8", "3/8-16", 25.4 / 16)]
    [InlineData("M10", "M10", 1.5)]
    public void A_screw_cuts_the_thread_of_its_own_pitch(string screw, string name, double pitch)
    {
        var ledger = Design("drawer-pull", $"fastening=selfCut; screw={screw}; tall=40; projection=60").Ledger;
        var d = screw switch { "M10" => 10, "3/8" => 9.525, "1/4-28" => 6.35, _ => 4.826 };
        // The finished hole: d − share × 5/4 H, H = √3/2 P (ISO 68-1).
        ledger["screw.thread.wanted"].Value.ShouldBe(d - (0.65 * 1.25 * Math.Sqrt(3) / 2 * pitch), 1e-3);
        Design("drawer-pull", $"fastening=sideNut; screw={screw}; tall=40; projection=60; spacing=120").Hardware[0].ShouldBe($"2 nuts {name}");
    }

    [Fact]
    public void An_insert_that_no_table_has_is_refused_with_another_way()
    {
        var stopped = Design("drawer-pull", "fastening=insert; screw=10-32").Checks.Single();
        stopped.Verdict.ShouldBe(Verdict.Stop);
        var change = stopped.Remedies.OfType<Remedy.Change>().Single().Entries;
        Design("drawer-pull", $"fastening={change["fastening"]}; screw=10-32; tall=30; projection=30").Pieces.ShouldNotBeEmpty();
    }

    /// <summary>Common practice, no source: a nut that measures 9.8 mm across its flats; its pocket follows the nut, not the table.</summary>
    [Fact]
    public void A_measured_nut_goes_before_its_table()
    {
        double Wanted(params (string, Interface)[] places) => Design("drawer-pull", "fastening=sideNut; screw=M6; tall=30; projection=30",
            places).Ledger["screw.flats.wanted"].Value;
        (Wanted() - Wanted(Nut("flats 9.8, height 4.9"))).ShouldBe(0.2, 1e-9);
        var unread = Design("drawer-pull", "fastening=sideNut", Nut("flats 9.8"));
        unread.Pieces.ShouldBeEmpty();
        unread.Checks.Single().Key.ShouldBe("nut.height.readings");
    }

    /// <summary>Common practice, no source: the screws bought were thicker than the holes, which were then sanded by hand.</summary>
    [Theory]
    [InlineData("drawer-pull", "fastening=through; tall=30", "screw")]
    [InlineData("label-plate", "thickness=5; height=30; text=Oil", "hole")]
    public void A_measured_wood_screw_makes_its_own_hole_and_cone(string family, string entries, string key)
    {
        var ledger = Design(family, entries, Bought("head 9.2, height 3, shank 4.6, length 30, cone 82")).Ledger;
        ledger[$"{key}.hole.wanted"].Value.ShouldBe(4.6 + 0.5, 1e-9);
        ledger[$"{key}.countersink.wanted"].Value.ShouldBe(9.2 + 0.3, 1e-9);
        ledger[$"{key}.countersink.angle"].Value.ShouldBe(82);
    }
}
