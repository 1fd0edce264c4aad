using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>A write that is sent again after a lost answer is there once, whatever it writes.</summary>
public sealed class OnceTests(Server server)
{
    private async Task<(int Status, string Body, Uri? Location)> Write(string path, object body, string key)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, path) { Content = JsonContent.Create(body) };
        request.Headers.Add("Idempotency-Key", key);
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), response.Headers.Location);
    }

    private async Task<string> Place(string name)
    {
        var machine = await server.Post("/api/machines?again=true", new { name });
        return (string)(await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name, kind = "tube" }))["id"]!;
    }

    private async Task<int> Readings(string place) =>
        (await server.Get($"/api/interfaces/{place}"))["dimensions"]!.AsArray().Single(d => (string)d!["key"]! == "inside")!["readings"]!.AsArray().Count;

    private static object Reading(string text) => new { dimension = "inside", text, instrument = "caliper" };

    [Fact]
    public async Task The_same_key_again_gets_the_same_answer_and_writes_nothing()
    {
        var place = await Place("once");
        var key = $"{Guid.NewGuid()}";
        var first = await Write($"/api/interfaces/{place}/readings", Reading("50.1"), key);
        var again = await Write($"/api/interfaces/{place}/readings", Reading("50.1"), key);
        first.Status.ShouldBe(201);
        again.ShouldBe(first);
        (await Readings(place)).ShouldBe(1);
    }

    [Fact]
    public async Task Many_at_once_under_one_key_are_one()
    {
        var place = await Place("once at once");
        var key = $"{Guid.NewGuid()}";
        var answers = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => Write($"/api/interfaces/{place}/readings", Reading("50.2"), key)));
        answers.Distinct().ShouldHaveSingleItem().Status.ShouldBe(201);
        (await Readings(place)).ShouldBe(1);
    }

    [Fact]
    public async Task A_key_that_was_used_for_something_else_is_refused()
    {
        var place = await Place("once otherwise");
        var key = $"{Guid.NewGuid()}";
        await Write($"/api/interfaces/{place}/readings", Reading("50.3"), key);
        var other = await Write($"/api/interfaces/{place}/readings", Reading("50.4"), key);
        other.Status.ShouldBe(422);
        ((string)JsonNode.Parse(other.Body)!["problems"]![0]!["field"]!).ShouldBe("Idempotency-Key");
        (await Readings(place)).ShouldBe(1);
        (await Write($"/api/interfaces/{place}/readings", Reading("50.4"), "short")).Status.ShouldBe(400);
    }

    /// <summary>What was refused is judged anew: nothing of it was written.</summary>
    [Fact]
    public async Task A_refusal_is_not_kept()
    {
        var name = $"once refused {Guid.NewGuid()}";
        var key = $"{Guid.NewGuid()}";
        await server.Post("/api/machines", new { name });
        (await Write("/api/machines", new { name }, key)).Status.ShouldBe(409);
        var machine = (await server.Get($"/api/machines?words={name}"))[0]!;
        var at = await server.Get($"/api/machines/{machine["id"]}");
        await server.Send(HttpMethod.Put, $"/api/machines/{machine["id"]}",
            new { version = at["version"], name = $"{name} put away", note = "", archived = true });
        (await Write("/api/machines", new { name }, key)).Status.ShouldBe(201);
    }

    /// <summary>Tries, revisions and photographs go through the same door as readings.</summary>
    [Fact]
    public async Task A_revision_and_a_try_are_there_once()
    {
        var part = await server.NewPart($"once printed {Guid.NewGuid()}");
        var (print, felt) = ($"{Guid.NewGuid()}", $"{Guid.NewGuid()}");
        for (var n = 0; n < 3; n++)
        {
            (await Write($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part" } }, print)).Status.ShouldBe(201);
            (await Write($"/api/parts/{part["id"]}/tries", new { revision = 1, slot = "first", feel = "slides" }, felt)).Status.ShouldBe(201);
        }

        var revision = (await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]!.AsArray().ShouldHaveSingleItem()!;
        revision["tries"]!.AsArray().ShouldHaveSingleItem();
    }

    [Fact]
    public async Task A_name_in_use_is_told_and_taken_only_if_it_is_meant()
    {
        var name = $"twice {Guid.NewGuid()}";
        await server.Post("/api/machines", new { name });
        var (status, answer) = await server.Send(HttpMethod.Post, "/api/machines", new { name = $" {name.ToUpperInvariant()} " });
        status.ShouldBe(409);
        ((string)answer!["problems"]![0]!["field"]!).ShouldBe("name");
        (await server.Get($"/api/machines?words={name}")).AsArray().Count.ShouldBe(1);
        await server.Post("/api/machines?again=true", new { name });
        (await server.Get($"/api/machines?words={name}")).AsArray().Count.ShouldBe(2);
    }
}
