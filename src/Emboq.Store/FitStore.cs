using Npgsql;

namespace Emboq.Store;

/// <summary>One thing that was told of a printed face, with the face as it was printed.</summary>
/// <param name="Part">The part.</param>
/// <param name="Revision">Its number.</param>
/// <param name="Address">Of the face, with member and rung.</param>
/// <param name="Seat">The face, whole.</param>
/// <param name="Process">What it was printed with, as that stood.</param>
/// <param name="Feel">What a hand said, if it did.</param>
/// <param name="Printed">What was read on it, mm, if it was.</param>
/// <param name="Instrument">With what.</param>
/// <param name="Worked">Whether it was sanded, reamed or taped before.</param>
/// <param name="RunsSince">Prints that its printer has finished since.</param>
/// <param name="ServicesSince">How often its printer was serviced since.</param>
public sealed record ToldOfFace(Guid Part, int Revision, BodyAddress Address, FrozenSeat Seat, Process Process, Feel? Feel, double? Printed,
    Instrument? Instrument, bool Worked, int RunsSince, int ServicesSince);

/// <summary>All that the workshop's prints have told, and the services of its printers.</summary>
public static class FitStore
{
    private sealed record ToldRow(Guid PartId, int Revision, string Slot, string Seat, string Process, string? Feel, double? Printed, string? InstrumentId,
        string? Name, double? Resolution, double? MaximumPermissibleError, double? Repeatability, double? Reach, bool Worked, int RunsSince, int ServicesSince);

    /// <summary>Changes with anything that belief about prints rests on: which rows there are, not how many, for two who write at once see as many each, and
    /// not the same.</summary>
    internal const string SelectVersion = """
        select concat_ws('/', (select bit_xor(uuid_hash_extended(id, 0)) from try), (select bit_xor(uuid_hash_extended(try_id, 0)) from try_strike),
            (select bit_xor(uuid_hash_extended(id, 0)) from run), (select bit_xor(uuid_hash_extended(id, 0)) from reading),
            (select bit_xor(uuid_hash_extended(reading_id, 0)) from reading_strike),
            (select bit_xor(hashtextextended(instrument_id || at, 0)) from zero_check), (select bit_xor(uuid_hash_extended(id, 0)) from printer_service),
            (select bit_xor(uuid_hash_extended(id, 0)) from comb_told), (select bit_xor(uuid_hash_extended(told_id, 0)) from comb_strike),
            (select bit_xor(uuid_hash_extended(id, 0)) from learned_from), (select bit_xor(uuid_hash_extended(learned_id, 0)) from learned_from_strike))
        """;

    /// <summary>As it stands now.</summary>
    public static async Task<string> Version(NpgsqlDataSource database, CancellationToken stop) =>
        (await database.OneOrNone<string>(SelectVersion, new { }, stop))!;

    /// <summary>What was told of every fitted face that was tried and not struck, oldest first.</summary>
    public static async Task<IReadOnlyList<ToldOfFace>> Told(NpgsqlDataSource database, CancellationToken stop) =>
    [
        .. (await database.Many<ToldRow>("""
            select t.part_id, t.revision, t.slot, s.seat::text, p.process::text, t.feel, t.printed, t.instrument_id,
                   i.name, i.resolution, i.maximum_permissible_error, i.repeatability, i.reach, t.worked,
                   (select count(*)::int from run x join revision_process xp on xp.part_id = x.part_id and xp.number = x.number
                    where x.at > t.at and xp.process->>'printerId' = p.process->>'printerId') as runs_since,
                   (select count(*)::int from printer_service v where v.at > t.at and v.printer_id::text = p.process->>'printerId') as services_since
            from try t
            join revision_seat s on s.part_id = t.part_id and s.number = t.revision and s.address = split_part(t.slot, '#', 1)
            join revision_process p on p.part_id = t.part_id and p.number = t.revision
            left join instrument i on i.id = t.instrument_id
            where t.word is null and s.seat->>'process' = p.process->>'id' and not exists (select 1 from try_strike k where k.try_id = t.id)
            order by t.at, t.id
            """, new { }, stop)).Select(r => new ToldOfFace(r.PartId, r.Revision, BodyAddress.Parse(r.Slot), StoreJson.Read<FrozenSeat>(r.Seat),
                StoreJson.Read<Process>(r.Process), r.Feel is { } f ? Enum.Parse<Feel>(f) : null, r.Printed, r.InstrumentId is { } id
                    ? new(id, r.Name!, r.Resolution!.Value, r.MaximumPermissibleError!.Value, r.Repeatability!.Value, r.Reach!.Value) : null, r.Worked,
                        r.RunsSince,
                r.ServicesSince)),
    ];

    /// <summary>Notes that a printer was serviced.</summary>
    /// <returns><c>false</c> when there is no such printer.</returns>
    public static async Task<bool> Serviced(NpgsqlDataSource database, Guid id, Guid printer, string says, DateTimeOffset at, CancellationToken stop) =>
        await database.Write("insert into printer_service (id, printer_id, says, at) select @id, p.id, @says, @at from printer p where p.id = @printer",
            new { id, printer, says, at = at.UtcDateTime }, stop) == 1;
}
