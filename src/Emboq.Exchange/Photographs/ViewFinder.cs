using OpenCvSharp;
using OpenCvSharp.Aruco;

namespace Emboq.Exchange.Photographs;

/// <summary>A rectangle of the bench, in the frame of the first sheet, mm.</summary>
internal readonly record struct FreeMiddle(double Left, double Low, double Right, double High);

/// <summary>A camera that was found.</summary>
/// <param name="View">Where it stood, in the frame of the first sheet.</param>
/// <param name="Free">The white middle of what it looks at.</param>
/// <param name="Marks">How many marks were found.</param>
/// <param name="Printed">How many there are.</param>
/// <param name="Scatter">Of their corners about where they should be seen, root of the mean square, px.</param>
/// <param name="Block">Corners of the mark on a block as they are seen on the sheet's plane; <c>null</c> where there is none.</param>
internal sealed record FoundView(CameraView View, FreeMiddle Free, int Marks, int Printed, double Scatter, IReadOnlyList<Point2>? Block);

/// <summary>Finds the marks of sheets in a photograph, and where the camera stood.</summary>
internal static class ViewFinder
{
    /// <summary>Fewest marks of which a view is told, and of which a sheet beside the first is placed.</summary>
    public const int Fewest = 6, FewestBeside = 4;

    /// <summary>Sheets that are joined lie in one line within so much, mm and radians.</summary>
    private const double Aside = 25, Askew = 0.08;

    /// <summary>A mark as it was found.</summary>
    private sealed record Mark(int Id, Point2f[] Corners);

    /// <summary>Corners of a sheet: where they were printed, and where they are seen, px.</summary>
    internal sealed record SeenSheet(MarkSheet Sheet, IReadOnlyList<(Point2 There, Point2f Here)> Corners)
    {
        public SheetPlace Place { get; set; } = SheetPlace.Same;

        public int Marks => Corners.Count / 4;
    }

    /// <summary>The sheet that is seen, or the joined sheets from the first on.</summary>
    /// <param name="grey">The photograph.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<IReadOnlyList<SeenSheet>> Seen(Mat grey, string field) => Seen(Found(grey), field);

    private static Outcome<IReadOnlyList<SeenSheet>> Seen(IReadOnlyList<Mark> marks, string field)
    {
        var sheets = Sheets(marks);
        if (sheets.Sum(s => s.Marks) is var count && (sheets.Count == 0 || sheets[0].Marks < Fewest))
        {
            return new Problem(field, $"{count} marks", $"{(count == 0 ? "No mark" : count == 1 ? "One mark" : $"{count} marks")} of a sheet can be made out.",
                "Lay the thing on the printed sheet and take the whole sheet, sharp, without glare.", $"{Fewest} or more");
        }

        return sheets[0].Sheet.Part is not SheetPart.Whole && !(sheets[0].Sheet.Part is SheetPart.First && sheets[^1].Sheet.Part is SheetPart.Last)
            ? new Problem(field, null, $"Of the joined sheets the {(sheets[0].Sheet.Part is SheetPart.First ? "last" : "first")} cannot be made out.",
                "Take all of them, the first at one end and the last at the other, sharp, without glare.")
            : sheets;
    }

    /// <summary>Finds it.</summary>
    /// <param name="grey">The photograph.</param>
    /// <param name="thing">How the camera's height over the sheet is known: by its lens; by how large the mark on a block is seen; by tape; or not: then the
    /// marks tell it, the less surely the straighter it looked down.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<FoundView> In(Mat grey, ThingOnSheet thing, string field)
    {
        var (marks, height, block) = (Found(grey), thing.Camera, thing.Block);
        var seen = Seen(marks, field);
        if (!seen.IsGood)
        {
            return seen.Problems.ToList();
        }

        var sheets = seen.Value;
        var size = new Size(grey.Width, grey.Height);
        var focal = (thing.Lens?.Focal ?? 1.2) * Math.Max(size.Width, size.Height);
        var (view, scatter) = Fit(sheets, size, focal, height is null && block is null && thing.Lens is null);
        IReadOnlyList<Point2>? Raised(CameraView by) => marks.FirstOrDefault(m => m.Id == MarkSheet.OnBlock) is { } m ? [.. m.Corners.Select(c => by.On(c.X,
            c.Y))] : null;
        if (block is not null && Raised(view) is null)
        {
            return new Problem("block", null, "The mark on the block cannot be made out.", "Lay it flat on the block, in the picture, beside the thing.");
        }

        for (var round = 0; round < 12; round++)
        {
            if (thing.Lens is not null || (block is { } high ? BlockMark.Camera(Raised(view)!, high) : height) is not { } wanted
                || Math.Abs(view.Eye.Z - wanted) <= 0.01)
            {
                break;
            }

            if (!(wanted is >= ThingOnSheet.CameraLow and <= ThingOnSheet.CameraHigh))
            {
                return BlockMark.Refused();
            }

            focal *= wanted / view.Eye.Z;
            (view, scatter) = Fit(sheets, size, focal, false);
        }

        return sheets.Any(s => Math.Abs(s.Place.Turn) > Askew) || Middle(sheets) is not { } free
            ? new Problem(field, null, "The joined sheets do not lie in one line, edge to edge.", "Lay them so, and tape them from behind.")
            : new FoundView(view, free, sheets.Sum(s => s.Marks), sheets.Sum(s => s.Sheet.Marks.Count), scatter, Raised(view));
    }

