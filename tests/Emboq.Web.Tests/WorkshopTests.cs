using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

public sealed class WorkshopTests(Server server)
{
    [Fact]
    public async Task A_process_of_ones_own_decides_the_wall()
    {
        var process = await server.NewSetup("Own printer, own filament", new { lineWidth = 0.8 });
        var request = Server.DesignOf(await server.DemoPart("Blade sander to hose"));
        request["process"] = (string)process["id"]!;
        request["bodies"] = new JsonArray();
        var wall = (await server.Post("/api/designs", request))["ledger"]!.AsArray().Single(l => (string)l!["key"]! == "wall")!;
        ((double)wall["quantity"]!["value"]!).ShouldBe(1.6, 1e-12);
    }

    [Theory]
    [InlineData("/api/instruments", "reach", """{"id":"x","name":"x","resolution":0.1,"maximumPermissibleError":0.1,"repeatability":0.1,"reach":-1}""")]
    [InlineData("/api/instruments", "id", """{"id":"caliper","name":"x","resolution":0.1,"maximumPermissibleError":0.1,"repeatability":0.1,"reach":100}""")]
    public async Task An_instrument_that_cannot_be_is_refused_by_field(string path, string field, string body)
    {
        var (status, answer) = await server.Send(HttpMethod.Post, path, body);
        status.ShouldBe(400);
        answer!["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldBe([field]);
    }

    [Fact]
    public async Task A_new_instrument_takes_readings()
    {
        await server.Post("/api/instruments", new
        {
            id = "gauge",
            name = "bore gauge",
            resolution = 0.001,
            maximumPermissibleError = 0.005,
            repeatability = 0.004,
            reach = 60
        });
        var machine = await server.Post("/api/machines", new { name = "gauge test" });
        var place = await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name = "gauge port", kind = "tube" });
        var taken = await server.Post($"/api/interfaces/{place["id"]}/readings", new { dimension = "inside", text = "50.004", instrument = "gauge" });
        ((double)taken["dimensions"]![0]!["size"]!["uncertainty"]!).ShouldBeLessThan(0.006);
    }
}
