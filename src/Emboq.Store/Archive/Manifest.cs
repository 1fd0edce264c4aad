namespace Emboq.Store.Archive;

/// <summary>What a backup says of itself: the last entry of the archive, "manifest.json".</summary>
/// <param name="Format">"emboq-workshop".</param>
/// <param name="Version">Of the format.</param>
/// <param name="Schema">Version of the tables that were written.</param>
/// <param name="Made">As of when.</param>
/// <param name="Tables">In an order in which no row comes before one that it refers to.</param>
/// <param name="Files">Every other entry with its checksum.</param>
public sealed record Manifest(string Format, int Version, int Schema, DateTimeOffset Made, IReadOnlyList<ArchivedTable> Tables,
    IReadOnlyList<ArchivedFile> Files)
{
    /// <summary>The name of the entry.</summary>
    public const string Entry = "manifest.json";

    /// <summary>What <see cref="Format"/> is.</summary>
    public const string Workshop = "emboq-workshop";

    /// <summary>The version that is written.</summary>
    public const int Current = 1;
}

/// <summary>A table, as RFC 4180 with a header line: an empty field is nothing at all, a quoted empty one is empty text.</summary>
/// <param name="Name">Of the table; its entry is "tables/NAME.csv".</param>
/// <param name="Columns">In the order of the fields.</param>
/// <param name="Pictures">Columns that stand in files of their own, "pictures/COLUMN/ID.jpg".</param>
/// <param name="Rows">How many.</param>
public sealed record ArchivedTable(string Name, IReadOnlyList<string> Columns, IReadOnlyList<string> Pictures, long Rows)
{
    /// <summary>The entry of the rows.</summary>
    public string Entry => $"tables/{Name}.csv";

    /// <summary>The entry of a picture of a row.</summary>
    public static string PictureEntry(string column, Guid id) => $"pictures/{column}/{id}.jpg";
}

/// <summary>An entry and its SHA-256, as hexadecimal digits.</summary>
public sealed record ArchivedFile(string Entry, string Sha256);
