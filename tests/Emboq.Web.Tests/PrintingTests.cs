using System.IO.Compression;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Plans, runs, service notes, files, packs and ladders through the API.</summary>
public sealed class PrintingTests(Server server)
{
    private static JsonObject Plan(JsonNode part, string? bodies = null, params (string Key, string Entry)[] entries)
    {
        var request = Server.DesignOf(part);
        foreach (var (key, entry) in entries)
        {
            request["parameters"]![key] = entry;
        }

        if (bodies is not null)
        {
            request["bodies"] = new JsonArray(bodies);
        }

        return request;
    }

    private async Task<int> Print(JsonNode part, params string[] bodies) =>
        (int)(await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies }))["number"]!;

    private async Task<byte[]> File(JsonNode part, string name) => await server.Http.GetByteArrayAsync($"/api/parts/{part["id"]}/revisions/{name}");

    [Fact]
    public async Task A_plan_tells_time_material_money_and_the_better_way_up()
    {
        var part = await server.NewPart("plan test");
        var plan = await server.Post("/api/plans", Plan(part));
        plan["prints"]!.AsArray().Select(p => (string)p!["body"]!).ShouldBe(["part", "ring-first", "ring-second", "ladder-first", "ladder-second", "draft"]);
        var print = plan["prints"]![0]!;
        ((string)print["time"]!).ShouldContain("min");
        ((string)print["mass"]!).ShouldEndWith(" g");
        print["lines"]!.AsArray().Select(l => (string)l!["key"]!).ShouldContain("cost.energy");
        var ways = plan["ways"]![0]!["ways"]!.AsArray();
        ways.Select(w => (string)w!["key"]!).ShouldBe(["first", "second", "side"]);
        ((string)plan["ways"]![0]!["better"]!).ShouldNotBe("side");
        ((double)ways[2]!["overhang"]!).ShouldBeGreaterThan(100);
        plan["makeOrBuy"].ShouldBeNull();
    }

    [Fact]
    public async Task A_motion_is_judged_from_its_triangles_and_a_part_of_one_piece_has_none()
    {
        var jaws = await server.DemoPart("Jaws that leave no mark");
        var check = (await server.Post("/api/motions", Plan(jaws))).AsArray().ShouldHaveSingleItem()!;
        ((string)check["key"]!, (string)check["verdict"]!).ShouldBe(("motion.close", "good"));
        ((string)check["says"]!).ShouldContain("the other jaw touches the jaw, closed");
        (await server.Post("/api/designs", Plan(jaws)))["motions"]![0]!["rests"]!.AsArray().Select(r => (string)r!["name"]!).ShouldBe(["open", "closed"]);
        (await server.Post("/api/motions", Plan(await server.NewPart("still")))).AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task Only_what_is_asked_about_is_planned_and_a_price_is_answered()
    {
        var part = await server.NewPart("price test");
        var proofs = await server.Post("/api/plans", Plan(part, "coupon"));
        proofs["ways"]!.AsArray().ShouldBeEmpty();
        proofs["prints"]!.AsArray().Count.ShouldBe(5);
        var priced = await server.Post("/api/plans", Plan(part, "part", ("buyPrice", "12"), ("buyPostage", "5")));
        ((string)priced["makeOrBuy"]!["says"]!).ShouldContain("bought for 17");
    }

    [Fact]
    public async Task Finished_runs_move_the_time_of_the_next_plan()
    {
        var process = (string)(await server.NewSetup("run test"))["id"]!;
        var part = await server.NewPart("run test");
        (await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}", new
        {
            version = 1,
            parameters = part["state"]!["parameters"],
            interfaces = part["state"]!["interfaces"],
            process
        })).Status.ShouldBe(200);
        part = await server.Get($"/api/parts/{part["id"]}");
        double Factor(JsonNode plan, string key = "time.factor") => (double)plan["prints"]![0]!["lines"]!.AsArray().Single(l =>
            (string)l!["key"]! == key)!["quantity"]!["value"]!;
        Factor(await server.Post("/api/plans", Plan(part, "part"))).ShouldBe(1.1, 1e-9);
        var number = await Print(part, "part");
        var run = await server.Post($"/api/parts/{part["id"]}/revisions/{number}/runs", new { took = "9:00", grams = 3.5 });
        // A piece of a print on the scale is no flow; five hundredths more are.
        Factor(await server.Post("/api/plans", Plan(part, "part")), "mass.factor").ShouldBe(1, 1e-9);
        var should = (double)run["modelledGrams"]!;
        await server.Post($"/api/parts/{part["id"]}/revisions/{number}/runs", new { took = "9:00", grams = should * 1.05 });
        Factor(await server.Post("/api/plans", Plan(part, "part")), "mass.factor").ShouldBe(1.04, 1e-9);
        ((double)run["seconds"]!).ShouldBe(9 * 3600);
        Factor(await server.Post("/api/plans", Plan(part, "part"))).ShouldBeGreaterThan(2);
        var history = await server.Get($"/api/parts/{part["id"]}/history");
        ((string)history["revisions"]![0]!["runs"]![0]!["took"]!).ShouldBe("9 h 00 min");
        ((string)history["revisions"]![0]!["runs"]![0]!["grams"]!).ShouldBe("3.5 g");
    }

    [Theory]
    [InlineData("runs", "took", """{"took":"long"}""")]
    [InlineData("runs", "took", """{"took":"5000 h"}""")]
    [InlineData("runs", "grams", """{"took":"10","grams":-1}""")]
    [InlineData("service-notes", "says", """{"kind":"wore","says":" "}""")]
    [InlineData("service-notes", "afterUnit", """{"kind":"wore","says":"x","afterCount":3,"afterUnit":"winters"}""")]
    [InlineData("service-notes", "afterCount", """{"kind":"wore","says":"x","afterCount":-3,"afterUnit":"months"}""")]
    public async Task A_wrong_run_or_note_is_refused_by_field(string what, string field, string body)
    {
        var part = await server.DemoPart("Grip sander to ceiling hose");
        var (status, answer) = await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/revisions/2/{what}", body);
        status.ShouldBe(400);
        answer!["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldContain(field);
    }

    [Fact]
    public async Task Service_notes_count_against_a_kept_revision_only()
    {
        var part = await server.NewPart("service test");
        var number = await Print(part, "part");
        object note = new { kind = "altered", says = "Sanded the plug by hand.", afterCount = 2, afterUnit = "months" };
        (await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/revisions/{number}/service-notes", note)).Status.ShouldBe(400);
        (await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/revisions/{number}/keeps", new { })).Status.ShouldBe(204);
        await server.Post($"/api/parts/{part["id"]}/revisions/{number}/service-notes", note);
        var kept = (await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]![0]!["service"]![0]!;
        ((string)kept["after"]!).ShouldBe("2 months");
        ((string)kept["kind"]!).ShouldBe("altered");
    }

    [Fact]
    public async Task A_ring_of_a_ladder_that_fits_moves_the_drawn_size_to_its_own()
    {
        var part = await server.NewPartAlone("ladder test", 0.25);
        var number = await Print(part, "ladder-first");
        var slots = (await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]![0]!["places"]!.AsArray().Select(s => (string)s!["slot"]!).ToList();
        slots.ShouldContain("first#5");
        var before = await server.Post("/api/designs", Plan(part, "coupon"));
        await server.Post($"/api/parts/{part["id"]}/tries", new { revision = number, slot = "first#5", feel = "firmByHand" });
        var tried = (await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]![0]!;
        ((string)tried["tries"]![0]!["where"]!).ShouldStartWith("number 5 of the ladder, ");
        var told = tried["places"]!.AsArray().Single(p => p!["told"]!.AsArray().Count > 0)!;
        ((string)told["slot"]!, (string)told["told"]![0]!, (string)told["like"]!["label"]!).ShouldBe(("first#5", "firm by hand", "Draw it like ring 5"));
        var after = await server.Post("/api/designs", Plan(part, "coupon"));
        double Drawn(JsonNode design) => (double)design["ledger"]!.AsArray().Single(l => (string)l!["key"]! == "first.drawn")!["quantity"]!["value"]!;
        // Ring 5 is the widest: the socket is drawn wider than before.
        Drawn(after).ShouldBeGreaterThan(Drawn(before) + 0.02);
        var bench = (await server.Bench()).Single(b => (string)b!["part"]! == (string)part["id"]!)!;
        ((string)bench["says"]!).ShouldStartWith("Print the part");
    }

    [Theory]
    [InlineData("stl", "model/stl")]
    [InlineData("3mf", "model/3mf")]
    [InlineData("glb", "model/gltf-binary")]
    [InlineData("zip", "application/zip")]
    public async Task Every_kind_of_file_is_named_by_job_part_and_revision(string kind, string type)
    {
        var part = await server.DemoPart("Grip sander to ceiling hose");
        using var answer = await server.Http.GetAsync($"/api/parts/{part["id"]}/revisions/2.{kind}", TestContext.Current.CancellationToken);
        answer.Content.Headers.ContentType!.MediaType.ShouldBe(type);
        answer.Content.Headers.ContentDisposition!.FileName.ShouldStartWith("grip-sander-to-ceiling-hose-grip-sander-adapter-r2");
        (await server.Http.GetAsync($"/api/parts/{part["id"]}/revisions/2.exe",
            TestContext.Current.CancellationToken)).StatusCode.ShouldBe(System.Net.HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_pack_holds_what_a_stranger_needs()
    {
        var part = await server.DemoPart("Grip sander to ceiling hose");
        using var zip = new ZipArchive(new MemoryStream(await File(part, "2.zip")));
        zip.Entries.Select(e => e.FullName).ShouldBe(["read-me.txt", "part.3mf", "part.stl", "test-piece.3mf", "test-piece.stl", "job.json"]);
        using var reader = new StreamReader(zip.GetEntry("read-me.txt")!.Open());
        var page = await reader.ReadToEndAsync(TestContext.Current.CancellationToken);
        foreach (var part2 in new[] { "Print the test piece first", "Way up", "Settings", "Also needed", "Fitting", "Take care",
            "grip sander outlet", "first end down" })
        {
            page.ShouldContain(part2);
        }
    }

    [Fact]
    public async Task The_job_of_a_pack_is_taken_in_and_computes_the_same_part()
    {
        var part = await server.NewPartAlone("packed alone", 0.2);
        await Print(part, "part");
        using var zip = new ZipArchive(new MemoryStream(await File(part, "1.zip")));
        await using var stream = zip.GetEntry("job.json")!.Open();
        var file = (await JsonNode.ParseAsync(stream, cancellationToken: TestContext.Current.CancellationToken))!;
        file["process"]!["name"] = "a setup from elsewhere";
        file["job"] = "taken in";
        var taken = (await server.Post("/api/job-files", file))["parts"]![0]!;
        var (here, there) = (await server.Post("/api/designs", Plan(part)), await server.Post("/api/designs", Plan(taken)));
        // The same bodies of the same sizes, but for what tries beside this one say meanwhile of the caliper.
        static IEnumerable<string> Keys(JsonNode design) => design["bodies"]!.AsArray().Select(b => (string)b!["key"]!);
        Keys(there).ShouldBe(Keys(here));
        foreach (var line in here["ledger"]!.AsArray())
        {
            var (key, value) = ((string)line!["key"]!, (double)line["quantity"]!["value"]!);
            var taker = (double)there["ledger"]!.AsArray().Single(l => (string)l!["key"]! == key)!["quantity"]!["value"]!;
            // A ladder spans the doubt.
            (key.EndsWith("ladder", StringComparison.Ordinal) ? value : taker).ShouldBe(value, Math.Max(0.05, 0.002 * Math.Abs(value)), key);
        }

        (await server.Get("/api/processes")).AsArray().ShouldContain(p => (string)p!["name"]! == "a setup from elsewhere");
    }

    [Theory]
    [InlineData("format", "format", "\"something\"")]
    [InlineData("family", "family", "\"teapot\"")]
    [InlineData("job", "job", "\"\"")]
    [InlineData("parameters", "parameters.wall", """{"wall":"none"}""")]
    public async Task A_job_file_that_cannot_be_is_refused_by_field_and_leaves_nothing(string key, string field, string value)
    {
        var part = await server.DemoPart("Grip sander to ceiling hose");
        using var zip = new ZipArchive(new MemoryStream(await File(part, "2.zip")));
        await using var stream = zip.GetEntry("job.json")!.Open();
        var file = (await JsonNode.ParseAsync(stream, cancellationToken: TestContext.Current.CancellationToken))!;
        var words = Uri.EscapeDataString((string)file["places"]!["first"]!["machine"]!);
        var machines = (await server.Get($"/api/machines?words={words}")).AsArray().Count;
        machines.ShouldBeGreaterThan(0);
        file[key] = JsonNode.Parse(value);
        var (status, answer) = await server.Send(HttpMethod.Post, "/api/job-files", file);
        status.ShouldBe(400);
        answer!["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldContain(field);
        (await server.Get($"/api/machines?words={words}")).AsArray().Count.ShouldBe(machines);
    }
}
