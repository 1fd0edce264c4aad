using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.FlipStop;

/// <summary>Judgements of a flip stop: that it bears the push, clicks by hand and stays, and that nothing of it is in the way of anything.</summary>
internal static class StopChecks
{
    private const string Geometry = "Plane geometry.", Practice = "Common practice, no published source.";

    /// <summary>Whether the tongue has room to bend between the arm and its nose; asked before its force is reckoned.</summary>
    public static Check TooShort(ParameterValues p)
    {
        const double Least = 5;
        double Of(string key) => p.Number(key)!.Value;
        var rest = (Of("wide") / 2) + StopReckoning.NoseOf(Of("click"), Of("slope"));
        return Judge.AtLeast("tongue.long", "tongue, from the arm to its nose", Of("reach") - rest, Least, "It has room to bend.",
            "No tongue is left between the arm and its nose: a longer way to the nose, or a narrower arm.", Verdict.Stop, Practice,
            rest + Least <= 120 ? [FlipStopFamily.Reach.To(Math.Ceiling(rest + Least), "Let the nose be {0} from the pivot")] : []);
    }

    public static IEnumerable<Check> Of(StopReckoning r, Brief brief) =>
        Turns(r, brief.Parameters).Concat(Room(r)).Concat(Bears(r)).Concat(Clicks(r, brief));

    private static IEnumerable<Check> Turns(StopReckoning r, ParameterValues p)
    {
        yield return ReadingChecks.Of("pin.readings", "screw measured", r.Turns.Place, "diameter");
        var (has, called) = (r.Turns.Counterpart.Value, Hardware.Diameter(r.Screw).Value);
        yield return Judge.Of("pin.size", "screw as measured", Math.Abs(has - called) <= (0.08 * called) + 0.1,
            $"It is as thick as {Hardware.Name(r.Screw)} is.",
            $"It measures {Figures.Mm(has)}: that is no {Hardware.Name(r.Screw)}, and its nut does not fit. "
                + "Choose the sort of its thread, or measure it again.",
                Verdict.Stop,
            Figures.Mm(has), $"{Figures.Mm(called)}, give or take {Figures.Mm((0.08 * called) + 0.1)}", "Tables of threads.");
        var least = r.Turns.Realised.Value - (2 * r.Turns.Realised.StandardUncertainty);
        yield return Judge.AtLeast("turns", "least clearance on the screw", least, 0.05, "It turns even if it comes out close.",
            "It may come out too close to turn: print the test rings first.", Verdict.Watch, "Law of sizes, k = 2.",
                new Remedy.Prove("Print the test rings first"));
        foreach (var check in r.Pivot.Checks.Concat(r.Edge.Checks).Append(r.ScrewLong.Check).Append(r.Takes.Check))
        {
            yield return check;
        }
    }

