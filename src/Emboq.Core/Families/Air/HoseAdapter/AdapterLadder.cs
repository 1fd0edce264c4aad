namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>A row of rings around the drawn size of an end, told apart in the hand by notches off the fitted face and, where there is room, by a raised
/// number.</summary>
internal static class AdapterLadder
{
    private const double Gap = 4;
    private const double NotchRadius = 0.9;
    private const double Tab = 7;
    private const double TabHeight = 1.2;

    /// <summary>How many rings of these sizes, mm, the bed takes; under 2, there is no ladder.</summary>
    public static int Most(EndReckoning end, IReadOnlyList<double> sizes, Process process) => Grid(end, sizes, process).Most;

    /// <summary>The rings laid out on the bed as one body; <c>null</c> when the bed takes no row of them.</summary>
    public static Proof? Of(EndReckoning end, Process process)
    {
        var ladder = end.Ladder;
        return Most(end, ladder.Sizes, process) < ladder.Sizes.Count ? null : new($"ladder-{end.Parameters.Slot}", $"ladder of the {end.Parameters.Slot} end",
            () => Rings(end, process),
            $"{ladder.Sizes.Count} rings from {Figures.Mm(ladder.Sizes[0])} to {Figures.Mm(ladder.Sizes[^1])}; ring 1 has one notch, ring 2 two. Say "
                + "at Try which ring fits. It does not prove the cuff's straightness over its length.")
        { Seat = end.Parameters.Slot, Rungs = ladder.Sizes.Count };
    }

    private static Solid Rings(EndReckoning end, Process process)
    {
        var sizes = end.Ladder.Sizes;
        var (pitch, columns, _) = Grid(end, sizes, process);
        return sizes.Select((size, i) => Ring(end, size - end.Drawn.Value, i + 1).At(i % columns * pitch, i / columns * pitch, 0)).Aggregate((a, b) => a + b);
    }

    /// <summary>How far apart the rings stand, how many side by side, and how many the bed takes in all.</summary>
    private static (double Pitch, int Columns, int Most) Grid(EndReckoning end, IReadOnlyList<double> sizes, Process process)
    {
        var pitch = AdapterChecks.Across(end) + Math.Max(0, sizes[^1] - end.Drawn.Value) + (end.Parameters.Join == Join.Over ? 2 * Tab : 0) + Gap;
        int Of(double free) => (int)Math.Floor((free + Gap) / pitch);
        var free = process.Bed.Free();
        return (pitch, Math.Max(1, Of(free.Width)), Of(free.Width) * Of(free.Depth));
    }

    /// <summary>One ring, wider by some amount than the end itself, with as many notches as its number.</summary>
    private static Solid Ring(EndReckoning end, double wider, int number)
    {
        // The smallest ring of a thin plug would close: a pinhole stays.
        var pinhole = 0.5 + (Math.Abs(end.Growth?.Value ?? 0) / end.Cuff.Value);
        var (inside, outside) = (Math.Max(pinhole, (end.Inside.Value + wider) / 2), (end.Outside.Value + wider) / 2);
        var ring = Bare(end, inside, outside);
        var over = end.Parameters.Join == Join.Over;
        var face = over ? outside : inside;
        var deep = Math.Min(NotchRadius, (outside - inside) / 2);
        var notch = new Solid.Cylinder(NotchRadius, 3 * AdapterShape.RingHeight).At(0, 0, -AdapterShape.RingHeight);
        var off = over ? NotchRadius - deep : deep - NotchRadius;
        var notched = Enumerable.Range(0, number).Aggregate(ring, (body, i) => body - Beside(end, notch, face, off, i - ((number - 1) / 2.0)));
        return over || inside > 2 * Tab ? notched + Number(face, over, number) : notched;
    }

    /// <summary>Notches follow the outline, whichever it is, and stand off it by so much.</summary>
    private static Solid Beside(EndReckoning end, Solid notch, double face, double off, double place)
    {
        if (end.Duct is null)
        {
            return notch.At(face + off, 0, 0).Spun(place * 4 * NotchRadius / face * 180 / Math.PI);
        }

        var (at, way) = Along(AdapterOutline.Face(end, 2 * face), place * 4 * NotchRadius);
        return notch.At(at.X + (way.Y * off), at.Y - (way.X * off), 0);
    }

    /// <summary>The point so far along an outline, counter-clockwise from where it crosses the x axis on the right, and the way that it runs there.</summary>
    private static (Point2 At, Point2 Way) Along(Profile outline, double far)
    {
        var corners = outline.Points;
        var sides = corners.Select((c, i) => (From: c, To: corners[(i + 1) % corners.Length])).ToList();
        var i = sides.FindIndex(s => s.From.Y <= 0 && s.To.Y > 0 && s.From.X + s.To.X > 0);
        var left = far + (Distance(sides[i]) * -sides[i].From.Y / (sides[i].To.Y - sides[i].From.Y));
        while (left < 0)
        {
            i = (i + sides.Count - 1) % sides.Count;
            left += Distance(sides[i]);
        }

        while (left > Distance(sides[i]))
        {
            left -= Distance(sides[i]);
            i = (i + 1) % sides.Count;
        }

        var ((from, to), length) = (sides[i], Distance(sides[i]));
        var way = new Point2((to.X - from.X) / length, (to.Y - from.Y) / length);
        return (new(from.X + (way.X * left), from.Y + (way.Y * left)), way);
    }

    private static double Distance((Point2 From, Point2 To) side) => double.Hypot(side.To.X - side.From.X, side.To.Y - side.From.Y);

    private static Solid Bare(EndReckoning end, double inside, double outside)
    {
        if (end.Duct is not null)
        {
            return AdapterOutline.Filled(end, 2 * outside, AdapterShape.RingHeight) - AdapterOutline.Filled(end, 2 * inside,
                2 * AdapterShape.RingHeight).At(0, 0, -1);
        }

        // The mouth of the cuff lies below.
        var slope = (end.Growth?.Value ?? 0) / end.Cuff.Value * AdapterShape.RingHeight / 2;
        return new Solid.Revolved(new Profile(
            new(inside - slope, 0), new(outside - slope, 0), new(outside + slope, AdapterShape.RingHeight), new(inside + slope, AdapterShape.RingHeight)));
    }

    /// <summary>A tab on the face that fits nothing, across from the notches, with the number raised on it.</summary>
    private static Solid Number(double face, bool over, int number)
    {
        const double Lap = 0.6;
        var from = over ? face - Lap : face - Tab;
        var tab = new Solid.Box(Tab + Lap, Tab, TabHeight).At(from, -Tab / 2, 0);
        var text = new Solid.Lettering($"{number}", Tab - 2, Tab - 2, 0.6 + 0.1).At(over ? face + (Tab / 2) : face - (Tab / 2), 0, TabHeight - 0.1);
        return (tab + text).Spun(180);
    }
}
