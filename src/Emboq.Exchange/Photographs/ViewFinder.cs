using OpenCvSharp;
using OpenCvSharp.Aruco;

namespace Emboq.Exchange.Photographs;

/// <summary>A camera that was found.</summary>
/// <param name="Sheet">The sheet it looks at.</param>
/// <param name="View">Where it stood.</param>
/// <param name="Marks">How many marks were found.</param>
/// <param name="Scatter">Of their corners about where they should be seen, root of the mean square, px.</param>
internal sealed record FoundView(MarkSheet Sheet, CameraView View, int Marks, double Scatter);

/// <summary>Finds the marks of a sheet in a photograph, and where the camera stood.</summary>
internal static class ViewFinder
{
    /// <summary>Fewest marks of which a view is told.</summary>
    public const int Fewest = 6;

    /// <summary>Finds it.</summary>
    /// <param name="grey">The photograph.</param>
    /// <param name="height">Of the camera over the sheet by tape, mm; <c>null</c> where nobody read it: then the marks tell it, the less surely the
    /// straighter it looked down.</param>
    /// <returns>The view, or how many marks of a sheet were found.</returns>
    public static (FoundView? Found, int Marks) In(Mat grey, double? height)
    {
        using var known = MarkSheet.Known();
        var settings = new DetectorParameters { CornerRefinementMethod = CornerRefineMethod.Subpix };
        using var finder = new ArucoDetector(known, settings, new RefineParameters());
        finder.DetectMarkers(grey, out var corners, out var ids, out _);
        var (sheet, seen) = MarkSheet.All.Select(s => (Sheet: s, Seen: ids.Zip(corners).Where(m => s.Marks.Any(k => k.Id == m.First)).ToList()))
            .MaxBy(s => s.Seen.Count);
        if (seen.Count < Fewest)
        {
            return (null, seen.Count);
        }

        var there = seen.SelectMany(m => MarkSheet.Corners(sheet.Marks.First(k => k.Id == m.First))).Select(p => new Point3f((float)p.X, (float)p.Y, 0))
            .ToList();
        var here = seen.SelectMany(m => m.Second).ToList();
        var size = new Size(grey.Width, grey.Height);
        double focal = 1.2 * Math.Max(size.Width, size.Height);
        var (view, scatter) = Fit(there, here, size, focal, height is null);
        for (var round = 0; round < 12 && height is { } tape && Math.Abs(view.Eye.Z - tape) > 0.01; round++)
        {
            focal *= tape / view.Eye.Z;
            (view, scatter) = Fit(there, here, size, focal, false);
        }

        return (new(sheet, view, seen.Count, scatter), seen.Count);
    }

    private static (CameraView View, double Scatter) Fit(List<Point3f> there, List<Point2f> here, Size size, double focal, bool free)
    {
        var middle = new Point2((size.Width - 1) / 2.0, (size.Height - 1) / 2.0);
        double[,] matrix = { { focal, 0, middle.X }, { 0, focal, middle.Y }, { 0, 0, 1 } };
        var bend = new double[5];
        var flags = CalibrationFlags.UseIntrinsicGuess | CalibrationFlags.FixPrincipalPoint | CalibrationFlags.FixAspectRatio
            | CalibrationFlags.ZeroTangentDist | CalibrationFlags.FixK2 | CalibrationFlags.FixK3 | (free ? 0 : CalibrationFlags.FixFocalLength);
        var scatter = Cv2.CalibrateCamera(new[] { there }, new[] { here }, size, matrix, bend, out var turns, out var shifts, flags);
        Cv2.Rodrigues([turns[0].Item0, turns[0].Item1, turns[0].Item2], out var turn, out _);
        return (new(matrix[0, 0], middle, bend[0], turn, [shifts[0].Item0, shifts[0].Item1, shifts[0].Item2]), scatter);
    }
}
