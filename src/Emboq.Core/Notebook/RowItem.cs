namespace Emboq.Core.Notebook;

/// <summary>One member of a row of parts.</summary>
/// <param name="Count">How many of it.</param>
/// <param name="Entries">What it decides differently from the others: key to entry.</param>
/// <param name="Group">What its content belongs to; members of a group are printed in one colour.</param>
public sealed record RowItem(int Count, IReadOnlyDictionary<string, string> Entries, string Group = "");
