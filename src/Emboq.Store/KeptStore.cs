using Npgsql;

namespace Emboq.Store;

/// <summary>Printers, filaments or setups: each with every state it has had, the newest counts.</summary>
/// <typeparam name="T">Which of them.</typeparam>
public sealed class KeptStore<T>
    where T : class, IKept
{
    private readonly string thing;

    internal KeptStore(string thing) => this.thing = thing;

    private sealed record StateRow(string Content, DateTime At);

    private static string Whole(string id) => $"(content || jsonb_build_object('id', {id}, 'version', version))::text";

    /// <summary>All of them, by name.</summary>
    public async Task<IReadOnlyList<T>> All(NpgsqlDataSource database, CancellationToken stop) =>
        [.. (await database.Many<string>($"select {Whole("id")} from {thing}_now order by name, id", null, stop)).Select(StoreJson.Read<T>)];

    /// <summary>One of them as it stands, or <c>null</c>.</summary>
    public async Task<T?> Find(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        await database.OneOrNone<string>($"select {Whole("id")} from {thing}_now where id = @id", new { id }, stop) is { } row ? StoreJson.Read<T>(row) : null;

    /// <summary>Every state it has had, newest first, with when it was entered.</summary>
    public async Task<IReadOnlyList<(T State, DateTimeOffset At)>> States(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        [.. (await database.Many<StateRow>($"select {Whole($"{thing}_id")} as content, at from {thing}_state where {thing}_id = @id order by version desc",
            new { id }, stop)).Select(r => (StoreJson.Read<T>(r.Content), (DateTimeOffset)r.At))];

    /// <summary>Whether one that is not put away has a name.</summary>
    public Task<bool> HasName(NpgsqlDataSource database, string name, CancellationToken stop) => NameStore.OfSetting(database, thing, name, stop);

    /// <summary>Enters a new one; what the state says of its own identity and version does not matter.</summary>
    public Task Add(NpgsqlDataSource database, Guid id, T state, DateTimeOffset at, CancellationToken stop) =>
        database.Write($"""
            with added as (insert into {thing} (id, at) values (@id, @at) returning id)
            insert into {thing}_state ({thing}_id, version, content, at) select id, 1, @content::jsonb, @at from added
            """, new { id, content = StoreJson.Write(state), at = at.UtcDateTime }, stop);

    /// <summary>Changes one: the state becomes the next after the version it says it was made from.</summary>
    /// <returns><c>false</c> when somebody else saved first, or there is none; nothing is written then.</returns>
    public Task<bool> Save(NpgsqlDataSource database, Guid id, T state, DateTimeOffset at, CancellationToken stop) =>
        database.WriteNext($"""
            insert into {thing}_state ({thing}_id, version, content, at)
            select @id, max(version) + 1, @content::jsonb, @at from {thing}_state where {thing}_id = @id having max(version) = @Version
            """, new { id, state.Version, content = StoreJson.Write(state), at = at.UtcDateTime }, stop);
}

/// <summary>What the workshop prints with.</summary>
public static class SetupStores
{
    /// <summary>Printers.</summary>
    public static KeptStore<Printer> Printers { get; } = new("printer");

    /// <summary>Filaments.</summary>
    public static KeptStore<Filament> Filaments { get; } = new("filament");

    /// <summary>Setups.</summary>
    public static KeptStore<Setup> Setups { get; } = new("process");
}
