namespace Emboq.Core.Families.Storage.LiddedCase;

/// <summary>Screws that draw the parts of a split case together, in ears that stand out of both walls which a cut crosses: the body's on its floor, and near
/// the rim where it is high; the lid's on its top, so that nothing hangs as either is printed and the lid opens past them.</summary>
/// <param name="Size">Of the screws.</param>
/// <param name="Head">Hole of a screw, from where its head bears to the cut.</param>
/// <param name="Bite">Where it bites, from the cut.</param>
/// <param name="HeadHigh">mm.</param>
/// <param name="HeadWide">mm.</param>
/// <param name="Takes">How long they are.</param>
internal sealed record CaseScrews(string Size, Joint Head, Joint Bite, double HeadHigh, double HeadWide, ScrewLength Takes)
{
    /// <summary>Plastic behind a thread, mm.</summary>
    private const double Behind = 2;

    /// <summary>The short leg of a key, or the tip of a driver, mm.</summary>
    private const double Key = 20;

    /// <summary>A body lower than this has screws on its floor alone; others stand so far below the rim of a higher one, past what the lid
    /// sweeps, mm.</summary>
    private const double Tall = 60, BelowRim = 16;

    /// <summary>How far an ear stands out of its wall, and how high it is, mm.</summary>
    public double Ear => 2 * Math.Max((HeadWide / 2) + 0.3, Math.Max(Head.Reach, Bite.Reach));

    /// <summary>What must be free beside a cut, for the ears, the head and what turns it, mm.</summary>
    public double Beside => Math.Max(Lengths.Passed + HeadHigh + Key, Lengths.Bitten);

    /// <summary>Of the ears along a screw: of the one that it passes, and of the one that it bites.</summary>
    public (double Passed, double Bitten) Lengths => (Head.Depth, Bite.Depth + Behind);

    /// <summary>Reckons them.</summary>
    /// <param name="brief">What is asked.</param>
    /// <param name="ledger">Takes the lines.</param>
    public static CaseScrews Of(Brief brief, Ledger ledger)
    {
        var size = brief.Parameters.Choice(LiddedCaseFamily.ScrewSize.Key);
        var scope = PartBodies.Scope(brief, ledger, "join", "joining screw");
        var bitten = PartBodies.Scope(brief, ledger, "bite", "joining screw's thread");
        var seat = scope.Add("seat", "under its head", Quantity.RuleOfThumb("under its head", 5, Unit.Millimetre, "Common practice, no published source."),
            "Of the ear that it passes.");
        var thread = bitten.Add("long", "long", Quantity.RuleOfThumb("diameters of thread", 3, Unit.None,
            "Three diameters, of which two must hold; common practice, no published source.") * Hardware.Diameter(size), "In the other ear.");
        return new(size, ScrewHole.Passing(scope, size, "medium", seat.Value, HoleLie.Teardrop), Threaded.SelfCut(bitten, size, Threaded.UsualEngagement,
            thread.Value, HoleLie.Teardrop), Hardware.Of("cap-screws", size, "height", "head").Value, Hardware.Of("cap-screws", size, "head", "head").Value,
            ScrewLength.Of(scope, (size, "cap", $"{Hardware.Name(size)} cap screw"), [seat], 2 * Hardware.Diameter(size), thread, brief.Drawer));
    }

    /// <summary>Middles of the body's screws over its underside, from the floor up: upper ones where the handle does not fold against their ears.</summary>
    public double[] Heights(CaseReckoning r) => r.Rim < Tall || (r.Handle is { } h && r.Rim - BelowRim - (2 * Ear) < h.At - h.Long + h.Bar + 1) ? [Ear / 2]
        : [Ear / 2, r.Rim - BelowRim - (Ear / 2)];

    /// <summary>Screws in all: in both walls that a cut crosses.</summary>
    public int Count(CaseReckoning r) => (Heights(r).Length + 1) * 2 * (r.CutsAcross.Count() + r.CutsAlong.Count());

    /// <summary>Ears of the body, both halves of each, holes and all.</summary>
    public IEnumerable<Solid> OfBody(CaseReckoning r) => Heights(r).SelectMany((z, i) => Walls(r).Select(w => w(Pair(1, i > 0), z)));

    /// <summary>Ears of the lid, which is printed on its top.</summary>
    public IEnumerable<Solid> OfLid(CaseReckoning r) => Walls(r).Select(w => w(Pair(-1, false), r.Top - (Ear / 2)));

    /// <summary>A pair of ears beside each other as a proof, on the bed as they are printed.</summary>
    public Solid Proof() => (Half(1, false, passing: true) + Half(1, false, passing: false).At(6, 0, 0)).At(0, 0, Ear / 2);

    /// <summary>Sizes of the proof.</summary>
    public IEnumerable<Gauge> Gauges()
    {
        const double Hair = 0.4;
        yield return new("ears", "screw hole", Head.Bore, new(-Hair, -Ear / 2, Ear / 2), Axis.Y);
        yield return new("ears", "thread", Bite.Bore, new(6 + Hair, -Ear / 2, Ear / 2), Axis.Y);
    }

