using System.IO.Compression;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>A pack travels whole: what goes out of one workshop comes into another as it was, for every family.</summary>
public sealed class PackTests(Server server)
{
    private async Task<ZipArchive> Pack(JsonNode part, params string[] bodies)
    {
        var number = (int)(await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies }))["number"]!;
        return new(new MemoryStream(await server.Bytes($"/api/parts/{part["id"]}/revisions/{number}.zip")));
    }

    private static async Task<JsonNode> Job(ZipArchive zip)
    {
        await using var stream = zip.GetEntry("job.json")!.Open();
        return (await JsonNode.ParseAsync(stream, cancellationToken: TestContext.Current.CancellationToken))!;
    }

    private static int Objects(ZipArchive zip, string entry)
    {
        using var inner = new ZipArchive(zip.GetEntry(entry)!.Open());
        using var stream = inner.GetEntry("3D/3dmodel.model")!.Open();
        var model = System.Xml.Linq.XDocument.Load(stream).Root!;
        return model.Descendants(model.Name.Namespace + "object").Count();
    }

    private async Task<JsonNode> NewPart(string job, string family, object interfaces, object parameters)
    {
        var process = (await server.NewSetupAlone(job, 0.35))["id"];
        return (await server.Post("/api/jobs", new { name = job, part = new { name = family, family, interfaces, process, parameters } }))["parts"]![0]!;
    }

    private async Task<string> Place(string name, string kind, string[]? items, params (string Dimension, string Reading, string Instrument)[] readings)
    {
        var machine = await server.Post("/api/machines", new { name = $"{name} machine" });
        var place = await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name, kind, items });
        foreach (var (dimension, text, instrument) in readings)
        {
            await server.Post($"/api/interfaces/{place["id"]}/readings",
                new { dimension, text, instrument, remark = $"remark on {dimension}", direction = dimension == "inside" ? 45 : (int?)null });
        }

        return (string)place["id"]!;
    }

    /// <summary>Of every body of the part, along, across and up, mm.</summary>
    private static IEnumerable<double> Sizes(JsonNode design) => design["bodies"]!.AsArray().Where(b => (string)b!["role"]! == "part")
        .SelectMany(b => new[] { "x", "y", "z" }.Select(axis => (double)b!["size"]![axis]!));

    public static TheoryData<string, string, string> Families => new()
    {
        { "hose-adapter", "first=tube, second=tube", "" },
        { "wall-bin", "item=block", "stack=lip" },
        { "pocket-tray", "item1=block, item2=post", "" },
        { "drawer-pull", "drawer=hole-row", "text=Tacks; lettering=inlay" },
        { "label-plate", "", "text=Oil; lettering=inlay" },
        { "drilling-template", "holes=hole-row", "" },
        { "set-up-aid", "", "text=15; lettering=inlay" },
        { "router-template", "", "" },
        { "soft-jaws", "jaw=block", "shape=pocket; outline=0,0 40,0 40,20 0,20" },
        { "fence-key", "channel=slot", "" },
    };

    private static readonly Dictionary<string, (string Dimension, string Reading, string Instrument)[]> Read = new()
    {
        ["tube"] = [("inside", "50.1", "caliper"), ("outside", "54.2", "caliper")],
        ["block"] = [("width", "100", "caliper"), ("depth", "60", "caliper"), ("height", "40", "caliper")],
        ["post"] = [("diameter", "22", "caliper"), ("length", "50", "caliper")],
        ["slot"] = [("width", "19.1", "caliper"), ("depth", "9.5", "depth-rod")],
        ["hole-row"] = [("gap1.centre", "96", "steel-rule"), ("diameter", "5", "caliper")],
    };

    [Theory]
    [MemberData(nameof(Families))]
    public async Task A_part_of_every_family_goes_out_and_comes_in_as_it_was(string family, string slots, string entries)
    {
        var places = new JsonObject();
        foreach (var slot in slots.Split(", ", StringSplitOptions.RemoveEmptyEntries).Select(s => s.Split('=')))
        {
            places[slot[0]] = await Place($"pack {family} {slot[0]}", slot[1], slot[1] == "hole-row" ? ["gap"] : null, Read[slot[1]]);
        }

        var parameters = new JsonObject(entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e =>
            KeyValuePair.Create<string, JsonNode?>(e.Split('=')[0], e.Split('=')[1])));
        var part = await NewPart($"pack {family}", family, places, parameters);
        var here = await server.Post("/api/designs", Server.DesignOf(part));
        using var zip = await Pack(part, "part");
        var parts = here["bodies"]!.AsArray().Count(b => (string)b!["role"]! == "part");
        Objects(zip, "part.3mf").ShouldBe(parts, "second jaws and inlaid letters belong to the part");
        Objects(zip, "test-piece.3mf").ShouldBe(here["bodies"]!.AsArray().Count(b => (string)b!["role"]! == "coupon" && (string)b["key"]! != "draft"));
        var file = await Job(zip);
        file["job"] = $"pack {family} taken in";
        var taken = (await server.Post("/api/job-files", file))["parts"]![0]!;
        // The same bodies, but for what tries beside this one say meanwhile of the caliper.
        var there = await server.Post("/api/designs", Server.DesignOf(taken));
        Sizes(there).Count().ShouldBe(Sizes(here).Count());
        Sizes(there).Zip(Sizes(here)).ShouldAllBe(s => Math.Abs(s.First - s.Second) < 0.05);
        foreach (var (slot, id) in taken["state"]!["interfaces"]!.AsObject())
        {
            static IEnumerable<string> Kept(JsonNode place) => place["dimensions"]!.AsArray().SelectMany(d =>
                d!["readings"]!.AsArray().Select(r => $"{d["key"]} {r!["text"]} {r["remark"]} {r["direction"]}"));
            Kept(await server.Get($"/api/interfaces/{id}")).ShouldBe(Kept(await server.Get($"/api/interfaces/{places[slot]}")));
        }
    }

    [Fact]
    public async Task A_template_takes_along_the_part_that_it_takes_from()
    {
        var pull = await NewPart("pack served", "drawer-pull", new { }, new { spacing = "128", text = "Tacks" });
        var template = await server.Post($"/api/jobs/{pull["job"]}/parts",
            new
            {
                name = "template",
                family = "drilling-template",
                interfaces = new { },
                process = pull["state"]!["process"],
                takes = new { pattern = new { part = pull["id"], thing = "holes" } }
            });
        using var zip = await Pack(template, "part");
        var taken = (await server.Post("/api/job-files", await Job(zip)))["parts"]!.AsArray();
        taken.Select(p => (string)p!["family"]!).ShouldBe(["drawer-pull", "drilling-template"]);
        ((string)taken[1]!["state"]!["takes"]!["pattern"]!["part"]!).ShouldBe((string)taken[0]!["id"]!);
        // A file of before named the part that it served; one that names what it does not hold is refused.
        var file = await Job(zip);
        file["serves"] = file["givers"]![0]!.DeepClone();
        (file["givers"], file["takes"]) = (null, null);
        var earlier = (await server.Post("/api/job-files", file))["parts"]!.AsArray();
        ((string)earlier[1]!["state"]!["takes"]!["pattern"]!["part"]!).ShouldBe((string)earlier[0]!["id"]!);
        file.AsObject().Remove("serves");
        file["takes"] = JsonNode.Parse("""{"pattern":{"giver":3,"thing":"holes"}}""");
        var (status, refused) = await server.Send(HttpMethod.Post, "/api/job-files", file);
        (status, (string)refused!["problems"]![0]!["field"]!).ShouldBe((400, "takes.pattern"));
    }

    [Fact]
    public async Task A_job_file_with_a_spread_below_nothing_is_refused_in_words()
    {
        var part = await NewPart("pack spread", "label-plate", new { }, new { text = "Oil" });
        using var zip = await Pack(part, "part");
        var file = await Job(zip);
        file["process"]!["allowances"] = JsonNode.Parse("""{"holeUpright":{"value":0.2,"standardUncertainty":-1,"printScatter":0.05,"basis":"x"}}""");
        var (status, answer) = await server.Send(HttpMethod.Post, "/api/job-files", file.ToJsonString());
        (status, (string)answer!["problems"]![0]!["field"]!).ShouldBe((400, "process.allowances.holeUpright.standardUncertainty"));
    }
}
