using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>What was learned, written by one workshop and taken in by another, over HTTP.</summary>
public sealed class LearnedTests(Server server)
{
    /// <summary>What a workshop elsewhere would write that printed with this very nozzle, and nothing else.</summary>
    private async Task<JsonNode> Elsewhere(string name, double nozzle)
    {
        var part = await server.NewPartAlone(name, nozzle);
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-first" } });
        var told = await server.Post($"/api/parts/{part["id"]}/tries", new { revision = 1, slot = "first", printed = "49.1", instrument = "caliper" });
        var file = await server.Get("/api/learned.json");
        await server.Send(HttpMethod.Post, $"/api/tries/{told["try"]}/strikes", new { because = "told elsewhere" });
        var setups = file["setups"]!.AsArray();
        var own = setups.ToList().FindIndex(s => (string)s!["id"]! == (string)part["state"]!["process"]!);
        var prints = file["prints"]!.AsArray().Where(p => (int)p!["setup"]! == own).Select(p => p!.DeepClone()).ToArray();
        prints.Length.ShouldBe(1);
        prints[0]!["setup"] = 0;
        (file["setups"], file["prints"], file["workshop"]) = (new JsonArray(setups[own]!.DeepClone()), new JsonArray(prints), $"{Guid.NewGuid()}");
        return file;
    }

    private async Task<double> Doubt(JsonNode setup) => (double)(await server.Get($"/api/fits/{setup["id"]}")).AsArray().Single(s =>
        (string)s!["surface"]! == "holeUpright")!["band"]![5]!["doubt"]!;

    private async Task<List<JsonNode>> Taken(string name) =>
        [.. (await server.Get("/api/learned")).AsArray().Select(l => l!).Where(l => (string)l["name"]! == name)];

    [Fact]
    public async Task What_another_workshop_learned_teaches_until_it_is_taken_out()
    {
        var file = await Elsewhere("learned elsewhere", 1.15);
        var setup = await server.NewSetupAlone("learns", 1.15);
        var before = await Doubt(setup);
        var taken = await server.Post("/api/learned?name=Birch", file);
        ((int)taken["prints"]!).ShouldBe(1);
        var after = await Doubt(setup);
        after.ShouldBeLessThan(before - 0.01);
        // The same once more is the same, and of a newer file of theirs only that counts.
        await server.Post("/api/learned?name=Birch", file);
        (await Doubt(setup)).ShouldBe(after, 1e-12);
        (await Taken("Birch")).Count.ShouldBe(1);
        // Of an open point the chart says whose it is.
        (await server.Get($"/api/fits/{setup["id"]}")).AsArray().SelectMany(s => s!["tries"]!.AsArray()).Select(t => (string)t!["says"]!)
            .ShouldContain(s => s.EndsWith("of Birch", StringComparison.Ordinal));
        // What others told is not passed on.
        (await server.Get("/api/learned.json"))["setups"]!.AsArray().Select(s => (string)s!["name"]!).ShouldAllBe(n => !n.Contains("Birch"));
        while ((await Taken("Birch")).FirstOrDefault() is { } left)
        {
            (await server.Send(HttpMethod.Delete, $"/api/learned/{left["id"]}", new { })).Status.ShouldBe(204);
        }

        (await Doubt(setup)).ShouldBe(before, 1e-12);
        (await server.Send(HttpMethod.Delete, $"/api/learned/{Guid.NewGuid()}", new { })).Status.ShouldBe(404);
    }

    [Fact]
    public async Task What_is_no_such_file_is_refused_in_words_and_nothing_is_kept()
    {
        var file = await Elsewhere("refused elsewhere", 1.45);
        async Task Refused(string field, Action<JsonNode> wrong, string name = "Elm")
        {
            var odd = file.DeepClone();
            wrong(odd);
            var (status, body) = await server.Send(HttpMethod.Post, $"/api/learned?name={name}", odd);
            status.ShouldBe(400, field);
            body!["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldContain(field);
        }

        var own = (string)(await server.Get("/api/learned.json"))["workshop"]!;
        await Refused("name", _ => { }, "");
        await Refused("format", f => f["format"] = "emboq-job");
        await Refused("format", f => f["schema"] = 2);
        await Refused("workshop", f => f["workshop"] = own);
        await Refused("prints", f => f["prints"] = new JsonArray());
        await Refused("prints", f => f["prints"]!.AsArray().Add(f["prints"]![0]!.DeepClone()));
        await Refused("prints.0.setup", f => f["prints"]![0]!["setup"] = 1);
        await Refused("prints.0.drawn", f => f["prints"]![0]!["drawn"] = -4);
        await Refused("prints.0.joint", f => f["prints"]![0]!["joint"] = "glue");
        await Refused("prints.0.met.doubt", f => f["prints"]![0]!["met"]!["doubt"] = -1);
        await Refused("prints.0.measured.0.size", f => f["prints"]![0]!["measured"]![0]!["size"] = 900);
        await Refused("prints.0.measured.0.instrument.repeatability", f => f["prints"]![0]!["measured"]![0]!["instrument"]!["repeatability"] = 0);
        await Refused("setups.0.nozzle", f => f["setups"]![0]!["nozzle"] = 40);
        (await server.Send(HttpMethod.Post, "/api/learned?name=Elm", new { prints = 3 })).Status.ShouldBe(400);
        (await Taken("Elm")).ShouldBeEmpty();
    }
}
