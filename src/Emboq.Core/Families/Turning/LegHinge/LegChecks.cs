using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.LegHinge;

/// <summary>Judgements of a folding leg hinge: that the legs pass, that it stands, and that it stays open.</summary>
internal static class LegChecks
{
    private const string Geometry = "Plane geometry.";

    /// <summary>Whether the leg reaches past its hinge.</summary>
    public static Check TooShort(Interface leg, ParameterValues p)
    {
        var (length, least) = (Evaluation.Of(leg, "length")!.Quantity.Value, p.Number("above")!.Value + p.Number("down")!.Value + 10);
        var lower = Math.Floor(length - p.Number("above")!.Value - 10);
        return Judge.AtLeast("long", "length of the leg", length, least, "It reaches past its hinge.",
            "The leg is shorter than its hinge: less of it above the bolt, or lower cheeks.", Verdict.Stop, Geometry,
            lower >= 20 ? [LegHingeFamily.Down.To(lower, "Let the cheeks end {0} below the bolt")] : []);
    }

    /// <summary>Whether a spring has room to bend between its bolt and its bump; asked before its force is reckoned.</summary>
    public static Check? SpringTooShort(ParameterValues p)
    {
        const double Least = 12;
        if (p.Choice("lock") != "spring")
        {
            return null;
        }

        var rest = LegSpring.Ends + p.Number("bump")!.Value + Hardware.Diameter(p.Choice("bolt")).Value;
        var has = p.Number("down")!.Value - rest;
        return Judge.AtLeast("spring.long", "spring, from its bolt to its bump", has, Least, "It has room to bend.",
            "No spring is left between its bolt and its bump: lower cheeks, or a thinner bolt.", Verdict.Stop, "Common practice, no published source.",
            LegHingeFamily.Down.To(Math.Ceiling(Least + rest), "Let the cheeks end {0} below the bolt"));
    }

    public static IEnumerable<Check> Of(LegReckoning r, Brief brief)
    {
        var p = brief.Parameters;
        yield return ReadingChecks.Of("leg.readings", "leg measured", r.Leg.Place, "width");
        foreach (var check in Passes(r, p).Concat(Turns(r)).Concat(Held(r, p)).Concat(Stands(r, p)).Concat(Screwed(r))
            // Of what cannot be built no strength is told.
            .Concat(r.Built ? Bears(r) : []))
        {
            yield return check;
        }
    }

    /// <summary>What is folded: the legs of both ends, the frame, and the legs beside them.</summary>
    private static IEnumerable<Check> Passes(LegReckoning r, ParameterValues p)
    {
        var (folded, turned, gap) = (r.Folded, r.Turned.Value, r.Folded.Gap);
        Remedy Lie(string how, string label) => new Remedy.Change(label, new Dictionary<string, string> { ["pass"] = how });
        switch (r.Passing)
        {
            // Legs that end before they meet lie beside each other as they are.
            case Passing.Apart:
            case Passing.Beside when folded.EndBeforeTheyMeet && turned == 0:
                yield return Judge.AtLeast("passes", "between the ends of the folded legs", folded.Ends, gap, "They end before they meet.",
                    "Folded, they overlap: let them lie beside each other, turned, or one under the other.", Verdict.Stop, Geometry,
                    folded.Turn is not null ? Lie("beside", "Turn them past each other") : Lie("over", "Fold one under the other"));
                break;
            case Passing.Beside:
                yield return Judge.AtLeast("passes", "between the folded legs", folded.Free(turned), gap, folded.EndsBefore(turned)
                        ? "They lie beside each other." : "They lie beside each other, and past the other end's hinge.",
                    folded.Turn is { } least ? $"They run into each other: {Figures.Plain(least)}° let them pass."
                        : "However they are turned, they do not pass.",
                    Verdict.Stop, "Distance of the bolts times sin of the turn, less the leg.", folded.Turn is { } turn
                        ? [new Remedy.Change($"Turn them by {Figures.Plain(turn)}°", new Dictionary<string, string> { ["turned"] = Figures.Number(turn) })]
                        : [Lie("over", "Fold one under the other")]);
                yield return Judge.AtLeast("room", "room to the frame's long side", p.Number("room")!.Value, folded.Aside(turned) + gap,
                    "The leg that folds outwards stays clear of it.", "Turned, a leg that folds outwards runs into it: set the hinges further in, or let the "
                        + "legs lie one under the other.", Verdict.Stop, "Reach times sin of the turn, and half of the leg.",
                    Lie("over", "Fold one under the other"));
                yield return Judge.AtLeast("pairs", "between the legs of both pairs", folded.Pairs(turned, p.Number("pairs")!.Value), gap,
                    "The pairs stay clear of each other.", "The leg of one pair runs into the one beside it: set the pairs further apart.", Verdict.Stop,
                    Geometry);
                break;
            default:
                yield return Judge.AtLeast("passes", "end of a folded leg to the other hinge", folded.Between - folded.Reach - folded.Hinge.Along, gap,
                    "It ends before the hinge of the other end.", "The leg is so long that it runs into the hinge of the other end: turn them past each other.",
                    Verdict.Stop, Geometry, folded.Turn is not null ? [Lie("beside", "Turn them past each other")] : []);
                yield return new("order", "order of folding", Verdict.Watch, "The end that hangs lower folds last and unfolds first.",
                    $"{Figures.Mm(r.Lower)} lower", "one order only", "What lies under another comes out first.", []);
                break;
        }

        yield return Judge.AtMost("frame", "what is folded, below the table", r.FoldedDeep, p.Number("frame")!.Value, "It lies within the frame.",
            "It stands out below the frame: a thinner plate, or legs that are turned past each other.", Verdict.Watch, Geometry);
    }

