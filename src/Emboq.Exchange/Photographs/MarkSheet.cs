using Emboq.Exchange.Pdf;
using OpenCvSharp;
using OpenCvSharp.Aruco;

namespace Emboq.Exchange.Photographs;

/// <summary>A mark on a sheet.</summary>
/// <param name="Id">In its dictionary.</param>
/// <param name="X">Left edge, mm from the sheet's left.</param>
/// <param name="Y">Lower edge, mm from the sheet's lower edge.</param>
public sealed record SheetMark(int Id, double X, double Y);

/// <summary>What a sheet of marks is for: alone, or joined edge to edge with others into one long sheet.</summary>
public enum SheetPart
{
    /// <summary>Alone: marks all around.</summary>
    Whole,

    /// <summary>The near end of a long sheet: its upper edge is free for the next.</summary>
    First,

    /// <summary>Between two others.</summary>
    Middle,

    /// <summary>The far end.</summary>
    Last,
}

/// <summary>A sheet that a thing is photographed on: marks at known places around a free middle. Its frame: mm from the lower left corner of the paper, x to
/// the right, y up. Each has marks of its own, so that a photograph tells which it was.</summary>
public sealed class MarkSheet
{
    /// <summary>Side of a mark, and from the paper's edge to the marks, mm.</summary>
    public const double Side = 18, Edge = 10;

    /// <summary>White around a mark, without which it is not found, mm.</summary>
    private const double Quiet = 5;

    private const int AlongShort = 4, AlongLong = 5;

    private MarkSheet(PaperSize size, SheetPart part, int first)
    {
        (Size, Part) = (size, part);
        (Width, Height) = Paper.Of(size);
        var (right, top) = (Width - Edge - Side, Height - Edge - Side);
        double Across(int i) => Edge + ((right - Edge) * i / (AlongShort - 1));
        double Up(int i) => Edge + ((top - Edge) * i / (AlongLong - 1));
        // Beside an edge that is free the columns go on to it.
        var (from, to) = (Ends ? 1 : 0, Begins ? AlongLong - 1 : AlongLong);
        Marks = [.. Enumerable.Range(0, AlongShort).SelectMany(i => new[] { (Across(i), Edge), (Across(i), top) })
            .Where(at => at.Item2 == Edge ? Ends : Begins)
            .Concat(Enumerable.Range(from, to - from).SelectMany(i => new[] { (Edge, Up(i)), (right, Up(i)) }))
            .Select((at, i) => new SheetMark(first + i, at.Item1, at.Item2))];
    }

    /// <summary>Whether there are marks along its lower edge.</summary>
    private bool Ends => Part is SheetPart.Whole or SheetPart.First;

    /// <summary>Whether there are marks along its upper edge.</summary>
    private bool Begins => Part is SheetPart.Whole or SheetPart.Last;

    /// <summary>All sheets. What was printed once has its marks for ever.</summary>
    public static IReadOnlyList<MarkSheet> All { get; } =
    [
        new(PaperSize.A4, SheetPart.Whole, 0), new(PaperSize.Letter, SheetPart.Whole, 20),
        new(PaperSize.A4, SheetPart.First, 50), new(PaperSize.A4, SheetPart.Middle, 65), new(PaperSize.A4, SheetPart.Last, 80),
        new(PaperSize.Letter, SheetPart.First, 100), new(PaperSize.Letter, SheetPart.Middle, 115), new(PaperSize.Letter, SheetPart.Last, 130),
    ];

    /// <summary>The mark that lies on a block, and its side, mm: how large it is seen tells how high the camera stood.</summary>
    public const int OnBlock = 45;

    /// <summary>Likewise.</summary>
    public const double BlockSide = 30;

    /// <summary>What it is printed on.</summary>
    public PaperSize Size { get; }

    /// <summary>What it is for.</summary>
    public SheetPart Part { get; }

    /// <summary>Of the paper, mm.</summary>
    public double Width { get; }

    /// <summary>Likewise.</summary>
    public double Height { get; }

    /// <summary>Its marks.</summary>
    public IReadOnlyList<SheetMark> Marks { get; }

    /// <summary>From the paper's edges to the free middle, mm.</summary>
    public static double Free => Edge + Side + Quiet;

    /// <summary>The sheet for a size of paper.</summary>
    public static MarkSheet Of(PaperSize size, SheetPart part = SheetPart.Whole) => All.First(s => s.Size == size && s.Part == part);

    internal static Dictionary Known() => CvAruco.GetPredefinedDictionary(PredefinedDictionaryType.Dict4X4_250);

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
