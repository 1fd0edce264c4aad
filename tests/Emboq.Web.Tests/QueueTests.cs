using Emboq.Store;

namespace Emboq.Web.Tests;

/// <summary>Which parts wait to be reckoned after a change.</summary>
public sealed class QueueTests(Server server)
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    /// <summary>A takes from B, B from C, C joins a place: a reading there touches all three, and nobody else. Two that two people made take from each other
    /// at once touch each other, and it ends.</summary>
    [Fact]
    public async Task A_reading_touches_those_that_take_from_the_part_it_belongs_to()
    {
        var owner = Server.As(await Server.NewNotebook(server.Connection, $"queue_{Guid.NewGuid():n}"), "emboq_owner");
        Database.Migrate(owner);
        await using var database = Database.Open(Server.As(owner, "emboq_app"));
        var (job, machine, place, caliper) = (Guid.NewGuid(), Guid.NewGuid(), Guid.NewGuid(), new Instrument("c", "caliper", 0.01, 0.03, 0.03, 150));
        await InstrumentStore.Add(database, caliper, Stop);
        await MachineStore.Add(database, machine, "machine", "", DateTimeOffset.UnixEpoch, Stop);
        await InterfaceStore.Add(database, machine, new(place, "port", KindList.Tube, []), DateTimeOffset.UnixEpoch, Stop);
        var parts = Enumerable.Range(0, 6).Select(_ => Guid.NewGuid()).ToArray();
        Part Made(int which, int? from, params (string, Guid)[] joins) => new(parts[which], job, $"part {which}", "drawer-pull", 1,
            new(new Dictionary<string, string>(), joins.ToDictionary(j => j.Item1, j => j.Item2), Guid.NewGuid())
            { Takes = from is { } f ? new Dictionary<string, TakenFrom> { ["pattern"] = new(parts[f], "holes") } : new Dictionary<string, TakenFrom>() });
        await JobStore.Add(database, new(job, "job", "", [Made(0, null, ("first", place))]), DateTimeOffset.UnixEpoch, Stop);
        foreach (var part in new[] { Made(1, 0), Made(2, 1), Made(3, null), Made(4, 5), Made(5, 4) })
        {
            await JobStore.AddPart(database, part, DateTimeOffset.UnixEpoch, Stop);
        }

        await Emptied();
        await InterfaceStore.AddReadings(database, [(new DimensionAddress(place, "inside"),
            new Reading(Guid.NewGuid(), 40, "40", caliper, DateTimeOffset.UnixEpoch, null, null))], Stop);
        (await Waiting()).ShouldBe([0, 1, 2]);
        await Emptied();
        await JobStore.Save(database, parts[4], 1, Made(4, 5).State, DateTimeOffset.UnixEpoch, Stop);
        (await Waiting()).ShouldBe([4, 5]);

        async Task<IEnumerable<int>> Waiting() => (await SummaryStore.Waiting(database, 500, Stop)).Select(w => Array.IndexOf(parts, w.Part)).Order();

        async Task Emptied()
        {
            await using var command = database.CreateCommand("delete from part_touched");
            await command.ExecuteNonQueryAsync(Stop);
        }
    }
}
