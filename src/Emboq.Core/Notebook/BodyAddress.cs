using System.Globalization;
using System.Text.RegularExpressions;

namespace Emboq.Core.Notebook;

/// <summary>Which thing of a part is meant: a piece, a proof or a seat, of which member of its row, on which rung of its ladder. Written "ring-first@3#2";
/// web, files and notebook all read and write it here.</summary>
/// <param name="Key">Of the piece, proof or seat; "part" for the main piece, or of a try for all of it.</param>
/// <param name="Member">Of a row, from 1; <c>null</c> of a part that is none.</param>
/// <param name="Rung">Of a ladder, from 1; <c>null</c> for the drawn size itself.</param>
public readonly partial record struct BodyAddress(string Key, int? Member = null, int? Rung = null)
{
    /// <summary>Reads what <see cref="ToString"/> writes.</summary>
    public static bool TryParse(string? text, out BodyAddress address)
    {
        var match = Written().Match(text ?? "");
        int? Number(string group) => match.Groups[group] is { Success: true } g ? int.Parse(g.Value, CultureInfo.InvariantCulture) : null;
        address = match.Success ? new(match.Groups["key"].Value, Number("member"), Number("rung")) : default;
        return match.Success;
    }

    /// <summary>Reads what the notebook keeps.</summary>
    /// <exception cref="FormatException">It is no address.</exception>
    public static BodyAddress Parse(string text) => TryParse(text, out var address) ? address : throw new FormatException($"'{text}' is no address of a body.");

    /// <inheritdoc/>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture,
        $"{Key}{(Member is { } m ? $"@{m}" : "")}{(Rung is { } r ? $"#{r}" : "")}");

    [GeneratedRegex("\\A(?<key>[A-Za-z][A-Za-z0-9-]{0,59})(@(?<member>[1-9][0-9]{0,3}))?(#(?<rung>[1-9][0-9]{0,2}))?\\z", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Written();
}
