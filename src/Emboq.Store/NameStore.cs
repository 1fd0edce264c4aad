using Npgsql;

namespace Emboq.Store;

/// <summary>Whether a name is in use among things that are not put away; capital letters, spaces around it and how its accents are composed do not
/// matter.</summary>
public static class NameStore
{
    private static string NotAway(string thing, string? table = null) =>
        $"not exists (select 1 from away_now a where a.thing = '{thing}' and a.id = {table ?? thing}.id::text)";

    private const string SameName = "lower(normalize(trim(name))) = lower(normalize(trim(@name)))";

    /// <summary>Of a machine.</summary>
    public static Task<bool> OfMachine(NpgsqlDataSource database, string name, CancellationToken stop) =>
        Any(database, $"select machine_id from machine_found where {SameName} and not archived", new { name }, stop);

    /// <summary>Of a place of one machine.</summary>
    public static Task<bool> OfPlace(NpgsqlDataSource database, Guid machine, string name, CancellationToken stop) =>
        Any(database, $"select id from interface_now where machine_id = @machine and {SameName} and not archived", new { machine, name }, stop);

    /// <summary>Of a job.</summary>
    public static Task<bool> OfJob(NpgsqlDataSource database, string name, CancellationToken stop) =>
        Any(database, $"select id from job where {SameName} and {NotAway("job")}", new { name }, stop);

    /// <summary>Of a part of one job.</summary>
    public static Task<bool> OfPart(NpgsqlDataSource database, Guid job, string name, CancellationToken stop) =>
        Any(database, $"select id from part where job_id = @job and {SameName} and {NotAway("part")}", new { job, name }, stop);

    /// <summary>Of a spool.</summary>
    public static Task<bool> OfSpool(NpgsqlDataSource database, string name, CancellationToken stop) =>
        Any(database, $"select id from spool where {SameName} and not exists (select 1 from spool_put_away p where p.spool_id = spool.id)", new { name }, stop);

    /// <summary>Of a printer, a filament or a setup.</summary>
    internal static Task<bool> OfSetting(NpgsqlDataSource database, string thing, string name, CancellationToken stop) =>
        Any(database, $"select id from {thing}_now where {SameName} and {NotAway(thing, $"{thing}_now")}", new { name }, stop);

    private static async Task<bool> Any(NpgsqlDataSource database, string select, object values, CancellationToken stop) =>
        await database.OneOrNone<bool>($"select exists ({select})", values, stop);
}
