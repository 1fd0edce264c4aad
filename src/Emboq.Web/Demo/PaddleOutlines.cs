using System.Text;
using Emboq.Exchange.Drawn;
using Emboq.Exchange.Scans;
using Emboq.Store;

namespace Emboq.Web.Demo;

/// <summary>What no caliper can say: tools whose outline comes from a drawing.</summary>
internal sealed partial class PaddleWorkshop
{
    private const string CrookedKnife = """
        <svg xmlns="http://www.w3.org/2000/svg" width="150mm" height="60mm" viewBox="0 0 150 60">
          <path d="M6 30 C6 24 12 21 20 22 L66 25 C74 25 78 22 84 18 C98 8 118 6 130 16 C140 24 142 38 134 46 C130 50 126 47 128 42
                   C131 34 128 26 120 22 C110 17 96 22 88 29 C82 34 76 37 68 37 L20 39 C12 40 6 36 6 30 Z" />
        </svg>
        """;

    private async Task CrookedTools(Process plain)
    {
        var tools = await Machine("Crooked knives", "For hollowing grips and scoops; their blades curl, and nothing on them is straight.");
        var knife = await Place(tools, "crooked knife, from above", KindList.Of("traced"));
        var drawn = Tracing.Of("crooked knife.svg", DrawingFile.Read(Encoding.UTF8.GetBytes(CrookedKnife), "file").Value, 0.1, "file").Value;
        await InterfaceStore.Trace(database, knife, drawn.Outline, Later(), default);
        await Read(knife, "overall", "caliper", "133.6", "133.5");
        await Read(knife, "breadth", "caliper", "38.6");
        await Read(knife, "height", "caliper", "18.2");
        await Part("Blades that nick each other", "Two crooked knives lie in one drawer and nick each other's edges.", "knife tray", "pocket-tray",
            new() { ["width"] = "160", ["depth"] = "75", ["finger"] = "20" }, new() { ["item1"] = knife }, plain, null);
    }

    /// <summary>Long tools of many thicknesses, in the knife drawer.</summary>
    private async Task<Guid> NestsInTheDrawer(Process plain)
    {
        var tools = await Machine("Long hand tools", "Turned handles with forged ends; they roll about, and their edges meet.");
        var pointer = await Place(tools, "spoke pointer", KindList.Of("turned"), "cutter", "shank", "collar", "handle");
        await Steps(pointer, ("42", "31.2", "12.4"), ("38.5", "9.6", null), ("9", "19.8", null), ("104", "22.1", "27.6"));
        await Read(pointer, "mass", "scale", "212.5");
        await Read(pointer, "balance", "steel-rule", "78");
        var knife = await Place(tools, "bent shaft knife", KindList.Of("turned"), "blade", "ferrule", "grip", "butt");
        await Steps(knife, ("88", "9.2", "13.6"), ("12.2", "17.4", null), ("66", "18.2", "26.4"), ("36", "26.4", "20.2"));
        await Read(knife, "mass", "scale", "118.4");
        var (job, _) = await Part("Edges that meet in the drawer", "A spoke pointer and a bent knife roll in one drawer, and dull each other.", "row of nests",
            "drawer-nest", new()
            {
                ["tool2Of"] = "steel, brass, hardwood",
                ["tool2Ground"] = "1",
                ["tool2Front"] = "last",
                ["tool2Grasp"] = "light",
                ["corner"] = "4"
            },
            new() { ["tool1"] = pointer, ["tool2"] = knife, ["drawer"] = Named("knife drawer inside") }, plain, null);
        return job;
    }

    /// <summary>Gauges that lie about, in a case of their own.</summary>
    private async Task CaseForGauges(Process tough)
    {
        var gauges = await Machine("Edge gauges", "Seven brass gauges for the edges of blades, in a block of their own.");
        var block = await Box(gauges, "block of edge gauges", ("width", "148.2"), ("depth", "72.4"), ("height", "46.8"));
        var filament = await Place(gauges, "green filament", KindList.Of("pin"));
        await Read(filament, "diameter", "caliper", "1.73", "1.75", "1.72");
        await Part("Gauges that lie about", "The edge gauges go to every workshop on the river, and come back bent.", "gauge case", "lidded-case",
            new() { ["opened"] = "8" }, new() { ["pin"] = filament, ["content"] = block }, tough, null);
    }