    private static IEnumerable<Check> Turns(LegReckoning r)
    {
        var least = r.Leg.Realised.Value - (2 * r.Leg.Realised.StandardUncertainty);
        yield return Judge.AtLeast("turns", "least clearance beside the leg", least, 0.05, "It turns even if it comes out close.",
            "It may come out too close to turn: print the fork first.", Verdict.Watch, "Law of sizes, k = 2.", new Remedy.Prove("Print the fork first"));
        yield return r.Stands ? Judge.AtLeast("swings", "leg above the bolt", r.Above.Value, r.Thick / 2, "Its rounded corner turns past the plate.",
                "So near its end the leg does not turn past the plate: more of it above the bolt.", Verdict.Stop, "Circle about the bolt.",
                LegHingeFamily.Above.To(Math.Ceiling(r.Thick / 2), "Leave {0} above the bolt"))
            : Judge.AtLeast("swings", "corner of the leg's end to the plate", r.Drop.Value - r.Corner, LegReckoning.Free, "Its corners turn free.",
                "Its corners meet the plate.", Verdict.Stop, "Circle about the bolt.");
        yield return Judge.AtLeast("plate.front", "plate over the cheeks", r.PlateFront, r.Front, "The cheeks end under the plate.",
            "The plate is shorter than the cheeks: a longer plate, or less of the leg above its bolt.", Verdict.Stop, Geometry,
            LegHingeFamily.PlateLong.To(Math.Ceiling(r.Front - r.BackEnd), "Make the plate {0} long"));
        var stop = r.StopTop - r.Bottom;
        yield return Judge.AtLeast("stop", "height of the stop", stop, 5, "The leg stands against it.", "No stop is left to stand against: lower cheeks.",
            Verdict.Stop, "Common practice, no published source.",
            LegHingeFamily.Down.To(Math.Ceiling(r.Down.Value + 5 - stop), "Let the cheeks end {0} below the bolt"));
    }

    /// <summary>What keeps it open: a push at the foot, the way it folds.</summary>
    private static IEnumerable<Check> Held(LegReckoning r, ParameterValues p)
    {
        const string Title = "kept unfolded", Source = "Moments about the bolt.";
        var push = r.Load.Push.Value;
        if (r.Lock == LegLock.Bolt)
        {
            yield return Judge.AtLeast("locks", "second bolt below the first", r.LockDown, r.Pivot.Reach + 1, "It stands clear of the first one.",
                "The cheeks are too low for a second bolt.", Verdict.Stop, "Boss rules of common practice, no published source.",
                LegHingeFamily.Down.To(Math.Ceiling(r.Down.Value + r.Pivot.Reach + 1 - r.LockDown), "Let the cheeks end {0} below the bolt"));
            yield break;
        }

        var clicks = r.Spring is null ? 0 : r.Spring.Clicks?.Value * r.LockDown / r.Reach;
        if (clicks is not { } extra)
        {
            yield return Strength.Used("kept", Title, push, null, "N", "", "", Source);
            yield break;
        }

        var kept = r.Load.Kept.Value + extra;
        yield return new("kept", Title, kept >= push ? Verdict.Good : Verdict.Stop, kept >= push ? "No push that was asked for folds it."
                : "A push that was asked for folds it: lock it with a second bolt.", $"{Strength.Said(kept, "N")} at its foot",
            $"{Strength.Said(push, "N")} or more", $"{Source} What is on the table is not counted.", kept >= push ? []
                : [new Remedy.Change("Lock it with a second bolt", new Dictionary<string, string> { ["lock"] = "bolt" })]);
        if (r.Spring is not { } spring || r.Material is not { } material)
        {
            yield break;
        }

        var borne = material.Strain(Lifetime.OfADay(p.Number("folds")!.Value)).Value;
        yield return Strength.Used("spring.bends", "spring, as its bump is lifted", 100 * spring.Strain(spring.Thick.Value), 100 * borne,
            "%", "It bears being lifted as often as that.", "It tires and breaks: a thinner spring, a lower bump, or lower cheeks.", "3 t δ / 2 L².", () =>
                Strength.Best(new StrengthChoice("springThick", "spring", spring.Thick.Value, 0.8, t => spring.Strain(t) / borne)));
        const double Hand = 80;
        yield return Judge.Of("spring.clicks", "push at the foot that clicks it out", extra <= Hand, "A hand clicks it out.",
            "A hand hardly clicks it out: a thinner spring, or a lower bump.", Verdict.Watch, Strength.Said(extra, "N"), $"{Hand:0} N or less",
            "Common practice, no published source.");
    }

