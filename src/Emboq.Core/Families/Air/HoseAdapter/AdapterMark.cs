namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>The revision mark, raised where nothing fits: on the outside of a socket, or on the cone.</summary>
internal static class AdapterMark
{
    private const double Rise = 0.5;
    private const double Largest = 6;

    /// <summary>A mark lower than this cannot be read.</summary>
    private const double Smallest = 3;

    /// <summary>The part with its mark; without one where there is no room.</summary>
    public static Solid On(Solid part, AdapterReckoning r, string? mark)
    {
        if (mark is null || Place(r) is not { } place)
        {
            return part;
        }

        // The letters stand up along the axis and reach in to the middle; what lies within a thin skin of the outside stays.
        var reach = place.Skin.Max(p => p.X) + 1;
        var size = Math.Min(Largest, place.Band - 2);
        var letters = new Solid.Lettering(mark, size, place.Radius, reach).Tipped(90).At(0, 0, place.Middle);
        var skin = new Solid.Revolved(new Profile(place.Skin));
        return part + (letters & skin);
    }

    /// <summary>The widest band of outside that touches nothing, with the skin that letters rise from.</summary>
    private static (double Middle, double Band, double Radius, Point2[] Skin)? Place(AdapterReckoning r)
    {
        var (low, high, top) = (r.First.Cuff.Value, r.Height.Value - r.Second.Cuff.Value, r.Height.Value);
        var bands = new List<(double From, double To, double FromRadius, double ToRadius)>();
        if (!r.IsUnlike && r.Transition is not Transition.Step && r.ConeAngle.Value <= 60)
        {
            bands.Add((low, high, r.First.OutsideRoot.Value / 2, r.Second.OutsideRoot.Value / 2));
        }

        bands.AddRange(r.Ends.Where(e => e.Parameters.Join == Join.Over && e.Parameters.Hold is Hold.Plain && e.Duct is null)
            .Select(e => ReferenceEquals(e, r.First) ? (0.0, low, e.Outside.Value / 2, e.Outside.Value / 2)
                : (high, top, e.Outside.Value / 2, e.Outside.Value / 2)));
        if (bands.Count == 0)
        {
            return null;
        }

        var (from, to, a, b) = bands.MaxBy(band => band.To - band.From);
        if (to - from < Smallest + 2)
        {
            return null;
        }

        // It overlaps the wall by a little, so that both are one body.
        const double Under = 0.3;
        return ((from + to) / 2, to - from, Math.Min(a, b), [new(a - Under, from), new(a + Rise, from), new(b + Rise, to), new(b - Under, to)]);
    }
}
