using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>Reads jobs that another Emboq wrote.</summary>
internal static class PackEndpoints
{
    private const int MostReadings = 500;
    private const int MostGivers = 8;

    public static void MapPacks(this IEndpointRouteBuilder api) =>
        api.MapPost("/job-files", Take).Produces<Job>(201).ProducesProblem(400);

    /// <summary>Takes a job in, all or nothing: its machines, readings and instruments come with it, under new identities.</summary>
    private static async Task<IResult> Take(JobFile sent, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var (input, file) = (new Input(), sent.Told());
        Look(input, file);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var now = clock.GetUtcNow();
        IReadOnlyList<Problem> problems = [];
        Job? added = null;
        try
        {
            added = await Whole.Of(async () =>
            {
                var process = await Process(file.Process, database, now, stop);
                var setups = new Dictionary<string, Guid>();
                foreach (var (key, own) in file.Setups ?? new Dictionary<string, Process>())
                {
                    setups[key] = await Process(own, database, now, stop);
                }

                var job = new Job(Guid.CreateVersion7(), file.Job, file.Need, []);
                var givers = new List<Part>();
                foreach (var g in file.Givers ?? [])
                {
                    givers.Add(new(Guid.CreateVersion7(), job.Id, g.Part, g.Family, 1,
                        new(g.Parameters, await Places(g.Places, database, now, stop), process, g.Row)));
                }

                var part = new Part(Guid.CreateVersion7(), job.Id, file.Part, file.Family, 1,
                    new(file.Parameters, await Places(file.Places, database, now, stop), process, file.Row)
                    {
                        Takes = (file.Takes ?? new Dictionary<string, TakenFile>()).ToDictionary(t => t.Key, t =>
                            new TakenFrom(givers[t.Value.Giver].Id, t.Value.Thing)),
                        Setups = setups,
                    });
                job = job with { Parts = [.. givers, part] };
                await JobStore.Add(database, job with { Parts = [job.Parts[0]] }, now, stop);
                foreach (var more in job.Parts.Skip(1))
                {
                    await JobStore.AddPart(database, more, now, stop);
                }

                foreach (var kept in job.Parts)
                {
                    if (await Designer.OfMembers(database, kept, stop) is { IsGood: false } design)
                    {
                        problems = design.Problems;
                        throw new NotTaken();
                    }
                }

                return job;
            });
        }
        catch (NotTaken)
        {
            return Problems.Bad(problems);
        }

        return TypedResults.Created($"/api/jobs/{added.Id}", added);
    }

    /// <summary>Calls the whole off: nothing of a job that cannot be computed is kept.</summary>
    private sealed class NotTaken : Exception;

    private static void Look(Input input, JobFile file)
    {
        if (file.Format != JobFile.TheFormat || file.Schema != 1)
        {
            input.Add(new("format", file.Format, "This is not a job that Emboq wrote, or a newer Emboq wrote it.", "Choose the job.json of a pack.",
                $"{JobFile.TheFormat}, schema 1"));
        }

        input.Name("job", file.Job);
        input.Text("need", file.Need);
        input.Name("part", file.Part);
        input.OneOf("family", file.Family, FamilyList.All, f => f.Key);
        SetupEndpoints.Look(input, file.Process, "process.");
        input.Within("setups", file.Setups?.Count ?? 0, 0, PartState.MostSetups, "setups");
        foreach (var (key, process) in (file.Setups ?? new Dictionary<string, Process>()).Take(PartState.MostSetups))
        {
            SetupEndpoints.Look(input, process, $"setups.{key}.");
        }

        RowEndpoints.Look(input, file.Row);
        LookAt(input, file.Places, "places");
        input.Within("givers", file.Givers?.Count ?? 0, 0, MostGivers, "parts");
        foreach (var (giver, i) in (file.Givers ?? []).Take(MostGivers).Select((g, i) => (g, i)))
        {
            input.Name($"givers.{i}.part", giver.Part);
            input.OneOf($"givers.{i}.family", giver.Family, FamilyList.All, f => f.Key);
            RowEndpoints.Look(input, giver.Row);
            LookAt(input, giver.Places, $"givers.{i}.places");
        }

        foreach (var (slot, taken) in file.Takes ?? new Dictionary<string, TakenFile>())
        {
            if (taken.Giver < 0 || taken.Giver >= (file.Givers?.Count ?? 0))
            {
                input.Add(new($"takes.{slot}", $"{taken.Giver}", "The file holds no such part to take it from.", "Make the pack again where it was made."));
            }
        }
    }

