using Emboq.Core.Tests.Measuring;

namespace Emboq.Core.Tests.Standards;

/// <summary>Tables against what can be derived, and against values of the documents they name (from memory).</summary>
public sealed class StandardTests
{
    private static double Value(string table, string row, string column) =>
        StandardTables.Find(table)!.Rows.Single(r => r.Name == row).Cells[column].Value!.Value;

    private static IEnumerable<StandardRow> Rows(string table) => StandardTables.Find(table)!.Rows;

    private static double? Cell(StandardRow row, string column) => row.Cells.GetValueOrDefault(column)?.Value;

    [Fact]
    public void Every_table_says_where_it_comes_from_and_every_kind_finds_its_columns()
    {
        StandardTables.All.Count.ShouldBe(14);
        StandardTables.All.ShouldAllBe(t => t.Source.Length > 10 && t.Rows.Count > 4 && t.Rows.Select(r => r.Name).Distinct().Count() == t.Rows.Count);
        foreach (var likeness in KindList.All.SelectMany(k => k.Likenesses))
        {
            // A column that recognises things knows how far real ones stray.
            var columns = StandardTables.Find(likeness.Table)!.Columns;
            likeness.Columns.Values.ShouldAllBe(c => columns.Single(x => x.Name == c).Spread > 0);
        }
    }

    [Fact]
    public void Threads_follow_from_their_diameter_and_pitch()
    {
        foreach (var row in Rows("threads"))
        {
            var (d, p) = (Cell(row, "diameter")!.Value, Cell(row, "pitch")!.Value);
            Cell(row, "pitch diameter")!.Value.ShouldBe(d - (0.649519 * p), 1e-3, row.Name);
            Cell(row, "minor diameter")!.Value.ShouldBe(d - (1.082532 * p), 1e-3, row.Name);
            (Cell(row, "turns to the inch")!.Value * p).ShouldBe(25.4, 2e-2, row.Name);
            // A tap drill leaves between half and nearly all of the thread.
            Cell(row, "tap drill")!.Value.ShouldBeInRange(d - (1.1 * p), d - (0.6 * p), row.Name);
        }

        // Number sizes are 0.060 + 0.013 n in (ASME B1.1).
        foreach (var row in Rows("threads").Where(r => r.Size!.StartsWith("No.", StringComparison.Ordinal) || r.Name[1] == '-'))
        {
            var n = int.Parse(row.Name.Split('-')[0], System.Globalization.CultureInfo.InvariantCulture);
            if (n > 1)
            {
                Cell(row, "diameter")!.Value.ShouldBe((0.060 + (0.013 * n)) * 25.4, 1e-3, row.Name);
            }
        }
    }

    [Theory]
    // ISO 261 and ISO 724, ASME B1.1 tap drills No. 29, No. 25, No. 7.
    [InlineData("threads", "M6", "pitch", 1)]
    [InlineData("threads", "M8", "pitch", 1.25)]
    [InlineData("threads", "8-32 UNC", "tap drill", 0.136 * 25.4)]
    [InlineData("threads", "10-24 UNC", "tap drill", 0.1495 * 25.4)]
    [InlineData("threads", "1/4-20 UNC", "tap drill", 0.201 * 25.4)]
    [InlineData("threads", "1 1/4-8 UN", "diameter", 31.75)]
    // ISO 273.
    [InlineData("clearance-holes", "M6 medium", "diameter", 6.6)]
    [InlineData("clearance-holes", "M3 fine", "diameter", 3.2)]
    [InlineData("clearance-holes", "M10 coarse", "diameter", 12)]
    // ISO 4032, ISO 4762, ISO 10642 against ISO 7046, ISO 7089.
    [InlineData("nuts", "M8 nut", "height", 6.8)]
    [InlineData("cap-screws", "M5 cap screw", "knurled head", 8.72)]
    [InlineData("countersunk-screws", "M6 countersunk, ISO 10642", "head", 13.44)]
    [InlineData("countersunk-screws", "M6 countersunk, ISO 7046", "head", 11.3)]
    [InlineData("washers", "M6 washer", "outside", 12)]
    // ASME B18.3, B18.21.1.
    [InlineData("cap-screws", "8-32 cap screw", "head", 0.270 * 25.4)]
    [InlineData("washers", "1/4-20 washer", "thickness", 0.065 * 25.4)]
    // ISO 296, half angle of Morse 1, 2 and 3: 1° 25' 43", 1° 25' 50", 1° 26' 16".
    [InlineData("tapers", "Morse 1", "half angle", 1 + (25.0 / 60) + (43.0 / 3600))]
    [InlineData("tapers", "Morse 2", "half angle", 1 + (25.0 / 60) + (50.0 / 3600))]
    [InlineData("tapers", "Morse 3", "half angle", 1 + (26.0 / 60) + (16.0 / 3600))]
    public void Values_of_the_documents_stand(string table, string row, string column, double value) =>
        Value(table, row, column).ShouldBe(value, column == "half angle" ? 2e-4 : 1e-3);

