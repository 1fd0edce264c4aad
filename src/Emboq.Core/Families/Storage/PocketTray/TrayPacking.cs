using System.Collections.Concurrent;
using System.Globalization;
using Google.OrTools.Sat;

namespace Emboq.Core.Families.Storage.PocketTray;

/// <summary>Where a pocket lies: its left and front edge, and whether it is turned by a quarter.</summary>
internal sealed record Pocket(TrayItem Item, double X, double Y, bool Turned)
{
    public double Wide => Turned ? Item.Deep : Item.Wide;

    public double Deep => Turned ? Item.Wide : Item.Deep;

    public Point2 Middle => new(X + (Wide / 2), Y + (Deep / 2));
}

/// <summary>Where a tray is carried.</summary>
internal enum Support
{
    /// <summary>From behind: on a wall, or by the back of its drawer.</summary>
    Behind,

    /// <summary>From its left side.</summary>
    Left,

    /// <summary>From its right side.</summary>
    Right,

    /// <summary>All over: weight does not matter.</summary>
    Below,
}

/// <summary>Places pockets by computation (CP-SAT, OR-Tools): none on another, a wall between, often used ones in front, seldom used ones behind, heavy ones
/// near the support.</summary>
internal static class TrayPacking
{
    private const double Fineness = 4;

    /// <summary>Work for one answer, in the solver's own deterministic units: the same things always lie the same way. The second is spent only when the first
    /// finds no place at all.</summary>
    private static readonly double[] Efforts = [0.012, 0.1];

    /// <summary>Placings that were found lately: a change of height alone places nothing anew.</summary>
    private static readonly ConcurrentDictionary<string, IReadOnlyList<(double X, double Y, bool Turned)>?> Found = [];

    private const int MostFound = 256;

    /// <summary>Grams that count as heavy.</summary>
    private const double Heavy = 200;

    /// <summary>Places everything.</summary>
    /// <param name="items">Those put by hand stay where they are.</param>
    /// <param name="field">Left, front, right and back edge of what the pockets share, mm.</param>
    /// <param name="wall">Between neighbours, mm.</param>
    /// <param name="finger">Room in front of each pocket, mm.</param>
    /// <param name="support">Where the tray is carried: heavy things go there.</param>
    /// <param name="keptFree">Where nothing may be.</param>
    /// <returns><c>null</c> when not everything has room.</returns>
    public static IReadOnlyList<Pocket>? Place(IReadOnlyList<TrayItem> items, (double Left, double Front, double Right, double Back) field, double wall,
        double finger, Support support, IReadOnlyList<KeptFree> keptFree)
    {
        var question = string.Create(CultureInfo.InvariantCulture,
            $"{field} {wall} {finger} {support} {string.Join(";", items.Select(i => (i.Wide, i.Deep, i.Use, i.Mass, i.ByHand)))} ")
            + string.Join(";", keptFree);
        if (Found.Count > MostFound)
        {
            Found.Clear();
        }

        var placed = Found.GetOrAdd(question, _ => Solved(items, field, wall, finger, support, keptFree) is { } pockets
            ? [.. items.Select(i => pockets.First(p => p.Item.Slot == i.Slot)).Select(p => (p.X, p.Y, p.Turned))] : null);
        return placed is null ? null : [.. items.Zip(placed, (i, p) => new Pocket(i, p.X, p.Y, p.Turned))];
    }

    /// <summary>The same, without remembering.</summary>
    internal static IReadOnlyList<Pocket>? Solved(IReadOnlyList<TrayItem> items, (double Left, double Front, double Right, double Back) field, double wall,
        double finger, Support support, IReadOnlyList<KeptFree> keptFree)
    {
        var byHand = items.Where(i => i.ByHand is not null).Select(i => new Pocket(i, i.ByHand!.Value.X, i.ByHand.Value.Y, false)).ToList();
        var free = items.Where(i => i.ByHand is null).ToList();
        if (free.Count == 0)
        {
            return byHand;
        }

        // Every pocket takes a wall to the right and behind, and its finger room in front.
        var (wide, deep) = (Down(field.Right - field.Left + wall), Down(field.Back - field.Front + wall));
        var model = new CpModel();
        var boxes = model.AddNoOverlap2D();
        // Of pockets put on each other by hand the solver knows one; a check names them both.
        foreach (var h in byHand.Where((h, i) => !byHand.Take(i).Any(before => Clash(before, h, wall + finger))))
        {
            var (x, y) = (Down(h.X - field.Left), Down(h.Y - finger - field.Front));
            boxes.AddRectangle(model.NewFixedSizeIntervalVar(model.NewConstant(x), Up(h.Wide + wall), "hx"),
                model.NewFixedSizeIntervalVar(model.NewConstant(y), Up(h.Deep + finger + wall), "hy"));
        }

        // What is kept free may lie over each other, and over what was put down by hand: each is kept from what the solver places alone.
        List<NoOverlap2dConstraint> apart = [boxes];
        foreach (var k in keptFree)
        {
            var (x, y) = (Down(k.X0 - field.Left), Down(k.Y0 - field.Front));
            apart.Add(model.AddNoOverlap2D());
            apart[^1].AddRectangle(model.NewFixedSizeIntervalVar(model.NewConstant(x), Up(k.X1 - k.X0), "kx"),
                model.NewFixedSizeIntervalVar(model.NewConstant(y), Up(k.Y1 - k.Y0), "ky"));
        }

        var goal = new List<LinearExpr>();
        var ways = free.Select((item, i) =>
        {
            var turns = Turns.Where(t => !t || Math.Abs(item.Wide - item.Deep) > 1).Select(turned =>
                Way(model, apart, item, i, turned, wide, deep, wall, finger)).OfType<Candidate>().ToList();
            model.AddExactlyOne(turns.Select(t => t.Lies));
            foreach (var way in turns)
            {
                // A way that is not taken lies at nought, so it adds nothing.
                goal.Add(way.Y * (Wanted(item) + (support == Support.Behind ? -Weight(item) : 0)));
                goal.Add(way.X * (1 + support switch { Support.Left => Weight(item), Support.Right => -Weight(item), _ => 0 }));
                goal.Add(way.Y);
            }

            return turns;
        }).ToList();
        if (ways.Any(w => w.Count == 0))
        {
            return null;
        }

        model.Minimize(LinearExpr.Sum(goal));
        if (Solve(model) is not { } solver)
        {
            return null;
        }

        return [.. byHand, .. free.Zip(ways).Select(f =>
        {
            var way = f.Second.First(w => solver.BooleanValue(w.Lies));
            return new Pocket(f.First, field.Left + (solver.Value(way.X) / Fineness), field.Front + finger + (solver.Value(way.Y) / Fineness), way.Turned);
        })];
    }

