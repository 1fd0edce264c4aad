using System.Diagnostics;
using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Emboq.Exchange.Scans;
using Emboq.Kernel;
using Process = Emboq.Core.Setups.Process;

// Previews through the running application against the kernel alone, in turn in one run, so that a drifting machine moves both.
// EMBOQ_BENCH=leg-hinge,cam-vice times those families alone.
// Usage: Emboq.Bench URL [rounds [pid previews]]: with a process id, the memory of that process over so many previews is followed too.
var address = new Uri(args[0]);
var rounds = args.Length > 1 ? int.Parse(args[1], CultureInfo.InvariantCulture) : 300;
using var http = new HttpClient { BaseAddress = address };
// As the screen asks: triangles come as bytes.
http.DefaultRequestHeaders.Accept.ParseAdd("application/octet-stream");
await using var pool = new KernelPool(new KernelLimits { Engines = 1 });
var family = FamilyList.Find("hose-adapter")!;
var part = (await http.GetFromJsonAsync<JsonNode>("/api/jobs"))!.AsArray().Single(j => (string)j!["name"]! == "Lathe hood to hose")!["parts"]![0]!;
var process = (await http.GetFromJsonAsync<List<Process>>("/api/processes",
    new System.Text.Json.JsonSerializerOptions(System.Text.Json.JsonSerializerDefaults.Web)
    {
        Converters = { new System.Text.Json.Serialization.JsonStringEnumConverter() },
    }))!.Single(p => p.Id == (Guid)part["state"]!["process"]!);

var decisions = part["state"]!["parameters"]!.AsObject().ToDictionary(p => p.Key, p => (string)p.Value!);

for (var warm = 0; warm < 400; warm++)
{
    await Preview(warm);
    await Kernel(warm);
}

var (previews, kernels) = (new List<double>(), new List<double>());
for (var i = 0; i < rounds; i++)
{
    kernels.Add(await Timed(() => Kernel(i)));
    previews.Add(await Timed(() => Preview(i)));
}

var ratio = Median(previews.Zip(kernels, (p, k) => p / k));
Say("kernel alone", kernels);
Say("preview", previews);
Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"ratio preview / kernel, median of pairs: {ratio:0.00}"));

await EveryFamily();
await DemoParts();
await Homes();
Scans();
await ScannedBody();

var clock = Stopwatch.StartNew();
await Task.WhenAll(Enumerable.Range(0, 2).Select(async client =>
{
    for (var i = 0; i < rounds; i++)
    {
        await Preview((client * rounds) + i);
    }
}));
Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"two clients: {2 * rounds / clock.Elapsed.TotalSeconds:0.0} previews a second"));

if (args.Length > 3)
{
    var count = int.Parse(args[3], CultureInfo.InvariantCulture);
    for (var i = 0; i <= count; i++)
    {
        if (i % (count / 10) == 0)
        {
            Console.WriteLine($"memory after {i} previews: {Resident(args[2])} MiB");
        }

        await Preview(i % 3000);
    }
}

