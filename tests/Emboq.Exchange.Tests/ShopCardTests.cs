using System.Globalization;
using Emboq.Core.Tests;
using Emboq.Exchange.Pdf;

namespace Emboq.Exchange.Tests;

/// <summary>Shop cards read back by poppler, which knows nothing of Emboq: words by pdftotext, sizes by pdftoppm.</summary>
public sealed class ShopCardTests
{
    /// <summary>Ten dots to the millimetre.</summary>
    private const int Dpi = 254;

    private static CardContent Content(string spacing = "96")
    {
        var family = FamilyList.Find("drawer-pull")!;
        var design = family.Design(new(ParameterValues.Read(family.Parameters,
            new Dictionary<string, string> { ["text"] = "Grips", ["spacing"] = spacing }).Value, new Dictionary<string, Interface>(), Workshop.Process, []));
        return new()
        {
            Part = "labelled pull",
            Job = "Drawers",
            Revision = "revision 3",
            Address = "http://localhost/jobs/1",
            Drawing = design.Drawing!,
            Figures = [.. design.Drawing!.Callouts.Select(c => new CardFigure(c.Line, design.Ledger[c.Line].Name,
                $"{design.Ledger[c.Line].Value:0.00} mm", "1 in"))],
            Sections = [("Hardware", design.Hardware), ("Steps", design.Fitting)],
            Cautions = design.Cautions,
            Pattern = design.Pattern,
            FromTop = 45,
        };
    }

    [Theory]
    [InlineData(PaperSize.A4)]
    [InlineData(PaperSize.Letter)]
    public void The_words_are_read_back(PaperSize size)
    {
        var text = System.Text.Encoding.UTF8.GetString(Poppler("pdftotext", ShopCard.Write([Content()], size), "-layout {0} -"));
        foreach (var words in new[] { "labelled pull", "revision 3", "96.00 mm", "heat-set inserts M4", "Take care", "holes at full size", "50 mm",
            "45 mm to the middle of the part" })
        {
            text.ShouldContain(words);
        }
    }

    [Theory]
    [InlineData(PaperSize.A4, 210, 297)]
    [InlineData(PaperSize.Letter, 215.9, 279.4)]
    public void Ruler_and_holes_are_true_at_full_size(PaperSize size, double width, double height)
    {
        var page = Page(ShopCard.Write([Content()], size), 2);
        ((double)page.Width).ShouldBe(width * 10, 2);
        ((double)page.Height).ShouldBe(height * 10, 2);
        // The ruler's own line is the longest dark run near the foot of the page.
        Runs(page, (int)((height - 14) * 10)).Max(r => (double)(r.To - r.From)).ShouldBe(500, 4);
        // Through the middles of the holes go two short lines of 12 mm each.
        var crosses = Runs(page, (int)((36 + 45) * 10)).Where(r => r.To - r.From is > 100 and < 140).ToList();
        crosses.Count.ShouldBe(2);
        (((crosses[1].From + crosses[1].To) - (crosses[0].From + crosses[0].To)) / 2.0).ShouldBe(960, 3);
    }

    [Fact]
    public void A_wide_pattern_lies_on_its_side_and_a_wider_one_goes_over_several_pages()
    {
        Page(ShopCard.Write([Content("192")], PaperSize.A4), 2).Width.ShouldBeInRange(2968, 2972);
        var text = System.Text.Encoding.UTF8.GetString(Poppler("pdftotext", ShopCard.Write([Content("400")], PaperSize.A4), "-layout {0} -"));
        text.ShouldContain("page 1 of 2");
        text.ShouldContain("page 2 of 2");
    }

    [Fact]
    public void A_part_without_holes_has_one_page() =>
        System.Text.Encoding.UTF8.GetString(Poppler("pdftotext", ShopCard.Write([Content() with { Pattern = [] }], PaperSize.A4),
            "{0} -")).ShouldNotContain("full size");

