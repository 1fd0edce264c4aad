using Emboq.Store;

namespace Emboq.Web.Demo;

/// <summary>The everyday parts of the demo: nine labelled pulls with their template, a bin for the plane irons, and what lies on the shelf.</summary>
internal sealed partial class PaddleWorkshop
{
    private static readonly string[] Drawers = ["Copper tacks", "Cane & cord", "Varnish brushes", "Brass tips", "Grip stock", "Scrapers", "Epoxy pumps",
        "Sanding discs", "Spare irons"];

    private static readonly string[] Tags = ["Otter | 54", "Otter | 57", "Beaver | tail", "Guide | 60"];

    private async Task EverydayParts(Process plain, Process tough)
    {
        var (job, pull) = await Part("Drawers of the fitting bench", "Nine drawers look alike and stick: each needs a pull that says what is in it.",
            "labelled pull", "drawer-pull",
            new() { ["tall"] = "22", ["front"] = "16", ["fastening"] = "insert" }, new() { ["drawer"] = Named("pull screws") }, plain,
            [.. Drawers.Select((text, i) => new RowItem(1, new Dictionary<string, string> { ["text"] = text }, i is 2 or 6 ? "red" : ""))]);
        await JobStore.AddPart(database, new(Guid.CreateVersion7(), job, "drawer template", "drilling-template", 1,
            new(new Dictionary<string, string> { ["fromTop"] = "45", ["frontWidth"] = "13 7/8 in" }, new Dictionary<string, Guid>(), tough.Id)
            { Takes = new Dictionary<string, TakenFrom> { ["pattern"] = new(pull, GivenThing.Holes.Key) } }), Later(), default);
        await Part("Irons off the sill", "The box with the spare irons falls off the sill whenever the window is opened.", "iron bin", "wall-bin",
            new() { ["wall"] = "4.5", ["strip"] = "480" }, new() { ["item"] = Named("iron box") }, plain, null);
        var tools = await Machine("Marking tools", "What is picked up ten times a day at the fitting bench.");
        var block = await Box(tools, "wax block", ("width", "62.4"), ("depth", "34.1"), ("height", "21.5"));
        var stone = await Box(tools, "slip stone", ("width", "101.2"), ("depth", "25.6"), ("height", "12.3"));
        await Read(stone, "mass", "scale", "248");
        var pencil = await Post(tools, "thick pencil", "11.9", "142");
        var awl = await Post(tools, "bradawl handle", "27.3", "61");
        await Part("Tools that roll about", "Five things lie loose in the top drawer and roll to the back.", "marking tray", "pocket-tray",
            new() { ["width"] = "165", ["depth"] = "120", ["item3Use"] = "often", ["item2Use"] = "seldom", ["trough"] = "22" },
            new() { ["item1"] = block, ["item2"] = stone, ["item3"] = pencil, ["item4"] = awl, ["item5"] = Named("carving knife handle") }, plain, null);
        await CrookedTools(plain);
        var edges = await NestsInTheDrawer(plain);
        await CaseForGauges(tough);
        await HomesAtTheBench(edges);
        await UnderTheShelf(tough);
        await GunOverTheSteamBox(tough);
        var vice = await Machine("Shaft vice", "Holds shafts for fitting grips; its steel jaws mark ash.");
        var jaw = await Box(vice, "vice jaw", ("width", "101.6"), ("depth", "14.2"), ("height", "41.3"));
        await Part("Jaws that leave no mark", "Shafts from 22 to 32 mm must be held without a dent.", "grooved jaws", "soft-jaws",
            new() { ["shape"] = "vee", ["smallest"] = "22", ["largest"] = "32", ["thickness"] = "18" }, new() { ["jaw"] = jaw }, tough, null);
        await BenchAids(plain);
        await OnTheColumn(tough);
        await OnTheHorse(tough);
        await OnTheRack(tough);
        await OnTheCart(tough);
        await OnTheTrimBench(tough);
        await BehindTheStripSaw(tough);
        await OnTheScrapingBench(tough);
        await OnTheKnobLathe(tough);
        await OnTheOrbitSander(tough);
        var of = (await SetupStores.Filaments.All(database, default)).ToDictionary(f => f.Name, f => f.Id);
        await SpoolStore.Add(database, new(Guid.CreateVersion7(), "grey, half", of["plain grey"], "plain grey", "", 212, 538, Later()), default);
        await SpoolStore.Add(database, new(Guid.CreateVersion7(), "grey, the end of one", of["plain grey"], "plain grey", "", 212, 259, Later()), default);
        await SpoolStore.Add(database, new(Guid.CreateVersion7(), "red", of["plain grey"], "plain grey", "red", 198, 463, Later()), default);
        await SpoolStore.Add(database, new(Guid.CreateVersion7(), "green, new", of["tough green"], "tough green", "", 245, 1238, Later()), default);
        await ScrewStore.Save(database, 0,
        [
            .. new[] { 12.0, 16, 20, 25, 40 }.Select(l => new DrawerScrew("M4", "pan", l)),
                .. new[] { 10.0, 16, 30 }.Select(l => new DrawerScrew("M5", "cap", l)),
            .. new[] { 20.0, 30, 45 }.Select(l => new DrawerScrew("4 mm", "wood", l)),
        ], Later(), default);
    }

