using System.Globalization;
using Google.OrTools.Sat;
using Google.OrTools.Util;

namespace Emboq.Core.Printing;

/// <summary>A bedful with what it takes.</summary>
/// <param name="Bedful">What lies where.</param>
/// <param name="Material">Name of the filament it is printed in.</param>
/// <param name="Seconds">How long it takes.</param>
/// <param name="Grams">Filament it takes.</param>
public sealed record PlannedBedful(Bedful Bedful, string Material, double Seconds, double Grams)
{
    /// <summary>The same bedful on other beds that take it as it lies.</summary>
    public IReadOnlyList<PlannedBedful> Elsewhere { get; init; } = [];
}

/// <summary>A bedful with its hours and its spool.</summary>
/// <param name="Planned">What is printed, on the bed that was chosen.</param>
/// <param name="Starts">When it can start.</param>
/// <param name="Ends">When it is done.</param>
/// <param name="Spool">Which spool to put on; <c>null</c> when none of its filament is known.</param>
/// <param name="LeftAfter">What that spool then holds, g.</param>
/// <param name="RunsOut">When it runs out before the end; <c>null</c> when it lasts.</param>
/// <param name="Unattended">Whether that would be while nobody is at the printer.</param>
public sealed record ScheduledBedful(PlannedBedful Planned, DateTimeOffset Starts, DateTimeOffset Ends, Spool? Spool, double LeftAfter,
    DateTimeOffset? RunsOut, bool Unattended);

/// <summary>Puts bedfuls on printers so that all are done soonest, each started while somebody is at its printer (CP-SAT, OR-Tools), and chooses the
/// spools looking ahead. The same bedfuls are always planned the same way.</summary>
public static class BedSchedule
{
    /// <summary>Taking off one bedful and starting the next.</summary>
    private static readonly TimeSpan Change = TimeSpan.FromMinutes(15);

    /// <summary>Work the solver may do, in its own deterministic units: about a second.</summary>
    private const double Effort = 1;

    /// <summary>More are planned one after the other, each on the printer that is done with it first.</summary>
    private const int MostWeighed = 60;

    /// <summary>Plans.</summary>
    /// <param name="bedfuls">In any order.</param>
    /// <param name="spools">What the workshop has.</param>
    /// <param name="start">When the first can start, in the workshop's own time.</param>
    public static IReadOnlyList<ScheduledBedful> Of(IReadOnlyList<PlannedBedful> bedfuls, IReadOnlyList<Spool> spools, DateTimeOffset start)
    {
        if (bedfuls.Count == 0)
        {
            return [];
        }

        var plans = new[] { Listed(bedfuls, start), Listed([.. bedfuls.OrderByDescending(b => b.Seconds)], start) };
        var quick = plans.MinBy(p => p.Max(s => s.Ends))!;
        var timed = (bedfuls.Count > MostWeighed ? quick : Solved(bedfuls, quick, start)).OrderBy(s => s.Starts).ToList();
        var chosen = SpoolChoice.Of([.. timed.Select(t => t.Planned)], spools);
        var left = spools.ToDictionary(s => s.Id, s => s.Left);
        return [.. timed.Zip(chosen, (t, spool) =>
        {
            if (spool is null)
            {
                return new ScheduledBedful(t.Planned, t.Starts, t.Ends, null, 0, null, false);
            }

            var has = left[spool.Id];
            left[spool.Id] = Math.Max(0, has - t.Planned.Grams);
            DateTimeOffset? runsOut = has >= t.Planned.Grams ? null : t.Starts + TimeSpan.FromSeconds(t.Planned.Seconds * has / t.Planned.Grams);
            return new(t.Planned, t.Starts, t.Ends, spool, left[spool.Id], runsOut, runsOut is { } at && !t.Planned.Bedful.Bed.Hours.Hold(at));
        })];
    }

    private sealed record Timed(PlannedBedful Planned, DateTimeOffset Starts, DateTimeOffset Ends);

    private static IEnumerable<PlannedBedful> Choices(PlannedBedful b) => b.Elsewhere.Prepend(b);

