using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using Emboq.Store;
using Emboq.Store.Archive;

namespace Emboq.Web.Tests;

/// <summary>What the Emboq before this one wrote (a whole workshop, jobs of packs, a machine's card, kept in Earlier/) opens with nothing lost.</summary>
public sealed class EarlierTests(Server server)
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static FileStream Earlier(string name) => File.OpenRead(Path.Combine(AppContext.BaseDirectory, "Earlier", name));

    /// <summary>The law of sizes of each face, as of the day it was printed: where its figures were kept, drawn = wanted + allowance and the sign of the
    /// clearance is that of its kind.</summary>
    [Fact]
    public async Task Revisions_of_an_earlier_workshop_know_their_seats()
    {
        var notebook = Server.As(await Server.NewNotebook(server.Connection, $"earlier_{Guid.NewGuid():n}"), "emboq_owner");
        Database.Migrate(notebook);
        using (var archive = await ArchiveReader.Open(Earlier("workshop.zip"), Stop))
        {
            await ArchiveRestore.Into(notebook, archive, Stop);
        }

        await using var database = Database.Open(Server.As(notebook, "emboq_app"));
        var parts = (await JobStore.Found(database, [], null, 0, 100, Stop)).SelectMany(j => j.Parts).ToList();
        var (revisions, seen) = (0, new HashSet<Surface>());
        foreach (var part in parts)
        {
            foreach (var revision in await RevisionStore.Of(database, part.Id, Stop))
            {
                revisions++;
                // What it was printed with stands beside it; printer, filament and setup made of that come to the same.
                var process = (await ProcessStore.Find(database, revision.State.Process, Stop))!;
                JsonSerializer.Serialize(process with
                {
                    PrinterId = null,
                    Nozzle = null,
                    Sort = null,
                    Warmest = null
                }).ShouldBe(JsonSerializer.Serialize(revision.Process));
                revision.Seats.Keys.Order().ShouldBe(revision.Frozen.Drawn.Keys.Where(k => !k.Contains('#', StringComparison.Ordinal)).Order());
                foreach (var (address, seat) in revision.Seats)
                {
                    seen.Add(seat.Surface);
                    seat.Drawn.ShouldBe(revision.Frozen.Drawn[address]);
                    seat.Process.ShouldBe(revision.State.Process);
                    seat.Place.ShouldBe(revision.State.Interfaces[address]);
                    (await BriefStore.Of(database, [seat.Place!.Value], [seat.Process], null, FamilyList.All[0],
                        Stop)).Interfaces.Values.Single().Dimensions.ShouldContain(d =>
                        d.Key == seat.Dimension);
                    seat.Ladder.ShouldBe(Enumerable.Range(1, seat.Ladder.Count).Select(i => revision.Frozen.Drawn[$"{address}#{i}"]));
                    seat.Drawn.ShouldBe(seat.Wanted!.Value + seat.Allowance, 1e-9);
                    (seat.Wanted.Value - seat.Counterpart!.Value).ShouldBe((seat.Surface.IsHole() ? 1 : -1) * seat.Clearance!.Value, 1e-6);
                }
            }

            (await Designer.OfMembers(database, part, Stop)).IsGood.ShouldBeTrue(part.Name);
        }

        revisions.ShouldBe(10);
        seen.Order().ShouldBe([Surface.HoleUpright, Surface.OutsideRound, Surface.Pocket]);
        // What is known of a print of before is what is kept of one today.
        var bin = parts.Single(p => p.Family == "wall-bin");
        var designs = (await Designer.OfMembers(database, bin, Stop)).Value;
        var today = Frozen.SeatsOf(bin.State, designs, designs[0].Process!)["item"];
        var then = (await RevisionStore.One(database, bin.Id, 1, Stop))!.Seats["item"];
        // But for what was learned since.
        JsonSerializer.Serialize(then).ShouldBe(JsonSerializer.Serialize(today with
        {
            Fit = null,
            Joint = null,
            Drawn = then.Drawn,
            Allowance = then.Allowance,
            Clearance = then.Clearance,
        }));
        today.Drawn.ShouldBe(then.Drawn, 0.1);
    }

    [Theory]
    [InlineData("job.json", "/api/job-files", "parts.0.family", "hose-adapter")]
    [InlineData("row-job.json", "/api/job-files", "parts.0.state.row.1.entries.text", "Cane & cord")]
    [InlineData("machine-card.json", "/api/machine-cards", "name", null)]
    public async Task Files_of_an_earlier_Emboq_are_taken(string file, string path, string what, string? value)
    {
        using var reader = new StreamReader(Earlier(file));
        var given = JsonNode.Parse(await reader.ReadToEndAsync(Stop))!;
        if (given["job"] is not null)
        {
            given["job"] = $"An earlier job {Guid.NewGuid()}";
        }

        var (status, answer) = await server.Send(HttpMethod.Post, path, given);
        status.ShouldBe(201);
        var found = what.Split('.').Aggregate(answer!, (node, key) => (node is JsonArray list
            ? list[int.Parse(key, CultureInfo.InvariantCulture)] : node[key])!);
        found.GetValue<string>().ShouldStartWith(value ?? given["name"]!.GetValue<string>());
    }
}
