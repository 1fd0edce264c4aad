namespace Emboq.Core.Joints;

/// <summary>How the axis of a hole stands while it is printed, and what closes it above when it lies.</summary>
internal enum HoleLie
{
    /// <summary>Upright: round.</summary>
    Upright,

    /// <summary>Along the bed, under a roof of two slopes at 45 degrees that meet: no support, no droop.</summary>
    Teardrop,

    /// <summary>Along the bed, under a short flat roof that is bridged.</summary>
    Bridged,
}

internal static class HoleLies
{
    /// <summary>The kind of surface that such a hole has.</summary>
    public static Surface Surface(this HoleLie lie) => lie == HoleLie.Upright ? Setups.Surface.HoleUpright : Setups.Surface.HoleLying;
}
