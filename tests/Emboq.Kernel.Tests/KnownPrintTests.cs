using Emboq.Core;
using Emboq.Core.Families;
using Emboq.Core.Printing;
using Emboq.Core.Tests;

namespace Emboq.Kernel.Tests;

/// <summary>Plans of prints that people have told about. Common practice, no source: printers and sizes are only half known, so the bands are wide and stated.</summary>
public sealed class KnownPrintTests : IAsyncLifetime
{
    private readonly KernelPool pool = new(new KernelLimits { Engines = 1 });

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => pool.DisposeAsync();

    private async Task<Ledger> Plan(Solid solid, Process process)
    {
        var s = process.Settings;
        var layers = await pool.Layers(solid, new(process.LayerHeight, process.LineWidth, s.Walls, s.Skins), 0.05, TestContext.Current.CancellationToken);
        return PrintPlan.Of(layers, process, TimeFactor.Of(process, []));
    }

    [Fact]
    public async Task A_bin_for_a_box_took_three_and_a_half_hours_and_41_metres()
    {
        // Box 120 x 50 x 90, 5 mm walls and floor, lower than the box; 0.3 mm layers, 15 % fill, 3 walls, 80 mm/s. The height is not told: two thirds of the box here.
        var bin = new Solid.Box(130, 60, 65) - new Solid.Box(120, 50, 65).At(5, 5, 5);
        var process = Workshop.Process with { LayerHeight = 0.3, LineWidth = 0.45, Settings = new() { WallSpeed = 80, FillSpeed = 80, Fill = 0.15, Walls = 3, FilamentPrice = 20 } };
        var plan = await Plan(bin, process);
        (plan["filament"].Value / 1000).ShouldBeInRange(41 * 0.7, 41 * 1.3);
        (plan["time"].Value / 60).ShouldBeInRange(214 * 0.6, 214 * 1.4);
        // "Under 2 in money" of filament.
        plan["cost.filament"].Value.ShouldBeLessThan(3);
    }

    [Fact]
    public async Task A_wide_adapter_cost_about_two_in_filament_and_three_hours()
    {
        var family = FamilyList.Find("hose-adapter")!;
        var entries = new Dictionary<string, string> { ["firstJoin"] = "over", ["secondJoin"] = "inside", ["wall"] = "2", ["coneBy"] = "length", ["coneLength"] = "30" };
        var places = new Dictionary<string, Interface> { ["first"] = Workshop.Tube("port", outside: 157), ["second"] = Workshop.Tube("hose", inside: 94) };
        var design = family.Design(new(ParameterValues.Read(family.Parameters, entries).Value, places, Workshop.Process, []));
        var plan = await Plan(design.Bodies[0].Solid, Workshop.Process);
        // Told: 1.90 and 3 h; sizes, speeds and prices are not. Within a factor of two.
        plan["cost.filament"].Value.ShouldBeInRange(0.95, 3.8);
        (plan["time"].Value / 3600).ShouldBeInRange(1.5, 6);
    }

    [Fact]
    public async Task Rings_take_minutes_where_the_part_takes_hours()
    {
        var ring = new Solid.Cylinder(42, 2) - new Solid.Cylinder(40, 4).At(0, 0, -1);
        (await Plan(ring, Workshop.Process))["time"].Value.ShouldBeLessThan(20 * 60);
    }
}
