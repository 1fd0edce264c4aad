namespace Emboq.Core.Mechanics;

/// <summary>The shortest way that never bends tighter than a radius, from one place and direction to another, in a plane: arcs and at most one straight
/// (Dubins, 1957; closed forms of Shkel and Lumelsky, 2001; from memory).</summary>
internal static class Dubins
{
    /// <summary>Its three stretches: arcs in rad turning left (positive) or right, the straight in radii; the shortest of all six words.</summary>
    /// <param name="distance">From place to place, in radii.</param>
    /// <param name="start">Direction at the beginning against the straight line between both, rad.</param>
    /// <param name="end">Direction at the end, likewise.</param>
    public static (string Word, double First, double Middle, double Last) Shortest(double distance, double start, double end) =>
        Words(distance, start, end).Where(w => double.IsFinite(w.First + w.Middle + w.Last)).MinBy(w => w.First + w.Middle + w.Last);

    /// <summary>Length of the shortest way, in the unit of the radius.</summary>
    /// <param name="dx">Across, from beginning to end.</param>
    /// <param name="dy">Up.</param>
    /// <param name="start">Direction at the beginning, rad from +x.</param>
    /// <param name="end">Direction at the end.</param>
    /// <param name="radius">Tightest bend.</param>
    public static double Length(double dx, double dy, double start, double end, double radius)
    {
        var line = Math.Atan2(dy, dx);
        var way = Shortest(Math.Sqrt((dx * dx) + (dy * dy)) / radius, start - line, end - line);
        return radius * (way.First + way.Middle + way.Last);
    }

    private static IEnumerable<(string Word, double First, double Middle, double Last)> Words(double d, double alpha, double beta)
    {
        var (sa, sb, ca, cb, cab) = (Math.Sin(alpha), Math.Sin(beta), Math.Cos(alpha), Math.Cos(beta), Math.Cos(alpha - beta));
        var straight = Math.Sqrt(Math.Max(0, 2 + (d * d) - (2 * cab) + (2 * d * (sa - sb))));
        var at = Math.Atan2(cb - ca, d + sa - sb);
        yield return ("LSL", Turn(at - alpha), straight, Turn(beta - at));
        straight = Math.Sqrt(Math.Max(0, 2 + (d * d) - (2 * cab) + (2 * d * (sb - sa))));
        at = Math.Atan2(ca - cb, d - sa + sb);
        yield return ("RSR", Turn(alpha - at), straight, Turn(at - beta));
        // Without a root there is no such way: not a number, and passed over.
        straight = Math.Sqrt((d * d) - 2 + (2 * cab) + (2 * d * (sa + sb)));
        at = Math.Atan2(-ca - cb, d + sa + sb) - Math.Atan2(-2, straight);
        yield return ("LSR", Turn(at - alpha), straight, Turn(at - beta));
        straight = Math.Sqrt((d * d) - 2 + (2 * cab) - (2 * d * (sa + sb)));
        at = Math.Atan2(ca + cb, d - sa - sb) - Math.Atan2(2, straight);
        yield return ("RSL", Turn(alpha - at), straight, Turn(beta - at));
        var middle = Turn(-Math.Acos((6 - (d * d) + (2 * cab) + (2 * d * (sa - sb))) / 8));
        var first = Turn(alpha - Math.Atan2(ca - cb, d - sa + sb) + (middle / 2));
        yield return ("RLR", first, middle, Turn(alpha - beta - first + middle));
        middle = Turn(-Math.Acos((6 - (d * d) + (2 * cab) + (2 * d * (sb - sa))) / 8));
        first = Turn(-alpha - Math.Atan2(ca - cb, d + sa - sb) + (middle / 2));
        yield return ("LRL", first, middle, Turn(beta - alpha - first + middle));
    }

    /// <summary>An angle within one turn; a hair below a whole turn is none.</summary>
    private static double Turn(double angle)
    {
        var turned = angle - (2 * Math.PI * Math.Floor(angle / (2 * Math.PI)));
        return turned > (2 * Math.PI) - 1e-9 ? 0 : turned;
    }
}
