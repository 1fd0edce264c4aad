namespace Emboq.Core.Families.Jigs.SetupAid;

/// <summary>Small things that set a machine: an exact angle, a height, a distance, a point to paint on.</summary>
public static class SetupAidFamily
{
    /// <summary>A wedge ends in a face of this height, mm: a knife edge does not print.</summary>
    private const double ThinEnd = 1.6;

    /// <summary>Smaller figures cannot be read, mm.</summary>
    private const double LeastMark = 2.5;

    /// <summary>Steeper wedges lean back over themselves, flatter ones are plates.</summary>
    private const double LeastAngle = 0.5, MostAngle = 75;

    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("flat", "lying flat", 0, "Both faces stand upright on the bed: the angle is as true as the printer's axes.", "Seam at the thin end."),
        new("side", "on its long face", 90, "Layers step the sloping face.", "The sloping face comes out in steps of a layer.", SpoilsFit: true),
    ];

    private static readonly IReadOnlyList<string> Cautions =
    [
        "Set a machine with its plug pulled, and take the gauge away before it runs.",
        "A printed gauge is for setting up, not for measuring safety distances: the machine's manual decides those.",
    ];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "set-up-aid", "angle gauge or set-up aid", "One exact angle, height or distance, found again every time without a scale.",
        [
            new InterfaceSlot("angle", "angle measured", ["angle"], SlotNeed.Sometimes).If("aid", "angle", "wheel"),
            new InterfaceSlot("round", "wheel measured", ["post", "tube"], SlotNeed.Sometimes).If("aid", "wheel"),
            new InterfaceSlot("feet", "gaps under the feet", ["gaps"], SlotNeed.Sometimes).If("aid", "pads"),
        ],
        [
            Specs.Choice("aid", "It is", "angle", "What it sets.", new ParameterOption("angle", "an angle between two faces"),
                new ParameterOption("steps", "a stair of heights"), new ParameterOption("spacer", "a spacer"),
                new ParameterOption("point", "a painting point"), new ParameterOption("wheel", "an angle at a round wheel"),
                new ParameterOption("pads", "pads that level a machine")),
            Specs.Angle("wedgeAngle", "Angle", 15, LeastAngle, MostAngle,
                "Between the two faces; at a wheel, between the rest and the wheel where they meet.").If("aid",
                "angle", "wheel").If("angle", "open"),
            Specs.Length("wheel", "Wheel diameter", 150, 30, 600, "As it is now: wheels wear.").If("aid", "wheel").If("round", "open"),
            Specs.Length("reach", "Along the wheel", 30, 8, 120, "How much of the wheel it touches.").If("aid", "wheel"),
            Specs.Length("padBase", "Under the highest foot", 4, 1, 60, "Thickness of the pad whose gap is nothing.", 0.2).If("aid", "pads"),
            Specs.Length("padFoot", "Foot, across", 30, 8, 120, "Each pad has a rim that keeps the foot on it.").If("aid", "pads"),
            Specs.Length("length", "Length", 80, 10, 300, "Along the longer face.").If("aid", "angle", "steps", "spacer", "wheel"),
            Specs.Length("width", "Width", 18, 6, 150, "Across; of a point, its foot.").If("aid", "angle", "steps", "spacer", "point", "wheel"),
            Specs.Length("height", "Height", 12, 1, 200, "Of a spacer or point; of a stair, its lowest step.", 0.2).If("aid", "steps", "spacer", "point"),
            Specs.Length("rise", "Each step", 2, 0.2, 50, "How much higher the next step is.", 0.2).If("aid", "steps"),
            Specs.Number("stairs", "Steps", 5, 1, 20, "steps", "How many.").If("aid", "steps"),
            .. Label.Specs(0.6).Select(s => s.If("aid", "angle", "spacer")),
            Specs.WayUp(Ways),
            .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["wedgeAngle", "text", "count"],
        Words = [TryWord.Works, new("off", "sets it wrong"), new("letters", "has letters that are hard to read"), new("tooLong", "is too long"),
            new("tips", "tips over")],
    };

    private static Design Design(Brief brief)
    {
        var (ledger, p) = (new Ledger(), brief.Parameters);
        var way = Ways.First(w => w.Key == p.Choice("wayUp"));
        var measured = p.Choice("aid") == "angle" ? brief.Interfaces.GetValueOrDefault("angle") : null;
        if (measured is not null && PartBodies.Unread(measured, "angle", "angle") is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        if (measured is not null && Evaluation.Of(measured, "angle")!.Quantity.Value is var read && read is not (>= LeastAngle and <= MostAngle))
        {
            var nearest = Figures.Degrees(read < LeastAngle ? LeastAngle : MostAngle);
            var other = 180 - read;
            return PartBodies.Unbuilt(ledger, [new("angle.range", $"{measured.Name} as a wedge", Verdict.Stop,
                $"A wedge of {Figures.Degrees(read)} cannot be built; the nearest that can is "
                    + $"{nearest}." + (other is >= LeastAngle and <= MostAngle
                        ? $" Measure the angle on the other side of the line, {Figures.Degrees(other)}, and make a wedge of that." : ""),
                Figures.Degrees(read), $"{Figures.Degrees(LeastAngle)} to {Figures.Degrees(MostAngle)}", "Plane geometry.",
                    [new Remedy.Measure($"Measure {measured["angle"].Name} again", measured.Id, "angle")])], Cautions);
        }

        if (p.Choice("aid") is "wheel")
        {
            return WheelGauge.Design(brief, ledger, Ways, Cautions);
        }

        if (p.Choice("aid") is "pads")
        {
            return LevelPads.Design(brief, ledger, Cautions);
        }

        var aid = Aid.Of(brief, measured, ledger);
        return new()
        {
            Ledger = ledger,
            Pieces =
            [
                new("part", "set-up aid", () => PartBodies.Marked(aid.Build(), brief.Mark, letters =>
                    letters.UpsideDown().At(aid.Length * 0.75, aid.Width / 2, 0), Math.Min(14, aid.Length / 4)), Ways, way.Key),
                .. Label.Inlays(aid.Label, aid.LabelAt),
            ],
            Proofs = [aid.Coupon, .. Label.Proofs(aid.Label)],
            Checks =
            [
                .. aid.Checks(brief.Process, way.Key), .. aid.Worded ? Label.Checks(aid.Label, brief, faceDown: false) : [],
                BedCheck.Of(aid.Length, aid.Width, aid.Height, way, brief.Process),
            ],
            Drawing = aid.Draw(),
            Fitting = [p.Choice("aid") == "angle" ? "Lay one face on the table, bring the tool to the other until no light shows."
                : "Lay it under or against what is set, and tighten."],
            Gauges = aid.Gauges,
            Cautions = Cautions,
        };
    }

    /// <summary>One aid: its box, its solid, its drawing. x along, y across, z up.</summary>
    private sealed record Aid(string Kind, double Length, double Width, double Height, double Low, double Step, int Count, Label? Label, bool FromPlace,
        DimensionAddress? Reads)
    {
        public static Aid Of(Brief brief, Interface? measured, Ledger ledger)
        {
            var p = brief.Parameters;
            Quantity Chosen(string key, string name) => ledger.Add(key, name, Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre),
                "Chosen by the maker.");
            var kind = p.Choice("aid");
            var (length, width) = (Chosen("length", "length"), Chosen("width", "width"));
            if (kind == "angle")
            {
                var angle = ledger.Add("angle", "angle", measured is null ? Quantity.Chosen("angle", p.Number("wedgeAngle")!.Value, Unit.DegreeOfArc)
                    : Evaluation.Of(measured, "angle")!.Quantity, "Between the two faces.");
                var thin = Quantity.RuleOfThumb("thin end", ThinEnd, Unit.Millimetre, "A knife edge does not print.");
                var rise = ledger.Add("rise", "rise over the length", length * Quantity.Tan(angle), "Length times the tangent: to check it with a caliper.");
                var high = ledger.Add("high", "thick end", thin + rise, "The thin end and the rise.");
                // The words lie on the sloping face, about as high up as it is low where they begin.
                var label = Label.Of(brief, length / 2, thin + (0.35 * rise) - Quantity.Chosen("margins, up", 1, Unit.Millimetre), ledger, Label.Usual);
                return new(kind, length.Value, high.Value, width.Value, ThinEnd, 0, 1, label, measured is not null, measured is null ? null
                    : new(measured.Id, "angle"));
            }

            var low = Chosen("height", kind == "steps" ? "lowest step" : "height");
            var (step, count) = kind == "steps" ? (Chosen("rise", "each step").Value, (int)p.Number("stairs")!.Value) : (0, 1);
            var top = ledger.Add("top", "highest", low + ((count - 1) * Quantity.Chosen("each step", step, Unit.Millimetre)),
                "The lowest step, and every rise.");
            var wide = kind == "point" ? width : length;
            var words = kind == "spacer" ? Label.Of(brief, length - Quantity.Chosen("margins", 4, Unit.Millimetre),
                width - Quantity.Chosen("margins, across", 3, Unit.Millimetre), ledger, Label.Usual) : null;
            return new(kind, wide.Value, width.Value, top.Value, low.Value, step, count, words, false, null);
        }

        /// <summary>Whether it has a face for words.</summary>
        public bool Worded => Kind is "angle" or "spacer";

        /// <summary>The middle of its words, on the face they are on.</summary>
        public Point3 LabelAt => Kind == "angle" ? new(Length * 0.7, (ThinEnd + ((Width - ThinEnd) * 0.35)) / 2, Height) : new(Length / 2, Width / 2, Height);

        public Solid Build() => Kind switch
        {
            // Lying flat, the wedge's faces stand upright; the label is on what lies up.
            "angle" => Label?.On(Wedge(), LabelAt.X, LabelAt.Y, LabelAt.Z) ?? Wedge(),
            "steps" => new Solid.Extruded(new Profile(Stair()), Width).Tipped(90).At(0, Width, 0).Without(StepMarks()),
            "point" => new Solid.Revolved(new Profile(new(0, 0), new(Width / 2, 0), new(Width / 2, 1.2), new(0.6, Height),
                new(0, Height))).At(Width / 2, Width / 2, 0),
            _ => Label?.On(Bar(), LabelAt.X, LabelAt.Y, LabelAt.Z) ?? Bar(),
        };

        /// <summary>Height of the figures on a stair; nothing where a tread has no room for them.</summary>
        private double MarkSize => Math.Min(5, Math.Min((Width - 2) / 1.6, (Length / Count * 0.85) / LetterWidths.Of(Figures.Number(Height)))) is var size
            && size >= LeastMark ? size : 0;

        /// <summary>Each tread says how high it is.</summary>
        private IEnumerable<Solid> StepMarks()
        {
            const double Deep = 0.4;
            return Enumerable.Range(0, MarkSize > 0 ? Count : 0).Select(i => (Solid)new Solid.Lettering(Figures.Number(Low + (Step * i)), MarkSize,
                Length / Count, 2 * Deep).At((i + 0.5) * Length / Count, Width / 2, Low + (Step * i) - Deep));
        }

        /// <summary>As little of it as still shows what it sets.</summary>
        public Proof Coupon => Kind switch
        {
            "angle" => Proof("3 mm of it", () => PartBodies.Slice(Wedge(), 0, 0, 0, Length, Width, Math.Min(3, Height)),
                "Proves the angle: lay it against the tool, or read both ends. It does not prove that it stands."),
            "steps" => Proof("a strip of the stair", () => PartBodies.Slice(Build(), 0, 0, 0, Length, Math.Min(4, Width), Height),
                "Proves every height in a few minutes. It does not prove the width."),
            "point" => Proof("its tip", () => PartBodies.Slice(Build(), 0, 0, Height * 0.6, Width, Width, Height),
                "Proves that the tip comes out sharp enough. It does not prove the foot."),
            _ => Proof("a short piece", () => PartBodies.Slice(Bar(), 0, 0, 0, Math.Min(12, Length), Width, Height),
                "Proves the height. It does not prove the length."),
        };

        /// <summary>Both ends of a wedge, or every height, in the part and in its proof.</summary>
        public IReadOnlyList<Gauge> Gauges => [.. Gauged("part"), .. Gauged("ring-aid")];

        private IEnumerable<Gauge> Gauged(string body) => Kind switch
        {
            "angle" => Enumerable.Range(0, 3).Select(i => 0.02 + (0.48 * i)).Select(share =>
                new Gauge(body, "wedge", ThinEnd + (share * (Width - ThinEnd)), new(share * Length, 0.1, 0.5), Axis.Y, Jaws.Over)),
            "steps" => Enumerable.Range(0, Count).Select(i => new Gauge(body, $"step {i + 1}", Low + (Step * i),
                new((i + 0.5) * Length / Count, 0.3, 0.1), Axis.Z, Jaws.Over)),
            "spacer" => [new(body, "height", Height, new(Math.Min(4, Length * 0.3), 0.9, 0.1), Axis.Z, Jaws.Over)],
            _ => [],
        };

        private const string CommonPractice = "Common practice, no published source.";

        public IEnumerable<Check> Checks(Process process, string way)
        {
            if (Kind == "angle")
            {
                yield return new("true", "angle as printed", way == "flat" ? Verdict.Good : Verdict.Watch,
                    way == "flat" ? "Lying flat, what the process adds to one face it adds to the other: the angle stays."
                        : "On its face, the slope comes out in steps.",
                    way == "flat" ? "both faces upright" : "stepped", "both faces upright", "Plane geometry.", way == "flat" ? []
                        : [new Remedy.Change("Print it lying flat", new Dictionary<string, string> { ["wayUp"] = "flat" })]);
                yield return new("slender", "thick enough to stand", Height >= 5 ? Verdict.Good : Verdict.Watch, Height >= 5 ? "It stands by itself."
                    : "It falls over when it is let go.", Figures.Mm(Height), "5 mm or more", "Common practice, no published source.", []);
            }
            else if (Kind != "point")
            {
                yield return Layers("layers.low", Kind == "steps" ? "lowest step in layers" : "height in layers", Low, "height", process);
                if (Kind == "steps")
                {
                    yield return Judge.Of("marks", "figures on the treads", MarkSize > 0, "Each tread says its height.",
                        "The treads have no room for figures: make it longer or wider.", Verdict.Watch, MarkSize > 0 ? Figures.Mm(MarkSize) : "none",
                        $"{Figures.Mm(LeastMark)} or more", CommonPractice);
                }

                if (Count > 1)
                {
                    yield return Layers("layers.step", "each step in layers", Step, "rise", process);
                }
            }
        }

        public SeatDrawing Draw()
        {
            var sheet = new Sheet();
            switch (Kind)
            {
                case "angle":
                    sheet.Face(Matter.Part, Slope());
                    Label?.Draw(sheet, LabelAt.X, LabelAt.Y);
                    sheet.Along("length", 0, Length, 0, sets: "length").Up("high", Length, 0, Width, side: CalloutSide.Right).Point("angle", Length * 0.2,
                            ThinEnd, sets: FromPlace ? null : "wedgeAngle", reads: Reads);
                    return sheet.View(Length + 40, 0).Box(Matter.Part, 0, 0, Height, Width).Along("width", 0, Height, 0, sets: "width").Done;
                case "point":
                    return sheet.Face(Matter.Part, [new(0, 0), new(Width, 0), new(Width, 1.2), new((Width / 2) + 0.6, Height),
                        new((Width / 2) - 0.6, Height), new(0, 1.2)])
                        .Along("width", 0, Width, 0, sets: "width").Up("height", 0, 0, Height, sets: "height").Done;
                default:
                    sheet.Face(Matter.Part, Stair()).Along("length", 0, Length, 0, sets: "length").Up("height", 0, 0, Low, sets: "height");
                    if (Count > 1)
                    {
                        sheet.Up("top", Length, 0, Height, side: CalloutSide.Right).Point("rise", Length / Count, Low + (Step / 2), sets: "rise");
                    }

                    return sheet.View(Length + 40, 0).Box(Matter.Part, 0, 0, Width, Height).Along("width", 0, Width, 0, sets: "width").Done;
            }
        }

        private static Proof Proof(string name, Func<Solid> shape, string says) => new("ring-aid", name, shape, says);

        private Solid Bar() => Slab.Of(Length, Width, Height, 2).At(Length / 2, Width / 2, 0);

        private Solid Wedge() => new Solid.Extruded(new Profile(Slope()), Height);

        private Point2[] Slope() => [new(0, 0), new(Length, 0), new(Length, Width), new(0, ThinEnd)];

        private List<Point2> Stair() => [new(0, 0), new(Length, 0), .. Enumerable.Range(0, Count).Reverse().SelectMany(i =>
            new[] { new Point2(Length * (i + 1) / Count, Low + (Step * i)), new Point2(Length * i / Count, Low + (Step * i)) })];

        private static Check Layers(string key, string title, double height, string parameter, Process process)
        {
            var layers = height / process.LayerHeight;
            var fits = Math.Abs(layers - Math.Round(layers)) < 0.01;
            var nearest = Math.Max(1, Math.Round(layers)) * process.LayerHeight;
            return new(key, title, fits ? Verdict.Good : Verdict.Watch, fits ? "A whole number of layers: it comes out at that height."
                : "Between two layers: the printer makes the next whole one.",
                $"{Figures.Plain(layers)} layers", "whole layers", "Plane sums.", fits ? []
                    : [new Remedy.Change($"Make it {Figures.Mm(nearest)}", new Dictionary<string, string> { [parameter] = Figures.Number(nearest) })]);
        }
    }
}
