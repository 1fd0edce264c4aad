using System.Reflection;
using PdfSharp.Drawing;
using PdfSharp.Fonts;

namespace Emboq.Exchange.Pdf;

/// <summary>The two cuts of the font that ships with Emboq; no font of the machine is asked for.</summary>
internal sealed class PdfFonts : IFontResolver
{
    private const string Family = "Emboq";

    /// <summary>Makes the fonts known; PDFsharp keeps one resolver for the whole process.</summary>
    private static readonly Lazy<PdfFonts> Known = new(() =>
    {
        var fonts = new PdfFonts();
        GlobalFontSettings.FontResolver = fonts;
        return fonts;
    });

    public static XFont Of(double size, bool bold = false)
    {
        _ = Known.Value;
        return new(Family, size, bold ? XFontStyleEx.Bold : XFontStyleEx.Regular);
    }

    public FontResolverInfo ResolveTypeface(string familyName, bool bold, bool italic) => new(bold ? "bold.ttf" : "regular.ttf");

    public byte[] GetFont(string faceName)
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream(faceName)
            ?? throw new InvalidOperationException($"{faceName} was not built in.");
        using var memory = new MemoryStream();
        stream.CopyTo(memory);
        return memory.ToArray();
    }
}
