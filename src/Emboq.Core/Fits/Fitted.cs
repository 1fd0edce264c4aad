namespace Emboq.Core.Fits;

/// <summary>What is asked of one size of a part that a measured size of a machine goes into, or that goes into it.</summary>
/// <param name="Slot">The family's slot: what tries are told of.</param>
/// <param name="Dimension">Of the place in that slot.</param>
/// <param name="Surface">Of the part.</param>
/// <param name="Fit">Wanted; a chosen clearance moves its band along.</param>
/// <param name="Clearance">On the full size, mm, or nothing to let the fit decide.</param>
/// <param name="Name">Of the part's side: "pocket width".</param>
internal sealed record FittedFace(string Slot, string Dimension, Surface Surface, Fit Fit, double? Clearance, string Name)
{
    /// <summary>Begins the keys of its figures.</summary>
    public string Key { get; init; } = $"{Slot}.{Dimension}";

    /// <summary>What it is called, and how a hand tells its fit.</summary>
    public SeatWords Words { get; init; } = SeatWords.Cuff;

    /// <summary>Why this dimension counts.</summary>
    public string Because { get; init; } = "As read.";

    /// <summary>What lies between both sides, on the full size: wraps of tape, a liner; <c>null</c> where they touch.</summary>
    public Quantity? Between { get; init; }
}