    private static void LookAt(Input input, IReadOnlyDictionary<string, PlaceFile> places, string path)
    {
        foreach (var (slot, place) in places)
        {
            var field = $"{path}.{slot}";
            input.Name($"{field}.machine", place.Machine);
            input.Name($"{field}.name", place.Name);
            var kind = input.OneOf($"{field}.kind", place.Kind, KindList.All, k => k.Key);
            if (place.Readings.Count > MostReadings)
            {
                input.Add(new($"{field}.readings", $"{place.Readings.Count}", "These are more readings than a place is given.",
                    "Send fewer.", $"{MostReadings}"));
            }

            IReadOnlyList<string> items = kind is null ? [] : PlaceEndpoints.Items(input, $"{field}.items", kind, place.Items ?? []);
            OutlineEndpoints.Look(input, kind, place.Outline, $"{field}.outline");
            foreach (var reading in place.Readings.Take(MostReadings))
            {
                var dimension = kind is null ? null : input.OneOf($"{field}.readings.dimension", reading.Dimension, kind.DimensionsOf(items), d => d.Key);
                input.Within($"{field}.readings.millimetres", reading.Millimetres, dimension?.Access == Access.Position ? -Limits.LongestReading
                    : 1e-6, 1e6, "of its unit");
                input.Within($"{field}.readings.direction", reading.Direction ?? 0, 0, 359.999, "degrees");
                input.Text($"{field}.readings.remark", reading.Remark);
                input.Name($"{field}.readings.text", reading.Text);
                WorkshopEndpoints.Look(input, reading.Instrument, $"{field}.readings.instrument.");
            }
        }
    }

    /// <summary>The setup of that name if it is here, otherwise the one that came along, on a printer and with a filament that are alike if there are
    /// such.</summary>
    private static async Task<Guid> Process(Process process, NpgsqlDataSource database, DateTimeOffset now, CancellationToken stop)
    {
        if ((await ProcessStore.All(database, stop)).FirstOrDefault(p => p.Name == process.Name) is { } known)
        {
            return known.Id;
        }

        var (printer, filament, setup) = process.Apart();
        var (onto, with, id) = (
            (await SetupStores.Printers.All(database, stop)).FirstOrDefault(p => p.Name == printer.Name
                && (p.BedWidth, p.BedDepth, p.BuildHeight) == (printer.BedWidth, printer.BedDepth, printer.BuildHeight)),
            (await SetupStores.Filaments.All(database, stop)).FirstOrDefault(f => f.Name == filament.Name
                && (f.Density, f.Diameter, f.Price, f.LeastLayerTime) == (filament.Density, filament.Diameter, filament.Price, filament.LeastLayerTime)
                && !(f.FlowLimit < process.Settings.FlowLimit)),
            Guid.CreateVersion7());
        await SetupStores.Setups.Add(database, id, setup with
        {
            Printer = onto?.Id ?? await Entered(SetupStores.Printers, printer),
            Filament = with?.Id ?? await Entered(SetupStores.Filaments, filament),
            Pace = onto is null || onto.Pace == printer.Pace ? null : printer.Pace,
        }, now, stop);
        return id;

        async Task<Guid> Entered<T>(KeptStore<T> store, T state)
            where T : class, IKept
        {
            var entered = Guid.CreateVersion7();
            await store.Add(database, entered, state, now, stop);
            return entered;
        }
    }

    private static async Task<Dictionary<string, Guid>> Places(IReadOnlyDictionary<string, PlaceFile> files, NpgsqlDataSource database,
        DateTimeOffset now, CancellationToken stop)
    {
        var slots = new Dictionary<string, Guid>();
        foreach (var (slot, place) in files)
        {
            slots[slot] = await Place(place, database, now, stop);
        }

        return slots;
    }

    private static async Task<Guid> Place(PlaceFile file, NpgsqlDataSource database, DateTimeOffset now, CancellationToken stop)
    {
        var (machine, place) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await MachineStore.Add(database, machine, file.Machine, "Came with a job file.", now, stop);
        await InterfaceStore.Add(database, machine, new(place, file.Name, KindList.Of(file.Kind), []) { Items = file.Items ?? [] }, now, stop);
        if (file.Outline is { } outline)
        {
            await InterfaceStore.Trace(database, place, outline, now, stop);
        }

        var known = (await InstrumentStore.All(database, stop)).ToDictionary(i => i.Id);
        foreach (var instrument in file.Readings.Select(r => r.Instrument).DistinctBy(i => i.Id).Where(i => known.TryAdd(i.Id, i)))
        {
            await InstrumentStore.Add(database, instrument, stop);
        }

        if (file.Readings.Count > 0)
        {
            await InterfaceStore.AddReadings(database, [.. file.Readings.Select(r => (new DimensionAddress(place, r.Dimension),
                new Reading(Guid.CreateVersion7(), r.Millimetres, r.Text, known[r.Instrument.Id], r.At, string.IsNullOrWhiteSpace(r.Remark) ? null : r.Remark,
                    null, r.Direction)))], stop);
        }

        return place;
    }
}
