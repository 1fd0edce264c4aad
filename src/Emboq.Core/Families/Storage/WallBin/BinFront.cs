namespace Emboq.Core.Families.Storage.WallBin;

/// <summary>What stands on the front of a bin: words on it, or a plate of its own that slides in behind two rails.</summary>
/// <param name="Words">The words; <c>null</c> of a plate that is still blank.</param>
/// <param name="Holder">The rails; <c>null</c> where the words are on the bin itself.</param>
internal sealed record BinFront(Label? Words, BinHolder? Holder)
{
    /// <summary>How far it stands out from the front, mm.</summary>
    public double Out => Holder is null ? 0 : BinHolder.Out;

    public static BinFront? Of(Brief brief, Quantity outerWidth, Quantity front, Ledger ledger)
    {
        var margin = Quantity.RuleOfThumb("margins", 6, Unit.Millimetre, "3 mm free at each side of the words.");
        var up = Quantity.RuleOfThumb("margins, up", 4, Unit.Millimetre, "2 mm free above and below.");
        switch (brief.Parameters.Choice("labelled"))
        {
            case "front":
                return new(Label.Of(brief, outerWidth - margin, front - up, ledger), null);
            case "plate":
                var holder = BinHolder.Of(outerWidth, front, ledger);
                return new(Label.Of(brief, holder.Window - margin, holder.PlateHigh - up, ledger), holder);
            default:
                return null;
        }
    }

    /// <summary>What is read from above, turned to the front of a bin, facing away from the wall.</summary>
    /// <param name="y">Where its back then is, mm.</param>
    /// <param name="z">Where its middle then is, mm.</param>
    public static Pose Facing(double y, double z) => new(90, 0, 180, new(0, y, z));
}

/// <summary>Two rails and a foot on the front of a bin, with the plate that slides in between from above.</summary>
/// <param name="PlateWide">Of the plate, drawn.</param>
/// <param name="PlateHigh">Of the plate.</param>
/// <param name="Window">What is seen of it between the rails.</param>
/// <param name="SlotWide">Of the slot.</param>
internal sealed record BinHolder(Quantity PlateWide, Quantity PlateHigh, Quantity Window, Quantity SlotWide)
{
    /// <summary>Of the plate, mm.</summary>
    public const double Thick = 1.8;

    /// <summary>How far the rails stand out, how deep their slot is, how wide they are at the sides, and where the slot begins, mm.</summary>
    public const double Out = Slot + 1.6, Slot = Thick + 0.4, Side = 2.4, Foot = 3;

    /// <summary>How far a rail reaches over the plate, mm.</summary>
    private const double Lip = 2;

    public static BinHolder Of(Quantity outerWidth, Quantity front, Ledger ledger)
    {
        var slot = ledger.Add("plate.slot", "slot for the plate", outerWidth - Quantity.RuleOfThumb("rails", 2 * Side, Unit.Millimetre,
            "What carries them at the sides."), "Across the front.");
        return new(ledger.Add("plate.wide", "label plate", slot - Quantity.RuleOfThumb("play of the plate", 0.6, Unit.Millimetre,
                "It slides in by hand and does not rattle out."), "Slides in from above."),
            ledger.Add("plate.high", "height of the label plate", front - Quantity.RuleOfThumb("foot", Foot, Unit.Millimetre, "What it stands on."),
                "As high as the front."),
            ledger.Add("plate.window", "seen of the plate", slot - Quantity.RuleOfThumb("over the plate", 2 * Lip, Unit.Millimetre, "What the rails cover."),
                "Between the rails."), slot);
    }
}