    /// <summary>One after the other, each where it is done first.</summary>
    private static List<Timed> Listed(IReadOnlyList<PlannedBedful> bedfuls, DateTimeOffset start)
    {
        var free = new Dictionary<Guid, DateTimeOffset>();
        return [.. bedfuls.Select(b =>
        {
            var best = Choices(b).Select(c => (Choice: c, Begins: c.Bedful.Bed.Hours.Next(free.GetValueOrDefault(c.Bedful.Bed.Printer, start)))).Select(c =>
                new Timed(c.Choice, c.Begins, c.Begins + TimeSpan.FromSeconds(c.Choice.Seconds))).MinBy(t => t.Ends)!;
            free[best.Planned.Bedful.Bed.Printer] = best.Ends + Change;
            return best;
        })];
    }

    /// <summary>All done soonest, and each as soon as can be; in whole minutes.</summary>
    private static List<Timed> Solved(IReadOnlyList<PlannedBedful> bedfuls, List<Timed> quick, DateTimeOffset start)
    {
        long Minutes(DateTimeOffset at) => (long)Math.Ceiling((at - start).TotalMinutes);
        long Takes(PlannedBedful b) => (long)Math.Ceiling(b.Seconds / 60);
        var horizon = Minutes(quick.Max(t => t.Ends)) + bedfuls.Count + 1;
        var model = new CpModel();
        var last = model.NewIntVar(0, horizon, "last");
        var (onPrinter, jobs) = (new Dictionary<Guid, List<IntervalVar>>(), new List<(IntVar Starts, List<(PlannedBedful Choice, BoolVar Taken)> Choices)>());
        foreach (var (b, i) in bedfuls.Select((b, i) => (b, i)))
        {
            var starts = model.NewIntVar(0, horizon, $"starts{i}");
            var hint = quick.First(t => Choices(b).Contains(t.Planned));
            model.AddHint(starts, Minutes(hint.Starts));
            var choices = Choices(b).Select((c, k) =>
            {
                var taken = model.NewBoolVar($"taken{i}.{k}");
                model.AddHint(taken, ReferenceEquals(c, hint.Planned));
                onPrinter.TryAdd(c.Bedful.Bed.Printer, []);
                onPrinter[c.Bedful.Bed.Printer].Add(model.NewOptionalFixedSizeIntervalVar(starts, Takes(c) + (long)Change.TotalMinutes, taken, $"on{i}.{k}"));
                model.Add(last >= starts + Takes(c)).OnlyEnforceIf(taken);
                model.AddLinearExpressionInDomain(starts, Days(c.Bedful.Bed.Hours, start, horizon)).OnlyEnforceIf(taken);
                return (c, taken);
            }).ToList();
            model.AddExactlyOne(choices.Select(c => c.taken));
            jobs.Add((starts, choices));
        }

        foreach (var intervals in onPrinter.Values)
        {
            model.AddNoOverlap(intervals);
        }

        model.Minimize((last * bedfuls.Count * 10) + LinearExpr.Sum(jobs.Select(j => j.Starts)));
        var solver = new CpSolver
        {
            StringParameters = string.Create(CultureInfo.InvariantCulture,
            $"num_workers:1 random_seed:1 max_deterministic_time:{Effort}")
        };
        if (solver.Solve(model) is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
        {
            return quick;
        }

        var solved = jobs.Select(j => (Starts: start + TimeSpan.FromMinutes(solver.Value(j.Starts)),
            j.Choices.First(c => solver.BooleanValue(c.Taken)).Choice)).Select(j =>
            new Timed(j.Choice, j.Starts, j.Starts + TimeSpan.FromSeconds(j.Choice.Seconds))).ToList();
        return solved.Max(t => t.Ends) <= quick.Max(t => t.Ends) + TimeSpan.FromMinutes(1) ? solved : quick;
    }

    /// <summary>The minutes from the start at which somebody is there.</summary>
    private static Domain Days(Hours hours, DateTimeOffset start, long horizon)
    {
        var intervals = new List<long>();
        for (var at = hours.Next(start); (at - start).TotalMinutes <= horizon; at = hours.Next(hours.End(at)))
        {
            intervals.Add((long)Math.Ceiling((at - start).TotalMinutes));
            intervals.Add(Math.Max(intervals[^1], (long)Math.Floor((hours.End(at) - start).TotalMinutes) - 1));
        }

        return Domain.FromFlatIntervals([.. intervals]);
    }
}
