using System.Runtime.CompilerServices;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>How a thing that was scanned turned on a flat floor beside how it lay in its scan.</summary>
/// <param name="Roll">About its length, degrees.</param>
/// <param name="Tilt">Its back end up where greater than nothing, degrees.</param>
/// <param name="Near">The foremost place on which it rests, from its front, mm.</param>
/// <param name="Far">The last one.</param>
internal sealed record Settled(double Roll, double Tilt, double Near, double Far);

/// <summary>How a thing that was scanned is to lie.</summary>
/// <param name="Balance">Where it balances from its left end, as read, mm.</param>
/// <param name="LastInFront">Whether its right end lies in front.</param>
/// <param name="ByLight">Whether it is grasped at its light end.</param>
/// <param name="Leans">How it leans; <c>null</c> where it lies.</param>
internal sealed record ScannedLie(double? Balance, bool LastInFront, bool ByLight, Leaning? Leans);

/// <summary>A thing that was scanned as it lies in the drawer: where its surface is known it settles on a flat floor, and may lean, and is cut anew as it lies
/// then; else it lies as it lay in its scan.</summary>
internal static class ScannedTool
{
    /// <summary>How far sections stand apart, and at its ends, which are round or slant; how far within them the outer ones stand, mm.</summary>
    private const double Apart = 3, Closer = 0.5, Within = 0.05;

    /// <summary>What is smaller than this share of its largest section is an edge of a slanting end.</summary>
    private const double Sliver = 0.01;

    /// <summary>What sections lose at most of the sharp edges of a slanting end, mm: of an ellipse at 12 degrees 0.08 was measured.</summary>
    private const double Lost = 0.15;

    /// <summary>It rests on what is no further from the floor, mm.</summary>
    private const double Touches = 0.1;

    /// <summary>Of every scan how it was laid last, for as long as the scan is held: nests around it change far more often.</summary>
    private static readonly ConditionalWeakTable<Traced, Laying> LaidLast = [];

    private sealed record Laying((double From, double To) Ends, ScannedLie Lie, LaidTool Tool);

    /// <summary>Lays it.</summary>
    /// <param name="scanned">As large as it was measured.</param>
    /// <param name="drawn">What was scanned.</param>
    /// <param name="lie">How.</param>
    public static LaidTool Of(SectionBody scanned, Traced drawn, ScannedLie lie)
    {
        if (LaidLast.TryGetValue(drawn, out var known) && (known.Ends, known.Lie) == (scanned.Ends, lie))
        {
            return known.Tool;
        }

        var tool = Lay(scanned, drawn, lie);
        LaidLast.AddOrUpdate(drawn, new(scanned.Ends, lie, tool));
        return tool;
    }

    private static LaidTool Lay(SectionBody scanned, Traced drawn, ScannedLie lie)
    {
        var lastInFront = lie.LastInFront;
        // Sections stand as far along it as its scale has them.
        var (cuts, (from, to)) = (drawn.Sections!, scanned.Ends);
        var scale = (to - from) / (cuts[^1].At - cuts[0].At);
        var length = drawn.Across * scale;
        var body = (lastInFront ? scanned.Turned().From(length - to) : scanned).Lengthened(0, length);
        var middle = body.Skin?.Centre ?? body.Centre;
        var centre = lie.Balance is { } read && read > 0 && read < length ? middle with { Y = lastInFront ? length - read : read } : middle;
        var holes = cuts.Where(c => !c.Scanned).Select(c => lastInFront ? length - (c.At * scale) : c.At * scale).ToList();
        var half = (0.5 * (cuts[1].At - cuts[0].At) * scale) + 0.01;
        if (body.Skin is not { } skin)
        {
            return Laid(body, [.. body.Sections.Select(o => (o.At, new Profile(o.Points)))], centre, at => holes.Any(h => Math.Abs(h - at) <= half),
                lie.ByLight, 0);
        }

        var (roll, tilt) = Settling.Of(skin.Points, centre);
        double[] HeightsAt(double lean) => [.. skin.Points.Select(p => Settling.Turned(p, roll, tilt - lean).Z)];
        var lean = lie.Leans?.Of(a => HeightsAt(a) is var z ? z.Max() - z.Min() : 0) ?? 0;
        var turned = skin.Moved(p => Settling.Turned(p, roll, tilt - lean));
        var (front, floor) = (turned.Points.Min(p => p.Y), turned.Points.Min(p => p.Z));
        Point3 Down(Point3 p) => new(p.X, p.Y - front, p.Z - floor);
        var slant = body.Heights.High * Math.Abs(Math.Sin((tilt - lean) * Math.PI / 180));
        var laid = turned.Moved(Down);
        var (cut, branched) = Cut(laid, slant);
        // A section of the scan that has a hole stands slantwise now, through all that is as high as the thing was.
        double[] heights = [body.Heights.Low, body.Heights.High];
        List<(double From, double To)> open = [.. holes.Select(h => new[] { h - half, h + half }.SelectMany(y => heights.Select(z =>
            Down(Settling.Turned(new(0, y, z), 0, tilt - lean)).Y)).ToList()).Select(ys => (ys.Min(), ys.Max()))];
        var flat = HeightsAt(0);
        var touched = flat.Min() + Touches;
        var rests = skin.Points.Where((_, i) => flat[i] < touched).Select(p => p.Y).ToList();
        return Laid(SectionBody.Of(cut).Branching(branched).Skinned(laid), cut, Down(Settling.Turned(centre, roll, tilt - lean)), at => open.Any(o =>
            at >= o.From && at <= o.To), lie.ByLight, slant > Within ? slant + Closer : 0) with
        {
            Between = slant > Within ? Closer : Within,
            Lean = lean,
            Settled = roll == 0 && tilt == 0 ? null : new(roll, tilt, rests.Min(), rests.Max()),
        };
    }

