namespace Emboq.Core.Families.Storage.LiddedCase;

/// <summary>A tongue along the seams of a floor or a top, its flanks at 45 degrees: both sides print without support, and either finds the middle of the
/// other. The part to the left or in front has it.</summary>
/// <param name="Fit">Tongue and groove where they leave the edge.</param>
internal sealed record CaseSeam(TongueGroove Fit)
{
    /// <summary>Floor beside a tongue, below and above, mm.</summary>
    private const double Lip = 0.6;

    /// <summary>A thinner floor has none, mm.</summary>
    public const double LeastFloor = 2;

    /// <summary>What of a seam is left plain at its ends, mm.</summary>
    private const double Clear = 2;

    /// <summary>How far a tongue stands out of the edge of a floor, mm: of flanks at 45 degrees half of its width.</summary>
    public static double Stands(double floor) => (floor - (2 * Lip)) / 2;

    /// <summary>Reckons it.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="floor">mm; thick enough.</param>
    public static CaseSeam Of(JointScope scope, double floor) => new(TongueGroove.Of(scope, 2 * Stands(floor), Stands(floor)));

    /// <summary>A part of a floor as its seams make it.</summary>
    /// <param name="r">The case.</param>
    /// <param name="part">The part, with plain edges.</param>
    /// <param name="at">Which part: from the left, and from the front.</param>
    /// <param name="from">Underside of the floor, or of the top, mm.</param>
    public Solid Seamed(CaseReckoning r, Solid part, (int Across, int Along) at, double from)
    {
        double[] x = [(-r.Width.Value / 2), .. r.CutsAcross, r.Width.Value / 2], y = [r.Wall.Value, .. r.CutsAlong, r.Deep - r.Wall.Value];
        var (i, j, middle) = (at.Across, at.Along, from + (r.Floor.Value / 2));
        Solid Across(Func<double, Solid> ridge, double cut) => ridge(y[j + 1] - y[j]).Spun(90).At(cut, (y[j] + y[j + 1]) / 2, middle);
        Solid Along(Func<double, Solid> ridge, double cut) => ridge(x[i + 1] - x[i]).UpsideDown().At((x[i] + x[i + 1]) / 2, cut, middle);
        part = i < r.Parts.Across - 1 ? part + Across(Out, x[i + 1]) : part;
        part = j < r.Parts.Along - 1 ? part + Along(Out, y[j + 1]) : part;
        return part.Without([.. i > 0 ? [Across(In, x[i])] : Array.Empty<Solid>(), .. j > 0 ? [Along(In, y[j])] : Array.Empty<Solid>()]);
    }

    /// <summary>Strips of a floor as a proof: how long, how wide, and how far beside each other, mm.</summary>
    private const double Long = 40, Wide = 15, Apart = 6;

    /// <summary>Two strips of a floor that lie beside each other, one with the tongue and one with the groove.</summary>
    public Solid Pair(double floor)
    {
        var strip = new Solid.Box(Wide, Long, floor);
        return (strip + Out(Long).Spun(90).At(Wide, Long / 2, floor / 2)) + (strip - In(Long).Spun(90).At(0, Long / 2, floor / 2)).At(Wide + Apart, 0, 0);
    }

    /// <summary>Sizes of the pair, read a hair from its edges, where flanks of 45 degrees are as much narrower on both sides.</summary>
    public IEnumerable<Gauge> Gauges(double floor)
    {
        const double Hair = 0.1;
        yield return new("edges", "tongue at its edge", Fit.Tongue.Value - (2 * Hair), new(Wide + Hair, Long / 2, floor / 2), Axis.Z, Jaws.Over);
        yield return new("edges", "groove at its edge", Fit.Groove.Value - (2 * Hair), new(Wide + Apart + Hair, Long / 2, floor / 2), Axis.Z);
    }

    /// <summary>A tongue along a seam, its middle at x = 0.</summary>
    private Solid Out(double seam) => Ridge(Fit.Tongue.Value, seam - (2 * Clear));

    /// <summary>A groove, longer at its ends than its tongue.</summary>
    private Solid In(double seam) => Ridge(Fit.Groove.Value, seam - Clear);

    /// <summary>Along x, standing out towards −y, its middle at the origin; rooted in what it stands on.</summary>
    private static Solid Ridge(double wide, double length)
    {
        const double Root = 0.5;
        var half = wide / 2;
        return new Pose(90, 0, 90, new(-length / 2, 0, 0)).Of(new Solid.Extruded(new(new Point2(Root, -half), new(Root, half), new(0, half), new(-half, 0),
            new(0, -half)), length));
    }
}
