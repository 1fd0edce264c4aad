using Npgsql;

namespace Emboq.Store;

/// <summary>The workshop's instruments.</summary>
public static class InstrumentStore
{
    internal sealed record Row(string Id, string Name, double Resolution, double MaximumPermissibleError, double Repeatability, double Reach, string Kind,
        DateTime? LastZeroCheck)
    {
        public Instrument ToInstrument() => new(Id, Name, Resolution, MaximumPermissibleError, Repeatability, Reach,
            Enum.Parse<InstrumentKind>(Kind, ignoreCase: true), LastZeroCheck);
    }

    /// <summary>One select of every instrument, in the order of <see cref="Row"/>.</summary>
    internal const string SelectAll = """
        select i.id, i.name, i.resolution, i.maximum_permissible_error, i.repeatability, i.reach, i.kind,
               (select max(at) from zero_check where instrument_id = i.id) as last_zero_check
        from instrument i order by i.name
        """;

    /// <summary>All of them, by name.</summary>
    public static async Task<IReadOnlyList<Instrument>> All(NpgsqlDataSource database, CancellationToken stop) =>
        [.. (await database.Many<Row>(SelectAll, null, stop)).Select(r => r.ToInstrument())];

    /// <summary>Enters a new one.</summary>
    /// <returns><c>false</c> when there is one of that id; nothing is written then.</returns>
    public static async Task<bool> Add(NpgsqlDataSource database, Instrument instrument, CancellationToken stop) =>
        await database.Write("""
            insert into instrument (id, name, resolution, maximum_permissible_error, repeatability, reach, kind)
            values (@Id, @Name, @Resolution, @MaximumPermissibleError, @Repeatability, @Reach, @kind) on conflict do nothing
            """, new
        {
            instrument.Id,
            instrument.Name,
            instrument.Resolution,
            instrument.MaximumPermissibleError,
            instrument.Repeatability,
            instrument.Reach,
            kind = Word(instrument.Kind),
        }, stop) == 1;

    /// <summary>Notes that somebody looked at its zero.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="instrument">Its id.</param>
    /// <param name="found">What it showed, in its unit.</param>
    /// <param name="at">When.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <returns><c>false</c> when there is no such instrument.</returns>
    public static async Task<bool> CheckZero(NpgsqlDataSource database, string instrument, double found, DateTimeOffset at, CancellationToken stop) =>
        await database.Write("insert into zero_check (instrument_id, at, found) select id, @at, @found from instrument where id = @instrument",
            new { instrument, found, at = at.UtcDateTime }, stop) == 1;

    private static string Word(InstrumentKind kind) => System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(kind.ToString());
}
