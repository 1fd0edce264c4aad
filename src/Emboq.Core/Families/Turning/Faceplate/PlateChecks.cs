using Emboq.Core.Families.Turning.Spindle;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.Faceplate;

/// <summary>Judgements of a faceplate: that it runs true, bears a catching tool and its own speed, and that no figure vouches for what was not
/// proved.</summary>
internal static class PlateChecks
{
    public static IEnumerable<Check> Of(PlateReckoning r, Brief brief, Ledger ledger)
    {
        var (turns, material) = (r.Turns, r.Material);
        foreach (var check in turns.Refused(material).Concat(Spindle.TurnedWork.Unscrews(brief.Parameters)).Concat(r.Socket.Checks())
            .Append(PrintedThread.Stands(r.Socket.Scope, r.Way.Key == FaceplateFamily.Ways[0].Key)).Concat(Room(r)))
        {
            yield return check;
        }

        var shares = Shares(r, brief.Process.Density).ToList();
        foreach (var share in shares)
        {
            yield return share.Check;
        }

        if (r.Glued is { } glued)
        {
            var (still, grows) = turns.Moment(0);
            double Pulls(double across) => 32 * (still + grows) / (Math.PI * Math.Pow(across, 3));
            yield return Strength.Used("glue", "glued face", Pulls(glued.Value), Glue, "MPa", "Good glue on flat wood bears a catching tool.",
                "A catching tool tears it off: a larger face, or screws into the work.",
                "Bending of a round face; a quarter of 2 MPa across the grain; common practice, no published source.",
                () => Strength.Best(new StrengthChoice("glued", "glued face", glued.Value, Math.Min(400, turns.Work.Across.Value), d => Pulls(d) / Glue)));
        }

        yield return Tires(r, brief.Parameters.Number("hours")!.Value);
        yield return Settings(r, brief.Process);
        foreach (var check in turns.Checks([.. shares.Select(s => (s.What, turns.Most(s.Stays, s.Grows)))], ledger))
        {
            yield return check;
        }

        yield return DutyCheck.Of("years", brief.Process);
        yield return ChanceCheck.Of(r.Socket.Thread.Chance, [(r.Socket.Thread.Realised, r.Socket.Thread.Place, "outside")], r.Socket.Thread.Contradictions);
        yield return BedCheck.Of(r.Across.Value, r.Across.Value, r.High, r.Way, brief.Process);
        yield return ProvedCheck.Of(brief, FaceplateFamily.Family.Words,
            "Drop a print of it on stone, strike it with a mallet, and run it empty and slowly behind a guard, then faster");
    }

    /// <summary>What good glue between flat faces of wood is allowed, MPa.</summary>
    private const double Glue = 0.5;

    /// <summary>What is used at the asked speed of one thing that bears: a share that stays, and one that grows with the square of the speed.</summary>
    private sealed record Share(string What, double Stays, double Grows, Check Check);

    private static IEnumerable<Share> Shares(PlateReckoning r, double density)
    {
        var (turns, material, socket) = (r.Turns, r.Material, r.Socket);
        var (still, grows) = turns.Moment(r.Plate.Value);
        double? Along(double solid) => material?.Along.Value / PrintedMaterial.Safety * solid;
        double? Across(double solid) => material?.Across.Value / PrintedMaterial.Safety * solid;
        Share Of(string what, double stays, double more, double? bears, Func<double?, Check> check) =>
            bears is { } b ? new(what, stays / b, more / b, check(b)) : new(what, 0, 0, check(null));

        var spins = r.Spins(density);
        yield return Of("the plate's own speed", 0, spins, Along(r.Solid.Plate), bears => Strength.Used("disc", "plate, spinning", spins, bears, "MPa",
            "Its own speed hardly strains it: the work and the tool decide.", "Its own speed tears it.",
            "A spinning disc with a hole (Timoshenko; Roark); a third of the strength along its lines, and no more of it than is printed solid."));
        double Bent(double hub) => r.Bends(still + grows, hub);
        yield return Of("the hub", r.Bends(still, r.Hub), r.Bends(grows, r.Hub), Across(r.Solid.Hub), bears => Strength.Used("hub",
            "hub, when the tool catches",
            Bent(r.Hub), bears, "MPa", "It bears a tool that catches at the work's rim, at its far end.",
            "It breaks where hub meets plate: a thicker wall, ribs, or shorter work.",
            "Bending across the layers, ribs as far as they reach, the moment going over into the thread evenly; a third of the strength.",
            () => Strength.Best(new StrengthChoice("wall", "wall around the thread", r.Wall.Value, 60,
                w => Bent((socket.Thread.Drawn.Value / 2) + w) / bears!.Value))));
        // The thread is pulled at one side: as a thin ring, by 4 M / D all around.
        double Pulled(double moment) => socket.Sheared is > 0 and var area ? 4 * moment / socket.Thread.Counterpart.Value / area : double.PositiveInfinity;
        yield return Of("the thread", Pulled(still), Pulled(grows), Across(1) / 2, bears => Strength.Used("thread.strips", "thread, when the tool catches",
            Pulled(still + grows), bears, "MPa", "It bears it.", "It strips: shorter or narrower work, or a longer spindle.",
            SpindleSocket.ShearSource));
        double Screws(double moment) => 4 * moment / (r.Count * r.Circle.Value);
        yield return Of("the screws", Screws(turns.Moment(0).Still), Screws(turns.Moment(0).Unbalance), r.Bears.Value, bears => Strength.Used("screws",
            "screws in the work, when the tool catches", Screws(turns.Moment(0).Still + turns.Moment(0).Unbalance), bears, "N",
            "None of them is drawn out.", "The farthest is drawn out: longer or more screws, or a wider circle.",
            "4 M / (n D) at the farthest; Wood Handbook, softwood, a quarter of it, half as much in end grain.", () => More(r)));
    }

