using Npgsql;

namespace Emboq.Store;

/// <summary>Runs and service notes of revisions; both are only added.</summary>
public static class ServiceStore
{
    private sealed record RunRow(Guid Id, Guid PartId, int Number, Guid ProcessId, double Seconds, double ModelledSeconds, double? Grams,
        double? ModelledGrams, DateTime At);

    private sealed record NoteRow(Guid Id, Guid PartId, int Number, string Kind, double? AfterCount, string? AfterUnit, string Says, DateTime At);

    private const string Runs = "select id, part_id, number, process_id, seconds, modelled_seconds, grams, modelled_grams, at from run";

    /// <summary>The finished runs of a part, oldest first.</summary>
    public static async Task<IReadOnlyList<Run>> RunsOf(NpgsqlDataSource database, Guid part, CancellationToken stop) =>
        ToRuns(await database.Many<RunRow>($"{Runs} where part_id = @part order by at, id", new { part }, stop));

    /// <summary>The newest finished runs of one process, newest first: what its factors are learned from.</summary>
    internal const string SelectFinished = """
        select seconds, modelled_seconds, grams, modelled_grams from run where process_id = @process order by at desc, id limit 50
        """;

    /// <summary>The same, of a process.</summary>
    public static async Task<IReadOnlyList<FinishedRun>> FinishedOn(NpgsqlDataSource database, Guid process, CancellationToken stop) =>
        await database.Many<FinishedRun>(SelectFinished, new { process }, stop);

    /// <summary>Adds a finished run.</summary>
    public static Task Add(NpgsqlDataSource database, Run run, CancellationToken stop) =>
        database.Write("""
            insert into run (id, part_id, number, process_id, seconds, modelled_seconds, grams, modelled_grams, at)
            values (@Id, @Part, @Revision, @Process, @Seconds, @ModelledSeconds, @Grams, @ModelledGrams, @at)
            """, new
        {
            run.Id,
            run.Part,
            run.Revision,
            run.Process,
            run.Seconds,
            run.ModelledSeconds,
            run.Grams,
            run.ModelledGrams,
            at = run.At.UtcDateTime,
        }, stop);

    /// <summary>The service notes of a part, oldest first.</summary>
    public static async Task<IReadOnlyList<ServiceNote>> NotesOf(NpgsqlDataSource database, Guid part, CancellationToken stop) =>
        [.. (await database.Many<NoteRow>("select id, part_id, number, kind, after_count, after_unit, says, at from service_note where part_id = @part "
            + "order by at, id", new { part }, stop))
            .Select(r => new ServiceNote(r.Id, r.PartId, r.Number, Enum.Parse<ServiceKind>(r.Kind), r.AfterCount, r.AfterUnit, r.Says, r.At))];

    /// <summary>Adds a service note.</summary>
    public static Task Add(NpgsqlDataSource database, ServiceNote note, CancellationToken stop) =>
        database.Write("""
            insert into service_note (id, part_id, number, kind, after_count, after_unit, says, at)
            values (@Id, @Part, @Revision, @kind, @AfterCount, @AfterUnit, @Says, @at)
            """, new
        {
            note.Id,
            note.Part,
            note.Revision,
            kind = note.Kind.ToString(),
            note.AfterCount,
            note.AfterUnit,
            note.Says,
            at = note.At.UtcDateTime,
        }, stop);

    private static IReadOnlyList<Run> ToRuns(IReadOnlyList<RunRow> rows) =>
        [.. rows.Select(r => new Run(r.Id, r.PartId, r.Number, r.ProcessId, r.Seconds, r.ModelledSeconds, r.Grams, r.ModelledGrams, r.At))];
}
