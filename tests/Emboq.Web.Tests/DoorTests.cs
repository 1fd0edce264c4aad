using System.Globalization;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Decisions within the limits that are told, of every family, through the HTTP door: an answer that is whole, or a refusal in words; and what got a
/// number has its file.
/// EMBOQ_DOOR sets how many of each family; the seed is fixed, so that a failure comes again.</summary>
public sealed class DoorTests(Server server)
{
    private static readonly int Sets = int.Parse(Environment.GetEnvironmentVariable("EMBOQ_DOOR") ?? "14", CultureInfo.InvariantCulture);

    /// <summary>Every how many are printed and their files fetched.</summary>
    private const int PrintedEvery = 6;

    private static readonly string[] Words = ["Copper tacks", "Grips", "M6", "", "Ölstein", "Spare blades for the long shave"];

    private static readonly Dictionary<string, Task<string>> Places = [];

    public static TheoryData<string> Keys => [.. FamilyList.All.Select(f => f.Key)];

    [Theory]
    [MemberData(nameof(Keys))]
    public async Task Random_valid_decisions_are_answered_whole_and_printed_ones_have_their_files(string key)
    {
        var family = (await server.Get("/api/families")).AsArray().Single(f => (string)f!["key"]! == key)!;
        var process = (string)(await server.Get("/api/processes"))[0]!["id"]!;
        var random = new Random(key.Sum(c => c));
        var (answered, buildable, printed) = (0, 0, 0);
        // What bears a load is seldom drawn by chance: then there are more.
        for (var n = 0; n < Sets || (printed == 0 && n < 8 * Sets); n++)
        {
            var parameters = Entries(family, random, near: n % 3 > 0);
            var interfaces = new JsonObject();
            foreach (var slot in family["slots"]!.AsArray().Where(s => (string)s!["need"]! == "always" || random.Next(3) == 0).Take(3))
            {
                interfaces[(string)slot!["key"]!] = await Place((string)slot["kinds"]![random.Next(slot["kinds"]!.AsArray().Count)]!);
            }

            var said = $"{key} {parameters.ToJsonString()} {interfaces.ToJsonString()}";
            var (status, design) = await server.Send(HttpMethod.Post, "/api/designs", new
            {
                family = key,
                process,
                parameters,
                interfaces = new JsonObject(interfaces.Select(i => KeyValuePair.Create<string, JsonNode?>(i.Key,
                    new JsonObject { ["id"] = (string)i.Value! }))),
            });
            status.ShouldBeOneOf([200, 400, 422], $"{said}\n{design?.ToJsonString()}");
            if (status != 200)
            {
                design!["problems"]!.AsArray().ShouldNotBeEmpty(said);
                continue;
            }

            answered++;
            if (design!["bodies"]!.AsArray().All(b => (string)b!["role"]! != "part") || design["checks"]!.AsArray().Any(c => (string)c!["verdict"]! == "stop")
                || buildable++ % PrintedEvery > 0)
            {
                continue;
            }

            var part = (await server.Post("/api/jobs?again=true", new
            {
                name = $"door {key}",
                part = new { name = key, family = key, process, parameters, interfaces }
            }))["parts"]![0]!;
            var bodies = design["bodies"]!.AsArray().Where(b => (string)b!["role"]! is "part" or "coupon").Select(b => (string)b!["key"]!).ToList();
            if (bodies.Remove("draft"))
            {
                // It is laid otherwise than the rest: not one print.
                var (code, refused) = await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/revisions", new { bodies = bodies.Append("draft") });
                (code, ((string)refused!["title"]!).Contains("two walls", StringComparison.Ordinal)).ShouldBe((400, true));
            }

            await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies });
            foreach (var kind in new[] { "stl", "3mf", "glb" })
            {
                (await server.Bytes($"/api/parts/{part["id"]}/revisions/1.{kind}")).Length.ShouldBeGreaterThan(84, $"{kind} of {said}");
            }

