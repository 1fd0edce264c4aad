namespace Emboq.Core.Families.Kit;

/// <summary>How words stand on a face.</summary>
internal enum LetteringKind
{
    /// <summary>Cut in: reads by its shadow.</summary>
    Sunk,

    /// <summary>Cut in deep enough to be filled with paint or resin.</summary>
    Poured,

    /// <summary>Standing proud.</summary>
    Raised,

    /// <summary>Cut in and filled with a second body of another colour.</summary>
    Inlay,

    /// <summary>Printed on paper, which lies in a shallow seat.</summary>
    Paper,
}

/// <summary>Words fitted to the space they have.</summary>
/// <param name="Lines">One or several, from the top.</param>
/// <param name="Kind">How they stand.</param>
/// <param name="Size">Height of a capital.</param>
/// <param name="Depth">How far they are sunk or stand proud; of paper, how deep its seat is.</param>
/// <param name="Gap">Clearance of an inlay a side, as drawn; nothing for the other kinds.</param>
/// <param name="Room">Space from left to right: of paper, its width.</param>
/// <param name="Rise">Space up and down.</param>
internal sealed record Label(IReadOnlyList<string> Lines, LetteringKind Kind, Quantity Size, Quantity Depth, Quantity? Gap, double Room, double Rise)
{
    /// <summary>Letters that end in less than this cannot be read at arm's length, mm.</summary>
    private const double LeastRead = 3;

    /// <summary>Paint in a shallower letter wears off, mm; common practice, no published source.</summary>
    private const double LeastPoured = 1;

    /// <summary>The largest letters of a small part, mm.</summary>
    public const double Usual = 12;

    private const double Under = 0.3;

    private const string InlayKey = "inlay";

    private const char NewLine = '|';

    public static IReadOnlyList<ParameterSpec> Specs(double usualDepth = 0.8) =>
    [
        Kit.Specs.Words("text", "Label", 80, "What stands on it; nothing for a plain one. A | begins a new line."),
        Kit.Specs.Choice("lettering", "Letters", "sunk",
            "Sunk letters read by their shadow and print in any way up; poured ones are filled with paint or resin; an inlay is a second body in another "
                + "colour; paper comes with the shop card at full size.",
            new ParameterOption("sunk", "sunk"), new ParameterOption("poured", "sunk, to be filled"), new ParameterOption("raised", "raised"),
            new ParameterOption("inlay", "inlaid"), new ParameterOption("paper", "on paper")).If("text", "given"),
        Kit.Specs.Length("letterSize", "Letter height", null, 2, 60, "Of a capital. Left open, as large as the space allows.", 0.5).If("text", "given"),
        Kit.Specs.Length("letterDepth", "Letter depth", usualDepth, 0.2, 5, "How far they are sunk, or stand proud; of paper, how deep it lies.",
            0.2).If("text", "given"),
    ];

