using System.Globalization;
using Google.OrTools.Sat;

namespace Emboq.Core.Homes;

/// <summary>Finds a home for everything (CP-SAT, OR-Tools). What is used often lies within reach and to the front, kinds lie together, what lies well stays,
/// and every thing can be taken without touching another. The same question always has the same answer.</summary>
public static class HomeSearch
{
    /// <summary>Work the solver may do, in its own deterministic units: some seconds.</summary>
    private const double Effort = 4;

    /// <summary>What a lack of anything costs, against each other.</summary>
    private const long Homeless = 2_000_000, Spread = 40_000, Moved = 5_000, PerReach = 10_000;

    /// <summary>By how often it is used: what a step further costs, and what a millimetre further back.</summary>
    private static readonly (long Step, long Back)[] Uses = [(30, 3), (8, 1), (2, 0), (0, 0)];

    /// <summary>How far each reach is, in steps.</summary>
    private static readonly long[] Steps = [0, 1, 3];

    /// <summary>What room at hand costs a thing that is seldom used, so that it stays free for others.</summary>
    private static readonly long[] Idle = [3, 1, 0];

    /// <summary>Lays out.</summary>
    /// <param name="storages">What there is.</param>
    /// <param name="things">What wants a home; of a pinned one nothing else is asked but its storage.</param>
    /// <param name="gap">Between neighbours, mm: room for the fingers.</param>
    public static HomePlan Of(IReadOnlyList<Storage> storages, IReadOnlyList<Belonging> things, double gap)
    {
        var pieces = things.SelectMany(t => Enumerable.Range(1, t.Count).Select(copy => (Thing: t, Copy: copy))).ToList();
        var model = new CpModel();
        var candidates = pieces.Select((p, i) => Candidate.Of(model, storages, p.Thing, i)).ToList();
        foreach (var (a, b) in Pairs(candidates))
        {
            Apart(model, a, b, gap);
        }

        foreach (var (candidate, s, obstacle) in from c in candidates
                                                 from s in Enumerable.Range(0, storages.Count)
                                                 where c.Fits[s]
                                                 from o in storages[s].Obstacles
                                                 where o.Stops(c.Thing.Height)
                                                 select (c, s, o))
        {
            Clear(model, candidate, s, obstacle);
        }

        // Alike things in the order of their storages, so that no two answers differ by a swap.
        foreach (var (a, b) in candidates.Zip(candidates.Skip(1)).Where(p => ReferenceEquals(p.First.Thing, p.Second.Thing)))
        {
            model.Add(a.Place <= b.Place);
        }

        foreach (var (storage, s) in storages.Select((storage, s) => (storage, s)))
        {
            var inside = candidates.Select(c => (c, In: c.In[s]));
            model.Add(LinearExpr.Sum(inside.Select(c => c.In * Area(c.c.Thing))) <= (long)(storage.Width * storage.Depth));
            if (storage.Bears is { } most)
            {
                model.Add(LinearExpr.Sum(inside.Select(c => c.In * (long)Math.Ceiling(c.c.Thing.Mass ?? 0))) <= (long)most);
            }
        }

        model.Minimize(LinearExpr.Sum(candidates.SelectMany(c => Costs(storages, c)).Concat(Kinds(model, storages, candidates))));
        var solver = new CpSolver
        {
            StringParameters = string.Create(CultureInfo.InvariantCulture, $"num_workers:1 random_seed:1 max_deterministic_time:{Effort}")
        };
        foreach (var (candidate, home) in candidates.Zip(Rows.Start(storages, [.. pieces.Select(p => p.Thing)], gap)))
        {
            candidate.Hint(model, storages, home);
        }

        var status = solver.Solve(model);
        var homes = pieces.Zip(candidates).Select(p => p.Second.Home(solver, storages, p.First.Copy)).OfType<Home>().ToList();
        var homeless = things.Select(t => (t.Key, Lacking: t.Count - homes.Count(h => h.Thing == t.Key))).Where(t => t.Lacking > 0)
            .ToDictionary(t => t.Key, t => t.Lacking);
        return new(homes, homeless, status == CpSolverStatus.Optimal, HomeReasons.Of(storages, things, homes), Fillers.Of(storages, homes));
    }

