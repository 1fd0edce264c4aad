using System.IO.Compression;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Pieces and proofs that are printed by another process than the part.</summary>
public sealed class OwnSetupTests(Server server)
{
    private static object State(JsonNode part, object setups) => new
    {
        version = (int)part["version"]!,
        interfaces = new { },
        process = part["state"]!["process"],
        parameters = part["state"]!["parameters"],
        setups,
    };

    private async Task<JsonNode> Inlaid(string name, object setups)
    {
        var part = await server.NewPull(name, new { spacing = "64", text = "Tacks", lettering = "inlay" });
        var (status, saved) = await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}", State(part, setups));
        status.ShouldBe(200, saved?.ToJsonString());
        return saved!;
    }

    /// <summary>Letters that come out wider need a wider gap: half of what the second process adds.</summary>
    [Fact]
    public async Task Letters_of_another_filament_are_sized_planned_and_numbered_by_it()
    {
        Task<JsonNode> Setup(string name, double wider) => server.NewSetup(name, new
        {
            layerHeight = 0.1,
            allowances = new { outsideFlat = new { value = -wider, standardUncertainty = 0.03, printScatter = 0.02, basis = "measured" } },
        });
        var (thin, setup) = (await Setup("thin letters", 0.1), await Setup("letters", 0.3));
        var (plain, own) = (await Inlaid("one filament", new { }), await Inlaid("two filaments", new { inlay = (string)setup["id"]! }));
        (await Gap(own) - await Gap(await Inlaid("three filaments", new { inlay = (string)thin["id"]! }))).ShouldBe(0.1, 1e-6);
        (await Gap(plain)).ShouldNotBe(await Gap(own));

        var plan = await server.Post("/api/plans", Server.DesignOf(own));
        (await Seconds(own)).ShouldBeGreaterThan(await Seconds(plain), "twice the layers take longer");
        plan["checks"]!.AsArray().ShouldContain(c => (string)c!["key"]! == "bed.inlay" && (string)c["verdict"]! == "good");

        var (status, answer) = await server.Send(HttpMethod.Post, $"/api/parts/{own["id"]}/revisions", new { bodies = new[] { "part", "inlay" } });
        status.ShouldBe(400);
        ((string)answer!["problems"]![0]!["field"]!).ShouldBe("bodies");
        await server.Post($"/api/parts/{own["id"]}/revisions", new { bodies = new[] { "inlay" } });
        await server.Post($"/api/parts/{own["id"]}/revisions", new { bodies = new[] { "part" } });
        (await server.Get($"/api/parts/{own["id"]}/history"))["revisions"]!.AsArray().Select(r => (string)r!["process"]!).ShouldBe([
            "Curlew, plain grey", "letters"]);

        using var zip = new ZipArchive(new MemoryStream(await server.Bytes($"/api/parts/{own["id"]}/revisions/2.zip")));
        using var page = new StreamReader(zip.GetEntry("read-me.txt")!.Open());
        (await page.ReadToEndAsync(TestContext.Current.CancellationToken)).ShouldContain("inlay letters: layers 0.1 mm");
        using var file = new StreamReader(zip.GetEntry("job.json")!.Open());
        var taken = await server.Post("/api/job-files", JsonNode.Parse(await file.ReadToEndAsync(TestContext.Current.CancellationToken))!);
        ((string)taken["parts"]![0]!["state"]!["setups"]!["inlay"]!).ShouldBe((string)setup["id"]!);

        var laid = await server.Lay(own, [(string)own["state"]!["process"]!]);
        laid["bedfuls"]!.AsArray().Select(b => ((string)b!["setup"]!, (string)b["placements"]![0]!["body"]!)).ShouldBe([
            ("Curlew, plain grey", "part"), ("letters", "inlay")], ignoreOrder: true);
    }

    /// <summary>A proof in a draft setup says what it leaves unproved, and a try of it moves the part's own sizes less than one on its own setup.</summary>
    [Fact]
    public async Task A_draft_proof_teaches_less_of_the_part_s_own_process()
    {
        var draft = await server.NewSetup("draft");
        var part = await server.NewPartAlone("draft proof", 0.5);
        var state = part["state"]!.DeepClone().AsObject();
        state["version"] = 1;
        state["setups"] = new JsonObject { ["ring-first"] = (string)draft["id"]! };
        var saved = (await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}", state)).Body!;
        var design = await server.Post("/api/designs", Server.DesignOf(saved));
        ((string)design["bodies"]!.AsArray().Single(b => (string)b!["key"]! == "ring-first")!["says"]!).ShouldContain("another setup than the part");
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-first" } });
        var tried = await server.Post($"/api/parts/{part["id"]}/tries", new { revision = 1, slot = "first", feel = "willNotStart" });
        var other = Moved(tried);

        // With the part's own setup the same word moves it.
        state["version"] = 2;
        state["setups"] = new JsonObject();
        await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}", state);
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-first" } });
        tried = await server.Post($"/api/parts/{part["id"]}/tries", new { revision = 2, slot = "first", feel = "willNotStart" });
        Moved(tried).ShouldBeGreaterThan(Math.Max(0.05, 1.5 * other));
        static double Moved(JsonNode tried) => Math.Abs(Millimetres(tried["after"]!) - Millimetres(tried["before"]!));
        static double Millimetres(JsonNode text) => double.Parse(((string)text!).Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture);
    }

    [Theory]
    [InlineData("part", true, "setups.part")]
    [InlineData("inlay", false, "setups.inlay")]
    public async Task A_setup_that_cannot_be_is_refused_by_piece(string key, bool known, string field)
    {
        var part = await server.NewPull($"refused {key}", new { spacing = "64", text = "Tacks", lettering = "inlay" });
        var setup = known ? (string)(await server.NewSetup("refused piece"))["id"]! : $"{Guid.NewGuid()}";
        var (status, answer) = await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}", State(part, new Dictionary<string, string> { [key] = setup }));
        status.ShouldBe(400);
        answer!["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldBe([field]);
    }

    private async Task<double> Gap(JsonNode part) => (await server.Post("/api/designs", Server.DesignOf(part)))["ledger"]!.AsArray().Single(l =>
        (string)l!["key"]! == "label.gap")!["quantity"]!["value"]!.GetValue<double>();

    private async Task<double> Seconds(JsonNode part) => (await server.Post("/api/plans", Server.DesignOf(part)))["prints"]!.AsArray().Single(p =>
        (string)p!["body"]! == "inlay")!["lines"]!.AsArray().Single(l => (string)l!["key"]! == "time.modelled")!["quantity"]!["value"]!.GetValue<double>();
}
