using System.Globalization;
using NetTopologySuite.Geometries;
using OpenCvSharp;
using SkiaSharp;

namespace Emboq.Exchange.Photographs;

/// <summary>The photograph as it is shown again.</summary>
/// <param name="Jpeg">Small enough for a page.</param>
/// <param name="Width">px.</param>
/// <param name="Height">px.</param>
/// <param name="Edge">The edge that was found, px of it.</param>
/// <param name="Band">How wide its doubt is there, from side to side, px.</param>
/// <param name="Flat">The thing and what is around it, laid flat.</param>
public sealed record SeenEdge(byte[] Jpeg, int Width, int Height, IReadOnlyList<Point2> Edge, double Band, FlatPicture Flat);

/// <summary>The outline of a thing that was photographed on a sheet of marks.</summary>
/// <param name="Drawing">Its outline.</param>
/// <param name="Doubt">Of its edge, k = 2, mm.</param>
/// <param name="Says">What was found.</param>
/// <param name="Seen">To be looked at.</param>
public sealed record Photographed(DrawnLines Drawing, double Doubt, string Says, SeenEdge Seen);

/// <summary>Takes an outline from a photograph: the sheet's marks tell where the camera stood and how its lens bends; the edge is found against the paper,
/// and moved to where it is by the height of the thing.</summary>
public static class Photograph
{
    /// <summary>The longer side that is worked on, and that is shown, px.</summary>
    private const int Longest = 3600, Shown = 1600;

    private const long MostPixels = 60_000_000;

    /// <summary>Coarser pictures tell too little, mm a pixel; marks that scatter more are on no flat sheet, mm.</summary>
    private const double Coarsest = 0.4, Crooked = 0.4;

    /// <summary>A block that tells the camera's height less surely than to this share of it tells too little.</summary>
    private const double MostDoubted = 0.04;

    /// <summary>Whether photographs can be read here at all: their library asks for others of the system.</summary>
    public static bool Readable { get; } = Loads();

    /// <summary>Reads one.</summary>
    /// <param name="file">A JPEG, PNG or WebP, whatever it is called.</param>
    /// <param name="thing">What lies there.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<Photographed> Read(byte[] file, ThingOnSheet thing, string field) => Looked(file, field, picture => Of(picture, thing, field));

    /// <summary>A photograph as it is worked on: whole, its colours, and without them.</summary>
    internal readonly record struct Picture(SKBitmap Whole, Mat Colours, Mat Grey);

    /// <summary>Looks at a photograph, when it is one.</summary>
    internal static Outcome<T> Looked<T>(byte[] file, string field, Func<Picture, Outcome<T>> look)
    {
        using var data = SKData.CreateCopy(file);
        using var codec = SKCodec.Create(data);
        if (codec is null || (long)codec.Info.Width * codec.Info.Height > MostPixels)
        {
            return Unread(field);
        }

        using var bitmap = ScaledDecoding.Read(codec, Longest);
        if (bitmap is null)
        {
            return Unread(field);
        }

        try
        {
            using var colours = Mat.FromPixelData(bitmap.Height, bitmap.Width, MatType.CV_8UC4, bitmap.GetPixels(), bitmap.RowBytes);
            using var grey = new Mat();
            Cv2.CvtColor(colours, grey, ColorConversionCodes.RGBA2GRAY);
            return look(new(bitmap, colours, grey));
        }
        catch (OpenCVException)
        {
            // Marks on one line, or a picture that OpenCV makes nothing of.
            return Untold(field);
        }
    }

    private static Problem Untold(string field) => new(field, null, "The marks that can be made out do not tell where the camera stood.",
        "Take the whole sheet, with all its marks, from above.");

    private static Problem Unread(string field) => new(field, null, "This is no photograph that can be read, or it is too large.",
        "Send a JPEG, PNG or WebP of 60 million pixels or fewer.", "JPEG, PNG or WebP");

