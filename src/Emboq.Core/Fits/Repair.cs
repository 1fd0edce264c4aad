using MathNet.Numerics.Distributions;

namespace Emboq.Core.Fits;

/// <summary>What can be done to a print that does not fit, in place of printing it again.</summary>
/// <param name="Sort">What is done.</param>
/// <param name="Says">In a sentence with a verb.</param>
/// <param name="Chance">That it then fits; <c>null</c> where it is worked down until it does, or where it is not to be mended at all.</param>
public sealed record Repair(RepairSort Sort, string Says, double? Chance)
{
    /// <summary>One layer of thin paper tape, mm, and of how much of it tapes differ, one standard deviation. Common practice, no published source.</summary>
    public const double PaperTape = 0.13;

    private const double TapeDoubt = 0.15;

    /// <summary>Minutes of the maker for a layer of tape, and for taking something off. Common practice, no published source.</summary>
    private const double TapingHands = 3, FilingHands = 12;

    /// <summary>More than this taken off the full size takes too much of a printed wall, mm; more layers of tape than those creep. Common practice, no
    /// published source.</summary>
    private const double MostOff = 0.4;

    private const int MostLayers = 4;

    /// <summary>Minutes of the maker that it takes; none where nothing is mended.</summary>
    public double Hands { get; private init; }

    /// <summary>For a print of a seat that was felt or measured and did not fit.</summary>
    /// <param name="seat">As it is reckoned now, with what that try told.</param>
    /// <param name="drawn">Size of the print in the solid, mm.</param>
    /// <param name="tape">How thick the tape at hand is, mm.</param>
    public static Repair Of(Seat seat, double drawn, double tape = PaperTape)
    {
        if (!seat.Words.MayBeMended)
        {
            return new(RepairSort.None, "Print it again: what turns, holds or carries something is not mended with tape or a file.", null);
        }

        var clearance = seat.ClearanceAt(drawn);
        return clearance > seat.Greatest ? Taped(seat, clearance, tape)
            : clearance < seat.Least ? TakenOff(seat, ((seat.Least + seat.Greatest) / 2) - clearance)
            : new(RepairSort.None, "Try it once more: by its size it should fit.", SizeBelief.Of(seat).ChanceAt(drawn));
    }

    private static Repair Taped(Seat seat, double clearance, double tape)
    {
        // Tape around a round lies on both sides of it; along one flat on one.
        var (hole, round) = (seat.Face.Surface.IsHole(), seat.Face.Surface is Surface.HoleUpright or Surface.HoleLying or Surface.OutsideRound);
        var sides = round ? 2 : 1;
        double After(int layers)
        {
            var (left, blur) = (clearance - (layers * sides * tape),
                double.Hypot(seat.Clearance.StandardUncertainty, layers * sides * tape * TapeDoubt));
            return Normal.CDF(left, blur, seat.Greatest) - Normal.CDF(left, blur, seat.Least);
        }

        var wanted = (int)Math.Round((clearance - ((seat.Least + seat.Greatest) / 2)) / (sides * tape));
        if (wanted > MostLayers)
        {
            return new(RepairSort.Tape, $"Print it again: it would want {wanted} layers of {Figures.Mm(tape)} tape, and more than {MostLayers} creep: take a "
                + "thicker one.", null);
        }

        var best = Enumerable.Range(1, MostLayers).MaxBy(After);
        var where = (hole, round) switch
        {
            (true, true) => $"around the {seat.Interface.Name}",
            (true, false) => "along one wall",
            (false, true) => "around it",
            (false, false) => "along one side",
        };
        return new(RepairSort.Tape, $"Put {(best == 1 ? "one layer" : $"{best} layers")} of {Figures.Mm(tape)} tape {where}.", After(best))
        {
            Hands = best * TapingHands,
        };
    }

    private static Repair TakenOff(Seat seat, double off)
    {
        if (off > MostOff)
        {
            return new(RepairSort.None, $"Print it again: it would want {Figures.Mm(off)} taken off the {seat.Words.Measured}, and more than "
                + $"{Figures.Mm(MostOff)} takes too much of a printed wall.", null);
        }

        var (where, becomes) = seat.Face.Surface.IsHole() ? ("its walls", "larger") : ("its sides", "smaller");
        return new(RepairSort.File, $"Take {Figures.Mm(off)} off {where} in all, with a file or sandpaper, and try it every few strokes: the "
            + $"{seat.Words.Measured} wants to be that much {becomes}.", null)
        {
            Hands = FilingHands,
        };
    }
}

/// <summary>What is done to a print that does not fit.</summary>
public enum RepairSort
{
    /// <summary>Nothing: it is printed or tried again.</summary>
    None,

    /// <summary>Tape is put on.</summary>
    Tape,

    /// <summary>Something is taken off.</summary>
    File,
}
