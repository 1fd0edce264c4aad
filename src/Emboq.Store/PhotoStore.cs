using Npgsql;

namespace Emboq.Store;

/// <summary>Photographs pinned to interfaces. One that is taken off stays in the notebook and is no longer shown.</summary>
public static class PhotoStore
{
    private sealed record PhotoRow(Guid Id, string Caption, int Width, int Height, DateTime At);

    private sealed record PictureRow(byte[] Picture);

    /// <summary>Pins one.</summary>
    /// <returns><c>false</c> when there is no such interface.</returns>
    public static async Task<bool> Add(NpgsqlDataSource database, Guid place, Photo photo, byte[] picture, byte[] thumbnail, CancellationToken stop) =>
        await database.Write("""
            insert into photo (id, interface_id, caption, width, height, picture, thumbnail, at)
            select @Id, id, @Caption, @Width, @Height, @picture, @thumbnail, @at from interface where id = @place
            """, new { photo.Id, place, photo.Caption, photo.Width, photo.Height, picture, thumbnail, at = photo.At.UtcDateTime }, stop) == 1;

    /// <summary>Pins one to a try.</summary>
    /// <returns><c>false</c> when there is no such try.</returns>
    public static async Task<bool> AddToTry(NpgsqlDataSource database, Guid entry, Photo photo, byte[] picture, byte[] thumbnail, CancellationToken stop) =>
        await database.Write("""
            insert into photo (id, try_id, caption, width, height, picture, thumbnail, at)
            select @Id, id, @Caption, @Width, @Height, @picture, @thumbnail, @at from try where id = @entry
            """, new { photo.Id, entry, photo.Caption, photo.Width, photo.Height, picture, thumbnail, at = photo.At.UtcDateTime }, stop) == 1;

    /// <summary>Those of a part's tries that are not taken off: try to photographs.</summary>
    public static async Task<ILookup<Guid, Guid>> OfTries(NpgsqlDataSource database, Guid part, CancellationToken stop) =>
        (await database.Many<TryPhotoRow>("""
            select p.try_id, p.id from photo p join try t on t.id = p.try_id
            where t.part_id = @part and not exists (select 1 from photo_taken_off o where o.photo_id = p.id) order by p.at, p.id
            """, new { part }, stop)).ToLookup(r => r.TryId, r => r.Id);

    private sealed record TryPhotoRow(Guid TryId, Guid Id);

    /// <summary>Those of an interface that are not taken off, oldest first.</summary>
    public static async Task<IReadOnlyList<Photo>> Of(NpgsqlDataSource database, Guid place, CancellationToken stop) =>
        [.. (await database.Many<PhotoRow>("""
            select id, caption, width, height, at from photo p
            where interface_id = @place and not exists (select 1 from photo_taken_off t where t.photo_id = p.id) order by at, id
            """, new { place }, stop)).Select(r => new Photo(r.Id, r.Caption, r.Width, r.Height, r.At))];

    /// <summary>The picture itself, JPEG, or <c>null</c>.</summary>
    public static async Task<byte[]?> Picture(NpgsqlDataSource database, Guid photo, CancellationToken stop) =>
        (await database.OneOrNone<PictureRow>("select picture from photo where id = @photo", new { photo }, stop))?.Picture;

    /// <summary>The same, small, or <c>null</c>.</summary>
    public static async Task<byte[]?> Thumbnail(NpgsqlDataSource database, Guid photo, CancellationToken stop) =>
        (await database.OneOrNone<PictureRow>("select thumbnail as picture from photo where id = @photo", new { photo }, stop))?.Picture;

    /// <summary>Takes one off. Taking it off again changes nothing.</summary>
    /// <returns><c>false</c> when there is no such photograph.</returns>
    public static async Task<bool> TakeOff(NpgsqlDataSource database, Guid photo, DateTimeOffset at, CancellationToken stop)
    {
        await database.Write("insert into photo_taken_off (photo_id, at) select id, @at from photo where id = @photo on conflict do nothing",
            new { photo, at = at.UtcDateTime }, stop);
        return await database.OneOrNone<Guid?>("select photo_id from photo_taken_off where photo_id = @photo", new { photo }, stop) is not null;
    }
}
