namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>What is judged about an adapter, in the order of the work.</summary>
internal static class AdapterChecks
{
    private const string CommonPractice = "Common practice, no published source.";

    /// <summary>The least opening that is built, mm: less closes while it prints.</summary>
    private const double LeastBore = 1;

    /// <summary>Whether the walls leave an opening all along.</summary>
    public static bool LeavesBore(AdapterReckoning r) => r.Ends.All(e => e.Narrowest >= LeastBore);

    /// <summary>Whether straight lines can join the two ends.</summary>
    public static bool CanBeJoined(AdapterReckoning r) => r.Ends.All(AdapterOutline.CanBeJoined);

    /// <summary>Greatest extent of an end across the axis, mm.</summary>
    public static double Across(EndReckoning end) =>
        end.Duct is { } duct ? Math.Max(end.Outside.Value, duct.Drawn.Value + (end.Outside.Value - end.Drawn.Value)) : end.Outside.Value;

    public static IEnumerable<Check> Of(AdapterReckoning r, AdapterParameters p, Brief brief, double chance)
    {
        foreach (var end in r.Ends.Where(e => e.Duct is not null))
        {
            yield return Outline(end);
        }

        foreach (var end in r.Ends)
        {
            yield return ReadingChecks.Of($"{end.Parameters.Slot}.readings", $"{end.Parameters.Slot} end measured", end.Interface, end.Fitted.Of.Dimension);
        }

        foreach (var end in r.Ends.Where(e => e.Parameters.Join == Join.Inside || e.Narrowest < LeastBore))
        {
            yield return Bore(end, r, brief.Process);
        }

        foreach (var end in r.Ends)
        {
            yield return Depth(end);
        }

        foreach (var hold in r.Ends.SelectMany(HoldChecks.Of))
        {
            yield return hold;
        }

        foreach (var end in r.Ends.Where(e => AdapterLadder.Most(e, e.Ladder.Sizes, brief.Process) < e.Ladder.Sizes.Count))
        {
            var most = AdapterLadder.Most(end, end.Ladder.Sizes, brief.Process);
            yield return new($"{end.Parameters.Slot}.ladder", $"{end.Parameters.Slot} ladder on the bed", Verdict.Watch,
                most < 2 ? "The bed takes no two of its rings side by side: there is no ladder, print the ring."
                    : $"The bed takes {most} of its rings: ask for fewer, or print the ring.", $"{end.Ladder.Sizes.Count} rings",
                    $"{Math.Max(0, most)} on {brief.Process.Printer}", "Plane geometry.",
                most < 3 ? [] : [new Remedy.Change($"Make it {most} rings", new Dictionary<string, string> { ["ladderRings"] = Figures.Number(most) })]);
        }

        // A strap carries its own hose: there is nothing to judge of the joint.
        if (p.Hangs is { Strap: false } hose)
        {
            yield return hose.Check([p.First, p.Second]);
        }

        yield return DutyCheck.Of(p.Duty, brief.Process);
        yield return ConeWall(r, brief.Process);
        yield return Overhang(r, firstDown: true);
        yield return Overhang(r, firstDown: false);
        if (p.Steady != Steady.None && LeavesBore(r) && CanBeJoined(r) && AdapterSteady.Under(r, p.WayUp, p.Steady, brief.Process) is null)
        {
            yield return new("steady", "what holds the print", Verdict.Watch,
                p.WayUp == "side" ? "Nothing is added: an adapter that lies has no rim on the bed."
                    : p.Steady == Steady.Ribs ? "Nothing is added: ribs carry a round part that grows wider upwards." : "Nothing is added.",
                "nothing added", "something to hold", "Plane geometry.",
                [new Remedy.Change("Take a wider foot, first end down", new Dictionary<string, string> { ["steady"] = "foot", ["wayUp"] = "first" })]);
        }

        var width = r.Ends.Max(Across);
        yield return BedCheck.Of(width, width, r.Height.Value, AdapterPrinting.Ways.First(w => w.Key == p.WayUp), brief.Process, Shorter(r, brief.Process));
        yield return ChanceCheck.Of(chance, [.. r.Ends.Select(e => (AdapterSeat.Of(e).Clearance, e.Interface, e.Fitted.Of.Dimension))],
            [.. r.Ends.SelectMany(e => e.Fitted.Contradictions)]);
    }

