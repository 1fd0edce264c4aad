namespace Emboq.Core.Standards;

/// <summary>A published or customary table, as data.</summary>
/// <param name="Key">Short and stable: "nuts".</param>
/// <param name="Name">As shown.</param>
/// <param name="Source">The document, or "common practice, no source".</param>
/// <param name="Note">What a reader should know before using it.</param>
/// <param name="Columns">In order.</param>
/// <param name="Rows">In order.</param>
public sealed record StandardTable(string Key, string Name, string Source, string Note, IReadOnlyList<StandardColumn> Columns, IReadOnlyList<StandardRow> Rows);

/// <summary>A column of figures or words.</summary>
/// <param name="Name">As shown: "across flats".</param>
/// <param name="Unit">mm or degrees for figures, none for words and plain numbers.</param>
/// <param name="Offset">How far real things lie from the figure on average, in <paramref name="Unit"/>.</param>
/// <param name="Spread">One standard deviation of real things about that; <c>null</c> when the column does not serve to recognise anything.</param>
public sealed record StandardColumn(string Name, Unit Unit, double Offset = 0, double? Spread = null);

/// <summary>One row.</summary>
/// <param name="Name">What it is: "M6 nut".</param>
/// <param name="Size">The size that ties it to rows of other tables: "M6"; <c>null</c> for tables that stand alone.</param>
/// <param name="Cells">Column name to cell.</param>
public sealed record StandardRow(string Name, string? Size, IReadOnlyDictionary<string, StandardCell> Cells);

/// <summary>One cell.</summary>
/// <param name="Text">As printed in the table.</param>
/// <param name="Value">In the column's unit; <c>null</c> for words.</param>
public sealed record StandardCell(string Text, double? Value);