    /// <summary>Pairs of pockets with less than a wall between them, and pockets that reach out of the field or lie where nothing may.</summary>
    public static IEnumerable<string> Clashes(IReadOnlyList<Pocket> pockets, (double Left, double Front, double Right, double Back) field, double wall,
        IReadOnlyList<KeptFree> keptFree)
    {
        const double Close = 0.05;
        foreach (var (a, i) in pockets.Select((a, i) => (a, i)))
        {
            if (a.X < field.Left - Close || a.Y < field.Front - Close || a.X + a.Wide > field.Right + Close || a.Y + a.Deep > field.Back + Close)
            {
                yield return $"{a.Item.Place.Name} reaches over the edge";
            }

            if (keptFree.Any(k => k.Takes(a)))
            {
                yield return $"{a.Item.Place.Name} lies where nothing may";
            }

            foreach (var b in pockets.Skip(i + 1))
            {
                if (Clash(a, b, wall - Close))
                {
                    yield return $"{a.Item.Place.Name} and {b.Item.Place.Name} overlap";
                }
            }
        }
    }

    private static bool Clash(Pocket a, Pocket b, double apart) => a.X < b.X + b.Wide + apart && b.X < a.X + a.Wide + apart && a.Y < b.Y + b.Deep + apart
        && b.Y < a.Y + a.Deep + apart;

    private static readonly bool[] Turns = [false, true];

    private static CpSolver? Solve(CpModel model)
    {
        foreach (var effort in Efforts)
        {
            var solver = new CpSolver
            {
                StringParameters = string.Create(CultureInfo.InvariantCulture,
                $"num_workers:1 random_seed:1 max_deterministic_time:{effort}")
            };
            switch (solver.Solve(model))
            {
                case CpSolverStatus.Optimal or CpSolverStatus.Feasible:
                    return solver;
                case CpSolverStatus.Infeasible:
                    return null;
            }
        }

        return null;
    }

    private static Candidate? Way(CpModel model, IReadOnlyList<NoOverlap2dConstraint> apart, TrayItem item, int i, bool turned, long wide, long deep,
        double wall, double finger)
    {
        var (w, d) = (Up((turned ? item.Deep : item.Wide) + wall), Up((turned ? item.Wide : item.Deep) + finger + wall));
        if (w > wide || d > deep)
        {
            return null;
        }

        var (lies, x, y) = (model.NewBoolVar($"lies{i}{turned}"), model.NewIntVar(0, wide - w, $"x{i}{turned}"), model.NewIntVar(0, deep - d, $"y{i}{turned}"));
        var (across, along) = (model.NewOptionalFixedSizeIntervalVar(x, w, lies, $"w{i}{turned}"),
            model.NewOptionalFixedSizeIntervalVar(y, d, lies, $"d{i}{turned}"));
        foreach (var boxes in apart)
        {
            boxes.AddRectangle(across, along);
        }

        model.Add(x == 0).OnlyEnforceIf(lies.Not());
        model.Add(y == 0).OnlyEnforceIf(lies.Not());
        return new(lies, x, y, turned);
    }

    /// <summary>How much a thing is drawn to the front by how often it is used; negative to the back.</summary>
    private static long Wanted(TrayItem item) => item.Use switch { "often" => 12, "seldom" => -12, _ => 0 };

    /// <summary>How much a thing is drawn to where the tray is carried.</summary>
    private static long Weight(TrayItem item) => (long)Math.Min(24, 6 * Math.Floor((item.Mass ?? 0) / Heavy));

    private static long Up(double mm) => (long)Math.Ceiling((mm * Fineness) - 1e-6);

    private static long Down(double mm) => (long)Math.Floor((mm * Fineness) + 1e-6);

    private sealed record Candidate(BoolVar Lies, IntVar X, IntVar Y, bool Turned);
}
