using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.FlipHinge;

/// <summary>Judgements of a flip hinge: that it lies as high as asked, stays up, does not play, and bears being swung.</summary>
internal static class HingeChecks
{
    public static IEnumerable<Check> Of(HingeReckoning r, ParameterValues p)
    {
        yield return ReadingChecks.Of("pin.readings", "pin measured", r.Turns.Place, "diameter");
        var over = r.High.Value - r.Leaf.Value;
        yield return Judge.AtLeast("over", "leaf over the table", over, 0.5, "The leaf under the rail stays off the table.",
            "The leaf has no room between rail and table: a thinner leaf, or higher stock.", Verdict.Stop, "Plane geometry.", over >= 0.5 ? [] :
            r.High.Value > 2.5 ? [FlipHingeFamily.Leaf.To(Math.Floor((r.High.Value - 0.5) * 2) / 2, "Make the leaf {0}")]
                : [FlipHingeFamily.Stock.To(Math.Ceiling(r.Leaf.Value + 0.5), "Let {0} lie under it")]);
        yield return Judge.AtLeast("knuckles", "length of a knuckle", r.Spans(table: false).Min(s => s.To - s.From), 4, "Long enough to guide the pin.",
            "Its knuckles are slices: fewer of them, or a wider hinge.", Verdict.Stop, "Common practice, no published source.",
            FlipHingeFamily.Wide.To(Math.Ceiling((4 + r.Ends.Value) * r.Knuckles), "Make it {0} wide"));
        // Far past upright the heel's end swings back under the pin.
        var (sin, cos) = Math.SinCos(r.Swing * Math.PI / 180);
        var (back, aside) = (-cos, r.PivotX - r.Plate.Value + (r.Under * sin));
        yield return Judge.AtLeast("heel.clear", "heel from the plate, when it is up", aside - (r.Heel.Value * back), 0.5, "It comes to rest before the plate.",
            "So far past upright the heel runs into the plate: a shorter heel, or less past upright.", Verdict.Stop, "Plane geometry.",
            (aside - 0.5) / back is var most && most >= 5 ? [FlipHingeFamily.Heel.To(Math.Floor(most), "Make the heel {0}")] : []);
        yield return StaysUp(r);
        yield return Plays(r, p);
        foreach (var check in Turns(r).Concat(Bears(r)).Concat(Holds(r, p.Choice("woodScrew"))))
        {
            yield return check;
        }
    }

    /// <summary>Whether the rail reaches past the leaf and its heel, and balances past the pin.</summary>
    public static Check TooShort(Interface rail, ParameterValues p)
    {
        var (length, heel) = (Evaluation.Of(rail, "length")!.Quantity.Value, p.Number("heel")!.Value);
        var balance = Evaluation.Of(rail, "balance")?.Quantity.Value ?? (length / 2);
        var (has, least) = (Math.Min(length, 2 * balance), Math.Max(p.Number("leafLong")!.Value + heel, 2 * heel) + 1);
        var shorter = Math.Floor((has - heel) * 0.6);
        return Judge.AtLeast("long", "rail past the hinge", has, least, "The leaf lies under the rail alone.",
            "The rail, or twice the way to where it balances, is shorter than the leaf and its heel: a shorter leaf.", Verdict.Stop, "Plane geometry.",
            shorter >= 15 ? [FlipHingeFamily.LeafLong.To(shorter, "Let the leaf reach {0}")] : []);
    }

    private static Check StaysUp(HingeReckoning r)
    {
        var (leans, doubt) = (r.Leans.Value, 2 * r.Leans.StandardUncertainty);
        const double Least = 5;
        var sure = leans - doubt;
        var more = Math.Ceiling(r.Past.Value + Least - sure);
        return new("stays", "stays up by itself", sure >= Least ? Verdict.Good : sure > 0 ? Verdict.Watch : Verdict.Stop, sure >= Least
            ? "Its weight holds it on its heel." : sure > 0 ? "It stays up, but a bump may bring it down." : "It may fall back by itself.",
            $"{Figures.Plain(leans)}° past the pin, ± {Figures.Plain(doubt)}°", $"{Figures.Plain(Least)}° or more, less its doubt",
            "Middle of mass over the pin, k = 2; 5° against bumps is common practice, no published source.", sure >= Least || more > 45 ? []
                : [new Remedy.Change($"Let it rest {Figures.Plain(more)}° past upright", new Dictionary<string, string> { ["past"] = Figures.Number(more) })]);
    }