    private static IEnumerable<Check> Room(StopReckoning r)
    {
        var (half, dimple, drop) = (r.PlateWide.Value / 2, r.Dimple, r.Drop.Value);
        yield return Judge.AtLeast("dimple.side", "dimple, to the plate's side", half - r.Reach.Value - dimple, 2, "Enough of the plate stays beside it.",
            "The nose leaves the plate at the side: a wider plate, or a nose nearer to the pivot.", Verdict.Stop, Geometry,
            FlipStopFamily.PlateWide.To(Math.Ceiling(2 * (r.Reach.Value + dimple + 2)), "Make the plate {0} wide"));
        yield return Judge.AtLeast("dimple.down", "dimple, to the plate's lower end", drop + r.AxisZ - r.Reach.Value - dimple, 2,
            "Enough of the plate stays below it.", "The nose leaves the plate below: a plate that reaches further down.", Verdict.Stop, Geometry,
            FlipStopFamily.Drop.To(Math.Ceiling(r.Reach.Value + dimple + 2 - r.AxisZ), "Let it reach {0} down"));
        yield return Judge.AtLeast("dimple.floor", "plate behind a dimple", r.Plate.Value - r.Click.Value - StopReckoning.Deeper, 2,
            "Enough stays behind it.", "It nearly comes through: a thicker plate.", Verdict.Stop, Practice,
            FlipStopFamily.Plate.To(Math.Ceiling(2 * (2 + r.Click.Value + StopReckoning.Deeper)) / 2, "Make the plate {0}"));
        yield return Judge.AtMost("tongue.wide", "tongue, against the arm", r.TongueEnd, r.Wide.Value / 2,
            "Down, it lies below the table's top as the arm does.", "The tongue is wider than the arm: it would stand over the table.", Verdict.Stop, Geometry,
            FlipStopFamily.Wide.To(Math.Ceiling(2 * r.TongueEnd), "Make the arm {0} wide"));
        yield return Judge.AtLeast("tongue.thin", "arm, thicker than its tongue", r.Thick.Value - r.Tongue.Thick.Value, 1, "The tongue alone bends.",
            "The tongue is as thick as the arm.", Verdict.Stop, Geometry, FlipStopFamily.Thick.To(Math.Ceiling(r.Tongue.Thick.Value + 1), "Make the arm {0}"));
        yield return r.Edge.WallCheck("edge.side", "edge screw, to the plate's side", half - r.Screws.Aside);
        yield return r.Edge.WallCheck("edge.down", "edge screw, to the plate's lower end", drop - r.Screws.Down,
            FlipStopFamily.Drop.To(Math.Ceiling(r.Screws.Down + r.Edge.Reach), "Let it reach {0} down"));
        yield return r.Edge.SeatCheck("edge.seat", "edge screw", 1.5, FlipStopFamily.Plate.To(Math.Ceiling(r.Edge.Recess + 1.5), "Make the plate {0}"));
        var apart = r.Dimples.SelectMany(d => new[] { -1, 1 }.Select(side => Math.Sqrt(Math.Pow(d.X - (side * r.Screws.Aside), 2)
            + Math.Pow(r.AxisZ + d.Y + r.Screws.Down, 2)))).Min();
        yield return Judge.AtLeast("edge.dimple", "edge screw, to a dimple", apart, r.Edge.Reach + dimple, "They do not meet.",
            "A screw's head lies in the nose's way: a wider plate, or a nose nearer to the pivot.", Verdict.Stop, Geometry,
            FlipStopFamily.PlateWide.To(Math.Ceiling(2 * (r.Reach.Value + (2 * r.Edge.Reach) + dimple + 1)), "Make the plate {0} wide"));
        yield return r.Pivot.WallCheck("pivot.up", "nut, to the plate's upper edge", -r.AxisZ - StopReckoning.Free);
        yield return r.Pivot.WallCheck("pivot.edge", "nut, towards an edge screw", Math.Sqrt(Math.Pow(r.Screws.Aside, 2)
            + Math.Pow(r.Screws.Down + r.AxisZ, 2)) - r.Edge.Reach);
        yield return Judge.AtLeast("edge.wood", "wood above and below the screws", Math.Min(r.Screws.Down, r.TableThick.Value - r.Screws.Down), r.Wood,
            "The edge does not split.", "So near a face of the table the edge splits: thinner screws.", Verdict.Watch,
            "Two and a half diameters; common practice, no published source.");
    }

