using Emboq.Core.Measuring;

namespace Emboq.Core.Fits;

/// <summary>One size of a part that a measured size of a machine goes into, or that goes into it, from reading to clearance.</summary>
/// <param name="Measured">The machine's size.</param>
/// <param name="Drawn">The part's size in the solid.</param>
/// <param name="Realised">Clearance to expect, with its spread.</param>
/// <param name="Fit">What was wanted.</param>
/// <param name="Dimension">Of the machine's place: which one it hangs on.</param>
/// <param name="Place">Of the machine.</param>
/// <param name="Allowance">Drawn minus printed, as the process and the tries tell it.</param>
/// <param name="Scatter">Between prints of one size.</param>
/// <param name="Contradictions">What was told of one print that cannot both be right.</param>
internal sealed record FittedSize(Quantity Measured, Quantity Drawn, Quantity Realised, Fit Fit, Dimension Dimension, Interface Place, Quantity Allowance, Func<string, Quantity> Scatter, IReadOnlyList<string> Contradictions)
{
    /// <summary>Reckons it by the law of sizes; tries on this process correct it.</summary>
    /// <param name="slot">The family's slot: what tries are told of.</param>
    /// <param name="dimension">Of the place.</param>
    /// <param name="surface">Of the part.</param>
    /// <param name="fit">Wanted; <paramref name="chosen"/> clearance moves its band along.</param>
    /// <param name="chosen">Clearance on the full size, or nothing to let the fit decide.</param>
    /// <param name="name">Of the part's side: "pocket width".</param>
    /// <param name="brief">Readings, process and tries.</param>
    /// <param name="ledger">Takes the figures, under "slot.dimension".</param>
    public static FittedSize Of(string slot, string dimension, Surface surface, Fit fit, double? chosen, string name, Brief brief, Ledger ledger)
    {
        var place = brief.Interfaces[slot];
        var key = $"{slot}.{dimension}";
        var measured = ledger.Add($"{key}.measured", place[dimension].Name, Evaluation.Of(place, dimension)!.Quantity, "As read.");
        var clearance = ledger.Add($"{key}.clearance", $"{name} clearance", chosen is { } c
            ? Quantity.Chosen($"{name} clearance", c, Unit.Millimetre)
            : Quantity.RuleOfThumb($"{name} clearance", fit.Clearance, Unit.Millimetre, FitClasses.Basis), $"{fit.Name}: {fit.Feels}. On the full size, half of it a side.");
        var seat = new SeatReckoning(measured, surface, clearance, brief.Process, name);
        var wanted = ledger.Add($"{key}.wanted", $"{name} wanted", seat.Wanted, "The size the finished face should have.");
        // Words do not tell loose fits apart: of those only what was measured counts.
        IReadOnlyList<TryEvidence> tries = [.. brief.Tries.Where(t => t.Slot == slot).Select(t => clearance.Value > FeelClasses.Loosest ? t with { Feel = null } : t)];
        var touching = Correction.Touching(seat, tries);
        var sum = wanted + ledger.Add($"{key}.allowance", $"{name}: {Process.Describe(surface)} allowance", brief.Process.Allowance(surface), "What this process adds or takes: drawn minus printed.");
        if (tries.Count > 0)
        {
            sum += ledger.Add($"{key}.correction", $"{name} correction", (touching - seat.TouchingBefore).From(new Provenance.Learned($"{tries.Count} tr{(tries.Count == 1 ? "y" : "ies")} on {brief.Process.Name}")),
                "What the tries say beyond the allowance.");
        }

        var drawn = ledger.Add($"{key}.drawn", $"{name} drawn", sum, "Drawn so that it prints at the wanted size.");
        var realised = ledger.Add($"{key}.realised", $"{name} clearance to expect", seat.Realised(drawn.Fixed(drawn.Name, "this design"), touching), "What the joint will really have.");
        return new(measured, drawn, realised, chosen is { } moved ? fit with { Least = fit.Least + moved - fit.Clearance, Greatest = fit.Greatest + moved - fit.Clearance } : fit, place[dimension], place,
            touching - measured, name => brief.Process.PrintScatter(surface, name), Correction.Contradictions(seat, tries));
    }

    /// <summary>A pocket's other direction: wider than the machine's by the same amount, and moved by the same tries.</summary>
    /// <param name="slot">The family's slot.</param>
    /// <param name="dimension">Of the place, in that direction.</param>
    /// <param name="name">Of the part's side: "pocket depth".</param>
    /// <param name="ledger">Takes the figures, under "slot.dimension".</param>
    public (Quantity Measured, Quantity Drawn, Quantity Realised) Across(string slot, string dimension, string name, Ledger ledger)
    {
        var key = $"{slot}.{dimension}";
        var measured = ledger.Add($"{key}.measured", Place[dimension].Name, Evaluation.Of(Place, dimension)!.Quantity, "As read.");
        var drawn = ledger.Add($"{key}.drawn", $"{name} drawn", measured + (Drawn - Measured), "Wider than the thing by the same amount all around.");
        var realised = ledger.Add($"{key}.realised", $"{name} clearance to expect", drawn.Fixed(drawn.Name, "this design") - measured - Allowance + Scatter(name),
            "The same reckoning in the other direction, with what the tries say of the process.");
        return (measured, drawn, realised);
    }

    /// <summary>As a seat of the design.</summary>
    /// <param name="slot">The family's slot.</param>
    /// <param name="words">What it is called.</param>
    /// <param name="ladder">Sizes of its ladder, mm.</param>
    public Seat Seat(string slot, SeatWords words, params IReadOnlyList<double> ladder) => new(slot, Place, Fit, Drawn, Realised, Fit.Least, Fit.Greatest, Chance, ladder) { Words = words };

    /// <summary>Limits for a joint probability.</summary>
    public (Quantity Quantity, double Least, double Greatest) Limits => (Realised, Fit.Least, Fit.Greatest);

    /// <summary>Probability that it comes out as its fit.</summary>
    public double Chance => JointProbability.Within([Limits]);
}
