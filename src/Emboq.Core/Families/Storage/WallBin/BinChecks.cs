namespace Emboq.Core.Families.Storage.WallBin;

/// <summary>What is judged about a bin.</summary>
internal static class BinChecks
{
    private const string CommonPractice = "Common practice, no published source.";

    public static IEnumerable<Check> Of(BinReckoning r, ParameterValues p, Brief brief, double chance)
    {
        yield return ReadingChecks.Of("item.readings", "box measured", r.Width.Place, "width");
        yield return Grasp(r);
        yield return Keeps(r);
        if (r.Hole is { } hole)
        {
            var deep = Math.Max(1.2, 2 * brief.Process.LineWidth);
            yield return hole.WallCheck("screw.wall", "screw, towards the edge",
                Math.Min(BinShape.ScrewPlaces(r).Min(s => Math.Min(r.Back.Value - s.Z, s.Z - r.Floor.Value)), (r.Width.Drawn.Value / 4) + r.Wall.Value),
                new Remedy.Change($"Make the back {Figures.Mm(r.Back.Value + 10)} high",
                    new Dictionary<string, string> { ["back"] = Figures.Number(r.Back.Value + 10) }));
            var wanted = Math.Ceiling((hole.Recess + deep) * 5) / 5;
            yield return hole.SeatCheck("screw.seat", "screw", deep, new Remedy.Change($"Make the walls {Figures.Mm(wanted)}",
                new Dictionary<string, string> { ["wall"] = Figures.Number(wanted) }));
            yield return r.Screw!.Check;
            yield return hole.WallCheck("screw.between", "screw, towards the other", r.Width.Drawn.Value / 4, []);
            foreach (var check in hole.Checks)
            {
                yield return check;
            }
        }

        if (r.Stacks)
        {
            var rim = BinShape.Lip(r) >= 0.5;
            yield return new("rim", "stacking rim", rim ? Verdict.Good : Verdict.Stop, rim ? "The rim keeps the next bin from sliding."
                : "The walls are too thin for a rim that the next bin stands in.",
                Figures.Mm(Math.Max(0, BinShape.Lip(r))), "0.5 mm or more", CommonPractice, rim ? []
                    : [new Remedy.Change("Make the walls 3 mm", new Dictionary<string, string> { ["wall"] = "3" })]);
            var inside = r.Back.Value - r.Floor.Value;
            var room = inside + (r.Spacer?.Value ?? 0);
            var fits = room >= r.Item.Value;
            yield return new("stack", "stacking", fits ? Verdict.Good : Verdict.Watch,
                !fits ? "The box stands higher than the back: the next bin stacks only on an empty one."
                    : r.Spacer is null ? "The next bin stands in the rim above the box." : "The next bin stands on its spacer, above the box.",
                Figures.Mm(room), $"{Figures.Mm(r.Item.Value)} of box", "Plane geometry.", fits ? []
                    : [new Remedy.Change("Make a spacer", new Dictionary<string, string> { ["spacer"] = "frame" })]);
        }

        yield return Row(r, p);
        foreach (var check in r.Label is null ? [] : Label.Checks(r.Label.Words, brief, faceDown: false))
        {
            yield return check;
        }

        if (r.Label is { Words: { } words } front)
        {
            yield return Judge.AtLeast("behind", "wall behind the letters", (front.Holder is null ? r.Wall.Value : BinHolder.Thick) - words.CutIn, 0.6,
                "Enough stays behind the letters.", "The letters cut through.", source: CommonPractice);
        }

        if (r.Label?.Holder is { } holder)
        {
            yield return Judge.AtLeast("plate", "room for a label plate", Math.Min(holder.Window.Value, holder.PlateHigh.Value), 10,
                "A plate with words that can be read goes in.", "The front is too small for a plate.", source: CommonPractice,
                remedies: new Remedy.Change("Put the words on the bin itself", new Dictionary<string, string> { ["labelled"] = "front" }));
        }
        if (r.Load is { } load)
        {
            foreach (var check in Loaded(load))
            {
                yield return check;
            }
        }

        yield return ChanceCheck.Of(chance, [(r.Width.Realised, r.Width.Place, "width"), (r.DepthRealised, r.Width.Place, "depth")], r.Width.Contradictions);
    }

    private static Check Grasp(BinReckoning r)
    {
        const double Least = 15;
        var left = r.Item.Value + r.Floor.Value - r.Back.Value;
        var overFront = r.Item.Value + r.Floor.Value - r.Front.Value;
        var fits = Math.Max(left, overFront) >= Least;
        var front = Math.Floor(r.Item.Value + r.Floor.Value - 20);
        return new("grasp", "the box can be grasped", fits ? Verdict.Good : Verdict.Watch, fits ? "Fingers reach the box over the front."
            : "The bin hides the box: it has to be shaken out.",
            $"{Figures.Mm(overFront)} above the front", $"{Figures.Mm(Least)} or more", CommonPractice,
            fits || front < 5 ? [] : [new Remedy.Change($"Make the front {Figures.Mm(front)} high",
                new Dictionary<string, string> { ["front"] = Figures.Number(front) })]);
    }

    private static Check Keeps(BinReckoning r)
    {
        var inside = r.Front.Value - r.Floor.Value;
        var fits = inside >= 4;
        return new("keeps", "the box stays in", fits ? Verdict.Good : Verdict.Stop, fits ? "The front holds the box back."
            : "The front does not reach above the floor: the box slides out.",
            Figures.Mm(inside), "4 mm or more", CommonPractice, fits ? []
                : [new Remedy.Change("Let the front follow the back", new Dictionary<string, string> { ["front"] = "" })]);
    }

    private static Check Row(BinReckoning r, ParameterValues p)
    {
        var fits = r.InARow.Value >= 1;
        return new("row", "bins along the strip", fits ? Verdict.Good : Verdict.Watch, fits ? $"{r.InARow.Value:0} of them fit side by side."
            : "Not even one fits the strip.",
            $"{Figures.Mm(r.OuterWidth.Value)} each", $"{Figures.Mm(p.Number("strip")!.Value)} in all", "Plane sums, a millimetre between neighbours.", []);
    }

    private static IEnumerable<Check> Loaded(BinLoad load)
    {
        const double MostSag = 0.5, MostPull = 120;
        var stiff = load.Sag.Value <= MostSag;
        yield return new("sag", "sag under the load", stiff ? Verdict.Good : Verdict.Watch, stiff
            ? "It stays straight; over months it creeps to two or three times this." : "The front hangs visibly: thicken the floor, or raise the front.",
            Figures.Mm(load.Sag.Value), $"{Figures.Mm(MostSag)} or less",
                "Roark's Formulas, cantilever with even load (from memory); 2 GPa by common practice.", []);
        var holds = load.Pull.Value <= MostPull;
        yield return new("pull", "pull on the upper fixing", holds ? Verdict.Good : Verdict.Watch, holds
            ? "Two wood screws in sound wood hold that many times over." : "More than two small screws should hold for years: use a rail into studs.",
            FormattableString.Invariant($"{load.Pull.Value:0.#} N"), $"{MostPull} N or less", CommonPractice, []);
    }
}
