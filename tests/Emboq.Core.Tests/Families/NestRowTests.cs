using CsCheck;
using Emboq.Core.Families.Storage.DrawerNest;

namespace Emboq.Core.Tests.Families;

/// <summary>How modules stand in a drawer: side by side, cut for the bed, each locked to what stands beside it.</summary>
public sealed class NestRowTests
{
    private static readonly Gen<(double Wide, double? Long)[]> Columns = Gen.Select(Gen.Double[14, 90], Gen.Double[40, 400], Gen.Bool).Select((w, l, tool) =>
        (w, tool ? l : (double?)null)).Array[1, 7];

    private static NestRow Row(IReadOnlyList<(double Wide, double? Long)> columns, double deep, double bed) => NestRow.Of([.. columns.Select((c, i) =>
        new Wanted(i == 0 ? "part" : $"c{i}", $"column {i}", c.Wide, c.Long, c.Long is null ? null : i))], deep, bed);

    [Fact]
    public void Modules_cover_the_row_and_none_is_longer_than_the_bed() =>
        Gen.Select(Columns, Gen.Double[400, 500], Gen.Double[120, 300]).Sample((columns, deep,
        bed) =>
    {
        var row = Row(columns, deep, bed);
        foreach (var (a, b) in row.Columns.Zip(row.Columns.Skip(1)))
        {
            (b.X - a.X - a.Wide).ShouldBe(NestRow.Apart, 1e-9);
        }

        foreach (var column in row.Columns)
        {
            column.Modules[0].From.ShouldBe(0);
            column.Modules[^1].To.ShouldBe(deep, 1e-9);
            column.Modules.ShouldAllBe(m => m.To - m.From <= bed + 1e-9 && m.To > m.From);
            column.Modules.Zip(column.Modules.Skip(1)).ShouldAllBe(p => Math.Abs(p.Second.From - p.First.To - NestRow.Apart) < 1e-9);
        }

        row.Modules.Select(m => m.Key).ShouldBeUnique();
    }, iter: 200);

    /// <summary>Wherever two modules stand beside each other for more than twice the way from a lock to an end, one goes into the other, and no lock lies over
    /// a gap of either.</summary>
    [Fact]
    public void Neighbours_are_locked_wherever_they_stand_beside_each_other() =>
        Gen.Select(Columns.Where(c => c.Length > 1), Gen.Double[120, 300]).Sample((columns,
        bed) =>
    {
        var row = Row(columns, 450, bed);
        for (var i = 0; i + 1 < row.Columns.Count; i++)
        {
            var locks = row.LocksAfter(i).ToList();
            foreach (var (a, b) in row.Columns[i].Modules.SelectMany(a => row.Columns[i + 1].Modules.Select(b => (a, b))))
            {
                var (from, to) = (Math.Max(a.From, b.From), Math.Min(a.To, b.To));
                if (to - from >= 24)
                {
                    locks.ShouldContain(y => y > from && y < to);
                }
            }

            locks.ShouldAllBe(y => new[] { row.Columns[i], row.Columns[i + 1] }.All(c => c.Modules.Any(m => y >= m.From + 5 && y <= m.To - 5)));
        }
    }, iter: 200);

    /// <summary>260 deep: a nest of 240 takes the whole depth, one of 200 has a filler behind it.</summary>
    [Theory]
    [InlineData(240, 1)]
    [InlineData(200, 2)]
    public void A_short_nest_has_a_filler_behind_it(double nest, int modules)
    {
        var row = Row([(40, nest)], 260, 300);
        row.Columns[0].Modules.Count.ShouldBe(modules);
        row.Columns[0].Modules[^1].Tool.ShouldBe(modules == 1 ? 0 : null);
        row.Columns[0].Modules[0].Name.ShouldBe("column 0");
    }

    [Fact]
    public void Parts_of_a_long_nest_are_named_by_where_they_lie() => Row([(40, 500)], 500, 180).Modules.Select(m => m.Name).ShouldBe(["column 0, front",
        "column 0, middle", "column 0, back"]);
}