    private async Task Steps(Guid place, params (string Length, string First, string? Last)[] steps)
    {
        foreach (var (step, i) in steps.Select((s, i) => (s, i + 1)))
        {
            await Read(place, $"step{i}.length", "caliper", step.Length);
            await Read(place, $"step{i}.first", "caliper", step.First);
            if (step.Last is { } last)
            {
                await Read(place, $"step{i}.last", "caliper", last);
            }
        }
    }

    /// <summary>Bar clamps for gluing up blanks, in a heap under the gluing bench.</summary>
    private async Task UnderTheShelf(Process tough)
    {
        var clamps = await Machine("Bar clamps", "Eight of a kind, for gluing up blanks.");
        var bar = await Place(clamps, "bar clamp", KindList.Of("lipped"));
        await Read(bar, "lip", "caliper", "22.14", "22.1", "22.16");
        await Read(bar, "lipHigh", "caliper", "4.3", "4.28");
        await Read(bar, "web", "caliper", "7.92", "7.9");
        await Read(bar, "wide", "steel-rule", "58");
        await Read(bar, "long", "tape", "465");
        await Read(bar, "balance", "tape", "312");
        await Read(bar, "mass", "scale", "540");
        await Part("Clamps in a heap", "Bar clamps lie in a heap under the gluing bench, and glue dries while they are untangled.", "clamp rack", "clamp-rack",
            new() { ["shelf"] = "620", ["shelfDeep"] = "300" }, new() { ["clamp"] = bar }, tough, null);
    }

    /// <summary>A hot air gun over the steam box, where nobody holds it for an hour.</summary>
    private async Task GunOverTheSteamBox(Process tough)
    {
        var gun = await Machine("Hot air gun", "Dries the box between two blanks; an hour of holding it is too long for any arm.");
        var handle = await Place(gun, "housing of the hot air gun", KindList.Of("grip"), "air inlet");
        var scan = new StandInScanner(5) { Fine = (120, 150), Unseen = [new(new(75, 0, 28), 12)] }.Scan(StandInScanner.GripLong, StandInScanner.GripHalfWide,
            StandInScanner.GripHalfHigh);
        const double Deviation = 0.05;
        var taken = ScanOutline.Read(StandInScanner.Stl(scan), ScanUnit.Mm, new(ScanUp.Flat, 0, false, null) { Sections = Deviation }, "file").Value;
        var (length, cuts, whole, scatter) = taken.Body!.Value;
        await InterfaceStore.Trace(database, handle, Traced.Of("hot air gun.stl", Math.Round(Deviation + taken.Doubt, 3), length, cuts,
            await ThinnedScan.Of(whole, scatter, Deviation)), Later(), default);
        await Read(handle, "breadth", "caliper", "50.02", "50.05");
        await Read(handle, "height", "caliper", "28.1");
        await Read(handle, "length", "tape", "150");
        await Read(handle, "mass", "scale", "684");
        await Read(handle, "balance", "steel-rule", "72");
        await Read(handle, "tip", "steel-rule", "14");
        await Read(handle, "keep1.at", "steel-rule", "76");
        await Read(handle, "keep1.long", "caliper", "22");
        await Read(handle, "keep1.across", "caliper", "14");
        await Read(handle, "keep1.around", "protractor", "90");
        await Part("An hour of holding the gun", "Somebody stands at the steam box for an hour and holds the hot air gun.", "gun clamps", "shell-clamp",
            new() { ["bladeHeight"] = "55", ["push"] = "10", ["shakes"] = "still", ["bites"] = "insert", ["foot"] = "15" }, new()
            {
                ["grip"] = handle,
                ["table"] = Named("holes of its lid")
            }, tough, null);
    }
}
