using System.IO.Compression;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

public sealed class SetupTests(Server server)
{
    private static IEnumerable<string> Fields(JsonNode? answer) => answer!["problems"]!.AsArray().Select(p => (string)p!["field"]!);

    [Theory]
    [InlineData("printers", "bedWidth", """{"name":"a","bedWidth":5}""")]
    [InlineData("printers", "hours.to", """{"name":"a","hours":{"from":9,"to":9}}""")]
    [InlineData("printers", "nozzles", """{"name":"a","nozzles":[]}""")]
    [InlineData("printers", "nozzles", """{"name":"a","nozzles":[0.4,40]}""")]
    [InlineData("printers", "margin", """{"name":"a","bedWidth":100,"margin":50}""")]
    [InlineData("printers", "pace.wallSpeed", """{"name":"a","pace":{"wallSpeed":0}}""")]
    [InlineData("filaments", "density", """{"name":"a","density":1e999}""")]
    [InlineData("filaments", "diameter", """{"name":"a","diameter":"1,75"}""")]
    [InlineData("filaments", "name", """{"name":" "}""")]
    [InlineData("filaments", "warmest", """{"name":"a","warmest":4000}""")]
    [InlineData("filaments", "class", """{"name":"a","class":"wood"}""")]
    public async Task A_printer_or_filament_that_cannot_be_is_refused_by_field(string path, string field, string body)
    {
        var (status, answer) = await server.Send(HttpMethod.Post, $"/api/{path}", body);
        status.ShouldBe(400);
        Fields(answer).ShouldBe([field]);
    }

    [Theory]
    [InlineData("lineWidth", """{"lineWidth":0}""")]
    [InlineData("lineWidth", """{"lineWidth":0.9}""")]
    [InlineData("layerHeight", """{"layerHeight":0.35}""")]
    [InlineData("nozzle", """{"nozzle":0.6,"lineWidth":0.6}""")]
    [InlineData("walls", """{"walls":0}""")]
    [InlineData("fill", """{"fill":1.5}""")]
    [InlineData("pace.power", """{"pace":{"power":0}}""")]
    [InlineData("allowances.pocket.value", """{"allowances":{"pocket":{"value":9,"standardUncertainty":0.1,"printScatter":0.04,"basis":"x"}}}""")]
    [InlineData("printer", """{"printer":"00000000-0000-0000-0000-000000000001"}""")]
    public async Task A_setup_that_cannot_be_is_refused_by_field(string field, string changed)
    {
        var setup = await server.NewSetup("refused");
        foreach (var (key, value) in JsonNode.Parse(changed)!.AsObject())
        {
            setup[key] = value?.DeepClone();
        }

        var (status, answer) = await server.Send(HttpMethod.Put, $"/api/setups/{setup["id"]}", setup);
        status.ShouldBe(400);
        Fields(answer).ShouldBe([field]);
    }

    /// <summary>A revision keeps what it was printed with; what is changed later counts for the next.</summary>
    [Fact]
    public async Task A_change_of_printer_or_setup_moves_the_part_and_never_a_revision()
    {
        var setup = await server.NewSetup($"changed {Guid.NewGuid()}");
        var part = await server.NewPart("changed setup");
        (await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}", new
        {
            version = 1,
            parameters = part["state"]!["parameters"],
            interfaces = part["state"]!["interfaces"],
            process = (string)setup["id"]!,
        })).Status.ShouldBe(200);
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part" } });
        async Task<string> Job()
        {
            using var zip = new ZipArchive(new MemoryStream(await server.Bytes($"/api/parts/{part["id"]}/revisions/1.zip")));
            using var reader = new StreamReader(zip.GetEntry("job.json")!.Open());
            return await reader.ReadToEndAsync(TestContext.Current.CancellationToken);
        }

        var before = await Job();

        setup["allowances"] = JsonNode.Parse("""{"holeUpright":{"value":0.41,"standardUncertainty":0.005,"printScatter":0.04,"basis":"entered by hand"}}""");
        setup["walls"] = 5;
        var changed = await server.Send(HttpMethod.Put, $"/api/setups/{setup["id"]}", setup);
        changed.Status.ShouldBe(200);
        ((int)changed.Body!["version"]!).ShouldBe(2);
        var printer = await Kept("printers", (string)setup["printer"]!);
        printer["bedWidth"] = 310;
        (await server.Send(HttpMethod.Put, $"/api/printers/{printer["id"]}", printer)).Status.ShouldBe(200);

        (await Job()).ShouldBe(before);
        var process = (await server.Get("/api/processes")).AsArray().Single(p => (string)p!["id"]! == (string)setup["id"]!)!;
        ((double)process["bedWidth"]!, (int)process["settings"]!["walls"]!).ShouldBe((310, 5));
        var request = Server.DesignOf(await server.Get($"/api/parts/{part["id"]}"));
        (await server.Post("/api/designs", request))["ledger"]!.AsArray().Single(l => (string)l!["key"]! == "first.allowance")!["quantity"]!["value"]!
            .GetValue<double>().ShouldBe(0.41, 0.01);

        // What decides how sizes come out stays once something was printed; somebody who has not seen the newest is told.
        setup["version"] = 2;
        setup["layerHeight"] = 0.1;
        Fields((await server.Send(HttpMethod.Put, $"/api/setups/{setup["id"]}", setup)).Body).ShouldBe(["nozzle"]);
        (setup["version"], setup["layerHeight"]) = (1, 0.2);
        var stale = await server.Send(HttpMethod.Put, $"/api/setups/{setup["id"]}", setup);
        stale.Status.ShouldBe(409);
        ((int)stale.Body!["theirs"]!["version"]!).ShouldBe(2);

        var states = (await server.Get($"/api/setups/{setup["id"]}/states")).AsArray();
        states.Select(s => (int)s!["version"]!).ShouldBe([2, 1]);
        states[0]!["changes"]!.AsArray().Select(c => $"{c!["what"]}: {c["was"]} to {c["now"]}").ShouldContain("Walls: 3 lines to 5 lines");
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part" } });
        (await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]![0]!["changes"]!.AsArray().Select(c => $"{c!["what"]} {c["before"]} {c["after"]}")
            .ShouldContain("Walls 3 lines 5 lines");
    }

    [Fact]
    public async Task A_name_in_use_is_told_once_for_each()
    {
        var name = $"named {Guid.NewGuid()}";
        foreach (var path in new[] { "printers", "filaments" })
        {
            await server.Post($"/api/{path}", new { name });
            var (status, answer) = await server.Send(HttpMethod.Post, $"/api/{path}", new { name });
            status.ShouldBe(409);
            Fields(answer).ShouldBe(["name"]);
            await server.Post($"/api/{path}?again=true", new { name });
        }
    }

    private async Task<JsonNode> Kept(string path, string id) => (await server.Get($"/api/{path}")).AsArray().Single(p => (string)p!["id"]! == id)!;
}
