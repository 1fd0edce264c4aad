namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>A hose that hangs on an adapter.</summary>
/// <param name="Long">How much of it, mm.</param>
/// <param name="GramsPerMetre">Of a metre of it.</param>
/// <param name="Strap">Whether a strap beside the joint carries it.</param>
internal sealed record HangingHose(double Long, double GramsPerMetre, bool Strap)
{
    /// <summary>What a joint carries by what holds it, N; common practice, no published source.</summary>
    private const double ByFit = 3, ByTaper = 8, ByRidge = 15, ByClamp = 40;

    /// <summary>Its weight, N.</summary>
    public double Newtons => Long / 1000 * GramsPerMetre / 1000 * 9.81;

    /// <summary>Whether the joint carries it.</summary>
    public Check Check(IReadOnlyList<EndParameters> ends)
    {
        var carries = ends.Min(e => e.Hold switch
        {
            Hold.Clamp => ByClamp,
            Hold.Ridge => ByRidge,
            Hold.Wedge => ByTaper,
            _ => ByFit,
        });
        var fits = Newtons <= carries;
        return new("hangs", "hose that hangs on it", fits ? Verdict.Good : Verdict.Watch, fits
            ? "The joint carries it; a strap would take the pull off it for years."
                : "The joint lets go, or creeps off over weeks: carry the hose by a strap.",
            FormattableString.Invariant($"{Newtons:0.#} N"), $"{carries:0} N or less", "Common practice, no published source.",
            fits ? [] : [new Remedy.Change("Carry it by a strap beside it", new Dictionary<string, string> { ["carried"] = "strap" })]);
    }
}
