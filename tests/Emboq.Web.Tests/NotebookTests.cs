using System.Buffers.Binary;
using System.Text.Json.Nodes;
using Npgsql;

namespace Emboq.Web.Tests;

/// <summary>What is written stays, numbers are given once, and a stale write is refused with both versions.</summary>
public sealed class NotebookTests(Server server)
{
    [Fact]
    public async Task The_demo_has_twelve_machines_of_every_kind_two_processes_and_jobs_at_different_stages()
    {
        string[] demo = ["Blade sander to hose", "Lathe hood to hose", "Grip sander to ceiling hose"];
        (await server.Get("/api/processes")).AsArray().Count(p => (string)p!["name"]! is "Curlew, plain grey" or "Bittern, tough green").ShouldBe(2);
        string[] ofTheDemo =
        [
            "Bar clamps", "Blade sander", "Block planes", "Carving bench", "Ceiling hose", "Crooked knives", "Downdraft table", "Drying rack", "Edge gauges",
                "Edge router",
                "Grip press",
                "Grip sander", "Hot air gun", "Knife drawer", "Knob lathe", "Long hand tools",
            "Marking tools", "Orbit sander", "Outfeed table", "Pattern wall", "Pillar drill", "Scraping bench", "Shaft lathe", "Shaft vice", "Shaving chute",
                "Shaving horse", "Shop extractor",
                "Spokeshave grinder", "Steam box", "Steam cart", "Strip saw", "Trim bench",
        ];
        var machines = (await server.Get("/api/machines")).AsArray().Where(m => ofTheDemo.Contains((string)m!["name"]!)).ToList();
        machines.Where(m => m!["interfaces"]!.AsArray().Any(i => (bool)i!["read"]!)).Select(m => (string)m!["name"]!).Distinct().ShouldBe(ofTheDemo,
            ignoreOrder: true);
        var kinds = (await server.Get("/api/interface-kinds")).AsArray().Select(k => (string)k!["key"]!);
        kinds.Except(machines.SelectMany(m => m!["interfaces"]!.AsArray()).Where(i => (bool)i!["read"]!).Select(i => (string)i!["kind"]!)).ShouldBeEmpty();
        var bench = (await server.Bench()).Where(b => demo.Contains((string)b!["jobName"]!)).ToList();
        bench.Count.ShouldBe(3);
        bench.Select(b => (int)b!["revisions"]!).Order().ShouldBe([0, 1, 2]);
        bench.Select(b => (bool)b!["done"]!).Count(d => d).ShouldBe(1);
    }

    [Fact]
    public async Task A_reading_is_added_told_in_both_units_and_struck_out_without_going()
    {
        var place = await NewPlace("reading test");
        var taken = await server.Post($"/api/interfaces/{place}/readings", new { dimension = "inside", text = "2 1/64", instrument = "caliper" });
        var reading = taken["dimensions"]![0]!["readings"]![0]!;
        ((string)reading["metric"]!).ShouldBe("51.20 mm");
        ((string)reading["inches"]!).ShouldBe("2 1/64 in");
        (await server.Send(HttpMethod.Post, $"/api/readings/{reading["id"]}/strikes", new { because = "slipped" })).Status.ShouldBe(204);
        (await server.Send(HttpMethod.Post, $"/api/readings/{reading["id"]}/strikes", new { because = "again" })).Status.ShouldBe(204);
        var dimension = (await server.Get($"/api/interfaces/{place}"))["dimensions"]![0]!;
        ((string)dimension["readings"]![0]!["struckBecause"]!).ShouldBe("slipped");
        dimension["size"].ShouldBeNull();
    }

