using Emboq.Store;

namespace Emboq.Web.Demo;

/// <summary>The machines of the demo beside those that its jobs join: every kind of place at least once.</summary>
internal sealed partial class PaddleWorkshop
{
    private async Task Instruments()
    {
        await InstrumentStore.CheckZero(database, "caliper", 0.01, clock, default);
        await InstrumentStore.CheckZero(database, "scale", 0, clock, default);
    }

    private async Task MoreMachines()
    {
        await SteamBox();
        await CarvingBench();
        await SpokeRouter();
        await ToolDrawer();
        await GripPress();
        await HandTools();
        await DowndraftTable();
    }

    private async Task SteamBox()
    {
        var machine = await Machine("Steam box", "Softens blanks for bent shafts; hot and wet, so fittings must come off by hand.");
        var hose = await Place(machine, "steam hose", KindList.Of("hose"));
        await Read(hose, "around", "tape", "131", "132");
        await Read(hose, "wall", "caliper", "3.1", "3.2");
        await Read(hose, "give", "steel-rule", "1.5");
        var spout = await Place(machine, "boiler spout", KindList.Of("post"));
        await Around(spout, "diameter", "caliper", ("33.42", 0), ("33.38", 45), ("33.40", 90), ("33.43", 135));
        await Read(spout, "around", "tape", "105");
        await Read(spout, "length", "depth-rod", "28.4");
        var drain = await Place(machine, "drain bore", KindList.Of("bore"));
        await Read(drain, "diameter", "caliper", "20.06", "20.02");
        await Read(drain, "depth", "depth-rod", "14.2");
        var lid = await Place(machine, "lid rim, where a hook must hold", KindList.Of("flat"));
        await Read(lid, "thickness", "caliper", "18.1", "18.3", "18.2");
        await Read(lid, "width", "tape", "33 7/8 in");
        await Read(lid, "edge", "radius-gauges", "3");
        var holes = await Place(machine, "holes of its lid", KindList.Of("hole-grid"));
        await Read(holes, "pitchX", "steel-rule", "25");
        await Read(holes, "pitchY", "steel-rule", "25");
        await Read(holes, "diameter", "caliper", "6.62", "6.6");
    }

    private async Task CarvingBench()
    {
        var machine = await Machine("Carving bench", "Beech top with a grid of dog holes, a T track along the front and a slot for the fence.");
        var grid = await Place(machine, "dog holes", KindList.Of("hole-grid"));
        await Read(grid, "pitchX", "long-caliper", "96.1", "96.0");
        await Read(grid, "pitchY", "long-caliper", "95.9");
        await Read(grid, "diameter", "caliper", "20.08", "20.11", "20.05");
        await Read(grid, "overX", "tape", "788");
        await Read(grid, "spacesX", "eye", "8");
        await Read(grid, "thickness", "caliper", "39.6");
        var track = await Place(machine, "front T track", KindList.Of("t-slot"));
        await Read(track, "mouth", "caliper", "10.12", "10.15");
        await Read(track, "lip", "caliper", "4.9");
        await Read(track, "chamber", "caliper", "17.4");
        await Read(track, "depth", "depth-rod", "11.2");
        var slot = await Place(machine, "fence slot", KindList.Of("slot"));
        await Read(slot, "width", "caliper", "3/4 in", "19.11", "19.08");
        await Read(slot, "depth", "depth-rod", "9.6");
        await Read(slot, "nearWall", "steel-rule", "84.5");
        await Read(slot, "farWall", "steel-rule", "103.5");
        var foot = await Place(machine, "bench foot", KindList.Of("foot"), "toe left", "toe right", "shoulder right", "neck right",
            "neck left", "shoulder left");
        foreach (var (point, x, y) in new[] { (1, "0", "0"), (2, "62", "0"), (3, "62", "14"), (4, "41", "33"), (5, "21", "33"), (6, "0", "14") })
        {
            await Read(foot, $"point{point}.x", "steel-rule", x);
            await Read(foot, $"point{point}.y", "steel-rule", y);
        }

        await Read(foot, "height", "steel-rule", "70");
        await Read(foot, "overall", "caliper", "61.8");
    }

    private async Task SpokeRouter()
    {
        var machine = await Machine("Edge router", "Rounds paddle edges; the base takes guide plates.");
        var plate = await Place(machine, "base plate screws", KindList.Of("hole-circle"));
        await Read(plate, "inner", "caliper", "79.8", "79.7");
        await Read(plate, "outer", "caliper", "90.3", "90.4");
        await Read(plate, "count", "eye", "3");
        await Read(plate, "diameter", "caliper", "5.32", "5.28");
        var guide = await Place(machine, "guide rod holes", KindList.Of("holes"), "left", "right");
        await Read(guide, "hole1.x", "caliper", "14.1");
        await Read(guide, "hole1.y", "caliper", "22.0");
        await Read(guide, "hole1.diameter", "caliper", "8.05");
        await Read(guide, "hole2.x", "caliper", "99.2");
        await Read(guide, "hole2.y", "caliper", "22.1");
        await Read(guide, "hole2.diameter", "caliper", "8.04");
        var collet = await Place(machine, "collet nut thread", KindList.Of("thread"));
        await Read(collet, "outside", "caliper", "19.84", "19.86");
        await Read(collet, "turns", "eye", "8");
        await Read(collet, "over", "caliper", "12.05");
        var nose = await Place(machine, "motor nose", KindList.Of("arc"));
        await Read(nose, "chord", "caliper", "58.0", "58.1");
        await Read(nose, "sagitta", "depth-rod", "14.6", "14.55");
    }

