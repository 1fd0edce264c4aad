using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Storage.ClampRack;

/// <summary>What is judged about a clamp rack.</summary>
internal static class RackChecks
{
    private const string Practice = "Common practice, no published source.";

    public static IEnumerable<Check> Of(RackReckoning r, Brief brief, double chance)
    {
        yield return ReadingChecks.Of("clamp.readings", "lips measured", r.Lip.Place, "lip");
        yield return ReadingChecks.Of("web.readings", "web measured", r.Lip.Place, "web");
        yield return Judge.AtLeast("hangs", "lips that hold", (r.Lip.Counterpart.Value - r.Web.Drawn.Value) / 2, 1.5, "It hangs by both lips.",
            "So narrow a lip slips through: a closer fit.", Verdict.Stop, Practice);
        yield return Judge.AtLeast("room", "screw across the rail", r.Depth.Value, r.Ear, "A screw has its walls in the rail.",
            "The rail is narrower than a screw with its walls.", Verdict.Stop, "Plane geometry.", ClampRackFamily.Depth.To(Math.Ceiling(r.Ear),
                "Make the rail {0} from front to back"));
        foreach (var check in Holds(r, brief.Parameters))
        {
            yield return check;
        }

        yield return r.Screw.SeatCheck("screw.seat", "screw", Joint.FlushSeat, ClampRackFamily.Roof.To(Math.Ceiling(r.Screw.Recess + Joint.FlushSeat),
            "Make the roof {0}"));
        yield return r.Takes.Check;
        foreach (var check in r.Screw.Checks)
        {
            yield return check;
        }

        foreach (var check in Borne(r))
        {
            yield return check;
        }

        yield return DutyCheck.Of("years", brief.Process);
        yield return ChanceCheck.Of(chance, [(r.Lip.Realised, r.Lip.Place, "lip"), (r.Web.Realised, r.Lip.Place, "web"),
            (r.High.Realised, r.Lip.Place, "lipHigh")], r.Lip.Contradictions);
        yield return BedCheck.Of(r.Long, r.Deep, r.Tall, r.Way, brief.Process);
    }

    private static IEnumerable<Check> Holds(RackReckoning r, ParameterValues p)
    {
        var shelf = p.Number("shelf")!.Value;
        yield return Judge.Of("along", "clamps along the shelf", r.Shelf.Along >= 1, $"{Said(r.Shelf.Along, "rail")} of {Said(r.Count, "clamp")} "
            + $"{(r.Shelf.Along == 1 ? "has" : "have")} room along it: {Said(r.Shelf.Along * r.Count, "clamp")}.", "The rail is longer than the shelf.",
            Verdict.Stop, Figures.Mm(r.Long), $"{Figures.Mm(shelf)} or less", "Plane sums.", new Remedy.Change("Let the shelf decide how many",
                new Dictionary<string, string> { ["many"] = "" }));
        if (r.Shelf.Rows is { } rows)
        {
            yield return new("rows", "rows under the shelf", Verdict.Good, rows > 1 ? $"{Said(rows, "row")} have room, one behind the other: the clamps of one "
                + "end before the next begins." : "One row has room: the clamps of a second would run into it.", Said(rows, "row"), "a clamp's length apart",
                "Plane sums.", []);
        }
    }

    private static IEnumerable<Check> Borne(RackReckoning r)
    {
        if (r.Load is not { } load)
        {
            yield return new("pull", "what the screws bear", Verdict.Watch, "Not judged: weigh a clamp, and read where it balances or how long it is.",
                "not weighed", "a clamp on the scale", "A load is measured, never assumed.",
                [new Remedy.Measure($"Weigh {r.Lip.Place.Name}", r.Lip.Place.Id, "mass")]);
            yield break;
        }

        yield return Strength.Used("pull", "pull on each screw", load.Pull.Value, load.Bears.Value, "N", "The screws hold all the clamps.",
            "The clamps tip it off the shelf: a deeper rail, thicker screws, or fewer clamps.", "Moments; Wood Handbook (from memory), a quarter of it.",
            () => [ClampRackFamily.Depth.To(Math.Ceiling(Math.Min(200, r.Depth.Value * load.Pull.Value / load.Bears.Value * 1.1)),
                "Make the rail {0} from front to back")]);
        yield return Strength.Used("lip", "lips of the rail", load.Stress.Value, r.Material?.Along.Value / PrintedMaterial.Safety, "MPa",
            "They bear the clamp at the mouth.", "They bend away under the clamp: thicker lips.",
            "A cantilever, from moments (Roark; from memory); a third of the strength.",
            () => [ClampRackFamily.Lips.To(Math.Ceiling(Math.Min(30, r.Lips.Value * Math.Sqrt(load.Stress.Value * PrintedMaterial.Safety
                / Math.Max(1e-6, r.Material?.Along.Value ?? 1))) + 1), "Make the lips {0}")]);
    }

    private static string Said(int count, string what) => count == 1 ? $"1 {what}" : $"{count} {what}s";
}
