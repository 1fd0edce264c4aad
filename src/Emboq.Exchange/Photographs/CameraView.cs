namespace Emboq.Exchange.Photographs;

/// <summary>Where a camera stood over a sheet, and how it sees: a pinhole with one term of radial bend, as OpenCV has it.</summary>
/// <param name="Focal">px.</param>
/// <param name="Middle">Where its axis meets the picture, px.</param>
/// <param name="Bend">k₁.</param>
/// <param name="Turn">Rows of the rotation from the sheet to the camera.</param>
/// <param name="Shift">From the camera to the sheet's origin, in its frame, mm.</param>
internal sealed record CameraView(double Focal, Point2 Middle, double Bend, double[,] Turn, double[] Shift)
{
    /// <summary>Where the camera stood, mm; z is its height over the sheet.</summary>
    public Point3 Eye { get; } = new(-Back(Turn, Shift, 0), -Back(Turn, Shift, 1), -Back(Turn, Shift, 2));

    /// <summary>Where a point of the bench is seen, px.</summary>
    public Point2 Of(double x, double y, double z = 0)
    {
        double Row(int i) => (Turn[i, 0] * x) + (Turn[i, 1] * y) + (Turn[i, 2] * z) + Shift[i];
        var (across, down) = (Row(0) / Row(2), Row(1) / Row(2));
        var bent = Focal * (1 + (Bend * ((across * across) + (down * down))));
        return new((across * bent) + Middle.X, (down * bent) + Middle.Y);
    }

    /// <summary>What of the sheet's plane is seen at a place of the picture, mm.</summary>
    public Point2 On(double u, double v)
    {
        // Bent rays are r (1 + k r²) from the middle: by Newton's rule.
        const int Rounds = 4;
        var (x, y) = ((u - Middle.X) / Focal, (v - Middle.Y) / Focal);
        var bent = Math.Sqrt((x * x) + (y * y));
        var r = bent;
        for (var i = 0; i < Rounds && Bend != 0; i++)
        {
            r -= ((r * (1 + (Bend * r * r))) - bent) / (1 + (3 * Bend * r * r));
        }

        (x, y) = bent > 0 ? (x * r / bent, y * r / bent) : (x, y);
        double[] ray = [x, y, 1];
        var far = -Eye.Z / Back(Turn, ray, 2);
        return new(Eye.X + (far * Back(Turn, ray, 0)), Eye.Y + (far * Back(Turn, ray, 1)));
    }

    /// <summary>What is seen at a place of the sheet, but stands so high over it, mm: nearer to below the camera.</summary>
    public Point2 Lifted(Point2 seen, double height) => new(seen.X + ((Eye.X - seen.X) * height / Eye.Z), seen.Y + ((Eye.Y - seen.Y) * height / Eye.Z));

    private static double Back(double[,] turn, double[] of, int i) => (turn[0, i] * of[0]) + (turn[1, i] * of[1]) + (turn[2, i] * of[2]);
}
