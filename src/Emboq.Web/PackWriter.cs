using System.Globalization;
using System.IO.Compression;
using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;
using Emboq.Core;
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
    public static string Written(PartState state) => JsonSerializer.Serialize(state with { Parameters = new SortedDictionary<string, string>(state.Parameters.ToDictionary()), Interfaces = new SortedDictionary<string, Guid>(state.Interfaces.ToDictionary()) }, Json);

    public static async Task<byte[]> Of(Job job, Part part, Revision revision, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var process = (await ProcessStore.Find(database, revision.State.Process, stop))!;
        var ids = revision.State.Interfaces.Values.ToArray();
        var (places, machines) = (await InterfaceStore.Of(database, ids, stop), await MachineStore.NamesOf(database, ids, stop));
        var slots = revision.State.Interfaces.ToDictionary(s => s.Key, s => (Machine: machines[s.Value], Place: places[s.Value]));
        var proofs = revision.Frozen.Solids.Keys.Where(k => k.StartsWith("ring-", StringComparison.Ordinal)).ToList();
        using var memory = new MemoryStream();
        using (var zip = new ZipArchive(memory, ZipArchiveMode.Create))
        {
            Add(zip, "read-me.txt", Encoding.UTF8.GetBytes(Page(job, part, revision, process, [.. slots.Select(p => $"{p.Key} end: {p.Value.Place.Name} of {p.Value.Machine}")])));
            await Print(zip, "part", [.. revision.Frozen.Solids.Keys.Where(PartRow.IsPart)]);
            await Print(zip, "test-piece", proofs);
            Add(zip, "job.json", JsonSerializer.SerializeToUtf8Bytes(File(job, part, revision, process, slots), Json));
        }

        return memory.ToArray();

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

    private static JobFile File(Job job, Part part, Revision revision, Process process, Dictionary<string, (string Machine, Interface Place)> places) => new(
        JobFile.TheFormat, 1, job.Name, job.Need, part.Name, part.Family, revision.State.Parameters, process,
        places.ToDictionary(p => p.Key, p => new PlaceFile(p.Value.Machine, p.Value.Place.Name, p.Value.Place.Kind.Key,
            [.. p.Value.Place.Dimensions.SelectMany(d => d.Readings.Where(r => r.StruckBecause is null).Select(r => new ReadingFile(d.Key, r.Value, r.Text, r.Instrument, r.At)))])), revision.State.Row);

    private static string Page(Job job, Part part, Revision revision, Process process, IReadOnlyList<string> places)
    {
        var notes = revision.Frozen.Notes;
        var s = process.Settings;
        IEnumerable<(string Title, IReadOnlyList<string> Lines)> sections =
        [
            ("Fits", places),
            .. revision.Frozen.Solids.Keys.Any(k => k.StartsWith("ring-", StringComparison.Ordinal)) ? new (string, IReadOnlyList<string>)[] { ("Print the test piece first", ["It is cut out of the very part: if its rings fit, the part will.", "Set your printer by it before hours of printing."]) } : [],
            ("Way up", [notes?.WayUp ?? "as in the file", "The files lie as they are printed; they are in millimetres."]),
            ("Settings", [string.Create(CultureInfo.InvariantCulture, $"layers {process.LayerHeight} mm, lines {process.LineWidth} mm, {s.Walls} walls, {s.Skins} closed layers, {s.Fill * 100:0} % fill"), $"tried with {process.Material}"]),
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

    private static void Add(ZipArchive zip, string name, byte[] content)
    {
        using var stream = zip.CreateEntry(name, CompressionLevel.Fastest).Open();
        stream.Write(content);
    }
}
