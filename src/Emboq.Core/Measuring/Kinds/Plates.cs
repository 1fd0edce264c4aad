namespace Emboq.Core.Measuring.Kinds;

/// <summary>Plates with holes.</summary>
internal static class Plates
{
    /// <summary>A plate around holes, with room of one diameter beside the outermost.</summary>
    public static Solid With(IReadOnlyList<(Point2 At, double Diameter)> holes, double thickness)
    {
        var room = holes.Max(h => h.Diameter) * 1.5;
        var (left, low) = (holes.Min(h => h.At.X) - room, holes.Min(h => h.At.Y) - room);
        Solid plate = new Solid.Box(holes.Max(h => h.At.X) + room - left, holes.Max(h => h.At.Y) + room - low, thickness).At(left, low, 0);
        return holes.Aggregate(plate, (body, hole) => body - new Solid.Cylinder(hole.Diameter / 2, thickness + 2).At(hole.At.X, hole.At.Y, -1));
    }
}
