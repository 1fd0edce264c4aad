using MathNet.Numerics.LinearAlgebra;

namespace Emboq.Core.Standards;

/// <summary>What a measured thing is likely to be. Never a verdict: the measured size stays what it is.</summary>
/// <param name="Table">Where it was looked up.</param>
/// <param name="Columns">By which columns.</param>
/// <param name="Rows">The likely rows with their probabilities, the likeliest first.</param>
/// <param name="SomethingElse">The probability that it is none of them.</param>
public sealed record Likeliest(StandardTable Table, IReadOnlyList<string> Columns,
    IReadOnlyList<(StandardRow Row, double Probability)> Rows, double SomethingElse);

/// <summary>Ranks rows of tables by Bayes' rule: how likely the readings are for each row, with the spread of the readings (shared instrument
/// errors included) and of real things about their table; every row equally likely before, and one chance in ten for something that is in no table.</summary>
public static class Identify
{
    private const double PriorOfSomethingElse = 0.1;
    private const double LeastShown = 0.005;
    private const int MostShown = 6;

    /// <summary>For each table that the kind of place may be found in and of which at least one column is read.</summary>
    public static IReadOnlyList<Likeliest> Of(Sizes sizes) =>
        [.. sizes.Place.Kind.Likenesses.Select(l => In(sizes, l)).OfType<Likeliest>()];

    private static Likeliest? In(Sizes sizes, Likeness likeness)
    {
        var table = StandardTables.Find(likeness.Table)!;
        var read = likeness.Columns
            .Where(c => sizes.Place.Dimensions.Any(d => d.Key == c.Key) && sizes[c.Key] is not null)
            .Select(c => (Column: table.Columns.First(t => t.Name == c.Value), Size: sizes[c.Key]!)).ToList();
        return read.Count == 0 ? null : Rank(table, read);
    }

    /// <summary>Ranks the rows of a table by some of its columns.</summary>
    /// <param name="table">The table.</param>
    /// <param name="read">Columns with what was measured for them; the columns must have a spread.</param>
    public static Likeliest? Rank(StandardTable table, IReadOnlyList<(StandardColumn Column, Quantity Size)> read)
    {
        var rows = table.Rows.Where(r => read.Any(c => Cell(r, c.Column) is not null)).ToList();
        if (rows.Count == 0)
        {
            return null;
        }

        // What a row does not state, and what something else measures, may be anything up to the largest of the table.
        var range = read.Select(c => rows.Max(r => Cell(r, c.Column) ?? 0)).ToList();
        double Density(StandardRow row) => Enumerable.Range(0, read.Count).Where(i => Cell(row, read[i].Column) is null).Aggregate(
            Normal(row, [.. read.Where(c => Cell(row, c.Column) is not null)]), (density, i) => density / range[i]);
        var other = range.Aggregate(PriorOfSomethingElse, (p, r) => p / r);
        var weights = rows.Select(r => (Row: r, Weight: (1 - PriorOfSomethingElse) / rows.Count * Density(r))).ToList();
        var all = other + weights.Sum(w => w.Weight);
        return new(table, [.. read.Select(c => c.Column.Name)],
            [.. weights.Select(w => (w.Row, w.Weight / all)).Where(w => w.Item2 >= LeastShown).OrderByDescending(w => w.Item2).Take(MostShown)], other / all);
    }

    private static double? Cell(StandardRow row, StandardColumn column) => row.Cells.GetValueOrDefault(column.Name)?.Value;

    /// <summary>The density of what was measured, if it were this row.</summary>
    private static double Normal(StandardRow row, List<(StandardColumn Column, Quantity Size)> read)
    {
        var spread = Matrix<double>.Build.Dense(read.Count, read.Count, (i, j) =>
            Quantity.Covariance(read[i].Size, read[j].Size) + (i == j ? Math.Pow(read[i].Column.Spread!.Value, 2) : 0));
        var root = spread.Cholesky();
        var off = Vector<double>.Build.Dense(read.Count, i => read[i].Size.Value - read[i].Column.Offset - Cell(row, read[i].Column)!.Value);
        return Math.Exp(-0.5 * (root.DeterminantLn + off.DotProduct(root.Solve(off)))) / Math.Pow(2 * Math.PI, read.Count / 2.0);
    }
}
