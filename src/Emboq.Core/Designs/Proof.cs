namespace Emboq.Core.Designs;

/// <summary>A small print that proves something of a piece in minutes: a coupon, a slice, a ladder.</summary>
/// <param name="Key">Unique in its design: "ring-first", "ladder-first".</param>
/// <param name="Name">As shown.</param>
/// <param name="Shape">Makes its shape, standing on the bed.</param>
/// <param name="Says">What it is good for, and what it leaves unproved.</param>
public sealed record Proof(string Key, string Name, Func<Solid> Shape, string Says) : PrintItem(Key, Name, [new(Key, Name, Shape)])
{
    /// <summary>Slot of the seat it proves; <c>null</c> where it proves something else.</summary>
    public string? Seat { get; init; }

    /// <summary>Of a second one, whose size its steps have too and which is felt apart; <c>null</c> where there is none.</summary>
    public string? SecondSeat { get; init; }

    /// <summary>How many steps around the drawn size it has; 1 where it has the drawn size alone.</summary>
    public int Rungs { get; init; } = 1;

    /// <summary>How it is laid where not as its setup says; <c>null</c> where it is.</summary>
    public string? Laid { get; init; }

    /// <summary>Said of one that is printed by another process than the part.</summary>
    public const string OfAnotherProcess = "Printed with another setup than the part: it proves the shape, not how the part's own sizes come out.";

    /// <summary>Whether it proves a seat.</summary>
    /// <param name="slot">Of the seat.</param>
    public bool Proves(string slot) => slot == Seat || slot == SecondSeat;

    /// <inheritdoc/>
    public override Solid AsPrinted => Solid;
}
