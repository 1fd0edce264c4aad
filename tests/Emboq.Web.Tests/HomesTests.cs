using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Where things live, through the API.</summary>
public sealed class HomesTests(Server server)
{
    private static object Storage(string key, object? place = null, string width = "400", string depth = "300", string height = "60") =>
        new { key, name = $"{key} drawer", place, width, depth, height, reach = "atHand", bears = (double?)null };

    private static object Thing(string key, string width = "120", string depth = "40", string height = "30", string? pinned = null, object? place = null) =>
        new { key, name = key, sort = "", place, width, depth, height, mass = (double?)null, use = "daily", count = 1, now = (string?)null, pinned };

    private async Task<string> Address() => $"/api/jobs/{(string)(await server.NewPart($"homes {Guid.NewGuid()}"))["job"]!}/homes";

    private Task<(int Status, JsonNode? Body)> Put(string address, int version, object[] storages, object[] things, string gap = "10 mm") =>
        server.Send(HttpMethod.Put, address, new { version, storages, things, gap });

    [Fact]
    public async Task A_plan_is_kept_as_states_and_who_comes_second_is_told()
    {
        var address = await Address();
        ((int)(await server.Get(address))["version"]!).ShouldBe(0);
        var (status, first) = await Put(address, 0, [Storage("top")], [Thing("knife"), Thing("rasp")]);
        (status, (int)first!["version"]!, first["found"]!["plan"]!["homes"]!.AsArray().Count).ShouldBe((200, 1, 2));
        first["checks"]!.AsArray().ShouldAllBe(c => (string)c!["verdict"]! == "good");
        (await Put(address, 0, [Storage("top")], [])).Status.ShouldBe(409);
        (await server.Get(address))["found"]!.ToJsonString().ShouldBe(first["found"]!.ToJsonString());
        // What was entered stays as it was typed.
        var (_, inches) = await Put(address, 1, [Storage("top", width: "15 3/4 in")], [Thing("knife")]);
        ((string)inches!["asked"]!["storages"]![0]!["width"]!, (decimal)inches["found"]!["storages"]![0]!["width"]!).ShouldBe(("15 3/4 in", 400.05m));
    }

    [Fact]
    public async Task What_is_wrong_is_told_at_its_field_and_nothing_is_kept()
    {
        var address = await Address();
        object[] twice = [Storage("top", width: "wide"), Storage("top")];
        var (status, refused) = await Put(address, 0, twice, [Thing("knife", pinned: "attic", height: "")], "9 km");
        status.ShouldBe(400);
        refused!["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldBe(
            ["storages.1.width", "things.1.height", "things.1.pinned", "storages", "gap"],
            ignoreOrder: true);
        ((int)(await server.Get(address))["version"]!).ShouldBe(0);
        (await Put($"/api/jobs/{Guid.NewGuid()}/homes", 0, [], [])).Status.ShouldBe(404);
        (await Put(address, 0, [], Enumerable.Range(0, 25).Select(i => Thing($"t{i}")).ToArray())).Status.ShouldBe(400);
    }

    [Fact]
    public async Task Sizes_come_from_readings_and_what_is_read_anew_is_told()
    {
        var machine = await server.Post("/api/machines", new { name = $"homes {Guid.NewGuid()}" });
        var place = await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name = "box", kind = "block" });
        Task Read(string dimension, string text) => server.Post($"/api/interfaces/{place["id"]}/readings", new { dimension, text, instrument = "caliper" });
        foreach (var (dimension, text) in new[] { ("width", "90"), ("depth", "60"), ("height", "30") })
        {
            await Read(dimension, text);
        }

        var address = await Address();
        var (_, plan) = await Put(address, 0, [Storage("top")], [Thing("box", "", "", "", place: (string)place["id"]!)]);
        ((double)plan!["found"]!["things"]![0]!["width"]!).ShouldBe(90, 0.01);
        plan["changed"]!.AsArray().ShouldBeEmpty();
        await Read("width", "96");
        (await server.Get(address))["changed"]!.AsArray().Select(c => (string)c!).ShouldBe(["box"]);
    }
}
