using UnitsNet;

namespace Emboq.Core.Tests.Families;

/// <summary>Air through an adapter, against the published coefficients (from memory) worked by hand.</summary>
public sealed class AirTests
{
    private static readonly Family Adapter = FamilyList.Find("hose-adapter")!;

    /// <summary>Bores of 100 and 50 mm as printed: two sockets whose wanted insides are those.</summary>
    private static Design Through(string enters, double angle, string flow = "400 m3/h", string carries = "chips") => Adapter.Design(new(
        ParameterValues.Read(Adapter.Parameters, new Dictionary<string, string>
        {
            ["firstJoin"] = "over",
            ["secondJoin"] = "over",
            ["firstClearance"] = "0",
            ["secondClearance"] = "0",
            ["airEnters"] = enters,
            ["airFlow"] = flow,
            ["airCarries"] = carries,
            ["coneAngle"] = $"{angle}",
        }).Value,
        new Dictionary<string, Interface>
        {
            ["first"] = Workshop.Tube("wide", outside: 100),
            ["second"] = Workshop.Tube("narrow", outside: 50)
        }, Workshop.Exact, []));

    [Theory]
    // b = 0.5: 1 - b2 = 0.75, its square 0.5625. Crane TP-410: 0.8 sin a, 0.5 sqrt sin a, 2.6 sin a, 1.
    [InlineData("first", 15, 0.8 * 0.258819 * 0.75)]
    [InlineData("first", 45, 0.5 * 0.840896 * 0.75)]
    [InlineData("second", 15, 2.6 * 0.258819 * 0.5625)]
    [InlineData("second", 45, 0.5625)]
    public void A_cone_loses_its_coefficient_of_velocity_heads(string enters, double angle, double coefficient)
    {
        var ledger = Through(enters, angle).Ledger;
        (ledger["air.loss"].Value / ledger["air.head"].Value).ShouldBe(coefficient, 1e-5);
    }

    [Theory]
    // Idelchik: sudden contraction 0.5 (1 - b2); Borda-Carnot: (1 - b2)2.
    [InlineData("first", 0.375)]
    [InlineData("second", 0.5625)]
    public void A_step_loses_its_coefficient_too(string enters, double coefficient)
    {
        var ledger = Through(enters, 30).Ledger;
        (ledger["air.loss.step"].Value / ledger["air.head"].Value).ShouldBe(coefficient, 1e-9);
    }

    [Fact]
    public void Speed_is_flow_over_area_and_the_head_is_half_density_speed_squared()
    {
        // 400 m3/h through 50 mm: 0.11111 m3/s over 0.0019635 m2 is 56.588 m/s; 0.6 of its square is 1921.3 Pa.
        var ledger = Through("first", 30).Ledger;
        (ledger["air.speed"].Value / 1000).ShouldBe(56.588, 1e-3);
        ledger["air.head"].Value.ShouldBe(1921.3, 0.2);
        ledger["air.head"].Unit.ShouldBe(Unit.Pascal);
    }

    [Theory]
    [InlineData("chips", "400", Verdict.Watch)]
    [InlineData("chips", "600", Verdict.Good)]
    public void Solids_need_transport_speed_where_the_bore_is_widest(string carries, string flow, Verdict verdict) =>
        Through("first", 30, flow, carries).Checks.Single(c => c.Key == "air.transport").Verdict.ShouldBe(verdict);

    [Fact]
    public void Fumes_need_no_transport_speed_and_bring_their_own_caution()
    {
        var design = Through("first", 30, "100", "fumes");
        design.Checks.ShouldNotContain(c => c.Key == "air.transport");
        design.Cautions[0].ShouldContain("outdoors");
        design.Cautions.ShouldContain(c => c.Contains("second fixing"));
    }

    [Fact]
    public void Where_a_cone_gains_nothing_it_is_said_and_the_remedy_gains()
    {
        var check = Through("second", 45).Checks.Single(c => c.Key == "air.cone");
        check.Verdict.ShouldBe(Verdict.Watch);
        check.Says.ShouldContain("gains nothing");
        check.Remedies.OfType<Remedy.Change>().Single().Entries["coneAngle"].ShouldBe("10");
        Through("second", 10).Checks.Single(c => c.Key == "air.cone").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void Nothing_is_said_about_air_while_its_flow_is_open()
    {
        var design = Adapter.Design(new(ParameterValues.Read(Adapter.Parameters, new Dictionary<string, string>()).Value,
            new Dictionary<string, Interface>
            {
                ["first"] = Workshop.Tube("a", inside: 50),
                ["second"] = Workshop.Tube("b", outside: 50)
            }, Workshop.Process, []));
        design.Ledger.Lines.ShouldNotContain(l => l.Key.StartsWith("air."));
    }

    [Theory]
    [InlineData("850", 850)]
    [InlineData("850 m³/h", 850)]
    [InlineData("236 l/s", 849.6)]
    public void A_flow_is_read_in_cubic_metres_an_hour(string text, double flow) => FlowNotation.Parse(text, "f").Value.ShouldBe(flow, 1e-9);

    [Fact]
    public void Cubic_feet_a_minute_agree_with_UnitsNet() =>
        FlowNotation.Parse("500 cfm", "f").Value.ShouldBe(VolumeFlow.FromCubicFeetPerMinute(500).CubicMetersPerHour, 1e-6);

    [Theory]
    [InlineData("fast")]
    [InlineData("-3 l/s")]
    [InlineData("1e9")]
    public void What_is_no_flow_is_refused_in_words(string text) => FlowNotation.Parse(text, "f").Problems.Single().Remedy.ShouldContain("m3/h");
}
