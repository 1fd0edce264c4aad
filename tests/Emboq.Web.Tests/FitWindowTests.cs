using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Windows of fits over HTTP: moved with a reason, held for their sizes, taken back.</summary>
public sealed class FitWindowTests(Server server)
{
    private static object Window(string least = "0.3", string aim = "0.45", string greatest = "0.6", string from = "61.3", string to = "61.4",
        string because = "pipes come dusty", string joint = "cuff", string fit = "snug", string leading = "metric") =>
            new { joint, fit, aim, least, greatest, from, to, because, leading };

    private async Task<JsonNode> Snug(string size) => (await server.Get($"/api/fit-windows?leading=metric&size={size}")).AsArray().Single(j =>
        (string)j!["key"]! == "cuff")!["fits"]!.AsArray().Single(f => (string)f!["fit"]! == "snug")!;

    [Fact]
    public async Task A_part_is_drawn_by_the_window_of_its_workshop_until_that_is_taken_back()
    {
        var design = Server.DesignOf(await server.NewPartAlone("window of its own", 0.85, "61.37"));
        design["parameters"]!["firstFit"] = "snug";
        async Task<double> Clearance() => (double)(await server.Post("/api/designs", design))["ledger"]!.AsArray().Single(l =>
            (string)l!["key"]! == "first.clearance")!["quantity"]!["value"]!;
        (await Clearance()).ShouldBe(0.1, 1e-9);
        (await server.Send(HttpMethod.Post, "/api/fit-windows", Window())).Status.ShouldBe(204);
        (await Clearance()).ShouldBe(0.45, 1e-9);
        // In inches, and later: that one counts.
        (await server.Send(HttpMethod.Post, "/api/fit-windows", Window("-0.01", "0", "0.01", "2.4", "2.5", leading: "inch"))).Status.ShouldBe(204);
        (await Clearance()).ShouldBe(0, 1e-9);
        var shown = await Snug("61.37");
        ((string)shown["moved"]!["because"]!).ShouldBe("pipes come dusty");
        ((string)shown["says"]!["metric"]!).ShouldBe("−0.25 to 0.25 mm");
        ((string)shown["says"]!["inches"]!).ShouldBe("−0.010 to 0.010 in");
        ((string)shown["metal"]!["name"]!).ShouldBe("H7/h6");
        var small = await Snug("29");
        small["moved"].ShouldBeNull();
        small["elsewhere"]!.AsArray().Count.ShouldBe(2);

        foreach (var back in new[] { 0.45, 0.1 })
        {
            var address = $"/api/fit-windows/{(await Snug("61.37"))["moved"]!["id"]}";
            (await server.Send(HttpMethod.Delete, address, new { })).Status.ShouldBe(204);
            (await server.Send(HttpMethod.Delete, address, new { })).Status.ShouldBe(204);
            (await Clearance()).ShouldBe(back, 1e-9);
        }

        (await server.Send(HttpMethod.Delete, $"/api/fit-windows/{Guid.NewGuid()}", new { })).Status.ShouldBe(404);
    }

    [Theory]
    [InlineData("least", "0.5", "0.45", "0.6", "10", "20", "x")]
    [InlineData("greatest", "0.3", "0.45", "0.45", "10", "20", "x")]
    [InlineData("greatest", "0.3", "0.45", "9", "10", "20", "x")]
    [InlineData("least", "-9", "0.45", "0.6", "10", "20", "x")]
    [InlineData("aim", "0.3", "some", "0.6", "10", "20", "x")]
    [InlineData("to", "0.3", "0.45", "0.6", "20", "10", "x")]
    [InlineData("from", "0.3", "0.45", "0.6", "-3", "10", "x")]
    [InlineData("because", "0.3", "0.45", "0.6", "10", "20", " ")]
    public async Task What_is_no_window_is_told_at_its_field(string field, string least, string aim, string greatest, string from, string to, string because)
    {
        var (status, body) = await server.Send(HttpMethod.Post, "/api/fit-windows", Window(least, aim, greatest, from, to, because));
        status.ShouldBe(400);
        body!["problems"]!.AsArray().Select(p => (string)p!["field"]!).Distinct().ShouldBe([field]);
    }

    /// <summary>Wider would be judged good: a chuck that rocks on its spindle.</summary>
    [Theory]
    [InlineData("thread", "thread", "0.1", "0.2", "0.4", 400)]
    [InlineData("clamp", "snug", "0", "0.1", "0.3", 400)]
    [InlineData("hinge", "moving", "0.3", "0.4", "0.65", 204)]
    public async Task What_turns_or_holds_is_made_tighter_and_not_looser(string joint, string fit, string least, string aim, string greatest, int expected)
    {
        var (status, body) = await server.Send(HttpMethod.Post, "/api/fit-windows", Window(least, aim, greatest, "611", "612", joint: joint, fit: fit));
        status.ShouldBe(expected);
        if (expected == 400)
        {
            ((string)body!["problems"]![0]!["field"]!).ShouldBe("greatest");
        }
    }

    [Theory]
    [InlineData("joint", "gap", "snug")]
    [InlineData("joint", "nothing", "snug")]
    [InlineData("fit", "cuff", "drop")]
    public async Task A_fit_that_no_joint_has_is_not_moved(string field, string joint, string fit)
    {
        var (status, body) = await server.Send(HttpMethod.Post, "/api/fit-windows", Window(joint: joint, fit: fit));
        status.ShouldBe(400);
        ((string)body!["problems"]![0]!["field"]!).ShouldBe(field);
    }
}
