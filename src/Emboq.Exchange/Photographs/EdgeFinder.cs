using OpenCvSharp;

namespace Emboq.Exchange.Photographs;

/// <summary>The edge of what lies on a sheet, as it is seen on the sheet's plane.</summary>
/// <param name="Points">Once around, mm.</param>
/// <param name="Touches">Whether it reaches out of the free middle.</param>
internal sealed record FoundEdge(IReadOnlyList<Point2> Points, bool Touches);

/// <summary>Lays a photograph flat by its view and finds the largest thing on the white middle of the sheet, its edge within parts of a pixel.</summary>
internal static class EdgeFinder
{
    /// <summary>Side of a pixel when laid flat, mm.</summary>
    public const double Pixel = 0.1;

    /// <summary>Things smaller than this are dust, mm².</summary>
    private const double Least = 30;

    /// <summary>How far to each side of its edge brightness is looked at, px; the outer third of it tells what inside and outside are.</summary>
    private const int Reach = 9;

    /// <summary>Finds it; <c>null</c> where nothing lies there that is darker than paper.</summary>
    /// <param name="dark">The darkest of each pixel's colours: what is coloured is darker than white there too.</param>
    /// <param name="found">The view.</param>
    public static FoundEdge? In(Mat dark, FoundView found)
    {
        var (left, low) = (found.Free.Left, found.Free.Low);
        var (wide, high) = ((int)((found.Free.Right - left) / Pixel), (int)((found.Free.High - low) / Pixel));
        Point2 On(double x, double y) => new(left + ((x + 0.5) * Pixel), low + ((high - y - 0.5) * Pixel));
        using var flat = Flat(dark, found.View, left, low, wide, high);
        Even(flat);
        using var bytes = new Mat();
        flat.ConvertTo(bytes, MatType.CV_8U, 200);
        Cv2.GaussianBlur(bytes, bytes, new Size(0, 0), 2);
        using var thing = new Mat();
        var level = Cv2.Threshold(bytes, thing, 0, 255, ThresholdTypes.BinaryInv | ThresholdTypes.Otsu);
        Cv2.FindContours(thing, out var contours, out _, RetrievalModes.External, ContourApproximationModes.ApproxNone);
        var largest = contours.Where(c => found.Block is not { } block || !c.All(p => BlockMark.Covers(block, On(p.X, p.Y)))).MaxBy(c => Cv2.ContourArea(c,
            false));
        // Where two halves of noise were told apart, nothing lies there.
        if (level > 185 || largest is null || Cv2.ContourArea(largest, false) * Pixel * Pixel < Least)
        {
            return null;
        }

        const int Border = 3;
        var touches = largest.Any(p => p.X < Border || p.Y < Border || p.X >= wide - Border || p.Y >= high - Border);
        return new([.. Fine(flat, largest).Select(p => On(p.X, p.Y))], touches);
    }

    private static Mat Flat(Mat dark, CameraView view, double left, double low, int wide, int high)
    {
        using var from = new Mat(high, wide, MatType.CV_32FC2);
        Parallel.For(0, high, row =>
        {
            for (var column = 0; column < wide; column++)
            {
                var at = view.Of(left + ((column + 0.5) * Pixel), low + ((high - row - 0.5) * Pixel));
                from.Set(row, column, new Vec2f((float)at.X, (float)at.Y));
            }
        });
        var flat = new Mat();
        using var none = new Mat();
        Cv2.Remap(dark, flat, from, none, InterpolationFlags.Linear, BorderTypes.Replicate);
        flat.ConvertTo(flat, MatType.CV_32F);
        return flat;
    }

    /// <summary>Divides by the paper's own brightness: a plane through the four edges of the middle, where paper is expected.</summary>
    private static void Even(Mat flat)
    {
        double Mean(int x, int y, int w, int h)
        {
            using var part = new Mat(flat, new Rect(x, y, w, h));
            return Cv2.Mean(part).Val0;
        }

        const int Strip = 15;
        var (w, h) = (flat.Width, flat.Height);
        var (west, east, north, south) = (Mean(0, 0, Strip, h), Mean(w - Strip, 0, Strip, h), Mean(0, 0, w, Strip), Mean(0, h - Strip, w, Strip));
        var (middle, across, down) = ((west + east + north + south) / 4, (east - west) / w, (south - north) / h);
        using var paper = new Mat(h, w, MatType.CV_32F);
        Parallel.For(0, h, row =>
        {
            for (var column = 0; column < w; column++)
            {
                paper.Set(row, column, (float)Math.Max(20, middle + (across * (column - (w / 2.0))) + (down * (row - (h / 2.0)))));
            }
        });
        Cv2.Divide(flat, paper, flat);
    }

    /// <summary>Each point moved across the edge to where brightness is half way between inside and outside.</summary>
    private static IEnumerable<Point2> Fine(Mat flat, Point[] rough)
    {
        const int Beside = 6;
        for (var i = 0; i < rough.Length; i++)
        {
            var (before, after) = (rough[(i + rough.Length - Beside) % rough.Length], rough[(i + Beside) % rough.Length]);
            var (along, up) = ((double)(after.X - before.X), (double)(after.Y - before.Y));
            var length = double.Hypot(along, up);
            if (length == 0)
            {
                continue;
            }

            // Across the edge, from either side of it.
            var (x, y) = (-up / length, along / length);
            var seen = Enumerable.Range(-Reach, (2 * Reach) + 1).Select(d => Bright(flat, rough[i].X + (d * x), rough[i].Y + (d * y))).ToArray();
            var (one, other) = (seen.Take(Reach / 3).Average(), seen.TakeLast(Reach / 3).Average());
            var half = (one + other) / 2;
            var crossing = Enumerable.Range(0, seen.Length - 1).Where(d => (seen[d] - half) * (seen[d + 1] - half) <= 0 && seen[d] != seen[d + 1])
                .OrderBy(d => Math.Abs(d - Reach)).Select(d => d - Reach + ((half - seen[d]) / (seen[d + 1] - seen[d]))).ToList();
            var by = Math.Abs(one - other) > 0.1 && crossing.Count > 0 ? crossing[0] : 0;
            yield return new(rough[i].X + (by * x), rough[i].Y + (by * y));
        }
    }

    private static double Bright(Mat flat, double x, double y)
    {
        var (left, top) = (Math.Clamp((int)Math.Floor(x), 0, flat.Width - 2), Math.Clamp((int)Math.Floor(y), 0, flat.Height - 2));
        var (right, down) = (Math.Clamp(x - left, 0, 1), Math.Clamp(y - top, 0, 1));
        return (((flat.At<float>(top, left) * (1 - right)) + (flat.At<float>(top, left + 1) * right)) * (1 - down))
            + (((flat.At<float>(top + 1, left) * (1 - right)) + (flat.At<float>(top + 1, left + 1) * right)) * down);
    }
}