    /// <summary>Members of a row have a card each; the same holes are drawn once, and every label is on the page of labels, at full size.</summary>
    [Fact]
    public void A_row_has_a_card_for_each_and_its_labels_at_full_size()
    {
        PaperLabel Label(string text, double width) => new([text, "and cord"], width, 24, 7);
        var pdf = ShopCard.Write([Content() with { Part = "pull: Cane", Label = Label("Cane", 60) },
            Content() with { Part = "pull: Tacks", Label = Label("Tacks", 80) }], PaperSize.A4);
        var text = System.Text.Encoding.UTF8.GetString(Poppler("pdftotext", pdf, "-layout {0} -"));
        text.ShouldContain("pull: Cane");
        text.ShouldContain("pull: Tacks");
        text.Split("holes at full size").Length.ShouldBe(2);
        text.Split('\f', StringSplitOptions.RemoveEmptyEntries).Length.ShouldBe(4);
        text[text.IndexOf("Labels at full size", StringComparison.Ordinal)..].ShouldContain("Tacks");
        var page = Page(pdf, 4);
        // Their upper edges lie on one line: 60 and 80 mm with 4 mm between.
        var edges = Runs(page, 300).Where(r => r.To - r.From > 300).ToList();
        edges.Select(r => (double)(r.To - r.From)).ShouldBe([600, 800], 4);
        ((double)(edges[1].From - edges[0].To)).ShouldBe(40, 4);
        // A capital is as high as was said: the T of Tacks.
        var column = edges[1].From + 400;
        var (least, greatest) = (Enumerable.Range(320, 100).Where(y => Enumerable.Range(column - 150, 300).Any(x =>
            page.Dots[(y * page.Width) + x] < 128)).Min(), Enumerable.Range(320, 100).Where(y => Enumerable.Range(column - 150, 300).Any(x =>
            page.Dots[(y * page.Width) + x] < 128)).Max());
        ((double)(greatest - least)).ShouldBeInRange(65, 78);
    }

    private sealed record Grey(int Width, int Height, byte[] Dots);

    private static List<(int From, int To)> Runs(Grey page, int about)
    {
        // The darkest of the rows around the place: a line is a few dots thick.
        var row = Enumerable.Range(about - 4, 9).MaxBy(y => Enumerable.Range(0, page.Width).Count(x => page.Dots[(y * page.Width) + x] < 160));
        var runs = new List<(int, int)>();
        var from = -1;
        for (var x = 0; x <= page.Width; x++)
        {
            var dark = x < page.Width && page.Dots[(row * page.Width) + x] < 160;
            if (dark && from < 0)
            {
                from = x;
            }
            else if (!dark && from >= 0)
            {
                runs.Add((from, x));
                from = -1;
            }
        }

        return runs;
    }

    /// <summary>One page as portable grey map: a heading of words, then a byte a dot.</summary>
    private static Grey Page(byte[] pdf, int page)
    {
        var pgm = Poppler("pdftoppm", pdf, string.Create(CultureInfo.InvariantCulture, $"-r {Dpi} -gray -f {page} -l {page} {{0}}"));
        var (at, words) = (0, new List<string>());
        while (words.Count < 4)
        {
            var from = at;
            while (pgm[at] > ' ')
            {
                at++;
            }

            words.Add(System.Text.Encoding.ASCII.GetString(pgm[from..at++]));
        }

        return new(int.Parse(words[1], CultureInfo.InvariantCulture), int.Parse(words[2], CultureInfo.InvariantCulture), pgm[at..]);
    }

    private static byte[] Poppler(string tool, byte[] pdf, string arguments)
    {
        var path = Path.GetTempFileName();
        try
        {
            File.WriteAllBytes(path, pdf);
            using var process = System.Diagnostics.Process.Start(new System.Diagnostics.ProcessStartInfo(tool,
                string.Format(CultureInfo.InvariantCulture, arguments, path))
            { RedirectStandardOutput = true })!;
            using var memory = new MemoryStream();
            process.StandardOutput.BaseStream.CopyTo(memory);
            process.WaitForExit();
            process.ExitCode.ShouldBe(0);
            return memory.ToArray();
        }
        finally
        {
            File.Delete(path);
        }
    }
}
