using Npgsql;

namespace Emboq.Store;

/// <summary>A test print that was made.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Process">What it was printed with, as that stood.</param>
/// <param name="Teeth">Its faces.</param>
/// <param name="At">When its file was made.</param>
public sealed record Comb(Guid Id, Process Process, IReadOnlyList<CombTooth> Teeth, DateTimeOffset At);

/// <summary>One thing that was told of a face of a test print.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Comb">The test print.</param>
/// <param name="Tooth">Number of the face.</param>
/// <param name="Feel">What a hand said, if it did.</param>
/// <param name="Printed">What was read, mm, if it was.</param>
/// <param name="Instrument">With what.</param>
/// <param name="At">When.</param>
public sealed record ToldOfTooth(Guid Id, Guid Comb, int Tooth, Feel? Feel, double? Printed, Instrument? Instrument, DateTimeOffset At)
{
    /// <summary>Why it no longer counts; <c>null</c> while it does.</summary>
    public string? StruckBecause { get; init; }

    /// <summary>Prints that its printer has finished since.</summary>
    public int RunsSince { get; init; }

    /// <summary>How often its printer was serviced since.</summary>
    public int ServicesSince { get; init; }
}

/// <summary>Test prints of setups and what was told of them; both are only added.</summary>
public static class CombStore
{
    private sealed record CombRow(Guid Id, string Process, string Teeth, DateTime At);

    private sealed record ToldRow(Guid Id, Guid CombId, int Tooth, string? Feel, double? Printed, string? InstrumentId, string? Name, double? Resolution,
        double? MaximumPermissibleError, double? Repeatability, double? Reach, DateTime At, string? Because, int RunsSince, int ServicesSince);

    private const string Select = "select id, process::text, teeth::text, at from comb";

    /// <summary>All of them, newest first.</summary>
    public static async Task<IReadOnlyList<Comb>> All(NpgsqlDataSource database, CancellationToken stop) =>
        [.. (await database.Many<CombRow>($"{Select} order by at desc, id", null, stop)).Select(ToComb)];

    /// <summary>Those of one setup, newest first.</summary>
    public static async Task<IReadOnlyList<Comb>> Of(NpgsqlDataSource database, Guid process, CancellationToken stop) =>
        [.. (await database.Many<CombRow>($"{Select} where process_id = @process order by at desc, id", new { process }, stop)).Select(ToComb)];

    /// <summary>One of them; <c>null</c> where there is none.</summary>
    public static async Task<Comb?> Find(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        await database.OneOrNone<CombRow>($"{Select} where id = @id", new { id }, stop) is { } row ? ToComb(row) : null;

    /// <summary>Adds one.</summary>
    public static Task Add(NpgsqlDataSource database, Comb comb, CancellationToken stop) =>
        database.Write("insert into comb (id, process_id, process, teeth, at) values (@Id, @of, @process::jsonb, @teeth::jsonb, @at)",
            new { comb.Id, of = comb.Process.Id, process = StoreJson.Write(comb.Process), teeth = StoreJson.Write(comb.Teeth), at = comb.At.UtcDateTime },
                stop);

    /// <summary>All that was told of test prints, oldest first, what was struck with its reason.</summary>
    public static async Task<IReadOnlyList<ToldOfTooth>> Told(NpgsqlDataSource database, CancellationToken stop) =>
    [
        .. (await database.Many<ToldRow>("""
            select t.id, t.comb_id, t.tooth, t.feel, t.printed, t.instrument_id, i.name, i.resolution, i.maximum_permissible_error, i.repeatability, i.reach,
                   t.at, k.because,
                   (select count(*)::int from run x join revision_process xp on xp.part_id = x.part_id and xp.number = x.number
                    where x.at > t.at and xp.process->>'printerId' = c.process->>'printerId') as runs_since,
                   (select count(*)::int from printer_service v where v.at > t.at and v.printer_id::text = c.process->>'printerId') as services_since
            from comb_told t join comb c on c.id = t.comb_id left join instrument i on i.id = t.instrument_id left join comb_strike k on k.told_id = t.id
            order by t.at, t.id
            """, null, stop)).Select(r => new ToldOfTooth(r.Id, r.CombId, r.Tooth, r.Feel is { } f ? Enum.Parse<Feel>(f) : null, r.Printed,
                r.InstrumentId is { } id ? new(id, r.Name!, r.Resolution!.Value, r.MaximumPermissibleError!.Value, r.Repeatability!.Value, r.Reach!.Value)
                    : null, r.At)
            { StruckBecause = r.Because, RunsSince = r.RunsSince, ServicesSince = r.ServicesSince }),
    ];

    /// <summary>Adds what was told of one face.</summary>
    public static Task Tell(NpgsqlDataSource database, ToldOfTooth told, CancellationToken stop) =>
        database.Write("""
            insert into comb_told (id, comb_id, tooth, feel, printed, instrument_id, at) values (@Id, @Comb, @Tooth, @feel, @Printed, @instrument, @at)
            """, new
        {
            told.Id,
            told.Comb,
            told.Tooth,
            feel = told.Feel?.ToString(),
            told.Printed,
            instrument = told.Instrument?.Id,
            at = told.At.UtcDateTime
        }, stop);

    /// <summary>Strikes out what was told: it stays, and what it taught goes back. Striking it again changes nothing.</summary>
    /// <returns><c>false</c> when nothing of that identity was told.</returns>
    public static async Task<bool> Strike(NpgsqlDataSource database, Guid id, string because, DateTimeOffset at, CancellationToken stop)
    {
        await database.Write("insert into comb_strike (told_id, because, at) select id, @because, @at from comb_told where id = @id on conflict do nothing",
            new { id, because, at = at.UtcDateTime }, stop);
        return await database.OneOrNone<Guid?>("select told_id from comb_strike where told_id = @id", new { id }, stop) is not null;
    }

    /// <summary>Faces of the newest revision of each part that was printed with a setup.</summary>
    public static async Task<IReadOnlyList<Face>> Used(NpgsqlDataSource database, Guid process, CancellationToken stop) =>
    [
        .. (await database.Many<string>("""
            select s.seat::text from revision_seat s
            where s.seat->>'process' = @process and s.number = (select max(n.number) from revision_seat n where n.part_id = s.part_id)
            """, new { process = process.ToString() }, stop)).Select(StoreJson.Read<FrozenSeat>).Select(s =>
                new Face(s.Surface, s.Counterpart ?? s.Drawn, s.Lie)),
    ];

    private static Comb ToComb(CombRow row) => new(row.Id, StoreJson.Read<Process>(row.Process), StoreJson.Read<IReadOnlyList<CombTooth>>(row.Teeth), row.At);
}