    /// <summary>Pushed at its head away from the table, the arm is held by its screw and bears on the plate below it.</summary>
    private static IEnumerable<Check> Bears(StopReckoning r)
    {
        var (push, head, half, material) = (r.Push.Value, r.Head, r.Wide.Value / 2, r.Material);
        var along = material?.Along.Value / PrintedMaterial.Safety;
        double Bent(double thick) => 6 * push * head / ((r.Wide.Value - r.Turns.Drawn.Value) * thick * thick);
        yield return Strength.Used("arm.bends", "arm, as it is pushed", Bent(r.Thick.Value), along, "MPa", "It bears the push.",
            "It breaks at its hole: a thicker arm, or a wider one.", "Bending beside the hole; a third of the strength.",
            () => Strength.Best(new StrengthChoice("thick", "arm", r.Thick.Value, 30, t => Bent(t) / along!.Value)));
        var pull = push * (1 + (head / half));
        var under = r.Plate.Value - r.NutDeep;
        double Torn(double left) => pull / (Math.PI * r.NutFlats * left);
        var shear = (r.OnBack ? material?.Across.Value : material?.Along.Value) / 2 / PrintedMaterial.Safety;
        yield return Judge.AtLeast("nut.under", "plate in front of the nut", under, 3, "The nut does not pull through.",
            "The nut pulls through: a thicker plate.", Verdict.Stop, Practice,
            FlipStopFamily.Plate.To(Math.Ceiling(2 * (r.NutDeep + 3)) / 2, "Make the plate {0}"));
        yield return Strength.Used("nut.pulls", "plate in front of the nut, as it is pushed", Torn(Math.Max(0.1, under)), shear, "MPa", "It bears the pull.",
            "The nut is torn out: a thicker plate, or a wider arm.",
                "Moments about the arm's lower rim; shear around the nut, half of the strength, a third of "
                + "that.", () => Strength.Best(new StrengthChoice("plate", "plate", r.Plate.Value, 30, t => Torn(Math.Max(0.1, t - r.NutDeep))
                    / shear!.Value)));
        double Drawn(double drop) => push * (r.Over.Value + drop) / Math.Max(1, drop - r.Screws.Down) / 2;
        yield return Strength.Used("edge.pulls", "screws in the table's edge", Drawn(r.Drop.Value), r.Bears.Value, "N", "They are not drawn out of the edge.",
            "They are drawn out of the edge: longer or thicker screws, or a plate that reaches further down.",
            "Moments about the plate's lower edge; Wood Handbook, softwood, a quarter of it.",
            () => Strength.Best(new StrengthChoice("drop", "plate's reach", r.Drop.Value, 200, d => Drawn(d) / r.Bears.Value)));
    }

    private static IEnumerable<Check> Clicks(StopReckoning r, Brief brief)
    {
        const double Hand = 40, Shaken = 3;
        if (r.Clicks is not { } clicks || r.Material is not { } material)
        {
            yield return Strength.Used("tongue.bends", "tongue, as its nose is lifted", 100 * Cantilever.Strain(r.Tongue.Thick.Value, r.Click.Value,
                r.Tongue.Long.Value), null, "%", "", "", "3 t δ / 2 L².");
            yield break;
        }

        var borne = material.Strain(Lifetime.OfADay(2 * brief.Parameters.Number("folds")!.Value)).Value;
        double Strain(double thick) => Cantilever.Strain(thick, r.Click.Value, r.Tongue.Long.Value);
        yield return Strength.Used("tongue.bends", "tongue, as its nose is lifted", 100 * Strain(r.Tongue.Thick.Value), 100 * borne, "%",
            "It bears being lifted as often as that.", "It tires and breaks: a thinner tongue, a nose that falls in less, or a longer tongue.",
            "3 t δ / 2 L²; twice for each time it is turned up and down.", () => Strength.Best(new StrengthChoice("tongueThick", "tongue",
                r.Tongue.Thick.Value, 0.8, t => Strain(t) / borne)));
        var force = clicks.Head.Value;
        yield return Judge.Of("clicks", "force that clicks it", force <= Hand, "A hand clicks it.",
            "A hand hardly clicks it: a thinner tongue, a flatter slope, or a nose that falls in less.", Verdict.Watch, Strength.Said(force, "N"),
            $"{Hand:0} N or less", Practice);
        // Lying, its head hangs beside the axis.
        var weight = r.Wide.Value * r.Thick.Value * r.Head * brief.Process.Density / 1e6 * 9.80665;
        var shaken = Shaken * weight / 2;
        yield return Judge.Of("stays", "what holds it where it clicked in", force >= shaken, "It stays, up and down.",
            "Its own weight shakes it out: a thicker tongue, or a steeper slope.", Verdict.Stop, $"{Strength.Said(force, "N")} at its head",
            $"{Strength.Said(shaken, "N")} or more", "Three times the weight of the arm, lying; friction at its screw is not counted.");
    }
}