    private static Outcome<Photographed> Of(Picture picture, ThingOnSheet thing, string field)
    {
        var colours = picture.Colours;
        var found = ViewFinder.In(picture.Grey, thing, field);
        if (!found.IsGood)
        {
            return found.Problems.ToList();
        }

        var view = found.Value;
        var (eye, pixel) = (view.View.Eye, view.View.Eye.Z / view.View.Focal);
        if (!(eye.Z > thing.Height && pixel > 0 && double.IsFinite(pixel)))
        {
            return Untold(field);
        }

        if (thing.Sides != ThingSides.Flat && eye.Z < 2 * thing.Height)
        {
            return new Problem("camera", Mm(Math.Round(eye.Z)), "So near, the sides of the thing hide its edge.",
                "Photograph it from twice its height or more.", $"{Mm(2 * thing.Height)} or more");
        }

        if (view.Scatter * pixel > Crooked)
        {
            return new Problem(field, Mm(view.Scatter * pixel), "The marks do not lie as they were printed: the sheet is bent, or was printed askew, or "
                + "the camera's height is wrong.", "Lay it flat under its edges, and read the camera's height again.", $"{Mm(Crooked)} or less");
        }

        if (pixel > Coarsest)
        {
            return new Problem(field, Mm(pixel), "Its pixels are too coarse to find an edge.", "Come nearer, or take a larger picture.",
                $"{Mm(Coarsest)} a pixel or less");
        }

        var known = thing.Known(view, view.Scatter * pixel);
        if (known > MostDoubted * eye.Z)
        {
            return new Problem("block", Mm(Math.Round(known)), "So low a block hardly tells how high the camera stood.", "Take a higher block, or come nearer.",
                $"{Mm(Math.Round(MostDoubted * eye.Z))} or less");
        }

        using var dark = Darkest(colours);
        if (EdgeFinder.In(dark, view) is not { } edge)
        {
            return new Problem(field, null, "Nothing lies on the sheet that is darker than paper.",
                "Lay it on the white middle, in even light; chalk or tape darkens what shines.");
        }

        if (edge.Touches)
        {
            return new Problem(field, null, "It reaches over the white middle of the sheet, or its shadow does.", "Lay it inside of the marks, in even light.");
        }

        var seen = Around(edge.Points);
        var outline = Cleaned(thing.Edge(Straightened(seen), view.View));
        var aside = seen.Max(p => double.Hypot(p.X - eye.X, p.Y - eye.Y));
        var doubt = 2 * Math.Sqrt(Math.Pow(pixel * view.Scatter, 2) + Math.Pow(pixel / 4, 2) + Math.Pow(thing.Doubt(aside, eye.Z, known), 2));
        var by = thing.Lens is not null ? "its lens" : thing.Block is not null ? "the mark on its block" : null;
        var within = by is null ? "" : $", within {Mm(Math.Round(2 * known))} by {by}";
        return new Photographed(new([new(outline, true)], "millimetres of the sheet"), doubt,
            $"{view.Marks} of {view.Printed} marks lie within {Mm(Math.Round(pixel * view.Scatter, 3))} of where they were printed; the camera "
                + $"stood {Mm(Math.Round(eye.Z))} high{within}; its edge is known to {Mm(Math.Round(doubt, 2))}, corners are a little round"
                + (thing.Sides == ThingSides.Straight ? ", and inner corners behind its own sides are not seen." : "."),
            Small(picture.Whole, seen.Select(p => view.View.Of(p.X, p.Y)), 2 * doubt / pixel, FlatPicture.Of(colours, view.View, outline, thing.EdgeHeight)));
    }

    private static Mat Darkest(Mat colours)
    {
        var parts = Cv2.Split(colours);
        var dark = new Mat();
        Cv2.Min(parts[0], parts[1], dark);
        Cv2.Min(dark, parts[2], dark);
        foreach (var part in parts)
        {
            part.Dispose();
        }

        return dark;
    }

    /// <summary>Counter-clockwise, and evened over what a pixel scatters.</summary>
    private static IReadOnlyList<Point2> Around(IReadOnlyList<Point2> points)
    {
        const int Even = 2;
        var area = points.Select((p, i) => (p.X * points[(i + 1) % points.Count].Y) - (points[(i + 1) % points.Count].X * p.Y)).Sum();
        var turned = area > 0 ? points : [.. points.Reverse()];
        return [.. turned.Select((_, i) => Enumerable.Range(i - Even, (2 * Even) + 1).Select(j => turned[(j + turned.Count) % turned.Count]).ToList())
            .Select(near => new Point2(near.Average(p => p.X), near.Average(p => p.Y)))];
    }

    /// <summary>Lines within half of what a pixel is wide.</summary>
    private static IReadOnlyList<Point2> Straightened(IReadOnlyList<Point2> points)
    {
        var ring = new LinearRing([.. points.Append(points[0]).Select(p => new Coordinate(p.X, p.Y))]);
        return [.. NetTopologySuite.Simplify.DouglasPeuckerSimplifier.Simplify(ring, EdgeFinder.Pixel / 2).Coordinates.SkipLast(1).Select(c => new Point2(c.X,
            c.Y))];
    }

    /// <summary>Where an upper edge gives way to a lower one points may lie across each other: the largest whole piece is what it is.</summary>
    private static IReadOnlyList<Point2> Cleaned(IReadOnlyList<Point2> edge)
    {
        var ring = edge.Select(p => new Coordinate(p.X, p.Y)).ToList();
        var whole = new Polygon(new LinearRing([.. ring, ring[0]])).Buffer(0);
        var largest = Enumerable.Range(0, whole.NumGeometries).Select(whole.GetGeometryN).OfType<Polygon>().MaxBy(p => p.Area);
        return [.. (largest?.ExteriorRing.Coordinates ?? [.. ring, ring[0]]).SkipLast(1).Select(c => new Point2(c.X, c.Y))];
    }

    private static SeenEdge Small(SKBitmap bitmap, IEnumerable<Point2> edge, double band, FlatPicture flat)
    {
        const int Every = 6;
        var scale = Math.Min(1, (double)Shown / Math.Max(bitmap.Width, bitmap.Height));
        var size = new SKSizeI((int)(bitmap.Width * scale), (int)(bitmap.Height * scale));
        using var small = bitmap.Resize(size, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        using var encoded = small.Encode(SKEncodedImageFormat.Jpeg, 80);
        return new(encoded.ToArray(), size.Width, size.Height, [.. edge.Where((_, i) => i % Every == 0).Select(p =>
            new Point2(Math.Round((p.X + 0.5) * scale, 1), Math.Round((p.Y + 0.5) * scale, 1)))], Math.Round(band * scale, 2),
            flat);
    }

    private static string Mm(double value) => $"{value.ToString("0.###", CultureInfo.InvariantCulture)} mm";

    private static bool Loads()
    {
        try
        {
            using var one = new Mat(1, 1, MatType.CV_8U);
            return true;
        }
        catch (Exception e) when (e is DllNotFoundException or TypeInitializationException)
        {
            return false;
        }
    }
}