    private static Check Plays(HingeReckoning r, ParameterValues p)
    {
        var (play, allowed) = (r.Play.Value + (2 * r.Play.StandardUncertainty), p.Number("play")!.Value);
        // Ends stay; the rest goes with the width.
        var turning = play - r.Ends.Value;
        var wanted = turning <= 0 || allowed <= r.Ends.Value ? double.PositiveInfinity : Math.Ceiling(r.Wide.Value * turning / (allowed - r.Ends.Value));
        return Judge.AtMost("play", "play at the rail's tip", play, allowed, "The tip stays where it is wanted.",
            "The tip plays more than is allowed: a wider hinge, a closer fit, or smaller gaps between the knuckles.", Verdict.Watch,
            "Clearance over the length of the pin, drawn out to the tip, and the gap of the knuckles; k = 2.",
            wanted <= 200 ? [FlipHingeFamily.Wide.To(wanted, "Make it {0} wide")] : []);
    }

    private static IEnumerable<Check> Turns(HingeReckoning r)
    {
        var least = r.Turns.Realised.Value - (2 * r.Turns.Realised.StandardUncertainty);
        yield return Judge.AtLeast("turns", "least clearance of the pin", least, 0.05, "It turns even if it comes out close.",
            "It may come out too close to turn: print the test knuckles first.", Verdict.Watch, "Law of sizes, k = 2.",
            new Remedy.Prove("Print the test knuckles first"));
        yield return Judge.AtLeast("wall", "wall around the pin", r.Wall.Value, Math.Max(2, r.Turns.Drawn.Value / 4), "It holds a pin that is pushed in.",
            "The knuckle splits as the pin goes in.", Verdict.Watch, "Common practice, no published source.",
            FlipHingeFamily.Wall.To(Math.Ceiling(Math.Max(2, r.Turns.Drawn.Value / 4) * 2) / 2, "Make the wall {0}"));
    }

    /// <summary>Stopped as it is swung up, it pulls at pin and knuckles with its heel's force and its weight.</summary>
    private static IEnumerable<Check> Bears(HingeReckoning r)
    {
        const string Swung = "as it is stopped, swung up";
        var (pull, pin, material) = (r.Load.Heel.Value + (3 * r.Load.Weight.Value), r.Turns.Counterpart.Value, r.Material);
        var moving = r.Spans(table: false).Sum(s => s.To - s.From);
        double Longer(double heel) => (2 * r.Load.Moment.Value / heel) + (3 * r.Load.Weight.Value);
        IEnumerable<Remedy> Heels(Func<double, double> used) => Strength.Best(new StrengthChoice("heel", "heel", r.Heel.Value, 80, h => used(Longer(h))));
        var shear = PinSorts.Shear(r.Pin, material);
        double Sheared(double force) => force / ((r.Knuckles - 1) * Math.PI / 4 * pin * pin);
        yield return Strength.Used("pin.shears", $"pin, {Swung}", Sheared(pull), shear, "MPa", "It is not sheared off between the knuckles.",
            "It is sheared off between the knuckles: a steel pin, a thicker one, or a longer heel.",
            "Force over its sections; steel bears 100 MPa, plastic a sixth of what breaks it along its lines; common practice.",
            () => Heels(f => Sheared(f) / shear!.Value));
        double Torn(double force, double wall) => force / (2 * wall * moving);
        var tears = (r.OnSide ? material?.Along.Value : material?.Across.Value) / PrintedMaterial.Safety;
        yield return Strength.Used("knuckle.tears", $"knuckles, {Swung}", Torn(pull, r.Wall.Value), tears, "MPa", "They are not torn open.",
            "They are torn open: a thicker wall, a wider hinge, or print it on its side.", "Force over both sides of the ring; a third of the strength.",
            () => Strength.Best(new StrengthChoice("wall", "wall", r.Wall.Value, 20, w => Torn(pull, w) / tears!.Value)));
        // The plate bends over the edge of the table.
        var bending = r.Load.Moment.Value + (3 * r.Load.Weight.Value * r.PivotX);
        double Bent(double plate) => 6 * bending / (r.Wide.Value * plate * plate);
        var bends = (r.OnSide ? material?.Along.Value : material?.Across.Value) / PrintedMaterial.Safety;
        if (r.PlateTop > 0)
        {
            yield return Strength.Used("plate.bends", $"plate over the table's edge, {Swung}", Bent(r.Plate.Value), bends, "MPa", "It does not break there.",
                "It breaks over the table's edge: a thicker plate, or print it on its side.", "Bending; a third of the strength.",
                () => Strength.Best(new StrengthChoice("plate", "plate", r.Plate.Value, 30, t => Bent(t) / bends!.Value)));
        }
    }

