using OpenCvSharp;

namespace Emboq.Exchange.Photographs;

/// <summary>A part of a photograph laid flat, as if it had been taken square from above: every millimetre of it is as wide as every other.</summary>
/// <param name="Jpeg">It.</param>
/// <param name="Left">Its left edge, mm of the outline.</param>
/// <param name="Low">Its lower edge, likewise.</param>
/// <param name="Wide">mm.</param>
/// <param name="High">mm.</param>
public sealed record FlatPicture(byte[] Jpeg, double Left, double Low, double Wide, double High)
{
    /// <summary>Side of a pixel, mm, and the longest side, px: what is longer has larger pixels.</summary>
    private const double Finest = 0.15, Longest = 1400;

    /// <summary>The same, of an outline whose own origin lies elsewhere.</summary>
    public FlatPicture From(Point2 origin) => this with { Left = Math.Round(Left - origin.X, 3), Low = Math.Round(Low - origin.Y, 3) };

    /// <summary>Lays flat what an outline covers, and a little around it.</summary>
    /// <param name="colours">The photograph.</param>
    /// <param name="view">The camera.</param>
    /// <param name="outline">mm of the sheet.</param>
    /// <param name="height">Over the sheet at which it is true, mm.</param>
    internal static FlatPicture Of(Mat colours, CameraView view, IReadOnlyList<Point2> outline, double height)
    {
        const double Beside = 0.08;
        var (left, low) = (outline.Min(p => p.X), outline.Min(p => p.Y));
        var (wide, high) = (outline.Max(p => p.X) - left, outline.Max(p => p.Y) - low);
        var room = Beside * Math.Max(wide, high);
        (left, low, wide, high) = (left - room, low - room, wide + (2 * room), high + (2 * room));
        var pixel = Math.Max(Finest, Math.Max(wide, high) / Longest);
        var (columns, rows) = ((int)Math.Ceiling(wide / pixel), (int)Math.Ceiling(high / pixel));
        using var from = new Mat(rows, columns, MatType.CV_32FC2);
        for (var row = 0; row < rows; row++)
        {
            for (var column = 0; column < columns; column++)
            {
                var at = view.Of(left + ((column + 0.5) * pixel), low + ((rows - row - 0.5) * pixel), height);
                from.Set(row, column, new Vec2f((float)at.X, (float)at.Y));
            }
        }

        using var flat = new Mat();
        using var none = new Mat();
        Cv2.Remap(colours, flat, from, none, InterpolationFlags.Linear, BorderTypes.Replicate);
        Cv2.CvtColor(flat, flat, ColorConversionCodes.RGBA2BGR);
        Cv2.ImEncode(".jpg", flat, out var jpeg, new ImageEncodingParam(ImwriteFlags.JpegQuality, 85));
        return new(jpeg, left, low, columns * pixel, rows * pixel);
    }
}
