using System.Text.Json.Nodes;
using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;
using SkiaSharp;

namespace Emboq.Kernel;

/// <summary>Outlines of letters, from the font that ships with Emboq.</summary>
internal static class Letters
{
    /// <summary>Detail that no nozzle draws, in hundredths of the font's size.</summary>
    private const double Coarsest = 0.25;

    private static readonly SKTypeface Typeface = SKTypeface.FromStream(new MemoryStream(KernelEngine.Resource("letters.ttf")));

    /// <summary>Closed outlines of a text, centred on the origin; an outline inside another is a hole.</summary>
    /// <param name="text">One line.</param>
    /// <param name="size">Greatest height of a capital, mm.</param>
    /// <param name="room">Greatest width, mm.</param>
    /// <param name="chordError">Greatest distance from the true curve, mm.</param>
    public static JsonArray Outlines(string text, double size, double room, double chordError)
    {
        const float Drawn = 100;
        using var font = new SKFont(Typeface, Drawn);
        using var path = font.GetTextPath(text);
        var bounds = path.TightBounds;
        var scale = Math.Min(size / font.Metrics.CapHeight, room / Math.Max(bounds.Width, 1e-6));
        var outlines = new JsonArray();
        using var measure = new SKPathMeasure(path, false, (float)(1 / scale));
        do
        {
            outlines.Add((JsonNode)new JsonArray([.. Points(measure, chordError / scale).Select(p =>
                (JsonNode)new JsonArray((p.X - bounds.MidX) * scale, (bounds.MidY - p.Y) * scale))]));
        }
        while (measure.NextContour());
        return outlines;
    }

    /// <summary>A contour walked in even steps, fine enough for letters of some millimetres; points that straight lines do without are dropped (Douglas and
    /// Peucker).</summary>
    private static IEnumerable<SKPoint> Points(SKPathMeasure contour, double error)
    {
        var step = Math.Max(Math.Sqrt(8 * error * 10), 1);
        var count = Math.Max(8, (int)(contour.Length / step));
        var walked = Enumerable.Range(0, count).Select(i => contour.GetPosition(contour.Length * i / count)).Select(p => new Coordinate(p.X, p.Y)).ToArray();
        var kept = DouglasPeuckerLineSimplifier.Simplify([.. walked, walked[0]], Math.Max(error, Coarsest));
        return kept.SkipLast(1).Select(c => new SKPoint((float)c.X, (float)c.Y));
    }
}
