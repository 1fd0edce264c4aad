using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Test prints of a setup over HTTP: asked for, made, read, struck, and believed.</summary>
public sealed class CombTests(Server server)
{
    private static readonly string[] Pocket = ["pocket"];

    private async Task<string> Setup(double nozzle) => (string)(await server.NewSetupAlone("test prints", nozzle))["id"]!;

    private async Task<double> Doubt(string setup, string surface) => (double)(await server.Get($"/api/fits/{setup}")).AsArray().Single(s =>
        (string)s!["surface"]! == surface)!["band"]![5]!["doubt"]!;

    [Fact]
    public async Task What_is_in_doubt_is_asked_and_once_it_was_read_it_is_known()
    {
        var setup = await Setup(0.9);
        var asked = await server.Post($"/api/fits/{setup}/comb", new { });
        // Nothing was printed with it yet: everything is in doubt, but what only its own part can prove.
        asked["surfaces"]!.AsArray().Select(s => (string)s!["surface"]!).ShouldNotContain("threadFlank");
        asked["surfaces"]!.AsArray().ShouldAllBe(s => (bool)s!["asked"]!);
        ((string)asked["takes"]!).ShouldContain("min");
        ((string)asked["bed"]!["verdict"]!).ShouldBe("good");

        var comb = await server.Post($"/api/fits/{setup}/combs", new { surfaces = Pocket });
        var teeth = comb["teeth"]!.AsArray();
        teeth.Count.ShouldBeInRange(1, 3);
        teeth.ShouldAllBe(t => (string)t!["surface"]! == "pocket");
        var before = await Doubt(setup, "pocket");
        foreach (var tooth in teeth)
        {
            (await server.Send(HttpMethod.Post, $"/api/combs/{comb["id"]}/told", new
            {
                tooth = (int)tooth!["number"]!,
                printed = $"{(double)tooth["size"]! - 0.22:0.00}",
                instrument = "caliper",
            })).Status.ShouldBe(204);
        }

        (await Doubt(setup, "pocket")).ShouldBeLessThan(0.6 * before);
        // What is known well is not asked about.
        var known = (string)(await server.NewSetup("known well", new
        {
            allowances = new { pocket = new { value = 0.15, standardUncertainty = 0.01, printScatter = 0.04, basis = "a test" } },
        }))["id"]!;
        var left = await server.Post($"/api/fits/{known}/comb", new { surfaces = Pocket });
        left["teeth"]!.AsArray().ShouldBeEmpty();
        ((string)left["says"]!).ShouldContain("nothing to test");
        var (status, refused) = await server.Send(HttpMethod.Post, $"/api/fits/{known}/combs", new { surfaces = Pocket });
        status.ShouldBe(400);
        ((string)refused!["problems"]![0]!["field"]!).ShouldBe("surfaces");

        // What was read stands at the tooth; struck out, it teaches nothing, and the doubt is what it was.
        async Task<JsonArray> Made() => (await server.Get($"/api/fits/{setup}/combs")).AsArray()[0]!["teeth"]!.AsArray();
        foreach (var tooth in await Made())
        {
            var told = tooth!["told"]!.AsArray().Single()!;
            ((string)told["says"]!).ShouldContain("mm, ");
            (await server.Send(HttpMethod.Post, $"/api/combs/told/{told["id"]}/strikes", new { because = "wrong tooth" })).Status.ShouldBe(204);
        }

        (await Made()).ShouldAllBe(t => (string?)t!["told"]![0]!["struckBecause"] == "wrong tooth");
        (await Doubt(setup, "pocket")).ShouldBe(before, 0.01);
    }