    [Fact]
    public void Figures_that_derive_from_others_do()
    {
        Rows("nuts").ShouldAllBe(r => Math.Abs(Cell(r, "across corners")!.Value - (Cell(r, "across flats")!.Value / Math.Cos(Math.PI / 6))) < 1e-3);
        Rows("tapers").ShouldAllBe(r => Math.Abs(Cell(r, "half angle")!.Value - (Math.Atan(1 / (2 * Cell(r, "ratio")!.Value)) * 180 / Math.PI)) < 1e-3);
        Rows("cap-screws").ShouldAllBe(r => Cell(r, "height") == Cell(r, "diameter")
            && (r.Size![0] == 'M' ? Cell(r, "knurled head") > Cell(r, "head") : Cell(r, "knurled head") == Cell(r, "head")));
        // Number drills shrink with their number, letters grow; 64ths are exact.
        Rows("drills").Where(r => r.Cells["series"].Text == "number").Select(r => Cell(r, "diameter")!.Value).ShouldBeInOrder(SortDirection.Descending);
        Rows("drills").Where(r => r.Cells["series"].Text == "letter").Select(r => Cell(r, "diameter")!.Value).ShouldBeInOrder(SortDirection.Ascending);
        Rows("drills").Where(r => r.Cells["series"].Text == "fractional").ShouldAllBe(r =>
            Math.Abs(Emboq.Core.Quantities.LengthNotation.Parse(r.Name, Emboq.Core.Quantities.LengthSystem.Inch, "x").Value.ToMillimetres() - Cell(r,
                "diameter")!.Value) < 1e-4);
        // Fine is under medium is under coarse, and every hole passes its screw.
        foreach (var holes in Rows("clearance-holes").Where(r => r.Size![0] == 'M').GroupBy(r => r.Size!))
        {
            holes.Select(r => Cell(r, "diameter")!.Value).ShouldBeInOrder(SortDirection.Ascending);
            Cell(holes.First(), "diameter")!.Value.ShouldBeGreaterThan(double.Parse(holes.Key[1..], System.Globalization.CultureInfo.InvariantCulture));
        }
    }

    [Fact]
    public void A_size_leads_to_everything_that_goes_with_it() =>
        StandardTables.All.Where(t => t.Rows.Any(r => r.Size == "M6")).Select(t =>
            t.Key).ShouldBe(["heat-set-inserts", "cap-screws", "clearance-holes", "countersunk-screws", "nuts", "pan-screws", "threads",
            "washers"], ignoreOrder: true);

    [Theory]
    // A nut of 9.8 across flats and 5.0 high is an M6 (common practice, no source).
    [InlineData("nut", "flats 9.8, height 5.0", "nuts", "M6 nut")]
    [InlineData("nut", "flats 12.82, height 6.55", "nuts", "M8 nut")]
    [InlineData("nut", "flats 12.6, height 6.65", "nuts", "5/16 nut")]
    [InlineData("thread", "outside 31.68, pitch 3.175", "threads", "1 1/4-8 UN")]
    [InlineData("thread", "outside 5.92, pitch 1.0", "threads", "M6")]
    [InlineData("thread", "outside 6.28, pitch 1.27", "threads", "1/4-20 UNC")]
    [InlineData("hole-row", "diameter 5, gap1.centre 96.05", "hole-spacings", "96 mm")]
    [InlineData("hole-grid", "pitchX 96.05, pitchY 96, diameter 20.1", "table-grids", "20 mm dogs on 96 mm")]
    [InlineData("bore", "diameter 6.62", "clearance-holes", "M6 medium")]
    public void A_thing_is_recognised_by_its_sizes(string kind, string sizes, string table, string row)
    {
        var found = Identify.Of(new(Places.Of(KindList.Of(kind), sizes))).Single(l => l.Table.Key == table);
        found.Rows[0].Row.Name.ShouldBe(row);
        found.Rows[0].Probability.ShouldBeGreaterThan(0.45);
        (found.Rows.Sum(r => r.Probability) + found.SomethingElse).ShouldBe(1, 0.02);
    }

    [Fact]
    public void What_is_in_no_table_is_something_else_and_a_worse_instrument_is_less_sure()
    {
        double Sure(Instrument with, double flats) => Identify.Rank(StandardTables.Find("nuts")!,
            [(StandardTables.Find("nuts")!.Columns.Single(c => c.Name == "across flats"),
                Evaluation.Of(Workshop.Dimension(Guid.NewGuid(), "flats", (with, flats)))!.Quantity)])!.Rows.Select(r => r.Probability).FirstOrDefault();
        Sure(Workshop.Caliper, 11.4).ShouldBeLessThan(0.05);
        Sure(Workshop.Caliper, 9.88).ShouldBeGreaterThan(Sure(Workshop.Rule with { Resolution = 2 }, 9.88));
    }
}
