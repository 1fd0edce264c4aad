using Emboq.Core.Families.Turning.Faceplate;
using Emboq.Core.Families.Turning.Spindle;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.PadHolder;

/// <summary>Judgements of a pad holder: that it weighs what it should, runs free in its guard and true, and bears its speed.</summary>
internal static class PadChecks
{
    public static IEnumerable<Check> Of(PadReckoning r, Brief brief)
    {
        var (p, process) = (brief.Parameters, brief.Process);
        foreach (var check in ProvedCheck.Filament(r.Material))
        {
            yield return check;
        }

        if (r.Held == PadHeld.Screws)
        {
            yield return ReadingChecks.Of("mount.readings", "screw circle measured", brief.Interfaces["mount"], "circle");
        }

        foreach (var check in r.Socket is not { } on ? [] : on.Checks().Append(PrintedThread.Stands(on.Scope, r.Way.Key == PadHolderFamily.Ways[0].Key)))
        {
            yield return check;
        }

        if (r.Target is { } target)
        {
            var (off, orbit) = (r.Mass.Whole.Value - target.Value, Math.Max(0.1, p.Number("orbit")!.Value));
            var most = Math.Max(1, r.Unbalance.Allowed.Value / 2 / orbit);
            yield return Strength.Used("mass", "weight against the original", Math.Abs(off), most, "g",
                "It weighs what the original did, as near as layers go.",
                off > 0 ? "At its thinnest it is still too heavy: fewer walls, less fill, or thinner screws."
                    : "Even so thick it is too light: more walls, or more fill.",
                "Half of what ISO 21940-11 allows at G 16, on its orbit; a whole gram is always allowed.");
        }

        yield return r.Target is null && p.Number("orbit")!.Value > 0
            ? new("unbalance", "unbalance", Verdict.Watch, "Not judged: on an orbit it must weigh what the original did, and that does not count here.",
                "not judged", $"{Said(r.Unbalance.Allowed.Value)} or less", "ISO 21940-11, G 16.",
                [new Remedy.Change("Solve its thickness for its weight", new Dictionary<string, string> { ["solve"] = "mass" })])
            : r.Unbalance.Has.Value <= r.Unbalance.Allowed.Value
            ? new("unbalance", "unbalance", Verdict.Good, "It runs as quiet as a machine should.", Said(r.Unbalance.Has.Value),
                $"{Said(r.Unbalance.Allowed.Value)} or less", "ISO 21940-11, G 16.", [])
            : new("unbalance", "unbalance", Verdict.Watch, r.Socket is not null
                ? "It may shake: its thread alone centres it. Read the spindle's neck, where it has one."
                : r.Centred is null ? "Nothing but its screws centres it: measure the machine's boss, and let it sit on that."
                : "It may shake: a closer fit on the boss, or a weight nearer to the original's.", Said(r.Unbalance.Has.Value),
                $"{Said(r.Unbalance.Allowed.Value)} or less", "ISO 21940-11, G 16.", []);
        if (p.Number("was") is { } was)
        {
            var presses = Math.Pow(was / r.Across.Value, 2);
            yield return Judge.Of("pad", "pad against the one before", presses <= 2, $"Pressed as before, it presses {Figures.Plain(presses)} times as hard, "
                + $"runs {Figures.Percent(r.Across.Value / was)} as fast at its rim, and turns {Figures.Percent(r.Across.Value / was)} as hard.",
                $"Pressed as before, it presses {Figures.Plain(presses)} times as hard: it burns and stalls. Press less.", Verdict.Watch,
                $"{Figures.Plain(presses)} times the pressure", "2 times or less", "Area and radius; common practice, no published source.");
        }

        foreach (var check in Room(r, p))
        {
            yield return check;
        }

        var spins = PlateReckoning.Spins(process.Density, r.Speed, r.Across.Value / 2, (r.Screw?.Bore ?? r.Socket!.Thread.Drawn.Value) / 2);
        yield return Strength.Used("disc", "disc, spinning", spins, r.Material?.Along.Value / PrintedMaterial.Safety
            * FilledSection.Share(2 * process.Settings.Skins * process.LayerHeight, r.Thick.Value, process.Settings.Fill), "MPa",
            "It bears its own speed, though its inside is sparse.", "Its own speed tears it: a smaller pad, more fill, or slower.",
            "A spinning disc with a hole (Timoshenko; Roark); a third of the strength, and no more of it than is printed solid.");
        if (p.Number("allowed") is { } allowed)
        {
            yield return Judge.Of("allowed", "speed of the machine", r.Speed <= allowed, "The pad bears it.",
                "The pad's own limit is lower: another pad, or slower.",
                Verdict.Stop, $"{r.Speed:0} 1/min", $"{allowed:0} 1/min or less", "As printed on the pad.");
        }
        else
        {
            yield return new("allowed", "what the pad allows", Verdict.Watch, "What is printed on the pad is not entered: it goes before every figure here.",
                "not entered", $"{r.Speed:0} 1/min or more", "As printed on the pad.", []);
        }

        yield return DutyCheck.Of("warm", process);
        if (r.Socket?.Thread is { } thread)
        {
            yield return ChanceCheck.Of(thread.Chance, [(thread.Realised, thread.Place, "outside")], thread.Contradictions);
        }
        else if (r.Centred is { } centred)
        {
            yield return ChanceCheck.Of(centred.Chance, [(centred.Realised, centred.Place, "diameter")], centred.Contradictions);
        }

        yield return BedCheck.Of(r.Across.Value, r.Across.Value, r.High, r.Way, process);
        yield return ProvedCheck.Of(brief, PadHolderFamily.Family.Words,
            "Weigh its print, drop it, screw it on and run it in the air behind a board, slowly first");
    }

