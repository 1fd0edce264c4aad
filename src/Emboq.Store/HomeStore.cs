using Emboq.Core.Homes;
using Npgsql;

namespace Emboq.Store;

/// <summary>What was asked of a plan: entries as they were typed.</summary>
/// <param name="Storages">Drawers and shelves.</param>
/// <param name="Things">What wants a home.</param>
/// <param name="Gap">Between neighbours.</param>
public sealed record HomesAsked(IReadOnlyList<StorageEntry> Storages, IReadOnlyList<ThingEntry> Things, string Gap);

/// <summary>A drawer or a shelf, as entered.</summary>
/// <param name="Key">Unique in its plan.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Place">Whose readings give its sizes, or <c>null</c>.</param>
/// <param name="Width">Clear, in any notation; before what was read, when both are there.</param>
/// <param name="Depth">Likewise.</param>
/// <param name="Height">Likewise.</param>
/// <param name="Reach">How far the hand goes.</param>
/// <param name="Bears">g, or <c>null</c>.</param>
public sealed record StorageEntry(string Key, string Name, Guid? Place, string Width, string Depth, string Height, Reach Reach, double? Bears);

/// <summary>A thing, as entered.</summary>
/// <param name="Key">Unique in its plan.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Sort">What it is a kind of, or nothing.</param>
/// <param name="Place">Whose readings give its sizes, or <c>null</c>.</param>
/// <param name="Width">In any notation; before what was read, when both are there.</param>
/// <param name="Depth">Likewise.</param>
/// <param name="Height">Likewise.</param>
/// <param name="Mass">g, or <c>null</c>.</param>
/// <param name="Use">How often.</param>
/// <param name="Count">How many alike.</param>
/// <param name="Now">Key of the storage it lies in now, or <c>null</c>.</param>
/// <param name="Pinned">Key of the storage it must lie in, or <c>null</c>.</param>
public sealed record ThingEntry(string Key, string Name, string Sort, Guid? Place, string Width, string Depth, string Height, double? Mass, Use Use, int Count,
    string? Now, string? Pinned);

/// <summary>What was found, with the sizes it was found from.</summary>
/// <param name="Storages">In order.</param>
/// <param name="Things">In order.</param>
/// <param name="Gap">mm.</param>
/// <param name="Plan">The homes.</param>
public sealed record HomesFound(IReadOnlyList<Storage> Storages, IReadOnlyList<Belonging> Things, double Gap, HomePlan Plan);

/// <summary>Plans of where things live, one on a job, as numbered states; the newest counts.</summary>
public static class HomeStore
{
    private sealed record Row(int Version, string Asked, string Plan);

    /// <summary>The newest plan of a job; <c>null</c> while there is none.</summary>
    public static async Task<(int Version, HomesAsked Asked, HomesFound Found)?> Now(NpgsqlDataSource database, Guid job, CancellationToken stop) =>
        await database.OneOrNone<Row>("select version, asked::text, plan::text from home_plan where job_id = @job order by version desc limit 1", new { job },
            stop) is { } row ? (row.Version, StoreJson.Read<HomesAsked>(row.Asked), StoreJson.Read<HomesFound>(row.Plan)) : null;

    /// <summary>Adds the next plan of a job.</summary>
    /// <returns><c>false</c> when somebody else saved first; nothing is written then.</returns>
    public static Task<bool> Save(NpgsqlDataSource database, Guid job, int after, HomesAsked asked, HomesFound found, DateTimeOffset at,
        CancellationToken stop) => database.WriteNext("""
            insert into home_plan (job_id, version, asked, plan, at)
            select @job, coalesce(max(version), 0) + 1, @asked::jsonb, @plan::jsonb, @at from home_plan where job_id = @job
            having coalesce(max(version), 0) = @after
            """, new { job, after, asked = StoreJson.Write(asked), plan = StoreJson.Write(found), at = at.UtcDateTime }, stop);
}
