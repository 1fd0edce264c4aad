using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Other hosts, other pages, other methods, odd bodies: refused in words, and nothing is written.</summary>
public sealed class StrangerTests(Server server)
{
    private async Task<(int Status, JsonNode? Body, HttpResponseMessage Response)> Ask(HttpMethod method, string path, Action<HttpRequestMessage> change,
        HttpContent? content = null)
    {
        using var request = new HttpRequestMessage(method, path) { Content = content };
        change(request);
        var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        var text = await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, text.StartsWith('{') ? JsonNode.Parse(text) : null, response);
    }

    private static StringContent Json(string text) => new(text, Encoding.UTF8, "application/json");

    /// <summary>A page of another name that points here (DNS rebinding) gets nothing, not even to read.</summary>
    [Theory]
    [InlineData("GET", "/api/health")]
    [InlineData("GET", "/")]
    [InlineData("POST", "/api/machines")]
    public async Task Another_host_is_not_served(string method, string path)
    {
        var (status, body, _) = await Ask(new(method), path, r => r.Headers.Host = "workshop.example", method == "POST" ? Json("{}") : null);
        status.ShouldBe(421);
        ((string)body!["problems"]![0]!["field"]!).ShouldBe("host");
    }

    [Theory]
    [InlineData("Origin", "http://workshop.example")]
    [InlineData("Origin", "null")]
    [InlineData("Origin", "http://127.0.0.1:1")]
    [InlineData("Sec-Fetch-Site", "cross-site")]
    [InlineData("Sec-Fetch-Site", "same-site")]
    public async Task Another_page_writes_nothing_with_or_without_a_body(string header, string value)
    {
        var spool = await server.Post("/api/spools", new
        {
            name = $"stranger {Guid.NewGuid()}",
            filament = await server.NewFilament(),
            tare = 200,
            gross = 800
        });
        (await Ask(HttpMethod.Post, $"/api/spools/{spool["id"]}/put-away", r => r.Headers.Add(header, value))).Status.ShouldBe(403);
        (await Ask(HttpMethod.Post, "/api/machines", r => r.Headers.Add(header, value), Json("{\"name\":\"strange\"}"))).Status.ShouldBe(403);
        (await Ask(HttpMethod.Get, "/api/workshop.zip", r => r.Headers.Add(header, value))).Status.ShouldBe(header == "Origin" ? 200 : 403);
        (await Ask(HttpMethod.Get, "/jobs/1", r => r.Headers.Add(header, value))).Status.ShouldBe(200);
        (await server.Get("/api/spools")).AsArray().ShouldContain(s => (string)s!["id"]! == (string)spool["id"]!);
        (await Ask(HttpMethod.Post, $"/api/spools/{spool["id"]}/put-away", r =>
        {
            r.Headers.Add("Origin", server.Http.BaseAddress!.GetLeftPart(UriPartial.Authority));
            r.Headers.Add("Sec-Fetch-Site", "same-origin");
        })).Status.ShouldBe(204);
    }

    [Fact]
    public async Task Methods_bodies_and_addresses_that_are_not_known_are_told_apart()
    {
        var (status, body, response) = await Ask(HttpMethod.Delete, "/api/machines", _ => { });
        status.ShouldBe(405);
        response.Content.Headers.Allow.ShouldBe(["GET", "HEAD", "POST"], ignoreOrder: true);
        body!["problems"]!.AsArray().ShouldNotBeEmpty();
        (await Ask(HttpMethod.Get, "/api/nothing", _ => { })).Body!["problems"]!.AsArray().ShouldNotBeEmpty();
        foreach (var type in new[] { "text/plain", "application/xml" })
        {
            var content = Json("{\"name\":\"x\"}");
            content.Headers.ContentType = new MediaTypeHeaderValue(type);
            (await Ask(HttpMethod.Post, "/api/machines", _ => { }, content)).Status.ShouldBe(415);
        }
    }

    [Fact]
    public async Task An_unknown_charset_is_no_failure_of_ours()
    {
        var content = Json("{\"name\":\"x\"}");
        content.Headers.Remove("Content-Type");
        content.Headers.TryAddWithoutValidation("Content-Type", "application/json; charset=utf-9");
        (await Ask(HttpMethod.Post, "/api/machines", _ => { }, content)).Status.ShouldBeOneOf([400, 415]);
    }

    [Fact]
    public async Task No_cache_keeps_what_the_api_answers()
    {
        foreach (var path in new[] { "/api/bench", "/api/machines", "/api/nothing" })
        {
            (await Ask(HttpMethod.Get, path, _ => { })).Response.Headers.CacheControl!.NoStore.ShouldBeTrue(path);
        }
    }

    /// <summary>The same gate for every text: in a copy, in a strike, in a file of a job.</summary>
    [Theory]
    [InlineData("/api/machines/{machine}/copies", "{\"name\":\"copied\",\"note\":\"a\\u0000b\"}")]
    [InlineData("/api/machines/{machine}/copies", "{\"name\":\"copied\",\"note\":\"{long}\"}")]
    [InlineData("/api/machines", "{\"name\":\"a\\u0000b\"}")]
    [InlineData("/api/machines", "{\"name\":\"x\",\"note\":\"{long}\"}")]
    [InlineData("/api/readings/00000000-0000-0000-0000-000000000000/strikes", "{\"because\":\"a\\u0007b\"}")]
    [InlineData("/api/tries/00000000-0000-0000-0000-000000000000/strikes", "{\"because\":\"{long}\"}")]
    [InlineData("/api/designs", "{\"family\":\"drawer-pull\",\"process\":\"{process}\",\"parameters\":{\"text\":\"a\\u0000b\"}}")]
    [InlineData("/api/designs", "{\"family\":\"drawer-pull\",\"process\":\"{process}\",\"parameters\":{\"te\\u0000xt\":\"ab\"}}")]
    public async Task Texts_that_cannot_be_kept_are_refused_wherever_they_come(string path, string body)
    {
        var machine = await server.Post("/api/machines?again=true", new { name = "texts" });
        var process = (string)(await server.Get("/api/processes"))[0]!["id"]!;
        var (status, answer) = await server.Send(HttpMethod.Post, path.Replace("{machine}", (string)machine["id"]!, StringComparison.Ordinal),
            body.Replace("{long}", new string('x', 500_000), StringComparison.Ordinal).Replace("{process}", process, StringComparison.Ordinal));
        status.ShouldBe(400);
        answer!["problems"]!.AsArray().ShouldNotBeEmpty();
    }

    [Fact]
    public async Task The_largest_version_there_is_is_refused_as_stale()
    {
        var part = await server.NewPart($"largest version {Guid.NewGuid()}");
        var state = part["state"]!;
        foreach (var version in new[] { int.MaxValue, int.MinValue })
        {
            var (status, _) = await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}",
                new { version, interfaces = state["interfaces"], process = state["process"], parameters = state["parameters"] });
            status.ShouldBe(409);
        }

        var machine = await server.Post("/api/machines?again=true", new { name = "versions" });
        (await server.Send(HttpMethod.Put, $"/api/machines/{machine["id"]}",
            new { version = int.MaxValue, name = "x", note = "", archived = false })).Status.ShouldBe(409);
        (await server.Send(HttpMethod.Put, "/api/screws", new { version = int.MaxValue, screws = Array.Empty<object>() })).Status.ShouldBe(409);
    }

    [Fact]
    public async Task Texts_are_kept_composed_whoever_sends_them()
    {
        var id = Guid.NewGuid();
        var machine = await server.Post("/api/machines", new { name = $"Je\u0301re\u0302me's lathe {id}", note = "A\u0308" });
        var kept = (await server.Get($"/api/machines/{machine["id"]}"))!;
        kept["name"]!.GetValue<string>().ShouldBe($"J\u00e9r\u00eame's lathe {id}");
        kept["note"]!.GetValue<string>().ShouldBe("\u00c4");
    }

    [Fact]
    public async Task A_name_is_the_same_however_its_accents_are_composed()
    {
        var id = Guid.NewGuid();
        await server.Post("/api/machines", new { name = $"Ho\u0308lzer {id}" });
        (await server.Send(HttpMethod.Post, "/api/machines", new { name = $"h\u00f6lzer {id}" })).Status.ShouldBe(409);
    }
}