    [Theory]
    [InlineData("dimension", """{"dimension":"girth","text":"50","instrument":"caliper"}""")]
    [InlineData("instrument", """{"dimension":"inside","text":"50","instrument":"none"}""")]
    [InlineData("text", """{"dimension":"inside","text":"5o","instrument":"caliper"}""")]
    [InlineData("text", """{"dimension":"inside","text":"-5","instrument":"caliper"}""")]
    [InlineData("text", """{"dimension":"inside","text":"0","instrument":"caliper"}""")]
    [InlineData("text", """{"dimension":"inside","text":"400","instrument":"caliper"}""")]
    [InlineData("text", """{"dimension":"inside","text":"1e999","instrument":"caliper"}""")]
    public async Task A_wrong_reading_is_refused_and_leaves_nothing(string field, string body)
    {
        var place = await NewPlace($"refusing {field}");
        var (status, answer) = await server.Send(HttpMethod.Post, $"/api/interfaces/{place}/readings", body);
        status.ShouldBe(400);
        ((string)answer!["problems"]![0]!["field"]!).ShouldBe(field);
        var kept = await server.Get($"/api/interfaces/{place}");
        kept["dimensions"]!.AsArray().ShouldAllBe(d => d!["readings"]!.AsArray().Count == 0);
    }

