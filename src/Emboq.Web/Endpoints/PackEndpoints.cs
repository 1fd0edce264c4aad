using System.Transactions;
using Emboq.Core;
using Emboq.Core.Families;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>Reads jobs that another Emboq wrote.</summary>
internal static class PackEndpoints
{
    private const int MostReadings = 500;

    public static void MapPacks(this IEndpointRouteBuilder api) =>
        api.MapPost("/job-files", Take).Produces<Job>(201).ProducesProblem(400);

    /// <summary>Takes a job in, all or nothing: its machines, readings and instruments come with it, under new identities.</summary>
    private static async Task<IResult> Take(JobFile file, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        Look(input, file);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var now = clock.GetUtcNow();
        using var whole = new TransactionScope(TransactionScopeAsyncFlowOption.Enabled);
        var process = await Process(file.Process, database, now, stop);
        var slots = new Dictionary<string, Guid>();
        foreach (var (slot, place) in file.Places)
        {
            slots[slot] = await Place(place, database, now, stop);
        }

        var job = new Job(Guid.CreateVersion7(), file.Job, file.Need, []);
        var part = new Part(Guid.CreateVersion7(), job.Id, file.Part, file.Family, 1, new(file.Parameters, slots, process, Row: file.Row));
        var design = await Designer.OfMembers(database, part, stop);
        if (!design.IsGood)
        {
            return Problems.Bad(design.Problems);
        }

        var added = job with { Parts = [part] };
        await JobStore.Add(database, added, now, stop);
        whole.Complete();
        return TypedResults.Created($"/api/jobs/{job.Id}", added);
    }

    private static void Look(Input input, JobFile file)
    {
        if (file.Format != JobFile.TheFormat || file.Schema != 1)
        {
            input.Add(new("format", file.Format, "This is not a job that Emboq wrote, or a newer Emboq wrote it.", "Choose the job.json of a pack.", $"{JobFile.TheFormat}, schema 1"));
        }

        input.Name("job", file.Job);
        input.Text("need", file.Need);
        input.Name("part", file.Part);
        input.OneOf("family", file.Family, FamilyList.All, f => f.Key);
        input.Name("process.name", file.Process.Name);
        WorkshopEndpoints.Look(input, file.Process);
        RowEndpoints.Look(input, file.Row);
        foreach (var (slot, place) in file.Places)
        {
            var field = $"places.{slot}";
            input.Name($"{field}.machine", place.Machine);
            input.Name($"{field}.name", place.Name);
            var kind = input.OneOf($"{field}.kind", place.Kind, InterfaceKind.All, k => k.Key);
            if (place.Readings.Count > MostReadings)
            {
                input.Add(new($"{field}.readings", $"{place.Readings.Count}", "These are more readings than a place is given.", "Send fewer.", $"{MostReadings}"));
            }

            foreach (var reading in place.Readings.Take(MostReadings))
            {
                input.OneOf($"{field}.readings.dimension", reading.Dimension, kind?.Dimensions ?? [], d => d.Key);
                input.Within($"{field}.readings.millimetres", reading.Millimetres, 0.001, Limits.LongestReading, "mm");
                input.Name($"{field}.readings.text", reading.Text);
                WorkshopEndpoints.Look(input, reading.Instrument, $"{field}.readings.instrument.");
            }
        }
    }

    /// <summary>The setup of that name if it is here, otherwise the one that came along.</summary>
    private static async Task<Guid> Process(Process process, NpgsqlDataSource database, DateTimeOffset now, CancellationToken stop)
    {
        if ((await ProcessStore.All(database, stop)).FirstOrDefault(p => p.Name == process.Name) is { } known)
        {
            return known.Id;
        }

        var added = process with { Id = Guid.CreateVersion7() };
        await ProcessStore.Add(database, added, now, stop);
        return added.Id;
    }

    private static async Task<Guid> Place(PlaceFile file, NpgsqlDataSource database, DateTimeOffset now, CancellationToken stop)
    {
        var (machine, place) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await MachineStore.Add(database, machine, file.Machine, "Came with a job file.", now, stop);
        await InterfaceStore.Add(database, machine, new(place, file.Name, InterfaceKind.Of(file.Kind), []), now, stop);
        var known = (await InstrumentStore.All(database, stop)).ToDictionary(i => i.Id);
        foreach (var instrument in file.Readings.Select(r => r.Instrument).DistinctBy(i => i.Id).Where(i => known.TryAdd(i.Id, i)))
        {
            await InstrumentStore.Add(database, instrument, stop);
        }

        if (file.Readings.Count > 0)
        {
            await InterfaceStore.AddReadings(database, [.. file.Readings.Select(r => (new DimensionAddress(place, r.Dimension),
                new Reading(Guid.CreateVersion7(), r.Millimetres, r.Text, known[r.Instrument.Id], r.At, null, null)))], stop);
        }

        return place;
    }
}
