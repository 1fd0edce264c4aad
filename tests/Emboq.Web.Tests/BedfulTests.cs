using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Parts laid out on beds, and their files.</summary>
public sealed class BedfulTests(Server server)
{
    [Fact]
    public async Task A_row_is_laid_on_beds_by_colour_with_spools_and_hours()
    {
        var part = await server.WithRow(await server.NewPull("row laid"), Pulls.Member("Tacks", 5), Pulls.Member("Cord", 3, "red"));
        var processes = (await server.Get("/api/processes")).AsArray().Where(p => (string)p!["name"]! is "Curlew, plain grey").Select(p =>
            (string)p!["id"]!).ToArray();
        var laid = await server.Lay(part, processes);
        var bedfuls = laid["bedfuls"]!.AsArray();
        bedfuls.Select(b => ((string)b!["group"]!, b["placements"]!.AsArray().Count)).ShouldBe([("", 5), ("red", 3)], ignoreOrder: true);
        ((string)laid["says"]!).ShouldContain("2 bedfuls");
        ((string)bedfuls.Single(b => (string)b!["group"]! == "red")!["spool"]!).ShouldBe("red");
        bedfuls.ShouldAllBe(b => ((string)b!["time"]!).Length > 0 && ((string)b["mass"]!).EndsWith('g'));
        DateTimeOffset.Parse((string)bedfuls[1]!["starts"]!,
            System.Globalization.CultureInfo.InvariantCulture).ShouldBeGreaterThan(DateTimeOffset.Parse((string)bedfuls[0]!["ends"]!,
            System.Globalization.CultureInfo.InvariantCulture));
        // Some members only, and nothing at all.
        (await server.Lay(part, processes, [2]))["bedfuls"]!.AsArray().Count.ShouldBe(1);
        var parts = new[] { new { part = (string)part["id"]! } };
        (await server.Send(HttpMethod.Post, $"/api/jobs/{part["job"]}/bedfuls",
            new { parts, processes = Array.Empty<string>(), start = "2031-05-12T09:00:00+02:00" })).Status.ShouldBe(400);
        (await server.Send(HttpMethod.Post, $"/api/jobs/{part["job"]}/bedfuls",
            new { parts, processes, start = "2031-05-12T09:00:00+02:00", gap = -1 })).Status.ShouldBe(400);
    }

    /// <summary>Left open, the edge that stays free is each printer's own; asked for, it is what is asked.</summary>
    [Fact]
    public async Task A_bed_keeps_the_margin_of_its_printer()
    {
        var setup = await server.NewSetup("margins");
        var printer = (await server.Get("/api/printers")).AsArray().Single(p => (string)p!["id"]! == (string)setup["printer"]!)!;
        printer["margin"] = 31;
        (await server.Send(HttpMethod.Put, $"/api/printers/{printer["id"]}", printer)).Status.ShouldBe(200);
        var part = await server.NewPull("margin");
        async Task<double> Least(double? margin)
        {
            using var answer = await server.Http.PostAsync($"/api/jobs/{part["job"]}/bedfuls", System.Net.Http.Json.JsonContent.Create(new
            {
                parts = new[] { new { part = (string)part["id"]! } },
                processes = new[] { (string)setup["id"]! },
                start = "2031-05-12T09:00:00+02:00",
                margin,
            }), TestContext.Current.CancellationToken);
            var last = (await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).Split('\n', StringSplitOptions.RemoveEmptyEntries)[^1];
            return (double)JsonNode.Parse(last)!["done"]!["bedfuls"]![0]!["placements"]![0]!["x"]!;
        }

        (await Least(null)).ShouldBe(31, 0.1);
        (await Least(4)).ShouldBe(4, 0.1);
    }

