namespace Emboq.Core.Families.Kit;

/// <summary>How words stand on a face.</summary>
internal enum LetteringKind
{
    /// <summary>Cut in: reads by its shadow.</summary>
    Sunk,

    /// <summary>Standing proud.</summary>
    Raised,

    /// <summary>Cut in and filled with a second body of another colour.</summary>
    Inlay,
}

/// <summary>Words fitted to the space they have.</summary>
/// <param name="Text">One line.</param>
/// <param name="Kind">How they stand.</param>
/// <param name="Size">Height of a capital.</param>
/// <param name="Depth">How far they are sunk or stand proud.</param>
/// <param name="Gap">Clearance of an inlay a side, as drawn; nothing for the other kinds.</param>
internal sealed record Label(string Text, LetteringKind Kind, Quantity Size, Quantity Depth, Quantity? Gap)
{
    /// <summary>Letters that end in less than this cannot be read at arm's length, mm.</summary>
    private const double LeastRead = 3;

    private const double Under = 0.3;

    private const string InlayKey = "inlay";

    public static IReadOnlyList<ParameterSpec> Specs(double usualDepth = 0.8) =>
    [
        Kit.Specs.Words("text", "Label", 40, "What stands on it; nothing for a plain one."),
        Kit.Specs.Choice("lettering", "Letters", "sunk",
            "Sunk letters read by their shadow and print in any way up; an inlay is a second body in another colour.",
            new ParameterOption("sunk", "sunk"), new ParameterOption("raised", "raised"), new ParameterOption("inlay", "inlaid")),
        Kit.Specs.Length("letterSize", "Letter height", null, 2, 60, "Of a capital. Left open, as large as the space allows.", 0.5),
        Kit.Specs.Length("letterDepth", "Letter depth", usualDepth, 0.2, 5, "How far they are sunk, or stand proud.", 0.2),
    ];

    /// <summary>Fits the words of a part; <c>null</c> when it has none.</summary>
    /// <param name="brief">With decisions of the specs above.</param>
    /// <param name="width">Space from left to right.</param>
    /// <param name="height">Space up and down.</param>
    /// <param name="ledger">Takes the figures.</param>
    public static Label? Of(Brief brief, Quantity width, Quantity height, Ledger ledger)
    {
        var p = brief.Parameters;
        var text = p.Text("text");
        var (room, rise) = (ledger.Add("label.room", "space for the label, across", width, "What stays between the holes and the edges."),
            ledger.Add("label.height", "space for the label, up", height, "What stays between the edges."));
        if (text.Length == 0 || room.Value <= 1 || rise.Value <= 1)
        {
            return null;
        }

        var kind = p.Choice("lettering") switch { "raised" => LetteringKind.Raised, "inlay" => LetteringKind.Inlay, _ => LetteringKind.Sunk };
        var wide = Quantity.Input($"width of “{text}” over its height", LetterWidths.Of(text), Unit.None,
            new Provenance.Standard("The lettering font", "advance widths"));
        var tall = Quantity.Input("height of letters with tails", 1 + (2 * LetterWidths.Tail), Unit.None,
            new Provenance.Standard("The lettering font", "tails and accents"));
        var fits = ledger.Add("label.fits", "largest letters that fit", Quantity.Min(room / wide, rise / tall), "The narrower of the two spaces decides.");
        var size = ledger.Add("label.size", "letter height", p.Number("letterSize") is { } asked
            ? Quantity.Min(Quantity.Chosen("letter height asked for", asked, Unit.Millimetre), fits)
            : Quantity.Min(fits, Quantity.RuleOfThumb("largest letters", 12, Unit.Millimetre, "Larger letters on a small part shout.")), "Of a capital.");
        var depth = ledger.Add("label.depth", "letter depth", Quantity.Chosen("letter depth", p.Number("letterDepth")!.Value, Unit.Millimetre),
            "Deep enough for a shadow.");
        Quantity? gap = null;
        if (kind == LetteringKind.Inlay)
        {
            var clearance = Quantity.RuleOfThumb("inlay clearance", 0.1, Unit.Millimetre,
                "An inlay of the very outline never goes in; this is on the full width.");
            gap = ledger.Add("label.gap", "inlay smaller, a side", (clearance - brief.FitsOf(InlayKey).Allowance(Surface.OutsideFlat, size.Value)
                + brief.Fits.Allowance(Surface.Pocket, size.Value)) / 2,
                "Drawn: half of the clearance and of what the process takes from a groove and adds to a letter.");
        }

        return new(text, kind, size, depth, gap);
    }

