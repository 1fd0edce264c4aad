using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Kit;

/// <summary>Of parts that turn fast, or hold what must not come off: no figure is better than "watch" before a print was proved, and one that cracked ends
/// it.</summary>
internal static class ProvedCheck
{
    /// <summary>Whether its filament is one that anything may be vouched for with.</summary>
    public static IEnumerable<Check> Filament(PrintedMaterial? material)
    {
        Check Refused(string says, string figure, string limit) => new("known", "filament known", Verdict.Stop, says, figure, limit,
            "Common practice, no published source.", []);
        if (material is null)
        {
            yield return Refused("What its filament bears is not entered: nothing that turns is vouched for without it.", "not known", "entered");
        }
        else if (material.Sort == FilamentClass.Soft)
        {
            yield return Refused("A soft filament gives and lets go: nothing that turns is made of it.", material.Name, "a stiff one");
        }
    }

    /// <summary>Judges what was told of prints of these very decisions.</summary>
    /// <param name="brief">What was asked, and told.</param>
    /// <param name="words">Of the family.</param>
    /// <param name="proof">What proves it: "Drop it, strike it with a mallet, and run it slowly behind a guard".</param>
    public static Check Of(Brief brief, IReadOnlyList<TryWord> words, string proof)
    {
        Check Told(Verdict verdict, string says, string figure) => new("proved", "proved by a print", verdict, says, figure, "a print that did what it must",
            "No formula sees hidden voids, sun, heat or wear: common practice is to prove a print of it.", []);
        var told = brief.Told.Select(t => (t.Revision, Word: words.FirstOrDefault(w => w.Key == t.Word))).Where(t => t.Word is not null).ToList();
        return told.FirstOrDefault(t => t.Word!.Ends) is { Word: { } cracked } ended ? Told(Verdict.Stop,
                $"Revision {ended.Revision} {cracked.Says}: never use it, and change something before another is printed.",
                    $"revision {ended.Revision} {cracked.Says}")
            : told.LastOrDefault() is { Word: { } last } t ? Told(last.Good ? Verdict.Good : Verdict.Watch,
                last.Good ? "Its print was proved; look it over before each use." : $"Revision {t.Revision} {last.Says}.", $"revision {t.Revision} {last.Says}")
            : Told(Verdict.Watch, $"Figures alone do not vouch for it. {proof}, and enter under Try what it did.", "no proof entered");
    }
}