// Every other family at its defaults on stated places, one size another at each round.
async Task EveryFamily()
{
    foreach (var (key, varied, from, places) in new (string, string, double, (string Slot, string Kind, (string, double)[] Sizes)[])[]
    {
        ("drawer-pull", "projection", 24, []),
        ("drilling-template", "thickness", 9, []),
        ("label-plate", "thickness", 2.5, []),
        ("wall-bin", "floor", 2, [("item", "block", [("width", 120), ("depth", 50), ("height", 90)])]),
        ("set-up-aid", "length", 60, []),
        ("router-template", "thickness", 8, []),
        ("soft-jaws", "thickness", 12, [("jaw", "block", [("width", 100), ("depth", 14), ("height", 40)])]),
        ("fence-key", "above", 8, [("channel", "slot", [("width", 19.1), ("depth", 9.5)])]),
        ("split-clamp", "ear", 13, [("post", "post", [("diameter", 33.4)])]),
        ("bracket", "thickness", 5, []),
        ("rod-block", "length", 50, [("rod", "rods", [("diameter", 12), ("over", 92)])]),
        ("hose-carrier", "wall", 2.6, [("hose", "hose", [("outside", 46)])]),
        ("foot-socket", "wall", 6, [("foot", "block", [("width", 44), ("depth", 30), ("height", 25)])]),
        ("tube-saddle", "crown", 10, [("tube", "post", [("diameter", 32)])]),
        ("flip-hinge", "wall", 3.5, [("rail", "board", [("length", 900), ("width", 45), ("thickness", 30)]), ("pin", "pin", [("diameter", 4)])]),
        ("leg-hinge", "cheek", 9, [("leg", "board", [("length", 700), ("width", 45), ("thickness", 28)])]),
        ("cam-vice", "wide", 60, [("work", "board", [("length", 160), ("width", 70), ("thickness", 6)]), ("pin", "pin", [("diameter", 5)])]),
        ("clamp-rack", "roof", 7, [("clamp", "lipped", [("lip", 24), ("lipHigh", 5), ("web", 9), ("wide", 70)])]),
        ("drawer-nest", "finger", 30, [("tool1", "turned", [("step1.length", 60), ("step1.first", 12), ("step2.length", 15), ("step2.first", 20),
            ("step2.last", 26), ("step3.length", 90), ("step3.first", 26)])]),
        ("lidded-case", "wall", 2.8, [("pin", "pin", [("diameter", 1.75)])]),
        ("flip-stop", "thick", 8, [("pin", "pin", [("diameter", 4.9)])]),
        ("faceplate", "wall", 11, [("spindle", "spindle", [("outside", 31.6), ("pitch", 3.175), ("length", 28), ("neck", 32), ("neckLong", 4)])]),
        ("vacuum-chuck", "rim", 4, [("spindle", "spindle", [("outside", 31.6), ("pitch", 3.175), ("length", 28)]), ("turned", "turned",
            [("step1.length", 10), ("step1.first", 20), ("step2.length", 15), ("step2.first", 30), ("step2.last", 60), ("step3.length", 20),
                ("step3.first", 60)])]),
        ("pad-holder", "bossHigh", 5, [("mount", "hole-circle", [("circle", 32), ("count", 4), ("diameter", 5)]), ("centre", "post", [("diameter", 18)])]),
        ("pocket-tray", "floor", 1.2, [.. Enumerable.Range(1, 5).Select(i =>
            ($"item{i}", "block", new[] { ("width", 30.0 + (7 * i)), ("depth", 20.0 + (3 * i)), ("height", 15.0) }))]),
    })
    {
        if (Environment.GetEnvironmentVariable("EMBOQ_BENCH")?.Split(',') is { } only && !only.Contains(key))
        {
            continue;
        }

        var of = FamilyList.Find(key)!;
        string Size(int i) => (from + (i * 0.005)).ToString("0.000", CultureInfo.InvariantCulture);
        async Task Asked(int i)
        {
            using var answer = await http.PostAsJsonAsync("/api/designs", new JsonObject
            {
                ["family"] = key,
                ["process"] = process.Id.ToString(),
                ["parameters"] = new JsonObject { [varied] = Size(i), ["text"] = of.Parameters.Any(p => p.Key == "text") ? "Copper tacks" : null },
                ["interfaces"] = new JsonObject(places.Select(p => KeyValuePair.Create<string, JsonNode?>(p.Slot, new JsonObject
                {
                    ["kind"] = p.Kind,
                    ["sizes"] = new JsonObject(p.Sizes.Select(s => KeyValuePair.Create<string, JsonNode?>(s.Item1,
                        new JsonObject { ["value"] = s.Item2.ToString(CultureInfo.InvariantCulture), ["uncertainty"] = 0.03 }))),
                }))),
                ["bodies"] = new JsonArray("part", "counterpart"),
                ["why"] = new JsonArray(),
            });
            answer.EnsureSuccessStatusCode();
            _ = await answer.Content.ReadAsByteArrayAsync();
        }

        async Task Alone(int i)
        {
            var entries = new Dictionary<string, string> { [varied] = Size(i) };
            if (of.Parameters.Any(p => p.Key == "text"))
            {
                entries["text"] = "Copper tacks";
            }

            var design = of.Design(new(ParameterValues.Read(of.Parameters, entries).Value,
                places.ToDictionary(p => p.Slot, p => Place(p.Kind, p.Sizes)), process, []));
            _ = await pool.Evaluate([.. design.Pieces.Select(p => Coarse.Of(p.Solid)), .. design.Machine.Select(b => b.Solid)],
                Facets.DefaultChordError, default);
        }

        const int Rounds = 60;
        for (var warm = 0; warm < 40; warm++)
        {
            await Asked(warm);
            await Alone(warm);
        }

        var (asked, alone) = (new List<double>(), new List<double>());
        for (var i = 100; i < 100 + Rounds; i++)
        {
            alone.Add(await Timed(() => Alone(i)));
            asked.Add(await Timed(() => Asked(i)));
        }

        Console.WriteLine(string.Create(CultureInfo.InvariantCulture,
            $"{key}: kernel and design alone p50 {Median(alone):0.0} ms, preview p50 {Median(asked):0.0}, p95 "
                + $"{asked.Order().ElementAt(Rounds * 95 / 100):0.0} ms, ratio {Median(asked.Zip(alone, (p, k) => p / k)):0.00}"));
    }
}

