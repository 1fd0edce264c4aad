using Dapper;
using Npgsql;

namespace Emboq.Store;

/// <summary>Revisions and what was tried with them; both are only added.</summary>
public static class RevisionStore
{
    private sealed record RevisionRow(Guid PartId, int Number, string Printed, string State, DateTime At, string? Remark, DateTime? Kept,
        string Frozen, string? Seats, string Process)
    {
        public Revision ToRevision() => new(PartId, Number, StoreJson.Read<string[]>(Printed), StoreJson.Read<PartState>(State), At, Remark, Kept,
            StoreJson.Read<FrozenDesign>(Frozen))
        {
            Seats = Seats is null ? new Dictionary<string, FrozenSeat>() : StoreJson.Read<Dictionary<string, FrozenSeat>>(Seats),
            Process = StoreJson.Read<Process>(Process),
        };
    }

    private sealed record NewestRow(int Number, Guid Process);

    private sealed record TryRow(Guid Id, Guid PartId, int Revision, string Slot, string? Feel, double? Printed, string? InstrumentId, string? Remark,
        DateTime At, string? Word, string? Because, bool Worked);

    private sealed record EvidenceRow(string Slot, int Revision, double Drawn, string? Feel, double? Printed, string? InstrumentId,
        string? Name, double? Resolution, double? MaximumPermissibleError, double? Repeatability, double? Reach)
    {
        public TryEvidence ToEvidence() => new(BodyAddress.Parse(Slot).Key, Revision, Drawn, Feel is { } f ? Enum.Parse<Feel>(f) : null, Printed,
            InstrumentId is { } id ? new(id, Name!, Resolution!.Value, MaximumPermissibleError!.Value, Repeatability!.Value, Reach!.Value) : null);
    }

    private const string Selected = """
        select r.part_id, r.number, array_to_json(r.printed)::text as printed, r.state::text, r.at, r.remark, k.at as kept, r.frozen::text,
               (select jsonb_object_agg(s.address, s.seat)::text from revision_seat s where s.part_id = r.part_id and s.number = r.number) as seats,
               p.process::text
        from revision r join revision_process p on p.part_id = r.part_id and p.number = r.number
        left join kept k on k.part_id = r.part_id and k.number = r.number
        """;

    /// <summary>The revisions of a part, newest first.</summary>
    public static async Task<IReadOnlyList<Revision>> Of(NpgsqlDataSource database, Guid part, CancellationToken stop) =>
        [.. (await database.Many<RevisionRow>($"{Selected} where r.part_id = @part order by r.number desc", new { part }, stop)).Select(r => r.ToRevision())];

    /// <summary>One revision, or <c>null</c>.</summary>
    public static async Task<Revision?> One(NpgsqlDataSource database, Guid part, int number, CancellationToken stop) =>
        (await database.OneOrNone<RevisionRow>($"{Selected} where r.part_id = @part and r.number = @number", new { part, number }, stop))?.ToRevision();

    /// <summary>The number that the next print of a part gets.</summary>
    public static async Task<int> Next(NpgsqlDataSource database, Guid part, CancellationToken stop) =>
        await database.OneOrNone<int>("select coalesce(max(number), 0) + 1 from revision where part_id = @part", new { part }, stop);

    /// <summary>Freezes a revision with its fitted faces and its process under a number.</summary>
    /// <returns><c>false</c> when another print took the number meanwhile; nothing is written then.</returns>
    public static async Task<bool> Add(NpgsqlDataSource database, Revision revision, CancellationToken stop) =>
        await database.OneOrNone<int>("""
            with written as (
                insert into revision (part_id, number, printed, state, process_id, frozen, remark, at)
                values (@Part, @Number, @printed, @state::jsonb, @process, @frozen::jsonb, @Remark, @at) on conflict do nothing returning part_id, number),
            seated as (
                insert into revision_seat (part_id, number, address, seat)
                select w.part_id, w.number, s.key, s.value from written w, jsonb_each(@seats::jsonb) s),
            processed as (insert into revision_process (part_id, number, process) select part_id, number, @whole::jsonb from written)
            select count(*)::int from written
            """, new
        {
            revision.Part,
            revision.Number,
            printed = revision.Printed.ToArray(),
            state = StoreJson.Write(revision.State),
            process = revision.Process.Id,
            whole = StoreJson.Write(revision.Process),
            frozen = StoreJson.Write(revision.Frozen),
            seats = StoreJson.Write(revision.Seats),
            revision.Remark,
            at = revision.At.UtcDateTime,
        }, stop) == 1;

    /// <summary>Marks a revision as the one that fits. Doing it again changes nothing.</summary>
    /// <returns><c>false</c> when there is no such revision.</returns>
    public static async Task<bool> Keep(NpgsqlDataSource database, Guid part, int number, DateTimeOffset at, CancellationToken stop)
    {
        await database.Write("""
            insert into kept (part_id, number, at) select part_id, number, @at from revision where part_id = @part and number = @number
            on conflict do nothing
            """, new { part, number, at = at.UtcDateTime }, stop);
        return await database.OneOrNone<int?>("select number from kept where part_id = @part and number = @number", new { part, number }, stop) is not null;
    }