    /// <summary>As many times its usual torque twists a machine that stalls.</summary>
    private const double Stalled = 3;

    private static string Said(double gramMm) => $"{gramMm.ToString("0.#", System.Globalization.CultureInfo.InvariantCulture)} g·mm";

    private static IEnumerable<Check> Room(PadReckoning r, ParameterValues p)
    {
        var (circle, boss) = (r.Circle.Value / 2, r.Boss.Across.Value / 2);
        if (r.Screw is { } screw)
        {
            yield return screw.WallCheck("screw.boss", "screw, to the side of the boss", boss - circle,
                PadHolderFamily.Boss.To(Math.Ceiling(2 * (circle + screw.Reach)), "Make the boss {0} across"));
            yield return screw.SeatCheck("screw.seat", "screw", PadReckoning.UnderHead);
        }

        if (r.Screw is { } one && r.Count > 1)
        {
            yield return one.WallCheck("screw.apart", "screw, towards the next", circle * Math.Sin(Math.PI / r.Count));
        }

        if (r.Socket is { } socket)
        {
            yield return socket.HubCheck(boss, radius => PadHolderFamily.Boss.To(Math.Ceiling(2 * radius), "Make the boss {0} across"));
            yield return Judge.AtLeast("boss.floor", "disc in front of the spindle's end", r.High - socket.Depth, PadReckoning.UnderHead,
                "Enough stays in front of it.", "The spindle nearly comes through to the pad.", Verdict.Stop, "Common practice, no published source.",
                PadHolderFamily.BossHigh.To(Math.Ceiling(socket.Depth + PadReckoning.UnderHead - r.Thick.Value), "Make the boss {0} high"));
            yield return new("unscrews", "stays on its thread", Verdict.Watch,
                "It stays on only while the machine turns it tight: never where it brakes, reverses, or turns the other way.", "not judged",
                "turned tight, no brake", "The machine's manual decides.", []);
            // Watts over turns a second give the torque, N mm; a nut's torque is a fifth of its pull times its diameter.
            var twist = p.Number("power") is { } power ? Stalled * 1000 * power * 60 / (2 * Math.PI * r.Speed) : (double?)null;
            yield return twist is not { } most
                ? new("thread.tightens", "thread, as the machine tightens it", Verdict.Watch, "Not judged: what the machine takes is not entered.",
                    "not known", "as its filament bears", "As printed on the machine.", [])
                : Strength.Used("thread.tightens", "thread, as the machine tightens it", socket.Sheared > 0
                    ? most / (0.2 * socket.Thread.Counterpart.Value) / socket.Sheared : double.PositiveInfinity, r.Material?.Across.Value
                        / PrintedMaterial.Safety / 2, "MPa", "It bears a pad that catches.",
                    "It strips where the pad catches: a longer spindle or a thicker disc, or a holder on screws.",
                    $"Torque {Stalled:0} times that of its power at its speed, as a motor that stalls (common practice, no published source); pull by a "
                        + $"fifth of its diameter. {SpindleSocket.ShearSource}");
        }

        yield return Judge.AtLeast("across", "disc past its boss", r.Across.Value - r.Boss.Across.Value, 4, "The boss stands on the disc.",
            "The boss is as wide as the disc.", Verdict.Stop, "Plane geometry.", PadHolderFamily.Across.To(Math.Ceiling(r.Boss.Across.Value + 10),
                "Make it {0} across"));
        if (r.Centred is { } centred)
        {
            yield return r.Held == PadHeld.Boss
                ? Judge.AtLeast("boss.wall", "boss around its screw", (centred.Drawn.Value - r.Screw!.Bore) / 2, 1.5, "The screw meets the boss's own thread.",
                    "The boss is hardly wider than its screw: a thinner screw.", Verdict.Stop, "Common practice, no published source.")
                : Judge.AtLeast("boss.wall", "screws beside the boss", circle - (centred.Drawn.Value / 2), Math.Max(r.Screw!.Bore / 2, 0.1) + 1.2,
                    "Enough stays between them.", "The screws break into the recess of the boss.", Verdict.Stop, "Common practice, no published source.");
            yield return Judge.AtLeast("boss.rim", "holder around the machine's boss", boss - (centred.Drawn.Value / 2), 2, "Enough stays around it.",
                "The machine's boss leaves too thin a rim.", Verdict.Stop, "Common practice, no published source.",
                PadHolderFamily.Boss.To(Math.Ceiling(centred.Drawn.Value + 4), "Make the boss {0} across"));
            yield return Judge.AtMost("boss.deep", "boss goes in", r.Deep, Math.Max(0, r.High - PadReckoning.UnderHead), "Enough stays in front of it.",
                "It nearly comes through to the pad.", Verdict.Stop, "Common practice, no published source.",
                new Remedy.Change("Let it go in 2 mm", new Dictionary<string, string> { ["bossDeep"] = "2" }));
        }

        if (r.Gap is { } gap)
        {
            var least = gap.Value - (2 * gap.StandardUncertainty);
            var narrower = Math.Floor(r.Across.Value - (2 * (1 - least)));
            yield return Judge.AtLeast("gap", "gap to the guard", least, 1, "It runs free, warm and out of true.", "It may touch the guard: a smaller holder.",
                Verdict.Stop, "Guard less holder, run-out, warmth; k = 2; 1 mm is common practice.",
                narrower >= 30 ? [PadHolderFamily.Across.To(narrower, "Make it {0} across")] : []);
        }
        else
        {
            yield return new("gap", "gap to the guard", Verdict.Watch, "Not judged: measure the guard's inside, where there is one.", "not read",
                "1 mm or more",
                "Common practice, no published source.", []);
        }
    }
}
