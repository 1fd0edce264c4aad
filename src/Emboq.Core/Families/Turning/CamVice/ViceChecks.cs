using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.CamVice;

/// <summary>Judgements of a cam vice: that the work goes in, that its cams hold by themselves, and that nothing breaks.</summary>
internal static class ViceChecks
{
    private const string Geometry = "Plane geometry.", Third = "a third of the strength.";

    public static IEnumerable<Check> Of(ViceReckoning r, ParameterValues p)
    {
        yield return ReadingChecks.Of("pin.readings", "pin measured", r.Turns.Place, "diameter");
        foreach (var check in Takes(r, p).Concat(Cams(r, p)).Concat(Made(r)).Concat(r.Spring?.Checks(r, p) ?? [])
            .Concat(r.Post is { } post ? PostChecks.Of(r, post, p) : [])
            // Of what cannot be built no strength is told.
            .Concat(r.Built ? Locks(r, p).Concat(Bears(r)) : []))
        {
            yield return check;
        }
    }

    /// <summary>The work between its faces.</summary>
    private static IEnumerable<Check> Takes(ViceReckoning r, ParameterValues p)
    {
        var (work, high) = (r.Work, r.High.Value);
        yield return Judge.AtLeast("opens", "opening", r.Opens.Value, work.Wide.Value, "The work goes in.", "The work is wider than it opens.", Verdict.Stop,
            Geometry, work.Wide.Value <= 300 ? [CamViceFamily.Opens.To(Math.Ceiling(work.Wide.Value), "Let it open to {0}")] : []);
        var top = r.WorkZ + (work.Thick.Value / 2) - r.BaseHigh;
        yield return Judge.AtMost("low", "work over the base", top, high, "It lies between the faces.", "It stands out above the faces.", Verdict.Watch,
            Geometry, top <= 100 ? [CamViceFamily.High.To(Math.Ceiling(top), "Let the jaws stand {0} over the base")] : []);
        if (r.Face == JawFace.Ledge)
        {
            var proud = p.Number("proud")!.Value;
            yield return Judge.AtLeast("proud", "room below the work", r.Rest.Value, proud, "What stands proud hangs free when it is turned over.",
                "What stands proud lies on the base: let the work lie higher.", Verdict.Stop, Geometry,
                CamViceFamily.Rest.To(Math.Ceiling(proud + 1), "Let it lie {0} over the base"));
            yield return Judge.AtMost("rest", "where the work lies", r.Rest.Value, high - 1.5, "Its edge lies on the ledge, against the face.",
                "The ledge is as high as the jaws: nothing is left to hold with.", Verdict.Stop, Geometry,
                CamViceFamily.High.To(Math.Ceiling(r.Rest.Value + work.Thick.Value), "Let the jaws stand {0} over the base"));
        }
        else if (r.Face == JawFace.Vee)
        {
            // A round touches both sides of the groove at cos 45° of its radius.
            var most = 2 * r.Groove.Value * Math.Sqrt(2);
            yield return Judge.AtMost("groove", "work in the groove", work.Thick.Value, most, "A round of this thickness lies in the groove.",
                "A round as thick as that lies on the groove's edges.", Verdict.Watch, "Circle in a groove of 90 degrees.",
                CamViceFamily.Groove.To(Math.Ceiling(work.Thick.Value / 2 / Math.Sqrt(2) * 2) / 2, "Make the groove {0} deep"));
            yield return Judge.AtLeast("groove.behind", "behind the groove", Math.Min(r.Front, r.Fixed.Value) - r.Groove.Value, 2,
                "Enough stays behind it.",
                "The groove cuts through the pad, or through the fixed jaw.", Verdict.Stop, "Common practice, no published source.",
                CamViceFamily.Pad.To(Math.Ceiling(r.Groove.Value + 2 + r.Pad.Value - r.Front), "Make the pad {0} thick"));
        }

        yield return Bends(r);
    }

