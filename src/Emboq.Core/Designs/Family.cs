namespace Emboq.Core.Designs;

/// <summary>A kind of part that Emboq can compute.</summary>
/// <param name="Key">Short and stable: "hose-adapter".</param>
/// <param name="Name">As shown.</param>
/// <param name="Need">The need it answers, in a sentence.</param>
/// <param name="Slots">The interfaces it joins.</param>
/// <param name="Parameters">What the maker may decide.</param>
/// <param name="Design">Computes a part: pure, the same brief gives the same design.</param>
public sealed record Family(
    string Key,
    string Name,
    string Need,
    IReadOnlyList<InterfaceSlot> Slots,
    IReadOnlyList<ParameterSpec> Parameters,
    Func<Brief, Design> Design)
{
    /// <summary>What the columns of a list mean when it has no heading: keys of parameters, in order.</summary>
    public IReadOnlyList<string> ListColumns { get; init; } = [];

    /// <summary>Whether it must come out at a weight, so that what its printer really lays down counts.</summary>
    public bool Weighed { get; init; }

    /// <summary>Whether it is screwed to something: the workshop's own screws then count.</summary>
    public bool Screws { get; init; }

    /// <summary>What its parts take from other parts of their job.</summary>
    public IReadOnlyList<TakenSlot> Takes { get; init; } = [];

    /// <summary>What its parts give to others.</summary>
    public IReadOnlyList<GivenThing> Gives { get; init; } = [];

    /// <summary>How its parts are told to do what they must, or not.</summary>
    public IReadOnlyList<TryWord> Words { get; init; } = TryWord.Common;

    /// <summary>Whether its parts turn or hold so fast that no figure vouches for them: what was told of a print then counts.</summary>
    public bool Proved => Words.Any(w => w.Ends);

    /// <summary>The places that count as the choices stand: one that was named for another choice waits, and moves nothing.</summary>
    /// <param name="values">The maker's decisions.</param>
    /// <param name="places">All that are named, by slot.</param>
    public IReadOnlyDictionary<string, Interface> Counting(ParameterValues values, IReadOnlyDictionary<string, Interface> places) =>
        places.Where(p => Slots.First(s => s.Key == p.Key).Counts(values)).ToDictionary();
}

/// <summary>A place of a family where an interface goes.</summary>
/// <param name="Key">Short and stable: "first".</param>
/// <param name="Label">As shown.</param>
/// <param name="Kinds">Keys of the interface kinds that suit.</param>
/// <param name="Need">Whether it must be filled.</param>
public sealed record InterfaceSlot(string Key, string Label, IReadOnlyList<string> Kinds, SlotNeed Need = SlotNeed.Always)
{
    /// <summary>Slots of one series are asked for one after the other: the next is shown when those before it are filled. <c>null</c> for a slot that stands
    /// alone.</summary>
    public string? Series { get; init; }

    /// <summary>Choices on which it counts, as with a parameter; it is asked for only then, or while it is filled.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<string>> When { get; init; } = new Dictionary<string, IReadOnlyList<string>>();

    /// <summary>The same, asked for only while a choice stands at one of some options.</summary>
    public InterfaceSlot If(string choice, params IReadOnlyList<string> options) =>
        this with { When = new Dictionary<string, IReadOnlyList<string>>(When) { [choice] = options } };

    /// <summary>Whether it counts as the choices stand.</summary>
    public bool Counts(ParameterValues values) => When.All(w => w.Value.Contains(values.Choice(w.Key)));

    /// <summary>The sentence that says how the place is joined, word by word; empty where the place alone is asked for.</summary>
    public IReadOnlyList<SlotWord> Sentence { get; init; } = [];
}

/// <summary>One word of a sentence: something to choose, or something said.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Text">Key of the decision, or what is said.</param>
public sealed record SlotWord(SlotWordKind Kind, string Text = "");

/// <summary>What a word of a sentence is.</summary>
public enum SlotWordKind
{
    /// <summary>A decision that can be changed.</summary>
    Decision,

    /// <summary>The machine's place, which can be chosen; the line ends after it.</summary>
    Place,

    /// <summary>Words that stand as they are.</summary>
    Said,
}

/// <summary>Whether a slot must be filled.</summary>
public enum SlotNeed
{
    /// <summary>Nothing can be computed without it.</summary>
    Always,

    /// <summary>The family does without.</summary>
    Sometimes,

    /// <summary>It exists only once the part is printed or fitted; others wait for it.</summary>
    Later,
}

/// <summary>Everything a family computes a part from.</summary>
/// <param name="Parameters">The maker's decisions.</param>
/// <param name="Interfaces">One for each slot, by its key.</param>
/// <param name="Process">What the part will be printed with.</param>
/// <param name="Tries">What tries on this very process have said, oldest first.</param>
/// <param name="Mark">The revision mark to raise on the part; <c>null</c> before it has a number.</param>
public sealed record Brief(
    ParameterValues Parameters,
    IReadOnlyDictionary<string, Interface> Interfaces,
    Process Process,
    IReadOnlyList<TryEvidence> Tries,
    string? Mark = null)
{
    /// <summary>What the process does to printed faces.</summary>
    public IFitModel Fits { get; init; } = new LearnedFits(Process);

    /// <summary>What pieces and proofs are printed with that have a setup of their own, by their keys.</summary>
    public IReadOnlyDictionary<string, Process> Own { get; init; } = new Dictionary<string, Process>();

    /// <summary>What is done to the printed faces of one piece.</summary>
    public IFitModel FitsOf(string piece) => Own.TryGetValue(piece, out var process) ? Fits.On(process) : Fits;

    /// <summary>What is taken from other parts, by slot.</summary>
    public IReadOnlyDictionary<string, Taken> Taken { get; init; } = new Dictionary<string, Taken>();

    /// <summary>What was told of prints of these very decisions, oldest first: revision and word; asked for only where <see cref="Family.Proved"/>.</summary>
    public IReadOnlyList<(int Revision, string Word)> Told { get; init; } = [];

    /// <summary>The screws that the workshop has.</summary>
    public IReadOnlyList<DrawerScrew> Drawer { get; init; } = [];

    /// <summary>Finished runs of its process, newest first; asked for only where <see cref="Family.Weighed"/>.</summary>
    public IReadOnlyList<FinishedRun> Runs { get; init; } = [];
}
