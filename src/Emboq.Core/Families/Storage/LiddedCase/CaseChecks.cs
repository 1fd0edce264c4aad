using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Storage.LiddedCase;

/// <summary>What is judged about a lidded case.</summary>
internal static class CaseChecks
{
    private const string Practice = "Common practice, no published source.";

    public static IEnumerable<Check> Of(CaseReckoning r, Brief brief, (CaseCarried? Carried, (Quantity Pull, Quantity Bends)? Screws) load, double chance)
    {
        yield return ReadingChecks.Of("pin.readings", "pin measured", r.Turns.Place, "diameter");
        yield return Judge.AtLeast("body", "body, inside", r.BodyHigh.Value, 1, "The lid leaves a body.", "The lid is as high as the whole case.", Verdict.Stop,
            "Plane sums.", LiddedCaseFamily.LidHigh.To(14, "Make the lid {0} inside"));
        yield return Judge.AtLeast("hinge.wide", "case, for its hinge", r.Wide, r.HingeLong, "The knuckles have room.",
            "The knuckles are wider than the case.", Verdict.Stop, "Plane sums.", LiddedCaseFamily.Knuckle.To(4, "Make each knuckle {0}"));
        yield return Judge.AtLeast("hinge.low", "body, for its hinge", r.Rim, r.Lug, "The knuckles stand out of the wall by a slope.",
            "The body is lower than a knuckle with its slope: a lower lid.");
        yield return Judge.AtLeast("clasp.wide", "case, for its clasps", r.Wide, CaseReckoning.ClaspWide + 2, "A clasp has room.", "A clasp is wider than it.");
        yield return Judge.AtLeast("clasp.lid", "lid, for its clasps", r.LidHigh.Value + r.Floor.Value, Math.Max(CaseReckoning.BlockFrom + 9, r.Lug),
            "Feet and knuckles have room.", "The lid is lower than the feet of its clasps, or its knuckles.", Verdict.Stop, "Plane sums.",
                LiddedCaseFamily.LidHigh.To(Math.Ceiling(Math.Max(14, r.Lug)), "Make the lid {0} inside"));
        yield return Judge.AtLeast("clasp.body", "body, for its clasps", r.BeadAt - CaseReckoning.BeadHalf, 0, "The beads have room above the underside.",
            "The clasps reach below the body: shorter ones, or a lower lid.", Verdict.Stop, "Plane sums.", LiddedCaseFamily.Arm.To(14,
                "Make the clasps {0} long"));
        yield return Judge.AtLeast("clasp.arm", "clasps, that bend", r.Rim - r.BeadAt - CaseReckoning.BeadHalf, 0,
            "An arm is left between the lid and the bead.", "The beads stand over the rim: longer clasps.", Verdict.Stop, "Plane sums.",
            LiddedCaseFamily.Arm.To(Math.Ceiling(r.Arm.Value + Math.Max(0, r.BeadAt + CaseReckoning.BeadHalf - r.Rim)), "Make the clasps {0} long"));
        foreach (var check in Clicks(r))
        {
            yield return check;
        }

        if (r.Handle is { } handle)
        {
            yield return Judge.AtLeast("handle.wide", "handle between the clasps", r.Between, CaseReckoning.LeastBetween, "It has room between them.",
                "The case is too narrow for a handle between its clasps.", Verdict.Stop, "Plane sums.", NoHandle);
            yield return Judge.AtMost("handle.between", "handle, as wide as asked", handle.Wide, Math.Max(r.Between, CaseReckoning.LeastBetween),
                "The clasps leave it room.", "The clasps do not leave it so much room.", remedies: LiddedCaseFamily.HandleWide.To(Math.Floor(Math.Max(r.Between,
                    CaseReckoning.LeastBetween)), "Make the handle {0} wide"));
            yield return Judge.AtLeast("handle.long", "handle, hanging", handle.Long, CaseReckoning.LeastHang, "It hangs above the underside.",
                "The body is too low for a handle in front.", Verdict.Stop, "Plane sums.", NoHandle);
            yield return Judge.AtLeast("handle.hand", "handle, for fingers", Math.Min(handle.Long - handle.Bar - r.Radius, handle.Wide / 3), 20,
                "Three fingers go through.", "Fingers hardly go through: a wider case or a higher body, or no handle.", Verdict.Watch, Practice, NoHandle);
        }
        else if (LiddedCaseFamily.Handle.Read(brief.Parameters, new()))
        {
            yield return new("handle.wide", "handle between the clasps", Verdict.Watch, "So narrow a case has one clasp in the middle, and no handle.",
                Figures.Mm(r.Wide), "110 mm or more", "Plane sums.", [NoHandle]);
        }

        foreach (var check in Shelf(r).Concat(CaseCarried.Checks(r, load.Carried, brief, NoHandle)).Concat(Split(r, brief))
            .Concat(Screwed(r, load.Screws, brief)))
        {
            yield return check;
        }

        yield return DutyCheck.Of("years", brief.Process);
        yield return ChanceCheck.Of(chance, [(r.Turns.Realised, r.Turns.Place, "diameter")], r.Turns.Contradictions);
        yield return BedCheck.Of(r.OnBed.Wide, r.OnBed.Deep, Math.Max(r.Rim, r.Top - r.LidFrom), r.Way, brief.Process);
    }