    /// <summary>A plate pressed at two edges bends out where the pressure comes to Euler's: π² E t³ / 12 w² for each millimetre of its length, a third of it
    /// allowed.</summary>
    private static Check Bends(ViceReckoning r)
    {
        const string Source = "Euler, both edges free to turn: π² E t³ b / 12 w², a third of it.";
        var (wide, thick) = (r.Work.Wide.Value, r.Work.Thick.Value);
        if (r.Sort.Stiffness is not { } stiff)
        {
            return new("work.bends", "work under the pressure", Verdict.Watch, "Not judged: how stiff the work is, is not known.", "not known", "stiff enough",
                Source, []);
        }

        var held = Math.Min(r.Wide.Value, Evaluation.Of(r.WorkPlace, "length")?.Quantity.Value ?? r.Wide.Value);
        var bears = Math.PI * Math.PI * stiff * Math.Pow(thick, 3) * held / (12 * wide * wide) / 3;
        var fits = r.Press.Value <= bears;
        return new("work.bends", "work under the pressure", fits ? Verdict.Good : Verdict.Stop, fits ? "It stays flat." : "It bends up: press less.",
            $"{Strength.Said(r.Press.Value, "N")} on {r.Sort.Says}", $"{Strength.Said(bears, "N")} or less", Source, fits || bears < 5 ? []
                : [new Remedy.Change($"Press with {Figures.Plain(Math.Floor(bears))} N", new Dictionary<string,
                    string> { ["press"] = Figures.Number(Math.Floor(bears)) })]);
    }

    private static IEnumerable<Check> Cams(ViceReckoning r, ParameterValues p)
    {
        var (cam, friction) = (r.Cam, r.Friction);
        var (least, usual) = (Cam.HoldsUpTo(friction.Value - (2 * friction.StandardUncertainty), cam.Radius.Value), Cam.HoldsUpTo(friction.Value,
            cam.Radius.Value));
        var sure = Math.Floor(least * 10) / 10;
        yield return new("holds", "cam stays closed", cam.Throw.Value <= least ? Verdict.Good : cam.Throw.Value <= usual ? Verdict.Watch : Verdict.Stop,
            cam.Throw.Value <= least ? "Friction keeps it wherever it is left." : cam.Throw.Value <= usual
                ? "Waxed or worn it may open by itself: less throw, or a larger cam."
                : "It opens by itself: less throw, or a larger cam.", Figures.Mm(cam.Throw.Value), $"{Figures.Mm(least)} or less",
            "e ≤ μ R, jig and fixture handbooks; μ less its doubt, k = 2.", cam.Throw.Value <= least || sure < 0.3 ? [] : [CamViceFamily.Throw.To(sure,
                "Make its throw {0}")]);
        var takes = r.Stroke - ViceReckoning.Free;
        var differs = p.Number("differs")!.Value;
        yield return Judge.AtLeast("rise", "what the cam takes up", takes, differs, "Works that differ by so much are held without setting it anew.",
            "Works differ by more than the cam pushes: more throw, with a larger cam so that it holds.", Verdict.Watch,
            $"e (1 − cos θ) at {ViceReckoning.Closed:0} degrees, less its play.", Larger(r, differs));
        var hand = r.Hand.Cam.Value + (2 * r.Hand.Cam.StandardUncertainty);
        yield return Hand("hand", "hand at the cam's lever", hand, "More force than a hand likes: longer levers, or press less.",
            "(e + μ (R + r)) F / A; k = 2.", CamViceFamily.Lever.To(Math.Ceiling(r.Lever.Value * hand / ViceReckoning.HandForce), "Make the levers {0}"));
    }

    /// <summary>More throw and the radius that holds it, in one press.</summary>
    public static IReadOnlyList<Remedy> Larger(ViceReckoning r, double differs)
    {
        var toss = Math.Ceiling((differs + ViceReckoning.Free) / (1 - Math.Cos(ViceReckoning.Closed * Math.PI / 180)) * 10) / 10;
        var radius = Math.Max(r.Cam.Radius.Value, Math.Ceiling(toss / (r.Friction.Value - (2 * r.Friction.StandardUncertainty))));
        return toss > 8 || radius > 40 ? [] : [new Remedy.Change($"Make its throw {Figures.Mm(toss)} and its radius {Figures.Mm(radius)}",
            new Dictionary<string, string> { ["throw"] = Figures.Number(toss), ["cam"] = Figures.Number(radius) })];
    }

    public static Check Hand(string key, string title, double force, string otherwise, string source, Remedy remedy) =>
        Judge.Of(key, title, force <= ViceReckoning.HandForce, "A hand does it.", otherwise, Verdict.Watch, Strength.Said(force, "N"),
            $"{ViceReckoning.HandForce:0} N or less", source, remedy);