    /// <summary>Play, and the wood of the leg.</summary>
    private static IEnumerable<Check> Stands(LegReckoning r, ParameterValues p)
    {
        var play = r.Play.Value + (2 * r.Play.StandardUncertainty);
        var allowed = p.Number("play")!.Value;
        // Cheeks and what is above the bolt hold it together.
        var wanted = Math.Ceiling((play / allowed * (r.Above.Value + r.Down.Value)) - r.Above.Value);
        yield return Judge.AtMost("play", "play at the foot, to each side", play, allowed, "It stands firm.",
            "Its foot plays more than is allowed: lower cheeks, or a closer fit.", Verdict.Watch, "Clearance over the length that is held; k = 2.",
            wanted <= 200 ? [LegHingeFamily.Down.To(wanted, "Let the cheeks end {0} below the bolt")] : []);
        var d = Hardware.Diameter(r.Bolt).Value;
        yield return Judge.AtLeast("wood.end", "wood above the bolt", r.Above.Value, 4 * d, "The leg does not split at its end.",
            "So near its end the leg splits: more of it above the bolt.", Verdict.Watch,
            "Four diameters, as wood standards have it for bolts (National Design Specification; from memory).",
            4 * d <= 100 ? [LegHingeFamily.Above.To(Math.Ceiling(4 * d), "Leave {0} above the bolt")] : []);
        yield return Judge.AtLeast("wood.side", "wood beside the bolt", (r.Thick - d) / 2, d, "Enough of the leg stays beside the bolt.",
            "The bolt takes too much of the leg: a thinner bolt.", Verdict.Watch, "One diameter at each side; common practice, no published source.");
    }

    /// <summary>A push on the table is a moment in every leg at its hinge.</summary>
    private static IEnumerable<Check> Bears(LegReckoning r)
    {
        const string Pushed = "as the table is pushed", Third = "a third of the strength.";
        var (push, d, cheek, material) = (r.Load.Push.Value, Hardware.Diameter(r.Bolt).Value, r.Cheek.Value, r.Material);
        var moment = push * r.Reach;
        // Out, its stop's lower end and the bolt hold it; in, the second bolt does.
        var arm = r.Lock == LegLock.Bolt ? Math.Min(r.LockDown, r.Down.Value) : r.Down.Value;
        var atBolt = (moment / arm) + (r.Stands ? 0 : r.Load.Weight.Value);
        var bears = material?.Along.Value * 2 / PrintedMaterial.Safety;
        yield return Strength.Used("bolt.bears", $"cheeks around the bolt, {Pushed}", atBolt / (2 * cheek * d), bears, "MPa",
            "The bolt does not widen its holes.",
            "The bolt widens its holes: thicker cheeks, lower ones, or a thicker bolt.", "Force over bolt and cheeks; two thirds of the strength.",
            () => Strength.Best(new StrengthChoice("cheek", "cheek", cheek, 30, k => atBolt / (2 * k * d) / bears!.Value)));
        const double Wood = LegReckoning.WoodCrushes / LegReckoning.WoodAllowed;
        yield return Strength.Used("wood.bears", $"wood around the bolt, {Pushed}", atBolt / (r.Leg.Counterpart.Value * d), Wood, "MPa",
            "The bolt does not crush the leg.", "The bolt crushes the leg: lower cheeks, or a thicker bolt.",
            "Softwood crushes along its grain at about 25 MPa, a quarter of it; common practice, no published source.");
        // To the side: cheeks and back are one channel on the plate.
        var (deep, across) = (r.Front - r.BackEnd, r.Gap + cheek);
        var (along, layers) = (material?.Along.Value / PrintedMaterial.Safety, material?.Across.Value / PrintedMaterial.Safety);
        var root = r.OnBack ? along : layers;
        yield return Strength.Used("channel.bends", $"cheeks at the plate, {Pushed} to its side", push * (r.Reach + r.Drop.Value) / (across * deep * cheek),
            root, "MPa", "They do not break off the plate.", "They break off the plate: thicker cheeks, or print it on its back.",
                $"Two flanges of a channel; {Third}",
            () => Strength.Best(new StrengthChoice("cheek", "cheek", cheek, 30, k =>
                push * (r.Reach + r.Drop.Value) / ((r.Gap + k) * deep * k) / root!.Value)));
        // Each cheek bends about the edge of the stop: the leg presses it at two thirds of what it holds.
        var (side, free) = (moment / (2.0 / 3 * (r.Above.Value + r.Down.Value)), r.Front - r.StopAt(r.Bottom));
        var leaf = r.OnBack ? layers : along;
        double Bent(double k) => 6 * side * free / 2 / ((r.StopTop - r.Bottom) * k * k);
        yield return Strength.Used("cheek.bends", $"cheek beside the leg, {Pushed} to its side", Bent(cheek), leaf, "MPa", "It is not bent open.",
            "It is bent open: thicker cheeks, or lower ones.", $"A leaf held along the stop; {Third}",
            () => Strength.Best(new StrengthChoice("cheek", "cheek", cheek, 30, k => Bent(k) / leaf!.Value)));
        if (!r.Stands)
        {
            yield return Strength.Used("weight.bears", "cheeks under the table's weight", r.Load.Weight.Value / (2 * cheek * d),
                bears is { } b && material is { } m
                ? b * m.KeptForADay(warm: false).Value : null, "MPa", "The bolt bears it for years.",
                "It creeps until the leg's end stands on the plate: let the leg's end bear, or thicker cheeks.",
                "Force over bolt and cheeks; what is left of two thirds of the strength under a lasting load.");
        }
    }

