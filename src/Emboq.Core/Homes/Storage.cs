namespace Emboq.Core.Homes;

/// <summary>How far the hand goes.</summary>
public enum Reach
{
    /// <summary>From where the work is done.</summary>
    AtHand,

    /// <summary>A step or two away, or stooping.</summary>
    Step,

    /// <summary>Elsewhere.</summary>
    Away,
}

/// <summary>A drawer or a shelf. Its front, where the hand comes from, is y = 0.</summary>
/// <param name="Key">Unique in its plan.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Width">Clear inside, mm.</param>
/// <param name="Depth">Clear inside, mm.</param>
/// <param name="Height">Clear inside, mm.</param>
/// <param name="Reach">How far the hand goes.</param>
/// <param name="Bears">What it may carry, g; <c>null</c> where nobody knows.</param>
public sealed record Storage(string Key, string Name, double Width, double Depth, double Height, Reach Reach, double? Bears)
{
    /// <summary>What stands or hangs in it already.</summary>
    public IReadOnlyList<Obstacle> Obstacles { get; init; } = [];

    /// <summary>Whether another is the same in all that counts.</summary>
    public bool IsLike(Storage? other) => other is not null && this with { Obstacles = other.Obstacles } == other && Obstacles.SequenceEqual(other.Obstacles);
}

/// <summary>A runner, a lock, a screw head: what is lower than its underside goes beneath it.</summary>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="X">Its left side from the left wall, mm.</param>
/// <param name="Y">Its front from the front, mm.</param>
/// <param name="Wide">mm.</param>
/// <param name="Deep">mm.</param>
/// <param name="From">Its underside over the floor, mm.</param>
public sealed record Obstacle(string Name, double X, double Y, double Wide, double Deep, double From)
{
    /// <summary>Whether a thing of some height keeps out of its way.</summary>
    public bool Stops(double height) => height > From - 1e-9;
}