    private async Task BenchAids(Process plain)
    {
        var grinder = await Machine("Spokeshave grinder", "Its grey wheel has worn since it was bought.");
        var wheel = await Place(grinder, "grey wheel", KindList.Of("post"));
        await Read(wheel, "diameter", "caliper", "143.6", "143.4");
        await Part("Irons ground alike", "Every iron comes from the grinder with another bevel.", "bevel gauge", "set-up-aid",
            new() { ["aid"] = "wheel", ["wedgeAngle"] = "28", ["reach"] = "24", ["length"] = "60" }, new() { ["round"] = wheel }, plain, null);
        var saw = await Machine("Strip saw", "Stands on a floor that slopes to the drain, and walks.");
        var feet = await Place(saw, "feet of the strip saw", KindList.Of("gaps"), "left front", "right front", "left back", "right back");
        await Read(feet, "foot1.gap", "caliper", "0");
        await Read(feet, "foot2.gap", "caliper", "1.6");
        await Read(feet, "foot3.gap", "caliper", "4.2");
        await Read(feet, "foot4.gap", "caliper", "5.1");
        await Part("The saw that walks", "The strip saw rocks on two feet and walks across the floor.", "levelling pads", "set-up-aid",
            new() { ["aid"] = "pads", ["padFoot"] = "42" }, new() { ["feet"] = feet }, plain, null);
        var rings = await Machine("Pattern wall", "Where the templates of all paddles hang.");
        var ring = await Place(rings, "split ring", KindList.Of("ring"));
        await Read(ring, "wire", "caliper", "2.4");
        await Read(ring, "inside", "caliper", "24.6");
        await Part("Patterns that nobody can tell apart", "Forty patterns hang on the wall, and two of them look alike.", "pattern tag", "label-plate",
            new() { ["shape"] = "tag", ["width"] = "48", ["fixing"] = "hang", ["thickness"] = "3.2", ["lettering"] = "poured", ["letterDepth"] = "1" },
            new() { ["ring"] = ring }, plain,
            [.. Tags.Select(t =>
                new RowItem(2, new Dictionary<string, string> { ["text"] = t }))]);
    }

