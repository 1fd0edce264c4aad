namespace Emboq.Core.Families.Kit;

/// <summary>Whether a filament stands what a part is for.</summary>
internal static class DutyCheck
{
    /// <summary>What a warm place comes to beside a motor or in the sun behind glass, °C; common practice, no published source.</summary>
    private const double Warm = 60;

    /// <summary>Judges a filament by its sort and the heat it stands; of one that nobody knows, that is said.</summary>
    /// <param name="duty">trial, years, warm or outdoors.</param>
    /// <param name="process">What it is printed with.</param>
    public static Check Of(string duty, Process process)
    {
        Check Told(Verdict verdict, string says, string figure, string limit) => new("duty", "filament for what it is for", verdict, says, figure, limit,
            "Common practice, no published source.", []);
        var sort = process.Sort is { } known ? Filament.Describe(known) : null;
        switch (duty)
        {
            case "trial":
                return Told(Verdict.Good, "For a trial any filament does: the plainest prints best.", process.Material, "any");
            case "warm":
                return process.Warmest is not { } stands ? Told(Verdict.Watch,
                    $"Not judged: up to which heat {process.Material} carries load is not entered.", "not known",
                        $"{Warm:0} °C or more")
                    : Told(stands >= Warm ? Verdict.Good : Verdict.Watch, stands >= Warm ? "It keeps its shape beside a warm machine."
                        : "It softens beside a warm machine and lets go: take a tougher or heat-stable filament.", $"{stands:0} °C", $"{Warm:0} °C or more");
            case "outdoors":
                return sort is null ? Told(Verdict.Watch, $"Not judged: what sort of filament {process.Material} is, is not entered.",
                    "not known", "stands sun and frost")
                    : process.Sort is FilamentClass.Plain ? Told(Verdict.Watch,
                        "Plain filament softens in the sun and turns brittle: take a tough or heat-stable one.", sort,
                        "stands sun and frost")
                    : Told(Verdict.Good, "It stands weather for some years; sun wears all of them.", sort, "stands sun and frost");
            default:
                return sort is null ? Told(Verdict.Watch, $"Not judged: what sort of filament {process.Material} is, is not entered.",
                    "not known", "any stiff one")
                    : process.Sort is FilamentClass.Soft ? Told(Verdict.Watch, "A soft filament gives: a cuff of it lets go under load.", sort, "a stiff one")
                    : Told(Verdict.Good, "Indoors it lasts for years; under lasting load it creeps, so look at it now and then.", sort,
                        "any stiff one");
        }
    }
}