    private static List<Mark> Found(Mat grey)
    {
        using var known = MarkSheet.Known();
        var settings = new DetectorParameters { CornerRefinementMethod = CornerRefineMethod.Subpix };
        using var finder = new ArucoDetector(known, settings, new RefineParameters());
        finder.DetectMarkers(grey, out var corners, out var ids, out _);
        return [.. ids.Zip(corners, (id, at) => new Mark(id, at))];
    }

    /// <summary>The sheet that most is seen of, or the joined sheets of one paper, from the first on.</summary>
    private static List<SeenSheet> Sheets(IReadOnlyList<Mark> marks) => MarkSheet.All.Select(s => new SeenSheet(s, [.. s.Marks.SelectMany(k => marks.Where(m =>
        m.Id == k.Id).Take(1).SelectMany(m => MarkSheet.Corners(k).Zip(m.Corners)))])).GroupBy(s => (s.Sheet.Size, s.Sheet.Part is SheetPart.Whole))
        .Select(g => g.Where(s => s.Marks >= (g.Key.Item2 ? 1 : FewestBeside)).OrderBy(s => s.Sheet.Part).ToList()).MaxBy(g => g.Sum(s => s.Marks))!;

    /// <summary>The camera and where the sheets lie, in turn, until neither moves.</summary>
    private static (CameraView View, double Scatter) Fit(IReadOnlyList<SeenSheet> sheets, Size size, double focal, bool free)
    {
        var (view, scatter) = Fit([sheets[0]], size, focal, free, sheets[0]);
        for (var round = 0; sheets.Count > 1 && round < 12; round++)
        {
            foreach (var s in sheets.Skip(1))
            {
                s.Place = SheetPlace.Of([.. s.Corners.Select(c => (c.There, view.On(c.Here.X, c.Here.Y)))]);
            }

            (view, scatter) = Fit(sheets, size, view.Focal, free, sheets[0]);
        }

        return (view, scatter);
    }

    private static (CameraView View, double Scatter) Fit(IReadOnlyList<SeenSheet> sheets, Size size, double focal, bool free, SeenSheet first)
    {
        var there = sheets.SelectMany(s => s.Corners.Select(c => ReferenceEquals(s, first) ? c.There : s.Place.Of(c.There))).Select(p => new Point3f((float)p.X,
            (float)p.Y, 0)).ToList();
        var here = sheets.SelectMany(s => s.Corners.Select(c => c.Here)).ToList();
        var middle = new Point2((size.Width - 1) / 2.0, (size.Height - 1) / 2.0);
        double[,] matrix = { { focal, 0, middle.X }, { 0, focal, middle.Y }, { 0, 0, 1 } };
        var bend = new double[5];
        var flags = CalibrationFlags.UseIntrinsicGuess | CalibrationFlags.FixPrincipalPoint | CalibrationFlags.FixAspectRatio
            | CalibrationFlags.ZeroTangentDist | CalibrationFlags.FixK2 | CalibrationFlags.FixK3 | (free ? 0 : CalibrationFlags.FixFocalLength);
        var scatter = Cv2.CalibrateCamera(new[] { there }, new[] { here }, size, matrix, bend, out var turns, out var shifts, flags);
        Cv2.Rodrigues([turns[0].Item0, turns[0].Item1, turns[0].Item2], out var turn, out _);
        return (new(matrix[0, 0], middle, bend[0], turn, [shifts[0].Item0, shifts[0].Item1, shifts[0].Item2]), scatter);
    }

    /// <summary>What is white of all sheets together; <c>null</c> where they do not lie in one line.</summary>
    private static FreeMiddle? Middle(IReadOnlyList<SeenSheet> sheets)
    {
        var (free, wide) = (MarkSheet.Free, sheets[0].Sheet.Width - MarkSheet.Free);
        var (left, right, up) = (free, wide, 0.0);
        foreach (var s in sheets)
        {
            var (near, far) = (s.Place.Of(new(0, 0)), s.Place.Of(new(0, s.Sheet.Height)));
            if (Math.Abs(near.Y - up) > Aside || Math.Abs(near.X) > Aside || Math.Abs(far.X) > Aside)
            {
                return null;
            }

            (left, right, up) = (Math.Max(left, free + Math.Max(near.X, far.X)), Math.Min(right, wide + Math.Min(near.X, far.X)), far.Y);
        }

        return new(left, free, right, up - free);
    }
}
