namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>A button or a vent that nothing may cover: the shell is open there.</summary>
/// <param name="Name">As the maker calls it.</param>
/// <param name="At">Along the handle to its middle, mm.</param>
/// <param name="Long">Along the handle.</param>
/// <param name="Across">The other way.</param>
/// <param name="Around">From straight up as it stands in the clamp, towards −x, degrees.</param>
internal sealed record Keeping(string Name, double At, double Long, double Across, double Around)
{
    /// <summary>Free beside it on each side, mm.</summary>
    public const double Beside = 2;

    public static IReadOnlyList<Keeping> Of(Sizes s, double roll) => [.. Enumerable.Range(0, s.Count).Select(i => new Keeping(s.Place.Items[i],
        s[i, "at"]!.Value, s[i, "long"]!.Value, s[i, "across"]!.Value, s[i, "around"]!.Value + roll))];

    /// <summary>Whether it lies within a clamp.</summary>
    public bool Meets(ShellStation station, double along) => Math.Abs(At - station.At) < (along + Long) / 2 + Beside;

    /// <summary>Whether the shell is open for it at a place along the handle.</summary>
    public bool Opens(double at) => Math.Abs(At - at) <= (Long / 2) + Beside;

    /// <summary>What is cut away, in the frame of a clamp: from the middle of the handle outwards.</summary>
    public Solid Window(ShellStation station, double middle, double far) => new Solid.Box(Across + (2 * Beside), Long + (2 * Beside), far)
        .At(-(Across / 2) - Beside, -(Long / 2) - Beside, 0).Rolled(-Around).At(station.Axis, At - station.At, middle);

    /// <summary>Whether it meets an upright hole beside the handle.</summary>
    /// <param name="x">Of the hole from the middle of the handle, mm.</param>
    /// <param name="y">Of the hole along the handle, mm.</param>
    /// <param name="low">Where it begins, from the middle of the handle.</param>
    /// <param name="high">Where it ends.</param>
    /// <param name="reach">Around it.</param>
    public bool Strikes(double x, double y, double low, double high, double reach)
    {
        if (Math.Abs(y - At) > (Long / 2) + Beside + reach)
        {
            return false;
        }

        var (sin, cos) = Math.SinCos(Around * Math.PI / 180);
        // Along the hole: how far it is from the line outwards, and whether that is on its side.
        return Enumerable.Range(0, 41).Select(i => low + ((high - low) * i / 40.0)).Any(z =>
            (-x * sin) + (z * cos) > -reach && Math.Abs((x * cos) + (z * sin)) < (Across / 2) + Beside + reach);
    }
}
