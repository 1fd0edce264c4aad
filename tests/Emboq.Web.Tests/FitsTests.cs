using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>What is believed of prints, and what to do next by it, over HTTP.</summary>
public sealed class FitsTests(Server server)
{
    [Fact]
    public async Task The_ways_on_come_with_what_they_take_the_best_first()
    {
        var part = await server.NewPartAlone("ways on", 0.6);
        var ways = (await server.Post("/api/next", Server.DesignOf(part))).AsArray();
        ways.Select(w => (string)w!["station"]!).ShouldContain("print");
        ways.Count.ShouldBeGreaterThan(1);
        ways.ShouldAllBe(w => (double)w!["chance"]! > 0 && (double)w["chance"]! <= 1 && ((string)w["time"]!).Length > 0);
        var wrong = Server.DesignOf(part);
        wrong["parameters"]!["wall"] = "none";
        var (status, body) = await server.Send(HttpMethod.Post, "/api/next", wrong);
        status.ShouldBe(400);
        ((string)body!["problems"]![0]!["field"]!).ShouldBe("parameters.wall");
    }

    /// <summary>A reading on a print narrows what is believed of its surface, and a service of the printer widens it again.</summary>
    [Fact]
    public async Task A_try_narrows_what_is_believed_and_a_service_opens_it_again()
    {
        var part = await server.NewPartAlone("serviced", 0.3);
        var setup = (string)part["state"]!["process"]!;
        async Task<(double Doubt, int Tries)> Holes()
        {
            var hole = (await server.Get($"/api/fits/{setup}")).AsArray().Single(s => (string)s!["surface"]! == "holeUpright")!;
            return ((double)hole["band"]![7]!["doubt"]!, hole["tries"]!.AsArray().Count(t => (bool)t!["own"]!));
        }

        var before = await Holes();
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-first" } });
        await server.Post($"/api/parts/{part["id"]}/tries", new { revision = 1, slot = "first", printed = "49.1", instrument = "caliper" });
        var tried = await Holes();
        tried.Tries.ShouldBe(1);
        tried.Doubt.ShouldBeLessThan(before.Doubt * 0.8);

        var printer = (string)(await server.Get("/api/processes")).AsArray().Single(p => (string)p!["id"]! == setup)!["printerId"]!;
        (await server.Send(HttpMethod.Post, $"/api/printers/{printer}/services", new { says = "nozzle changed" })).Status.ShouldBe(204);
        var serviced = await Holes();
        serviced.Doubt.ShouldBeInRange(tried.Doubt + 0.005, before.Doubt);
        (await server.Send(HttpMethod.Post, $"/api/printers/{printer}/services", new { says = " " })).Status.ShouldBe(400);
        (await server.Send(HttpMethod.Post, $"/api/printers/{Guid.NewGuid()}/services", new { says = "x" })).Status.ShouldBe(404);
        (await server.Send(HttpMethod.Get, $"/api/fits/{Guid.NewGuid()}", new { })).Status.ShouldBe(404);
    }

    /// <summary>Two who note tries at once, each in a transaction of its own, both see what they told: as many rows are not the same rows.</summary>
    [Fact]
    public async Task Two_who_try_at_once_are_both_believed()
    {
        JsonNode[] parts = [await server.NewPartAlone("at once, one", 1.25), await server.NewPartAlone("at once, other", 1.35)];
        foreach (var part in parts)
        {
            await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-first" } });
        }

        for (var round = 1; round <= 8; round++)
        {
            await Task.WhenAll(parts.Select(p => server.Post($"/api/parts/{p["id"]}/tries", new { revision = 1, slot = "first", feel = "slides" })));
            foreach (var part in parts)
            {
                var told = (await server.Get($"/api/fits/{part["state"]!["process"]}")).AsArray().Single(s => (string)s!["surface"]! == "holeUpright")!;
                told["tries"]!.AsArray().Count(t => (bool)t!["own"]!).ShouldBe(1, $"round {round}");
            }

            // Struck again, both at once: nothing of it is left.
            await Task.WhenAll(parts.Select(async p =>
            {
                var tries = (await server.Get($"/api/parts/{p["id"]}/history"))["revisions"]![0]!["tries"]!.AsArray();
                (await server.Send(HttpMethod.Post, $"/api/tries/{tries[^1]!["id"]}/strikes", new { because = "once more" })).Status.ShouldBe(204);
            }));
        }
    }

    /// <summary>A part that was printed with one setup and is moved to another: what moves is told, and what is due; back again, nothing is.</summary>
    [Fact]
    public async Task Another_setup_says_what_it_moves()
    {
        var part = await server.NewPartAlone("moved", 0.95);
        var own = Server.DesignOf(part);
        own["part"] = (string)part["id"]!;
        (await server.Send(HttpMethod.Post, "/api/moves", own)).Status.ShouldBe(204);
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-first" } });
        (await server.Send(HttpMethod.Post, "/api/moves", own)).Status.ShouldBe(204);
        var other = await server.NewSetup("moved elsewhere", new
        {
            allowances = new
            {
                holeUpright = new
                {
                    value = 0.55,
                    standardUncertainty = 0.35,
                    printScatter = 0.04,
                    basis = "a test"
                }
            }
        });
        own["process"] = (string)other["id"]!;
        var moves = await server.Post("/api/moves", own);
        ((string)moves["says"]!).ShouldContain("Revision 1 was printed with moved");
        var seat = moves["seats"]!.AsArray().First(s => (string?)s!["due"] is not null)!;
        ((double)seat["now"]!["value"]! - (double)seat["was"]!["value"]!).ShouldBeGreaterThan(0.1);
        ((double)seat["chanceNow"]!).ShouldBeLessThan((double)seat["chanceWas"]!);
        own["process"] = $"{Guid.NewGuid()}";
        (await server.Send(HttpMethod.Post, "/api/moves", own)).Status.ShouldBe(400);
    }
}
