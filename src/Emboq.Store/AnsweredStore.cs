using Npgsql;

namespace Emboq.Store;

/// <summary>An answer to a write that came with a key.</summary>
/// <param name="Status">HTTP status.</param>
/// <param name="ContentType">Of the body, if any.</param>
/// <param name="Location">Where what was made is found, if that was said.</param>
/// <param name="Body">As it was sent.</param>
/// <param name="Asked">A hash of what was asked.</param>
public sealed record Answered(int Status, string? ContentType, string? Location, byte[] Body, byte[] Asked);

/// <summary>Answers that may be asked for again.</summary>
public static class AnsweredStore
{
    private sealed record Row(int Status, string? ContentType, string? Location, byte[] Body, byte[] Asked);

    /// <summary>Takes a key for the transaction at hand. Whoever comes with the same key meanwhile waits for its end.</summary>
    /// <returns><c>false</c> when it was answered before.</returns>
    public static async Task<bool> Claim(NpgsqlDataSource database, string key, byte[] asked, DateTimeOffset at, CancellationToken stop) =>
        await database.Write("insert into answered (key, asked, status, body, at) values (@key, @asked, 0, '', @at) on conflict do nothing",
            new { key, asked, at = at.UtcDateTime }, stop) == 1;

    /// <summary>Keeps the answer with what was written.</summary>
    public static Task Keep(NpgsqlDataSource database, string key, Answered answer, CancellationToken stop) =>
        database.Write("update answered set status = @Status, content_type = @ContentType, location = @Location, body = @Body where key = @key",
            new { key, answer.Status, answer.ContentType, answer.Location, answer.Body }, stop);

    /// <summary>What was answered, or <c>null</c>.</summary>
    public static async Task<Answered?> Find(NpgsqlDataSource database, string key, CancellationToken stop) =>
        await database.OneOrNone<Row>("select status, content_type, location, body, asked from answered where key = @key", new { key }, stop) is { } r
            ? new(r.Status, r.ContentType, r.Location, r.Body, r.Asked) : null;

    /// <summary>Forgets what was answered before a moment.</summary>
    public static Task Forget(NpgsqlDataSource database, DateTimeOffset before, CancellationToken stop) =>
        database.Write("delete from answered where at < @before", new { before = before.UtcDateTime }, stop);
}
