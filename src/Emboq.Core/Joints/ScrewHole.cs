namespace Emboq.Core.Joints;

/// <summary>Holes that a screw passes, and the recesses of its head.</summary>
internal static class ScrewHole
{
    /// <summary>A hole that a machine screw passes.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">Of the thread.</param>
    /// <param name="fit">fine, medium or coarse (ISO 273).</param>
    /// <param name="depth">Through how much, mm.</param>
    /// <param name="lie">How it stands while it is printed.</param>
    public static Joint Passing(JointScope scope, string size, string fit, double depth, HoleLie lie = HoleLie.Upright)
    {
        if (scope.OfScrew("shank") is not { } shank)
        {
            return Plain(scope, Hardware.Passing(size, fit), depth, lie);
        }

        var room = (Hardware.Passing(size, fit) - Hardware.Diameter(size)).Named("room of its size, ISO 273");
        var hole = Plain(scope, (shank + room).Named("passing hole for the measured screw"), depth, lie);
        return hole with { Checks = [.. hole.Checks, IsOfSize(scope, shank, Hardware.Diameter(size), Hardware.Name(size), 0.08, Verdict.Stop)] };
    }

    /// <summary>Whether a measured screw is what it is called: a thread's crests measure a little less than its size.</summary>
    private static Check IsOfSize(JointScope scope, Quantity shank, Quantity nominal, string name, double share, Verdict otherwise)
    {
        var holds = Math.Abs(shank.Value - nominal.Value) <= (share * nominal.Value) + 0.1;
        return new($"{scope.Key}.size", $"{scope.Name} as measured", holds ? Verdict.Good : otherwise, holds ? $"It is as thick as {name} is."
            : $"It measures {Figures.Mm(shank.Value)}: that is no {name}. Choose its size, or measure it again.", Figures.Mm(shank.Value),
            $"{Figures.Mm(nominal.Value)}, give or take {Figures.Mm((share * nominal.Value) + 0.1)}", "Tables of threads and screws.", []);
    }

    /// <summary>A hole that a wood screw passes.</summary>
    public static Joint PassingWood(JointScope scope, string size, double depth, HoleLie lie = HoleLie.Upright) =>
        Plain(scope, PassingWood(scope, size), depth, lie) is var hole && scope.OfScrew("shank") is { } shank
            ? hole with
            {
                Checks = [.. hole.Checks, IsOfSize(scope, shank, Hardware.Of("wood-screws", size, "diameter", $"diameter of a {size} wood screw"),
                    $"{size} wood screw", 0.2, Verdict.Watch)],
            }
            : hole;

    /// <summary>The hole a wood screw passes: the measured one and its customary room, or as its table has it.</summary>
    public static Quantity PassingWood(JointScope scope, string size) => scope.OfScrew("shank") is { } shank
        ? (shank + ShankRoom).Named("passing hole for the measured screw")
        : Hardware.Of("wood-screws", size, "passing hole", $"passing hole for a {size} wood screw");

    /// <summary>A hole of a wanted finished diameter.</summary>
    public static Joint Plain(JointScope scope, Quantity wanted, double depth, HoleLie lie = HoleLie.Upright)
    {
        var drawn = scope.Drawn("hole", "hole", wanted, lie.Surface());
        return new()
        {
            Bore = drawn.Value,
            Cut = HoleShape.Cut(drawn.Value, -depth - Over, Over, lie),
            Sleeves = [new(HoleShape.Rise(drawn.Value, lie), -depth, 0, scope.LeastWall)],
            Checks = lie == HoleLie.Bridged ? [Bridging.Of($"{scope.Key}.bridge", $"roof of the {scope.Name} hole", HoleShape.Bridge(drawn.Value))] : [],
        };
    }

    /// <summary>A hole drawn out along x, so that one part suits more spacings.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="wanted">Its finished width.</param>
    /// <param name="travel">How far the screw may move, mm.</param>
    /// <param name="depth">Through how much, mm.</param>
    public static Joint Slotted(JointScope scope, Quantity wanted, double travel, double depth)
    {
        var drawn = scope.Drawn("slot", "slot", wanted, Surface.HoleUpright);
        var length = scope.Add("travel", "travel", Quantity.Chosen("travel", travel, Unit.Millimetre), "Between the middles of the ends of the slot.");
        return new()
        {
            Bore = drawn.Value,
            Cut = HoleShape.Slotted(drawn.Value, length.Value, -depth - Over, Over),
            Sleeves = [new((drawn.Value + length.Value) / 2, -depth, 0, scope.LeastWall)],
        };
    }

    /// <summary>A cylindrical recess for a cap screw's head; counterbores use the knurled head.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">Of the thread.</param>
    /// <param name="depth">Through how much, the recess included, mm.</param>
    /// <param name="lie">How it stands while it is printed.</param>
    public static Joint Counterbored(JointScope scope, string size, double depth, HoleLie lie = HoleLie.Upright)
    {
        var room = Quantity.RuleOfThumb("room around a head", 0.4, Unit.Millimetre, "A head drops into its recess with 0.2 mm a side.");
        var bore = scope.Drawn("counterbore", "counterbore", (scope.OfScrew("head") ?? Hardware.Of("cap-screws", size, "knurled head",
            $"{Hardware.Name(size)} knurled head")) + room, lie.Surface());
        var sunk = Quantity.RuleOfThumb("head below the face", 0.3, Unit.Millimetre, "A head that stands proud catches.");
        var deep = scope.Add("counterbore.depth", "counterbore depth", (scope.OfScrew("height")
            ?? Hardware.Of("cap-screws", size, "height", $"{Hardware.Name(size)} head height")) + sunk,
            "The head and a little more.");
        var recess = new Joint
        {
            Cut = HoleShape.Cut(bore.Value, -deep.Value, Over, lie),
            Sleeves = [new(HoleShape.Rise(bore.Value, lie), -deep.Value, 0, scope.LeastWall)],
            Recess = deep.Value,
        };
        return recess + Passing(scope, size, "medium", Math.Max(depth, deep.Value + 0.1), lie);
    }

