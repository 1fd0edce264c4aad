namespace Emboq.Core.Fits;

/// <summary>What a hand says of a try, from tight to loose.</summary>
public enum Feel
{
    /// <summary>Will not start.</summary>
    WillNotStart,

    /// <summary>Needs force.</summary>
    NeedsForce,

    /// <summary>Firm by hand.</summary>
    FirmByHand,

    /// <summary>Slides.</summary>
    Slides,

    /// <summary>Rattles.</summary>
    Rattles,
}
