namespace Emboq.Core.Printing;

/// <summary>What is judged of a part the way it is printed, from the layers of the very solid. Emboq's parts are printed without support.</summary>
public static class WayChecks
{
    private const string CommonPractice = "Layers of the solid; common practice, no published source.";

    /// <summary>Pieces smaller than this are specks that the next layer carries, mm².</summary>
    private const double Speck = 1;

    /// <summary>A line with one end in the air falls past the one, and hangs a little past the other; one that is carried at both ends bridges cleanly up to
    /// the third, and not past the last, mm.</summary>
    internal const double HangsAtAll = 4, HangsClean = 1.2, BridgesClean = 10, BridgesAtAll = 30;

    /// <summary>Times as high as its foot is wide: steady, and knocked over.</summary>
    private const double Steady = 4, Tall = 15;

    /// <summary>Whether it cannot be printed this way without support.</summary>
    public static bool NeedsSupport(WayReport way) => way.Islands > Speck || way.Reach > HangsAtAll || way.Bridge > BridgesAtAll;

    /// <summary>What hangs in the air, in words: "pieces of 40 mm² would begin in the air".</summary>
    public static string InTheAir(WayReport way) => way.Islands > Speck ? $"pieces of {Figures.SquareMm(way.Islands)} would begin in the air"
        : way.Reach > HangsAtAll ? $"it hangs out {Figures.Mm(way.Reach)} over nothing"
        : $"a roof of {Figures.Mm(way.Bridge)} would hang in the air";

    /// <summary>Judges one way up.</summary>
    /// <param name="way">As its layers say.</param>
    /// <param name="better">Another way up that is better; <c>null</c> when this is the best.</param>
    /// <param name="by">Key of the decision that chooses the way.</param>
    /// <param name="beneath">What is printed beneath it already.</param>
    public static IReadOnlyList<Check> Of(WayReport way, WayUp? better, string by = WayUp.UsualBy, Beneath? beneath = null)
    {
        Remedy[] turn = better is { } w ? [new Remedy.Change($"Print it {w.Name}", new Dictionary<string, string> { [by] = w.Key })] : [];
        Remedy[] carries = beneath?.Ribs is null ? [.. turn, RoofRibs.Add] : turn;
        var islands = way.Islands > Speck;
        return
        [
            new("printed.islands", "pieces that begin in the air", islands ? Verdict.Stop : Verdict.Good, islands ? "Nothing below carries them: they fall."
                : "Every layer lies on the one below.",
                Figures.SquareMm(way.Islands), $"{Figures.SquareMm(Speck)} or less", CommonPractice, islands ? carries : []),
            Graded("printed.hang", "lines that end in the air", way.Reach, HangsClean, HangsAtAll, "Nothing hangs further than a line holds by itself.",
                "Such lines droop: the underside comes out rough.", "Lines as long as this fall.", way.Reach > HangsAtAll ? carries : turn),
            Graded("printed.bridge", "roofs in the air", way.Bridge, BridgesClean, BridgesAtAll, "Short enough to bridge cleanly.",
                "Lines this long in the air hang.", "Lines this long do not hold.", carries),
            Foot(way, beneath?.Pads is not null ? turn : [.. turn, CornerPads.Add]),
        ];
    }

    private static Check Foot(WayReport way, Remedy[] steadies)
    {
        var verdict = way.Lever <= Steady ? Verdict.Good : way.Lever <= Tall ? Verdict.Watch : Verdict.Stop;
        return new("printed.foot", "foot on the bed", verdict, verdict switch
        {
            Verdict.Good => "It stands firmly on its first layer.",
            Verdict.Watch => "It is tall over a narrow foot: give it pads, and keep the bed clean.",
            _ => "It is so tall over so narrow a foot that it is knocked over.",
        }, $"{Figures.Plain(way.Lever)} times as high as wide, on {Figures.SquareMm(way.FirstLayer)}", $"{Figures.Plain(Steady)} times or less",
            CommonPractice, verdict == Verdict.Good ? [] : steadies);
    }

    private static Check Graded(string key, string title, double figure, double clean, double most, string good, string watch, string stop, Remedy[] turn)
    {
        var verdict = figure <= clean ? Verdict.Good : figure <= most ? Verdict.Watch : Verdict.Stop;
        return new(key, title, verdict, verdict switch { Verdict.Good => good, Verdict.Watch => watch, _ => stop }, Figures.Mm(figure),
            $"{Figures.Mm(clean)} or less", CommonPractice, verdict == Verdict.Good ? [] : turn);
    }
}