    [Fact]
    public async Task Inlaid_letters_are_pieces_of_their_own_in_their_own_colour()
    {
        var part = await server.WithRow(await server.NewPull("row inlaid", new { spacing = "64", lettering = "inlay" }),
            Pulls.Member("Tacks", 2), Pulls.Member("Cord"));
        var processes = (await server.Get("/api/processes")).AsArray().Where(p => (string)p!["name"]! is "Curlew, plain grey").Select(p =>
            (string)p!["id"]!).ToArray();
        var laid = (await server.Lay(part, processes, letters: "red"))["bedfuls"]!.AsArray();
        laid.Select(b => ((string)b!["group"]!, b["placements"]!.AsArray().Count, (string)b["placements"]![0]!["body"]!)).ShouldBe([("", 3, "part"),
            ("red", 3, "inlay")], ignoreOrder: true);
    }

    [Fact]
    public async Task A_bedful_goes_out_as_it_lies_with_bodies_of_several_parts()
    {
        var part = await server.WithRow(await server.NewPull("bedful files", new { spacing = "64", lettering = "inlay" }), Pulls.Member("Tacks", 2),
            Pulls.Member("Cord", 1, "red"));
        var second = (await server.Post($"/api/jobs/{part["job"]}/parts",
            new { name = "tag", family = "label-plate", interfaces = new { }, process = part["state"]!["process"], parameters = new { text = "Oil" } }));
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part@1", "part@2", "inlay@1", "inlay@2" } });
        await server.Post($"/api/parts/{second["id"]}/revisions", new { bodies = new[] { "part" } });
        var layout = await server.Lay(part, [(string)part["state"]!["process"]!], letters: "red", others: [second]);
        foreach (var bedful in layout["bedfuls"]!.AsArray())
        {
            var placements = bedful!["placements"]!.AsArray().Select(p =>
                new
                {
                    part = (string)p!["part"]!,
                    revision = 1,
                    member = (int)p["member"]!,
                    body = (string)p["body"]!,
                    x = (double)p["x"]!,
                    y = (double)p["y"]!,
                    turned = (bool)p["turned"]!,
                    width = (double)p["width"]!,
                    depth = (double)p["depth"]!,
                    group = (string)bedful["group"]!
                }).ToArray();
            using var file = await server.Http.PostAsync($"/api/jobs/{part["job"]}/bedful-files",
                System.Net.Http.Json.JsonContent.Create(new { name = "Bedful 1", kind = "3mf", placements }), TestContext.Current.CancellationToken);
            using var zip = new System.IO.Compression.ZipArchive(await file.Content.ReadAsStreamAsync(TestContext.Current.CancellationToken));
            await using var stream = zip.GetEntry("3D/3dmodel.model")!.Open();
            var model = System.Xml.Linq.XDocument.Load(stream).Root!;
            var ns = model.Name.Namespace;
            model.Descendants(ns + "item").Count().ShouldBe(placements.Length);
            model.Descendants(ns + "object").Count().ShouldBe(placements.Select(p => (p.part, p.member, p.body)).Distinct().Count());
            file.Content.Headers.ContentDisposition!.FileName.ShouldBe("bedful-files-bedful-1.3mf");
            // A layout of another size is no place for what was numbered.
            var wider = placements.Select(p => p with { width = p.width + 5 });
            (await server.Send(HttpMethod.Post, $"/api/jobs/{part["job"]}/bedful-files",
                new { name = "Bedful 1", kind = "3mf", placements = wider })).Status.ShouldBe(400);
        }

        layout["bedfuls"]!.AsArray().SelectMany(b => b!["placements"]!.AsArray()).Select(p => (string)p!["part"]!).Distinct().Count().ShouldBe(2);
        (await server.Lay(part, [(string)part["state"]!["process"]!], most: 1))["bedfuls"]!.AsArray().ShouldAllBe(b => b!["placements"]!.AsArray().Count == 1);
        (await server.Send(HttpMethod.Post, $"/api/jobs/{part["job"]}/bedful-files",
            new
            {
                name = "Bedful 1",
                kind = "3mf",
                placements = new[] { new { part = (string)part["id"]!, revision = 9, member = 1, body = "part", x = 5, y = 5, turned = false,
                    width = 1, depth = 1 } }
            })).Status.ShouldBe(400);
    }
}