    /// <summary>Fits the words of a part; <c>null</c> when it has none.</summary>
    /// <param name="brief">With decisions of the specs above.</param>
    /// <param name="width">Space from left to right.</param>
    /// <param name="height">Space up and down.</param>
    /// <param name="ledger">Takes the figures.</param>
    /// <param name="largest">Larger letters only when they are asked for, mm; as large as the space allows when left out.</param>
    public static Label? Of(Brief brief, Quantity width, Quantity height, Ledger ledger, double? largest = null)
    {
        var p = brief.Parameters;
        var lines = LinesOf(p);
        var (room, rise) = (ledger.Add("label.room", "space for the label, across", width, "What stays between the holes and the edges."),
            ledger.Add("label.height", "space for the label, up", height, "What stays between the edges."));
        if (lines.Length == 0 || room.Value <= 1 || rise.Value <= 1)
        {
            return null;
        }

        var kind = p.Choice("lettering") switch
        {
            "raised" => LetteringKind.Raised,
            "inlay" => LetteringKind.Inlay,
            "poured" => LetteringKind.Poured,
            "paper" => LetteringKind.Paper,
            _ => LetteringKind.Sunk,
        };
        var longest = lines.MaxBy(LetterWidths.Of)!;
        var wide = Quantity.Input($"width of “{longest}” over its height", LetterWidths.Of(longest), Unit.None,
            new Provenance.Standard("The lettering font", "advance widths"));
        var tall = Quantity.Input(lines.Length == 1 ? "height of letters with tails" : $"height of {lines.Length} lines with tails",
            1 + (2 * LetterWidths.Tail) + ((lines.Length - 1) * PaperLabel.Pitch), Unit.None,
                new Provenance.Standard("The lettering font", "tails and accents"));
        var fits = ledger.Add("label.fits", "largest letters that fit", Quantity.Min(room / wide, rise / tall), "The narrower of the two spaces decides.");
        var size = ledger.Add("label.size", "letter height", p.Number("letterSize") is { } asked
            ? Quantity.Min(Quantity.Chosen("letter height asked for", asked, Unit.Millimetre), fits)
            : largest is { } most ? Quantity.Min(fits, Quantity.RuleOfThumb("largest letters", most, Unit.Millimetre, "Larger letters on a small part shout."))
            : fits, "Of a capital.");
        var depth = ledger.Add("label.depth", kind == LetteringKind.Paper ? "depth of the paper's seat" : "letter depth",
            Quantity.Chosen("letter depth", p.Number("letterDepth")!.Value, Unit.Millimetre),
            kind == LetteringKind.Paper ? "Its edges are covered." : "Deep enough for a shadow.");
        Quantity? gap = null;
        if (kind == LetteringKind.Inlay)
        {
            var clearance = Quantity.RuleOfThumb("inlay clearance", 0.1, Unit.Millimetre,
                "An inlay of the very outline never goes in; this is on the full width.");
            gap = ledger.Add("label.gap", "inlay smaller, a side", (clearance - brief.FitsOf(InlayKey).Allowance(Surface.OutsideFlat, size.Value)
                + brief.Fits.Allowance(Surface.Pocket, size.Value)) / 2,
                "Drawn: half of the clearance and of what the process takes from a groove and adds to a letter.");
        }

        return new(lines, kind, size, depth, gap, room.Value, rise.Value);
    }

    /// <summary>How far it is cut into its face, mm.</summary>
    public double CutIn => Kind == LetteringKind.Raised ? 0 : Depth.Value;

    /// <summary>A body with its words on the face z = <paramref name="face"/>, read from above.</summary>
    public Solid On(Solid body, double x, double y, double face) => Raised(x, y, face) is { } letters ? body + letters : body.Without(Sunk(x, y, face));

    /// <summary>What its words cut away of a face; nothing when they stand proud.</summary>
    public IEnumerable<Solid> Sunk(double x, double y, double face) => Kind switch
    {
        LetteringKind.Raised => [],
        LetteringKind.Paper => [Slab.Of(Room, Rise, Depth.Value + Under, 1).At(x, y, face - Depth.Value)],
        _ => [Letters(Depth.Value + Under).At(x, y, face - Depth.Value)],
    };

    /// <summary>Words that stand proud of a face; <c>null</c> when they are sunk.</summary>
    public Solid? Raised(double x, double y, double face) => Kind == LetteringKind.Raised ? Letters(Depth.Value + Under).At(x, y, face - Under) : null;

    /// <summary>Its words on a drawing, about their middle.</summary>
    public void Draw(Sheet sheet, double x, double y)
    {
        if (Kind == LetteringKind.Paper)
        {
            sheet.Box(Matter.Opening, x - (Room / 2), y - (Rise / 2), x + (Room / 2), y + (Rise / 2));
        }

        foreach (var (line, up) in Placed())
        {
            sheet.Words(line, x, y + up, Size.Value);
        }
    }

    /// <summary>How an inlay lies: as it is made, there is nothing to choose.</summary>
    private static readonly WayUp FaceDown = new("flat", "face down", 0, "Lines run along the letters.", "No seam on the face.");

