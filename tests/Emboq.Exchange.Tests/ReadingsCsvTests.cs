using CsCheck;

namespace Emboq.Exchange.Tests;

/// <summary>Readings as comma-separated values (RFC 4180).</summary>
public sealed class ReadingsCsvTests
{
    [Fact]
    public void What_is_written_is_read_back() => Gen.String[Gen.Char[' ', '~'], 0, 20].Array[ReadingsCsv.Columns.Count].Array[1, 5].Where(lines =>
        lines.All(l => l.Any(c => c.Trim().Length > 0))).Sample(lines =>
    {
        // Space around a cell is not kept.
        var read = ReadingsCsv.Read(ReadingsCsv.Write(lines.Select(l => (IReadOnlyList<string>)[.. l.Select(c => c.Trim())])));
        read.Count.ShouldBe(lines.Length);
        for (int i = 0; i < lines.Length; i++)
        {
            ReadingsCsv.Columns.Select(c => read[i].Cells[c]).ShouldBe(lines[i].Select(c => c.Trim()));
        }
    });

    /// <summary>What begins a formula, at the start of a cell or where some spreadsheets part cells, stands as text; numbers stay numbers.</summary>
    [Theory]
    [InlineData("-2+3+cmd", "'-2+3+cmd")]
    [InlineData("=1+1", "'=1+1")]
    [InlineData("@sum(a1)", "'@sum(a1)")]
    [InlineData("near;=1+1", "near;'=1+1")]
    [InlineData("'=1", "''=1")]
    [InlineData("-2", "-2")]
    [InlineData("+3.50", "+3.50")]
    [InlineData("1 -7/16", "1 -7/16")]
    public void Cells_are_harmless_in_a_spreadsheet_and_come_back_unchanged(string cell, string written)
    {
        var line = ReadingsCsv.Columns.Select(_ => "x").ToList();
        line[3] = cell;
        var text = ReadingsCsv.Write([line]);
        text.Split('\n')[1].ShouldBe($"x,x,x,{written},x,x,x,x,x,x,x\r");
        ReadingsCsv.Read(text).Single().Cells["reading"].ShouldBe(cell);
    }

    [Theory]
    [InlineData("dimension,reading\ninside,1-7/16\"\n", "1-7/16\"")]
    [InlineData("dimension;reading\r\ninside;36,5\r\n", "36,5")]
    [InlineData("Dimension\tReading\ninside\t2'3 1/2\"", "2'3 1/2\"")]
    [InlineData("dimension,reading,remark\ninside,\"51,2\",\"a \"\"quoted\"\" one\"", "51,2")]
    public void Lines_of_a_workshop_are_read_as_they_are_meant(string text, string reading)
    {
        var line = ReadingsCsv.Read(text).Single();
        line.Cells["reading"].ShouldBe(reading);
        line.Cells["dimension"].ShouldBe("inside");
        line.Number.ShouldBe(2);
    }

    [Fact]
    public void Nothing_is_read_from_nothing()
    {
        ReadingsCsv.Read("").ShouldBeEmpty();
        ReadingsCsv.Read("dimension,reading\n").ShouldBeEmpty();
    }
}