    private static Remedy NoHandle => new Remedy.Change("Leave the handle away", new Dictionary<string, string> { ["handle"] = "none" });

    private static IEnumerable<Check> Shelf(CaseReckoning r)
    {
        if (r.ShelfTall is not { } tall)
        {
            yield break;
        }

        var none = new Remedy.Change("Leave the shelf away", new Dictionary<string, string> { ["shelf"] = "none" });
        yield return Judge.AtLeast("shelf.under", "left under the shelf", Math.Max(0, r.UnderShelf), r.Lies, "What lies below has room.",
            "The shelf and its ledges take all of the body: a lower shelf, or a lower lid.", Verdict.Stop, "Plane sums.", tall - CaseReckoning.ShelfWall > 5
                ? LiddedCaseFamily.ShelfHigh.To(4, "Make it {0} inside") : none, none);
        if (r.Content is { } content)
        {
            yield return Judge.AtLeast("shelf.past", "room beside what lies below, for ledges", content.Room, CaseReckoning.Ledge + CaseReckoning.PastLedge,
                "It is let down between the ledges.", "It would not pass the ledges: more room around it.", Verdict.Stop, "Plane sums.",
                LiddedCaseFamily.Room.To(3, "Leave {0} around it"), none);
        }

        yield return Judge.AtLeast("shelf.wide", "case, for its shelf", Math.Min(r.Width.Value, r.Depth.Value), CaseReckoning.LeastShelf,
            "Ledges leave room between them.", "Ledges leave hardly anything between them.", Verdict.Stop, "Plane sums.", none);
        yield return Judge.Of("shelf.lies", "shelf on its ledges", r.ShelfLies, r.Parts.Count == 1 ? "It lies on ledges all around."
            : "Each part of it lies on two ledges that face each other, and is lifted out by itself.",
            "The case is cut both ways, and parts of a shelf in its corners would tip: no shelf, or a larger printer.", Verdict.Stop,
            $"{r.Parts.Across} × {r.Parts.Along} parts", "cut one way at most", "Plane geometry.", none);
    }

    private static IEnumerable<Check> Clicks(CaseReckoning r)
    {
        const double Hand = 40, Shaken = 3;
        yield return Strength.Used("clasp.strain", "clasps, each time they click", 100 * r.Click.Strain.Value, r.Material is { } m
            ? 100 * m.Strain(r.Bends).Value : null, "%", "They bear it as often as that.", "They tire and break: longer or thinner clasps, or a smaller catch.",
            "3 t δ / 2 L² (a cantilever; Roark, from memory); strain by how often.", () => [LiddedCaseFamily.Arm.To(Math.Min(80,
                Math.Ceiling(r.Arm.Value * 1.3)),
                "Make the clasps {0} long")]);
        if (r.Click.Opens is not { } opens)
        {
            yield return new("clasp.opens", "force that opens a clasp", Verdict.Watch, "Not judged: the stiffness of the filament is not entered.", "not known",
                $"{Hand:0} N or less", Practice, []);
            yield break;
        }

        var force = opens.Value;
        yield return Judge.Of("clasp.opens", "force that opens a clasp", force is >= Shaken and <= Hand, "A thumb opens it, and a shake does not.", force > Hand
            ? "A thumb hardly opens it: longer or thinner clasps." : "A shake opens it: thicker clasps, or a larger catch.", Verdict.Watch,
            Strength.Said(force, "N"), $"{Shaken:0} to {Hand:0} N", Practice, force > Hand ? LiddedCaseFamily.Arm.To(Math.Min(80, Math.Ceiling(r.Arm.Value
                * Math.Cbrt(force / Hand))), "Make the clasps {0} long") : LiddedCaseFamily.Thick.To(Math.Min(5, Math.Ceiling(10 * r.Thick.Value
                    * Math.Cbrt(Shaken / force)) / 10), "Make the clasps {0} thick"));
    }

