namespace Emboq.Core.Designs;

/// <summary>How bodies of an assembly move: a path of turns and slides, from its beginning (0) to its end (1). Steps of a path follow each other and share it
/// evenly.</summary>
/// <param name="Key">Unique in its design.</param>
/// <param name="Name">As shown: "the sliding jaw".</param>
/// <param name="Moves">Keys of the bodies that move along; a body may be moved by several motions, those that come later in a design carry those
/// before.</param>
/// <param name="Path">The steps, one or more.</param>
/// <param name="Rests">Where it is meant to rest, from its beginning to its end.</param>
public sealed record Motion(string Key, string Name, IReadOnlyList<string> Moves, IReadOnlyList<MotionStep> Path, IReadOnlyList<MotionRest> Rests)
{
    /// <summary>Key of the motion that drives this one, and where this one is for positions of that; <c>null</c> where a hand moves it.</summary>
    public Drive? DrivenBy { get; init; }

    /// <summary>A solid of the assembly, moved.</summary>
    /// <param name="solid">Where it stands at the beginning of the path.</param>
    /// <param name="at">Position on the path, 0 to 1.</param>
    public Solid Of(Solid solid, double at) => Path.Select((step, i) => (Step: step, Share: Math.Clamp((at * Path.Count) - i, 0, 1))).Where(s =>
        s.Share > 0).Aggregate(solid, (s, step) => step.Step.Of(s, step.Share));
}

/// <summary>A turn and a slide at once: a plain turn, a plain slide, or a screw.</summary>
/// <param name="About">Direction of the axis it turns about.</param>
/// <param name="Through">A point on that axis.</param>
/// <param name="Degrees">How far it turns in all, counter-clockwise seen from the axis's end.</param>
/// <param name="Slide">How far it slides in all, mm.</param>
public sealed record MotionStep(Axis About, Point3 Through, double Degrees, Point3 Slide)
{
    /// <summary>A slide alone.</summary>
    public static MotionStep Along(double x, double y, double z) => new(Axis.Z, new(0, 0, 0), 0, new(x, y, z));

    /// <summary>A turn alone.</summary>
    public static MotionStep Around(Axis about, Point3 through, double degrees) => new(about, through, degrees, new(0, 0, 0));

    /// <summary>A solid, a share of the way along.</summary>
    public Solid Of(Solid solid, double share)
    {
        var turned = Degrees == 0 ? solid : Turned(solid.At(-Through.X, -Through.Y, -Through.Z), share * Degrees).At(Through.X, Through.Y, Through.Z);
        return Slide == new Point3(0, 0, 0) ? turned : turned.At(share * Slide.X, share * Slide.Y, share * Slide.Z);
    }

    private Solid Turned(Solid solid, double degrees) => About switch
    {
        Axis.X => solid.Tipped(degrees),
        Axis.Y => solid.Rolled(degrees),
        _ => solid.Spun(degrees)
    };
}

/// <summary>A position that has a name: "open".</summary>
/// <param name="At">On the path, 0 to 1.</param>
/// <param name="Name">As shown.</param>
public sealed record MotionRest(double At, string Name);

/// <summary>What one motion makes of another: the rise of a cam, the lead of a screw.</summary>
/// <param name="By">Key of the motion that drives.</param>
/// <param name="Law">Positions of the driver, rising, with those of the driven; straight between them.</param>
public sealed record Drive(string By, IReadOnlyList<Point2> Law)
{
    /// <summary>Where the driven one is.</summary>
    public double At(double driver)
    {
        var next = Law.Skip(1).Select((p, i) => (From: Law[i], To: p)).FirstOrDefault(s => driver <= s.To.X);
        return next.To == next.From ? Law[^1].Y : next.From.Y + (Math.Clamp((driver - next.From.X) / (next.To.X - next.From.X), 0,
            1) * (next.To.Y - next.From.Y));
    }
}