    /// <summary>The steam hose, carried on an upright of the rack beside its box.</summary>
    private async Task OnTheRack(Process tough)
    {
        var rack = await Machine("Drying rack", "Blades hang on it for a week; its uprights are painted pipe.");
        var upright = await Place(rack, "rack upright", KindList.Of("post"));
        await Around(upright, "diameter", "caliper", ("33.62", 0), ("33.71", 90), ("33.58", 135));
        var (job, clamp) = await Part("Steam hose off the floor", "The steam hose lies on the wet floor, and everybody steps on it.",
            "upright clamp", "split-clamp",
            new() { ["style"] = "clip", ["liner"] = "1", ["face"] = "flat", ["faceSpacing"] = "20", ["mass"] = "900", ["arm"] = "60", ["heat"] = "warm" },
                new() { ["post"] = upright }, tough, null);
        await JobStore.AddPart(database, new(Guid.CreateVersion7(), job, "hose cradle", "hose-carrier", 1,
            new(new Dictionary<string, string> { ["mass"] = "900", ["heat"] = "warm" },
                new Dictionary<string, Guid> { ["hose"] = Named("steam hose") }, tough.Id)
            { Takes = new Dictionary<string, TakenFrom> { ["near"] = new(clamp, GivenThing.Holes.Key) } }), Later(), default);
        await JobStore.AddPart(database, new(Guid.CreateVersion7(), job, "hose swivel", "hose-carrier", 1,
            new(new Dictionary<string, string>
            {
                ["turns"] = "swivel",
                ["faces"] = "down",
                ["mouth"] = "29",
                ["mass"] = "700",
                ["heat"] = "warm",
                ["reach"] = "judged",
                ["hoseLong"] = "1700",
                ["hoseStiff"] = "soft",
                ["hoseMass"] = "410",
                ["travelX"] = "900",
                ["travelY"] = "300",
                ["travelZ"] = "120",
                ["fromLeft"] = "400",
                ["fromFront"] = "550",
                ["above"] = "1350",
                ["hangsBelow"] = "180",
            },
                new Dictionary<string, Guid> { ["hose"] = Named("steam hose") }, tough.Id)), Later(), default);
    }

    /// <summary>The boiler of the steam box: its frame of tube is held on a cart's board in front by saddles, behind by sockets for its feet.</summary>
    private async Task OnTheCart(Process tough)
    {
        var cart = await Machine("Steam cart", "Carries the boiler of the steam box; its frame of tube stands on rubber feet and walks when it is pulled.");
        var tube = await Place(cart, "frame tube", KindList.Of("post"));
        await Read(tube, "chord", "caliper", "22.04", "22.11");
        await Read(tube, "sagitta", "depth-rod", "6.42");
        var holes = await Place(cart, "holes of the frame tube", KindList.Of("hole-row"), "pair");
        await Read(holes, "diameter", "caliper", "6.1");
        await Read(holes, "gap1.centre", "caliper", "36.2");
        var foot = await Place(cart, "rubber foot", KindList.Of("foot"), "back left", "back right", "side right", "front right", "front left", "side left");
        foreach (var (point, x, y) in new[] { (1, "6", "0"), (2, "32", "0"), (3, "38", "8"), (4, "38", "29"), (5, "0", "29"), (6, "0", "8") })
        {
            await Read(foot, $"point{point}.x", "steel-rule", x);
            await Read(foot, $"point{point}.y", "steel-rule", y);
        }

        await Read(foot, "height", "caliper", "22.6");
        await Read(foot, "overall", "caliper", "38.2", "38.1");
        Dictionary<string, string> stands
            = new() { ["machineMass"] = "31.5", ["push"] = "90", ["pushHeight"] = "410", ["between"] = "340", ["boardMass"] = "9", ["board"] = "21" };
        var (job, socket) = await Part("Boiler that stays on its cart", "Whoever pulls at the steam hose pulls the boiler across its cart.", "foot socket",
            "foot-socket", new(stands), new() { ["foot"] = foot }, tough, null);
        await JobStore.AddPart(database, new(Guid.CreateVersion7(), job, "frame saddle", "tube-saddle", 1,
            new(new Dictionary<string, string>(stands) { ["air"] = "11.5", ["under"] = "block", ["feet"] = "pads" },
                new Dictionary<string, Guid> { ["tube"] = tube, ["holes"] = holes }, tough.Id)
            { Takes = new Dictionary<string, TakenFrom> { ["lift"] = new(socket, "lift") } }), Later(), default);
    }

