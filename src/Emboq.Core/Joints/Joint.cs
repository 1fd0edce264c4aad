namespace Emboq.Core.Joints;

/// <summary>A hole or pocket for hardware. Its own frame: the axis is z, the screw comes from above, the face it enters is z = 0 and the material lies below.
/// Of a joint that lies while it is printed, +y is up.</summary>
internal sealed record Joint
{
    /// <summary>What is cut away.</summary>
    public required Solid Cut { get; init; }

    /// <summary>The stretches of the hole, each with the material it must keep around it.</summary>
    public required IReadOnlyList<Sleeve> Sleeves { get; init; }

    /// <summary>What was judged.</summary>
    public IReadOnlyList<Check> Checks { get; init; } = [];

    /// <summary>Radius that must be material but for the hole itself, mm.</summary>
    public double Reach => Sleeves.Max(s => s.Radius + s.Wall);

    /// <summary>How deep it goes, mm.</summary>
    public double Depth => -Sleeves.Min(s => s.From);

    /// <summary>Diameter as drawn of the hole itself, whatever roof it has, mm; nothing for a pocket.</summary>
    public double Bore { get; init; }

    /// <summary>How deep the recess of its head goes, mm; nothing for a plain hole.</summary>
    public double Recess { get; init; }

    /// <summary>Both in one: a hole and the recess of its head.</summary>
    public static Joint operator +(Joint a, Joint b) => new()
    {
        Cut = a.Cut + b.Cut,
        Sleeves = [.. a.Sleeves, .. b.Sleeves],
        Recess = Math.Max(a.Recess, b.Recess),
        Bore = a.Bore > 0 && b.Bore > 0 ? Math.Min(a.Bore, b.Bore) : Math.Max(a.Bore, b.Bore),
        Checks = [.. a.Checks, .. b.Checks]
    };

    /// <summary>What must be material around it.</summary>
    public Solid Zone => Sleeves.Select(s => s.Around).Aggregate((a, b) => a + b) - Cut;

    /// <summary>Whether the walls hold: the distance from the axis to the nearest outside face against what every stretch needs.</summary>
    /// <param name="key">Of the check.</param>
    /// <param name="what">What it is around: "screw hole".</param>
    /// <param name="edge">From the axis to the nearest outside face, mm.</param>
    /// <param name="remedies">What can be done.</param>
    public Check WallCheck(string key, string what, double edge, params IReadOnlyList<Remedy> remedies)
    {
        var tight = Sleeves.MinBy(s => edge - s.Radius - s.Wall)!;
        var fits = edge - tight.Radius >= tight.Wall - 1e-9;
        return new(key, $"wall around the {what}", fits ? Verdict.Good : Verdict.Stop,
            fits ? "Enough stays around it." : edge <= tight.Radius ? "It breaks through." : "Too little stays around it: it would split or open.",
            Figures.Mm(Math.Max(0, edge - tight.Radius)), $"{Figures.Mm(tight.Wall)} or more",
                "Boss rules of common practice, no published source.", fits ? [] : remedies);
    }

    /// <summary>Whether enough stays under a head: from its recess to the far face of a hole that goes through.</summary>
    /// <param name="key">Of the check.</param>
    /// <param name="what">What the head belongs to: "screw".</param>
    /// <param name="least">That must stay, mm.</param>
    /// <param name="remedies">What can be done.</param>
    public Check SeatCheck(string key, string what, double least, params IReadOnlyList<Remedy> remedies)
    {
        var left = Depth - Recess;
        var fits = left >= least - 1e-9;
        return new(key, $"material under the {what}'s head", fits ? Verdict.Good : Verdict.Stop, fits ? "Enough stays under the head."
            : "The head pulls through: what it lies in is too thin.",
            Figures.Mm(Math.Max(0, left)), $"{Figures.Mm(least)} or more", "Common practice, no published source.", fits ? [] : remedies);
    }

    /// <summary>Under a countersunk head that only has to lie flush, mm: deeper than what it lies in, it has nothing to press on.</summary>
    public const double FlushSeat = 0.4;

    /// <summary>Whether enough stays behind its end.</summary>
    /// <param name="key">Of the check.</param>
    /// <param name="what">What it is behind: "insert hole".</param>
    /// <param name="thickness">Of the material along the axis, mm.</param>
    /// <param name="least">That must stay, mm.</param>
    /// <param name="remedies">What can be done.</param>
    public Check FloorCheck(string key, string what, double thickness, double least, params IReadOnlyList<Remedy> remedies)
    {
        var left = thickness - Depth;
        var fits = left >= least - 1e-9;
        return new(key, $"face behind the {what}", fits ? Verdict.Good : Verdict.Stop,
            fits ? $"Enough stays behind the {what}." : left <= 0 ? $"The {what} comes through the face." : $"The face behind the {what} is too thin.",
            Figures.Mm(left), $"{Figures.Mm(least)} or more", "Common practice, no published source.", fits ? [] : remedies);
    }
}

/// <summary>A stretch of a hole along its axis.</summary>
/// <param name="Radius">Of the hole there, mm.</param>
/// <param name="From">Lower end, mm.</param>
/// <param name="To">Upper end, mm.</param>
/// <param name="Wall">Material that must stay around it, mm.</param>
internal sealed record Sleeve(double Radius, double From, double To, double Wall)
{
    /// <summary>The hole and what must stay around it.</summary>
    public Solid Around => new Solid.Cylinder(Radius + Wall, To - From).At(0, 0, From);
}