    /// <summary>The foot in its channel.</summary>
    private static IEnumerable<Check> Locks(ViceReckoning r, ParameterValues p)
    {
        var (slides, tail) = (r.Tail.Clearance, r.Tail);
        var (least, most) = (slides.Value - (2 * slides.StandardUncertainty), slides.Value + (2 * slides.StandardUncertainty));
        yield return Slides("slides", "least clearance across the channel", least, slides.Value, "It slides even if it comes out close.",
            "It may come out too close to slide: print a slice of channel and foot first.", "channel and foot", "Print a slice of both first");
        // Past its room in the slit it must spread each half by half of the greatest clearance and a little more.
        var (reaches, needed) = (r.Lock.Most - (r.Slit.Value / 2), (most / 2) + 0.1);
        yield return Judge.AtLeast("reaches", "spread of each half", reaches, needed, "It reaches both flanks, however they come out.",
            "It may turn without reaching the flanks: more spread, or less clearance.", reaches < (slides.Value / 2) + 0.1 ? Verdict.Stop : Verdict.Watch,
                "Half of the greatest clearance, and 0.1 mm to press; k = 2.",
            CamViceFamily.Spread.To(Math.Ceiling((needed + ViceReckoning.LockRoom) * 10) / 10, "Spread each half by {0}"));
        yield return Judge.AtMost("lock.stays", "arm of the lock", r.Lock.GreatestArm, r.Lock.Least * (r.Friction.Value - (2 * r.Friction.StandardUncertainty)),
            "It stays wherever it is left.", "Left half way it turns back; turned a full quarter it stays, for there its arm is nothing.", Verdict.Watch,
            "Arm of the face beside the middle against μ times the radius; k = 2.");
        yield return Hand("lock.hand", "hand at the lock's lever", r.Hand.Lock, "More force than a hand likes: longer levers, or press less.",
            "The foot holds 2 μ V (1 / sin a + cot a), μ less its doubt; V is spread by the lever.",
            CamViceFamily.Lever.To(Math.Ceiling(r.Lever.Value * r.Hand.Lock / ViceReckoning.HandForce), "Make the levers {0}"));
        double Strain(double half, double root) => Cantilever.Strain(half, most / 2, root + (tail.Deep.Value / 2));
        var borne = r.Material?.Strain(Lifetime.OfADay(p.Number("opened")!.Value)).Value;
        // Across its layers a foot bears a part of the strain that it bears along its lines.
        var share = r is { OnEnd: false, Material: { } m } ? m.Across.Value / m.Along.Value : 1;
        yield return Strength.Used("spreads", "halves of the foot, as they are spread", 100 * Strain(r.Half, r.Root.Value), 100 * share * borne, "%",
            "They bend as often as that.",
            "They tire and break off: a longer root, a wider slit, or less clearance.", "3 t δ / 2 L².", () => Strength.Best(
                new StrengthChoice("slit", "slit", r.Slit.Value, r.Tail.Neck.Value - 4, s => Strain((tail.Neck.Value - s) / 2,
                    r.Root.Value) / (share * borne!.Value)),
                new StrengthChoice("root", "root of the foot", r.Root.Value, 30, root => Strain(r.Half, root) / (share * borne!.Value))));
        yield return Judge.AtLeast("roller", "flank for the rollers", tail.Flank, tail.Touches(r.Roller.Value), "The rollers touch its flanks.",
            "The rollers are too thick to touch its flanks: thinner ones.", Verdict.Watch, "D / 2 · cot(a/2) along the flank.",
            CamViceFamily.Roller.To(Math.Floor(r.Roller.Value * tail.Flank / tail.Touches(r.Roller.Value) * 10) / 10, "Take rollers of {0}"));
    }

