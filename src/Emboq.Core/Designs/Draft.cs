namespace Emboq.Core.Designs;

/// <summary>The whole main piece in two walls and without fill: a proof of its shape by settings alone, for a part that is no proof of anything else.</summary>
public static class Draft
{
    /// <summary>Key of the proof.</summary>
    public const string Key = "draft";

    private const int Walls = 2;

    /// <summary>A setup as a draft is laid.</summary>
    public static Process Laid(Process setup) => setup with { Settings = setup.Settings with { Walls = Math.Min(Walls, setup.Settings.Walls), Fill = 0 } };

    /// <summary>The draft of a design; nothing where there is nothing to print, or where its setup lays drafts anyhow.</summary>
    /// <param name="design">The design.</param>
    /// <param name="setup">What its main piece is printed with.</param>
    public static IEnumerable<Proof> Of(Design design, Process setup) =>
        design.Pieces is [{ IsBuildable: true } main, ..] && Laid(setup).Settings != setup.Settings
            ? [new(Key, $"{main.Name}, as a draft", () => main.AsPrinted,
                "The whole of it in two walls, without fill: set both before you print it. It proves that "
                + "its shape goes where it must. It does not prove what it bears, nor how roofs over its empty inside come out: put no load on it.")
                { Laid = "two walls, no fill" }]
            : [];
}