    /// <summary>A cone for a countersunk machine screw: ISO 10642 and ISO 7046 at 90 degrees are two heads, inch screws have 82.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">Of the thread.</param>
    /// <param name="standard">"ISO 10642", "ISO 7046" or "ASME B18.6.3".</param>
    /// <param name="depth">Through how much, mm.</param>
    public static Joint Countersunk(JointScope scope, string size, string standard, double depth)
    {
        bool Row(Standards.StandardRow r) => r.Cells["kind"].Text == standard;
        var head = scope.OfScrew("head") ?? Hardware.Of("countersunk-screws", size, "head", $"{Hardware.Name(size)} head, {standard}", Row);
        var angle = scope.OfScrew("cone") ?? Hardware.Of("countersunk-screws", size, "angle", "head angle", Row);
        return Sink(scope, head, angle, Passing(scope, size, "medium", depth), HoleLie.Upright);
    }

    /// <summary>A cone of 90 degrees for a wood screw.</summary>
    public static Joint CountersunkWood(JointScope scope, string size, double depth, HoleLie lie = HoleLie.Upright)
    {
        var head = scope.OfScrew("head") ?? Hardware.Of("wood-screws", size, "head", $"head of a {size} wood screw");
        return Sink(scope, head, scope.OfScrew("cone") ?? Quantity.RuleOfThumb("head angle", 90, Unit.DegreeOfArc, "Wood screws are cut at 90 degrees."),
            PassingWood(scope, size, depth, lie), lie);
    }

    /// <summary>A curved mouth for a bugle head, which has no angle: a quarter of an ellipse from the head down to the shank.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">"No. 6" or "No. 8".</param>
    /// <param name="depth">Through how much, mm.</param>
    public static Joint Bugle(JointScope scope, string size, double depth)
    {
        bool Row(Standards.StandardRow r) => r.Cells["kind"].Text == "custom";
        var head = scope.Drawn("countersink", "bugle mouth", Hardware.Of("countersunk-screws", size, "head", $"{size} bugle head",
            Row) + HeadRoom, Surface.HoleUpright);
        var hole = Plain(scope, Hardware.Of("countersunk-screws", size, "diameter", $"{size} shank", Row) + ShankRoom, depth);
        var (r, rim) = (hole.Bore / 2, head.Value / 2);
        // The height of a bugle is about half of its head.
        var deep = scope.Add("countersink.depth", "bugle depth", 0.45 * head, "A bugle is about as deep as half its head; it beds itself.");
        var curve = Enumerable.Range(0, 13).Select(i => i * Math.PI / 24).Select(a =>
            new Point2(rim - ((rim - r) * Math.Sin(a)), -deep.Value * (1 - Math.Cos(a))));
        return hole + new Joint
        {
            Cut = new Solid.Revolved(new Profile([new(0, Over), new(0, -deep.Value), .. curve.Reverse(), new(rim, Over)])),
            Sleeves = [new(rim, -Math.Min(deep.Value, depth), 0, scope.LeastWall)],
            // It bears on the upper half of its curve; below, the mouth is hardly wider than the shank.
            Recess = deep.Value / 2,
        };
    }

    /// <summary>Cuts reach a little past the faces they open.</summary>
    public const double Over = 0.5;

    /// <summary>What a head must reach over its hole on each side, mm.</summary>
    private const double LeastSeat = 0.4;

    private static readonly Quantity HeadRoom = Quantity.RuleOfThumb("room around a head", 0.3, Unit.Millimetre,
        "So that the head sits a little below the face.");

    private static readonly Quantity ShankRoom = Quantity.RuleOfThumb("room around a shank", 0.5, Unit.Millimetre,
        "The customary passing hole of a wood screw.");

    /// <summary>The head's cone down to the hole itself: a roof over a lying hole takes nothing from the cone's depth.</summary>
    private static Joint Sink(JointScope scope, Quantity head, Quantity angle, Joint hole, HoleLie lie)
    {
        var rim = scope.Drawn("countersink", "countersink", head + HeadRoom, lie.Surface());
        var half = scope.Add("countersink.angle", "countersink angle", angle, "The cone of the head.").Value / 2 * Math.PI / 180;
        var r = hole.Bore / 2;
        if (rim.Value / 2 < r + LeastSeat)
        {
            return hole with
            {
                Checks = [.. hole.Checks, new($"{scope.Key}.sinks", $"head of the {scope.Name}", Verdict.Stop,
                    "Its head is hardly wider than its hole, and goes through: measure it again, or take another screw.", Figures.Mm(rim.Value),
                    $"{Figures.Mm(hole.Bore + (2 * LeastSeat))} or more", "Plane geometry.", [])],
            };
        }

        var drop = ((rim.Value / 2) - r) / Math.Tan(half);
        var cone = new Profile(new(0, Over), new(0, -drop), new(r, -drop), new(rim.Value / 2, 0), new(rim.Value / 2, Over));
        return hole + new Joint
        {
            Cut = new Solid.Revolved(cone),
            Sleeves = [new(rim.Value / 2, -Math.Min(drop / 2, hole.Depth), 0, scope.LeastWall)],
            Recess = drop,
        };
    }
}
