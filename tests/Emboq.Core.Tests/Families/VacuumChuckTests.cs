using Emboq.Core.Families.Turning.VacuumChuck;
using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Vacuum chucks: where the work seats, and what the air holds.</summary>
public sealed class VacuumChuckTests
{
    private const string Spindle = "outside 31.6, pitch 3.175, length 28, neck 32, neckLong 4, bore 10";

    // A knob: a tenon of 20 mm, a cone from 30 to 60 over 15 mm (45 degrees), a body.
    private const string Knob = "mass 120, step1.length 10, step1.first 20, step2.length 15, step2.first 30, step2.last 60, "
        + "step3.length 25, step3.first 60, step3.last 40";

    private static readonly Process Solid = Tough with { Settings = new() { Walls = 20, Skins = 40, Fill = 1 } };

    private static Design Design(string entries, string knob = Knob, string spindle = Spindle) =>
        Mounts.Design("vacuum-chuck", entries, Solid, null, ("spindle", "spindle", spindle), ("turned", "turned", knob));

    private static double Line(Design design, string key) => design.Ledger[key].Value;

    /// <summary>By hand: the cone takes a land of 6 mm at 45 degrees with its middle at 60 − 6 sin 45° = 55.76 mm; the shoulder from 20 to 30 mm is narrower
    /// than it, and lies square to the axis.</summary>
    [Fact]
    public void It_seats_as_far_out_as_a_face_takes_the_land()
    {
        var design = Design("");
        Line(design, "seatAt").ShouldBe(60 - (6 * Math.Sin(Math.PI / 4)), 1e-6);
        Line(design, "seat.slope").ShouldBe(45, 1e-9);
        Line(Design("land=4; seatAt=25"), "seat.slope").ShouldBe(90, 1e-9);
        Of(Design("seatAt=25"), "seat.land").ShouldSatisfyAllConditions(c => c.Verdict.ShouldBe(Verdict.Stop), c => c.Remedies.Count.ShouldBe(2));
        Of(Design("seatAt=25; land=5"), "seat.land").Verdict.ShouldBe(Verdict.Good);
        Of(Design("seatAt=80"), "seat").Verdict.ShouldBe(Verdict.Stop);
        // On its own end, which is flat.
        Line(Design("seatAt=15; land=4"), "seat.slope").ShouldBe(90, 1e-9);
    }

    /// <summary>What lies behind a wider place is never reached from its end.</summary>
    [Fact]
    public void A_face_in_the_shadow_of_a_wider_one_is_no_seat() =>
        Of(Design("seatAt=45", "step1.length 10, step1.first 50, step2.length 10, step2.first 30, step2.last 48"), "seat.slope").Figure.ShouldBe("90°");

    /// <summary>ISO 2533: 101.325 kPa at the sea, 89.875 kPa at 1,000 m.</summary>
    [Fact]
    public void Higher_up_the_air_presses_less()
    {
        ChuckReckoning.Atmosphere(0).ShouldBe(0.101325, 1e-9);
        ChuckReckoning.Atmosphere(1000).ShouldBe(0.089875, 1e-6);
        (Line(Design("altitude=1000"), "holds") / Line(Design("altitude=0"), "holds")).ShouldBe(89.875 / 101.325, 1e-5);
    }

    /// <summary>By hand: 60 kPa on what the foam seals, 55.76 − 6 sin 45° mm across, hold 0.06 π/4 d²; half of that is used against pull, slip and
    /// tilt.</summary>
    [Fact]
    public void Air_holds_by_its_area()
    {
        var design = Design("gauge=60; cut=20");
        var across = 60 - (12 * Math.Sin(Math.PI / 4));
        var holds = 0.06 * Math.PI / 4 * across * across;
        Line(design, "holds").ShouldBe(holds, 1e-6);
        Of(design, "pulls").Used!.Value.ShouldBe(20 / (holds / 2), 1e-9);
        Of(design, "slips").Used!.Value.ShouldBe(20 * 30 / (0.4 * holds * across / 2 / 2), 1e-9);
        var far = 50 - (10 + 15 - (6 * Math.Sin(Math.PI / 4) / 2));
        var (weight, unbalance) = (0.12 * 9.80665, 0.12 * 1.2e-3 * Math.Pow(2 * Math.PI * 800 / 60, 2));
        Of(design, "tilts").Used!.Value.ShouldBe(((20 * far) + ((weight + unbalance) * far / 2)) / (holds * across / 2 / 2), 1e-6);
    }

    [Fact]
    public void Where_the_figures_say_so_it_never_runs_without_the_tailstock()
    {
        const string Long = "mass 400, step1.length 10, step1.first 20, step2.length 15, step2.first 30, step2.last 60, step3.length 160, step3.first 60";
        var tilts = Of(Design("gauge=60", Long), "tilts");
        tilts.Verdict.ShouldBe(Verdict.Stop);
        tilts.Remedies.OfType<Remedy.Change>().Single().Entries["tailstock"].ShouldBe("up");
        Of(Design("gauge=60; tailstock=up", Long), "tilts").Verdict.ShouldBe(Verdict.Good);
        // What a catch does is never green, with or without.
        new[] { "gauge=60", "gauge=60; tailstock=up" }.ShouldAllBe(e => Of(Design(e, Knob), "catch").Verdict == Verdict.Watch);
    }

    [Theory]
    [InlineData("gauge=104", "gauge", Verdict.Stop)]
    [InlineData("", "gauge", Verdict.Watch)]
    [InlineData("seal=cord; land=4", "groove", Verdict.Stop)]
    [InlineData("airway=50", "airway.cup", Verdict.Stop)]
    [InlineData("brake=has", "unscrews", Verdict.Stop)]
    public void What_would_not_hold_is_told(string entries, string key, Verdict verdict)
    {
        var check = Of(Design(entries), key);
        check.Verdict.ShouldBe(verdict);
        foreach (var change in check.Remedies.OfType<Remedy.Change>())
        {
            Design(entries + string.Concat(change.Entries.Select(e => $"; {e.Key}={e.Value}"))).Checks.Where(c => c.Key == key)
                .ShouldAllBe(c => c.Verdict == Verdict.Good, change.Label);
        }
    }

    [Fact]
    public void Whether_air_comes_through_the_spindle_is_asked()
    {
        Of(Design(""), "bore").Verdict.ShouldBe(Verdict.Good);
        var bore = Of(Design("", Knob, "outside 31.6, pitch 3.175, length 28"), "bore");
        (bore.Verdict, bore.Remedies.OfType<Remedy.Measure>().Single().Dimension).ShouldBe((Verdict.Watch, "bore"));
    }
}
