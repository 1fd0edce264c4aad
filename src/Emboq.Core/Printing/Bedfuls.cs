using Google.OrTools.Sat;

namespace Emboq.Core.Printing;

/// <summary>Lays pieces on beds: group by group, bed after bed, each filled with as much as it holds (CP-SAT, OR-Tools). The same pieces always lie the same
/// way.</summary>
public static class Bedfuls
{
    /// <summary>Whole units to the millimetre: the solver counts in integers.</summary>
    private const double Fineness = 10;

    /// <summary>Work the solver may do on one bed, in its own deterministic units: about a second.</summary>
    private const double Effort = 1.5;

    /// <summary>Most pieces that are weighed against each other for one bed.</summary>
    private const int Weighed = 40;

    /// <summary>Lays out a row.</summary>
    /// <param name="pieces">What to print.</param>
    /// <param name="beds">Which share the work; at least one.</param>
    /// <param name="gap">Free between neighbours, mm.</param>
    /// <param name="most">Pieces on one bed at most.</param>
    public static Layout Of(IReadOnlyList<BedItem> pieces, IReadOnlyList<Bed> beds, double gap, int most = Weighed)
    {
        ArgumentOutOfRangeException.ThrowIfZero(beds.Count);
        var tooLarge = pieces.Where(p => !beds.Any(b => Fits(p, b))).ToList();
        var bedfuls = new List<Bedful>();
        var proven = true;
        // What a printer was given so far, by the volume of its boxes: the one with least to do is filled next.
        var load = beds.Select(b => b.Printer).Distinct().ToDictionary(p => p, _ => 0.0);
        foreach (var group in pieces.Where(p => !tooLarge.Contains(p)).GroupBy(p => p.Group).OrderBy(g => g.Key, StringComparer.Ordinal))
        {
            // Tall things together: the tallest decides how long a bed takes.
            var left = group.OrderByDescending(p => p.Height).ThenByDescending(p => p.Width * p.Depth).ThenBy(p => p.Member).ToList();
            var before = bedfuls.Count;
            while (left.Count > 0)
            {
                var bed = beds.Where(b => left.Any(p => Fits(p, b))).MinBy(b => load[b.Printer])!;
                var candidates = left.Where(p => Fits(p, bed)).Take(Math.Min(most, Weighed)).ToList();
                var placed = Fill(candidates, bed, gap);
                load[bed.Printer] += placed.Sum(p => p.Piece.Width * p.Piece.Depth * p.Piece.Height);
                bedfuls.Add(new(bed, group.Key, placed));
                foreach (var p in placed)
                {
                    left.Remove(p.Piece);
                }
            }

            proven &= bedfuls.Count - before <= Math.Max(LeastCount(group, beds, gap), (int)Math.Ceiling((double)group.Count() / most));
        }

        return new(bedfuls, tooLarge, proven);
    }

    /// <summary>No layout needs fewer: by the area of the pieces, each with its share of the gaps, against the largest bed.</summary>
    private static int LeastCount(IEnumerable<BedItem> pieces, IReadOnlyList<Bed> beds, double gap)
    {
        var area = pieces.Sum(p => (p.Width + gap) * (p.Depth + gap));
        return (int)Math.Ceiling((area / beds.Max(b => (b.Free().Width + gap) * (b.Free().Depth + gap))) - 1e-9);
    }

    private static bool Fits(BedItem p, Bed b) => BedRoom.Takes(p.Width, p.Depth, p.Height, b);

    private static IReadOnlyList<Placement> Fill(IReadOnlyList<BedItem> pieces, Bed bed, double gap)
    {
        var rows = new[] { InRows(pieces, bed, gap, turned: false), InRows(pieces, bed, gap, turned: true) }.MaxBy(r =>
            r.Sum(p => p.Width * p.Depth))!;
        return rows.Count == pieces.Count ? rows : Solved(pieces, rows, bed, gap);
    }

