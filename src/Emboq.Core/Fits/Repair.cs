using MathNet.Numerics.Distributions;

namespace Emboq.Core.Fits;

/// <summary>What can be done to a print that does not fit, in place of printing it again.</summary>
/// <param name="Says">In a sentence with a verb.</param>
/// <param name="Chance">That it then fits; <c>null</c> where it is worked down until it does, or where it is not to be mended at all.</param>
public sealed record Repair(string Says, double? Chance)
{
    /// <summary>One layer of thin paper tape, and how much tapes differ, one standard deviation, mm. Common practice, no published source.</summary>
    private const double Tape = 0.13, TapeDoubt = 0.02;

    /// <summary>More than this taken off the full size takes too much of a printed wall, mm; more layers of tape than those creep. Common practice, no
    /// published source.</summary>
    private const double MostOff = 0.4;

    private const int MostLayers = 4;

    /// <summary>For a print of a seat that was felt or measured and did not fit.</summary>
    /// <param name="seat">As it is reckoned now, with what that try told.</param>
    /// <param name="drawn">Size of the print in the solid, mm.</param>
    public static Repair Of(Seat seat, double drawn)
    {
        if (!seat.Words.MayBeMended)
        {
            return new("Print it again: what turns, holds or carries something is not mended with tape or a file.", null);
        }

        var clearance = seat.ClearanceAt(drawn);
        return clearance > seat.Greatest ? Taped(seat, clearance)
            : clearance < seat.Least ? TakenOff(seat, ((seat.Least + seat.Greatest) / 2) - clearance)
            : new("Try it once more: by its size it should fit.", SizeBelief.Of(seat).ChanceAt(drawn));
    }

    private static Repair Taped(Seat seat, double clearance)
    {
        // Tape around a round lies on both sides of it; along one flat on one.
        var (hole, round) = (seat.Face.Surface.IsHole(), seat.Face.Surface is Surface.HoleUpright or Surface.HoleLying or Surface.OutsideRound);
        var sides = round ? 2 : 1;
        double After(int layers)
        {
            var (left, blur) = (clearance - (layers * sides * Tape),
                double.Hypot(seat.Clearance.StandardUncertainty, layers * sides * TapeDoubt));
            return Normal.CDF(left, blur, seat.Greatest) - Normal.CDF(left, blur, seat.Least);
        }

        var wanted = (int)Math.Round((clearance - ((seat.Least + seat.Greatest) / 2)) / (sides * Tape));
        if (wanted > MostLayers)
        {
            return new($"Print it again: it would want {wanted} layers of tape, and more than {MostLayers} creep.", null);
        }

        var best = Enumerable.Range(1, MostLayers).MaxBy(After);
        var where = (hole, round) switch
        {
            (true, true) => $"around the {seat.Interface.Name}",
            (true, false) => "along one wall",
            (false, true) => "around it",
            (false, false) => "along one side",
        };
        return new($"Put {(best == 1 ? "one layer" : $"{best} layers")} of {Figures.Mm(Tape)} paper tape {where}.", After(best));
    }

    private static Repair TakenOff(Seat seat, double off)
    {
        if (off > MostOff)
        {
            return new($"Print it again: it would want {Figures.Mm(off)} taken off the {seat.Words.Measured}, and more than {Figures.Mm(MostOff)} takes too "
                + "much of a printed wall.", null);
        }

        var (where, becomes) = seat.Face.Surface.IsHole() ? ("its walls", "larger") : ("its sides", "smaller");
        return new($"Take {Figures.Mm(off)} off {where} in all, with a file or sandpaper, and try it every few strokes: the {seat.Words.Measured} wants to be "
            + $"that much {becomes}.", null);
    }
}