            printed++;
        }

        answered.ShouldBeGreaterThan(Sets / 4);
        printed.ShouldBeGreaterThan(0);
    }

    /// <summary>What was seen to end in half an answer, and its likes.</summary>
    [Theory]
    [InlineData("drawer-pull", "length=24")]
    [InlineData("drawer-pull", "length=24; edge=3; text=Spare blades for the long shave; lettering=inlay; letterSize=2")]
    [InlineData("drawer-pull", "length=24; spacing=20")]
    [InlineData("soft-jaws", "shape=round; largest=160")]
    [InlineData("soft-jaws", "shape=vee; largest=160; smallest=120")]
    [InlineData("soft-jaws", "shape=vee; largest=160; veeAngle=60; runs=along")]
    [InlineData("soft-jaws", "shape=round; largest=2")]
    public async Task The_ends_of_the_ranges_are_answered(string key, string entries)
    {
        var family = (await server.Get("/api/families")).AsArray().Single(f => (string)f!["key"]! == key)!;
        var process = (string)(await server.Get("/api/processes"))[0]!["id"]!;
        var interfaces = new JsonObject();
        foreach (var slot in family["slots"]!.AsArray().Where(s => (string)s!["need"]! == "always"))
        {
            interfaces[(string)slot!["key"]!] = new JsonObject { ["id"] = await Place((string)slot["kinds"]![0]!) };
        }

        var (status, design) = await server.Send(HttpMethod.Post, "/api/designs", new
        {
            family = key,
            process,
            parameters = new JsonObject(entries.Split("; ").Select(e => KeyValuePair.Create<string, JsonNode?>(e.Split('=')[0], e.Split('=')[1]))),
            interfaces,
        });
        status.ShouldBeOneOf([200, 400], design?.ToJsonString());
        if (status == 200 && design!["checks"]!.AsArray().All(c => (string)c!["verdict"]! != "stop"))
        {
            design["bodies"]!.AsArray().ShouldNotBeEmpty();
        }
    }

    /// <summary>A template over a row of 54 gaps: its tree of solids and sums is deep.</summary>
    [Fact]
    public async Task A_row_of_many_gaps_is_kept_printed_and_fetched()
    {
        const int Gaps = 54;
        var machine = await server.Post("/api/machines?again=true", new { name = "door of many gaps" });
        var row = await server.Post($"/api/machines/{machine["id"]}/interfaces?again=true",
            new { name = "long row", kind = "hole-row", items = Enumerable.Range(1, Gaps).Select(i => $"gap {i}") });
        await server.Post($"/api/interfaces/{row["id"]}/readings", new { dimension = "diameter", text = "5", instrument = "caliper" });
        for (var i = 1; i <= Gaps; i++)
        {
            await server.Post($"/api/interfaces/{row["id"]}/readings", new { dimension = $"gap{i}.centre", text = "12.5", instrument = "caliper" });
        }

        var process = (string)(await server.Get("/api/processes"))[0]!["id"]!;
        var part = (await server.Post("/api/jobs?again=true", new
        {
            name = "door of many gaps",
            part = new { name = "template", family = "drilling-template", process, interfaces = new { holes = row["id"] } }
        }))["parts"]![0]!;
        var design = await server.Post("/api/designs", Server.DesignOf(part));
        design["bodies"]!.AsArray().ShouldNotBeEmpty();
        var bodies = design["bodies"]!.AsArray().Where(b => (string)b!["role"]! == "part").Select(b => (string)b!["key"]!);
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies });
        (await server.Bytes($"/api/parts/{part["id"]}/revisions/1.stl")).Length.ShouldBeGreaterThan(84);
        (await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]!.AsArray().ShouldNotBeEmpty();
    }

    private static JsonObject Entries(JsonNode family, Random random, bool near)
    {
        var entries = new JsonObject();
        foreach (var spec in family["parameters"]!.AsArray())
        {
            var (least, most) = ((double)spec!["minimum"]!, (double)spec["maximum"]!);
            if (near && double.TryParse((string?)spec["default"], NumberStyles.Float, CultureInfo.InvariantCulture, out var usual))
            {
                (least, most) = (Math.Max(least, usual / 2), Math.Min(most, usual * 2));
            }

            var share = random.Next(8) switch { 0 => 0.0, 1 => 1.0, _ => random.NextDouble() };
            var entry = (string)spec["kind"]! switch
            {
                "choice" => (string)spec["options"]![random.Next(spec["options"]!.AsArray().Count)]!["key"]!,
                "text" => Words[random.Next(Words.Length)],
                "outline" => random.Next(3) == 0 ? "0,0 40,0 48,18 30,30 0,26" : "",
                _ => (least + (share * (most - least))).ToString("0.##", CultureInfo.InvariantCulture),
            };
            if (random.Next(2) == 0)
            {
                entries[(string)spec["key"]!] = entry;
            }
        }

        return entries;
    }

    /// <summary>A place of a kind with one reading of each size, made once.</summary>
    private Task<string> Place(string kind)
    {
        lock (Places)
        {
            return Places.TryGetValue(kind, out var made) ? made : Places[kind] = Make(kind);
        }
    }

    private async Task<string> Make(string kind)
    {
        var usual = Core.Tests.Measuring.Places.Of(kind);
        // A card brings what only a scan gives.
        var machine = await server.Post("/api/machine-cards", new
        {
            format = "emboq-machine",
            schema = 1,
            name = $"door {kind} {Guid.NewGuid()}",
            note = "",
            instruments = Array.Empty<object>(),
            places = new[] { new { name = kind, kind, items = usual.Items, readings = Array.Empty<object>(), outline = usual.Outline } },
        });
        var place = machine["interfaces"]![0]!;
        var instruments = (await server.Get("/api/instruments")).AsArray();
        foreach (var dimension in usual.Dimensions.Where(d => d.Readings.Count > 0))
        {
            // Whichever instrument takes it.
            foreach (var instrument in instruments)
            {
                var (status, _) = await server.Send(HttpMethod.Post, $"/api/interfaces/{place["id"]}/readings",
                    new
                    {
                        dimension = dimension.Key,
                        text = dimension.Readings[0].Value.ToString("0.###", CultureInfo.InvariantCulture),
                        instrument = instrument!["id"]
                    });
                if (status == 201)
                {
                    break;
                }
            }
        }

        return (string)place["id"]!;
    }
}