    /// <summary>What a test print tells moves the parts that are printed with its setup.</summary>
    [Fact]
    public async Task A_part_is_drawn_by_what_a_test_print_told()
    {
        var part = await server.NewPartAlone("by a test print", 1.1);
        var setup = (string)part["state"]!["process"]!;
        async Task<double> Drawn() => (double)(await server.Post("/api/designs", Server.DesignOf(part)))["ledger"]!.AsArray().Single(l =>
            (string)l!["key"]! == "first.drawn")!["quantity"]!["value"]!;
        var before = await Drawn();
        var comb = await server.Post($"/api/fits/{setup}/combs", new { surfaces = new[] { "holeUpright", "outsideRound" } });
        foreach (var tooth in comb["teeth"]!.AsArray())
        {
            // Everything comes out half a millimetre small.
            await server.Send(HttpMethod.Post, $"/api/combs/{comb["id"]}/told", new
            {
                tooth = (int)tooth!["number"]!,
                printed = $"{(double)tooth["size"]! - 0.5:0.00}",
                instrument = "caliper",
            });
        }

        (await Drawn()).ShouldBeInRange(before + 0.1, before + 0.6);
    }

    [Fact]
    public async Task A_pin_is_told_by_words_and_its_file_can_be_had()
    {
        var setup = await Setup(0.75);
        var comb = await server.Post($"/api/fits/{setup}/combs", new { surfaces = new[] { "gapInPlace" } });
        var pin = comb["teeth"]![0]!;
        pin["words"]!.AsArray().Count.ShouldBe(5);
        var before = await Doubt(setup, "gapInPlace");
        (await server.Send(HttpMethod.Post, $"/api/combs/{comb["id"]}/told", new { tooth = 1, feel = "firmByHand" })).Status.ShouldBe(204);
        (await Doubt(setup, "gapInPlace")).ShouldBeLessThan(before);
        (await server.Bytes($"/api/combs/{comb["id"]}/test-print.3mf"))[..2].ShouldBe("PK"u8.ToArray());
        BitConverter.ToUInt32(await server.Bytes($"/api/combs/{comb["id"]}/test-print.stl"), 80).ShouldBeGreaterThan(200u);
        (await server.Send(HttpMethod.Get, $"/api/combs/{comb["id"]}/test-print.exe", new { })).Status.ShouldBe(404);
    }

    [Theory]
    [InlineData("""{"tooth":99,"printed":"5","instrument":"caliper"}""", "tooth")]
    [InlineData("""{"tooth":1,"instrument":"caliper"}""", "printed")]
    [InlineData("""{"tooth":1,"printed":"60","instrument":"caliper"}""", "printed")]
    [InlineData("""{"tooth":1,"printed":"wide","instrument":"caliper"}""", "printed")]
    [InlineData("""{"tooth":1,"printed":"6","instrument":"ruler of nobody"}""", "instrument")]
    public async Task What_cannot_have_been_read_is_told_at_its_field(string told, string field)
    {
        var setup = await Setup(0.45);
        var comb = await server.Post($"/api/fits/{setup}/combs", new { surfaces = Pocket });
        var (status, body) = await server.Send(HttpMethod.Post, $"/api/combs/{comb["id"]}/told", JsonNode.Parse(told)!);
        status.ShouldBe(400);
        body!["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldContain(field);
        (await server.Get($"/api/fits/{setup}/combs"))[0]!["teeth"]!.AsArray().ShouldAllBe(t => t!["told"]!.AsArray().Count == 0);
    }

    [Fact]
    public async Task What_nobody_knows_is_missing_and_what_cannot_be_asked_is_refused()
    {
        var nobody = Guid.NewGuid();
        foreach (var (path, body) in new[] { ($"fits/{nobody}/comb", "{}"), ($"fits/{nobody}/combs", "{}"), ($"combs/{nobody}/told", """{"tooth":1}""") })
        {
            (await server.Send(HttpMethod.Post, $"/api/{path}", body)).Status.ShouldBe(404, path);
        }

        (await server.Send(HttpMethod.Get, $"/api/fits/{nobody}/combs", new { })).Status.ShouldBe(404);
        (await server.Send(HttpMethod.Post, $"/api/combs/told/{nobody}/strikes", new { because = "x" })).Status.ShouldBe(404);
        (await server.Send(HttpMethod.Post, $"/api/combs/told/{nobody}/strikes", new { because = "" })).Status.ShouldBe(400);
        var (status, refused) = await server.Send(HttpMethod.Post, $"/api/fits/{await Setup(0.55)}/comb", new { surfaces = new[] { "threadFlank" } });
        status.ShouldBe(400);
        ((string)refused!["problems"]![0]!["remedy"]!).ShouldContain("proof");
    }
}
