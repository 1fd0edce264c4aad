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
        var part = await server.NewPartAlone("try struck", 0.65);
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-first" } });
        async Task<double> Now() => (double)(await server.Post("/api/designs", Server.DesignOf(part)))["ledger"]!.AsArray()
            .Single(l => (string)l!["key"]! == "first.drawn")!["quantity"]!["value"]!;

        var before = await Now();
        var entry = await server.Post($"/api/parts/{part["id"]}/tries", new { revision = 1, slot = "first", feel = "rattles" });
        var moved = Math.Abs(await Now() - before);
        moved.ShouldBeGreaterThan(0.03);
        (await server.Send(HttpMethod.Post, $"/api/tries/{entry["try"]}/strikes", new { because = "another hose" })).Status.ShouldBe(204);
        // What other parts try meanwhile moves all a little.
        Math.Abs(await Now() - before).ShouldBeLessThan(moved / 6);
    }

    [Fact]
    public async Task What_is_believed_of_every_rung_moves_with_what_is_told_of_one()
    {
        var part = await server.NewPartAlone("try board", 0.35);
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ladder-second" } });
        async Task<List<JsonNode>> Rungs() => [.. (await Revision(part))["places"]!.AsArray().Where(p => p!["step"] is not null).Select(p => p!)];
        var before = await Rungs();
        before.Count.ShouldBeGreaterThan(2);
        before.Select(p => (double)p["drawn"]!).ShouldBeInOrder();
        before.ShouldAllBe(p => p["told"]!.AsArray().Count == 0 && (double)p["chance"]! > 0 && (double)p["chance"]! < 1);

        var answer = await server.Post($"/api/parts/{part["id"]}/tries", new { revision = 1, slot = (string)before[1]["slot"]!, feel = "rattles" });
        var (was, now) = (answer["believedBefore"]!, answer["believedAfter"]!);
        ((double)was["best"]!).ShouldBe((double)before[0]["believed"]!["best"]!, 1e-9);
        ((double)now["doubt"]!).ShouldBeLessThan((double)was["doubt"]!);
        var after = await Rungs();
        ((string)after[1]["told"]![0]!).ShouldContain("rattles");
        ((double)after[1]["believed"]!["best"]!).ShouldBe((double)now["best"]!, 1e-9);
        ((double)after[1]["chance"]!).ShouldBeLessThan((double)before[1]["chance"]!);

        // Planned with another setup, nothing is said of what this print would do there.
        var other = await server.NewSetupAlone("try board elsewhere", 0.45);
        (await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}", new
        {
            version = 1,
            interfaces = part["state"]!["interfaces"],
            process = other["id"],
            parameters = part["state"]!["parameters"],
        })).Status.ShouldBe(200);
        (await Rungs()).ShouldAllBe(p => p["believed"] == null && p["chance"] == null);
    }

    [Fact]
    public async Task A_part_that_is_loose_may_be_taped_and_its_proof_is_printed_again()
    {
        var part = await server.NewPartAlone("try taped", 0.7);
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-first" } });
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part" } });
        async Task<(int Status, JsonNode? Body)> Repair(int revision, string tape = "") => await server.Send(HttpMethod.Get,
            $"/api/parts/{part["id"]}/revisions/{revision}/repair?at=first&leading=metric&tape={tape}", new { });
        (await Repair(2)).Status.ShouldBe(204, "nobody has tried it yet");
        var tries = new List<JsonNode>();
        foreach (var revision in new[] { 1, 2 })
        {
            tries.Add(await server.Post($"/api/parts/{part["id"]}/tries", new { revision, slot = "first", feel = "rattles" }));
        }

        async Task<bool> Off(int revision) => (bool)(await Revision(part, revision))["places"]!.AsArray().Single(p => (string)p!["slot"]! == "first")!["off"]!;
        (await Off(2)).ShouldBeTrue();
        (await Off(1)).ShouldBeFalse();
        var (_, taped) = await Repair(2);
        ((string)taped!["says"]!).ShouldContain("0.13 mm tape");
        ((double)taped["chance"]!).ShouldBeInRange(0.05, 1);
        ((string)taped["weighed"]!).ShouldMatch(@"min of your time; another print takes .* min and .* g\. Mending costs less\.");
        ((string)(await Repair(2, "0.01 in")).Body!["says"]!).ShouldContain("0.25 mm tape");
        foreach (var tape in new[] { "3 mm", "thin" })
        {
            var (status, refused) = await Repair(2, tape);
            status.ShouldBe(400);
            ((string)refused!["problems"]![0]!["field"]!).ShouldBe("tape");
        }

        (await Repair(1)).Status.ShouldBe(204);
        (await Repair(7)).Status.ShouldBe(404);
        await server.Send(HttpMethod.Post, $"/api/tries/{tries[1]["try"]}/strikes", new { because = "another hose" });
        (await Repair(2)).Status.ShouldBe(204);
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

    /// <summary>What was sanded by hand is told with the size that it has now: that size is offered to the next revision, and teaches nothing of the
    /// printer.</summary>
    [Fact]
    public async Task What_was_worked_by_hand_is_offered_and_teaches_no_printer()
    {
        var part = await server.NewPartAlone("worked", 1.2);
        var setup = (string)part["state"]!["process"]!;
        async Task<string> Believed() => (await server.Get($"/api/fits/{setup}")).AsArray().Single(s => (string)s!["surface"]! == "holeUpright")!["band"]!
            .ToJsonString();
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part" } });
        var before = await Believed();
        var drawn = (double)(await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]![0]!["places"]!.AsArray().Single(p =>
            (string)p!["slot"]! == "first")!["drawn"]!;
        var (status, refused) = await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/tries", new
        {
            revision = 1,
            slot = "first",
            feel = "slides",
            worked = true
        });
        status.ShouldBe(400);
        ((string)refused!["problems"]![0]!["field"]!).ShouldBe("printed");
        // What cannot be read is not also too far off.
        var (_, unread) = await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/tries", new
        {
            revision = 1,
            slot = "first",
            printed = "3n",
            instrument = "caliper"
        });
        ((string)unread!["problems"]!.AsArray().ShouldHaveSingleItem()!["message"]!).ShouldContain("'n'");
        await server.Post($"/api/parts/{part["id"]}/tries", new
        {
            revision = 1,
            slot = "first",
            printed = $"{drawn - 0.15:0.00}",
            instrument = "caliper",
            worked = true
        });
        (await Believed()).ShouldBe(before);
        var told = (await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]![0]!;
        ((bool)told["tries"]![0]!["worked"]!).ShouldBeTrue();
        var place = told["places"]!.AsArray().Single(p => (string)p!["slot"]! == "first")!;
        ((string)place["told"]![0]!).ShouldStartWith("worked to ");
        ((bool)place["off"]!).ShouldBeFalse();
        // Drawn so, it comes out as it was worked: wanted is that size.
        var offer = place["like"]!;
        ((string)offer["label"]!).ShouldBe("Draw it as it was worked");
        var design = Server.DesignOf(part);
        foreach (var (key, value) in offer["changes"]!.AsObject())
        {
            design["parameters"]![key] = (string)value!;
        }

        var lines = (await server.Post("/api/designs", design))["ledger"]!.AsArray();
        ((double)lines.Single(l => (string)l!["key"]! == "first.wanted")!["quantity"]!["value"]!).ShouldBe(drawn - 0.15, 0.011);
    }
}
