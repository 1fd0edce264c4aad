using OpenCvSharp;

namespace Emboq.Exchange.Photographs;

/// <summary>A camera that needs none: it makes a photograph of a thing with upright sides on a sheet of marks, as its lens, its light and its noise have
/// it.</summary>
/// <param name="Height">Over the sheet, mm.</param>
/// <param name="Tilt">From looking straight down, degrees.</param>
/// <param name="Bend">k₁ of its lens.</param>
public sealed record StandInCamera(double Height, double Tilt = 0, double Bend = 0)
{
    /// <summary>What lies under it where nobody lays anything: a hook with a straight back, a round belly and a notch, mm of an A4 sheet.</summary>
    public static IReadOnlyList<Point2> Hook { get; } = [.. Enumerable.Range(0, 41).Select(i => Math.PI * ((i / 40.0) - 0.5)).Select(a =>
        new Point2(90 + (17 * Math.Cos(a)), 150 + (17 * Math.Sin(a)))), new(60, 167), new(60, 150), new(50, 150), new(50, 160), new(40, 160), new(40, 133)];

    /// <summary>A block with a mark on it that stands under it: its middle and its height, mm; <c>null</c> where there is none.</summary>
    public (Point2 At, double High)? Block { get; init; }

    /// <summary>Focal length of its lens, px; <c>null</c> of one that is zoomed to the sheet.</summary>
    public double? Focal { get; init; }

    /// <summary>Sheets that lie beside the one that is named, and where.</summary>
    public IReadOnlyList<(MarkSheet Sheet, SheetPlace Place)> Beside { get; init; } = [];

    /// <summary>Side of a pixel of the drawn sheet, and of the drawn thing, mm.</summary>
    private const double Pixel = 0.1, Finely = 0.02;

    /// <summary>Of the picture, px; each is looked at so many times across and down.</summary>
    private const int Wide = 1600, High = 2080, Twice = 2;

    /// <summary>Takes the photograph, a JPEG.</summary>
    /// <param name="sheet">The sheet.</param>
    /// <param name="outline">Of the thing, mm of the sheet.</param>
    /// <param name="thick">Of the thing, mm.</param>
    /// <param name="shade">Brightness of the thing, of 255.</param>
    public byte[] Take(MarkSheet sheet, IReadOnlyList<Point2> outline, double thick, int shade = 70)
    {
        List<(MarkSheet Sheet, SheetPlace Place, Mat Drawn)> papers = [(sheet, SheetPlace.Same, Paper(sheet)), .. Beside.Select(b => (b.Sheet, b.Place,
            Paper(b.Sheet)))];
        var mark = MarkSheet.Bits(MarkSheet.OnBlock);
        var corner = new Point2(outline.Min(p => p.X), outline.Min(p => p.Y));
        using var thing = Filled(outline, corner);
        var view = View(sheet);
        using var large = new Mat(High * Twice, Wide * Twice, MatType.CV_8U);
        // What stands so high is seen aside of where it stands: only there it is looked for.
        var reach = thick / Height * (sheet.Width + sheet.Height + Math.Abs(Height * Math.Tan(Tilt * Math.PI / 180)));
        var (left, right) = (outline.Min(p => p.X) - reach, outline.Max(p => p.X) + reach);
        var (low, high) = (outline.Min(p => p.Y) - reach, outline.Max(p => p.Y) + reach);
        Parallel.For(0, High * Twice, row =>
        {
            for (var column = 0; column < Wide * Twice; column++)
            {
                var seen = view.On(((column + 0.5) / Twice) - 0.5, ((row + 0.5) / Twice) - 0.5);
                var hit = seen.X > left && seen.X < right && seen.Y > low && seen.Y < high && Hits(thing, corner, view, seen, thick);
                // Light comes from one side.
                var light = 0.8 + (0.2 * column / (Wide * Twice));
                large.Set(row, column, (byte)((OfBlock(mark, view, seen) ?? (hit ? (byte)shade : At(papers, seen))) * light));
            }
        });
        papers.ForEach(p => p.Drawn.Dispose());
        using var picture = new Mat();
        Cv2.Resize(large, picture, new Size(Wide, High), 0, 0, InterpolationFlags.Area);
        Cv2.GaussianBlur(picture, picture, new Size(0, 0), 0.8);
        var grain = new byte[Wide * High];
        new Random(7).NextBytes(grain);
        using var noise = Mat.FromPixelData(High, Wide, MatType.CV_8U, grain.Select(g => (byte)(g % 9)).ToArray());
        Cv2.Add(picture, noise, picture);
        Cv2.ImEncode(".jpg", picture, out var jpeg, new ImageEncodingParam(ImwriteFlags.JpegQuality, 92));
        return jpeg;
    }