    private static IEnumerable<Check> Split(CaseReckoning r, Brief brief)
    {
        if (r.Parts.Count == 1)
        {
            yield break;
        }

        yield return new("split", "split for the bed", Verdict.Good, $"Body and lid are each {(r.Screws is null ? "glued" : "screwed")} of "
            + $"{r.Parts.Count} parts, the fewest that lie on the bed; walls, gaps, hinge and clasps keep their sizes.",
            $"{r.Parts.Across} × {r.Parts.Along}", "the fewest", "The printer's own size.", []);
        yield return Judge.AtLeast("split.wall", "wall around the dowels", r.Wall.Value - r.Bore, CaseReckoning.LeastDowel, "Pieces of pin align the parts.",
            "The walls are too thin for pieces of pin across the cuts.", Verdict.Stop, Practice, LiddedCaseFamily.Wall.To(
                0.2 * Math.Ceiling((r.Bore + CaseReckoning.LeastDowel) / 0.2), "Make the walls {0}"));
        if (r.Seam is { } seam)
        {
            yield return seam.Fit.Slides("seam");
        }
        else if (LiddedCaseFamily.Tongue.Read(brief.Parameters, new()))
        {
            yield return Judge.AtLeast("seam.floor", "floor, for a tongue along its seams", r.Floor.Value, CaseSeam.LeastFloor, "It has room for one.",
                "It is too thin for a tongue: its edges are plain, and pieces of pin align the walls alone.", Verdict.Watch, Practice,
                LiddedCaseFamily.Floor.To(CaseSeam.LeastFloor, "Make floor and top {0}"));
        }

        if (double.IsFinite(r.CutsClear))
        {
            yield return Judge.AtLeast("split.clear", "cuts beside hinge and handle", r.CutsClear, CaseReckoning.DowelDeep, "Nothing is cut through.",
                "A cut goes through a knuckle or a lug: another size, or a larger printer.");
        }
    }

    private static IEnumerable<Check> Screwed(CaseReckoning r, (Quantity Pull, Quantity Bends)? load, Brief brief)
    {
        if (r.Screws is not { } screws)
        {
            yield break;
        }

        var glued = new Remedy.Change("Glue the parts", new Dictionary<string, string> { ["joined"] = "glued" });
        foreach (var check in screws.Head.Checks.Concat(screws.Bite.Checks).Append(screws.Takes.Check))
        {
            yield return check;
        }

        if (double.IsFinite(r.CutsClear))
        {
            yield return Judge.AtLeast("join.clear", "beside a cut, for its screws", r.CutsClear, screws.Beside, "Ears, heads and a key have room.",
                "Hinge, clasps or handle stand where its screws are driven in.", Verdict.Stop, "Plane sums.", glued);
        }

        yield return Judge.AtLeast("join.high", "body and lid, for the ears of their screws", Math.Min(r.Rim, r.LidOutside), screws.Ear,
            "They are high enough.", "They are lower than the ears: thinner screws, or glue.", Verdict.Stop, "Plane sums.", glued);
        if (load is not (var pull, var bends))
        {
            yield return new("join.holds", "screws of the cuts", Verdict.Watch, "Not judged: weigh what lies in it, or say what it weighs.", "not weighed",
                "what lies in it on the scale", "A load is measured, never assumed.", [.. CaseCarried.Weigh(brief)]);
            yield break;
        }

        yield return Strength.Used("join.holds", "screws of the cuts", pull.Value, CutThread.Bears(screws.Size, screws.Takes.InThread, r.Material), "N",
            "Their threads bear what opens a cut as the case is snatched up.", "They pull out of their threads: glue the parts, or take thicker screws.",
            CutThread.By, () => [glued]);
        // On its back, layers cross what bends in its sides.
        var bears = (r.Way.Key == "back" ? r.Material?.Across : r.Material?.Along)?.Value / PrintedMaterial.Safety;
        yield return Strength.Used("join.bends", "walls beside the ears of their screws", bends.Value, bears, "MPa", "They bear the pull of the screws.",
            "They bend and crack beside an ear: thicker walls, or glue.", "Plate bent by what draws beside it; a third of what breaks a sample.", () =>
                [.. Strength.Best(new StrengthChoice(LiddedCaseFamily.Wall.Spec.Key, "walls", r.Wall.Value, LiddedCaseFamily.Wall.Spec.Maximum, to =>
                    bends.Value * (screws.Ear + to) / (screws.Ear + r.Wall.Value) * Math.Pow(screws.Thin(r.Wall.Value) / screws.Thin(to), 2)
                    / bears!.Value)), glued]);
    }
}