    /// <summary>The tries of a part, oldest first.</summary>
    public static async Task<IReadOnlyList<Try>> Tries(NpgsqlDataSource database, Guid part, CancellationToken stop)
    {
        var instruments = (await InstrumentStore.All(database, stop)).ToDictionary(i => i.Id);
        var rows = await database.Many<TryRow>(
            """
            select t.id, t.part_id, t.revision, t.slot, t.feel, t.printed, t.instrument_id, t.remark, t.at, t.word, s.because, t.worked
            from try t left join try_strike s on s.try_id = t.id where t.part_id = @part order by t.at, t.id
            """, new { part }, stop);
        return [.. rows.Select(r => new Try(r.Id, r.PartId, r.Revision, r.Slot, r.Feel is { } f ? Enum.Parse<Feel>(f) : null, r.Printed,
            r.InstrumentId is { } i ? instruments[i] : null, r.Remark, r.At) { Word = r.Word, StruckBecause = r.Because, Worked = r.Worked })];
    }

    /// <summary>What the tries of a part say about one process, oldest first, by <c>@part</c> and <c>@process</c>: tries on another process prove the shape,
    /// not the size.
    /// <see cref="ReadEvidence"/> reads it.</summary>
    internal const string SelectEvidence = """
        select t.slot, t.revision, (r.frozen->'drawn'->>t.slot)::float8 as drawn, t.feel, t.printed, t.instrument_id,
               i.name, i.resolution, i.maximum_permissible_error, i.repeatability, i.reach
        from try t join revision r on r.part_id = t.part_id and r.number = t.revision left join instrument i on i.id = t.instrument_id
        where t.part_id = @part and r.process_id = @process and t.word is null and not t.worked
            and not exists (select 1 from try_strike s where s.try_id = t.id) order by t.at, t.id
        """;

    /// <summary>Reads the answer of <see cref="SelectEvidence"/>.</summary>
    internal static async Task<IReadOnlyList<TryEvidence>> ReadEvidence(SqlMapper.GridReader answers) =>
        [.. (await answers.ReadAsync<EvidenceRow>()).Select(r => r.ToEvidence())];

    private sealed record ToldRow(int Revision, string Word, string State, string Printed, string Process);

    /// <summary>What was told of whole prints of a part, oldest first, by <c>@part</c>. <see cref="ReadTold"/> reads it.</summary>
    internal const string SelectTold = """
        select t.revision, t.word, r.state::text, array_to_json(r.printed)::text as printed, p.process::text
        from try t join revision r on r.part_id = t.part_id and r.number = t.revision
        join revision_process p on p.part_id = r.part_id and p.number = r.number
        where t.part_id = @part and t.word is not null and not exists (select 1 from try_strike s where s.try_id = t.id) order by t.at, t.id
        """;

    /// <summary>Reads the answer of <see cref="SelectTold"/>: of prints of the part itself, not of its proofs.</summary>
    internal static async Task<IReadOnlyList<ToldOfPrint>> ReadTold(SqlMapper.GridReader answers) =>
        [.. (await answers.ReadAsync<ToldRow>()).Select(t => new ToldOfPrint(t.Revision, t.Word, StoreJson.Read<PartState>(t.State),
            [.. StoreJson.Read<string[]>(t.Printed).Select(BodyAddress.Parse).Where(p => p.Key == Piece.Main).Select(p => p.Member ?? 1)],
            StoreJson.Read<Process>(t.Process)))];

    /// <summary>Adds a try.</summary>
    public static Task AddTry(NpgsqlDataSource database, Try entry, CancellationToken stop) =>
        database.Write("""
            insert into try (id, part_id, revision, slot, feel, printed, instrument_id, remark, at, word, worked)
            values (@Id, @Part, @Revision, @Slot, @feel, @Printed, @instrument, @Remark, @at, @Word, @Worked)
            """, new
        {
            entry.Id,
            entry.Part,
            entry.Revision,
            entry.Slot,
            entry.Word,
            entry.Worked,
            feel = entry.Feel?.ToString(),
            entry.Printed,
            instrument = entry.Instrument?.Id,
            entry.Remark,
            at = entry.At.UtcDateTime,
        }, stop);

    /// <summary>Number of the newest revision of a part, and the setup it was decided for; <c>null</c> where it was never printed.</summary>
    public static async Task<(int Number, Guid Process)?> Newest(NpgsqlDataSource database, Guid part, CancellationToken stop) =>
        await database.OneOrNone<NewestRow>("""
            select number, (state->>'process')::uuid as process from revision where part_id = @part order by number desc limit 1
            """, new { part }, stop) is { } row ? (row.Number, row.Process) : null;

    /// <summary>Strikes a try out: it stays, and what it taught goes back. Striking it again changes nothing.</summary>
    /// <returns><c>false</c> when there is no such try.</returns>
    public static async Task<bool> StrikeTry(NpgsqlDataSource database, Guid id, string because, DateTimeOffset at, CancellationToken stop)
    {
        await database.Write("insert into try_strike (try_id, because, at) select id, @because, @at from try where id = @id on conflict do nothing",
            new { id, because, at = at.UtcDateTime }, stop);
        return await database.OneOrNone<Guid?>("select try_id from try_strike where try_id = @id", new { id }, stop) is not null;
    }
}
