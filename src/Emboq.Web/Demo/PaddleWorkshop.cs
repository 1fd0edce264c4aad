using System.Globalization;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Demo;

/// <summary>The demo: a small workshop that makes canoe paddles. Every name and size is invented.</summary>
internal sealed partial class PaddleWorkshop(NpgsqlDataSource database, ISolidKernel kernel, DateTimeOffset now)
{
    private readonly Dictionary<string, Instrument> instruments = Starters.Instruments.ToDictionary(i => i.Id);
    private readonly Dictionary<Guid, Interface> kinds = [];
    private DateTimeOffset clock = now.AddDays(-20);

    public async Task Load()
    {
        var (plain, tough) = await Setups();
        await Instruments();
        await MoreMachines();
        var blade = await Machine("Blade sander", "Wide drum for paddle blades; the port is cast and slightly out of round.", "blade sander port");
        await Around(blade, "inside", "caliper", ("44.21", 0), ("44.12", 45), ("44.05", 90), ("44.15", 135), ("44.19", 0));
        await Around(blade, "outside", "caliper", ("48.62", 0), ("48.71", 60), ("48.66", 120));
        await Read(blade, "depth", "depth-rod", "32.4");

        var lathe = await Machine("Shaft lathe", "Turns shafts up to 1.7 m; the hood came without a hose.", "lathe hood spigot");
        await Read(lathe, "outside", "long-caliper", "100.24", "100.30", "100.18");
        await Read(lathe, "inside", "long-caliper", "96.10", "96.02");
        await Read(lathe, "depth", "depth-rod", "41.5", "41.6");

        var extractor = await Machine("Shop extractor", "Two bags on a trolley; every hose ends here.", "extractor hose cuff");
        await Read(extractor, "inside", "caliper", "63.31", "63.40", "63.28");
        await Read(extractor, "outside", "steel-rule", "70.5");
        await Read(extractor, "depth", "depth-rod", "55.2");

        var grip = await Machine("Grip sander", "Small hand sander for grips and edges.", "grip sander outlet");
        await Read(grip, "outside", "caliper", "35.84", "35.88", "35.81");
        await Read(grip, "depth", "depth-rod", "19.8");
        await Read(grip, "inside", "caliper", "31.92");

        var hose = await Machine("Ceiling hose", "Light hose on a swivel over the carving bench.", "ceiling hose end");
        await Read(hose, "inside", "caliper", "1 1/2 in", "38.22", "38.05");
        await Read(hose, "depth", "depth-rod", "48");

        var chute = await Machine("Shaving chute", "Sheet metal mouth under the spokeshave bench, with rounded corners.", "shaving chute mouth", KindList.Duct);
        await Read(chute, "outside", "caliper", "82.14", "82.30", "82.21");
        await Read(chute, "outsideDepth", "caliper", "46.02", "46.11");
        await Read(chute, "corner", "radius-gauges", "6");
        await Read(chute, "depth", "depth-rod", "34.5");

        await EverydayParts(plain, tough);
        await Part("Chute to hose", "Long shavings from the chute must reach the hose and not hook in a corner.", "chute adapter",
            new() { ["firstJoin"] = "over", ["secondJoin"] = "inside", ["secondHold"] = "clamp", ["coneBy"] = "length", ["coneLength"] = "45" },
                chute, extractor, plain);

        await Part("Blade sander to hose", "Chips and dust from the blade sander must reach the extractor hose.", "blade sander adapter",
            new()
            {
                ["firstJoin"] = "over",
                ["secondJoin"] = "inside",
                ["airFlow"] = "420 m3/h",
                ["buyPrice"] = "14.50",
                ["buyPostage"] = "6.90",
                ["buyDays"] = "9",
                ["ownMinutes"] = "25"
            }, blade, extractor, plain);

        var hood = await Part("Lathe hood to hose", "The lathe hood has a wide spigot and the hose is narrow; shavings clog at a step.", "lathe hood adapter",
            new() { ["firstJoin"] = "over", ["secondJoin"] = "inside", ["coneAngle"] = "35", ["wall"] = "1.8" }, lathe, extractor, plain);
        await Freeze(hood, ["ring-first", "ring-second"], "Both rings in one go.");
        await Try(hood, 1, "first", Feel.NeedsForce, null, "Went on with a knock.");
        await Try(hood, 1, "second", Feel.FirmByHand, null, null);

        var small = await Part("Grip sander to ceiling hose", "The hand sander must go on the ceiling hose without a cable tie.", "grip sander adapter",
            new() { ["firstJoin"] = "over", ["secondJoin"] = "inside", ["secondFit"] = "press" }, grip, hose, tough);
        await Freeze(small, ["ring-first", "ring-second"], "Proof in the tough green itself.");
        await Try(small, 1, "first", Feel.Slides, "36.22", "Slides with a little play.");
        await Try(small, 1, "second", Feel.NeedsForce, null, null);
        await Freeze(small, ["part"], "First whole one.");
        await Try(small, 2, "first", Feel.FirmByHand, null, "Holds when shaken.");
        await Try(small, 2, "second", Feel.NeedsForce, null, "Stays in the hose by itself.");
        await RevisionStore.Keep(database, small, 2, Later(), default);
        await Run(small, 2, tough, TimeSpan.FromMinutes(23), 8.7);
        await ServiceStore.Add(database, new ServiceNote(Guid.CreateVersion7(), small, 2, ServiceKind.Holds, 40, "cycles",
            "Pulled off and pushed on every evening; no play yet.", Later()), default);
    }

