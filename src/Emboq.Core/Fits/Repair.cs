using MathNet.Numerics.Distributions;

namespace Emboq.Core.Fits;

/// <summary>What can be done to a print that does not fit, in place of printing it again.</summary>
/// <param name="Says">In a sentence with a verb.</param>
/// <param name="Chance">That it then fits; <c>null</c> where it is worked down until it does, or where it is not to be mended at all.</param>
public sealed record Repair(string Says, double? Chance)
{
    /// <summary>One layer of thin paper tape, and how much tapes differ, one standard deviation, mm. Common practice, no published source.</summary>
    public const double Tape = 0.13, TapeDoubt = 0.02;

    /// <summary>More layers creep; more than this taken off the full size takes too much of a printed wall, mm. Common practice, no published source.</summary>
    private const double MostLayers = 4, MostOff = 0.4;

    /// <summary>For a print of a seat that was felt or measured and did not fit.</summary>
    /// <param name="seat">As it is reckoned now, with what that try told.</param>
    /// <param name="drawn">Size of the print in the solid, mm.</param>
    public static Repair Of(Seat seat, double drawn)
    {
        if (!seat.Words.MayBeMended)
        {
            return new("Print it again: what turns, holds or carries something is not mended with tape or a file.", null);
        }

        var hole = seat.Face.Surface.IsHole();
        var belief = SizeBelief.Of(seat);
        var middle = (seat.Least + seat.Greatest) / 2;
        var clearance = (hole ? 1 : -1) * (drawn - belief.Best + seat.Wanted.Value - seat.Counterpart.Value);
        return clearance > middle ? Taped(seat, clearance, Math.Sqrt((belief.Doubt * belief.Doubt) + (belief.Scatter * belief.Scatter)))
            : TakenOff(seat, middle - clearance);
    }

    private static Repair Taped(Seat seat, double clearance, double doubt)
    {
        // Tape around a round lies on both sides of it; along one flat on one.
        var round = seat.Face.Surface is Surface.HoleUpright or Surface.HoleLying or Surface.OutsideRound;
        var layer = round ? 2 * Tape : Tape;
        double After(int n)
        {
            var blur = Math.Sqrt((doubt * doubt) + Math.Pow(n * layer / Tape * TapeDoubt, 2));
            return Normal.CDF(clearance - (n * layer), blur, seat.Greatest) - Normal.CDF(clearance - (n * layer), blur, seat.Least);
        }

        var layers = Math.Max(1, (int)Math.Round((clearance - ((seat.Least + seat.Greatest) / 2)) / layer));
        if (layers > MostLayers)
        {
            return new($"Print it again: it would want {layers} layers of tape, and more than {MostLayers:0} creep.", null);
        }

        var best = new[] { layers - 1, layers, layers + 1 }.Where(n => n is >= 1 and <= (int)MostLayers).MaxBy(After);
        var (where, of) = (seat.Face.Surface, best == 1 ? "one layer" : $"{Figures.Plain(best)} layers");
        return new($"Put {of} of {Thick(Tape)} paper tape {(where.IsHole() ? round ? $"around the {seat.Interface.Name}" : "along one wall" : round
            ? "around it" : "along one side")}.", After(best));
    }

    private static Repair TakenOff(Seat seat, double off) => off > MostOff
        ? new($"Print it again: it would want {Thick(off)} taken off the {seat.Words.Measured}, and more than {Thick(MostOff)} takes too much of a printed wall.", null)
        : new($"Take {Thick(off)} off {(seat.Face.Surface.IsHole() ? "its walls" : "its sides")} with a file or sandpaper, in all, and try it every few strokes: the "
            + $"{seat.Words.Measured} wants to be that much {(seat.Face.Surface.IsHole() ? "larger" : "smaller")}.", null);

    private static string Thick(double mm) => Figures.Mm(mm);
}
