using Emboq.Core;
using Npgsql;

namespace Emboq.Store;

/// <summary>The workshop's instruments.</summary>
public static class InstrumentStore
{
    /// <summary>All of them, by name.</summary>
    public static Task<IReadOnlyList<Instrument>> All(NpgsqlDataSource database, CancellationToken stop) =>
        database.Many<Instrument>("select id, name, resolution, maximum_permissible_error, repeatability, reach from instrument order by name", null, stop);

    /// <summary>Enters a new one.</summary>
    public static Task Add(NpgsqlDataSource database, Instrument instrument, CancellationToken stop) =>
        database.Write("""
            insert into instrument (id, name, resolution, maximum_permissible_error, repeatability, reach)
            values (@Id, @Name, @Resolution, @MaximumPermissibleError, @Repeatability, @Reach)
            """, instrument, stop);
}