    /// <summary>What they bear, of a case that weighs so much as it is snatched up: the hardest pull on one, N, and what it bends beside an ear, MPa.</summary>
    /// <param name="r">The case.</param>
    /// <param name="weight">Force, N.</param>
    /// <param name="ledger">Takes the lines.</param>
    public (Quantity Pull, Quantity Bends) Loaded(CaseReckoning r, Quantity weight, Ledger ledger)
    {
        var pull = Pull(r, weight, ledger);
        return (pull, Bends(r, pull, ledger));
    }

    /// <summary>What holds them: the hardest pull on one screw, N, of a case that weighs so much as it is snatched up.</summary>
    /// <param name="r">The case.</param>
    /// <param name="weight">Force, N.</param>
    /// <param name="ledger">Takes the lines.</param>
    private Quantity Pull(CaseReckoning r, Quantity weight, Ledger ledger)
    {
        Quantity Mm(string name, double value) => Quantity.Chosen(name, value, Unit.Millimetre, "this family");
        Quantity Of(string name, double value) => Quantity.Chosen(name, value, Unit.None, "this family");
        // Lying, it is lifted by two ends: the floor opens about the rim, held by one screw in each wall. Carried by its handle it opens in front.
        var along = Mm("length across the cut", Math.Max(r.CutsAcross.Any() ? r.Wide : 0, r.CutsAlong.Any() ? r.Deep : 0));
        var across = Mm("from rim to screw, or from front to back", Math.Min(r.Rim - (Ear / 2), r.Handle is null || !r.CutsAcross.Any() ? r.Rim : r.Deep));
        var lifted = weight * along / (Of("a beam's eighth", 8) * across * Of("walls", 2));
        // Carried by its handle, what lies behind a cut hangs on the screws of that cut.
        var hangs = weight * Of("share behind the cut", r.CutsAlong.Select(y => 1 - (y / r.Deep)).DefaultIfEmpty(0).Max()) / Of("screws of a cut",
            2 * (Heights(r).Length + 1));
        return ledger.Add("join.pull", "hardest pull on a joining screw", lifted.Value >= hangs.Value ? lifted : hangs, lifted.Value >= hangs.Value
            ? "M = W L / 8, lifted by both ends, or by its middle: the cut opens." : "What lies behind a cut hangs on its screws.");
    }

    /// <summary>What a screw bends as it draws beside the wall that holds the case together: that wall, as high as the ear, or the ear where it is shorter
    /// than the wall is thick; MPa.</summary>
    /// <param name="r">The case.</param>
    /// <param name="pull">Hardest on one screw, N.</param>
    /// <param name="ledger">Takes the line.</param>
    private Quantity Bends(CaseReckoning r, Quantity pull, Ledger ledger)
    {
        Quantity Mm(string name, double value) => Quantity.Chosen(name, value, Unit.Millimetre, "this family");
        return ledger.Add("join.bends", "stress in a wall beside an ear", Quantity.Chosen("a plate's sixth", 6, Unit.None, "this family") * pull
            * Mm("from screw to wall", (Ear + r.Wall.Value) / 2) / (Mm("ear, high", Ear) * Quantity.Square(Mm("wall, or ear along its screw",
                Thin(r.Wall.Value)))),
            "M = F a, W = b h² / 6: the screw draws beside the middle of the wall.");
    }

    /// <summary>The thinnest of what bends beside an ear: a wall so thick, or the ear along its screw, mm.</summary>
    public double Thin(double wall) => Math.Min(wall, Math.Min(Lengths.Passed, Lengths.Bitten));

    /// <summary>Places a pair at each wall that a cut crosses: x along the wall across the cut, −y out of it.</summary>
    private static IEnumerable<Func<Solid, double, Solid>> Walls(CaseReckoning r)
    {
        foreach (var x in r.CutsAcross)
        {
            yield return (pair, z) => pair.At(x, 0, z);
            yield return (pair, z) => pair.Spun(180).At(x, r.Deep, z);
        }

        foreach (var y in r.CutsAlong)
        {
            yield return (pair, z) => pair.Spun(-90).At(-r.Wide / 2, y, z);
            yield return (pair, z) => pair.Spun(90).At(r.Wide / 2, y, z);
        }
    }

    /// <summary>Both halves at a cut.</summary>
    /// <param name="up">1 where it is printed as it stands, −1 where it is printed upside down.</param>
    /// <param name="slope">Whether it stands out of its wall by a slope, and not on the bed.</param>
    private Solid Pair(int up, bool slope) => Half(up, slope, passing: true) + Half(up, slope, passing: false);

    /// <summary>A half: the one that the screw passes lies at −x, the one that it bites at +x.</summary>
    private Solid Half(int up, bool slope, bool passing)
    {
        // Deeper in its wall it would reach through thin ones.
        const double Rooted = 0.3;
        var (half, length) = (Ear / 2, passing ? Lengths.Passed : Lengths.Bitten);
        var section = new Profile(new Point2(-Ear, -half), new(Rooted, slope ? -half - Ear - Rooted : -half), new(Rooted, half), new(-Ear, half));
        // Drawn along x: the section's x is y, its y is z.
        var block = new Pose(90, 0, 90, new(passing ? -length : 0, 0, 0)).Of(new Solid.Extruded(section, length));
        // A joint is entered against its z, and its y is up.
        return block - (passing ? Head : Bite).Cut.Tipped(90 * up).Spun(-90 * up).At(passing ? -length : 0, -half, 0);
    }
}