    /// <summary>A body with its words on the face z = <paramref name="face"/>, read from above.</summary>
    public Solid On(Solid body, double x, double y, double face) => Raised(x, y, face) is { } letters ? body + letters : body.Without(Sunk(x, y, face));

    /// <summary>What its words cut away of a face; nothing when they stand proud.</summary>
    public IEnumerable<Solid> Sunk(double x, double y, double face) => Kind == LetteringKind.Raised ? []
        : [Letters(Depth.Value + Under).At(x, y, face - Depth.Value)];

    /// <summary>Words that stand proud of a face; <c>null</c> when they are sunk.</summary>
    public Solid? Raised(double x, double y, double face) => Kind == LetteringKind.Raised ? Letters(Depth.Value + Under).At(x, y, face - Under) : null;

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
    public static IEnumerable<Proof> Proofs(Label? label) => label is null ? [] :
    [
        new("ring-letter", "one letter", label.OneLetter, label.Kind == LetteringKind.Inlay
            ? "Proves that the inlay goes in. Print its letter in the second colour. It does not prove the other letters."
            : "Proves that letters of this size can be read. It does not prove the other letters."),
    ];

    private Solid InlayLetters() => new Solid.Lettering(Text, Size.Value, RoomFor(Text, Size.Value), Depth.Value, -Gap!.Value);

    private Solid OneLetter()
    {
        var one = this with { Text = Text[..1] };
        var (wide, high, thick) = (RoomFor(one.Text, Size.Value) + 4, (Size.Value * (1 + (2 * LetterWidths.Tail))) + 4, Depth.Value + 1);
        var plate = one.On(new Solid.Box(wide, high, thick).At(-wide / 2, -high / 2, 0), 0, 0, thick);
        return one.Gap is null ? plate : plate + one.InlayLetters().At(wide + 3, 0, 0);
    }

    /// <summary>Whether it can be read and printed.</summary>
    /// <param name="process">What it is printed with.</param>
    /// <param name="faceDown">Whether the face with the words lies on the bed.</param>
    public IEnumerable<Check> Checks(Process process, bool faceDown)
    {
        // A stem of the bold font is a fifth of a capital; two lines make a clear one, less than one is none.
        var least = Math.Max(LeastRead, 10 * process.LineWidth);
        var stem = (Size.Value / 5) - (2 * (Gap?.Value ?? 0));
        var verdict = stem < process.LineWidth ? Verdict.Stop : Size.Value >= least - 1e-9 ? Verdict.Good : Verdict.Watch;
        yield return new("label", "label can be read", verdict, verdict switch
        {
            Verdict.Good => "Stems are two lines wide or more.",
            Verdict.Watch => "Stems come out thinner than two lines: letters blur. Shorten the words, or give them more space.",
            _ => "Stems are thinner than one line: the letters cannot be printed. Shorten the words, or give them more space.",
        }, $"{Figures.Mm(Size.Value)} high", $"{Figures.Mm(least)} or more", "Common practice, no published source.",
            verdict == Verdict.Stop && Kind == LetteringKind.Inlay ? [new Remedy.Change("Sink the letters without an inlay",
                new Dictionary<string, string> { ["lettering"] = "sunk" })] : []);
        if (Kind == LetteringKind.Raised && faceDown)
        {
            yield return new("label.face", "raised letters and the bed", Verdict.Stop, "Raised letters cannot be printed face down.", "face down",
                "face up, or sunk", "Plane geometry.",
                [new Remedy.Change("Sink the letters", new Dictionary<string, string> { ["lettering"] = "sunk" })]);
        }
    }

    private Solid Letters(double thickness) => new Solid.Lettering(Text, Size.Value, RoomFor(Text, Size.Value), thickness);

    private static double RoomFor(string text, double size) => LetterWidths.Of(text) * size * 1.02;
}
