using System.Globalization;
using System.IO.Compression;
using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;
using Emboq.Exchange;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web;

/// <summary>The pack for others: files to print, a test piece first, a page to read, and the job for another Emboq.</summary>
internal static class PackWriter
{
    public static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
        RespectNullableAnnotations = true,
        RespectRequiredConstructorParameters = true,
    };

    /// <summary>Decisions as text, to tell whether two are the same.</summary>
    public static string Written(PartState state) =>
        JsonSerializer.Serialize(state with
        {
            Parameters = new SortedDictionary<string, string>(state.Parameters.ToDictionary()),
            Interfaces = new SortedDictionary<string, Guid>(state.Interfaces.ToDictionary())
        }, Json);

    public static async Task<byte[]> Of(Job job, Part part, Revision revision, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var process = await Of(revision.State.Process);
        var setups = new Dictionary<string, Process>();
        foreach (var (key, setup) in revision.State.Setups)
        {
            setups[key] = await Of(setup);
        }

        var places = await PlacesOf(revision.State, database, stop);
        var from = revision.State.Takes.Values.Select(t => t.Part).Distinct().ToList();
        var givers = new List<GiverFile>();
        foreach (var id in from)
        {
            var other = (await JobStore.Part(database, id, stop))!;
            givers.Add(new(other.Name, other.Family, other.State.Parameters, await PlacesOf(other.State, database, stop), other.State.Row));
        }

        var takes = revision.State.Takes.ToDictionary(t => t.Key, t => new TakenFile(from.IndexOf(t.Value.Part), t.Value.Thing));
        // Second jaws and inlaid letters belong to the part as much as the part itself; a draft is that again, by other settings.
        var own = revision.Frozen.Solids.Keys.Where(k => BodyAddress.Parse(k).Key != Draft.Key).ToList();
        var (proofs, bodies) = (own.Where(k => IsProof(revision, k)).ToList(), own.Where(k => !IsProof(revision, k)).ToList());
        using var memory = new MemoryStream();
        using (var zip = new ZipArchive(memory, ZipArchiveMode.Create))
        {
            Add(zip, "read-me.txt", Encoding.UTF8.GetBytes(Page(job, part, revision, process, setups,
                [.. places.Values.Select(p => $"{p.Name} of {p.Machine}")])));
            await Print(zip, "part", bodies);
            await Print(zip, "test-piece", proofs);
            Add(zip, "job.json", JsonSerializer.SerializeToUtf8Bytes(new JobFile(JobFile.TheFormat, 1, job.Name, job.Need, part.Name, part.Family,
                revision.State.Parameters, process, places, revision.State.Row, null, givers, takes, setups), Json));
        }

        return memory.ToArray();

        // What was printed with stays as it was; what the print was not of, as it is now.
        async Task<Process> Of(Guid setup) => setup == revision.Process.Id ? revision.Process : (await ProcessStore.Find(database, setup, stop))!;

        async Task Print(ZipArchive zip, string name, IReadOnlyList<string> keys)
        {
            if (keys.Count == 0)
            {
                return;
            }

            var bodies = Plate.InARow(await Endpoints.FileEndpoints.Meshes(revision, keys, kernel, stop));
            Add(zip, $"{name}.3mf", ThreeMfFile.Write(bodies, $"{part.Name} - {name}"));
            Add(zip, $"{name}.stl", StlFile.Write(Plate.AsOne(bodies), $"{part.Name} - {name}"));
        }
    }

    private static bool IsProof(Revision revision, string key) => revision.Frozen.ProofOf(BodyAddress.Parse(key).Key) is not null;

    /// <summary>The places of a part with the readings that count, by slot.</summary>
    private static async Task<IReadOnlyDictionary<string, PlaceFile>> PlacesOf(PartState state, NpgsqlDataSource database, CancellationToken stop)
    {
        var ids = state.Interfaces.Values.ToArray();
        var (places, machines) = (await InterfaceStore.Of(database, ids, stop), await MachineStore.NamesOf(database, ids, stop));
        return state.Interfaces.ToDictionary(s => s.Key, s => places[s.Value] is var place
            ? new PlaceFile(machines[s.Value], place.Name, place.Kind.Key,
                [.. place.Dimensions.SelectMany(d => d.Readings.Where(r => r.StruckBecause is null).Select(r =>
                    new ReadingFile(d.Key, r.Value, r.Text, r.Instrument, r.At, r.Direction, r.Remark)))], place.Items, place.Outline)
            : throw new InvalidOperationException("A part names a place that is not kept."));
    }

    private static string Page(Job job, Part part, Revision revision, Process process, IReadOnlyDictionary<string, Process> setups,
        IReadOnlyList<string> places)
    {
        var notes = revision.Frozen.Notes;
        IEnumerable<(string Title, IReadOnlyList<string> Lines)> sections =
        [
            ("Fits", places),
            .. revision.Frozen.Solids.Keys.Any(k => IsProof(revision, k))
                ? new (string, IReadOnlyList<string>)[] { ("Print the test piece first",
                ["It is cut out of the very part: if it fits, the part will.", "Set your printer by it before hours of printing."]) } : [],
            ("Way up", [notes?.WayUp ?? "as in the file", "The files lie as they are printed; they are in millimetres."]),
            ("Settings", [Settings(process), $"tried with {process.Material}",
                .. setups.Where(s => revision.Frozen.Names?.ContainsKey(s.Key) ?? false).Select(s =>
                $"{revision.Frozen.Names![s.Key]}: {Settings(s.Value)}, {s.Value.Material}")]),
            ("Also needed", notes is { Hardware.Count: > 0 } ? notes.Hardware : ["nothing"]),
            ("Fitting", [.. (notes?.Fitting ?? []).Select((step, i) => $"{i + 1}. {step}")]),
            ("Take care", notes?.Cautions ?? []),
        ];
        var page = new StringBuilder($"{part.Name}, revision {revision.Number}\n{job.Name}\n{job.Need}\n");
        foreach (var (title, lines) in sections)
        {
            page.Append(CultureInfo.InvariantCulture, $"\n{title}\n").AppendJoin('\n', lines.Select(l => $"  {l}")).Append('\n');
        }

        return page.ToString();
    }

    private static string Settings(Process process) => string.Create(CultureInfo.InvariantCulture,
        $"layers {process.LayerHeight} mm, lines {process.LineWidth} mm, ")
        + string.Create(CultureInfo.InvariantCulture,
            $"{process.Settings.Walls} walls, {process.Settings.Skins} closed layers, {process.Settings.Fill * 100:0} % fill");

    private static void Add(ZipArchive zip, string name, byte[] content)
    {
        using var stream = zip.CreateEntry(name, CompressionLevel.Fastest).Open();
        stream.Write(content);
    }
}
