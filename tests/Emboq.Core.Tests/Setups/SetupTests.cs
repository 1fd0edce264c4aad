using System.Text.Json;
using CsCheck;

namespace Emboq.Core.Tests.Setups;

public sealed class SetupTests
{
    private static readonly Printer Curlew = new()
    {
        Name = "Curlew",
        BedWidth = 180,
        Margin = 8,
        Hours = new(9, 17),
        Pace = new() { WallSpeed = 40, FlowLimit = 12 }
    };
    private static readonly Setup Draft = new()
    {
        Name = "draft",
        Printer = Guid.NewGuid(),
        Filament = Guid.NewGuid(),
        Nozzle = 0.6,
        LineWidth = 0.7,
        LayerHeight = 0.4,
        Walls = 2
    };

    [Fact]
    public void A_setup_comes_to_a_process_by_its_printer_and_its_filament()
    {
        var soft = Filament.Usual("soft black", FilamentClass.Soft);
        var process = Draft.With(Curlew, soft);
        (process.Printer, process.Material, process.Density, process.BedWidth, process.Bed.Free().Width).ShouldBe(("Curlew", "soft black", 1.21, 180, 164));
        (process.Bed.Printer, process.Bed.Hours).ShouldBe((Draft.Printer, new Hours(9, 17)));
        // The filament melts less well than the printer could melt it; speeds are the printer's until the setup has its own.
        (process.Settings.FlowLimit, process.Settings.WallSpeed, process.Settings.Walls).ShouldBe((4, 40, 2));
        (Draft with { Pace = new() { WallSpeed = 25, FlowLimit = 3 } }).With(Curlew, soft).Settings.ShouldSatisfyAllConditions(
            s => s.WallSpeed.ShouldBe(25), s => s.FlowLimit.ShouldBe(3));
        Draft.With(Curlew, new() { Name = "any" }).Settings.FlowLimit.ShouldBe(12);
    }

    /// <summary>A process of a file, taken apart and put together again, is the same process.</summary>
    [Fact]
    public void A_process_is_taken_apart_and_comes_to_itself() =>
        Gen.Select(Gen.Double[0.5, 3], Gen.Double[50, 400], Gen.Double[10, 300], Gen.Int[1, 9]).Sample((density, bed, speed, walls) =>
        {
            var process = Workshop.Process with
            {
                Density = density,
                BedDepth = bed,
                Nozzle = 0.4,
                Settings = new() { WallSpeed = speed, Walls = walls, FilamentPrice = bed }
            };
            var (printer, filament, setup) = process.Apart();
            var again = (setup with { Id = process.Id }).With(printer, filament) with { PrinterId = process.PrinterId };
            JsonSerializer.Serialize(again).ShouldBe(JsonSerializer.Serialize(process));
        }, iter: 50);

    [Fact]
    public void What_was_changed_is_told_in_the_words_of_the_form()
    {
        SettingFields.Between(Curlew, Curlew with
        {
            Name = "Old Curlew",
            Nozzles = [0.4, 0.8],
            Pace = Curlew.Pace with { WallSpeed = 55 },
            Hours = new(9, 20)
        }).ShouldBe([
            new("Name", "Curlew", "Old Curlew"), new("Nozzles", "0.4 mm", "0.4 mm, 0.8 mm"),
            new("until", "17 o'clock", "20 o'clock"), new("Along walls", "40 mm/s", "55 mm/s")]);
        var grey = Filament.Usual("grey", FilamentClass.Plain);
        SettingFields.Between(grey, grey with { Warmest = null, Price = 25 }).ShouldBe([new("A kilogram costs", "22", "25"),
            new("Carries load up to", "50 °C", "open")]);
        SettingFields.Between(Draft, Draft with
        {
            Pace = new(),
            Allowances = new Dictionary<Surface, Allowance>
            {
                [Surface.Pocket] = new(0.22,
            0.05, 0.04, "by hand")
            }
        },
            _ => "it").ShouldBe([
            new("Speeds", "as its printer's", "its own"), new("pocket: drawn minus printed", "as usual", "0.22 mm"),
            new("pocket: known to (standard uncertainty)", "as usual", "0.05 mm"), new("pocket: differs from print to print", "as usual", "0.04 mm")]);
        SettingFields.Between(Curlew, Curlew).ShouldBeEmpty();
    }

    [Theory]
    [InlineData(6.9, false, 7)]
    [InlineData(7, true, 7)]
    [InlineData(21.99, true, 21.99)]
    [InlineData(22, false, 31)]
    public void Somebody_is_there_in_the_hours_of_a_printer(double at, bool there, double next)
    {
        var day = new DateTimeOffset(2031, 5, 12, 0, 0, 0, TimeSpan.FromHours(2));
        Hours.Usual.Hold(day.AddHours(at)).ShouldBe(there);
        Hours.Usual.Next(day.AddHours(at)).ShouldBe(day.AddHours(next));
    }

    /// <summary>Every class starts from figures that its own form takes.</summary>
    [Fact]
    public void Usual_filaments_are_within_the_limits_of_their_form()
    {
        foreach (var usual in Enum.GetValues<FilamentClass>().Select(c => Filament.Usual(Filament.Describe(c), c)))
        {
            SettingFields.OfFilament.Where(f => f.Value(usual) is { } v ? v < f.Least || v > f.Most : !f.MayBeOpen).ShouldBeEmpty();
        }
    }
}