    private static IEnumerable<Check> Bears(ViceReckoning r)
    {
        var (press, material, wide) = (r.Press.Value, r.Material, r.Wide.Value);
        var (along, across) = (material?.Along.Value / PrintedMaterial.Safety, material?.Across.Value / PrintedMaterial.Safety);
        var high = r.WorkZ - r.BaseHigh;
        double Fixed(double thick) => 6 * press * high / (wide * thick * thick);
        yield return Strength.Used("fixed.bends", "fixed jaw, as it is pressed", Fixed(r.Fixed.Value), across, "MPa", "It does not break off the base.",
            "It breaks off the base: a thicker one, or lower work.", $"Bending across its layers; {Third}", () =>
                Strength.Best(new StrengthChoice("fixed", "fixed jaw", r.Fixed.Value, 50, t => Fixed(t) / across!.Value)));
        // Pressed above the channel, the jaw tips about its back edge; the front half of the foot is pulled up.
        var neck = 2 * r.Half;
        double Pulled(double length) => press * high / (length * 2 / 3) / (neck * length / 2);
        var foot = r.OnEnd ? along : across;
        yield return Strength.Used("foot.tears", "neck of the foot, as the jaw tips", Pulled(r.Long.Value), foot, "MPa", "It is not torn off.",
            "It is torn off: a longer jaw, a narrower slit, or print it on its end.", $"Moments about the jaw's back edge, over half of the neck; {Third}",
                () => Strength.Best(new StrengthChoice("long", "sliding jaw", r.Long.Value, 150, l => Pulled(l) / foot!.Value)));
        var wall = (wide / 2) - r.Tail.Channel(r.Tail.Deep.Value);
        var spreads = r.Hand.Spreads * 6 * r.Tail.Deep.Value / (r.Long.Value * wall * wall);
        yield return Strength.Used("channel.bends", "walls of the channel, as the foot spreads", spreads, across, "MPa", "They are not broken open.",
            "They are broken open: a wider vice, or a shallower channel.", $"Bending at the floor, across its layers; {Third}", () =>
                Strength.Best(new StrengthChoice("wide", "vice", wide, 150, w => spreads * Math.Pow(wall / (wall + ((w - wide) / 2)), 2) / across!.Value)));
        yield return Wears(r, "cam.wears", "cam on the pad", press, "It dents the pad and wears flat: a higher or larger cam, or press less.");
        foreach (var check in Pin(r, "pin", "pin of the cam", "jaw", press, Math.Max(1, r.PinDeep)))
        {
            yield return check;
        }

        var (d, arm, bears) = (r.Turns.Counterpart.Value, r.Thick.Value / 2, Bearing(material));
        // The cam pushes high, the work holds low: the guides keep the pad upright.
        var tips = press * Math.Abs(r.CamZ + arm - r.WorkZ) / Math.Max(1, r.GuideDeep - r.Stroke) / 2;
        yield return Strength.Used("pad.tips", "guides, as the pad is pushed above the work", 6 * tips / (d * Math.Max(1, r.GuideDeep - r.Stroke)), bears,
            "MPa", "They keep the pad upright.", "They wear their holes: let the work lie higher, or lower jaws.",
                "Moments on both guides; two thirds of the strength.");
    }

    /// <summary>Two printed faces that slide on each other, even where they come out close.</summary>
    public static Check Slides(string key, string title, double least, double usual, string good, string otherwise, string faces, string proof) =>
        Judge.AtLeast(key, title, least, 0.1, good, otherwise, Verdict.Watch, $"Law of sizes of {faces}, k = 2.", new Remedy.Prove(proof),
            CamViceFamily.Slides.To(Math.Ceiling((usual + 0.1 - least) * 20) / 20, "Leave {0} across"));

    /// <summary>A cam on what it presses.</summary>
    public static Check Wears(ViceReckoning r, string key, string title, double press, string otherwise)
    {
        double? face = r.Material is null ? null : LinePressure.Of(press, r.Thick.Value, r.Cam.Radius.Value, r.Material.Stiffness.Value);
        return Strength.Used(key, title, face ?? 0, r.Material?.Along.Value, "MPa", "It wears slowly; wax it, and look at it now and then.", otherwise,
            "Hertz, a round on a flat of the same plastic, against its strength.", () => Strength.Best(
                new StrengthChoice("thick", "cam", r.Thick.Value, 30, t => face!.Value * Math.Sqrt(r.Thick.Value / t) / r.Material!.Along.Value)));
    }

    /// <summary>What plastic around a pin bears, MPa.</summary>
    private static double? Bearing(PrintedMaterial? material) => material?.Along.Value * 2 / PrintedMaterial.Safety;

    /// <summary>A cam's pin stands in its hole like a post, and is pushed in the middle of the cam.</summary>
    public static IEnumerable<Check> Pin(ViceReckoning r, string key, string title, string around, double press, double deep)
    {
        var (d, arm) = (r.Turns.Counterpart.Value, r.Thick.Value / 2);
        yield return Strength.Used($"{key}.bends", title, 32 * press * (arm + (deep / 6)) / (Math.PI * d * d * d), PinSorts.Bends(r.Pin, r.Material), "MPa",
            "It is not bent.",
            "It is bent over: a thicker pin, or one of steel.",
            $"Bending where it leaves the {around}; soft steel bears 200 MPa, plastic a third of its strength.");
        yield return Strength.Used($"{key}.bears", $"{around} around the {title}", press / (d * deep) * (4 + (6 * arm / deep)), Bearing(r.Material), "MPa",
            "The pin keeps its hole.", key == "pin" ? "The pin works itself loose: higher jaws, a shorter root, or a thicker pin."
                : "The pin works itself loose: a thicker pin or post, or push it aside less.",
            "A post in its hole, pushed above it: F / d l · (4 + 6 a / l); two thirds of the strength.");
    }