    private static Check Outline(EndReckoning end)
    {
        var slot = end.Parameters.Slot;
        var round = end.Parameters.Hold is Hold.Plain or Hold.Tape;
        var joins = AdapterOutline.CanBeJoined(end);
        return new($"{slot}.outline", $"{slot} outline", joins && round ? Verdict.Good : Verdict.Stop,
            !round ? $"{(end.Parameters.Hold is Hold.Clamp ? "A clamp" : end.Parameters.Hold is Hold.Ridge ? "A ridge" : "A taper")} needs a round end; "
                + "this one is held by its fit."
                : joins ? "Every side is seen from the axis: straight walls can join it to the other end."
                : "A side of the outline hides behind another: straight walls cannot join it to the other end. Leave the pocket out, or round it off.",
            joins ? "seen whole" : "hidden in part", "seen whole", "Plane geometry.",
            round ? [] : [new Remedy.Change("Hold it by its fit", new Dictionary<string, string> { [$"{slot}Hold"] = "plain" })]);
    }

    private static Check Bore(EndReckoning end, AdapterReckoning r, Process process)
    {
        const double LeastShare = 0.7;
        var (slot, left, port, taken) = (end.Parameters.Slot, end.Narrowest, end.Fitted.Counterpart.Value, Math.Abs(end.Growth?.Value ?? 0));
        var share = left < LeastBore ? 0 : left * left / (port * port);
        // The thickest wall of whole lines that leaves the wanted share of the port, where the cuff is narrowest.
        Remedy[] thinner = share < LeastShare && end.Parameters.Join == Join.Inside
            && WholeLines((end.Outside.Value - taken - (Math.Sqrt(LeastShare) * port)) / 2, process) is { } wall
            ? [new Remedy.Change($"Make the wall {Figures.Mm(wall)}", new Dictionary<string, string> { ["wall"] = Figures.Number(wall) })]
            : [];
        Remedy[] straight = taken > 0 && share < LeastShare ? [new Remedy.Change("Leave the taper away",
            new Dictionary<string, string> { [$"{slot}Hold"] = "plain" })] : [];
        var (key, title, where) = ($"{slot}.bore", $"{slot} end leaves a bore", taken == 0 ? "" : end.Parameters.Join == Join.Inside
            ? " at its mouth" : " at its root");
        return left < LeastBore
            ? new(key, title, Verdict.Stop,
                $"Two walls of {Figures.Mm(r.Wall.Value)}{(taken > 0 ? $" and the taper over {Figures.Mm(end.Cuff.Value)}" : "")} leave no bore{where}.",
                Figures.Mm(left), $"{Figures.Mm(LeastBore)} or more", "Plane geometry.", [.. thinner, .. straight])
            : new(key, title, share >= LeastShare ? Verdict.Good : Verdict.Watch,
                $"The plug leaves {Figures.Percent(share)} of the opening it goes into{where}.", Figures.Percent(share),
                    $"{Figures.Percent(LeastShare)} or more", CommonPractice, [.. thinner, .. straight]);
    }

    private static double? WholeLines(double wall, Process process)
    {
        var count = Math.Floor((wall / process.LineWidth) + 1e-9);
        return count >= 1 ? count * process.LineWidth : null;
    }

