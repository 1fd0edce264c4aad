namespace Emboq.Core.Fits;

/// <summary>One fitted face of a piece with all that was reckoned of it: enough for a later try to teach from.</summary>
public sealed record Seat
{
    /// <summary>Unique in its design; the slot of the family where a machine's place goes.</summary>
    public required string Slot { get; init; }

    /// <summary>The machine's place.</summary>
    public required Interface Interface { get; init; }

    /// <summary>Key of the place's dimension that the face is fitted to.</summary>
    public required string Dimension { get; init; }

    /// <summary>The printed face.</summary>
    public required Face Face { get; init; }

    /// <summary>The fit aimed at, with the band that counts as it.</summary>
    public required Fit Fit { get; init; }

    /// <summary>The size that the face meets, mm.</summary>
    public required Quantity Counterpart { get; init; }

    /// <summary>Drawn minus printed as it was reckoned, tries included, mm.</summary>
    public required Quantity Allowance { get; init; }

    /// <summary>The size the finished face should have, mm.</summary>
    public required Quantity Wanted { get; init; }

    /// <summary>The fitted size in the solid, mm.</summary>
    public required Quantity Drawn { get; init; }

    /// <summary>The clearance to expect, mm, with its spread.</summary>
    public required Quantity Clearance { get; init; }

    /// <summary>Smallest clearance that counts as the fit, mm.</summary>
    public required double Least { get; init; }

    /// <summary>Largest clearance that counts as the fit, mm.</summary>
    public required double Greatest { get; init; }

    /// <summary>Probability that the clearance lies within.</summary>
    public required double Chance { get; init; }

    /// <summary>Fitted sizes of the rungs of its ladder, mm, rung 1 first; they are tried under "slot#1" and so on.</summary>
    public IReadOnlyList<double> Ladder { get; init; } = [];

    /// <summary>Chance that one of those rungs is right, and then the part that is printed like it; <c>null</c> without a ladder.</summary>
    public double? LadderChance { get; init; }

    /// <summary>What a single print adds by chance, one standard deviation, mm.</summary>
    public double Scatter { get; init; }

    /// <summary>The clearance aimed at, mm.</summary>
    public double Aimed => ClearanceOf(Wanted.Value);

    /// <summary>The clearance to expect of a drawn size, mm.</summary>
    public double ClearanceAt(double drawn) => Clearance.Value + (Looser * (drawn - Drawn.Value));

    /// <summary>The drawn size that is expected to have a clearance, mm.</summary>
    public double DrawnFor(double clearance) => Drawn.Value + (Looser * (clearance - Clearance.Value));

    /// <summary>The clearance that a finished face of a size has, mm.</summary>
    public double ClearanceOf(double finished) => Looser * (finished - Counterpart.Value);

    /// <summary>A hole is looser the larger it is, what goes in the smaller.</summary>
    private int Looser => Face.Surface.IsHole() ? 1 : -1;

    /// <summary>What it is called and how it is felt.</summary>
    public SeatWords Words { get; init; } = SeatWords.Cuff;

    /// <summary>Its place, with what is measured there: "fence slot, width of the key".</summary>
    public string Whole => $"{Interface.Name}, {Words.Measured}";
}
