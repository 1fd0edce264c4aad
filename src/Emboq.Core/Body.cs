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
/// <param name="Shape">Makes its shape, once it is asked for; the part and its counterparts share one frame, coupons stand on the bed.</param>
/// <param name="Proves">The interface slot a coupon proves.</param>
/// <param name="Says">What it is good for, and what it leaves unproved.</param>
public sealed record Body(string Key, string Name, BodyRole Role, Func<Solid> Shape, string? Proves = null, string? Says = null)
{
    private readonly Lazy<Solid?> solid = new(() => Built(Shape));

    /// <summary>Whether it is made as it lies on the bed, whatever way up the part takes.</summary>
    public bool LiesAsMade { get; init; }

    /// <summary>Whether there is such a shape: sizes that a check stops may leave none.</summary>
    public bool IsBuildable => solid.Value is not null;

    /// <summary>Its shape. Coupons are many and seldom looked at: a tree is built when it is first asked for.</summary>
    /// <exception cref="InvalidOperationException">There is none; <see cref="IsBuildable"/> says so.</exception>
    public Solid Solid => solid.Value ?? throw new InvalidOperationException($"The {Name} cannot be built of these sizes.");

    private static Solid? Built(Func<Solid> shape)
    {
        try
        {
            return shape();
        }
        catch (ArgumentOutOfRangeException)
        {
            // A solid without width, depth or height.
            return null;
        }
    }
}
