namespace Emboq.Core;

/// <summary>What a body is for.</summary>
public enum BodyRole
{
    /// <summary>The part.</summary>
    Part,

    /// <summary>A small proof of one interface.</summary>
    Coupon,

    /// <summary>The machine's side, drawn as ghost, never printed.</summary>
    Counterpart,
}

/// <summary>One solid of a design.</summary>
/// <param name="Key">Unique in its design: "part", "ring-first".</param>
/// <param name="Name">As shown.</param>
/// <param name="Role">What it is for.</param>
/// <param name="Solid">Its shape; the part and its counterparts share one frame, coupons stand on the bed.</param>
/// <param name="Proves">The interface slot a coupon proves.</param>
/// <param name="Says">What it is good for, and what it leaves unproved.</param>
public sealed record Body(string Key, string Name, BodyRole Role, Solid Solid, string? Proves = null, string? Says = null);
