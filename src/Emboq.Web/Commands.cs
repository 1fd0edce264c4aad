using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using Emboq.Store;
using Emboq.Store.Archive;
using Npgsql;

namespace Emboq.Web;

/// <summary>What ./emboq asks of the application beside serving: each a verb, on the notebook of EMBOQ_DATABASE. Says in a sentence what went wrong, and
/// answers with an exit code.</summary>
internal static class Commands
{
    /// <summary>Whether the first word is one of them.</summary>
    public static bool Knows(string[] words) => words is ["migrate" or "backup" or "check" or "restore"];

    /// <summary>Does it.</summary>
    /// <returns>0 when it is done.</returns>
    public static async Task<int> Run(string verb, string connection) => await Told(() => verb switch
    {
        "migrate" => Task.Run(() => Database.Migrate(connection)),
        "backup" => Backup(connection),
        "check" => Check(),
        _ => Restore(connection),
    })
    ? 0 : 1;

    /// <summary>Does something; what goes wrong with it is told in a sentence.</summary>
    /// <returns>Whether it is done.</returns>
    public static async Task<bool> Told(Func<Task> work)
    {
        try
        {
            await work();
            return true;
        }
        catch (Exception e) when (e is ArchiveException or NewerNotebookException or NpgsqlException or InvalidOperationException or IOException)
        {
            await Console.Error.WriteLineAsync($"Emboq: {e.Message}{(e.InnerException is { } inner ? $" {inner.Message}" : "")}");
            return false;
        }
    }

    private static async Task Backup(string connection)
    {
        await using var output = Console.OpenStandardOutput();
        await ArchiveWriter.Write(connection, output, DateTimeOffset.UtcNow, default);
    }

    private static async Task Check()
    {
        using var archive = await Incoming();
        await Say(archive.Manifest);
    }

    private static async Task Restore(string connection)
    {
        using var archive = await Incoming();
        await ArchiveRestore.Into(connection, archive, default);
        await Say(archive.Manifest);
    }

    /// <summary>How much is in a backup, and a number by which two of the same contents are known.</summary>
    private static Task Say(Manifest manifest)
    {
        var contents = SHA256.HashData(Encoding.UTF8.GetBytes(string.Join('\n', manifest.Files.Select(f => $"{f.Entry} {f.Sha256}"))));
        return Console.Out.WriteLineAsync(string.Create(CultureInfo.InvariantCulture,
            $"{manifest.Tables.Sum(t => t.Rows)} rows as of {manifest.Made:yyyy-MM-dd HH:mm} UTC, version {manifest.Schema} of the tables, contents "
                + $"{Convert.ToHexStringLower(contents)[..12]}."));
    }

    /// <summary>The backup on standard input, by way of a file that is gone when it is closed: the end of an archive is read first.</summary>
    private static async Task<ArchiveReader> Incoming()
    {
        var file = new FileStream(Path.Combine(Directory.GetCurrentDirectory(), $"incoming-{Guid.NewGuid():n}"),
            new FileStreamOptions { Mode = FileMode.CreateNew, Access = FileAccess.ReadWrite, Options = FileOptions.DeleteOnClose });
        await using var input = Console.OpenStandardInput();
        await input.CopyToAsync(file);
        file.Position = 0;
        return await ArchiveReader.Open(file, default);
    }
}