    private static IEnumerable<Remedy> More(PlateReckoning r) => r.Count < 8
        ? [new Remedy.Change("Take eight screws", new Dictionary<string, string> { ["screws"] = "8" })] : [];

    private static IEnumerable<Check> Room(PlateReckoning r)
    {
        var wide = Math.Ceiling((2 * (r.Hub + (2 * r.Screw.Reach))) + 2);
        yield return Judge.AtLeast("plate.wide", "plate past its hub", r.Radius - r.Hub, 2 * r.Screw.Reach, "Screws have their room beside the hub.",
            "Between hub and rim there is no room for the screws: a wider plate.", Verdict.Stop, "Plane geometry.",
            wide <= 400 ? [FaceplateFamily.Across.To(wide, "Make it {0} across")] : []);
        var circle = r.Circle.Value / 2;
        yield return r.Screw.WallCheck("screw.rim", "screw, to the rim", r.Radius - circle, Circled(r, 2 * (r.Radius - r.Screw.Reach)));
        yield return Judge.AtLeast("screw.hub", "screw heads beside the hub", circle - r.Hub, r.Screw.Reach, "A driver reaches them.",
            "The hub stands in the way of the screws: a wider circle.", Verdict.Stop, "Plane geometry.", Circled(r, 2 * (r.Hub + r.Screw.Reach)));
        var apart = circle * Math.Sin(Math.PI / r.Count);
        yield return r.Screw.WallCheck("screw.apart", "screw, towards the next", apart, Circled(r, 2 * r.Screw.Reach / Math.Sin(Math.PI / r.Count)));
        if (r.Ribbed)
        {
            yield return Judge.AtLeast("ribs.heads", "ribs beside the heads", apart - (r.Rib.Value / 2), r.Screw.Reach, "Heads lie beside the ribs.",
                "A rib stands on the heads: thinner ribs, fewer screws, or a wider circle.");
        }

        yield return r.Socket.HubCheck(r.Hub, FaceplateFamily.Wall);
        yield return Judge.AtMost("through", "hole through the middle", r.Through, Math.Max(0, r.Socket.Minor.Value - 2), "It passes within the thread.",
            "It cuts into the thread: a narrower hole.", Verdict.Stop, "Plane geometry.");
        yield return r.Takes.Check;
        yield return r.Screw.SeatCheck("screw.seat", "screw", 3, FaceplateFamily.Plate.To(Math.Ceiling(r.Screw.Recess + 3), "Make the plate {0}"));
        foreach (var check in r.Screw.Checks)
        {
            yield return check;
        }
    }

    private static IReadOnlyList<Remedy> Circled(PlateReckoning r, double circle) =>
        circle < r.Across.Value - (2 * r.Screw.Reach) + 0.01 && circle > 2 * (r.Hub + r.Screw.Reach) - 0.01
            ? [new Remedy.Change($"Set them on {Figures.Mm(circle)}", new Dictionary<string, string> { ["circle"] = Figures.Number(Math.Round(circle,
                2)) })] : [];

    /// <summary>A cut bends the hub to and fro at every turn: millions of times in hours.</summary>
    private static Check Tires(PlateReckoning r, double hours)
    {
        var left = Lifetime.Left(hours * 60 * r.Turns.Speed).Value;
        var bears = r.Material?.Across.Value / PrintedMaterial.Safety * r.Solid.Hub * left;
        double Bent(double hub) => r.Bends(r.Turns.Turning(r.Plate.Value), hub);
        return Strength.Used("hub.tires", "hub, turn after turn", Bent(r.Hub), bears, "MPa", "It bears being bent at every turn for so many hours.",
            "It tires: a thicker wall, ribs, shorter work, or a new plate sooner.",
            $"Cut as the motor drives; a third of the strength across layers, of which {Figures.Percent(left)} is left after so many turns; common practice.",
            () => Strength.Best(new StrengthChoice("wall", "wall around the thread", r.Wall.Value, 60,
                w => Bent((r.Socket.Thread.Drawn.Value / 2) + w) / bears!.Value)));
    }

    /// <summary>Solid as it is printed: what is hollow bears nothing, and splits from within.</summary>
    private static Check Settings(PlateReckoning r, Process process)
    {
        var share = Math.Min(r.Solid.Hub, r.Solid.Plate);
        var lines = Math.Ceiling(r.Wall.Value / 2 / process.LineWidth);
        return new("settings", "walls and fill", share >= 0.9 ? Verdict.Good : Verdict.Watch, share >= 0.9 ? "Hub and plate are printed as good as solid."
            : $"Hub or plate are partly hollow as {process.Name} prints them, and count only so far: {lines:0} walls, or all of it filled, make them solid.",
            $"{Figures.Percent(r.Solid.Hub)} of the hub, {Figures.Percent(r.Solid.Plate)} of the plate", "90 % or more",
            "Walls and skins as lines, the rest by its fill; common practice, no published source.", []);
    }
}
