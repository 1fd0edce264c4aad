using System.Text.Json.Nodes;
using Emboq.Store;

namespace Emboq.Web.Tests;

/// <summary>Rows of parts from lists, screws from the drawer, parts that take from each other, and cards on paper.</summary>
public sealed class RowTests(Server server)
{
    [Fact]
    public async Task A_list_is_read_and_a_wrong_line_is_named()
    {
        var row = await server.Post("/api/rows", new { family = "drawer-pull", text = "Tacks\nCord, 2" });
        row.AsArray().Select(r => (int)r!["count"]!).ShouldBe([1, 2]);
        var (status, refused) = await server.Send(HttpMethod.Post, "/api/rows", new { family = "drawer-pull", text = "text,count\nTacks,many" });
        status.ShouldBe(400);
        ((string)refused!["problems"]![0]!["field"]!).ShouldBe("line 2");
    }

    [Fact]
    public async Task A_member_that_cannot_be_made_is_refused_by_its_number_and_nothing_is_kept()
    {
        var part = await server.NewPull("row refused");
        var (status, refused) = await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}", new
        {
            version = 1,
            interfaces = new { },
            process = part["state"]!["process"],
            parameters = new { },
            row = new[] { Pulls.Member("Tacks"), new { count = 1, entries = new { spacing = "4 km" }, group = "" } },
        });
        status.ShouldBe(400);
        ((string)refused!["problems"]![0]!["field"]!).ShouldStartWith("row.2.");
        (await server.Get($"/api/parts/{part["id"]}"))["version"]!.GetValue<int>().ShouldBe(1);
    }

    [Fact]
    public async Task One_change_of_the_design_makes_all_members_anew_and_what_was_printed_keeps_its_revision()
    {
        var part = await server.WithRow(await server.NewPull("row frozen"), Pulls.Member("Tacks"), Pulls.Member("Cord"), Pulls.Member("Tips"));
        (int Status, JsonNode? Body) first = await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/revisions",
            new { bodies = new[] { "part@1", "part@3" } });
        first.Status.ShouldBe(201, first.Body?.ToJsonString());
        var before = await server.Bytes($"/api/parts/{part["id"]}/revisions/1.stl?body=part@3");
        var (status, saved) = await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}",
            new
            {
                version = (int)part["version"]!,
                interfaces = new { },
                process = part["state"]!["process"],
                parameters = new { spacing = "96" },
                row = part["state"]!["row"]
            });
        status.ShouldBe(200, saved?.ToJsonString());
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part@2", "part@3" } });
        (await server.Bytes($"/api/parts/{part["id"]}/revisions/1.stl?body=part@3")).ShouldBe(before);
        (await server.Bytes($"/api/parts/{part["id"]}/revisions/2.stl?body=part@3")).ShouldNotBe(before);
        var history = (await server.Get($"/api/parts/{part["id"]}/history"))["revisions"]!.AsArray();
        history.Select(r => r!["row"]!.AsArray().Count).ShouldBe([3, 3]);
        history.Select(r => string.Join(" ", r!["printed"]!.AsArray().Select(b => $"{b!["body"]}@{b["member"]}"))).ShouldBe(["part@2 part@3", "part@1 part@3"]);
        (await server.Send(HttpMethod.Post, $"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part@4" } })).Status.ShouldBe(400);
        // A pack of a row has no test piece, and every member.
        (await server.Bytes($"/api/parts/{part["id"]}/revisions/2.zip")).Length.ShouldBeGreaterThan(1000);
    }

    /// <summary>The first member has no words and so no letter to prove: the second one's is a proof all the same, and no piece.</summary>
    [Fact]
    public async Task A_proof_that_only_a_later_member_has_is_known_as_one()
    {
        var part = await server.WithRow(await server.NewPull("letters in one"),
            new { count = 1, entries = new { tall = "20" }, group = "" }, Pulls.Member("Tacks"));
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part" }, members = new[] { 1, 2 } });
        await using var database = Database.Open(server.Connection);
        var frozen = (await RevisionStore.One(database, (Guid)part["id"]!, 1, TestContext.Current.CancellationToken))!.Frozen;
        frozen.Solids.Keys.ShouldContain("ring-letter@2");
        frozen.Solids.Keys.ShouldNotContain("ring-letter@1");
        frozen.Solids.Keys.Where(k => frozen.ProofOf(BodyAddress.Parse(k).Key) is null).ShouldBe(["part@1", "part@2"], ignoreOrder: true);
    }

    [Fact]
    public async Task A_row_goes_out_in_a_pack_and_comes_in_as_it_was()
    {
        var part = await server.WithRow(await server.NewPull("row packed"), Pulls.Member("Tacks", 2), Pulls.Member("Cord", 1, "red"));
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part@1" } });
        using var zip = new System.IO.Compression.ZipArchive(new MemoryStream(await server.Bytes($"/api/parts/{part["id"]}/revisions/1.zip")));
        zip.Entries.Select(e => e.Name).ShouldContain("part.3mf");
        using var reader = new StreamReader(zip.GetEntry("job.json")!.Open());
        var taken = await server.Post("/api/job-files", JsonNode.Parse(await reader.ReadToEndAsync(TestContext.Current.CancellationToken))!.ToJsonString());
        var row = taken["parts"]![0]!["state"]!["row"]!.AsArray();
        row.Select(r => ((string)r!["entries"]!["text"]!, (int)r["count"]!, (string)r["group"]!)).ShouldBe([("Tacks", 2, ""), ("Cord", 1, "red")]);
    }

    [Fact]
    public async Task The_drawer_of_screws_is_versioned_and_parts_choose_from_it()
    {
        var now = await server.Get("/api/screws");
        var screws = now["screws"]!.AsArray().Select(s => (object)s!).Append(new { size = "M6", head = "pan", length = 33 }).ToArray();
        (await server.Send(HttpMethod.Put, "/api/screws", new { version = (int)now["version"]!, screws })).Status.ShouldBe(200);
        (await server.Send(HttpMethod.Put, "/api/screws", new { version = (int)now["version"]!, screws })).Status.ShouldBe(409);
        (await server.Send(HttpMethod.Put, "/api/screws", new
        {
            version = (int)now["version"]! + 1,
            screws = new[] { new { size = "M6", head = "nail", length = 10 } }
        })).Status.ShouldBe(400);
        var part = await server.NewPull("drawer of screws", new { spacing = "64", screw = "M6", front = "18", projection = "30", tall = "30" });
        var design = await server.Post("/api/designs", Server.DesignOf(part));
        design["checks"]!.AsArray().Single(c => (string)c!["key"]! == "screw.length")!["says"]!.GetValue<string>().ShouldContain("33 mm");
    }

    [Fact]
    public async Task A_template_follows_the_part_it_takes_from_and_waits_for_what_is_not_measured()
    {
        var pull = await server.NewPull("served");
        var template = await server.Post($"/api/jobs/{pull["job"]}/parts",
            new
            {
                name = "template",
                family = "drilling-template",
                interfaces = new { },
                process = pull["state"]!["process"],
                parameters = new { },
                takes = new { pattern = new { part = pull["id"], thing = "holes" }, spaced = new { part = pull["id"], thing = "spacing" } }
            });
        JsonNode Request()
        {
            var request = Server.DesignOf(template);
            request["takes"] = template["state"]!["takes"]!.DeepClone();
            return request;
        }

        async Task<double> FirstHole()
        {
            var request = Request();
            return (double)(await server.Post("/api/designs", request))["ledger"]!.AsArray().Single(l => (string)l!["key"]! == "hole1")!["quantity"]!["value"]!;
        }

        (await FirstHole()).ShouldBe(-32);
        await server.Send(HttpMethod.Put, $"/api/parts/{pull["id"]}", new
        {
            version = 1,
            interfaces = new { },
            process = pull["state"]!["process"],
            parameters = new { spacing = "4 in" }
        });
        (await FirstHole()).ShouldBe(-50.8);
        // It waits for the printed pull, until that is measured; the reading then moves its holes.
        async Task<JsonNode?> Waits() => (await server.Post("/api/designs", Request()))["checks"]!.AsArray().SingleOrDefault(c =>
            (string)c!["key"]! == "takes.spaced");
        ((string)(await Waits())!["verdict"]!).ShouldBe("watch");
        ((string)(await Waits())!["says"]!).ShouldStartWith("It waits for the printed pull, measured from hole to hole");
        var machine = await server.Post("/api/machines", new { name = $"served pull {Guid.NewGuid()}" });
        var row = await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name = "printed holes", kind = "hole-row", items = new[] { "gap 1" } });
        await server.Post($"/api/interfaces/{row["id"]}/readings", new { dimension = "gap1.centre", text = "101.2", instrument = "caliper" });
        await server.Send(HttpMethod.Put, $"/api/parts/{pull["id"]}", new
        {
            version = 2,
            interfaces = new { printed = row["id"] },
            process = pull["state"]!["process"],
            parameters = new { spacing = "4 in" }
        });
        (await FirstHole()).ShouldBe(-50.6, 1e-9);
        (await Waits()).ShouldBeNull();
        // A template gives nothing, and a pull takes nothing.
        var (status, refused) = await server.Send(HttpMethod.Post, $"/api/jobs/{pull["job"]}/parts",
            new
            {
                name = "x",
                family = "drilling-template",
                interfaces = new { },
                process = pull["state"]!["process"],
                parameters = new { },
                takes = new { pattern = new { part = template["id"], thing = "holes" } }
            });
        (status, (string)refused!["problems"]![0]!["field"]!).ShouldBe((400, "takes.pattern"));
        (await server.Send(HttpMethod.Post, $"/api/jobs/{pull["job"]}/parts",
            new
            {
                name = "x",
                family = "drawer-pull",
                interfaces = new { },
                process = pull["state"]!["process"],
                parameters = new { },
                takes = new { pattern = new { part = pull["id"], thing = "holes" } }
            })).Status.ShouldBe(400);
    }

    [Fact]
    public async Task A_card_comes_on_both_papers_and_refuses_in_words()
    {
        var part = await server.WithRow(await server.NewPull("card"), Pulls.Member("Tacks"), Pulls.Member("Cord"));
        foreach (var paper in new[] { "a4", "letter" })
        {
            var pdf = await server.Bytes($"/api/parts/{part["id"]}/card.pdf?paper={paper}&member=2");
            System.Text.Encoding.ASCII.GetString(pdf, 0, 5).ShouldBe("%PDF-");
        }

        (await server.Send(HttpMethod.Get, $"/api/parts/{part["id"]}/card.pdf?paper=a9", "")).Status.ShouldBe(400);
        (await server.Send(HttpMethod.Get, $"/api/parts/{part["id"]}/card.pdf?member=3", "")).Status.ShouldBe(400);
        (await server.Send(HttpMethod.Get, $"/api/parts/{Guid.NewGuid()}/card.pdf", "")).Status.ShouldBe(404);
    }

    [Fact]
    public async Task A_row_of_one_is_numbered_proved_and_sent_out()
    {
        var part = await server.WithRow(await server.NewPull("row of one"), Pulls.Member("Tacks"));
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "ring-letter@1" } });
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part@1" } });
        (await server.Bytes($"/api/parts/{part["id"]}/revisions/2.stl")).Length.ShouldBeGreaterThan(1000);
        (await server.Post($"/api/parts/{part["id"]}/tries", new { revision = 2, slot = "part", word = "works" }))["what"].ShouldBeNull();
    }

    [Fact]
    public async Task Every_member_has_a_verdict_of_its_own()
    {
        var part = await server.NewPull("row judged");
        var verdicts = (await server.Post("/api/rows/verdicts", new
        {
            design = Server.DesignOf(part),
            row = new[] { Pulls.Member("Tacks"), Pulls.Member("Spare blades for the long shave and more"),
            new { count = 1, entries = new { text = "x" }, group = "" } }
        })).AsArray();
        verdicts.Count.ShouldBe(3);
        // Forty characters on a short pull come out too small to be read.
        ((string)verdicts[1]!["verdict"]!).ShouldNotBe("good");
        ((string)verdicts[1]!["says"]!).ShouldContain("label");
        ((double)verdicts[1]!["letterSize"]!).ShouldBeLessThan((double)verdicts[0]!["letterSize"]!);
    }

    [Fact]
    public async Task A_line_that_nothing_can_be_made_of_is_named_before_anything_is_taken()
    {
        var (status, refused) = await server.Send(HttpMethod.Post, "/api/rows",
            new { family = "drawer-pull", text = "Label\tLength\nTacks\t120\nCord\t4 km\nCane\tlong" });
        status.ShouldBe(400);
        refused!["problems"]!.AsArray().Select(p => (string)p!["field"]!).ShouldBe(["line 3", "line 4"]);
        // A list of the most members is longer than a remark may be.
        (await server.Post("/api/rows", new
        {
            family = "drawer-pull",
            text = string.Join('\n',
            Enumerable.Range(1, 60).Select(i => $"Drawer no. {i} of the bench by the door"))
        })).AsArray().Count.ShouldBe(60);
        // Bare lengths are what the leading unit says, and are kept with it.
        ((string)(await server.Post("/api/rows", new
        {
            family = "drawer-pull",
            text = "label\tlength\nTacks\t5",
            leading = "inch"
        }))[0]!["entries"]!["length"]!).ShouldBe("5 in");
    }

    [Fact]
    public async Task Boxes_of_several_sizes_are_one_row()
    {
        var families = (await server.Get("/api/families")).AsArray();
        families.Single(f => (string)f!["key"]! == "wall-bin")!["columns"]!.AsArray().Select(c => (string)c!["label"]!).ShouldContain("box width");
        foreach (var family in families)
        {
            (await server.Post("/api/rows", new { family = (string)family!["key"]!, text = (string)family["listExample"]! })).AsArray().Count.ShouldBe(3,
                (string)family["key"]!);
        }

        var row = (await server.Post("/api/rows", new { family = "wall-bin", text = "box width\tbox depth\tbox height\n80\t50\t40\n120\t50\t90" })).AsArray();
        var machine = await server.Post("/api/machines", new { name = "row boxes" });
        var box = await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name = "row box", kind = "block" });
        var process = (await server.Get("/api/processes"))[0]!["id"];
        var job = await server.Post("/api/jobs", new
        {
            name = "row of bins",
            part = new { name = "bin", family = "wall-bin", interfaces = new { item = box["id"] }, process }
        });
        var part = job["parts"]![0]!;
        var (status, saved) = await server.Send(HttpMethod.Put, $"/api/parts/{part["id"]}",
            new { version = 1, interfaces = new { item = box["id"] }, process, parameters = new { }, row });
        status.ShouldBe(200, saved?.ToJsonString());
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part@1", "part@2" } });
        var history = await server.Get($"/api/parts/{part["id"]}/history");
        history["revisions"]![0]!["places"]!.AsArray().Select(s => (string)s!["slot"]!).ShouldBe(["item@1", "item@2", "part"], ignoreOrder: true);
        var answer = await server.Post($"/api/parts/{part["id"]}/tries", new { revision = 1, slot = "item@2", printed = "122", instrument = "caliper" });
        ((string)answer["what"]!).ShouldContain("pocket width");
        // The size that moved is that of the member that was tried.
        ((double)answer["believedAfter"]!["best"]!).ShouldBeInRange(115, 125);
    }
}
