using Npgsql;

namespace Emboq.Store;

/// <summary>A camera of the workshop.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Photographs">What photographs of a sheet told of its lens, oldest first.</param>
public sealed record Camera(Guid Id, string Name, IReadOnlyList<CameraPhotograph> Photographs);

/// <summary>A photograph of a sheet by a camera.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Seen">What it told.</param>
/// <param name="At">When it was taken in.</param>
public sealed record CameraPhotograph(Guid Id, LensView Seen, DateTimeOffset At);

/// <summary>Cameras and what photographs told of their lenses; both are only added; a photograph counts until it is taken out.</summary>
public static class CameraStore
{
    private sealed record Row(Guid Id, string Name, Guid? View, string? Seen, DateTime? At);

    /// <summary>All of them, put away or not, oldest first.</summary>
    public static async Task<IReadOnlyList<Camera>> All(NpgsqlDataSource database, CancellationToken stop) =>
    [
        .. (await database.Many<Row>("""
            select c.id, c.name, v.id as view, v.seen::text, v.at
            from camera c left join camera_view v on v.camera_id = c.id and not exists (select 1 from camera_view_strike k where k.view_id = v.id)
            order by c.at, c.id, v.at, v.id
            """, null, stop)).GroupBy(r => (r.Id, r.Name)).Select(g => new Camera(g.Key.Id, g.Key.Name, [.. g.Where(r => r.View is not null).Select(r =>
                new CameraPhotograph(r.View!.Value, StoreJson.Read<LensView>(r.Seen!), r.At!.Value))])),
    ];

    /// <summary>One of them; <c>null</c> where there is none.</summary>
    public static async Task<Camera?> Find(NpgsqlDataSource database, Guid id, CancellationToken stop) => (await All(database, stop)).FirstOrDefault(c =>
        c.Id == id);

    /// <summary>Adds a camera.</summary>
    public static Task Add(NpgsqlDataSource database, Guid id, string name, DateTimeOffset at, CancellationToken stop) =>
        database.Write("insert into camera (id, name, at) values (@id, @name, @at)", new { id, name, at = at.UtcDateTime }, stop);

    /// <summary>Adds what a photograph told.</summary>
    public static Task Add(NpgsqlDataSource database, Guid camera, CameraPhotograph view, CancellationToken stop) =>
        database.Write("insert into camera_view (id, camera_id, seen, at) values (@Id, @camera, @seen::jsonb, @at)",
            new { view.Id, camera, seen = StoreJson.Write(view.Seen), at = view.At.UtcDateTime }, stop);

    /// <summary>Takes a photograph out: what it told of the lens goes.</summary>
    /// <returns><c>false</c> when there is none of that identity.</returns>
    public static async Task<bool> TakeOut(NpgsqlDataSource database, Guid photograph, DateTimeOffset at, CancellationToken stop) =>
        await database.OneOrNone<Guid?>("""
            with struck as (insert into camera_view_strike (view_id, at) select id, @at from camera_view where id = @photograph on conflict do nothing)
            select id from camera_view where id = @photograph
            """, new { photograph, at = at.UtcDateTime }, stop) is not null;
}
