namespace Emboq.Core.Families.Jigs.FenceKey;

/// <summary>What holds a key down under the lips of a T slot.</summary>
/// <param name="Width">At its widest.</param>
/// <param name="Height">From below the lips to its underside.</param>
/// <param name="From">How far below the table it begins.</param>
internal sealed record KeyFoot(Quantity Width, Quantity Height, Quantity From)
{
    public static KeyFoot Of(Interface place, Quantity high, Ledger ledger)
    {
        var free = Quantity.RuleOfThumb("free in the chamber", 1, Unit.Millimetre, "It slides in from the end and must not rub.");
        var below = Quantity.RuleOfThumb("free under the lips", 0.4, Unit.Millimetre, "It hangs a little, so that it slides.");
        var wide = ledger.Add("foot.wide", "foot", Evaluation.Of(place, "chamber")!.Quantity - free, "The chamber less what stays free.");
        var from = ledger.Add("foot.from", "foot below the table", Evaluation.Of(place, "lip")!.Quantity + below, "Below the lips.");
        return new(wide, ledger.Add("foot.high", "height of the foot", high - from, "From below the lips to the key's underside."), from);
    }
}
