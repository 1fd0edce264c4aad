namespace Emboq.Core.Designs;

/// <summary>Everything computed for a part: what the screens, the files, the print plan and the tests need comes from this one value.</summary>
public sealed record Design
{
    /// <summary>Every computed quantity.</summary>
    public required Ledger Ledger { get; init; }

    /// <summary>What it was computed for, as that stood; <c>null</c> where a family was asked directly.</summary>
    public Process? Process { get; init; }

    /// <summary>What those pieces and proofs are printed with that have a setup of their own, by their keys.</summary>
    public IReadOnlyDictionary<string, Process> Own { get; init; } = new Dictionary<string, Process>();

    /// <summary>What a piece or a proof is printed with.</summary>
    /// <param name="key">Of the piece or proof.</param>
    /// <exception cref="InvalidOperationException">A family was asked directly.</exception>
    public Process ProcessOf(string key)
    {
        var setup = Own.GetValueOrDefault(key) ?? Process ?? throw new InvalidOperationException("Nobody said what it is printed with.");
        return key == Draft.Key ? Draft.Laid(setup) : setup;
    }

    /// <summary>What is printed, the main piece first; empty when the part cannot be built, and a check then says why.</summary>
    public IReadOnlyList<Piece> Pieces { get; init; } = [];

    /// <summary>What proves something of them first.</summary>
    public IReadOnlyList<Proof> Proofs { get; init; } = [];

    /// <summary>The machine's side, in the frame of the assembly: shown, never printed.</summary>
    public IReadOnlyList<Body> Machine { get; init; } = [];

    /// <summary>How its bodies move, those that carry others after those they carry.</summary>
    public IReadOnlyList<Motion> Motions { get; init; } = [];

    /// <summary>Which bodies are meant to overlap, and how deep; all others must not.</summary>
    public IReadOnlyList<Contact> Contacts { get; init; } = [];

    /// <summary>The fitted faces.</summary>
    public IReadOnlyList<Seat> Seats { get; init; } = [];

    /// <summary>What a seat is called: by its place, and where a place has several, by what is measured there too.</summary>
    public string NameOf(Seat seat) =>
        Seats.Count(s => (s.Interface.Id, s.Interface.Name) == (seat.Interface.Id, seat.Interface.Name)) > 1 ? seat.Whole : seat.Interface.Name;

    /// <summary>Probability that every seat comes out as its fit at the next print; <c>null</c> where there is none, or something is unread.</summary>
    public double? Chance { get; init; }

    /// <summary>Every judgement, in the order of the work.</summary>
    public required IReadOnlyList<Check> Checks { get; init; }

    /// <summary>The seat drawing; <c>null</c> when the part cannot be built.</summary>
    public SeatDrawing? Drawing { get; init; }

    /// <summary>What else is needed, one thing a line.</summary>
    public IReadOnlyList<string> Hardware { get; init; } = [];

    /// <summary>What makes it quicker to print and lighter.</summary>
    public IReadOnlyList<Remedy> Lighter { get; init; } = [];

    /// <summary>How it is fitted, in order.</summary>
    public IReadOnlyList<string> Fitting { get; init; } = [];

    /// <summary>Pieces and proofs: everything that has a file.</summary>
    public IEnumerable<PrintItem> PrintItems => [.. Pieces, .. Proofs];

    /// <summary>The holes that another part may share: those of the main piece.</summary>
    public IReadOnlyList<PatternHole> Pattern => Pieces.Count > 0 ? Pieces[0].Pattern : [];

    /// <summary>What it gives to other parts of its job beside its holes.</summary>
    public IReadOnlyList<Given.Size> Sizes { get; init; } = [];

    /// <summary>A thing that it gives, by key; <c>null</c> when there is none as it stands.</summary>
    public Given? Gives(string key) => key == GivenThing.Holes.Key ? Pattern.Count > 0 ? new Given.Pattern(key, Pattern) : null
        : Sizes.FirstOrDefault(s => s.Key == key);

    /// <summary>Where its fitted sizes must be found again in its triangles.</summary>
    public IReadOnlyList<Gauge> Gauges { get; init; } = [];

    /// <summary>The holes of all of them along a wall, for the paper pattern; empty where the part's own holes are all there is.</summary>
    public IReadOnlyList<PatternHole> WallPattern { get; init; } = [];

    /// <summary>Words on paper that go with it; <c>null</c> where there are none.</summary>
    public PaperLabel? Paper { get; init; }

    /// <summary>What can hurt somebody, and whose word decides.</summary>
    public required IReadOnlyList<string> Cautions { get; init; }
}
