namespace Emboq.Core.Solids;

/// <summary>One solid of a design.</summary>
/// <param name="Key">Unique in its design: "part", "ring-first".</param>
/// <param name="Name">As shown.</param>
/// <param name="Shape">Makes its shape, once it is asked for.</param>
public sealed record Body(string Key, string Name, Func<Solid> Shape)
{
    private readonly Lazy<Solid?> solid = new(() => Built(Shape));

    /// <summary>Whether there is such a shape: sizes that a check stops may leave none.</summary>
    public bool IsBuildable => solid.Value is not null;

    /// <summary>Its shape. Proofs are many and seldom looked at: a tree is built when it is first asked for.</summary>
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