    /// <summary>A gauge for edges that rides on both rods of the shaving horse.</summary>
    private async Task OnTheHorse(Process tough)
    {
        var horse = await Machine("Shaving horse", "Two steel rods under its table carry whatever a blade is measured by.");
        var rods = await Place(horse, "rods of the shaving horse", KindList.Of("rods"));
        await Read(rods, "diameter", "caliper", "11.97", "11.98");
        await Read(rods, "over", "long-caliper", "116.1", "116.2");
        await Part("Edges alike along the blade", "The edge of a blade is judged by eye, and the left one always comes out thinner.",
            "edge gauge block", "rod-block",
            new()
            {
                ["axisHeight"] = "46",
                ["thingHeight"] = "14",
                ["length"] = "60",
                ["inserts"] = "2",
                ["insertSpacing"] = "40",
                ["mass"] = "280",
                ["arm"] = "60"
            },
            new() { ["rod"] = rods }, tough, null);
    }

    /// <summary>A clamp on the drill's column, with a bracket that takes its holes.</summary>
    private async Task OnTheColumn(Process tough)
    {
        var drill = await Machine("Pillar drill", "Bores the tips for their pins; its column stands free above the table.");
        var column = await Place(drill, "drill column", KindList.Of("post"));
        await Around(column, "diameter", "caliper", ("59.94", 0), ("59.97", 60), ("59.92", 120));
        var shaves = await Place(drill, "four spokeshaves", KindList.Of("mass"));
        await Read(shaves, "mass", "scale", "1.16 kg");
        var (job, clamp) = await Part("Shaves within reach",
            "Four spokeshaves lie under the shavings whenever they are wanted; the drill's column is beside the bench.",
            "column clamp", "split-clamp",
            new()
            {
                ["style"] = "clip",
                ["mouth"] = "52",
                ["wall"] = "9",
                ["face"] = "flat",
                ["faceSpacing"] = "32",
                ["arm"] = "110",
                ["shakes"] = "shakes",
                ["torque"] = "0.9"
            },
            new() { ["post"] = column, ["carried"] = shaves }, tough, null);
        var bracket = Guid.CreateVersion7();
        await JobStore.AddPart(database, new(bracket, job, "shelf bracket", "bracket", 1,
            new(new Dictionary<string, string>
            {
                ["thickness"] = "9",
                ["ribLines"] = "12",
                ["moves"] = "part",
                ["movesFrom"] = "190",
                ["movesTo"] = "330",
                ["movesHigh"] = "480",
                ["loadTo"] = "150",
                ["loadHigh"] = "55",
                ["reach"] = "90",
                ["farSpacing"] = "48",
                ["arm"] = "110",
                ["shakes"] = "shakes",
                ["nearDown"] = "48",
                ["ribReach"] = "34"
            },
                new Dictionary<string, Guid> { ["carried"] = shaves }, tough.Id)
            { Takes = new Dictionary<string, TakenFrom> { ["near"] = new(clamp, GivenThing.Holes.Key) } }), Later(), default);
        var shave = await Box(drill, "body of a spokeshave", ("width", "64.2"), ("depth", "27.4"), ("height", "38.6"));
        await JobStore.AddPart(database, new(Guid.CreateVersion7(), job, "spokeshave tray", "pocket-tray", 1,
            new(new Dictionary<string, string>
            {
                ["width"] = "170",
                ["depth"] = "140",
                ["floor"] = "2",
                ["shakes"] = "shakes",
                ["belowBack"] = "80",
            },
                new Dictionary<string, Guid> { ["item1"] = shave, ["item2"] = shave, ["item3"] = shave, ["item4"] = shave }, tough.Id)
            { Takes = new Dictionary<string, TakenFrom> { ["below"] = new(bracket, GivenThing.Holes.Key) } }), Later(), default);
    }

    private async Task<Guid> Box(Guid machine, string name, params (string Dimension, string Text)[] sizes)
    {
        var place = await Place(machine, name, KindList.Of("block"));
        foreach (var (dimension, text) in sizes)
        {
            await Read(place, dimension, "caliper", text);
        }

        return place;
    }

    private async Task<Guid> Post(Guid machine, string name, string diameter, string length)
    {
        var place = await Place(machine, name, KindList.Of("post"));
        await Read(place, "diameter", "caliper", diameter);
        await Read(place, "length", "caliper", length);
        return place;
    }
}
