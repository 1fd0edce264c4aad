using System.IO.Compression;
using System.Security.Cryptography;
using System.Text.Json;

namespace Emboq.Store.Archive;

/// <summary>A backup that was found to be whole: every entry is there and is what its checksum says.</summary>
public sealed class ArchiveReader : IDisposable
{
    private readonly ZipArchive zip;

    private ArchiveReader(ZipArchive zip, Manifest manifest) => (this.zip, Manifest) = (zip, manifest);

    /// <summary>What it says of itself.</summary>
    public Manifest Manifest { get; }

    /// <summary>Opens a backup and compares everything in it with its checksums.</summary>
    /// <param name="from">Seekable.</param>
    /// <param name="stop">Ends the work.</param>
    /// <exception cref="ArchiveException">It is none, or not whole.</exception>
    /// <exception cref="NewerNotebookException">A newer Emboq has written it.</exception>
    public static async Task<ArchiveReader> Open(Stream from, CancellationToken stop)
    {
        ZipArchive zip;
        try
        {
            zip = new(from, ZipArchiveMode.Read, leaveOpen: true);
        }
        catch (InvalidDataException)
        {
            throw new ArchiveException("This is not a backup of a workshop, or its end is missing.");
        }

        try
        {
            var manifest = await ReadManifest(zip, stop);
            foreach (var file in manifest.Files)
            {
                if (await Hash(zip, file.Entry, stop) != file.Sha256)
                {
                    throw new ArchiveException($"{file.Entry} is not what was written: its checksum differs. Use another backup.");
                }
            }

            return new(zip, manifest);
        }
        catch (Exception e) when (e is InvalidDataException or EndOfStreamException)
        {
            zip.Dispose();
            throw new ArchiveException($"The backup is damaged: {e.Message} Use another one.");
        }
        catch
        {
            zip.Dispose();
            throw;
        }
    }

    /// <summary>The bytes of an entry that the manifest's checksums cover.</summary>
    public Stream Read(string entry) => Manifest.Files.Any(f => f.Entry == entry) ? zip.GetEntry(entry)!.Open()
        : throw new ArchiveException($"{entry} is missing from the backup. Use another one.");

    /// <inheritdoc/>
    public void Dispose() => zip.Dispose();

    private static async Task<Manifest> ReadManifest(ZipArchive zip, CancellationToken stop)
    {
        var entry = zip.GetEntry(Manifest.Entry) ?? throw new ArchiveException("This is not a backup of a workshop: it has no manifest.");
        using var text = new StreamReader(entry.Open());
        Manifest manifest;
        try
        {
            manifest = StoreJson.Read<Manifest>(await text.ReadToEndAsync(stop));
        }
        catch (JsonException)
        {
            throw new ArchiveException("The manifest of the backup cannot be read. Use another one.");
        }

        return manifest switch
        {
            { Format: not Manifest.Workshop } or { Tables: null } or { Files: null } => throw new ArchiveException("This is not a backup of a workshop."),
            { Version: > Manifest.Current } =>
                throw new ArchiveException($"The backup is of format {manifest.Version}, and this Emboq reads up to {Manifest.Current}. Use the newer Emboq."),
            { Schema: var schema } when schema > Schema.Version => throw new NewerNotebookException(schema, Schema.Version),
            _ => manifest,
        };
    }

    private static async Task<string> Hash(ZipArchive zip, string name, CancellationToken stop)
    {
        var entry = zip.GetEntry(name) ?? throw new ArchiveException($"{name} is missing from the backup. Use another one.");
        await using var bytes = entry.Open();
        return Convert.ToHexStringLower(await SHA256.HashDataAsync(bytes, stop));
    }
}
