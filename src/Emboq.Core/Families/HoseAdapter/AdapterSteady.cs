namespace Emboq.Core.Families.HoseAdapter;

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
        var (radius, bore) = ((r.First.Outside.Value / 2) - mouth, (r.First.Inside.Value / 2) - mouth + process.LineWidth);
        if (r.First.Duct is not null || (steady == Steady.Ribs && r.IsUnlike))
        {
            return steady == Steady.Foot ? AdapterOutline.Filled(r.First, 2 * (radius + FootReach), thick) - AdapterOutline.Filled(r.First, 2 * bore, 3 * thick).At(0, 0, -thick) : null;
        }

        return steady switch
        {
            Steady.None => null,
            Steady.Foot => new Solid.Revolved(new Profile(new(bore, 0), new(radius + FootReach, 0), new(radius + FootReach, thick), new(bore, thick))),
            Steady.Pads => Around(4, new Solid.Cylinder(PadRadius, thick).At(radius, 0, 0) - new Solid.Cylinder(bore, 2 * thick).At(0, 0, -thick / 2)),
            Steady.Ribs => Rib(r, process) is { } rib ? Around(6, rib) : null,
            _ => throw new ArgumentOutOfRangeException(nameof(steady), steady, "Nothing is defined for this."),
        };
    }

    private static Solid Around(int count, Solid one) => Enumerable.Range(0, count).Select(i => one.Spun(360.0 * i / count)).Aggregate((a, b) => a + b);

    /// <summary>A fin two lines thick from the bed up to a cone that leans out, short of the cuff by a cut; <c>null</c> where nothing leans out.</summary>
    private static Solid? Rib(AdapterReckoning r, Process process)
    {
        var (a, b) = (r.First.OutsideRoot.Value / 2, r.Second.OutsideRoot.Value / 2);
        var (low, high) = (r.First.Cuff.Value, r.Height.Value - r.Second.Cuff.Value);
        var from = Math.Max(a, r.First.Outside.Value / 2) + Cut;
        if (b <= from + 1)
        {
            return null;
        }

        // Along x and up: the bed, the wide cuff's edge, the cone.
        var (start, thick) = (r.Transition is Transition.Step ? low : low + ((from - a) / (b - a) * (high - low)), 2 * process.LineWidth);
        var outline = new Profile(new(from, 0), new(b, 0), new(b, high > low && r.Transition is not Transition.Step ? high : low), new(from, start));
        return new Solid.Extruded(outline, thick).At(0, 0, -thick / 2).Tipped(90);
    }
}
