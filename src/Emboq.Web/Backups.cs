using System.Globalization;
using Emboq.Store.Archive;

namespace Emboq.Web;

/// <summary>Backups that are made by themselves, once a day, into a folder that EMBOQ_BACKUPS names; the oldest go when there are more than
/// EMBOQ_BACKUPS_KEPT.</summary>
/// <param name="configuration">The folder, how many are kept, and the notebook.</param>
/// <param name="clock">What day it is.</param>
internal sealed class Backups(IConfiguration configuration, TimeProvider clock)
{
    private const string Pattern = "emboq-*.zip";
    private const string Name = "'emboq-'yyyy-MM-dd-HHmmss'.zip'";

    /// <summary>The folder, or <c>null</c> when none was named.</summary>
    public string? Folder { get; } = configuration["EMBOQ_BACKUPS"] is { Length: > 0 } folder ? folder : null;

    /// <summary>How many are kept.</summary>
    public int Kept { get; } = Math.Max(1, configuration.GetValue("EMBOQ_BACKUPS_KEPT", 14));

    /// <summary>When the newest was made, by its name: a copy keeps that. <c>null</c> when there is none.</summary>
    public DateTimeOffset? Newest => Folder is not null && Directory.Exists(Folder) && Made().LastOrDefault() is { } newest
        && DateTimeOffset.TryParseExact(newest.Name, Name, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var at) ? at : null;

    /// <summary>Whether there should be a newer one.</summary>
    public bool IsOld => Folder is not null && !(clock.GetUtcNow() - Newest < TimeSpan.FromHours(36));

    /// <summary>Makes one if none was made for a day, and looks through it before it counts.</summary>
    public async Task MakeIfDue(CancellationToken stop)
    {
        if (Folder is null || clock.GetUtcNow() - Newest < TimeSpan.FromHours(24))
        {
            return;
        }

        Directory.CreateDirectory(Folder);
        var name = clock.GetUtcNow().ToString(Name, CultureInfo.InvariantCulture);
        var (part, whole) = (Path.Combine(Folder, $"{name}.part"), Path.Combine(Folder, name));
        try
        {
            await using (var file = new FileStream(part, FileMode.Create, FileAccess.ReadWrite))
            {
                await ArchiveWriter.Write(configuration["EMBOQ_DATABASE"]!, file, clock.GetUtcNow(), stop);
                file.Position = 0;
                (await ArchiveReader.Open(file, stop)).Dispose();
            }

            File.Move(part, whole);
        }
        finally
        {
            File.Delete(part);
        }

        foreach (var old in Made().SkipLast(Kept))
        {
            old.Delete();
        }
    }

    private IEnumerable<FileInfo> Made() => new DirectoryInfo(Folder!).GetFiles(Pattern).OrderBy(f => f.Name, StringComparer.Ordinal);
}
