using System.Globalization;
using Emboq.Web.Devices;

namespace Emboq.Web.Tests;

/// <summary>The stand-in devices by themselves: what they show is the hidden size, seen as the real thing would show it.</summary>
public sealed class DeviceTests
{
    private static StandIn Caliper(double noise = 0.02, double drift = 0, int seed = 1) => new("caliper", "caliper", 0.01, noise, drift, new Random(seed));

    private static double Value(ShownView shown) => double.Parse(shown.Text, CultureInfo.InvariantCulture);

    [Fact]
    public void What_is_shown_scatters_about_the_hidden_size_by_its_noise_in_whole_steps()
    {
        var device = Caliper();
        var shown = Enumerable.Range(0, 4000).Select(_ => Value(device.Show(51.234))).ToList();
        shown.Average().ShouldBe(51.234, 0.02 / Math.Sqrt(4000) * 4);
        var spread = Math.Sqrt(shown.Average(v => Math.Pow(v - shown.Average(), 2)));
        // Noise and the step of the display together (JCGM 100, F.2.2.1).
        spread.ShouldBe(Math.Sqrt((0.02 * 0.02) + (0.01 * 0.01 / 12)), 0.001);
        shown.ShouldAllBe(v => Math.Abs((v * 100) - Math.Round(v * 100)) < 1e-6);
    }

    [Fact]
    public void The_zero_drifts_and_is_set_right_with_nothing_between_the_jaws()
    {
        var device = Caliper(noise: 0, drift: 0.01, seed: 3);
        Enumerable.Range(0, 2000).Max(_ => Math.Abs(Value(device.Show(0)))).ShouldBeGreaterThan(0.1);
        device.Press(DeviceButton.Zero).Text.ShouldBe("0.00");
        Value(device.Show(30)).ShouldBe(30, 0.05);
    }

    [Fact]
    public void Held_figures_stay_until_they_are_let_go()
    {
        var device = Caliper();
        device.Show(20);
        var held = device.Press(DeviceButton.Hold);
        held.Held.ShouldBeTrue();
        device.Show(40).Text.ShouldBe(held.Text);
        device.Press(DeviceButton.Hold).Held.ShouldBeFalse();
        Value(device.Show(40)).ShouldBe(40, 0.2);
    }

    [Fact]
    public void Zero_on_a_thing_shows_differences_from_it_and_never_a_negative_nothing()
    {
        var device = Caliper(noise: 0);
        device.Show(20);
        device.Press(DeviceButton.Zero);
        device.Show(20).Text.ShouldBe("0.00");
        device.Show(19.996).Text.ShouldBe("0.00");
        device.Show(18.5).Text.ShouldBe("-1.50");
        device.Show(20.25).Text.ShouldBe("0.25");
    }

    [Fact]
    public void A_hidden_size_is_always_the_same_and_near_what_was_read()
    {
        var id = Guid.Parse("00000000-0000-0000-0000-0000000000c7");
        Interface Post(params double[] readings) => Interface.Of(id, "post", KindList.Of("post"), [], d => new Dimension(id, d.Key, d.Key,
            d.Key == "diameter" ? [.. readings.Select(r => new Reading(Guid.NewGuid(), r, $"{r}", new("caliper", "caliper", 0.01, 0.03, 0.03, 150),
                DateTimeOffset.UnixEpoch, null, null))] : []));
        var unread = StandIn.HiddenSize(new Sizes(Post()), "diameter");
        StandIn.HiddenSize(new Sizes(Post()), "diameter").ShouldBe(unread);
        StandIn.HiddenSize(new Sizes(Post(48.2, 48.22)), "diameter").ShouldBe(48.21, 0.05);
        StandIn.HiddenSize(new Sizes(Post()), "length").ShouldNotBe(unread);
    }
}
