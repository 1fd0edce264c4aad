using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Tries in the words of the joint, of whole parts, struck again, with photographs.</summary>
public sealed class TryTests(Server server)
{
    private async Task<JsonNode> Revision(JsonNode part, int number = 1) =>
        (await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]!.AsArray().Single(r => (int)r!["number"]! == number)!;

    private async Task<JsonNode> PrintedPull(string name)
    {
        var pull = await server.NewPull(name, new { });
        await server.Post($"/api/parts/{pull["id"]}/revisions", new { bodies = new[] { "part" } });
        return pull;
    }

    [Fact]
    public async Task A_part_without_a_fitted_size_is_tried_for_what_it_must_do()
    {
        var pull = await PrintedPull("try whole");
        async Task<string> Bench() => (string)(await server.Bench()).Single(b => (string)b!["part"]! == (string)pull["id"]!)!["says"]!;
        (await Bench()).ShouldContain("does it do what it must");
        await server.Post($"/api/parts/{pull["id"]}/tries", new { revision = 1, slot = "part", word = "nutTurns", remark = "left one" });
        (await Bench()).ShouldContain("lets a nut turn");
        var told = (await Revision(pull))["tries"]![0]!;
        ((string)told["felt"]!).ShouldBe("lets a nut turn");
        // Struck, it no longer counts and stays to be read.
        (await server.Send(HttpMethod.Post, $"/api/tries/{told["id"]}/strikes", new { because = "the wrong drawer" })).Status.ShouldBe(204);
        (await Bench()).ShouldContain("does it do what it must");
        ((string)(await Revision(pull))["tries"]![0]!["struckBecause"]!).ShouldBe("the wrong drawer");
        var (status, refused) = await server.Send(HttpMethod.Post, $"/api/parts/{pull["id"]}/tries", new { revision = 1, slot = "part", word = "leaks" });
        (status, (string)refused!["problems"]![0]!["field"]!).ShouldBe((400, "word"));
        (await server.Send(HttpMethod.Post, $"/api/tries/{Guid.NewGuid()}/strikes", new { because = "none" })).Status.ShouldBe(404);
    }

    [Fact]
    public async Task A_struck_try_takes_back_what_it_taught()
    {
        var part = await server.NewPart("try struck");
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-first" } });
        async Task<(double Drawn, double? Chance)> Now()
        {
            var design = await server.Post("/api/designs", Server.DesignOf(part));
            return ((double)design["ledger"]!.AsArray().Single(l => (string)l!["key"]! == "first.drawn")!["quantity"]!["value"]!, (double?)design["chance"]);
        }

        var before = await Now();
        var entry = await server.Post($"/api/parts/{part["id"]}/tries", new { revision = 1, slot = "first", feel = "rattles" });
        (await Now()).ShouldNotBe(before);
        (await server.Send(HttpMethod.Post, $"/api/tries/{entry["try"]}/strikes", new { because = "another hose" })).Status.ShouldBe(204);
        (await Now()).ShouldBe(before);
    }

    [Fact]
    public async Task A_try_keeps_its_photograph()
    {
        var pull = await PrintedPull("try photo");
        var entry = await server.Post($"/api/parts/{pull["id"]}/tries", new { revision = 1, slot = "part", word = "works" });
        using var bitmap = new SkiaSharp.SKBitmap(40, 30);
        using var png = bitmap.Encode(SkiaSharp.SKEncodedImageFormat.Png, 90);
        using var content = new ByteArrayContent(png.ToArray()) { Headers = { ContentType = new("image/png") } };
        using var answer = await server.Http.PostAsync($"/api/tries/{entry["try"]}/photos", content, TestContext.Current.CancellationToken);
        answer.StatusCode.ShouldBe(System.Net.HttpStatusCode.Created);
        var photo = (string)(await Revision(pull))["tries"]![0]!["photos"]![0]!;
        (await server.Bytes($"/api/photos/{photo}.jpg")).Length.ShouldBeGreaterThan(100);
    }
}
