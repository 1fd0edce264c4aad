using Emboq.Core.Measuring.Kinds;

namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>An end as a seat of the design, and where it is gauged.</summary>
internal static class AdapterSeat
{
    /// <summary>How far a clamp draws a soft hose in, of its diameter; common practice, no published source.</summary>
    private const double DrawnIn = 0.03;

    /// <summary>The seat with the band that its fit stands for. A chosen clearance moves the band along. Under a clamp a hose's give is no doubt:
    /// the cuff may be as wide as the stretched hose, and as much narrower than the hose at rest as a clamp draws it in.</summary>
    public static Seat Of(EndReckoning end)
    {
        var seat = end.Fitted.Seat(end.Ladder.Sizes);
        var machine = end.Fitted.Counterpart;
        if (end.Parameters is not { Hold: Hold.Clamp, Join: Join.Inside } || HoseKind.Softness(machine) is not { } soft)
        {
            return seat;
        }

        var (give, clearance) = (soft.StandardUncertainty * Math.Sqrt(12), seat.Clearance);
        clearance = (clearance - Quantity.Input(soft.Name, 0, Unit.Millimetre, new Provenance.RuleOfThumb(soft.Name),
            (soft, clearance.Partial(soft)))).Named(clearance.Name);
        var (least, greatest) = (Math.Min(seat.Least, -give / 2), Math.Max(seat.Greatest, (give / 2) + (DrawnIn * machine.Value)));
        return seat with { Clearance = clearance, Least = least, Greatest = greatest, Chance = JointProbability.Within([(clearance, least, greatest)]) };
    }

    /// <summary>Across the fitted face at mid cuff, in the part and in its ring, in both directions where it is not round.</summary>
    public static IEnumerable<Gauge> Gauges(AdapterReckoning r, EndReckoning end)
    {
        var (slot, first) = (end.Parameters.Slot, ReferenceEquals(end, r.First));
        var middle = first ? end.Cuff.Value / 2 : r.Height.Value - (end.Cuff.Value / 2);
        var jaws = end.Parameters.Join == Join.Over ? Jaws.Between : Jaws.Over;
        foreach (var (body, z) in new[] { ("part", middle), ($"ring-{slot}", AdapterShape.RingHeight / 2) })
        {
            if (end.Duct is not null && (end.Parameters.Outline is not null || end.Duct.WidestAt is null))
            {
                var face = AdapterOutline.Face(end, end.Drawn.Value);
                yield return OutlineGauge.Of(body, $"{slot} end, across", face, z, Axis.X, jaws);
                yield return OutlineGauge.Of(body, $"{slot} end, up", face, z, Axis.Y, jaws);
            }
            else
            {
                // A little off the facets' corners; where the width was measured, or, of a round end, between the ribs that may steady it.
                yield return end.Duct is { WidestAt: { } widest } ? new(body, $"{slot} end", end.Drawn.Value, new(0, widest, z), Axis.X, jaws)
                    : new(body, $"{slot} end", end.Drawn.Value, new(0.01, 0, z), Axis.Y, jaws);
            }

            if (end.Parameters.Outline is null && end.Duct is { } duct)
            {
                yield return new(body, $"{slot} end, height", duct.Drawn.Value, new(0.01, 0, z), Axis.Y, jaws);
            }
        }
    }
}