/// <summary>One fitted size, from reading to clearance: the only way from wanted to drawn to realised for every family.</summary>
/// <param name="Of">What was asked.</param>
/// <param name="Place">Of the machine.</param>
/// <param name="Law">Its law of sizes.</param>
/// <param name="Fit">What was wanted, its band moved along with a chosen clearance.</param>
/// <param name="Counterpart">The machine's size.</param>
/// <param name="Wanted">The size the finished face should have.</param>
/// <param name="Drawn">The part's size in the solid.</param>
/// <param name="Touching">The drawn size that would just touch, by process and tries.</param>
/// <param name="Realised">Clearance to expect, with its spread.</param>
/// <param name="Contradictions">What was told of one print that cannot both be right.</param>
internal sealed record Fitted(FittedFace Of, Interface Place, SizeLaw Law, Fit Fit, Quantity Counterpart, Quantity Wanted,
    Quantity Drawn, Quantity Touching, Quantity Realised, IReadOnlyList<string> Contradictions)
{
    /// <summary>A correction that is worth a line, mm.</summary>
    private const double Told = 0.001;

    /// <summary>Reckons it by the law of sizes; tries on this process correct it. The place must have been read.</summary>
    /// <param name="asked">What is asked.</param>
    /// <param name="place">The machine's place.</param>
    /// <param name="fits">What the process does to printed faces.</param>
    /// <param name="told">What tries on this process say of every seat.</param>
    /// <param name="ledger">Takes the figures.</param>
    public static Fitted Reckon(FittedFace asked, Interface place, IFitModel fits, IReadOnlyList<TryEvidence> told, Ledger ledger)
    {
        var (key, name) = (asked.Key, asked.Name);
        var read = ledger.Add($"{key}.measured", place[asked.Dimension].Name, Evaluation.Of(place, asked.Dimension)!.Quantity, asked.Because);
        // A hole of the part goes over what is wrapped, a shaft goes into what the wrap leaves.
        var measured = asked.Between is not { } between ? read : ledger.Add($"{key}.lined", $"{place[asked.Dimension].Name} with what lies between",
            asked.Surface.IsHole() ? read + between : read - between, "The other side as the part meets it.");
        var fit = fits.Windows.In(asked.Words, asked.Fit, measured.Value);
        var clearance = ledger.Add($"{key}.clearance", $"{name} clearance", asked.Clearance is { } chosen
            ? Quantity.Chosen($"{name} clearance", chosen, Unit.Millimetre)
            : Quantity.RuleOfThumb($"{name} clearance", fit.Clearance, Unit.Millimetre, fit.Basis),
                $"A {fit.Name} fit: {fit.Feels}. Hole minus shaft, on the full size.");
        var law = new SizeLaw(measured, Face.Of(asked.Surface, measured.Value), clearance, fits, name) { Words = asked.Words };
        var wanted = ledger.Add($"{key}.wanted", $"{name} wanted", law.Wanted, "The size the finished face should have.");
        var allowance = ledger.Add($"{key}.allowance", $"{name}: {Process.Describe(asked.Surface)} allowance", law.Allowance,
            "What this process adds or takes: drawn minus printed.");
        // Words do not tell loose fits apart: of those only what was measured counts.
        IReadOnlyList<TryEvidence> tries = [.. told.Where(t => t.Slot == asked.Slot).Select(t => asked.Words.Tell(clearance.Value)
            ? t : t with { Feel = null })];
        var touching = fits.Touching(law, tries);
        var sum = SizeLaw.Drawn(wanted, allowance);
        var beyond = touching - law.TouchingBefore;
        if (tries.Count > 0 || Math.Abs(beyond.Value) > Told)
        {
            sum += ledger.Add($"{key}.correction", $"{name} correction", beyond.From(new Provenance.Learned(tries.Count > 0
                ? $"{tries.Count} tr{(tries.Count == 1 ? "y" : "ies")} on {fits.Process.Name}" : "tries of other parts")),
                tries.Count > 0 ? "What the tries say beyond the allowance; each counts by how sharp it is."
                    : "What tries of other parts say of the machine's size, and of what it was measured with.");
        }

        var drawn = ledger.Add($"{key}.drawn", $"{name} drawn", sum, "Drawn so that it prints at the wanted size.");
        var realised = ledger.Add($"{key}.realised", $"{name} clearance to expect", law.Realised(drawn.Fixed(drawn.Name, "this design"), touching),
            "What the joint will really have, with everything in doubt added up.");
        return new(asked, place, law, asked.Clearance is { } moved ? fit with
        {
            Least = fit.Least + moved - fit.Clearance,
            Greatest = fit.Greatest + moved - fit.Clearance
        } : fit,
            measured, wanted, drawn, touching, realised, fits.Contradictions(law, tries));
    }

    /// <summary>Another direction of the same face: moved from the machine's by the same amount, and by the same tries.</summary>
    /// <param name="dimension">Of the place, in that direction.</param>
    /// <param name="name">Of the part's side: "pocket depth".</param>
    /// <param name="ledger">Takes the figures.</param>
    /// <param name="key">Begins their keys, where it is not slot and dimension.</param>
    /// <param name="because">Why this dimension counts.</param>
    public (Quantity Measured, Quantity Drawn, Quantity Realised) Across(string dimension, string name, Ledger ledger, string? key = null,
        string because = "As read.")
    {
        key ??= $"{Of.Slot}.{dimension}";
        var measured = ledger.Add($"{key}.measured", Place[dimension].Name, Evaluation.Of(Place, dimension)!.Quantity, because);
        var lined = Of.Between is not { } between ? measured : Of.Surface.IsHole() ? measured + between : measured - between;
        var drawn = ledger.Add($"{key}.drawn", $"{name} drawn", lined + (Drawn - Counterpart), "The outline moves by the same amount all around.");
        var realised = ledger.Add($"{key}.realised", $"{name} clearance to expect",
            Law.Realised(drawn.Fixed(drawn.Name, "this design"), Touching - Counterpart + lined, name),
            "The same reckoning in the other direction, with what the tries say of the process.");
        return (lined, drawn, realised);
    }

    /// <summary>As a seat of the design.</summary>
    /// <param name="ladder">Sizes of its ladder, mm.</param>
    public Seat Seat(params IReadOnlyList<double> ladder) => new()
    {
        Slot = Of.Slot,
        Interface = Place,
        Dimension = Of.Dimension,
        Face = Law.Face,
        Fit = Fit,
        Counterpart = Counterpart,
        Allowance = Touching - Counterpart,
        Wanted = Wanted,
        Drawn = Drawn,
        Clearance = Realised,
        Least = Fit.Least,
        Greatest = Fit.Greatest,
        Chance = Chance,
        Ladder = ladder,
        LadderChance = ladder.Count == 0 ? null : LadderPlan.Chance(this, ladder),
        Scatter = Scatter,
        Words = Of.Words,
    };

    /// <summary>What a single print adds by chance, one standard deviation, mm.</summary>
    public double Scatter => Law.Fits.Scatter(Law.Face, Law.Place).StandardUncertainty;

    /// <summary>Limits for a joint probability.</summary>
    public (Quantity Quantity, double Least, double Greatest) Limits => (Realised, Fit.Least, Fit.Greatest);

    /// <summary>Probability that it comes out as its fit.</summary>
    public double Chance => JointProbability.Within([Limits]);
}
