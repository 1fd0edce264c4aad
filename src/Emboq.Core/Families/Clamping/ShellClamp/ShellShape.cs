namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>The solids of a shell clamp. Each half in the frame of its clamp: x across, y along the handle, z = 0 the table.</summary>
internal static class ShellShape
{
    /// <summary>A corner cut so keeps the shell as thick as its sides.</summary>
    private static readonly double Cut = 2 - Math.Sqrt(2);

    private const double Slice = 4;

    /// <summary>Of what the halves are open by, what lies straight to within this is straight, mm.</summary>
    private const double Straight = 0.004;

    public static string LowerOf(ShellStation s) => s.Key == "front" ? Piece.Main : "rear";

    public static string UpperOf(ShellStation s) => s.Key == "front" ? "cap" : "rear-cap";

    private static string PackerOf(ShellStation s) => s.Key == "front" ? "packer" : "rear-packer";

    public static IEnumerable<Piece> Pieces(ShellReckoning r, string? mark)
    {
        foreach (var (s, feet) in r.Stations.Zip(r.Feet))
        {
            Pose pose = new(0, 0, s.Turn, new(s.Middle.X, s.At, 0));
            var which = r.Stations.Count > 1 ? s.Key == "front" ? "first " : "second " : "";
            yield return new(LowerOf(s), $"{which}lower half", () => PartBodies.Marked(Lower(r, s, feet), s.Key == "front" ? mark : null, letters =>
                letters.Tipped(90)
                .At(0, -r.Along.Value / 2, Math.Max(3, r.BelowOf(s) / 2)), Math.Min(30, r.RightOf(s) - r.LeftOf(s) - 4)), ShellParameters.Ways, r.Way.Key)
            {
                MayDiffer = false,
                Pose = pose,
                Walls = [.. Screws(r, s).Select((at, i) => ($"screw {i + 1}", r.Bite.Zone.At(at.X, at.Y, r.FaceOf(s))))],
            };
            yield return new(UpperOf(s), $"{which}upper half", () => Upper(r, s), ShellParameters.CapWays, r.Way.Key) { MayDiffer = false, Pose = pose };
        }

        foreach (var (s, feet) in r.Packer is null ? [] : r.Stations.Zip(r.Feet))
        {
            yield return new(PackerOf(s), r.Stations.Count > 1 ? $"packer of the {s.Name}" : "packer", () => Packer(r, s, feet), [new("flat", "lying", 0,
                "Lines lie along it.", "Nothing is fitted.")], "flat")
            { WayBy = null, Pose = new(0, 0, s.Turn, new(s.Middle.X, s.At, -r.Packer!.Value)) };
        }
    }

    private static IEnumerable<Point2> Screws(ShellReckoning r, ShellStation s) => r.ScrewsOf(s).SelectMany(x => r.ScrewsAt.Select(y => new Point2(x, y)));

    public static Solid Lower(ShellReckoning r, ShellStation s, ShellFeet feet)
    {
        var (left, right, top) = (r.LeftOf(s), r.RightOf(s), r.FaceOf(s));
        var (from, to) = (feet.Left - r.FootEnd, feet.Right + r.FootEnd);
        var body = Along(new(new(left, 0), new(right, 0), new(right, top), new(left, top)), r) + Along(new(new(from, 0), new(to, 0), new(to, r.Foot.Value),
            new(from, r.Foot.Value)), r);
        // The hollow has most of the triangles: it is cut once, and last.
        return body.Without(
        [
            .. Screws(r, s).Select(at => r.Bite.Cut.At(at.X, at.Y, top)),
            .. Feet(feet).Select(x => Slot(r, feet).At(x, 0, r.Foot.Value)),
            .. Windows(r, s),
        ]) - Hollow(r, s, c => c.Lower);
    }

    public static Solid Upper(ShellReckoning r, ShellStation s)
    {
        var (left, right, low, top) = (r.LeftOf(s), r.RightOf(s), r.SplitOf(s) + (r.Gap / 2), r.TopOf(s));
        var corner = Math.Min(Cut * r.Shell.Value, (top - low) / 2);
        var face = r.SplitOf(s) + r.HeadAt;
        var lie = r.Way.Key == "end" ? HoleLie.Teardrop : HoleLie.Upright;
        return Along(new(new(left, low), new(right, low), new(right, top - corner), new(right - corner, top), new(left + corner, top), new(left,
            top - corner)), r)
            .Without(
            [
                // Above a head the way is free.
                .. Screws(r, s).Select(at => (top > face ? r.Head.Joint.Cut + HoleShape.Cut(r.Head.Recess, 0, top - face + 1, lie) : r.Head.Joint.Cut)
                    .At(at.X, at.Y, face)),
                .. Windows(r, s),
            ]) - Hollow(r, s, c => c.Upper);
    }

    private static IEnumerable<Solid> Windows(ShellReckoning r, ShellStation s) => r.Keepings.Where(k => k.Meets(s, r.Along.Value)).Select(k =>
        k.Window(s, r.Raised.Value + s.Middle.Y, 1000));

    private static double[] Feet(ShellFeet feet) => [feet.Left, feet.Right];

    /// <summary>The hole of a table's screw, drawn out along the handle.</summary>
    private static Solid Slot(ShellReckoning r, ShellFeet feet) => new Solid.Hulled(r.TableHole.Cut.At(0, -feet.Travel / 2, 0),
        r.TableHole.Cut.At(0, feet.Travel / 2, 0));