    private static Remedy.Change Longer(double to) => new($"Make the sliding jaw {Figures.Mm(Math.Ceiling(to))} long",
        new Dictionary<string, string> { ["long"] = Figures.Number(Math.Ceiling(to)) });

    /// <summary>What goes beside what.</summary>
    private static IEnumerable<Check> Made(ViceReckoning r)
    {
        yield return Judge.AtLeast("half", "half of the foot beside its slit", r.Half, 1.5, "Its halves carry.", "The slit leaves too little of the foot.",
            Verdict.Stop, "Common practice, no published source.",
            new Remedy.Change("Leave the slit open", new Dictionary<string, string> { ["slit"] = "" }));
        yield return Judge.AtLeast("pin.deep", "pin in the jaw under the cam", r.PinDeep, 8, "It stands firm.", "The jaws are too low for a pin under the cam.",
            r.PinDeep < 3 ? Verdict.Stop : Verdict.Watch, "Common practice, no published source.",
            r.High.Value + 8 - r.PinDeep <= 100 ? [CamViceFamily.High.To(Math.Ceiling(r.High.Value + 8 - r.PinDeep), "Let the jaws stand {0} over the base")]
                : []);
        var between = r.LockAt - r.Lock.Most - ViceReckoning.Free - r.CamAt - r.Cam.Hollow;
        yield return Judge.AtLeast("between", "between cam and lock", between, 2, "Enough of the jaw stays between them.", "Cam and lock meet: a longer jaw.",
            Verdict.Stop, "Common practice, no published source.",
            Longer(r.Long.Value + 2 - between));
        var beside = (r.Wide.Value / 2) - Math.Max(r.Cam.Hollow, r.Tail.Channel(r.Tail.Deep.Value));
        yield return Judge.AtLeast("beside", "beside cam and channel", beside, 4, "Enough stays at both sides.",
            "The vice is too narrow for its cam, or its channel.",
            Verdict.Stop, "Common practice, no published source.", CamViceFamily.Wide.To(Math.Ceiling(r.Wide.Value + (2 * (4 - beside))), "Make it {0} wide"));
        var guide = r.GuideAside - (r.Bores.Guide.Value / 2) - r.Tail.Foot(0) - ViceReckoning.Relief;
        yield return Judge.AtLeast("guides", "guides beside the foot", guide, 1.2, "They run in solid ground.",
            "The guides break into the room beside the foot: a "
            + "wider vice, or a thinner pin.", Verdict.Stop, Geometry, CamViceFamily.Wide.To(Math.Ceiling(r.Wide.Value + (2 * (1.2 - guide))),
                "Make it {0} wide"));
        // Beside the cam's hollow, or below it.
        var hollow = Math.Max(r.GuideAside - (r.Bores.Guide.Value / 2) - r.Cam.Hollow,
            r.CamZ - r.GuideZ - HoleShape.Rise(r.Bores.Guide.Value, HoleLie.Teardrop));
        yield return Judge.AtLeast("guides.cam", "guides from the cam's hollow", hollow, 1.2, "They run in solid ground.",
            "The guides break into the hollow of the cam: higher jaws, or a wider vice.", Verdict.Stop, Geometry,
            CamViceFamily.Wide.To(Math.Ceiling(r.Wide.Value + (2 * (1.2 - hollow))), "Make it {0} wide"));
        yield return Judge.AtLeast("guides.long", "guides in the jaw", r.GuideLong - r.Pad.Value, 8, "They guide the pad.",
            "The guides are too short: a longer jaw.",
            r.GuideLong <= r.Pad.Value ? Verdict.Stop : Verdict.Watch, "Common practice, no published source.",
            Longer(r.Long.Value + 8));
        foreach (var check in r.Screw.Checks.Append(r.Takes.Check))
        {
            yield return check;
        }

        yield return r.Screw.SeatCheck("screw.seat", "screw", 1.5, CamViceFamily.Base.To(Math.Ceiling(r.Screw.Recess + 1.5), "Make the floor {0} thick"));
        if (r.Post is not null)
        {
            yield break;
        }

        yield return r.Screw.WallCheck("screw.wall", "screw", r.Tail.Channel(r.Tail.Deep.Value), CamViceFamily.Mouth.To(Math.Ceiling(2 * r.Screw.Reach),
            "Make the channel {0} at its mouth"));
    }
}
