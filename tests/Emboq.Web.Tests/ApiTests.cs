using System.Buffers.Binary;
using System.Net.Http.Json;
using System.Numerics;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

public sealed class ApiTests(Server server)
{
    [Fact]
    public async Task Health_tells_of_database_and_kernel()
    {
        var health = await server.Get("/api/health");
        ((string)health["status"]!).ShouldBe("well");
        ((string)health["kernelVersion"]!).ShouldStartWith("manifold-3d");
    }

    /// <summary>A preview asks for no formulas; a line that is opened asks for its own.</summary>
    [Fact]
    public async Task A_line_answers_why_when_it_is_asked()
    {
        var request = Server.DesignOf(await server.NewPart("why"));
        async Task<int> Inputs(params string[]? why)
        {
            request["why"] = why is null ? null : new JsonArray([.. why.Select(w => (JsonNode)w)]);
            return (await server.Post("/api/designs", request))["ledger"]!.AsArray().Count(l => l!["inputs"]!.AsArray().Count > 0 && l["inNames"] is not null);
        }

        (await Inputs([])).ShouldBe(0);
        (await Inputs("first.wanted", "nothing of the kind")).ShouldBe(1);
        (await Inputs(null)).ShouldBeGreaterThan(10);
    }

    [Fact]
    public async Task The_description_that_the_front_end_is_built_from_is_the_one_served()
    {
        var path = Path.Combine(AppContext.BaseDirectory, "openapi.json");
        var kept = JsonNode.Parse(await File.ReadAllTextAsync(path, TestContext.Current.CancellationToken))!;
        var served = await server.Get("/openapi/v1.json");
        JsonNode.DeepEquals(kept, served).ShouldBeTrue("web/src/api/openapi.json is not what the application serves at /openapi/v1.json: save it anew.");
    }

    [Fact]
    public async Task Families_tell_what_they_take()
    {
        var family = (await server.Get("/api/families"))[0]!;
        ((string)family["key"]!).ShouldBe("hose-adapter");
        foreach (var spec in family["parameters"]!.AsArray())
        {
            ((string)spec!["help"]!).ShouldNotBeEmpty((string)spec["key"]!);
            ((string)spec["label"]!).ShouldNotBeEmpty();
        }
    }

    [Fact]
    public async Task A_design_answers_ledger_checks_bodies_coupons_and_drawing()
    {
        var part = await server.DemoPart("Blade sander to hose");
        var design = await server.Post("/api/designs", Server.DesignOf(part));
        design["bodies"]!.AsArray().Select(b => (string)b!["role"]!).ShouldBe(["part", "coupon", "coupon", "coupon", "coupon", "coupon", "counterpart",
            "counterpart"]);
        var body = design["bodies"]![0]!;
        var positions = Convert.FromBase64String((string)body["positions"]!).Length / 12;
        var triangles = Convert.FromBase64String((string)body["triangles"]!).Length / 12;
        triangles.ShouldBe(2 * positions, "a ring-shaped closed surface has twice as many triangles as corners (Euler)");
        ((double)body["size"]!["z"]!).ShouldBe((double)Line(design, "height")["quantity"]!["value"]!, 1e-3);
        ((string)Line(design, "first.drawn")["inNames"]!).ShouldContain("wanted");
        design["drawing"]!["callouts"]!.AsArray().Count.ShouldBe(12);
        design["cautions"]!.AsArray().ShouldNotBeEmpty();
    }

    /// <summary>By the divergence theorem: a sixth of the triple products of all triangles.</summary>
    private static double Volume(byte[] positions, byte[] triangles)
    {
        Vector3 At(int corner) => new(BitConverter.ToSingle(positions, 12 * corner), BitConverter.ToSingle(positions, (12 * corner) + 4),
            BitConverter.ToSingle(positions, (12 * corner) + 8));
        int Corner(int i) => BitConverter.ToInt32(triangles, 4 * i);
        return Enumerable.Range(0, triangles.Length / 12).Sum(t => (double)Vector3.Dot(At(Corner(3 * t)), Vector3.Cross(At(Corner((3 * t) + 1)),
            At(Corner((3 * t) + 2))))) / 6;
    }

    [Fact]
    public async Task Triangles_come_as_bytes_to_who_asks_so_and_are_the_same()
    {
        var asked = Server.DesignOf(await server.DemoPart("Blade sander to hose"));
        var inText = await server.Post("/api/designs", asked);
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/designs") { Content = JsonContent.Create(asked) };
        request.Headers.Accept.ParseAdd("application/octet-stream");
        using var answer = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("application/octet-stream");
        var bytes = await answer.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken);
        var at = 0;
        byte[] Run()
        {
            var from = at + 4;
            at = from + BinaryPrimitives.ReadInt32LittleEndian(bytes.AsSpan(at));
            return bytes[from..at];
        }

