using OpenCvSharp;

namespace Emboq.Exchange.Photographs;

/// <summary>What a camera's lens does, as photographs of a sheet of marks tell it (Zhang 2000; OpenCV): with it known, one photograph tells how high the camera
/// stood.</summary>
/// <param name="Focal">Focal length, in longer sides of the picture.</param>
/// <param name="Doubt">Relative standard uncertainty of it, focusing included; <c>null</c> where too few photographs tell any.</param>
/// <param name="Photographs">How many it rests on.</param>
public sealed record CameraLens(double Focal, double? Doubt, int Photographs)
{
    /// <summary>Fewest photographs that tell a lens, and most that are of use.</summary>
    public const int Fewest = 4, Most = 12;

    /// <summary>A lens that is known less surely tells no height.</summary>
    public const double MostDoubted = 0.02;

    /// <summary>By how much a lens changes as it is focused nearer or farther, one standard deviation. Argued, no published source.</summary>
    private const double Focusing = 0.005;

    /// <summary>Pixels of the longer side that corners are fitted in.</summary>
    private const double Side = 2000;

    /// <summary>Whether it tells a camera's height.</summary>
    public bool Tells => Photographs >= Fewest && Doubt <= MostDoubted;

    /// <summary>Of these; <c>null</c> where there are none. Its doubt is by leaving each photograph out in turn (jackknife; Efron and Stein 1981).</summary>
    public static CameraLens? Of(IReadOnlyList<LensView> views)
    {
        const int Leaves = 3;
        if (views.Count == 0)
        {
            return null;
        }

        var focal = Fitted(views);
        if (views.Count < Leaves)
        {
            return new(focal, null, views.Count);
        }

        var without = views.Select((_, i) => Fitted([.. views.Where((_, j) => j != i)])).ToList();
        var (n, mean) = (views.Count, without.Average());
        return new(focal, double.Hypot(Math.Sqrt((n - 1.0) / n * without.Sum(f => (f - mean) * (f - mean))) / focal, Focusing), n);
    }

    private static double Fitted(IReadOnlyList<LensView> views)
    {
        const double Middle = Side / 2;
        double[,] matrix = { { 1.2 * Side, 0, Middle }, { 0, 1.2 * Side, Middle }, { 0, 0, 1 } };
        Cv2.CalibrateCamera(views.Select(v => v.Corners.Select(c => new Point3f((float)c.X, (float)c.Y, 0))), views.Select(v => v.Corners.Select(c =>
            new Point2f((float)(Middle + (c.U * Side)), (float)(Middle + (c.V * Side))))), new Size(Side, Side), matrix, new double[5], out _, out _,
            CalibrationFlags.UseIntrinsicGuess | CalibrationFlags.FixPrincipalPoint | CalibrationFlags.FixAspectRatio | CalibrationFlags.ZeroTangentDist
                | CalibrationFlags.FixK2 | CalibrationFlags.FixK3);
        return matrix[0, 0] / Side;
    }
}

/// <summary>Reads what a photograph of a sheet tells of a lens.</summary>
public static class LensPhotograph
{
    /// <summary>Reads a photograph of one whole sheet, with nothing on it or something.</summary>
    /// <param name="file">A JPEG, PNG or WebP, whatever it is called.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<LensView> Read(byte[] file, string field) => Photograph.Looked<LensView>(file, field, picture =>
    {
        var sheets = ViewFinder.Seen(picture.Grey, field);
        if (!sheets.IsGood)
        {
            return sheets.Problems.ToList();
        }

        if (sheets.Value.Count > 1 || sheets.Value[0].Sheet.Part is not SheetPart.Whole)
        {
            return new Problem(field, null, "A lens is told by one whole sheet; this is one of those that are joined.",
                "Print an A4 or Letter sheet of marks.");
        }

        double longer = Math.Max(picture.Grey.Width, picture.Grey.Height);
        var (right, down) = ((picture.Grey.Width - 1) / 2.0, (picture.Grey.Height - 1) / 2.0);
        return new LensView([.. sheets.Value[0].Corners.Select(c => new LensCorner(c.There.X, c.There.Y, (c.Here.X - right) / longer, (c.Here.Y - down)
            / longer))]);
    });
}
