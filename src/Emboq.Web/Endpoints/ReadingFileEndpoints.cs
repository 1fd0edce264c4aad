using System.Globalization;
using Emboq.Exchange;
using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A table of readings for one machine.</summary>
/// <param name="Text">Comma-separated values; the first line names the columns, of which dimension and reading are needed.</param>
/// <param name="Leading">What a bare number means; metric when left out.</param>
/// <param name="Place">The place of lines that name none.</param>
/// <param name="Instrument">The instrument of lines that name none.</param>
/// <param name="Take">Whether to keep the lines that can be taken; otherwise they are only looked at.</param>
public sealed record ReadingFileRequest(string Text, LengthSystem? Leading = null, Guid? Place = null, string? Instrument = null, bool Take = false);

/// <summary>What became of a table of readings.</summary>
/// <param name="Lines">Each line, with what is wrong with it.</param>
/// <param name="Good">How many can be taken.</param>
/// <param name="Taken">How many were.</param>
public sealed record ReadingFileView(IReadOnlyList<ReadingLineView> Lines, int Good, int Taken);

/// <summary>One line.</summary>
/// <param name="Number">In the file, the header being 1.</param>
/// <param name="Raw">As it stands.</param>
/// <param name="Place">Where it would go.</param>
/// <param name="Dimension">Of which dimension.</param>
/// <param name="Metric">As read.</param>
/// <param name="Problems">Why it cannot be taken.</param>
/// <param name="Known">Whether this very reading is in the notebook already; it is not taken again.</param>
public sealed record ReadingLineView(int Number, string Raw, string? Place, string? Dimension, string? Metric,
    IReadOnlyList<Problem> Problems, bool Known = false);

internal static class ReadingFileEndpoints
{
    private const int MostLines = 5000;

    public static void MapReadingFiles(this IEndpointRouteBuilder api)
    {
        api.MapPost("/machines/{id:guid}/reading-files",
            Look).Produces<ReadingFileView>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(429).RequireRateLimiting(Limits.Uploads);
        api.MapGet("/machines/{id:guid}/readings.csv", Export).Produces<string>(200, "text/csv").ProducesProblem(404);
    }

    private static async Task<IResult> Look(Guid id, ReadingFileRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if (await MachineStore.One(database, id, stop) is not { } machine)
        {
            return Problems.Missing("machine", id);
        }

        var lines = ReadingsCsv.Read(request.Text);
        if (lines.Count is 0 or > MostLines || !lines[0].Cells.ContainsKey("dimension") || !lines[0].Cells.ContainsKey("reading"))
        {
            return Problems.Bad([new("text", null, lines.Count > MostLines ? $"These are {lines.Count} lines."
                : "The first line must name the columns dimension and reading, and lines must follow it.",
                lines.Count > MostLines ? "Send fewer at once." : "Begin with a line like: place,dimension,reading,instrument,remark",
                    $"1 to {MostLines} lines")]);
        }

        var instruments = await InstrumentStore.All(database, stop);
        var taken = lines.Select(l => Read(l, request, machine, instruments, clock.GetUtcNow())).ToList();
        var good = taken.Where(t => t.Reading is not null).Select(t => (new DimensionAddress(t.Place!.Id, t.Dimension!.Key), t.Reading!)).ToList();
        if (request.Take && good.Count > 0)
        {
            await InterfaceStore.AddReadings(database, good, stop);
        }

        return TypedResults.Ok(new ReadingFileView([.. taken.Select(t => t.View)], good.Count, request.Take ? good.Count : 0));
    }

    private sealed record Line(Interface? Place, Dimension? Dimension, Reading? Reading, ReadingLineView View);