// A scan of four hundred thousand triangles, cut and seen from above; and the most memory that the process held.
static void Scans()
{
    var file = StandInScanner.Stl(new StandInScanner(1) { Fine = (450, 450), Unseen = [new(new(45, 0, 28), 11)] }.Scan(StandInScanner.GripLong,
        StandInScanner.GripHalfWide, StandInScanner.GripHalfHigh));
    foreach (var (what, at) in new (string, double?)[] { ("cut level", 14), ("seen from above", null) })
    {
        var clock = Stopwatch.StartNew();
        var read = ScanOutline.Read(file, ScanUnit.Mm, new(ScanUp.Flat, 0, false, at), "file").Value;
        Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"scan, {what}: {clock.ElapsedMilliseconds} ms; {read.Says[..read.Says.IndexOf(',')]}; "
            + $"process at most {System.Diagnostics.Process.GetCurrentProcess().PeakWorkingSet64 / 1024 / 1024} MB"));
    }
}

// The same, sent in as a body: its sections and its surface, evened out and thinned.
async Task ScannedBody()
{
    var file = StandInScanner.Stl(new StandInScanner(1) { Fine = (450, 450), Unseen = [new(new(45, 0, 28), 11)] }.Scan(StandInScanner.GripLong,
        StandInScanner.GripHalfWide, StandInScanner.GripHalfHigh));
    async Task<JsonNode> Post(string path, HttpContent content)
    {
        using var answer = await http.PostAsync(path, content);
        answer.EnsureSuccessStatusCode();
        return (await answer.Content.ReadFromJsonAsync<JsonNode>())!;
    }

    var machine = await Post("/api/machines?again=true", JsonContent.Create(new { name = "bench of scans" }));
    var place = await Post($"/api/machines/{machine["id"]}/interfaces", JsonContent.Create(new { name = "scanned", kind = "grip" }));
    var (times, says) = (new List<double>(), "");
    for (var i = 0; i < 5; i++)
    {
        times.Add(await Timed(async () => says = (string)(await Post($"/api/interfaces/{place["id"]}/outlines/scans?name=grip.stl",
            new ByteArrayContent(file)))["says"]!));
    }

    Say("scan, taken as a body", times);
    Console.WriteLine(says);
}

static Interface Place(string kind, (string Key, double Value)[] sizes)
{
    var (id, caliper) = (Guid.NewGuid(), new Instrument("caliper", "caliper", 0.01, 0.03, 0.03, 1000));
    return Interface.Of(id, kind, KindList.Of(kind), KindList.Of(kind).Item?.UsualNames ?? [], d => new Dimension(id, d.Key, d.Name,
        [.. sizes.Where(s => s.Key == d.Key).Select(s => new Reading(Guid.NewGuid(), s.Value, "", caliper, default, null, null))]));
}

// Each round is another angle, so that nothing is answered from memory.
string Angle(int i) => (20 + (i * 0.01)).ToString("0.00", CultureInfo.InvariantCulture);

Task Preview(int i) => Previewed(part, "coneAngle", Angle(i), "part", "counterpart");

async Task Previewed(JsonNode of, string varied, string value, params string[] bodies)
{
    var parameters = of["state"]!["parameters"]!.DeepClone();
    parameters[varied] = value;
    var interfaces = new JsonObject(of["state"]!["interfaces"]!.AsObject().Select(s =>
        KeyValuePair.Create<string, JsonNode?>(s.Key, new JsonObject { ["id"] = (string)s.Value! })));
    var request = new JsonObject
    {
        ["family"] = (string)of["family"]!,
        ["process"] = (string)of["state"]!["process"]!,
        ["parameters"] = parameters,
        ["interfaces"] = interfaces,
        ["part"] = (string)of["id"]!,
        ["bodies"] = new JsonArray([.. bodies.Select(b => (JsonNode)b)]),
        ["why"] = new JsonArray(),
    };
    using var answer = await http.PostAsJsonAsync("/api/designs", request);
    answer.EnsureSuccessStatusCode();
    _ = await answer.Content.ReadAsByteArrayAsync();
}

