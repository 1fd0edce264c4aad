using System.Text;

namespace Emboq.Web;

/// <summary>Every text that comes in, whatever field it is for: bounded, and without characters that no keyboard types.</summary>
internal static class TextGate
{
    /// <summary>Longer than any list that is pasted; fields have narrower limits of their own.</summary>
    private const int Longest = 200_000;

    /// <summary>What is wrong with a text, if anything.</summary>
    public static Problem? Of(string field, string text) =>
        text.Length > Longest ? new(field, null, $"The text is {text.Length} characters long; {Longest} is the limit.", "Shorten it.", $"{Longest} characters")
        : IsOdd(text) ? new(field, null, "There is a character in this text that cannot be kept.", "Type it again, without control characters.")
        : null;

    /// <summary>Whether it holds a character that cannot be kept.</summary>
    private static bool IsOdd(string text) => text.EnumerateRunes().Any(r => r == Rune.ReplacementChar
        || (Rune.IsControl(r) && r.Value is not ('\n' or '\r' or '\t')));
}