    private async Task<(Process Plain, Process Tough)> Setups()
    {
        var (curlew, bittern) = (new Printer { Name = "Curlew", Nozzles = [0.4, 0.6] },
            new Printer { Name = "Bittern", BedWidth = 300, BedDepth = 300, BuildHeight = 320, Nozzles = [0.4, 0.6, 0.8] });
        var (grey, green) = (Filament.Usual("plain grey", FilamentClass.Plain), Filament.Usual("tough green", FilamentClass.Tough));
        return (await Starters.Enter(database, curlew, grey, Starters.Setup("Curlew, plain grey"), clock),
            await Starters.Enter(database, bittern, green, Starters.Setup("Bittern, tough green") with
            {
                Nozzle = 0.6,
                LineWidth = 0.65,
                LayerHeight = 0.3
            }, clock));
    }

    private DateTimeOffset Later() => clock = clock.AddHours(5);

    private async Task<Guid> Machine(string name, string note, string place, InterfaceKind? kind = null) =>
        await Place(await Machine(name, note), place, kind ?? KindList.Tube);

    private async Task<Guid> Machine(string name, string note)
    {
        var machine = Guid.CreateVersion7();
        await MachineStore.Add(database, machine, name, note, Later(), default);
        return machine;
    }

    private async Task<Guid> Place(Guid machine, string name, InterfaceKind kind, params string[] items)
    {
        var place = new Interface(Guid.CreateVersion7(), name, kind, []) { Items = items };
        clock = clock.AddMinutes(7);
        await InterfaceStore.Add(database, machine, place, clock, default);
        kinds[place.Id] = place;
        return place.Id;
    }

    private Guid Named(string place) => kinds.Values.Single(p => p.Name == place).Id;

    private Task Read(Guid place, string dimension, string instrument, params string[] texts) =>
        Read(place, dimension, instrument, [.. texts.Select(t => (t, (double?)null))]);

    /// <summary>Readings around a round place, each at its angle.</summary>
    private Task Around(Guid place, string dimension, string instrument, params (string Text, double Direction)[] readings) =>
        Read(place, dimension, instrument, [.. readings.Select(r => (r.Text, (double?)r.Direction))]);

    private async Task Read(Guid place, string dimension, string instrument, IReadOnlyList<(string Text, double? Direction)> readings)
    {
        var kind = kinds[place].Kind.DimensionsOf(kinds[place].Items).First(d => d.Key == dimension);
        var taken = readings.Select(r =>
        {
            clock = clock.AddMinutes(1);
            var value = ReadingNotation.Parse(r.Text, kind.Access, LengthSystem.Metric, dimension).Value;
            return (new DimensionAddress(place, dimension), new Reading(Guid.CreateVersion7(), value, r.Text, instruments[instrument], clock,
                null, null, r.Direction));
        }).ToList();
        await InterfaceStore.AddReadings(database, taken, default);
    }

    private async Task<Guid> Part(string job, string need, string part, Dictionary<string, string> parameters, Guid first, Guid second, Process process) =>
        (await Part(job, need, part, "hose-adapter", parameters, new() { ["first"] = first, ["second"] = second }, process, null)).Part;

    private async Task<(Guid Job, Guid Part)> Part(string job, string need, string part, string family, Dictionary<string, string> parameters,
        Dictionary<string, Guid> places, Process process, IReadOnlyList<RowItem>? row)
    {
        var (jobId, partId) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await JobStore.Add(database, new(jobId, job, need, [new(partId, jobId, part, family, 1,
            new PartState(parameters, places, process.Id, Row: row))]), Later(), default);
        return (jobId, partId);
    }

    private async Task Freeze(Guid part, string[] bodies, string remark)
    {
        var kept = (await JobStore.Part(database, part, default))!;
        var number = await RevisionStore.Next(database, part, default);
        var design = (await Designer.OfPart(database, kept, default, Frozen.Mark(number))).Value;
        await RevisionStore.Add(database, new(part, number, bodies, kept.State, Later(), remark, null, Frozen.Of(kept.State, [design]))
        { Seats = Frozen.SeatsOf(kept.State, [design], design.Process!), Process = design.Process! }, default);
    }

    private async Task Run(Guid part, int number, Process process, TimeSpan took, double grams)
    {
        var revision = (await RevisionStore.One(database, part, number, default))!;
        var modelled = await Planner.Modelled(revision.Printed.Select(k => SolidJson.Read(revision.Frozen.Solids[k])), process, kernel, default);
        await ServiceStore.Add(database, new Run(Guid.CreateVersion7(), part, number, process.Id, took.TotalSeconds, modelled.Seconds, grams, modelled.Grams,
            Later()), default);
    }

    private Task Try(Guid part, int revision, string slot, Feel feel, string? printed, string? remark) =>
        RevisionStore.AddTry(database, new(Guid.CreateVersion7(), part, revision, slot, feel, printed is null ? null
            : double.Parse(printed, CultureInfo.InvariantCulture),
            printed is null ? null : instruments["caliper"], remark, Later()), default);
}