// What stands on a scan or on several places, as the demo's parts do; one size another at each round.
async Task DemoParts()
{
    var jobs = (await http.GetFromJsonAsync<JsonNode>("/api/jobs"))!.AsArray();
    foreach (var (key, varied, from) in new[] { ("shell-clamp", "under", 20.0), ("drawer-nest", "floor", 2), ("lidded-case", "wall", 3), ("clamp-rack",
        "wall", 4), ("shell-clamp", "clearance", 0.3) })
    {
        var of = jobs.SelectMany(j => j!["parts"]!.AsArray()).First(p => (string)p!["family"]! == key)!;
        foreach (string[] bodies in new[] { Array.Empty<string>(), ["part"], ["part", "counterpart"] })
        {
            var times = new List<double>();
            for (var i = 0; i < 100; i++)
            {
                times.Add(await Timed(() => Previewed(of, varied, (from + (i * 0.005)).ToString("0.000", CultureInfo.InvariantCulture), bodies)));
            }

            Say($"{key} of the demo ({varied}), {(bodies.Length == 0 ? "no bodies" : string.Join(" and ", bodies))}", [.. times.Skip(40)]);
        }
    }
}

// Homes for what the demo's job asks about, planned anew.
async Task Homes()
{
    var jobs = (await http.GetFromJsonAsync<JsonNode>("/api/jobs"))!.AsArray();
    var address = $"/api/jobs/{jobs.First(j => (string)j!["name"]! == "Edges that meet in the drawer")!["id"]}/homes";
    var times = new List<double>();
    for (var i = 0; i < 10; i++)
    {
        var now = (await http.GetFromJsonAsync<JsonNode>(address))!;
        var asked = now["asked"]!;
        asked["version"] = now["version"]!.DeepClone();
        times.Add(await Timed(async () => (await http.PutAsJsonAsync(address, asked)).EnsureSuccessStatusCode()));
    }

    Say("homes of the demo planned anew", times);
}

async Task Kernel(int i)
{
    var values = ParameterValues.Read(family.Parameters, new Dictionary<string, string>(decisions) { ["coneAngle"] = Angle(i) }).Value;
    var design = family.Design(new(values, new Dictionary<string, Interface> { ["first"] = Tube(100.24), ["second"] = Tube(63.33) }, process, []));
    _ = await pool.Evaluate([.. design.Pieces.Select(p => Coarse.Of(p.Solid)), .. design.Machine.Select(b => b.Solid)], Facets.DefaultChordError,
        default);
}

static Interface Tube(double size)
{
    var (id, caliper) = (Guid.NewGuid(), new Instrument("caliper", "caliper", 0.01, 0.03, 0.03, 150));
    return new(id, "place", KindList.Tube, [.. KindList.Tube.Dimensions.Select(d =>
        new Dimension(id, d.Key, d.Name, d.Key is not ("inside" or "outside") ? []
            : [new(Guid.NewGuid(), d.Key == "inside" ? size - 4 : size, "", caliper, default, null, null)]))]);
}

static async Task<double> Timed(Func<Task> work)
{
    var clock = Stopwatch.StartNew();
    await work();
    return clock.Elapsed.TotalMilliseconds;
}

static int Resident(string pid) =>
    int.Parse(File.ReadLines($"/proc/{pid}/status").First(l => l.StartsWith("VmRSS", StringComparison.Ordinal)).Split(' ',
        StringSplitOptions.RemoveEmptyEntries)[1], CultureInfo.InvariantCulture) / 1024;

static double Median(IEnumerable<double> values) => values.Order().ElementAt(values.Count() / 2);

static void Say(string what, List<double> times) =>
    Console.WriteLine(string.Create(CultureInfo.InvariantCulture,
        $"{what}: p50 {Median(times):0.0} ms, p95 {times.Order().ElementAt(times.Count * 95 / 100):0.0} ms"));
