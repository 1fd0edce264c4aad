namespace Emboq.Core.Setups;

/// <summary>Kinds of printed surface that come out of true in their own way.</summary>
public enum Surface
{
    /// <summary>The inside of a hole whose axis stands upright on the bed.</summary>
    HoleUpright,

    /// <summary>The outside of a round whose axis stands upright on the bed.</summary>
    OutsideRound,

    /// <summary>The inside of a hole whose axis lies along the bed.</summary>
    HoleLying,

    /// <summary>Between two flat upright faces: a pocket, a slot, a hexagon.</summary>
    Pocket,

    /// <summary>Over two flat upright faces: a key, a plate, an inlay.</summary>
    OutsideFlat,

    /// <summary>Between two bodies that are printed in place: a hinge's knuckles, a ball in its socket.</summary>
    GapInPlace,

    /// <summary>The flank of a printed inside thread.</summary>
    ThreadFlank,

    /// <summary>Around the first layer, which the bed spreads.</summary>
    FirstLayerFoot,
}