    /// <summary>The letters of an inlay in a piece of their own, lying face down; none for the other kinds.</summary>
    /// <param name="label">The words.</param>
    /// <param name="at">Their middle, on the face they are sunk into.</param>
    public static IEnumerable<Piece> Inlays(Label? label, Point3 at) => label?.Gap is null ? [] :
    [
        new(InlayKey, "inlay letters", label.InlayLetters, [FaceDown], FaceDown.Key)
        {
            WayBy = null,
            OtherColour = true,
            Pose = new(0, 0, 0, at with { Z = at.Z - label.Depth.Value }),
            Says = "In the second colour. Press it into the sunk letters; it is smaller by its own offset.",
        },
    ];

    /// <summary>A piece of plate with one letter, and its inlay beside it when there is one: a proof of the lettering that is made in minutes.</summary>
    public static IEnumerable<Proof> Proofs(Label? label) => label is null or { Kind: LetteringKind.Paper } ? [] :
    [
        new("ring-letter", "one letter", label.OneLetter, label.Kind switch
        {
            LetteringKind.Inlay => "Proves that the inlay goes in. Print its letter in the second colour. It does not prove the other letters.",
            LetteringKind.Poured => "Fill it and scrape it level: it proves that the colour stays where it is poured. It does not prove the other letters.",
            _ => "Proves that letters of this size can be read. It does not prove the other letters.",
        }),
    ];

    /// <summary>What it needs beside the print.</summary>
    public static IReadOnlyList<string> Hardware(Label? label) => label?.Kind switch
    {
        LetteringKind.Poured => ["paint or casting resin for the letters"],
        LetteringKind.Paper => ["the paper label of the shop card, clear tape or lacquer over it"],
        _ => [],
    };

    /// <summary>What is done with it after printing.</summary>
    public static IReadOnlyList<string> Fitting(Label? label) => label?.Kind switch
    {
        LetteringKind.Inlay => ["Press the inlay into the letters."],
        LetteringKind.Poured => ["Lay it level, fill the letters, let it set, and scrape the face clean."],
        LetteringKind.Paper => ["Cut the paper label along its line, lay it in its seat and cover it."],
        _ => [],
    };

    /// <summary>What a paper label shows at full size; <c>null</c> for the other kinds.</summary>
    public PaperLabel? Paper => Kind == LetteringKind.Paper ? new(Lines, Room - PaperPlay, Rise - PaperPlay, Size.Value) : null;

    private static string[] LinesOf(ParameterValues p) =>
        p.Text("text").Split(NewLine, StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);

    /// <summary>Whether it can be read and printed; where words are wanted and there is no label, that they have no room.</summary>
    /// <param name="label">As it was fitted.</param>
    /// <param name="brief">With its decisions.</param>
    /// <param name="faceDown">Whether the face with the words lies on the bed.</param>
    public static IEnumerable<Check> Checks(Label? label, Brief brief, bool faceDown) => label?.Checks(brief.Process, faceDown).Concat(
        faceDown && label.Kind is not (LetteringKind.Raised or LetteringKind.Paper) ? Filled(brief.Parameters) : [])
        ?? (LinesOf(brief.Parameters).Length == 0 ? [] :
        [
            new("label", "label can be read", Verdict.Stop, "There is no room for the words: make the face larger, or leave them away.", "no room",
                "a millimetre or more each way", "Plane geometry.",
                [new Remedy.Change("Leave the words away", new Dictionary<string, string> { ["text"] = "" })]),
        ]);

    /// <summary>Pads lie as deep as letters that are sunk into the face on the bed, and ribs would stand in them: no blade gets either out again.</summary>
    private static IEnumerable<Check> Filled(ParameterValues p)
    {
        var given = new[] { CornerPads.Spec, RoofRibs.Spec }.Where(s => p.Choice(s.Key) != s.Default).ToList();
        if (given.Count > 0)
        {
            yield return new("label.filled", "letters on the bed stay open", Verdict.Stop, "What is broken off afterwards would fill the letters: "
                + "leave it away, or print the part on its back.", "pads or ribs under letters", "nothing in them", CommonPractice,
                [new Remedy.Change("Leave pads and ribs away", given.ToDictionary(s => s.Key, s => s.Default!))]);
        }
    }

