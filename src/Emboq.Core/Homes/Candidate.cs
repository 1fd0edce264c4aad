using Google.OrTools.Sat;

namespace Emboq.Core.Homes;

/// <summary>One thing as the solver sees it, in whole millimetres: where it may lie, and how.</summary>
internal sealed record Candidate(Belonging Thing, int Index, BoolVar[] In, bool[] Fits, BoolVar None, IntVar X, IntVar Y, LinearExpr Wide, LinearExpr Deep,
    BoolVar Turned)
{
    /// <summary>Which storage, in their order; behind all of them where it has none.</summary>
    public LinearExpr Place => LinearExpr.Sum(In.Select((lies, s) => lies * s).Append(None * In.Length));

    public static Candidate Of(CpModel model, IReadOnlyList<Storage> storages, Belonging thing, int i)
    {
        var (w, d) = (HomeSearch.Up(thing.Width), HomeSearch.Up(thing.Depth));
        var most = storages.Select(s => (long)Math.Floor(Math.Max(s.Width, s.Depth))).DefaultIfEmpty(0).Max();
        var (none, turned) = (model.NewBoolVar($"none{i}"), model.NewBoolVar($"turned{i}"));
        var (x, y) = (model.NewIntVar(0, most, $"x{i}"), model.NewIntVar(0, most, $"y{i}"));
        LinearExpr wide = w + (turned * (d - w)), deep = d + (turned * (w - d));
        var fits = storages.Select(s => HandRoom.Takes(s, thing) && (thing.Pinned is null || thing.Pinned == s.Key)).ToArray();
        var lies = storages.Select((s, k) =>
        {
            var within = model.NewBoolVar($"in{i}.{k}");
            if (!fits[k])
            {
                model.Add(within == 0);
                return within;
            }

            model.Add(x + wide <= (long)Math.Floor(s.Width + 1e-6)).OnlyEnforceIf(within);
            model.Add(y + deep <= (long)Math.Floor(s.Depth + 1e-6)).OnlyEnforceIf(within);
            return within;
        }).ToArray();
        model.AddExactlyOne(lies.Append(none));
        if (w == d)
        {
            model.Add(turned == 0);
        }

        return new(thing, i, lies, fits, none, x, y, wide, deep, turned);
    }

    /// <summary>Where the solver may begin.</summary>
    public void Hint(CpModel model, IReadOnlyList<Storage> storages, Home? home)
    {
        for (var s = 0; s < In.Length; s++)
        {
            model.AddHint(In[s], home?.Storage == storages[s].Key);
        }

        model.AddHint(None, home is null);
        model.AddHint(Turned, false);
        model.AddHint(X, home is null ? 0 : (long)home.X);
        model.AddHint(Y, home is null ? 0 : (long)home.Y);
    }

    /// <summary>What the solver found.</summary>
    public Home? Home(CpSolver solver, IReadOnlyList<Storage> storages, int copy) =>
        Array.FindIndex(In, solver.BooleanValue) is var s and >= 0 && solver.BooleanValue(Turned) is var turned
            ? new(Thing.Key, copy, storages[s].Key, solver.Value(X), solver.Value(Y), turned ? Thing.Depth : Thing.Width, turned ? Thing.Width : Thing.Depth,
                Thing.Height)
            : null;
}
