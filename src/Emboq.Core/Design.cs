using Emboq.Core.Printing;

namespace Emboq.Core;

/// <summary>Everything computed for a part: what the screens, the files, the print plan and the tests need comes from this one value.</summary>
public sealed record Design
{
    /// <summary>Every computed quantity.</summary>
    public required Ledger Ledger { get; init; }

    /// <summary>Part, coupons and counterparts; empty when the part cannot be built, and a check then says why.</summary>
    public required IReadOnlyList<Body> Bodies { get; init; }

    /// <summary>The interfaces with their fits.</summary>
    public required IReadOnlyList<Seat> Seats { get; init; }

    /// <summary>Probability that every seat comes out as its fit at the next print; <c>null</c> while something is unread.</summary>
    public required double? Chance { get; init; }

    /// <summary>Every judgement, in the order of the work.</summary>
    public required IReadOnlyList<Check> Checks { get; init; }

    /// <summary>The seat drawing; <c>null</c> when the part cannot be built.</summary>
    public required SeatDrawing? Drawing { get; init; }

    /// <summary>The ways it may lie on the bed.</summary>
    public required IReadOnlyList<WayUp> Ways { get; init; }

    /// <summary>Key of the way that was chosen.</summary>
    public required string Way { get; init; }

    /// <summary>What else is needed, one thing a line.</summary>
    public required IReadOnlyList<string> Hardware { get; init; }

    /// <summary>How it is fitted, in order.</summary>
    public required IReadOnlyList<string> Fitting { get; init; }

    /// <summary>A body the way it is printed: what belongs to the part the chosen way up, proofs and what is made lying as they stand.</summary>
    public Solid AsPrinted(Body body) => body is { Role: BodyRole.Part, LiesAsMade: false } ? body.Solid.Tipped(Ways.First(w => w.Key == Way).Tip) : body.Solid;

    /// <summary>The holes that another part may share; empty when there are none.</summary>
    public IReadOnlyList<PatternHole> Pattern { get; init; } = [];

    /// <summary>What must stay material around its holes: named, in the frame of the part.</summary>
    public IReadOnlyList<(string Name, Solid Zone)> Walls { get; init; } = [];

    /// <summary>Where its fitted sizes must be found again in its triangles.</summary>
    public IReadOnlyList<Gauge> Gauges { get; init; } = [];

    /// <summary>What can hurt somebody, and whose word decides.</summary>
    public required IReadOnlyList<string> Cautions { get; init; }
}