    private static IEnumerable<(Candidate A, Candidate B)> Pairs(IReadOnlyList<Candidate> all) =>
        from i in Enumerable.Range(0, all.Count) from j in Enumerable.Range(i + 1, all.Count - i - 1) select (all[i], all[j]);

    /// <summary>In one storage two things lie beside or behind each other, and behind as far as the hand needs.</summary>
    private static void Apart(CpModel model, Candidate a, Candidate b, double gap)
    {
        var both = Enumerable.Range(0, a.In.Length).Where(s => a.Fits[s] && b.Fits[s]).ToList();
        if (both.Count == 0)
        {
            return;
        }

        var name = $"{a.Index}.{b.Index}";
        var (left, right, front, back) = (model.NewBoolVar($"l{name}"), model.NewBoolVar($"r{name}"), model.NewBoolVar($"f{name}"),
            model.NewBoolVar($"b{name}"));
        model.Add(a.X + a.Wide + Up(gap) <= b.X).OnlyEnforceIf(left);
        model.Add(b.X + b.Wide + Up(gap) <= a.X).OnlyEnforceIf(right);
        model.Add(a.Y + a.Deep + Up(HandRoom.Behind(a.Thing.Height, b.Thing.Height, gap)) <= b.Y).OnlyEnforceIf(front);
        model.Add(b.Y + b.Deep + Up(HandRoom.Behind(b.Thing.Height, a.Thing.Height, gap)) <= a.Y).OnlyEnforceIf(back);
        foreach (var s in both)
        {
            model.AddBoolOr([a.In[s].Not(), b.In[s].Not(), left, right, front, back]);
        }
    }

    /// <summary>Beside, before or behind what stands in a storage already.</summary>
    private static void Clear(CpModel model, Candidate c, int s, Obstacle o)
    {
        (string Side, BoundedLinearExpression Lies)[] ways =
        [
            ("left", c.X + c.Wide <= (long)Math.Floor(o.X)), ("right", c.X >= Up(o.X + o.Wide)), ("front", c.Y + c.Deep <= (long)Math.Floor(o.Y)),
            ("back", c.Y >= Up(o.Y + o.Deep)),
        ];
        model.AddBoolOr([c.In[s].Not(), .. ways.Select(way =>
        {
            var lies = model.NewBoolVar($"{c.Index}.{s}.{o.Name}.{way.Side}");
            model.Add(way.Lies).OnlyEnforceIf(lies);
            return lies;
        })]);
    }

    private static IEnumerable<LinearExpr> Costs(IReadOnlyList<Storage> storages, Candidate c)
    {
        var (step, back) = Uses[(int)c.Thing.Use];
        yield return c.None * (Homeless * (1 + step));
        yield return c.Y * back;
        foreach (var (storage, s) in storages.Select((storage, s) => (storage, s)))
        {
            var reach = PerReach * ((step * Steps[(int)storage.Reach]) + (c.Thing.Use == Use.Seldom ? Idle[(int)storage.Reach] : 0));
            var moved = c.Thing.Now is { } now && now != storage.Key ? Moved : 0;
            yield return c.In[s] * (reach + moved);
        }
    }

    /// <summary>For each kind, in how many storages it lies.</summary>
    private static IEnumerable<LinearExpr> Kinds(CpModel model, IReadOnlyList<Storage> storages, IReadOnlyList<Candidate> candidates)
    {
        foreach (var sort in candidates.Where(c => c.Thing.Sort.Length > 0).GroupBy(c => c.Thing.Sort.ToUpperInvariant()).Where(g => g.Count() > 1))
        {
            for (var s = 0; s < storages.Count; s++)
            {
                var used = model.NewBoolVar($"{sort.Key}.{s}");
                foreach (var candidate in sort)
                {
                    model.AddImplication(candidate.In[s], used);
                }

                yield return used * Spread;
            }
        }
    }

    private static long Area(Belonging t) => (long)Math.Floor(t.Width * t.Depth);

    internal static long Up(double mm) => (long)Math.Ceiling(mm - 1e-6);
}