    [Fact]
    public async Task A_stale_write_is_refused_with_both_versions()
    {
        var part = await server.NewPart("stale test");
        object State(int version, string wall) => new
        {
            version,
            parameters = new { firstJoin = "over", secondJoin = "inside", wall },
            interfaces = part["state"]!["interfaces"],
            process = part["state"]!["process"]
        };
        (await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}", State(1, "2"))).Status.ShouldBe(200);
        var (status, answer) = await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}", State(1, "3"));
        status.ShouldBe(409);
        ((string)answer!["yours"]!["parameters"]!["wall"]!).ShouldBe("3");
        ((string)answer["theirs"]!["state"]!["parameters"]!["wall"]!).ShouldBe("2");
        ((int)answer["theirs"]!["version"]!).ShouldBe(2);
    }

    [Fact]
    public async Task Undo_reaches_back_to_every_earlier_state_in_order()
    {
        var part = await server.NewPart("undo test");
        foreach (var (version, wall) in new[] { (1, "2"), (2, "3"), (3, "4") })
        {
            await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}",
                new
                {
                    version,
                    parameters = new { firstJoin = "over", secondJoin = "inside", wall },
                    interfaces = part["state"]!["interfaces"],
                    process = part["state"]!["process"]
                });
        }

        var earlier = (await server.Get($"/api/parts/{part["id"]}/earlier-states")).AsArray();
        earlier.Select(s => (string?)s!["parameters"]!["wall"]).ShouldBe([null, "2", "3"]);
    }

    [Fact]
    public async Task What_cannot_be_computed_is_not_kept()
    {
        var part = await server.NewPart("refusal test");
        var (status, _) = await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}",
            new { version = 1, parameters = new { wall = "99" }, interfaces = part["state"]!["interfaces"], process = part["state"]!["process"] });
        status.ShouldBe(400);
        ((int)(await server.Get($"/api/parts/{part["id"]}"))["version"]!).ShouldBe(1);
    }

    [Fact]
    public async Task Prints_at_one_time_get_different_numbers()
    {
        var part = await server.NewPart("numbers test");
        var numbers = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ =>
            server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part" } })));
        numbers.Select(n => (int)n["number"]!).Order().ShouldBe(Enumerable.Range(1, 8));
    }

    [Fact]
    public async Task The_file_of_a_revision_keeps_its_size_when_the_part_changes()
    {
        var part = await server.NewPart("frozen test");
        var id = (string)part["id"]!;
        await server.Post($"/api/parts/{id}/revisions", new { bodies = new[] { "ring-first", "ring-second" } });
        var before = await Stl(id, 1);
        await server.Send(HttpMethod.Put, $"/api/parts/{id}", new
        {
            version = 1,
            parameters = new { firstJoin = "over", secondJoin = "inside", wall = "4" },
            interfaces = part["state"]!["interfaces"],
            process = part["state"]!["process"]
        });
        await server.Post($"/api/parts/{id}/revisions", new { bodies = new[] { "part" } });
        (await Stl(id, 1)).Bytes.ShouldBe(before.Bytes);
        before.Name.ShouldBe("frozen-test-frozen-test-r1-ring-first-ring-second.stl");
        BinaryPrimitives.ReadInt32LittleEndian(before.Bytes.AsSpan(80)).ShouldBe((before.Bytes.Length - 84) / 50);
        var history = await server.Get($"/api/parts/{id}/history");
        var changes = history["revisions"]![0]!["changes"]!.AsArray();
        changes.ShouldContain(c => (string)c!["what"]! == "Wall" && (string)c["before"]! == "left to Emboq" && (string)c["after"]! == "4");
    }

    [Fact]
    public async Task A_try_corrects_the_size_and_another_setup_hears_less_of_it()
    {
        var part = await server.NewPartAlone("try test", 0.8);
        var id = (string)part["id"]!;
        var request = Server.DesignOf(part);
        var other = Server.DesignOf(part);
        other["process"] = (string)(await server.Get("/api/processes")).AsArray().First(p => (string)p!["id"]! != (string)request["process"]!)!["id"]!;
        async Task<double> Drawn(JsonNode asked) => (double)(await server.Post("/api/designs", asked))["ledger"]!.AsArray().Single(l =>
            (string)l!["key"]! == "first.drawn")!["quantity"]!["value"]!;
        var (own, others) = (await Drawn(request), await Drawn(other));
        await server.Post($"/api/parts/{id}/revisions", new { bodies = new[] { "ring-first" } });
        var answer = await server.Post($"/api/parts/{id}/tries", new { revision = 1, slot = "first", feel = "needsForce" });
        Millimetres(answer["after"]!).ShouldBeGreaterThan(Millimetres(answer["before"]!));
        ((double)answer["chanceAfter"]!).ShouldBeGreaterThan((double)answer["chanceBefore"]!);
        var moved = await Drawn(request) - own;
        moved.ShouldBeGreaterThan(0.04);
        Math.Abs(await Drawn(other) - others).ShouldBeLessThan(0.8 * moved);
    }

    [Theory]
    [InlineData("revision", """{"revision":9,"slot":"first","feel":"slides"}""")]
    [InlineData("slot", """{"revision":1,"slot":"third","feel":"slides"}""")]
    [InlineData("feel", """{"revision":1,"slot":"first"}""")]
    [InlineData("printed", """{"revision":1,"slot":"first","printed":"12","instrument":"caliper"}""")]
    [InlineData("instrument", """{"revision":1,"slot":"first","printed":"58.9","instrument":"thumb"}""")]
    public async Task A_wrong_try_is_refused_by_field(string field, string body)
    {
        var part = await server.NewPart($"wrong try {field}");
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-first" } });
        var (status, answer) = await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/tries", body);
        status.ShouldBe(400);
        answer!["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldContain(field);
        ((await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]![0]!["tries"]!).AsArray().ShouldBeEmpty();
    }

    [Theory]
    [InlineData("update reading set value = 1")]
    [InlineData("delete from reading")]
    [InlineData("update revision set remark = 'x'")]
    [InlineData("delete from try")]
    [InlineData("update part_state set version = 99")]
    public async Task The_notebook_itself_refuses_to_alter_what_was_written(string sql)
    {
        await using var source = NpgsqlDataSource.Create(server.Connection);
        await using var command = source.CreateCommand(sql);
        var refused = await Should.ThrowAsync<PostgresException>(() => command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken));
        refused.MessageText.ShouldEndWith("are only ever added");
    }

    [Fact]
    public async Task Keeping_a_revision_settles_the_part()
    {
        var part = await server.NewPart("keep test");
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part" } });
        (await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/revisions/1/keeps", new { })).Status.ShouldBe(204);
        (await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/revisions/7/keeps", new { })).Status.ShouldBe(404);
        var item = (await server.Bench()).Single(b => (string)b!["part"]! == (string)part["id"]!)!;
        ((bool)item["done"]!).ShouldBeTrue();
    }

    private async Task<string> NewPlace(string name)
    {
        var machine = await server.Post("/api/machines?again=true", new { name });
        return (string)(await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name, kind = "tube" }))["id"]!;
    }

    private async Task<(byte[] Bytes, string Name)> Stl(string part, int revision)
    {
        using var response = await server.Http.GetAsync($"/api/parts/{part}/revisions/{revision}.stl", TestContext.Current.CancellationToken);
        response.EnsureSuccessStatusCode();
        return (await response.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken),
            response.Content.Headers.ContentDisposition!.FileName!.Trim('"'));
    }

    private static double Millimetres(JsonNode text) => double.Parse(((string)text!).Replace(" mm", "", StringComparison.Ordinal),
        System.Globalization.CultureInfo.InvariantCulture);
}