    private static IEnumerable<Check> Screwed(LegReckoning r)
    {
        var moment = r.Load.Push.Value * (r.Reach - r.PivotZ);
        // Over an edge of the plate: to the side one row pulls, along the way it folds the row farther from that edge.
        var (row, aside) = (r.Screws.Count / 2, r.Screws.Max(s => s.X));
        var along = r.Hidden ? 2 : row;
        double Arm() => Math.Min(r.Screws.Max(s => s.Y) - r.BackEnd, r.PlateFront - r.Screws.Min(s => s.Y));
        var pull = Math.Max(moment / (aside + r.Side) / row, moment / Arm() / along);
        yield return Strength.Used("screws.pull", "screws, as the table is pushed", pull, r.Bears.Value, "N", "They are not drawn out of the table.",
            "They are drawn out of the table: longer or thicker screws, a longer plate, or four screws beside the cheeks.",
            "Moments about an edge of the plate; Wood Handbook, softwood, a quarter of it.", () => Strength.Best(new StrengthChoice("plateLong",
                "plate's length",
                r.PlateLong.Value, 300, l => Math.Max(moment / (aside + r.Side) / row, moment / (Arm() + (l - r.PlateLong.Value)) / along) / r.Bears.Value)));
        foreach (var check in r.Screw.Checks.Concat(r.Pivot.Checks).Append(r.Takes.Check).Append(r.BoltLong.Check))
        {
            yield return check;
        }

        yield return r.Screw.SeatCheck("screw.seat", "screw", 1.5, LegHingeFamily.Plate.To(Math.Ceiling(r.Screw.Recess + 1.5), "Make the plate {0} thick"));
        yield return r.Hidden
            ? Judge.AtLeast("hidden", "leg over the heads of its screws", Math.Min(r.Leg.Counterpart.Value / 2 - r.HiddenAside, r.Thick / 2) - r.HeadRadius,
                0.5,
                "Nobody sees a screw once it is unfolded.", "The leg does not hide them: smaller screws, or screws beside the cheeks.", Verdict.Stop, Geometry,
                new Remedy.Change("Put them beside the cheeks", new Dictionary<string, string> { ["screwsAt"] = "beside" }))
            : Judge.AtLeast("screws.apart", "screws of one side, apart", r.Screws.Max(s => s.Y) - r.Screws.Min(s => s.Y), 2 * r.Screw.Reach,
                "They do not meet.", "The plate is too short for two screws in a row.", Verdict.Stop, Geometry,
                LegHingeFamily.PlateLong.To(Math.Ceiling(r.PlateLong.Value + (2 * r.Screw.Reach) - (r.Screws.Max(s => s.Y) - r.Screws.Min(s => s.Y))),
                    "Make the plate {0} long"));
        if (r.Hidden)
        {
            yield return Judge.AtLeast("screws.apart", "screws behind the leg, apart", 2 * r.HiddenAside, 2 * r.HeadRadius + 2, "They do not meet.",
                "Behind so narrow a leg there is no room for two screws.", Verdict.Stop, Geometry,
                new Remedy.Change("Put them beside the cheeks", new Dictionary<string, string> { ["screwsAt"] = "beside" }));
        }
    }
}
