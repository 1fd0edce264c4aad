using Emboq.Exchange.Pdf;
using OpenCvSharp;
using OpenCvSharp.Aruco;

namespace Emboq.Exchange.Photographs;

/// <summary>A mark on a sheet.</summary>
/// <param name="Id">In its dictionary.</param>
/// <param name="X">Left edge, mm from the sheet's left.</param>
/// <param name="Y">Lower edge, mm from the sheet's lower edge.</param>
public sealed record SheetMark(int Id, double X, double Y);

/// <summary>A sheet that a thing is photographed on: marks at known places around a free middle. Its frame: mm from the lower left corner of the paper, x to
/// the right, y up. Each size of paper has marks of its own, so that a photograph tells which it was.</summary>
public sealed class MarkSheet
{
    /// <summary>Side of a mark, and from the paper's edge to the marks, mm.</summary>
    public const double Side = 18, Edge = 10;

    /// <summary>White around a mark, without which it is not found, mm.</summary>
    private const double Quiet = 5;

    private const int AlongShort = 4, AlongLong = 5, OfLetter = 20;

    private MarkSheet(PaperSize size, int first)
    {
        Size = size;
        (Width, Height) = Paper.Of(size);
        var (right, top) = (Width - Edge - Side, Height - Edge - Side);
        double Across(int i) => Edge + ((right - Edge) * i / (AlongShort - 1));
        double Up(int i) => Edge + ((top - Edge) * i / (AlongLong - 1));
        Marks = [.. Enumerable.Range(0, AlongShort).SelectMany(i => new[] { (Across(i), Edge), (Across(i), top) })
            .Concat(Enumerable.Range(1, AlongLong - 2).SelectMany(i => new[] { (Edge, Up(i)), (right, Up(i)) }))
            .Select((at, i) => new SheetMark(first + i, at.Item1, at.Item2))];
    }

    /// <summary>All sheets.</summary>
    public static IReadOnlyList<MarkSheet> All { get; } = [new(PaperSize.A4, 0), new(PaperSize.Letter, OfLetter)];

    /// <summary>What it is printed on.</summary>
    public PaperSize Size { get; }

    /// <summary>Of the paper, mm.</summary>
    public double Width { get; }

    /// <summary>Likewise.</summary>
    public double Height { get; }

    /// <summary>Its marks.</summary>
    public IReadOnlyList<SheetMark> Marks { get; }

    /// <summary>From the paper's edges to the free middle, mm.</summary>
    public static double Free => Edge + Side + Quiet;

    /// <summary>The sheet for a size of paper.</summary>
    public static MarkSheet Of(PaperSize size) => All.First(s => s.Size == size);

    internal static Dictionary Known() => CvAruco.GetPredefinedDictionary(PredefinedDictionaryType.Dict4X4_50);

    /// <summary>Its corners as a finder tells them: from its upper left, clockwise.</summary>
    public static IReadOnlyList<Point2> Corners(SheetMark mark) =>
        [new(mark.X, mark.Y + Side), new(mark.X + Side, mark.Y + Side), new(mark.X + Side, mark.Y), new(mark.X, mark.Y)];

    /// <summary>Which squares of a mark are black, row by row from its top, its frame included.</summary>
    public static bool[,] Bits(int id)
    {
        const int Squares = 6;
        using var known = Known();
        using var picture = new Mat();
        known.GenerateImageMarker(id, Squares, picture, 1);
        var bits = new bool[Squares, Squares];
        for (var row = 0; row < Squares; row++)
        {
            for (var column = 0; column < Squares; column++)
            {
                bits[row, column] = picture.At<byte>(row, column) < 128;
            }
        }

        return bits;
    }
}
