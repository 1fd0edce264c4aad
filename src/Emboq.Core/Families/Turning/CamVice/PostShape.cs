namespace Emboq.Core.Families.Turning.CamVice;

/// <summary>The solids of a post, and of what turns on it.</summary>
internal static class PostShape
{
    public static IEnumerable<Piece> Pieces(ViceReckoning r, VicePost post)
    {
        var screws = new[] { -post.ScrewsAt, post.ScrewsAt };
        yield return new("post", "post on the bench", () => Post(r, post), CamViceFamily.BaseWays, "flat")
        {
            WayBy = null,
            MayDiffer = false,
            Pose = new(0, 0, 0, new(0, -post.At, 0)),
            Pattern = [.. screws.Select(x => new PatternHole(x, 0, r.Screw.Bore, HoleUse.Passing, "bench"))],
            Walls = [.. screws.Select((x, i) => ($"screw {i + 1} of the post", r.Screw.Zone.At(x, 0, r.Floor.Value)))],
        };
        yield return new("turn-cam", "second cam with its lever", () => ViceShape.Cam(r, ViceReckoning.LeverThick + ViceReckoning.LeverRoom),
            CamViceFamily.CamWays, "flat")
        {
            WayBy = null,
            MayDiffer = false,
            Pose = new(180, 0, -90, new(post.CamAt, -post.At, post.High + ViceReckoning.LeverThick + ViceReckoning.LeverRoom)),
        };
        yield return new("shoe", "shoe between cam and post", () => Shoe(post), CamViceFamily.PadWays, "flat")
        {
            WayBy = null,
            MayDiffer = false,
            Pose = new(0, 0, 90, new(post.CamAt - r.Cam.Radius.Value + r.Cam.Throw.Value - ViceReckoning.Free, -post.At, post.CamZ)),
        };
    }

    private static Solid Post(ViceReckoning r, VicePost post) => new Solid.Cylinder(post.Drawn.Value / 2, post.High).Without(
        new[] { -post.ScrewsAt, post.ScrewsAt }.SelectMany(x => new[]
        {
            new Solid.Cylinder(post.Reach, post.High).At(x, 0, r.Floor.Value), r.Screw.Cut.At(x, 0, r.Floor.Value),
        }));

    /// <summary>Its back at y = 0, hollowed to lie on the post.</summary>
    private static Solid Shoe(VicePost post) => new Solid.Box(VicePost.ShoeWide, post.Shoe + 2, post.Thick - ViceReckoning.Free).At(-VicePost.ShoeWide / 2,
        0, 0)
        - new Solid.Cylinder(post.Drawn.Value / 2, post.Thick + 2).At(0, post.Shoe + (post.Drawn.Value / 2), -1);

    /// <summary>The base, grown around post and cam behind its fixed jaw.</summary>
    public static Solid Around(Solid solid, ViceReckoning r, VicePost post)
    {
        var half = Math.Min(r.Wide.Value / 2, post.RingRadius);
        var slot = (VicePost.ShoeWide / 2) + ViceReckoning.Free;
        return (solid + new Solid.Hulled(new Solid.Cylinder(post.RingRadius, post.High).At(0, -post.At, 0),
                new Solid.Cylinder(post.RimRadius, post.High).At(post.CamAt, -post.At, 0))
            + new Solid.Box(2 * half, post.At + 1, post.High).At(-half, -post.At, 0)).Without([
            new Solid.Cylinder(post.Bore.Value / 2, post.High + 2).At(0, -post.At, -1),
            new Solid.Cylinder(r.Cam.Hollow, post.Thick + 1).At(post.CamAt, -post.At, post.CamZ),
            new Solid.Box(post.CamAt - (post.Bore.Value / 4), 2 * slot, post.Thick + 1).At(post.Bore.Value / 4, -post.At - slot, post.CamZ),
            new Solid.Cylinder(post.Held.Value / 2, VicePost.PinDeep + 1).At(post.CamAt, -post.At, post.CamZ - VicePost.PinDeep)]);
    }

    public static Body Pin(ViceReckoning r, VicePost post) => new("machine-turn-pin", "pin of the second cam", () => new Solid.Cylinder(
        r.Turns.Counterpart.Value / 2, post.PinLong).At(post.CamAt, -post.At, post.CamZ - VicePost.PinDeep));

    public static IEnumerable<Motion> Motions(ViceReckoning r, VicePost post)
    {
        var (axis, travel) = (new Point3(post.CamAt, -post.At, 0), (2 * ViceReckoning.Free) - 0.02);
        yield return new("turn-lock", "the second cam", ["turn-cam"], [MotionStep.Around(Axis.Z, axis, post.Touches)], [new(0, "open"), new(1, "on the post")]);
        yield return new("shoe", "the shoe", ["shoe"], [MotionStep.Along(0.02 - ViceReckoning.Free, 0, 0)], [new(0, "back"), new(1, "on the post")])
        {
            DrivenBy = new("turn-lock", [.. Enumerable.Range(0, 25).Select(i => new Point2(i / 24.0,
                Math.Clamp((r.Cam.Rise(post.Touches * i / 24) - ViceReckoning.Free) / (travel - ViceReckoning.Free), 0, 1)))]),
        };
        yield return new("turn", "the vice on its post", ["part", "base", "pad", "cam", "lock", "turn-cam", "shoe", "machine-work", "machine-pin",
            "machine-guides", "machine-turn-pin"], [MotionStep.Around(Axis.Z, new(0, -post.At, 0), 90)], [new(0, "straight"), new(1, "a quarter round")]);
    }

    public static Proof Slice(ViceReckoning r, VicePost post) => new("slice-bore", "a slice of the bore around the post", () => ViceShape.Base(r)
        & new Solid.Cylinder((post.Bore.Value / 2) + Math.Min(5, VicePost.Ring), 6).At(0, -post.At, 0),
        "Around the post itself it proves that it turns. It does not prove that the second cam holds it.");

    public static IEnumerable<Gauge> Gauges(ViceReckoning r, VicePost post)
    {
        yield return new("post", "post", post.Drawn.Value, new(0, 0, r.Floor.Value / 4), Axis.Y, Jaws.Over);
        yield return new("base", "bore around the post", post.Bore.Value, new(0, -post.At, 2), Axis.X);
        yield return new("base", "hole of the second cam's pin", post.Held.Value, new(post.CamAt, -post.At, post.CamZ - 3), Axis.X);
        yield return new("turn-cam", "bore of the second cam", r.Turns.Drawn.Value, new(0, 0, ViceReckoning.LeverThick + ViceReckoning.LeverRoom + 3), Axis.X);
    }
}