    private static Line Read(ReadingLine line, ReadingFileRequest request, Machine machine, IReadOnlyList<Instrument> instruments, DateTimeOffset now)
    {
        string Cell(string column) => line.Cells.GetValueOrDefault(column, "");
        var input = new Input();
        var places = machine.Interfaces.Where(i => !i.Archived).ToList();
        var place = Cell("place") is { Length: > 0 } name
            ? Named(input, "place", name, places, p => [p.Name])
            : places.FirstOrDefault(p => p.Id == request.Place) ?? (places.Count == 1 ? places[0]
                : Named<Interface>(input, "place", "", places, p => [p.Name]));
        var dimension = place is null ? null : Named(input, "dimension", Cell("dimension"), place.Kind.DimensionsOf(place.Items), d => [d.Key, d.Name]);
        var instrument = Named(input, "instrument", Cell("instrument") is { Length: > 0 } told ? told : request.Instrument ?? "",
            instruments, i => [i.Id, i.Name]);
        var direction = Cell("direction") is { Length: > 0 } angle ? Number(input, "direction", angle) : null;
        var at = Cell("at") is { Length: > 0 } time ? Time(input, time) : now;
        var reading = place is null || dimension is null || instrument is null ? null
            : ReadingEndpoints.Read(input, "", place, new(dimension.Key, Cell("reading"), instrument.Id, request.Leading, Cell("remark"),
                direction), instruments, at);
        // A line that was struck out where it came from is not taken here.
        if (Cell("struck").Length > 0)
        {
            input.Add(new("struck", Cell("struck"), "This reading was struck out.", "Leave it, or clear the cell to take it anyway."));
        }

        var kept = input.IsGood ? reading : null;
        // Only a line that says when it was read can be known again.
        var known = reading is not null && Cell("at").Length > 0 && KnownReadings.Holds(place![dimension!.Key], reading.Value,
            reading.Instrument.Id, reading.At);
        return new(place, place is null || dimension is null ? null : place[dimension.Key], known ? null : kept,
            new(line.Number, line.Raw, place?.Name, dimension?.Name, kept is null ? null
                : QuantityText.Metric(kept.Value, Accesses.UnitOf(dimension!.Access)), known ? [] : input.Problems, known));
    }

    /// <summary>The one that is called so, in any case of letters.</summary>
    private static T? Named<T>(Input input, string field, string text, IReadOnlyList<T> all, Func<T, string[]> names)
        where T : class
    {
        var found = all.Where(x => names(x).Contains(text.Trim(), StringComparer.OrdinalIgnoreCase)).ToList();
        if (found is [var one])
        {
            return one;
        }

        var known = string.Join(", ", all.Select(x => names(x)[^1]));
        input.Add(new(field, text, text.Length == 0 ? $"The {field} is missing." : found.Count > 1 ? $"Several are called '{text}'."
            : $"There is no {field} '{text}' here.", known.Length == 0 ? "There is none yet: add one first." : $"Use one of {known}.",
            known.Length == 0 ? null : known));
        return null;
    }

    private static double? Number(Input input, string field, string text)
    {
        if (PlainNumber.Read(text) is { } value)
        {
            return value;
        }

        input.Add(new(field, text, $"'{text}' is not an angle.", "Write degrees like 45, or leave it empty."));
        return null;
    }

    private static DateTimeOffset Time(Input input, string text)
    {
        if (DateTimeOffset.TryParse(text, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var at))
        {
            return at;
        }

        input.Add(new("at", text, $"'{text}' is not a time.", "Write it like 2026-11-24 16:30, or leave it empty."));
        return default;
    }

    private static async Task<IResult> Export(Guid id, NpgsqlDataSource database, CancellationToken stop)
    {
        if (await MachineStore.One(database, id, stop) is not { } machine)
        {
            return Problems.Missing("machine", id);
        }

        var lines =
            from place in machine.Interfaces
            from dimension in place.Dimensions
            from r in dimension.Readings
            select (IReadOnlyList<string>)[machine.Name, place.Name, dimension.Key, r.Text, r.Value.ToString("R", CultureInfo.InvariantCulture),
                Accesses.UnitOf(dimension.Access).ToString(), r.Instrument.Id,
                r.At.ToString("O", CultureInfo.InvariantCulture), r.Direction?.ToString(CultureInfo.InvariantCulture) ?? "", r.Remark
                    ?? "", r.StruckBecause ?? ""];
        return TypedResults.File(System.Text.Encoding.UTF8.GetBytes(ReadingsCsv.Write(lines)), "text/csv; charset=utf-8", $"{machine.Name} readings.csv");
    }
}
