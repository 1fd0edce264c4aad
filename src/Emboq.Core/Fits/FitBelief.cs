namespace Emboq.Core.Fits;

/// <summary>What all tries together make of any size: a joint normal belief over machine sizes and processes, conditioned on every word and every reading at
/// once. Words are brought into it by expectation propagation (Minka 2001; Rasmussen and Williams 2006, 3.6); given those, it is the best linear estimate
/// (JCGM 100, 5.2). It is computed from the whole set, so neither order nor history matters.</summary>
public sealed class FitBelief
{
    private readonly IReadOnlyList<Telling> told;
    private readonly Causes causes;
    private readonly Sites sites;
    private readonly double[] pull;

    private FitBelief(IReadOnlyList<TriedPrint> prints)
    {
        Prints = [.. prints.OrderBy(p => p.Id, StringComparer.Ordinal)];
        told = [.. Prints.SelectMany(Telling.Of)];
        causes = Causes.Behind(told);
        sites = Sites.Settled(told, causes);
        pull = sites.Pull();
    }

    /// <summary>Before anything was tried.</summary>
    public static FitBelief None { get; } = new([]);

    /// <summary>What it rests on, in the order of their identities.</summary>
    public IReadOnlyList<TriedPrint> Prints { get; }

    /// <summary>After these prints.</summary>
    public static FitBelief Of(IReadOnlyList<TriedPrint> prints) => prints.Count == 0 ? None : new(prints);

    /// <summary>After these as well.</summary>
    public FitBelief With(IReadOnlyList<TriedPrint> more) => more.Count == 0 ? this : new([.. Prints, .. more]);

    /// <summary>A quantity as it is believed after all tries, with what is left of its doubt, cause by cause.</summary>
    /// <param name="before">As it is believed before any.</param>
    public Quantity Given(Quantity before)
    {
        var shared = causes.With(before);
        if (shared.All(s => s == 0))
        {
            return before;
        }

        var weights = sites.Divided(shared);
        var noise = told.Select((t, i) => (new Source(t.Id, "how sharp words and readings are", sites.Sharpness(i)), weights[i]));
        // Those that have a cause in common with it; what is tied to them alone teaches it, but only through them.
        var teach = told.Where((_, i) => shared[i] != 0).DistinctBy(t => t.Print).Count();
        return before.Moved("believed size", shared.Zip(pull, (s, p) => s * p).Sum(), new Provenance.Learned($"{teach} tried print{(teach == 1 ? "" : "s")}"),
            [.. causes.Summed([.. weights.Select(w => -w)]), .. noise]);
    }
}
