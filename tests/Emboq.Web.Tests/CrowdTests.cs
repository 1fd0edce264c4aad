using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Several people at once, and bodies with holes: every answer whole, in words, and nothing lost.</summary>
public sealed class CrowdTests(Server server)
{
    private async Task<JsonNode> Place(string name, string kind = "tube")
    {
        var machine = await server.Post("/api/machines", new { name = $"{name} machine" });
        return await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name, kind });
    }

    private static int Setting(string name, int usual) => int.Parse(Environment.GetEnvironmentVariable(name) ?? $"{usual}",
        System.Globalization.CultureInfo.InvariantCulture);

    /// <summary>Every reading is kept, and the pooled scatter is what the readings add up to by hand. EMBOQ_CROWD and EMBOQ_CROWD_PAUSE make it longer:
    /// readings of each, ms between them.</summary>
    [Fact]
    public async Task Eight_people_measure_one_place_and_their_own_at_once()
    {
        const int People = 8;
        var (each, pause) = (Setting("EMBOQ_CROWD", 12), Setting("EMBOQ_CROWD_PAUSE", 0));
        var shared = await Place("crowd port");
        var own = await Task.WhenAll(Enumerable.Range(0, People).Select(i => Place($"crowd port {i}")));
        var answers = await Task.WhenAll(Enumerable.Range(0, People).Select(async i =>
        {
            var statuses = new List<int>();
            for (var n = 0; n < each; n++)
            {
                await Task.Delay(pause, TestContext.Current.CancellationToken);
                foreach (var place in new[] { shared, own[i] })
                {
                    statuses.Add((await server.Send(HttpMethod.Post, $"/api/interfaces/{place["id"]}/readings",
                        new
                        {
                            dimension = "inside",
                            text = FormattableString.Invariant($"{50 + (0.01 * ((i + n) % 3)):0.00}"),
                            instrument = "long-caliper"
                        })).Status);
                }
            }

            return statuses;
        }));
        answers.SelectMany(a => a).ShouldAllBe(s => s == 201);
        static int Count(JsonNode place) => place["dimensions"]!.AsArray().Single(d => (string)d!["key"]! == "inside")!["readings"]!.AsArray().Count;
        Count(await server.Get($"/api/interfaces/{shared["id"]}")).ShouldBe(People * each);
        await using var source = Npgsql.NpgsqlDataSource.Create(server.Connection);
        await using var sums = source.CreateCommand("""
            select abs(s.squares - q.squares) + abs(s.freedom - q.freedom) from scatter s join (
                select sum(squares) as squares, sum(freedom) as freedom from (
                    select var_samp(r.value) * (count(*) - 1) as squares, count(*) - 1 as freedom from reading r join interface i on i.id = r.interface_id
                    where i.kind = 'tube' and r.dimension = 'inside' and r.instrument_id = 'long-caliper'
                        and not exists (select 1 from reading_strike x where x.reading_id = r.id)
                    group by r.interface_id, r.direction having count(*) > 1) g) q on true
            where s.kind = 'tube' and s.dimension = 'inside' and s.instrument_id = 'long-caliper'
            """);
        ((double)(await sums.ExecuteScalarAsync(TestContext.Current.CancellationToken))!).ShouldBeLessThan(1e-6);
    }

    [Fact]
    public async Task One_instrument_entered_by_many_at_once_is_one()
    {
        var answers = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ =>
            server.Send(HttpMethod.Post, "/api/instruments", new
            {
                id = "crowd-caliper",
                name = "crowd caliper",
                resolution = 0.01,
                maximumPermissibleError = 0.03,
                repeatability = 0.02,
                reach = 150
            })));
        answers.Count(a => a.Status == 201).ShouldBe(1);
        answers.Where(a => a.Status != 201).ShouldAllBe(a => a.Status == 400 && (string)a.Body!["problems"]![0]!["field"]! == "id");
    }

    [Theory]
    [InlineData("/api/rows/verdicts", """{"design":{"family":"drawer-pull","process":"{process}"},"row":[null]}""", "row.0")]
    [InlineData("/api/machine-cards/previews",
        """{"format":"emboq-machine","schema":1,"name":"x","note":"","instruments":[null],"places":[]}""", "instruments.0")]
    [InlineData("/api/designs", """{"family":"drawer-pull","process":"{process}","interfaces":{"drawer":null}}""", "interfaces.drawer")]
    public async Task A_hole_in_a_list_is_named(string path, string body, string field)
    {
        var process = (string)(await server.Get("/api/processes"))[0]!["id"]!;
        var (status, answer) = await server.Send(HttpMethod.Post, path, body.Replace("{process}", process, StringComparison.Ordinal));
        status.ShouldBe(400);
        answer!["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldContain(field);
    }

    [Theory]
    [InlineData("router-template", "outline", "0,0 80,40 80,0 0,30", "crosses")]
    [InlineData("router-template", "outline", "0,0 80,0 40,0 40,40", "")]
    [InlineData("hose-adapter", "firstTaper", "1:0", "")]
    public async Task What_crosses_itself_or_is_not_finite_is_refused_in_words(string family, string key, string entry, string says)
    {
        var process = (string)(await server.Get("/api/processes"))[0]!["id"]!;
        var (status, answer) = await server.Send(HttpMethod.Post, "/api/designs", new { family, process, parameters = new JsonObject { [key] = entry } });
        status.ShouldBe(400);
        answer!["problems"]!.AsArray().ShouldContain(p => ((string)p!["field"]!).EndsWith(key, StringComparison.Ordinal)
            && ((string)p["message"]!).Contains(says, StringComparison.Ordinal));
    }

    /// <summary>Plug of 12.40 with a taper of 1:8 over 120: its mouth closes.</summary>
    [Theory]
    [InlineData("120", "stop")]
    [InlineData("119", "stop")]
    [InlineData("15", "watch")]
    public async Task A_tapered_plug_is_judged_where_it_is_narrowest(string cuff, string verdict)
    {
        var process = (string)(await server.Get("/api/processes"))[0]!["id"]!;
        var design = await server.Post("/api/designs", new
        {
            family = "hose-adapter",
            process,
            parameters = new { firstJoin = "inside", firstHold = "taper", firstTaper = "1:8", firstCuff = cuff, wall = "1.6", secondJoin = "over" },
            interfaces = new
            {
                first = new { sizes = new { inside = new { value = "12.40", uncertainty = 0.05 } } },
                second = new { sizes = new { outside = new { value = "30", uncertainty = 0.05 } } }
            },
        });
        ((string)design["checks"]!.AsArray().Single(c => (string)c!["key"]! == "first.bore")!["verdict"]!).ShouldBe(verdict);
    }

    [Fact]
    public async Task What_is_put_away_leaves_the_bench_and_comes_back()
    {
        var part = await server.NewPart("put away");
        var instrument = await server.Post("/api/instruments", new
        {
            id = "away-rule",
            name = "away rule",
            resolution = 0.5,
            maximumPermissibleError = 0.2,
            repeatability = 0.2,
            reach = 300
        });
        async Task<bool> OnBench() => (await server.Bench()).Any(b => (string)b!["part"]! == (string)part["id"]!);
        async Task Put(string thing, string id, bool away) => (await server.Send(HttpMethod.Put, $"/api/away/{thing}/{id}", new { away })).Status.ShouldBe(200);
        await Put("parts", (string)part["id"]!, true);
        (await OnBench()).ShouldBeFalse();
        await Put("parts", (string)part["id"]!, false);
        (await OnBench()).ShouldBeTrue();
        await Put("jobs", (string)part["job"]!, true);
        await Put("instruments", (string)instrument["id"]!, true);
        (await OnBench()).ShouldBeFalse();
        (await server.Get("/api/away"))["instruments"]!.AsArray().Select(i => (string)i!).ShouldContain("away-rule");
        (await server.Send(HttpMethod.Put, $"/api/away/parts/{Guid.NewGuid()}", new { away = true })).Status.ShouldBe(404);
        (await server.Send(HttpMethod.Put, "/api/away/spoons/1", new { away = true })).Status.ShouldBe(404);
    }
}
