using System.Globalization;
using System.IO.Compression;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Outlines from drawings through the API: taken, refused in words, carried to another workshop.</summary>
public sealed class OutlineTests(Server server)
{
    private const string Hook = "<svg xmlns='http://www.w3.org/2000/svg' width='80mm' height='40mm' viewBox='0 0 80 40'>"
        + "<path d='M0 22 L10 30 L60 26 L80 30 L80 0 L66 0 L64 16 L12 12 Z'/></svg>";

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private async Task<JsonNode> Place(string kind = "traced")
    {
        var machine = await server.Post("/api/machines?again=true", new { name = "outlined" });
        return await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name = "hook", kind });
    }

    private async Task<(int Status, JsonNode Body)> Draw(JsonNode place, string file, string more = "")
    {
        using var content = new ByteArrayContent(Encoding.UTF8.GetBytes(file));
        using var response = await server.Http.PostAsync($"/api/interfaces/{place["id"]}/outlines?name=hook.svg{more}", content, Stop);
        return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(Stop))!);
    }

    private static string Field(JsonNode answer) => (string)answer["problems"]![0]!["field"]!;

    [Fact]
    public async Task A_drawing_and_a_reading_make_a_pocket_and_go_along_with_card_and_job()
    {
        var place = await Place();
        var (status, taken) = await Draw(place, Hook);
        status.ShouldBe(201, taken.ToJsonString());
        ((string)taken["says"]!).ShouldContain("mm of its page");
        ((int)taken["place"]!["outline"]!["corners"]!).ShouldBe(8);
        ((string)taken["place"]!["outline"]!["across"]!["metric"]!).ShouldBe("80.00 mm");
        foreach (var (dimension, text, instrument) in new[] { ("overall", "84", "caliper"), ("height", "12", "depth-rod") })
        {
            await server.Post($"/api/interfaces/{place["id"]}/readings", new { dimension, text, instrument });
        }

        // Drawn from below: what was left is right, and once more it is as it was.
        static string Drawn(JsonNode place) => place["drawing"]!["regions"]![0]!["outline"]!.ToJsonString();
        var turned = await server.Post($"/api/interfaces/{place["id"]}/outlines/mirrorings", new { });
        Drawn(turned).ShouldNotBe(Drawn(taken["place"]!));
        var back = await server.Post($"/api/interfaces/{place["id"]}/outlines/mirrorings", new { });
        ((int)back["outline"]!["corners"]!).ShouldBe(8);

        var part = await server.NewPart("hook tray");
        var design = new { family = "pocket-tray", process = part["state"]!["process"], interfaces = new { item1 = new { id = place["id"] } } };
        var tray = await server.Post("/api/designs", design);
        tray["seats"]![0]!["drawn"]!["value"]!.GetValue<double>().ShouldBeInRange(84.5, 87.5);
        tray["checks"]!.AsArray().ShouldContain(c => ((string)c!["key"]!).StartsWith("gauge") && (string)c["verdict"]! == "good");

        var machine = (await server.Get("/api/machines?words=outlined")).AsArray().Select(m => (string)m!["id"]!);
        var card = await server.Get($"/api/machines/{machine.Last()}/card.json");
        var drawn = card["places"]![0]!["outline"]!["points"]!.ToJsonString();
        card["name"] = "outlined elsewhere";
        var other = await server.Post("/api/machine-cards", card);
        ((int)other["interfaces"]![0]!["outline"]!["corners"]!).ShouldBe(8);
        (await server.Get($"/api/machines/{other["id"]}/card.json"))["places"]![0]!["outline"]!["points"]!.ToJsonString().ShouldBe(drawn);
        card["places"]![0]!["outline"]!["points"]![0]!["x"] = 4000;
        var (refused, why) = await server.Send(HttpMethod.Post, "/api/machine-cards", card);
        (refused, Field(why!)).ShouldBe((400, "places.0.outline"));

        var job = await server.Post("/api/jobs?again=true", new
        {
            name = "hook",
            need = "",
            part = new { name = "hook tray", family = "pocket-tray", process = design.process, interfaces = new { item1 = place["id"] }, parameters = new { } }
        });
        var revision = await server.Post($"/api/parts/{job["parts"]![0]!["id"]}/revisions", new { bodies = new[] { "part" } });
        using var zip = new ZipArchive(new MemoryStream(await server.Bytes($"/api/parts/{job["parts"]![0]!["id"]}/revisions/{revision["number"]}.zip")));
        using var file = new StreamReader(zip.GetEntry("job.json")!.Open());
        var again = await server.Post("/api/job-files", JsonNode.Parse(await file.ReadToEndAsync(Stop))!);
        var there = await server.Get($"/api/interfaces/{again["parts"]![0]!["state"]!["interfaces"]!["item1"]}");
        ((int)there["outline"]!["corners"]!).ShouldBe(8);
    }

    [Theory]
    [InlineData("""<svg><path d="M0 0 L50 0 L50 30"/></svg>""", "", "file", "no open end")]
    [InlineData("""<svg><path d="M0 0 L50 30 L50 0 L0 30 Z"/></svg>""", "", "file", "crosses")]
    [InlineData("<svg><path d='M0 0 L10 0 Z'/></svg>", "", "file", "no line of which an outline")]
    [InlineData("<svg/>", "", "file", "no line of which an outline")]
    [InlineData("<svg><polygon points='0,0 1e9,0 0,9'/></svg>", "", "file", "further than any bench")]
    [InlineData("<svg><rect width='1e400' height='9'/></svg>", "", "file", "")]
    [InlineData("nonsense", "", "file", "neither SVG nor DXF")]
    [InlineData("", "", "file", "neither SVG nor DXF")]
    [InlineData(Hook, "&deviation=9", "deviation", "9")]
    public async Task What_is_no_outline_is_refused_in_words_and_nothing_is_kept(string file, string more, string field, string says)
    {
        var place = await Place();
        var (status, answer) = await Draw(place, file, more);
        (status, Field(answer)).ShouldBe((400, field));
        answer.ToJsonString().ShouldContain(says);
        (await server.Get($"/api/interfaces/{place["id"]}"))["outline"].ShouldBeNull();
        (await server.Send(HttpMethod.Post, $"/api/interfaces/{place["id"]}/outlines/mirrorings", new { })).Status.ShouldBe(422);
        (await Draw(await Place("block"), Hook)).Status.ShouldBe(422);
        (await Draw(JsonNode.Parse($$"""{"id":"{{Guid.NewGuid()}}"}""")!, Hook)).Status.ShouldBe(404);
    }

    /// <summary>A zigzag that shrinks is simplified by a call within a call for each of its points: nobody's drawing stops Emboq.</summary>
    [Fact]
    public async Task The_worst_of_drawings_is_answered()
    {
        const int Count = 40_000;
        var zigzag = string.Concat(Enumerable.Range(0, Count).Select(i => FormattableString.Invariant($"L{i * 0.01:0.##} {(i % 2 == 0 ? 1 : -1)
            * 200.0 * (1 - ((double)i / Count)):0.####} ")));
        var (status, answer) = await Draw(await Place(), $"<svg><path d='M0 -300 {zigzag} L500 0 L500 -300 Z'/></svg>");
        (status, Field(answer)).ShouldBe((400, "file"));
        (await Draw(await Place(), Hook)).Status.ShouldBe(201);
    }

    /// <summary>The stand-in camera's photograph of a hook of 67 by 34 mm, 12 mm high, taken in by its marks.</summary>
    [Fact]
    public async Task A_photograph_on_a_sheet_of_marks_gives_an_outline_and_says_what_is_missing()
    {
        var place = await Place();
        var file = await server.Http.GetByteArrayAsync(new Uri("/api/devices/camera/450/photograph.jpg?thick=12", UriKind.Relative), Stop);
        async Task<(int Status, JsonNode Body)> Photograph(byte[] sent, string asked)
        {
            using var content = new ByteArrayContent(sent);
            content.Headers.ContentType = new("image/jpeg");
            using var response = await server.Http.PostAsync($"/api/interfaces/{place["id"]}/outlines/photographs?name=hook.jpg{asked}", content, Stop);
            return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(Stop))!);
        }

        var (status, blank) = await Photograph(file, "&sides=straight");
        status.ShouldBe(400);
        blank["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldBe(["height", "camera"]);
        (await Photograph(file, "&sides=square")).Status.ShouldBe(400);
        (await Photograph(file, "&sides=straight&height=12&camera=4")).Status.ShouldBe(400);
        Field((await Photograph(file, "&sides=straight&height=120&camera=200")).Body).ShouldBe("camera");
        Field((await Photograph(Encoding.UTF8.GetBytes("no picture"), "")).Body).ShouldBe("file");

        var (taken, body) = await Photograph(file, "&sides=straight&height=12&camera=450");
        taken.ShouldBe(201, body.ToJsonString());
        ((string)body["says"]!).ShouldContain("14 of 14 marks");
        body["seen"]!["edge"]!.AsArray().Count.ShouldBeGreaterThan(100);
        double Size(string key) => double.Parse(((string)body["place"]!["outline"]![key]!["metric"]!).Split(' ')[0],
            System.Globalization.CultureInfo.InvariantCulture);
        Size("across").ShouldBe(67, 0.5);
        Size("along").ShouldBe(34, 0.5);
        foreach (var sheet in new[] { "letter", "a4-long", "letter-long", "block" })
        {
            (await server.Http.GetByteArrayAsync(new Uri($"/api/mark-sheets/{sheet}.pdf", UriKind.Relative), Stop))[..4].ShouldBe("%PDF"u8.ToArray());
        }

        (await server.Http.GetAsync(new Uri("/api/mark-sheets/a5.pdf", UriKind.Relative), Stop)).StatusCode.ShouldBe(System.Net.HttpStatusCode.BadRequest);
        // Of a block that is not in the picture nothing is told, at its field.
        Field((await Photograph(file, "&sides=straight&height=12&block=3")).Body).ShouldBe("block");
        Field((await Photograph(file, "&sides=straight&height=12&block=40")).Body).ShouldBe("block");
    }

    /// <summary>A camera is told by photographs of a sheet; a photograph by it then needs no tape. A photograph that is taken out tells nothing more.</summary>
    [Fact]
    public async Task A_camera_whose_lens_is_known_takes_the_place_of_a_tape()
    {
        async Task<byte[]> Stand(string asked) => await server.Http.GetByteArrayAsync(new Uri($"/api/devices/camera/{asked}&zoomed=false", UriKind.Relative),
            Stop);
        async Task<(int Status, JsonNode Body)> Send(string to, byte[] sent)
        {
            using var content = new ByteArrayContent(sent);
            content.Headers.ContentType = new("image/jpeg");
            using var response = await server.Http.PostAsync(to, content, Stop);
            return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(Stop))!);
        }

        var camera = (await server.Send(HttpMethod.Post, "/api/cameras", new { name = "bench camera" })).Body!;
        Field((await server.Send(HttpMethod.Post, "/api/cameras", new { name = "Bench camera" })).Body!).ShouldBe("name");
        Field((await server.Send(HttpMethod.Post, "/api/cameras", new { name = " " })).Body!).ShouldBe("name");
        var place = await Place();
        var hook = await Stand("500/photograph.jpg?thick=12");
        var taken = $"/api/interfaces/{place["id"]}/outlines/photographs?name=hook.jpg&sides=straight&height=12&lens={camera["id"]}";
        Field((await Send(taken, hook)).Body).ShouldBe("lens");
        var (_, first) = await Send($"/api/cameras/{camera["id"]}/photographs", await Stand("600/photograph.jpg?tilt=-30"));
        ((string)first["says"]!).ShouldContain("3 more photographs");
        foreach (var tilt in new[] { 25, -20, 35 })
        {
            (await Send($"/api/cameras/{camera["id"]}/photographs", await Stand($"600/photograph.jpg?tilt={tilt}"))).Status.ShouldBe(201);
        }

        Field((await Send($"/api/cameras/{camera["id"]}/photographs", "no picture"u8.ToArray())).Body).ShouldBe("file");
        var (status, body) = await Send(taken, hook);
        status.ShouldBe(201, body.ToJsonString());
        ((string)body["says"]!).ShouldContain("by its lens");
        async Task<JsonNode?> Now() => (await server.Get("/api/cameras")).AsArray().SingleOrDefault(c => (string)c!["id"]! == (string)camera["id"]!);
        ((bool)(await Now())!["tells"]!).ShouldBeTrue();
        foreach (var _ in Enumerable.Range(0, 2))
        {
            (await server.Send(HttpMethod.Delete, $"/api/cameras/photographs/{first["photographs"]![0]!["id"]}", new { })).Status.ShouldBe(204);
        }

        ((bool)(await Now())!["tells"]!).ShouldBeFalse();
        var away = (await server.Send(HttpMethod.Put, $"/api/away/cameras/{camera["id"]}", new { away = true })).Body!;
        away["cameras"]!.AsArray().Select(c => (string)c!).ShouldContain((string)camera["id"]!);
        (await Send($"/api/cameras/{Guid.NewGuid()}/photographs", hook)).Status.ShouldBe(404);
    }

    /// <summary>Points that scatter are fewer once they are evened, and what it deviates by is told with them.</summary>
    [Fact]
    public async Task An_outline_is_evened_within_what_is_stated()
    {
        var place = await Place();
        var random = new Random(5);
        var rough = string.Join(" ", Enumerable.Range(0, 300).Select(i => (Angle: Math.PI * i / 150, R: 30 + (0.1 * (random.NextDouble() - 0.5))))
            .Select(p => FormattableString.Invariant($"{40 + (p.R * Math.Cos(p.Angle)):0.###},{40 + (p.R * Math.Sin(p.Angle)):0.###}")));
        async Task<(int Status, JsonNode Body)> Even(string within)
        {
            using var response = await server.Http.PostAsync($"/api/interfaces/{place["id"]}/outlines/smoothings?within={within}", null, Stop);
            return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(Stop))!);
        }

        (await Even("0.1")).Status.ShouldBe(422);
        var drawn = (await Draw(place, $"<svg width='80mm' height='80mm' viewBox='0 0 80 80'><polygon points='{rough}'/></svg>",
            "&deviation=0")).Body["place"]!;
        (await Even("9")).Status.ShouldBe(400);
        var (status, even) = await Even("0.1");
        status.ShouldBe(201, even.ToJsonString());
        ((int)even["outline"]!["corners"]!).ShouldBeLessThan((int)drawn["outline"]!["corners"]! / 2);
        ((string)even["outline"]!["deviation"]!["metric"]!).ShouldBe("0.10 mm");
        // Taken back it is what it was, deviation and all; who means another one is told.
        async Task<(int Status, JsonNode Body)> Back(JsonNode from)
        {
            using var response = await server.Http.PostAsJsonAsync($"/api/interfaces/{place["id"]}/outlines/returns", new
            {
                mark = (string)from["outline"]![
                "mark"]!
            }, Stop);
            return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(Stop))!);
        }

        (await Back(drawn)).Status.ShouldBe(409);
        var back = (await Back(even)).Body;
        (back["outline"]!["mark"]!.ToString(), back["outline"]!["deviation"]!["metric"]!.ToString()).ShouldBe((drawn["outline"]!["mark"]!.ToString(),
            drawn["outline"]!["deviation"]!["metric"]!.ToString()));
    }

    [Fact]
    public async Task Corners_are_moved_by_hand_and_nobody_moves_those_of_another_outline()
    {
        var place = await Place();
        var drawn = (await Draw(place, Hook)).Body["place"]!["outline"]!;
        var (mark, points) = ((string)drawn["mark"]!, drawn["points"]!.AsArray().Select(p => (X: (double)p!["x"]!, Y: (double)p["y"]!)).ToList());
        async Task<(int Status, JsonNode Body)> Move(object body)
        {
            using var response = await server.Http.PostAsJsonAsync($"/api/interfaces/{place["id"]}/outlines/corners", body, Stop);
            return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(Stop))!);
        }

        object[] Sent(IEnumerable<(double X, double Y)> corners) => [.. corners.Select(c => new { x = c.X, y = c.Y })];
        // Its rightmost corners two millimetres further out, given the other way round and aside of the origin.
        var wider = points.Select(p => (X: p.X > 79 ? p.X + 7 : p.X + 5, Y: p.Y - 3)).Reverse();
        var (status, moved) = await Move(new { points = Sent(wider), mark });
        status.ShouldBe(201, moved.ToJsonString());
        ((string)moved["outline"]!["across"]!["metric"]!).ShouldBe("82.00 mm");
        ((double)moved["outline"]!["points"]![0]!["x"]!).ShouldBeGreaterThanOrEqualTo(0);

        (await Move(new { points = Sent(points), mark })).Status.ShouldBe(409);
        mark = (string)moved["outline"]!["mark"]!;
        (await Move(new { points = Sent(points.Take(2)), mark })).Status.ShouldBe(422);
        (await Move(new { points = Sent([points[4], .. points[1..4], points[0], .. points[5..]]), mark })).Status.ShouldBe(422);
        (await Move(new { mark })).Status.ShouldBe(400);
        ((string)(await Move(new { points = Sent(points), mark })).Body["outline"]!["across"]!["metric"]!).ShouldBe("80.00 mm");
    }

    /// <summary>A scan is posted as it is and cut where it is asked; what cannot be is told at its field, and the place keeps what it had.</summary>
    [Fact]
    public async Task A_scan_gives_an_outline_where_it_is_cut()
    {
        var place = await Place();
        var scan = await server.Http.GetByteArrayAsync("/api/devices/scanner/grip.stl", Stop);
        async Task<(int Status, JsonNode Body)> Cut(byte[] file, string more)
        {
            using var content = new ByteArrayContent(file);
            using var response = await server.Http.PostAsync($"/api/interfaces/{place["id"]}/outlines/scans?name=grip.stl&{more}", content, Stop);
            return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(Stop))!);
        }

        var (status, taken) = await Cut(scan, "up=flat&at=14");
        status.ShouldBe(201, taken.ToJsonString());
        taken["scan"]!["high"]!.GetValue<double>().ShouldBe(28, 0.5);
        taken["scan"]!["at"]!.GetValue<double>().ShouldBe(14);
        ((string)taken["says"]!).ShouldContain("never scanned");
        var corners = (int)taken["place"]!["outline"]!["corners"]!;
        foreach (var (more, field, code) in new[] { ("at=99", "at", 400), ("unit=m", "unit", 400), ("unit=ell", "unit", 400), ("up=sideways", "up", 400),
            ("at=-2", "at", 400), ("turn=9999", "turn", 400), ("at=tall", "at", 400) })
        {
            var refused = await Cut(scan, more);
            (refused.Status, Field(refused.Body)).ShouldBe((code, field), more);
        }

        Field((await Cut(scan[..4000], "up=flat")).Body).ShouldBe("file");
        Field((await Cut([], "up=flat")).Body).ShouldBe("file");
        await server.Post($"/api/interfaces/{place["id"]}/outlines/mirrorings", new { });
        var back = await server.Post($"/api/interfaces/{place["id"]}/outlines/mirrorings", new { });
        ((int)back["outline"]!["corners"]!, (string)back["outline"]!["source"]!).ShouldBe((corners, "grip.stl"));
    }

    /// <summary>A scan may be larger than anything else that is sent once: one of 20 MB that is none is refused in words.</summary>
    [Fact]
    public async Task A_large_scan_passes_the_door_that_does_things_once()
    {
        var machine = await server.Post("/api/machines?again=true", new { name = "large scan" });
        var place = await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name = "large", kind = "grip" });
        using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/interfaces/{place["id"]}/outlines/scans?name=large.stl")
        {
            Content = new ByteArrayContent(new byte[20 * 1024 * 1024]),
        };
        request.Headers.Add("Idempotency-Key", $"{Guid.NewGuid()}");
        using var response = await server.Http.SendAsync(request, Stop);
        ((int)response.StatusCode, Field(JsonNode.Parse(await response.Content.ReadAsStringAsync(Stop))!)).ShouldBe((400, "file"));
    }

    /// <summary>A body is taken whole, by its sections: they are kept, go out and in with a machine's card, and are changed by nothing but another
    /// scan.</summary>
    [Fact]
    public async Task A_scanned_body_keeps_its_sections()
    {
        var machine = await server.Post("/api/machines?again=true", new { name = "hot air gun" });
        var place = await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name = "housing", kind = "grip" });
        var scan = await server.Http.GetByteArrayAsync("/api/devices/scanner/grip.stl", Stop);
        async Task<(int Status, JsonNode Body)> Sent(string path, byte[] file)
        {
            using var response = await server.Http.PostAsync($"/api/interfaces/{place["id"]}/outlines{path}", new ByteArrayContent(file), Stop);
            return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(Stop))!);
        }

        var (status, taken) = await Sent("/scans?name=grip.stl&up=flat&deviation=0.05", scan);
        status.ShouldBe(201, taken.ToJsonString());
        var sections = taken["place"]!["outline"]!["sections"]!;
        ((int)sections["count"]!).ShouldBe(taken["scan"]!["sections"]!.AsArray().Count);
        ((int)sections["count"]!).ShouldBeInRange(45, 50);
        // Two holes, 11 and 16 mm across, sections 3 mm apart.
        ((int)sections["unscanned"]!).ShouldBeInRange(5, 12);

        // Thinned by 0.05, and the scan scatters by 0.03: its furthest corners lie four times that beside it.
        ((int)sections["surface"]!["triangles"]!).ShouldBeInRange(1000, 8000);
        var within = (string)sections["surface"]!["within"]!["metric"]!;
        double.Parse(within.Split(' ')[0], CultureInfo.InvariantCulture).ShouldBeInRange(0.08, 0.4);

        (await Sent("/scans?name=grip.stl&at=14", scan)).ShouldSatisfyAllConditions(r => r.Status.ShouldBe(400), r => Field(r.Body).ShouldBe("at"));
        (await Sent("?name=knife.svg", "<svg/>"u8.ToArray())).ShouldSatisfyAllConditions(r => r.Status.ShouldBe(400), r => Field(r.Body).ShouldBe("interface"));
        using var mirrored = await server.Http.PostAsync($"/api/interfaces/{place["id"]}/outlines/mirrorings", null, Stop);
        ((int)mirrored.StatusCode).ShouldBe(422);

        var card = await server.Get($"/api/machines/{machine["id"]}/card.json");
        card["places"]![0]!["outline"]!["sections"]!.AsArray().Count.ShouldBe((int)sections["count"]!);
        card["name"] = $"{card["name"]} again {Guid.NewGuid()}";
        var again = await server.Post("/api/machine-cards", card);
        ((int)again["interfaces"]![0]!["outline"]!["sections"]!["count"]!).ShouldBe((int)sections["count"]!);
        again["interfaces"]![0]!["outline"]!["sections"]!["surface"]!.ToJsonString().ShouldBe(sections["surface"]!.ToJsonString());
        async Task<int> Offered(Action<JsonNode> spoil)
        {
            var spoilt = card.DeepClone();
            spoil(spoilt["places"]![0]!["outline"]!);
            using var refused = await server.Http.PostAsync("/api/machine-cards", new StringContent(spoilt.ToJsonString(), Encoding.UTF8, "application/json"),
                Stop);
            return (int)refused.StatusCode;
        }

        (await Offered(o => o["sections"]![3]!["points"]![0]!["x"] = 1e300)).ShouldBe(400);
        // A surface with a hole, one of nothing, and one that is no base64.
        (await Offered(o => o["surface"]!["mesh"]!["triangles"] = ((string)o["surface"]!["mesh"]!["triangles"]!)[8..])).ShouldBe(400);
        (await Offered(o => o["surface"]!["mesh"]!["corners"] = null)).ShouldBe(400);
        (await Offered(o => o["surface"]!["mesh"] = null)).ShouldBe(400);
        (await Offered(o => o["surface"]!["mesh"]!["corners"] = "¡no!")).ShouldBe(400);
        (await Offered(o => o["surface"]!["within"] = -1)).ShouldBe(400);
    }
}
