using System.Text;

namespace Emboq.Web;

/// <summary>Names of files that every file system takes.</summary>
internal static class FileNames
{
    private const int Longest = 80;

    /// <summary>Letters, digits and hyphens, of a length that can be read in a list.</summary>
    public static string Slug(string text)
    {
        var slug = new StringBuilder();
        foreach (var c in text.ToLowerInvariant())
        {
            slug.Append(char.IsAsciiLetterOrDigit(c) ? c : slug.Length > 0 && slug[^1] != '-' ? '-' : "");
        }

        return slug.ToString()[..Math.Min(slug.Length, Longest)].Trim('-');
    }
}