    /// <summary>Rows from the front, each as deep as its deepest piece: quick, and where the solver starts from.</summary>
    private static List<Placement> InRows(IReadOnlyList<BedItem> pieces, Bed bed, double gap, bool turned)
    {
        var placed = new List<Placement>();
        double x = bed.Margin, y = bed.Margin, row = 0;
        foreach (var piece in pieces.OrderByDescending(p => turned ? p.Width : p.Depth).ThenByDescending(p => turned ? p.Depth : p.Width))
        {
            var (w, d) = turned ? (piece.Depth, piece.Width) : (piece.Width, piece.Depth);
            if (x + w > bed.Width - bed.Margin)
            {
                (x, y, row) = (bed.Margin, y + row + gap, 0);
            }

            if (x + w <= bed.Width - bed.Margin && y + d <= bed.Depth - bed.Margin)
            {
                placed.Add(new(piece, x, y, turned));
                (x, row) = (x + w + gap, Math.Max(row, d));
            }
        }

        return placed;
    }

    private static IReadOnlyList<Placement> Solved(IReadOnlyList<BedItem> pieces, List<Placement> start, Bed bed, double gap)
    {
        // Every piece grows by the gap, and the bed with it: neighbours then may touch.
        var (wide, deep) = (Down(bed.Free().Width + gap), Down(bed.Free().Depth + gap));
        var model = new CpModel();
        var boxes = model.AddNoOverlap2D();
        var candidates = pieces.Select((piece, i) =>
        {
            var ways = Turns.Where(turned => !turned || Math.Abs(piece.Width - piece.Depth) > 1e-9).Select(turned =>
            {
                var (w, d) = turned ? (Up(piece.Depth + gap), Up(piece.Width + gap)) : (Up(piece.Width + gap), Up(piece.Depth + gap));
                if (w > wide || d > deep)
                {
                    return null;
                }

                var (lies, x, y) = (model.NewBoolVar($"lies{i}{turned}"), model.NewIntVar(0, wide - w, $"x{i}{turned}"),
                    model.NewIntVar(0, deep - d, $"y{i}{turned}"));
                boxes.AddRectangle(model.NewOptionalFixedSizeIntervalVar(x, w, lies, $"w{i}{turned}"),
                    model.NewOptionalFixedSizeIntervalVar(y, d, lies, $"d{i}{turned}"));
                var hint = start.FirstOrDefault(p => ReferenceEquals(p.Piece, piece) && p.Turned == turned);
                model.AddHint(lies, hint is not null);
                if (hint is not null)
                {
                    model.AddHint(x, Down(hint.X - bed.Margin));
                    model.AddHint(y, Down(hint.Y - bed.Margin));
                }

                return new Candidate(lies, x, y, w, d, turned);
            }).OfType<Candidate>().ToList();
            model.AddAtMostOne(ways.Select(w => w.Lies));
            return (Piece: piece, Ways: ways);
        }).ToList();
        model.AddLinearConstraint(LinearExpr.Sum(candidates.SelectMany(c => c.Ways).Select(w => w.Lies * (w.Wide * w.Deep))), 0, wide * deep);
        // Alike pieces are taken in order, so that no two answers differ by a swap.
        foreach (var (a, b) in candidates.Zip(candidates.Skip(1)).Where(p => (p.First.Piece with { Member = 0 }) == (p.Second.Piece with { Member = 0 })))
        {
            model.Add(LinearExpr.Sum(a.Ways.Select(w => w.Lies)) >= LinearExpr.Sum(b.Ways.Select(w => w.Lies)));
        }

        model.Maximize(LinearExpr.Sum(candidates.SelectMany(c => c.Ways).Select(w => w.Lies * (w.Wide * w.Deep))));
        var solver = new CpSolver
        {
            StringParameters = string.Create(System.Globalization.CultureInfo.InvariantCulture,
            $"num_workers:1 random_seed:1 max_deterministic_time:{Effort}")
        };
        if (solver.Solve(model) is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
        {
            return start;
        }

        List<Placement> placed = [.. from c in candidates from w in c.Ways where solver.BooleanValue(w.Lies) select new Placement(c.Piece,
            bed.Margin + (solver.Value(w.X) / Fineness), bed.Margin + (solver.Value(w.Y) / Fineness), w.Turned)];
        return placed.Sum(p => p.Width * p.Depth) >= start.Sum(p => p.Width * p.Depth) ? placed : start;
    }

    private static long Up(double mm) => (long)Math.Ceiling((mm * Fineness) - 1e-6);

    private static long Down(double mm) => (long)Math.Floor((mm * Fineness) + 1e-6);

    private static readonly bool[] Turns = [false, true];

    private sealed record Candidate(BoolVar Lies, IntVar X, IntVar Y, long Wide, long Deep, bool Turned);
}