    /// <summary>Its sections as it lies, from its surface: whole, with every corner; and the first place where it lies in branches.</summary>
    /// <param name="skin">As it lies, its front at y = 0.</param>
    /// <param name="slant">How far along it its ends reach, mm.</param>
    private static (IReadOnlyList<(double At, Profile Outline)> Cut, double? Branched) Cut(ClosedMesh skin, double slant)
    {
        var to = skin.Points.Max(p => p.Y) - Within;
        var ends = Math.Min(slant + Apart, to / 2);
        static IEnumerable<double> Between(double from, double to, double apart) => (int)Math.Ceiling((to - from) / apart) is var count
            ? Enumerable.Range(0, count).Select(i => from + ((to - from) * i / count)) : [];
        double[] at = [.. Between(Within, ends, Closer), .. Between(ends, to - ends, Apart), .. Between(to - ends, to, Closer), to];
        var all = at.Select(y => (At: y, Branches: skin.Branches(new(0, y), 0, 0))).Where(s => s.Branches.Count > 0).Select(s => (s.At, s.Branches,
            Outline: ClosedMesh.Around(s.Branches)!)).ToList();
        var least = Sliver * all.Max(s => s.Outline.Area);
        all.RemoveAll(s => s.Outline.Area <= least);
        return ([.. all.Select(s => (s.At, s.Outline))], all.Where(s => s.Branches.Count > 1).Select(s => (double?)s.At).FirstOrDefault());
    }

    /// <summary>Its middle at x = 0, its lowest section at z = 0.</summary>
    private static LaidTool Laid(SectionBody whole, IReadOnlyList<(double At, Profile Outline)> cut, Point3 centre, Func<double, bool> hole, bool byLight,
        double slants)
    {
        var (across, up) = (-(whole.Sides.Left + whole.Sides.Right) / 2, -cut.Min(c => c.Outline.Box.Least.Y));
        var body = whole.At(across, up);
        var (length, half) = (body.Ends.To, body.Heights.High / 2);
        var sides = body.Sections.Select(o => (o.At, Left: o.Points.Min(p => p.X), Right: o.Points.Max(p => p.X), More: hole(o.At) ? LaidTool.Hidden : 0))
            .ToList();
        return new([new(0, length, half, half, "scan", 0)], centre.Y, new(new(0, half), new(length, half), half, Math.Min(centre.Y, length - centre.Y)), 0,
            byLight)
        {
            Outline = new([.. sides.Select(s => new Point2(s.Right + s.More, s.At)), .. Enumerable.Reverse(sides).Select(s =>
                new Point2(s.Left - s.More, s.At))]),
            Body = body,
            Cuts = [.. cut.Select(c => (c.At, (IReadOnlyList<Point2>)[.. c.Outline.Points.Select(p => new Point2(p.X + across, p.Y + up))]))],
            // Its lowest edge too, where its ends slant.
            StandsOut = body.Skin is not { } skin ? body.Smoothed : Math.Max(body.Beside(slants, length - slants)?.Out ?? 0, -skin.Points.Min(p => p.Z))
                + (slants > 0 ? Lost : 0),
            Unscanned = hole,
            Stands = body.Stands(centre),
        };
    }
}