    private static bool Hits(Mat thing, Point2 corner, CameraView view, Point2 seen, double thick)
    {
        const int Slices = 12;
        for (var i = 0; i <= (thick > 0 ? Slices : 0); i++)
        {
            var at = view.Lifted(seen, thick * i / Slices);
            var (x, y) = ((int)Math.Floor((at.X - corner.X) / Finely), (int)Math.Floor((at.Y - corner.Y) / Finely));
            if (x >= 0 && y >= 0 && x < thing.Width && y < thing.Height && thing.At<byte>(y, x) > 0)
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>It looks at the middle of the sheet, tilted about the sheet's x axis, as large as the picture takes.</summary>
    private CameraView View(MarkSheet sheet)
    {
        var (sin, cos) = Math.SinCos(Tilt * Math.PI / 180);
        // Rows: the picture's right is the sheet's x; its down is against y; it looks down.
        double[,] turn = { { 1, 0, 0 }, { 0, -cos, -sin }, { 0, sin, -cos } };
        var high = sheet.Height + Beside.Sum(b => b.Sheet.Height);
        var eye = new Point3(sheet.Width / 2, (high / 2) - (Height * sin / cos), Height);
        double Shift(int i) => -((turn[i, 0] * eye.X) + (turn[i, 1] * eye.Y) + (turn[i, 2] * eye.Z));
        return new(Focal ?? (High * Height / (1.12 * high)), new((Wide - 1) / 2.0, (High - 1) / 2.0), Bend, turn, [Shift(0), Shift(1), Shift(2)]);
    }

    private static byte At(List<(MarkSheet Sheet, SheetPlace Place, Mat Drawn)> papers, Point2 seen)
    {
        const byte Bench = 120;
        foreach (var (sheet, place, drawn) in papers)
        {
            var p = place.Back(seen);
            var (x, y) = ((int)(p.X / Pixel), (int)((sheet.Height - p.Y) / Pixel));
            if (p.X >= 0 && y >= 0 && x < drawn.Width && y < drawn.Height)
            {
                return drawn.At<byte>(y, x);
            }
        }

        return Bench;
    }

    /// <summary>What is seen of the block: its mark, the paper around that, or a side of it.</summary>
    private byte? OfBlock(bool[,] mark, CameraView view, Point2 seen)
    {
        const double Half = 19;
        const byte Paper = 235, Ink = 30, Wood = 150;
        if (Block is not { } block)
        {
            return null;
        }

        var top = view.Lifted(seen, block.High);
        var (x, y) = (top.X - block.At.X, top.Y - block.At.Y);
        if (Math.Max(Math.Abs(x), Math.Abs(y)) < Half)
        {
            var square = MarkSheet.BlockSide / 6;
            var (column, row) = ((int)Math.Floor((x / square) + 3), (int)Math.Floor(3 - (y / square)));
            return column is >= 0 and < 6 && row is >= 0 and < 6 && mark[row, column] ? Ink : Paper;
        }

        return Enumerable.Range(0, 8).Select(i => view.Lifted(seen, block.High * i / 8)).Any(p => Math.Max(Math.Abs(p.X - block.At.X), Math.Abs(p.Y
            - block.At.Y)) < Half) ? Wood : null;
    }

    private static Mat Paper(MarkSheet sheet)
    {
        var paper = new Mat((int)(sheet.Height / Pixel), (int)(sheet.Width / Pixel), MatType.CV_8U, new Scalar(235));
        foreach (var mark in sheet.Marks)
        {
            var (bits, square) = (MarkSheet.Bits(mark.Id), MarkSheet.Side / 6);
            foreach (var (row, column) in Enumerable.Range(0, 36).Select(i => (i / 6, i % 6)).Where(b => bits[b.Item1, b.Item2]))
            {
                int X(int c) => (int)Math.Round((mark.X + (c * square)) / Pixel);
                int Y(int r) => (int)Math.Round((sheet.Height - mark.Y - MarkSheet.Side + (r * square)) / Pixel);
                Cv2.Rectangle(paper, new Point(X(column), Y(row)), new Point(X(column + 1) - 1, Y(row + 1) - 1), new Scalar(30), -1);
            }
        }

        return paper;
    }

    /// <summary>The thing in its own box, drawn in sixteenths of a pixel, whose middles count.</summary>
    private static Mat Filled(IReadOnlyList<Point2> outline, Point2 corner)
    {
        const int Finer = 4;
        var (right, top) = (outline.Max(p => p.X), outline.Max(p => p.Y));
        var drawn = new Mat((int)((top - corner.Y) / Finely) + 1, (int)((right - corner.X) / Finely) + 1, MatType.CV_8U, new Scalar(0));
        int In(double mm) => (int)Math.Round(((mm / Finely) - 0.5) * (1 << Finer));
        Cv2.FillPoly(drawn, [outline.Select(p => new Point(In(p.X - corner.X), In(p.Y - corner.Y)))], new Scalar(255), LineTypes.Link8, Finer);
        return drawn;
    }
}
