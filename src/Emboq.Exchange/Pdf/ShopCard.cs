using PdfSharp.Drawing;
using PdfSharp.Pdf;
using QRCoder;

namespace Emboq.Exchange.Pdf;

/// <summary>A dimension on a shop card.</summary>
/// <param name="Line">Key of its ledger line: what ties it to the drawing.</param>
/// <param name="Name">As shown.</param>
/// <param name="Metric">With unit.</param>
/// <param name="Inches">The same in inches, for lengths.</param>
public sealed record CardFigure(string Line, string Name, string Metric, string? Inches);

/// <summary>What a shop card says.</summary>
public sealed record CardContent
{
    /// <summary>Name of the part.</summary>
    public required string Part { get; init; }

    /// <summary>Name of the job.</summary>
    public required string Job { get; init; }

    /// <summary>Which revision, in words.</summary>
    public required string Revision { get; init; }

    /// <summary>Where the job is found; becomes the QR code.</summary>
    public required string Address { get; init; }

    /// <summary>Part and machine.</summary>
    public required SeatDrawing Drawing { get; init; }

    /// <summary>Key dimensions, numbered in this order.</summary>
    public required IReadOnlyList<CardFigure> Figures { get; init; }

    /// <summary>Headings with their lines: hardware, steps, settings, row.</summary>
    public required IReadOnlyList<(string Title, IReadOnlyList<string> Lines)> Sections { get; init; }

    /// <summary>What can hurt somebody.</summary>
    public required IReadOnlyList<string> Cautions { get; init; }

    /// <summary>Holes to show at full size on a page of their own, with what to measure from; empty for none.</summary>
    public IReadOnlyList<PatternHole> Pattern { get; init; } = [];

    /// <summary>From the edge of the front to the middle of the part, mm; <c>null</c> when it is not known.</summary>
    public double? FromTop { get; init; }

    /// <summary>Words on paper that go with it; <c>null</c> where there are none.</summary>
    public PaperLabel? Label { get; init; }
}

/// <summary>Shop cards: a page for the bench of each, then holes and labels at full size.</summary>
public static class ShopCard
{
    private const double Body = 9.5;

    /// <summary>Writes the cards of a part, or of the members of its row, as PDF (ISO 32000). Members with the same holes share their page.</summary>
    /// <param name="cards">One or more.</param>
    /// <param name="size">Of the paper.</param>
    public static byte[] Write(IReadOnlyList<CardContent> cards, PaperSize size)
    {
        using var document = new PdfDocument();
        document.Info.Title = $"{cards[0].Part}, {cards[0].Revision}";
        document.Info.Creator = "Emboq";
        foreach (var card in cards)
        {
            Front(document, card, size);
        }

        foreach (var holes in cards.Where(c => c.Pattern.Count > 0).DistinctBy(c => string.Join(';', c.Pattern.Select(h => $"{h.X:F3} {h.Y:F3} {h.Says}"))
            + $" {c.FromTop:F3}"))
        {
            PaperTemplate.Add(document, holes, size);
        }

        PaperLabels.Add(document, [.. cards.Select(c => c.Label).OfType<PaperLabel>()], size);

        using var memory = new MemoryStream();
        document.Save(memory);
        return memory.ToArray();
    }

    private static void Front(PdfDocument document, CardContent content, PaperSize size)
    {
        var paper = new Paper(document, size);
        var (left, right) = (Paper.Margin, paper.Width - Paper.Margin);
        Code(paper, content.Address, right - 24, Paper.Margin - 4, 24);
        paper.Words(content.Part, left, 21, 20, bold: true);
        paper.Words(content.Job, left, 27.5, 11);
        paper.Words(content.Revision, left, 33, 11, bold: true);
        paper.Line(left, 37, right, 37, 0.3);
        const double Picture = 92;
        SectionPicture.Draw(paper, content.Drawing, content.Figures.Select((f, i) => (f.Line, i + 1)).ToDictionary(), left, 39, right - left, Picture);
        var y = Figures(paper, content, 39 + Picture + 5, left, right);
        var middle = (left + right) / 2;
        // Cautions first: they must not be what falls off the page.
        y = Section(paper, "Take care", content.Cautions, left, y + 3, right - left, paper.Height);
        var columns = new[] { (X: left, Y: y + 2), (X: middle + 3, Y: y + 2) };
        foreach (var (title, lines) in content.Sections.Where(s => s.Lines.Count > 0))
        {
            var shorter = columns[0].Y <= columns[1].Y ? 0 : 1;
            columns[shorter].Y = Section(paper, title, lines, columns[shorter].X, columns[shorter].Y, middle - left - 3, paper.Height) + 2;
        }
    }

    private static double Figures(Paper paper, CardContent content, double y, double left, double right)
    {
        var half = (content.Figures.Count + 1) / 2;
        var column = (right - left) / 2;
        foreach (var (f, i) in content.Figures.Select((f, i) => (f, i)))
        {
            var (x, at) = (left + (i / half * (column + 2)), y + (i % half * 5.4));
            paper.Words($"{i + 1}", x, at, Body, bold: true);
            paper.Words(Shortened(paper, f.Name, column - 53), x + 5.5, at, Body);
            paper.Words(f.Metric, x + column - 46, at, Body + 0.5, bold: true);
            paper.Words(f.Inches ?? "", x + column - 26, at, Body - 2.5);
        }

        return y + (half * 5.4);
    }

    private static string Shortened(Paper paper, string text, double width)
    {
        while (paper.WidthOf(text, Body) > width)
        {
            text = $"{text.TrimEnd('…')[..^1].TrimEnd()}…";
        }

        return text;
    }

    private static double Section(Paper paper, string title, IReadOnlyList<string> lines, double x, double y, double width, double bottom)
    {
        if (lines.Count == 0 || y > bottom - 20)
        {
            return y;
        }

        paper.Words(title, x, y + 3, Body + 1, bold: true);
        y += 8;
        foreach (var line in lines)
        {
            if (y > bottom - Paper.Margin)
            {
                paper.Words("… more on the screen", x, y, Body);
                break;
            }

            y = paper.Paragraph(line, x, y, width, Body) + 0.6;
        }

        return y;
    }

    /// <summary>A QR code (ISO/IEC 18004), drawn as squares.</summary>
    private static void Code(Paper paper, string address, double x, double y, double side)
    {
        using var data = QRCodeGenerator.GenerateQrCode(address, QRCodeGenerator.ECCLevel.M);
        var matrix = data.ModuleMatrix;
        var dot = side / matrix.Count;
        for (var row = 0; row < matrix.Count; row++)
        {
            for (var column = 0; column < matrix.Count; column++)
            {
                if (matrix[row][column])
                {
                    // A hair wider, so that no line shows between neighbours.
                    paper.Graphics.DrawRectangle(new XSolidBrush(Paper.Ink), x + (column * dot), y + (row * dot), dot + 0.02, dot + 0.02);
                }
            }
        }
    }
}