    private static Solid Packer(ShellReckoning r, ShellStation s, ShellFeet feet)
    {
        var (from, to, thick) = (feet.Left - r.FootEnd, feet.Right + r.FootEnd, r.Packer!.Value);
        return Along(new(new(from, 0), new(to, 0), new(to, thick), new(from, thick)), r).Without(Feet(feet).Select(x => HoleShape.Slotted(r.TableHole.Bore,
            feet.Travel, -1, thick + 1).Spun(90).At(x, 0, 0)));
    }

    /// <summary>Over the whole clamp, x and z.</summary>
    private static Solid Along(Profile section, ShellReckoning r) => new Solid.Extruded(section, r.Along.Value).Tipped(90).At(0, r.Along.Value / 2, 0);

    /// <summary>What a half is open by, a little past both ends of the clamp. A loft stands: laid down, its y is what was up, turned over. It lets a half go
    /// straight on over a surface as scanned too, which is cut out beside it in full.</summary>
    private static Solid Hollow(ShellReckoning r, ShellStation s, Func<ShellCut, Profile> half)
    {
        var cuts = s.Cuts.Reverse().Select(c => new Solid.Section(half(c), -c.Along)).ToList();
        var straight = new Solid.Lofted(ThinnedLoft.Of(cuts, Straight)).Tipped(90).At(s.Axis, 0, r.SplitOf(s));
        return r.Hollow is { } hollow ? straight + new Solid.Meshed(hollow).At(-s.Middle.X, -s.At, r.Raised.Value).Spun(-s.Turn) : straight;
    }

    public static IEnumerable<Body> Machine(ShellReckoning r)
    {
        yield return new("machine-grip", r.Fit.Place.Name, () => r.Handle.At(0, 0, r.Raised.Value));
        var ((left, right), (from, to)) = (r.Body.Sides, r.Body.Ends);
        yield return new("machine-table", "table", () => new Solid.Box(right - left + 160, to - from + 80, 20).At(left - 80, from - 40,
            -20 - (r.Packer?.Value ?? 0)));
    }

    public static IEnumerable<Motion> Motions(ShellReckoning r)
    {
        var (caps, rise) = (r.Stations.Select(UpperOf).ToList(), r.Stations.Max(s => r.TopOf(s) - r.SplitOf(s)) + 10);
        yield return new("open", "each upper half", caps, [MotionStep.Along(0, 0, rise)], [new(0, "around the handle"), new(1, "taken off")]);
        yield return new("lift", "the tool", [.. caps, "machine-grip"], [MotionStep.Along(0, 0, r.Stations.Max(s => s.Split.At - s.Sides.Low)
            + 10)], [new(0, "in the lower halves"), new(1, "lifted out")]);
    }

    public static IEnumerable<Proof> Proofs(ShellReckoning r)
    {
        var (s, feet) = (r.Stations[0], r.Feet[0]);
        var (left, right) = (r.LeftOf(s), r.RightOf(s));
        Solid Cut(Solid half, double low, double high) => (half & new Solid.Box(right - left, Slice, high - low).At(left, -Slice / 2, low)).Tipped(90)
            .At(0, 0, Slice / 2);
        yield return new("slice-grip", "a slice of both halves", () => Cut(Lower(r, s, feet), 0, r.SplitOf(s)) + Cut(Upper(r, s), r.SplitOf(s), r.TopOf(s))
            .At(0, -6, 0), "Proves how both halves lie around the handle, and the gap that is left between them. It does not prove what they hold.")
        { Seat = "grip" };
        yield return new("foot", "a foot with its slot", () => (Lower(r, s, feet) & new Solid.Box(2 * r.FootEnd, r.Along.Value, r.Foot.Value)
            .At(feet.Right - r.FootEnd, -r.Along.Value / 2, 0)).At(-feet.Right, 0, 0),
            "Proves that the table's screw passes it, and bears on it: draw it tight. It does not prove the hollow.");
    }

    public static IEnumerable<Gauge> Gauges(ShellReckoning r)
    {
        const double Hair = 0.2;
        foreach (var (s, feet) in r.Stations.Zip(r.Feet))
        {
            var (split, lower, upper, half) = (r.SplitOf(s), LowerOf(s), UpperOf(s), (r.Gap / 2) + Hair);
            var screw = Screws(r, s).First();
            // Nearest to its middle, beside every window.
            var free = s.Cuts.Where(c => Math.Abs(c.Along) < (r.Along.Value / 2) - Hair && r.Keepings.All(k => !k.Opens(s.At + c.Along)))
                .MinBy(c => Math.Abs(c.Along));
            yield return new(lower, "thread", r.Bite.Bore, new(screw.X, screw.Y, r.FaceOf(s) - 0.4), Axis.X);
            yield return new(upper, "screw hole", r.Head.Joint.Bore, new(screw.X, screw.Y, split + (r.Gap / 2) + 0.4), Axis.X);
            yield return new(lower, "slot of a foot", r.TableHole.Bore, new(feet.Right, 0, r.Foot.Value / 2), Axis.X);
            if (free is not null)
            {
                yield return new(lower, "hollow below the split", free.Wide(free.Lower, -half), new(s.Axis, free.Along + 0.001, split - half), Axis.X)
                { Pictured = Coarse.BetweenSides };
                yield return new(upper, "hollow above the split", free.Wide(free.Upper, half), new(s.Axis, free.Along + 0.001, split + half), Axis.X)
                { Pictured = Coarse.BetweenSides };
            }
        }
    }
}
