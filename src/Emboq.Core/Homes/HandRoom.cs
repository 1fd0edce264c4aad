namespace Emboq.Core.Homes;

/// <summary>What the hand needs. It comes from the front and from above, at a slant of 45 degrees, and takes a thing by its upper third: what stands before
/// that thing stays below this line, so that it is not touched. Common practice, no published source.</summary>
public static class HandRoom
{
    /// <summary>Up a thing to where it is taken.</summary>
    public const double TakenAt = 2.0 / 3;

    /// <summary>Over what lies in a drawer to what closes over it, mm.</summary>
    public const double Over = 2;

    /// <summary>Free from the back of one thing to the front of what stands behind it, mm.</summary>
    /// <param name="before">Height of what stands before, mm.</param>
    /// <param name="behind">Height of what is to be taken, mm.</param>
    /// <param name="gap">Between neighbours in any case, mm.</param>
    public static double Behind(double before, double behind, double gap) => Math.Max(gap, before - (TakenAt * behind));

    /// <summary>Whether a thing goes into a storage at all, turned or not.</summary>
    public static bool Takes(Storage storage, Belonging thing) => thing.Height + Over <= storage.Height + 1e-9
        && (Within(storage, thing.Width, thing.Depth) || Within(storage, thing.Depth, thing.Width));

    private static bool Within(Storage storage, double wide, double deep) => wide <= storage.Width + 1e-9 && deep <= storage.Depth + 1e-9;
}