    private static Check Depth(EndReckoning end)
    {
        var slot = end.Parameters.Slot;
        var dimension = end.Interface["depth"];
        var (key, title) = ($"{slot}.depth", $"{slot} cuff and depth");
        if (Measuring.Evaluation.Of(end.Interface, dimension.Key) is not { } depth)
        {
            return new(key, title, Verdict.Watch,
                $"{dimension.Name} has not been read: whether a cuff of {Figures.Mm(end.Cuff.Value)} bottoms out is not known.",
                "no reading", $"{Figures.Mm(end.Cuff.Value)} or more", "Plane geometry.",
                [new Remedy.Measure($"Measure {dimension.Name}", dimension.Interface, dimension.Key)]);
        }

        var room = depth.Quantity.Value;
        var fits = end.Cuff.Value <= room;
        var nearest = Math.Floor(room * 2) / 2;
        return new(key, title, fits ? Verdict.Good : Verdict.Watch,
            fits ? "The cuff seats before it bottoms out." : $"The cuff is {Figures.Mm(end.Cuff.Value - room)} longer than there is room for.",
            Figures.Mm(end.Cuff.Value), $"{Figures.Mm(room)} or less", "Plane geometry.",
            fits || nearest < 3 ? [] : [new Remedy.Change($"Make the cuff {Figures.Mm(nearest)}",
                new Dictionary<string, string> { [$"{slot}Cuff"] = Figures.Number(nearest) })]);
    }

    private static Check ConeWall(AdapterReckoning r, Process process)
    {
        if (r.Transition is Transition.Step)
        {
            return new("wall", "wall of the shelf", Verdict.Good, "The shelf is as thick as the wall.", Figures.Mm(r.ConeLength.Value),
                Figures.Mm(r.Wall.Value), CommonPractice, []);
        }

        var leaning = Quantity.Cos(r.ConeAngle);
        var normal = (r.Wall * leaning).Value;
        var limit = Math.Min(r.Wall.Value, 1.5 * process.LineWidth);
        var fits = normal >= limit && r.Wall.Value >= (2 * process.LineWidth) - 1e-9;
        var wanted = Math.Max(2, Math.Ceiling(1.5 / leaning.Value)) * process.LineWidth;
        return new("wall", "wall on the cone", fits ? Verdict.Good : Verdict.Watch,
            fits ? "The wall stays tight where the cone leans." : "Where the cone leans, the wall is thin enough to leak air or crack.",
            $"{Figures.Mm(normal)} square to the surface, {Math.Round(r.Wall.Value / process.LineWidth):0} lines",
                $"{Figures.Mm(1.5 * process.LineWidth)} and 2 lines", CommonPractice,
            fits ? [] : [new Remedy.Change($"Make the wall {Figures.Mm(wanted)}", new Dictionary<string, string> { ["wall"] = Figures.Number(wanted) })]);
    }

    private static Check Overhang(AdapterReckoning r, bool firstDown)
    {
        const double Limit = 45;
        var angle = r.ConeAngle.Value;
        var grows = r.Second.Outside.Value > r.First.Outside.Value == firstDown;
        var shelf = grows ? "outside leans outwards" : "inside closes in like a shelf";
        var (down, key) = firstDown ? ("first", "overhang.first") : ("second", "overhang.second");
        var fits = angle <= Limit;
        return new(key, $"overhang, {down} end down", fits ? Verdict.Good : Verdict.Watch,
            fits ? $"The {shelf}, gently enough to print without support."
                : r.Transition is Transition.Step ? $"The {(grows ? "outside jumps outwards" : "inside closes at once")}: a flat shelf in the air droops."
                : $"The {shelf}. Cones as steep as this are known to print when they close in slowly, with a rougher skin.",
            Figures.Degrees(angle), $"{Figures.Degrees(Limit)} from the vertical", CommonPractice,
            fits ? [] : [new Remedy.Change($"Lean it {Figures.Degrees(Limit)}",
                new Dictionary<string, string> { ["coneBy"] = "angle", ["coneAngle"] = Figures.Number(Limit) })]);
    }

    private static Remedy[] Shorter(AdapterReckoning r, Process process)
    {
        var room = Math.Floor(r.ConeLength.Value - (r.Height.Value - process.BuildHeight));
        return r.Height.Value > process.BuildHeight && room >= 1
            ? [new Remedy.Change($"Make the cone {Figures.Mm(room)} long",
                new Dictionary<string, string> { ["coneBy"] = "length", ["coneLength"] = Figures.Number(room) })]
            : [];
    }
}