    private IEnumerable<Check> Checks(Process process, bool faceDown)
    {
        if (Kind == LetteringKind.Paper)
        {
            yield return Judge.AtLeast("label", "label can be read", Size.Value, LeastRead, "Ink on paper is clear at this size.",
                "Letters this small cannot be read at arm's length. Shorten the words, or give them more space.", Verdict.Watch, CommonPractice);
            yield break;
        }

        // A stem of the bold font is a fifth of a capital; two lines make a clear one, less than one is none.
        var least = Math.Max(LeastRead, 10 * process.LineWidth);
        var stem = (Size.Value / 5) - (2 * (Gap?.Value ?? 0));
        var verdict = stem < process.LineWidth ? Verdict.Stop : Size.Value >= least - 1e-9 ? Verdict.Good : Verdict.Watch;
        yield return new("label", "label can be read", verdict, verdict switch
        {
            Verdict.Good => "Stems are two lines wide or more.",
            Verdict.Watch => "Stems come out thinner than two lines: letters blur. Shorten the words, or give them more space.",
            _ => "Stems are thinner than one line: the letters cannot be printed. Shorten the words, or give them more space.",
        }, $"{Figures.Mm(Size.Value)} high", $"{Figures.Mm(least)} or more", CommonPractice,
            verdict == Verdict.Stop && Kind == LetteringKind.Inlay ? [new Remedy.Change("Sink the letters without an inlay",
                new Dictionary<string, string> { ["lettering"] = "sunk" })]
            : verdict != Verdict.Good ? [new Remedy.Change("Put them on paper", new Dictionary<string, string> { ["lettering"] = "paper" })] : []);
        if (Kind == LetteringKind.Poured)
        {
            yield return Judge.AtLeast("label.poured", "depth for paint or resin", Depth.Value, LeastPoured, "A poured letter this deep is not worn through.",
                "What is poured in so shallow a letter wears off.", Verdict.Watch, CommonPractice, new Remedy.Change($"Sink them {Figures.Mm(LeastPoured)}",
                    new Dictionary<string, string> { ["letterDepth"] = Figures.Number(LeastPoured) }));
        }

        if (Kind == LetteringKind.Raised && faceDown)
        {
            yield return new("label.face", "raised letters and the bed", Verdict.Stop, "Raised letters cannot be printed face down.", "face down",
                "face up, or sunk", "Plane geometry.",
                [new Remedy.Change("Sink the letters", new Dictionary<string, string> { ["lettering"] = "sunk" })]);
        }
    }

    private const string CommonPractice = "Common practice, no published source.";

    /// <summary>How much smaller than its seat paper is cut, mm.</summary>
    private const double PaperPlay = 0.5;

    private Solid InlayLetters() => Letters(Depth.Value, -Gap!.Value);

    private Solid OneLetter()
    {
        var one = this with { Lines = [Lines[0][..1]] };
        var (wide, high, thick) = (RoomFor(one.Lines[0], Size.Value) + 4, (Size.Value * (1 + (2 * LetterWidths.Tail))) + 4, Depth.Value + 1);
        var plate = one.On(new Solid.Box(wide, high, thick).At(-wide / 2, -high / 2, 0), 0, 0, thick);
        return one.Gap is null ? plate : plate + one.InlayLetters().At(wide + 3, 0, 0);
    }

    private IEnumerable<(string Line, double Up)> Placed() => PaperLabel.Of(Lines, Size.Value);

    private Solid Letters(double thickness, double growth = 0) => Placed().Select(l =>
        (Solid)new Solid.Lettering(l.Line, Size.Value, RoomFor(l.Line, Size.Value), thickness, growth).At(0, l.Up, 0)).Aggregate((a, b) => a + b);

    private static double RoomFor(string text, double size) => LetterWidths.Of(text) * size * 1.02;
}
