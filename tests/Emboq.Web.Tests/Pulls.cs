using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Pulls and rows of them, for tests.</summary>
internal static class Pulls
{
    public static async Task<JsonNode> NewPull(this Server server, string name, object? parameters = null)
    {
        var process = (await server.Get("/api/processes")).AsArray().Single(p => (string)p!["name"]! == "Curlew, plain grey")!["id"];
        var job = await server.Post("/api/jobs", new
        {
            name,
            part = new
            {
                name = "pull",
                family = "drawer-pull",
                interfaces = new { },
                process,
                parameters = parameters ?? new { spacing = "64" }
            }
        });
        return job["parts"]![0]!;
    }

    public static async Task<JsonNode> WithRow(this Server server, JsonNode part, params object[] row)
    {
        var (status, saved) = await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}",
            new { version = (int)part["version"]!, interfaces = new { }, process = part["state"]!["process"], parameters = part["state"]!["parameters"], row });
        status.ShouldBe(200, saved?.ToJsonString());
        return saved!;
    }

    public static object Member(string text, int count = 1, string group = "") => new { count, entries = new { text }, group };
}