        var design = JsonNode.Parse(Run())!;
        foreach (var (body, text) in design["bodies"]!.AsArray().Zip(inText["bodies"]!.AsArray()))
        {
            ((string)body!["positions"]!).ShouldBeEmpty();
            var (positions, triangles) = (Run(), Run());
            positions.ShouldBe(Convert.FromBase64String((string)text!["positions"]!));
            // Another kernel may name the same triangles in another order: they enclose as much.
            var same = Convert.FromBase64String((string)text["triangles"]!);
            triangles.Length.ShouldBe(same.Length);
            Volume(positions, triangles).ShouldBe(Volume(positions, same), 1e-3);
            Volume(positions, triangles).ShouldBeGreaterThan(1);
        }

        at.ShouldBe(bytes.Length);
    }

    [Fact]
    public async Task Sizes_can_be_stated_without_keeping_them()
    {
        var process = (string)(await server.Get("/api/processes"))[0]!["id"]!;
        var design = await server.Post("/api/designs", """
            {"family":"hose-adapter","process":"PROCESS","bodies":["part"],"parameters":{"wall":1.8,"coneAngle":"40"},
             "interfaces":{"first":{"sizes":{"inside":{"value":"2 1/8 in","uncertainty":0.05}}},
               "second":{"sizes":{"outside":{"value":"41.2","uncertainty":0.02}}}}}
            """.Replace("PROCESS", process, StringComparison.Ordinal));
        var measured = Line(design, "first.measured")["quantity"]!;
        ((double)measured["value"]!).ShouldBe(53.975, 1e-9);
        ((double)measured["uncertainty"]!).ShouldBe(0.05, 1e-9);
        design["bodies"]!.AsArray().Count.ShouldBe(1);
    }

    [Fact]
    public async Task A_place_without_readings_stops_in_words()
    {
        var machine = await server.Post("/api/machines", new { name = "Unread" });
        var place = await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name = "unread port", kind = "tube" });
        var request = Server.DesignOf(await server.DemoPart("Blade sander to hose"));
        request["interfaces"]!["first"]!["id"] = (string)place["id"]!;
        var design = await server.Post("/api/designs", request);
        design["bodies"]!.AsArray().ShouldBeEmpty();
        ((string)design["checks"]![0]!["says"]!).ShouldContain("No reading yet of unread port");
    }

    [Fact]
    public async Task A_job_starts_with_a_name_and_says_what_to_measure()
    {
        var process = Server.DesignOf(await server.DemoPart("Blade sander to hose"))["process"]!;
        foreach (var family in (await server.Get("/api/families")).AsArray())
        {
            var job = await server.Post("/api/jobs", new
            {
                name = $"Bare {family!["name"]}",
                part = new { name = "part", family = (string)family["key"]!, interfaces = new { }, process = (string?)process, parameters = new { } }
            });
            var design = await server.Post("/api/designs", Server.DesignOf(job["parts"]![0]!));
            // What counts only after another choice is not waited for.
            bool Counts(JsonNode slot) => slot["when"]!.AsObject().All(w => w.Value!.AsArray().Any(o => (string)o! == (string?)family["parameters"]!.AsArray()
                .Single(p => (string)p!["key"]! == w.Key)!["default"]));
            var needed = family["slots"]!.AsArray().Where(s => (string)s!["need"]! == "always" && Counts(s)).Select(s => (string)s!["label"]!).ToList();
            (design["drawing"] is null).ShouldBe(needed.Count > 0 || (string)family["key"]! is "pocket-tray" or "drawer-nest", (string)family["key"]!);
            needed.ShouldAllBe(label => design["checks"]!.AsArray().Any(c => (string)c!["verdict"]! == "stop" && ((string)c["says"]!).Contains(label)));
        }
    }

    public static TheoryData<string, string, string> BadDesigns => new()
    {
        { "NaN", """{"family":"hose-adapter","process":"PROCESS","parameters":{"wall":NaN}}""", "" },
        { "1e999", """{"family":"hose-adapter","process":"PROCESS","parameters":{"wall":1e999},"interfaces":PLACES}""", "parameters.wall" },
        { "negative", """{"family":"hose-adapter","process":"PROCESS","parameters":{"wall":-1},"interfaces":PLACES}""", "parameters.wall" },
        { "wrong unit", """{"family":"hose-adapter","process":"PROCESS","parameters":{"wall":"2 kg"},"interfaces":PLACES}""", "parameters.wall" },
        { "unknown key", """{"family":"hose-adapter","process":"PROCESS","parameters":{"colour":"blue"},"interfaces":PLACES}""", "parameters.colour" },
        { "unknown field", """{"family":"hose-adapter","process":"PROCESS","wall":2}""", "wall" },
        { "unknown family", """{"family":"teapot","process":"PROCESS","interfaces":PLACES}""", "family" },
        { "unknown process", """{"family":"hose-adapter","process":"00000000-0000-0000-0000-000000000009","interfaces":PLACES}""", "process" },
        { "an extra place", """{"family":"hose-adapter","process":"PROCESS","interfaces":{"third":{}}}""", "interfaces.third" },
        { "wrong uncertainty",
            """{"family":"hose-adapter","process":"PROCESS","interfaces":{"first":{"sizes":{"inside":{"value":"50","uncertainty":1e999}}}}}""",
            "interfaces.first.sizes.inside.uncertainty" },
        { "an object for a length", """{"family":"hose-adapter","process":"PROCESS","parameters":{"wall":{}},"interfaces":PLACES}""", "parameters.wall" },
        { "not JSON", "{", "" },
        { "an array", "[]", "" },
        { "null", "null", "" },
    };

    [Theory]
    [MemberData(nameof(BadDesigns))]
    public async Task Bad_input_is_told_by_field(string what, string body, string field)
    {
        var part = await server.DemoPart("Blade sander to hose");
        var request = Server.DesignOf(part);
        var filled = body.Replace("PROCESS", (string)request["process"]!, StringComparison.Ordinal).Replace("PLACES", request["interfaces"]!.ToJsonString(),
            StringComparison.Ordinal);
        var (status, answer) = await server.Send(HttpMethod.Post, "/api/designs", filled);
        status.ShouldBe(400, what);
        var problems = answer!["problems"]!.AsArray();
        problems.ShouldNotBeEmpty();
        problems.Select(p => (string)p!["field"]!).ShouldContain(f => field.Length == 0 || f == field, what);
        ((string)problems[0]!["remedy"]!).ShouldNotBeEmpty();
    }

    [Fact]
    public async Task Ten_megabytes_are_refused_in_words()
    {
        var (status, answer) = await server.Send(HttpMethod.Post, "/api/machines", new { name = new string('x', 10 * 1024 * 1024) });
        status.ShouldBe(413);
        ((string)answer!["problems"]![0]!["limit"]!).ShouldBe("1048576 bytes, photographs 10485760");
    }

    [Theory]
    [InlineData("/api/nothing")]
    [InlineData("/api/parts/00000000-0000-0000-0000-000000000001")]
    [InlineData("/api/parts/00000000-0000-0000-0000-000000000001/history")]
    [InlineData("/api/parts/00000000-0000-0000-0000-000000000001/revisions/1.stl")]
    [InlineData("/api/parts/00000000-0000-0000-0000-000000000001/revisions/first.stl")]
    public async Task What_is_not_there_is_told(string path)
    {
        using var response = await server.Http.GetAsync(path, TestContext.Current.CancellationToken);
        ((int)response.StatusCode).ShouldBe(404);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
    }

    [Theory]
    [InlineData("/")]
    [InlineData("/api/health")]
    public async Task Strict_headers_stand_on_every_answer(string path)
    {
        using var response = await server.Http.GetAsync(path, TestContext.Current.CancellationToken);
        var headers = response.Headers.ToDictionary(h => h.Key, h => string.Join(" ", h.Value), StringComparer.OrdinalIgnoreCase);
        headers["Content-Security-Policy"].ShouldContain("default-src 'none'");
        headers["Content-Security-Policy"].ShouldNotContain("unsafe-eval");
        headers["X-Content-Type-Options"].ShouldBe("nosniff");
        headers.ShouldNotContainKey("Server");
    }

    [Theory]
    [InlineData("21 3/8", "metric", "21 3/8 in", 542.925)]
    [InlineData("88.9", "metric", "88.9 mm", 88.9)]
    [InlineData("88.9", "inch", "88.9 in", 2258.06)]
    public async Task A_length_is_read_in_both_systems(string text, string leading, string exact, double mm)
    {
        var length = await server.Get($"/api/entries?text={Uri.EscapeDataString(text)}&leading={leading}");
        ((string)length["exact"]!).ShouldBe(exact);
        ((double)length["value"]!).ShouldBe(mm, 1e-9);
    }

    private static JsonNode Line(JsonNode design, string key) => design["ledger"]!.AsArray().Single(l => (string)l!["key"]! == key)!;
}
