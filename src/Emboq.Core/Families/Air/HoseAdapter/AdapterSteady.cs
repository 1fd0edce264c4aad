namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>What is printed with an adapter to hold it, and cut off afterwards: before supports, a wider foot, pads or thin ribs.</summary>
internal static class AdapterSteady
{
    private const double FootReach = 6;
    private const double PadRadius = 8;
    private const double Cut = 0.2;

    /// <summary>What is added under the end that stands on the bed; <c>null</c> for nothing.</summary>
    public static Solid? Under(AdapterReckoning r, string wayUp, Steady steady, Process process) => wayUp switch
    {
        "first" => Under(r, steady, process),
        "second" => Under(r with { First = r.Second, Second = r.First }, steady, process)?.UpsideDown().At(0, 0, r.Height.Value),
        _ => null,
    };

    private static Solid? Under(AdapterReckoning r, Steady steady, Process process)
    {
        var thick = 2 * process.LayerHeight;
        var mouth = (r.First.Growth?.Value ?? 0) / 2;
        // It reaches under half of the wall, and leaves the bore free.
        var (radius, bore) = ((r.First.Outside.Value / 2) - mouth, ((r.First.Inside.Value + r.First.Outside.Value) / 4) - mouth);
        if (r.First.Duct is { } duct)
        {
            return Under(r.First, duct.Drawn.Value + (r.First.Outside.Value - r.First.Drawn.Value), steady, bore, thick);
        }

        return steady switch
        {
            Steady.None => null,
            Steady.Foot => new Solid.Revolved(new Profile(new(bore, 0), new(radius + FootReach, 0), new(radius + FootReach, thick), new(bore, thick))),
            Steady.Pads => Around(4, new Solid.Cylinder(PadRadius, thick).At(radius, 0, 0) - new Solid.Cylinder(bore, 2 * thick).At(0, 0, -thick / 2)),
            Steady.Ribs => !r.IsUnlike && Rib(r, process) is { } rib ? Around(6, rib) : null,
            _ => throw new ArgumentOutOfRangeException(nameof(steady), steady, "Nothing is defined for this."),
        };
    }

    /// <summary>Under a rectangular or odd end: a foot that follows its outline, or pads in the middle of its sides.</summary>
    private static Solid? Under(EndReckoning end, double height, Steady steady, double bore, double thick)
    {
        var opening = AdapterOutline.Filled(end, 2 * bore, 3 * thick).At(0, 0, -thick);
        var (x, y) = (end.Outside.Value / 2, height / 2);
        var pad = new Solid.Cylinder(PadRadius, thick);
        return steady switch
        {
            Steady.Foot => AdapterOutline.Filled(end, end.Outside.Value + (2 * FootReach), thick) - opening,
            Steady.Pads => pad.At(x, 0, 0) + pad.At(-x, 0, 0) + pad.At(0, y, 0) + pad.At(0, -y, 0) - opening,
            _ => null,
        };
    }

    private static Solid Around(int count, Solid one) => Enumerable.Range(0, count).Select(i => one.Spun(360.0 * i / count)).Aggregate((a, b) => a + b);

    /// <summary>A fin two lines thick from the bed up to a cone or shelf that leans out, short of the cuff by a cut; <c>null</c> where nothing leans
    /// out.</summary>
    private static Solid? Rib(AdapterReckoning r, Process process)
    {
        var (a, b) = (r.First.OutsideRoot.Value / 2, r.Second.OutsideRoot.Value / 2);
        var (low, high) = (r.First.Cuff.Value, r.Height.Value - r.Second.Cuff.Value);
        var from = Math.Max(a, r.First.Outside.Value / 2) + Cut;
        // It reaches half a wall into what it carries: faces that only touch leave slivers.
        var (into, thick) = (r.Wall.Value / 2, 2 * process.LineWidth);
        var to = b - into;
        if (to <= from + 1)
        {
            return null;
        }

        // Along x and up: the bed, the wide cuff's edge, the cone or the shelf.
        double Top(double x) => r.Transition is Transition.Step ? low + into : low + ((x + into - a) / (b - a) * (high - low));
        var outline = new Profile(new(from, 0), new(to, 0), new(to, Top(to)), new(from, Top(from)));
        return new Solid.Extruded(outline, thick).At(0, 0, -thick / 2).Tipped(90);
    }
}
