namespace Emboq.Core.Designs;

/// <summary>Something that is printed and has a file: a piece or a proof.</summary>
/// <param name="Key">Unique in its design, short and stable: "part", "ring-first".</param>
/// <param name="Name">As shown.</param>
/// <param name="Bodies">Those that are printed in place move against each other and still come off the bed as one.</param>
public abstract record PrintItem(string Key, string Name, IReadOnlyList<Body> Bodies)
{
    /// <summary>Whether all of it can be built.</summary>
    public bool IsBuildable => Bodies.All(b => b.IsBuildable);

    /// <summary>Whether it may be printed by another process than the main piece: not the main piece itself, nor one of a pair that must come out
    /// alike.</summary>
    public bool MayDiffer { get; init; } = Key != Piece.Main;

    /// <summary>All of it in the frame of its bodies.</summary>
    /// <exception cref="InvalidOperationException">Something of it cannot be built.</exception>
    public Solid Solid => Bodies.Select(b => b.Solid).Aggregate((a, b) => a + b);

    /// <summary>All of it the way it lies on the bed.</summary>
    /// <exception cref="InvalidOperationException">Something of it cannot be built.</exception>
    public abstract Solid AsPrinted { get; }
}

/// <summary>One thing of a design that is printed.</summary>
/// <param name="Key">Unique in its design.</param>
/// <param name="Name">As shown.</param>
/// <param name="Bodies">In the frame of the piece.</param>
/// <param name="Ways">The ways it may lie on the bed; one or more.</param>
/// <param name="Way">The way that was chosen, one of them.</param>
public sealed record Piece(string Key, string Name, IReadOnlyList<Body> Bodies, IReadOnlyList<WayUp> Ways, WayUp Way) : PrintItem(Key, Name, Bodies)
{
    /// <summary>Key of the piece that a design of one piece has.</summary>
    public const string Main = "part";

    /// <summary>A piece of one body.</summary>
    /// <param name="key">Unique in its design.</param>
    /// <param name="name">As shown.</param>
    /// <param name="shape">Makes its shape.</param>
    /// <param name="ways">The ways it may lie.</param>
    /// <param name="way">Key of the chosen one.</param>
    public Piece(string key, string name, Func<Solid> shape, IReadOnlyList<WayUp> ways, string way)
        : this(key, name, [new(key, name, shape)], ways, ways.First(w => w.Key == way))
    {
    }

    /// <summary>Key of the decision that chooses the way; <c>null</c> where there is nothing to choose.</summary>
    public string? WayBy { get; init; } = WayUp.UsualBy;

    /// <summary>Where it stands in the assembly.</summary>
    public Pose Pose { get; init; } = Pose.Here;

    /// <summary>What it is for, or nothing.</summary>
    public string? Says { get; init; }

    /// <summary>Whether it is printed in another colour than its neighbours.</summary>
    public bool OtherColour { get; init; }

    /// <summary>The holes that another part may share; empty when there are none.</summary>
    public IReadOnlyList<PatternHole> Pattern { get; init; } = [];

    /// <summary>What must stay material around its holes: named, in the frame of the piece.</summary>
    public IReadOnlyList<(string Name, Solid Zone)> Walls { get; init; } = [];

    /// <inheritdoc/>
    public override Solid AsPrinted => Lying(Way);

    /// <summary>What is printed beneath it and broken off; <c>null</c> where nothing is.</summary>
    public Beneath? Beneath { get; init; }

    /// <summary>All of it lying one way, by itself.</summary>
    public Solid Bare(WayUp way) => Solid.Tipped(way.Tip);

    /// <summary>All of it lying one way, with what is printed beneath it.</summary>
    public Solid Lying(WayUp way) => Beneath?.Under(Bare(way)) ?? Bare(way);
}