    private static IEnumerable<Check> Holds(HingeReckoning r, string size)
    {
        var (edge, rail) = (r.Held, r.Carried);
        // About the lower edge of the plate, its screws half way up; about the rail's end, its far screw.
        var atEdge = (r.Load.Moment.Value + (3 * r.Load.Weight.Value * r.PivotX)) / (r.Drop.Value - r.ScrewsDown) / 2;
        yield return Strength.Used("edge.pulls", "screws in the table's edge", atEdge, edge.Bears.Value, "N", "They are not drawn out of the edge.",
            "They are drawn out of the edge: longer or thicker screws, or a plate that reaches further down.",
            "Moments about the plate's lower edge; Wood Handbook, softwood, a quarter of it.", () => Strength.Best(new StrengthChoice("drop", "plate's reach",
                r.Drop.Value, 200, d => atEdge * r.Drop.Value / d / edge.Bears.Value)));
        yield return Strength.Used("rail.pulls", "screws in the rail", r.Load.Moment.Value / (r.Heel.Value - r.ScrewsAlong.Last), rail.Bears.Value, "N",
            "They are not drawn out of the rail.", "They are drawn out of the rail: longer or thicker screws, or a leaf that reaches further.",
            "Moments about the rail's end; Wood Handbook, softwood, a quarter of it.", () => Strength.Best(new StrengthChoice("leafLong", "leaf's reach",
                r.LeafLong.Value, 300, l => r.Load.Moment.Value / (r.Heel.Value + l - (r.LeafLong.Value + r.ScrewsAlong.Last)) / rail.Bears.Value)));
        foreach (var (key, what, screws, thick, decision) in new[] { ("edge", "edge screw", edge, r.Plate.Value, FlipHingeFamily.Plate),
            ("rail", "rail screw", rail, r.Leaf.Value, FlipHingeFamily.Leaf) })
        {
            yield return screws.Takes.Check;
            if (key == "rail" || !r.IsSlotted)
            {
                yield return screws.Joint.SeatCheck($"{key}.seat", what, 1.5, decision.To(Math.Ceiling(screws.Joint.Recess + 1.5), "Make it {0} thick"));
            }

            foreach (var check in screws.Joint.Checks)
            {
                yield return check;
            }
        }

        yield return Judge.AtLeast("edge.apart", "screws of the plate, apart", 2 * r.ScrewsAside, 2 * edge.Joint.Reach, "They do not meet.",
            "The hinge is too narrow for two screws: make it wider.", Verdict.Stop, "Plane geometry.",
            FlipHingeFamily.Wide.To(Math.Ceiling((4 * edge.Joint.Reach) + 1), "Make it {0} wide"));
        if (r.Served is { } served)
        {
            var side = (r.Wide.Value / 2) - r.ScrewsAside;
            yield return edge.Joint.WallCheck("edge.side", "edge screw, to the hinge's side", side,
                FlipHingeFamily.Wide.To(Math.Ceiling(2 * (r.ScrewsAside + edge.Joint.Reach)), "Make it {0} wide"));
            if (!r.OnSide)
            {
                yield return Bridging.Of("edge.bridge", "roof of an edge screw's slot", served.Travel.Value);
            }
        }

        yield return Judge.AtLeast("edge.clear", "screws below the knuckles", r.PivotZ - r.Web + r.ScrewsDown, edge.Joint.Reach,
            "A driver reaches them beside the knuckles.", "The knuckles lie over the screws: a plate that reaches further down.", Verdict.Stop,
            "Plane geometry.", FlipHingeFamily.Drop.To(Math.Ceiling(2 * (edge.Joint.Reach + r.Web - r.PivotZ)), "Let it reach {0} down"));
        yield return edge.Joint.WallCheck("edge.down", "edge screw, to the plate's end", r.Drop.Value - r.ScrewsDown,
            FlipHingeFamily.Drop.To(Math.Ceiling(2 * edge.Joint.Reach), "Let it reach {0} down"));
        yield return Judge.AtLeast("rail.apart", "screws of the leaf, apart", r.ScrewsAlong.Near - r.ScrewsAlong.Last, 2 * rail.Joint.Reach,
            "They do not meet.",
            "The leaf is too short for two screws past the knuckles.", Verdict.Stop, "Plane geometry.",
            FlipHingeFamily.LeafLong.To(Math.Ceiling(r.Knuckle + (4 * rail.Joint.Reach) + 1), "Let the leaf reach {0}"));
        yield return rail.Joint.WallCheck("rail.wall", "rail screw, to the leaf's side", r.Wide.Value / 2);
        var wood = 2.5 * Hardware.Of("wood-screws", size, "diameter", "screw").Value;
        yield return Judge.AtLeast("edge.wood", "wood above and below the screws", Math.Min(r.ScrewsDown, r.TableThick.Value - r.ScrewsDown), wood,
            "The edge does not split.", "So near a face of the table the edge splits: a plate that reaches down to the middle of it.", Verdict.Watch,
            "Two and a half diameters; common practice, no published source.", FlipHingeFamily.Drop.To(Math.Round(r.TableThick.Value),
                "Let it reach {0} down"));
    }
}