    private async Task ToolDrawer()
    {
        var machine = await Machine("Knife drawer", "Second drawer of the carving bench; folded sheet, so the front corners are not square.");
        var inside = await Place(machine, "knife drawer inside", KindList.Of("cavity"), "left runner", "lock");
        await Read(inside, "width", "steel-rule", "412");
        await Read(inside, "depth", "steel-rule", "365.5");
        await Read(inside, "height", "steel-rule", "58");
        await Read(inside, "lip", "steel-rule", "11");
        foreach (var (item, sizes) in new[] { (1, "x 0, y 0, z 0, width 9, depth 365, height 14"), (2, "x 188, y 0, z 31, width 40, depth 22, height 27") })
        {
            foreach (var size in sizes.Split(", ").Select(s => s.Split(' ')))
            {
                await Read(inside, $"obstruction{item}.{size[0]}", "steel-rule", size[1]);
            }
        }

        var pull = await Place(machine, "pull screws", KindList.Of("hole-row"), "spacing");
        await Read(pull, "diameter", "caliper", "5.06");
        await Read(pull, "gap1.inner", "long-caliper", "90.95", "90.9");
        await Read(pull, "gap1.outer", "long-caliper", "101.1", "101.2");
        var knife = await Place(machine, "carving knife handle", KindList.Of("turned"), "ferrule", "neck", "belly", "end");
        foreach (var (step, length, first, last) in new[] { (1, "14.2", "16.4", "16.4"), (2, "31", "18.9", "23.2"), (3, "52", "23.2", "28.6"),
            (4, "22", "28.6", "19.5") })
        {
            await Read(knife, $"step{step}.length", "caliper", length);
            await Read(knife, $"step{step}.first", "caliper", first);
            await Read(knife, $"step{step}.last", "caliper", last);
        }

        await Read(knife, "overall", "caliper", "119.1");
        await Read(knife, "mass", "scale", "38.4");
    }

    private async Task GripPress()
    {
        var machine = await Machine("Grip press", "Glues T grips to shafts; the screws are metric, whatever the plate says.");
        var nut = await Place(machine, "clamp nut", KindList.Of("nut"));
        await Read(nut, "flats", "caliper", "12.82", "12.86", "12.79");
        await Read(nut, "height", "caliper", "6.55");
        await Read(nut, "corners", "caliper", "14.45");
        var screw = await Place(machine, "side screws", KindList.Of("screw-head"));
        await Read(screw, "head", "caliper", "9.92", "9.95");
        await Read(screw, "height", "caliper", "5.94");
        await Read(screw, "shank", "caliper", "5.9");
        await Read(screw, "length", "caliper", "24.8");
        var shim = await Place(machine, "wedge angle", KindList.Of("angle"));
        await Read(shim, "run", "caliper", "80");
        await Read(shim, "rise", "caliper", "14.1", "14.05");
        await Read(shim, "angle", "protractor", "10");
        var stem = await Place(machine, "drill stem", KindList.Of("taper"));
        await Read(stem, "large", "caliper", "17.79", "17.78");
        await Read(stem, "small", "caliper", "15.30");
        await Read(stem, "distance", "caliper", "50.0");
    }

    private async Task HandTools()
    {
        var machine = await Machine("Block planes", "The two planes that live on the wall, and the box their irons come in.");
        var mass = await Place(machine, "long plane", KindList.Of("mass"));
        await Read(mass, "mass", "scale", "1.42 kg");
        await Read(mass, "arm", "steel-rule", "118");
        var box = await Place(machine, "iron box", KindList.Of("block"));
        await Read(box, "width", "caliper", "92.4", "92.3");
        await Read(box, "depth", "caliper", "58.1");
        await Read(box, "height", "caliper", "31.6");
        await Read(box, "topWidth", "caliper", "90.7");
        await Read(box, "corner", "radius-gauges", "4");
    }

    private async Task DowndraftTable()
    {
        var machine = await Machine("Downdraft table", "Blades are sanded on it; its openings were cut from sheet by hand, and none is round.");
        await Opening(machine, "flattened pipe", "oval", ("inside", "88.4"), ("insideDepth", "44.2"), ("outside", "90.2"), ("outsideDepth", "46.0"));
        await Opening(machine, "clean-out", "d-opening", ("inside", "70.3"), ("insideDepth", "58.1"), ("outside", "73.2"), ("outsideDepth", "61.0"));
        await Opening(machine, "chute", "trapezoid", ("inside", "104.5"), ("insideTop", "71.8"), ("insideDepth", "52.0"), ("outside", "107.4"),
            ("outsideTop", "74.6"), ("outsideDepth", "54.9"));
    }

    private async Task Opening(Guid machine, string name, string kind, params (string Dimension, string Text)[] sizes)
    {
        var place = await Place(machine, name, KindList.Of(kind));
        foreach (var (dimension, text) in sizes)
        {
            await Read(place, dimension, "caliper", text);
        }

        await Read(place, "depth", "depth-rod", "35");
    }
}
