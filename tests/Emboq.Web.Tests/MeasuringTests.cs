using System.Text.Json;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>The measuring bench through the API: machines, places of every kind, readings, files, devices.</summary>
public sealed class MeasuringTests(Server server)
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private async Task<JsonNode> Machine(string name, string note = "") => await server.Post("/api/machines?again=true", new { name, note });

    private async Task<JsonNode> Place(JsonNode machine, string name, string kind, params string[] items) =>
        await server.Post($"/api/machines/{machine["id"]}/interfaces", items.Length > 0 ? new { name, kind, items } : new { name, kind });

    private Task<JsonNode> Read(JsonNode place, string dimension, string text, string instrument) =>
        server.Post($"/api/interfaces/{place["id"]}/readings", new { dimension, text, instrument });

    private static JsonNode Dimension(JsonNode place, string key) => place["dimensions"]!.AsArray().Single(d => (string)d!["key"]! == key)!;

    private static IEnumerable<string> Fields(JsonNode? answer) => answer!["problems"]!.AsArray().Select(p => (string)p!["field"]!);

    [Fact]
    public async Task A_machine_is_found_by_words_of_its_name_note_and_places()
    {
        var machine = await Machine("Zebrawood lathe", "stands by the window");
        await Place(machine, "quokka port", "tube");
        foreach (var words in new[] { "zebrawood", "WINDOW lathe", "quokka", "quokka window" })
        {
            (await server.Get($"/api/machines?words={Uri.EscapeDataString(words)}")).AsArray().Select(m =>
                (string)m!["id"]!).ShouldBe([(string)machine["id"]!], words);
        }

        // What a pattern would mean elsewhere is a letter here.
        (await server.Get("/api/machines?words=zebra%25wood")).AsArray().ShouldBeEmpty();
        (await server.Get("/api/machines?words=zebra_ood")).AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task Two_people_edit_one_machine_and_the_second_sees_both_versions()
    {
        var machine = await Machine("Stale planer");
        object Change(int version, string name, bool archived = false) => new { version, name, note = "", archived };
        (await server.Send(HttpMethod.Put, $"/api/machines/{machine["id"]}", Change(1, "Planer A"))).Status.ShouldBe(200);
        var (status, answer) = await server.Send(HttpMethod.Put, $"/api/machines/{machine["id"]}", Change(1, "Planer B"));
        status.ShouldBe(409);
        ((string)answer!["theirs"]!["name"]!).ShouldBe("Planer A");
        ((int)answer["theirs"]!["version"]!).ShouldBe(2);
        (await server.Send(HttpMethod.Put, $"/api/machines/{machine["id"]}", Change(2, "Planer B", archived: true))).Status.ShouldBe(200);
        (await server.Get("/api/machines?words=planer")).AsArray().ShouldNotContain(m => (string)m!["name"]! == "Planer B");
        (await server.Get("/api/machines?words=planer&archived=true")).AsArray().Select(m => (string)m!["name"]!).ShouldContain("Planer B");
        (await server.Send(HttpMethod.Put, $"/api/machines/{Guid.NewGuid()}", Change(1, "Nobody"))).Status.ShouldBe(404);
    }

    [Fact]
    public async Task A_place_is_edited_without_losing_what_was_read()
    {
        var place = await Place(await Machine("Turning"), "spindle", "turned", "nose", "neck", "flange");
        await Read(place, "step3.length", "12.5", "caliper");
        object Change(int version, params string[] items) => new { version, name = "spindle", items, archived = false };
        var (refused, problems) = await server.Send(HttpMethod.Put, $"/api/interfaces/{place["id"]}", Change(1, "nose", "neck"));
        refused.ShouldBe(400);
        Fields(problems).ShouldBe(["items"]);
        var (status, changed) = await server.Send(HttpMethod.Put, $"/api/interfaces/{place["id"]}", Change(1, "nose", "neck", "collar", "end"));
        status.ShouldBe(200);
        ((string)Dimension(changed!, "step3.length")["label"]!).ShouldBe("collar length");
        Dimension(changed!, "step4.first")["size"].ShouldBeNull();
        ((string)Dimension(changed!, "step3.length")["size"]!["metric"]!).ShouldBe("12.50 mm");
        (await server.Send(HttpMethod.Put, $"/api/interfaces/{place["id"]}", Change(1, "nose"))).Status.ShouldBe(400, "readings are looked at before versions");
        (await server.Send(HttpMethod.Put, $"/api/interfaces/{place["id"]}", Change(1, "a", "b", "c"))).Status.ShouldBe(409);
        Fields((await server.Send(HttpMethod.Put, $"/api/interfaces/{place["id"]}", Change(2, [.. Enumerable.Repeat("x", 61)]))).Body).ShouldContain("items");
    }

    [Fact]
    public async Task A_place_put_away_is_no_longer_listed_and_still_serves_its_part()
    {
        // What others try meanwhile teaches its surfaces nothing.
        var part = await server.NewPartAlone("put away test", 1.4);
        var machine = await Machine("Put away places");
        var place = await Place(machine, "old spigot", "tube");
        foreach (var (dimension, text) in new[] { ("outside", "60"), ("depth", "40") })
        {
            await Read(place, dimension, text, "caliper");
        }

        var request = Server.DesignOf(part);
        request["interfaces"]!["first"]!["id"] = (string)place["id"]!;
        var before = await server.Post("/api/designs", request);
        (await server.Send(HttpMethod.Put, $"/api/interfaces/{place["id"]}",
            new { version = 1, name = "old spigot", items = Array.Empty<string>(), archived = true })).Status.ShouldBe(200);
        (await server.Get($"/api/machines/{machine["id"]}"))["interfaces"]!.AsArray().ShouldBeEmpty();
        (await server.Get("/api/machines?words=spigot")).AsArray().ShouldNotContain(m => (string)m!["name"]! == "Put away places");
        var after = await server.Post("/api/designs", request);
        ((double)after["seats"]![0]!["drawn"]!["value"]!).ShouldBe((double)before["seats"]![0]!["drawn"]!["value"]!, 1e-9);
    }

    [Fact]
    public async Task A_machine_tells_the_jobs_that_use_it()
    {
        var machine = await Machine("Job links");
        var place = await Place(machine, "linked port", "tube");
        await Read(place, "outside", "60", "caliper");
        (await server.Get($"/api/machines/{machine["id"]}"))["jobs"]!.AsArray().ShouldBeEmpty();
        var demo = await server.DemoPart("Blade sander to hose");
        var interfaces = new JsonObject { ["first"] = (string)place["id"]!, ["second"] = (string)demo["state"]!["interfaces"]!["second"]! };
        await server.Post("/api/jobs", new
        {
            name = "linked job",
            part = new
            {
                name = "linked",
                family = "hose-adapter",
                interfaces,
                process = demo["state"]!["process"],
                parameters = new { firstJoin = "over", secondJoin = "inside" }
            }
        });
        (await server.Get($"/api/machines/{machine["id"]}"))["jobs"]!.AsArray().Select(j => (string)j!["name"]!).ShouldBe(["linked job"]);
    }

    [Fact]
    public async Task Another_of_the_same_make_has_the_places_and_no_readings()
    {
        var machine = await Machine("First of two", "same make");
        await Read(await Place(machine, "port", "tube"), "inside", "50", "caliper");
        var copy = await server.Post($"/api/machines/{machine["id"]}/copies", new { name = "Second of two" });
        ((string)copy["note"]!).ShouldBe("same make");
        var place = copy["interfaces"]!.AsArray().Single()!;
        ((string)place["name"]!).ShouldBe("port");
        Dimension(place, "inside")["readings"]!.AsArray().ShouldBeEmpty();
    }

    [Theory]
    [InlineData("angle", "angle", "25° 30'", "protractor", "25.5°", null)]
    [InlineData("mass", "mass", "2 lb 3 oz", "scale", "992.2 g", null)]
    [InlineData("hole-circle", "count", "6", "eye", "6", null)]
    [InlineData("thread", "pitch", "1.25", "pitch-gauge", "1.25 mm", "0.049 in")]
    [InlineData("foot", "point1.x", "-2.5", "steel-rule", "−2.50 mm", "−0.098 in")]
    [InlineData("foot", "point1.y", "0", "steel-rule", "0.00 mm", "0.000 in")]
    public async Task Every_sort_of_reading_is_taken_in_its_own_notation(string kind, string dimension, string text, string instrument,
        string metric, string? inches)
    {
        var place = await Read(await Place(await Machine($"reads {kind}"), kind, kind), dimension, text, instrument);
        ((string)Dimension(place, dimension)["size"]!["metric"]!).ShouldBe(metric);
        ((string?)Dimension(place, dimension)["size"]!["inches"]).ShouldBe(inches);
    }

    [Theory]
    [InlineData("""{"dimension":"circle","text":"80","instrument":"scale"}""", "instrument")]
    [InlineData("""{"dimension":"count","text":"80","instrument":"caliper"}""", "instrument")]
    [InlineData("""{"dimension":"circle","text":"80","instrument":"long-caliper","direction":400}""", "direction")]
    [InlineData("""{"dimension":"circle","text":"310","instrument":"long-caliper"}""", "text")]
    [InlineData("""{"dimension":"hole1.x","text":"80","instrument":"caliper"}""", "dimension")]
    public async Task A_reading_that_cannot_be_is_refused_at_its_field(string body, string field)
    {
        var place = await Place(await Machine("refusals"), "plate", "hole-circle");
        var (status, answer) = await server.Send(HttpMethod.Post, $"/api/interfaces/{place["id"]}/readings", body);
        status.ShouldBe(400);
        Fields(answer).ShouldBe([field]);
    }

    [Fact]
    public async Task A_size_through_others_tells_its_ways_and_what_they_say()
    {
        var place = await Place(await Machine("ways"), "plate", "hole-circle");
        var ways = Dimension(place, "circle")["ways"]!.AsArray();
        ways.Select(w => (string)w!["by"]!).ShouldBe(["inner and outer", "read directly", "neighbours and count"], ignoreOrder: true);
        await Read(place, "inner", "75.02", "caliper");
        var read = await Read(place, "outer", "85.06", "caliper");
        ((string)Dimension(read, "circle")["size"]!["metric"]!).ShouldBe("80.04 mm");
        ((string)Dimension(read, "circle")["estimates"]![0]!["by"]!).ShouldBe("inner and outer");
        ((string)read["checks"]![0]!["verdict"]!).ShouldBe("good");
    }

    [Fact]
    public async Task What_an_instrument_scatters_on_a_kind_is_learned_from_all_its_readings_and_unlearned_when_struck()
    {
        await server.Post("/api/instruments", new
        {
            id = "shaky",
            name = "shaky gauge",
            resolution = 0.01,
            maximumPermissibleError = 0.01,
            repeatability = 0.02,
            reach = 300
        });
        var machine = await Machine("scatter");
        var (first, second) = (await Place(machine, "one", "flat"), await Place(machine, "two", "flat"));
        double Spread(JsonNode place) => (double)Dimension(place, "thickness")["size"]!["uncertainty"]!;
        var alone = Spread(await Read(second, "thickness", "18", "shaky"));
        JsonNode taken = first;
        foreach (var text in new[] { "18.0", "18.2", "18.1", "17.9", "18.3" })
        {
            taken = await Read(first, "thickness", text, "shaky");
        }

        var pooled = Spread(await server.Get($"/api/interfaces/{second["id"]}"));
        pooled.ShouldBeGreaterThan(2 * alone);
        foreach (var reading in Dimension(taken, "thickness")["readings"]!.AsArray().Skip(1))
        {
            (await server.Send(HttpMethod.Post, $"/api/readings/{reading!["id"]}/strikes", new { because = "test" })).Status.ShouldBe(204);
        }

        Spread(await server.Get($"/api/interfaces/{second["id"]}")).ShouldBe(alone, 1e-9);
    }

    [Fact]
    public async Task Places_alike_are_found_on_other_machines()
    {
        var one = await Place(await Machine("alike one"), "alike spigot", "post");
        var two = await Place(await Machine("alike two"), "alike rod", "post");
        var off = await Place(await Machine("alike three"), "alike pole", "post");
        await Read(one, "diameter", "77.31", "caliper");
        await Read(two, "diameter", "77.33", "caliper");
        await Read(off, "diameter", "77.9", "caliper");
        (await server.Get($"/api/interfaces/{one["id"]}/alike")).AsArray().Select(a => (string)a!["name"]!).ShouldBe(["alike rod"]);
    }

    /// <summary>The most readings that a machine is given at once go out as a card, and the card is small enough to come in again.</summary>
    [Fact]
    public async Task A_card_of_twenty_thousand_readings_fits_its_own_limit()
    {
        const int Count = 20_000;
        var caliper = new
        {
            id = "caliper",
            name = "caliper",
            kind = "caliper",
            resolution = 0.01,
            maximumPermissibleError = 0.03,
            repeatability = 0.03,
            reach = 150
        };
        var readings = Enumerable.Range(0, Count).Select(i => new
        {
            dimension = "inside",
            value = 50 + (i % 40 * 0.01),
            text = FormattableString.Invariant($"{50 + (i % 40 * 0.01):0.00}"),
            instrument = "caliper",
            at = DateTimeOffset.UnixEpoch.AddMinutes(i),
            remark = "as long a remark as people write",
        });
        var card = new
        {
            format = "emboq-machine",
            schema = 1,
            name = $"Large card {Guid.NewGuid()}",
            note = "",
            instruments = new[] { caliper },
            places = new[] { new { name = "port", kind = "tube", items = Array.Empty<string>(), readings } }
        };
        var taken = await server.Post("/api/machine-cards", card);
        var again = await server.Get($"/api/machines/{taken["id"]}/card.json");
        again["places"]![0]!["readings"]!.AsArray().Count.ShouldBe(Count);
        again["name"] = $"{card.name} again";
        var copy = await server.Post("/api/machine-cards", again);
        ((string)copy["id"]!).ShouldNotBe((string)taken["id"]!);
    }

    [Fact]
    public async Task A_file_of_readings_is_looked_at_line_by_line_and_taken_only_when_told()
    {
        var machine = await Machine("files");
        var port = await Place(machine, "port", "tube");
        await Place(machine, "slot", "slot");
        const string Text = "place;dimension;reading;instrument;remark\nport;inside;1-7/16\";caliper;first\nport;inside;36,500;caliper;\n"
            + "slot;width;19.05;caliper;\nport;girth;20;caliper;\nport;inside;36.5;scale;\n"
            + "shelf;inside;36.5;caliper;\nport;Outside Diameter;41.2;caliper;by name\n";
        var looked = await server.Post($"/api/machines/{machine["id"]}/reading-files", new { text = Text });
        ((int)looked["good"]!).ShouldBe(3);
        looked["lines"]!.AsArray().Where(l => l!["problems"]!.AsArray().Count > 0).Select(l => ((int)l!["number"]!, (string)l["problems"]![0]!["field"]!))
            .ShouldBe([(3, "text"), (5, "dimension"), (6, "instrument"), (7, "place")]);
        Dimension(await server.Get($"/api/interfaces/{port["id"]}"), "inside")["readings"]!.AsArray().ShouldBeEmpty();
        ((int)(await server.Post($"/api/machines/{machine["id"]}/reading-files", new { text = Text, take = true }))["taken"]!).ShouldBe(3);
        ((string)Dimension(await server.Get($"/api/interfaces/{port["id"]}"), "inside")["size"]!["metric"]!).ShouldBe("36.51 mm");

        // What is exported is taken in again elsewhere, value for value.
        var csv = await server.Http.GetStringAsync(new Uri($"/api/machines/{machine["id"]}/readings.csv", UriKind.Relative), Stop);
        var copy = await server.Post($"/api/machines/{machine["id"]}/copies", new { name = "files again" });
        ((int)(await server.Post($"/api/machines/{copy["id"]}/reading-files", new { text = csv, take = true }))["taken"]!).ShouldBe(3);
        var again = await server.Http.GetStringAsync(new Uri($"/api/machines/{copy["id"]}/readings.csv", UriKind.Relative), Stop);
        again.Replace("files again", "files", StringComparison.Ordinal).ShouldBe(csv);
        // Taken in where it came from, every reading is known and none is doubled.
        var home = await server.Post($"/api/machines/{machine["id"]}/reading-files", new { text = csv, take = true });
        ((int)home["taken"]!, (int)home["good"]!).ShouldBe((0, 0));
        home["lines"]!.AsArray().ShouldAllBe(l => (bool)l!["known"]!);
        Fields((await server.Send(HttpMethod.Post, $"/api/machines/{machine["id"]}/reading-files", new { text = "a,b\n1,2" })).Body).ShouldBe(["text"]);
    }

    [Fact]
    public async Task A_machine_card_goes_to_another_workshop_and_tells_what_it_would_change()
    {
        var machine = await Machine("Card saw", "goes around");
        var port = await Place(machine, "card port", "tube");
        await Read(port, "inside", "50.1", "caliper");
        await Read(await Place(machine, "card tool", "turned", "a", "b"), "step2.length", "30", "caliper");
        var card = await server.Get($"/api/machines/{machine["id"]}/card.json");
        async Task<JsonNode> Preview(JsonNode c) => await server.Post("/api/machine-cards/previews", c);
        (await Preview(card))["places"]!.AsArray().Select(p => (string)p!["state"]!).ShouldBe(["same", "same"]);

        var other = JsonNode.Parse(card.ToJsonString())!;
        other["places"]![0]!["readings"]!.AsArray().Add(JsonSerializer.SerializeToNode(new
        {
            dimension = "inside",
            value = 51.5,
            text = "51.5",
            instrument = "caliper",
            at = "2026-11-20T10:00:00Z"
        }));
        var told = (await Preview(other))["places"]![0]!;
        ((string)told["state"]!).ShouldBe("differs");
        ((string)told["differences"]![0]!).ShouldContain("50.10 mm here");
        var merged = await server.Post($"/api/machine-cards?into={machine["id"]}", other);
        Dimension(merged["interfaces"]![0]!, "inside")["readings"]!.AsArray().Count.ShouldBe(2);
        (await Preview(other))["places"]![0]!["state"]!.ToString().ShouldBe("same");

        other["name"] = "Card saw elsewhere";
        var taken = await server.Post("/api/machine-cards", other);
        var back = await server.Get($"/api/machines/{taken["id"]}/card.json");
        static IEnumerable<string> Readings(JsonNode c) => c["places"]!.AsArray().SelectMany(p => p!["readings"]!.AsArray().Select(r =>
            $"{p["name"]} {p["kind"]} {r!["dimension"]} {r["value"]} {r["text"]} {r["instrument"]} {(DateTimeOffset)r["at"]!:O}"));
        Readings(back).ShouldBe(Readings(other), ignoreOrder: true);
    }

    [Theory]
    [InlineData("format", "\"something\"", "format")]
    [InlineData("name", "\"\"", "name")]
    [InlineData("instruments", "[]", "places.0.readings.0.instrument")]
    [InlineData("places", """[{"name":"p","kind":"teapot","items":[],"readings":[]}]""", "places.0.kind")]
    public async Task A_card_that_cannot_be_is_refused_and_leaves_nothing(string key, string value, string field)
    {
        var machine = await Machine($"Refused card {key}");
        await Read(await Place(machine, "port", "tube"), "inside", "50.1", "caliper");
        var card = await server.Get($"/api/machines/{machine["id"]}/card.json");
        card[key] = JsonNode.Parse(value);
        var (status, answer) = await server.Send(HttpMethod.Post, "/api/machine-cards", card);
        status.ShouldBe(400);
        Fields(answer).ShouldContain(field);
        (await server.Get($"/api/machines?words={Uri.EscapeDataString($"Refused card {key}")}")).AsArray().Count.ShouldBe(1);
    }

    [Fact]
    public async Task The_stand_in_caliper_shows_holds_and_zeroes_a_hidden_size()
    {
        var place = await Place(await Machine("device"), "post", "post");
        var shown = await Shown("caliper", place, "diameter", 8);
        shown.Average().ShouldBeInRange(20, 40);
        (shown.Max() - shown.Min()).ShouldBeInRange(0.005, 0.3, "it is noisy");
        var held = await server.Post("/api/devices/caliper/presses", new { button = "hold" });
        ((bool)held["held"]!).ShouldBeTrue();
        (await Shown("caliper", place, "diameter", 3)).Distinct().Count().ShouldBe(1);
        ((bool)(await server.Post("/api/devices/caliper/presses", new { button = "hold" }))["held"]!).ShouldBeFalse();
        await server.Post("/api/devices/caliper/presses", new { button = "zero" });
        Math.Abs((await Shown("caliper", place, "diameter", 3)).Average()).ShouldBeLessThan(0.2);
        // Zeroed with nothing between the jaws it is right again.
        await Shown("caliper", null, null, 1);
        await server.Post("/api/devices/caliper/presses", new { button = "zero" });
        (await server.Send(HttpMethod.Post, "/api/devices/caliper/presses", new { button = "off" })).Status.ShouldBe(400);
        (await server.Send(HttpMethod.Post, "/api/devices/none/presses", new { button = "zero" })).Status.ShouldBe(404);
    }

    private async Task<IReadOnlyList<double>> Shown(string device, JsonNode? place, string? dimension, int count)
    {
        var query = place is null ? "" : $"?place={place["id"]}&dimension={dimension}";
        await using var stream = await server.Http.GetStreamAsync(new Uri($"/api/devices/{device}/stream{query}", UriKind.Relative), Stop);
        using var reader = new StreamReader(stream);
        var values = new List<double>();
        while (values.Count < count && await reader.ReadLineAsync(Stop) is { } line)
        {
            if (line.StartsWith("data:", StringComparison.Ordinal))
            {
                values.Add(double.Parse((string)JsonNode.Parse(line[5..])!["text"]!, System.Globalization.CultureInfo.InvariantCulture));
            }
        }

        return values;
    }

    [Fact]
    public async Task An_instruments_zero_is_noted_and_told()
    {
        await server.Post("/api/instruments", new
        {
            id = "dial",
            name = "dial gauge",
            resolution = 0.01,
            maximumPermissibleError = 0.02,
            repeatability = 0.01,
            reach = 30,
            kind = "depthRod"
        });
        var all = await server.Post("/api/instruments/dial/zero-checks", new { found = -0.02 });
        var dial = all.AsArray().Single(i => (string)i!["id"]! == "dial")!;
        dial["lastZeroCheck"].ShouldNotBeNull();
        dial["takes"]!.AsArray().Select(t => (string)t!).ShouldBe(["depth", "length"]);
        (await server.Send(HttpMethod.Post, "/api/instruments/none/zero-checks", new { found = 0 })).Status.ShouldBe(404);
    }

    [Fact]
    public async Task Reading_next_is_told_across_open_jobs()
    {
        await server.Bench();
        var next = (await server.Get("/api/measure-next")).AsArray();
        next.ShouldNotBeEmpty();
        next.ShouldAllBe(w => (double)w!["after"]! > (double)w["before"]!);
        next.Select(w => (double)w!["after"]! - (double)w["before"]!).ShouldBeInOrder(SortDirection.Descending);
    }

    [Fact]
    public async Task The_tables_come_whole_with_both_units()
    {
        var tables = (await server.Get("/api/standards")).AsArray();
        var holes = tables.Single(t => (string)t!["key"]! == "clearance-holes")!;
        var row = holes["rows"]!.AsArray().Single(r => (string)r!["name"]! == "M6 medium")!;
        ((string)row["size"]!).ShouldBe("M6");
        row["cells"]!.AsArray().Select(c => (string)c!["text"]!).ShouldBe(["M6", "medium", "6.6 mm"]);
        ((string)row["cells"]![2]!["inches"]!).ShouldBe("17/64 in − 0.15 mm");
    }
}
