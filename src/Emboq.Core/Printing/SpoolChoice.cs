using System.Globalization;
using Google.OrTools.Sat;

namespace Emboq.Core.Printing;

/// <summary>Which spool each bedful takes, all of them weighed together (CP-SAT, OR-Tools): as many as can be last to their end, and full spools stay
/// full.</summary>
internal static class SpoolChoice
{
    private const double Effort = 0.5;

    /// <summary>Chooses.</summary>
    /// <param name="bedfuls">In the order of printing.</param>
    /// <param name="spools">What the workshop has.</param>
    /// <returns>For each bedful a spool, or <c>null</c> when none of its filament is known.</returns>
    public static IReadOnlyList<Spool?> Of(IReadOnlyList<PlannedBedful> bedfuls, IReadOnlyList<Spool> spools)
    {
        var model = new CpModel();
        var fullest = spools.Select(s => s.Left).DefaultIfEmpty(1).Max();
        var taken = bedfuls.SelectMany((b, i) => Suits(b, spools).Where(s => s.Left >= b.Grams).Select(s =>
            (Bedful: i, Spool: s, Takes: model.NewBoolVar($"{i}.{s.Id}")))).ToList();
        foreach (var of in taken.GroupBy(t => t.Bedful))
        {
            model.AddAtMostOne(of.Select(t => t.Takes));
        }

        foreach (var on in taken.GroupBy(t => t.Spool.Id))
        {
            model.Add(LinearExpr.Sum(on.Select(t => t.Takes * Grams(bedfuls[t.Bedful].Grams))) <= (long)Math.Floor(10 * on.First().Spool.Left));
        }

        // One bedful more that lasts outweighs any sparing; then grams off fuller spools cost more; of equals the earlier takes the emptier.
        var scale = 1 + taken.Sum(t => Cost(t.Bedful, t.Spool));
        model.Maximize(LinearExpr.Sum(taken.Select(t => t.Takes * (scale - Cost(t.Bedful, t.Spool)))));
        var solver = new CpSolver
        {
            StringParameters = string.Create(CultureInfo.InvariantCulture,
            $"num_workers:1 random_seed:1 max_deterministic_time:{Effort}")
        };
        var solved = taken.Count > 0 && solver.Solve(model) is CpSolverStatus.Optimal or CpSolverStatus.Feasible;
        var chosen = solved ? taken.Where(t => solver.BooleanValue(t.Takes)).ToDictionary(t => t.Bedful, t => t.Spool) : [];
        var left = spools.ToDictionary(s => s.Id, s => s.Left - chosen.Where(c => c.Value.Id == s.Id).Sum(c => bedfuls[c.Key].Grams));
        return [.. bedfuls.Select((b, i) =>
        {
            // What no spool can finish goes on the one with most left, and says when that runs out.
            if (!chosen.TryGetValue(i, out var spool) && (spool = Suits(b, spools).OrderByDescending(s => left[s.Id]).ThenBy(s => s.Name,
                StringComparer.Ordinal).FirstOrDefault()) is not null)
            {
                left[spool.Id] = Math.Max(0, left[spool.Id] - b.Grams);
            }

            return spool;
        })];

        long Cost(int bedful, Spool spool) => (Grams(bedfuls[bedful].Grams) * (1 + (long)(100 * spool.Left / Math.Max(1,
            fullest)))) + (spool.Left < fullest ? 0 : bedfuls.Count - bedful);
    }

    private static long Grams(double grams) => (long)Math.Ceiling(10 * grams);

    private static List<Spool> Suits(PlannedBedful bedful, IReadOnlyList<Spool> spools)
    {
        // What belongs to no group takes no colour that a group may want, unless there is nothing else.
        var ofMaterial = spools.Where(s => s.Material == bedful.Material).ToList();
        var suits = ofMaterial.Where(s => s.Colour.Equals(bedful.Bedful.Group, StringComparison.OrdinalIgnoreCase)).ToList();
        return suits.Count == 0 && bedful.Bedful.Group.Length == 0 ? ofMaterial : suits;
    }
}
