using System.Globalization;
using Emboq.Exchange.Photographs;
using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace Emboq.Exchange.Pdf;

/// <summary>Sheets of marks on paper, to lay things on and photograph them.</summary>
public static class MarkPage
{
    /// <summary>Writes the PDF of sheets, a page each.</summary>
    public static byte[] Write(params IReadOnlyList<MarkSheet> sheets) => Document("Sheet of marks", document =>
    {
        foreach (var sheet in sheets)
        {
            var paper = new Paper(document, sheet.Size);
            foreach (var mark in sheet.Marks)
            {
                Draw(paper, mark.Id, mark.X, sheet.Height - mark.Y - MarkSheet.Side, MarkSheet.Side);
            }

            Words(paper, sheet);
        }
    });

    /// <summary>The sheets of a long one: its first, a middle that may be left out, its last.</summary>
    public static IReadOnlyList<MarkSheet> Long(PaperSize size) => [MarkSheet.Of(size, SheetPart.First), MarkSheet.Of(size, SheetPart.Middle),
        MarkSheet.Of(size,
        SheetPart.Last)];

    /// <summary>Writes the PDF of the mark that lies on a block.</summary>
    public static byte[] Block() => Document("Mark for a block", document =>
    {
        const double Left = 30, Top = 30, Around = 4;
        var (paper, side) = (new Paper(document, PaperSize.A4), MarkSheet.BlockSide);
        Draw(paper, MarkSheet.OnBlock, Left, Top, side);
        foreach (var (x0, y0, x1, y1) in new[] { (0, 0, 1, 0), (1, 0, 1, 1), (1, 1, 0, 1), (0, 1, 0, 0) })
        {
            double At(double from, int of) => from - Around + (of * (side + (2 * Around)));
            paper.Line(At(Left, x0), At(Top, y0), At(Left, x1), At(Top, y1), dash: XDashStyle.Dash);
        }

        string[] words = [$"Print at 100 %, unscaled: the black square is {Mm(side)} wide. Cut along the dashes.",
            "Lay it flat on a block whose height you measured, beside the thing, on the same sheet or beside it.",
            "A block as high as a hand is wide tells the camera's height best."];
        foreach (var (text, i) in words.Select((w, i) => (w, i)))
        {
            paper.Words(text, Left, Top + side + 16 + (6 * i), 10);
        }
    });

    private static byte[] Document(string title, Action<PdfDocument> pages)
    {
        using var document = new PdfDocument();
        document.Info.Title = title;
        document.Info.Creator = "Emboq";
        pages(document);
        using var file = new MemoryStream();
        document.Save(file);
        return file.ToArray();
    }

    /// <summary>Between marks of an edge, where no mark and no thing is disturbed.</summary>
    private static void Words(Paper paper, MarkSheet sheet)
    {
        string[] words = sheet.Part switch
        {
            SheetPart.First => ["First sheet of a long one.", "The next lies at the far edge,", "edge to edge, taped from behind."],
            SheetPart.Middle => ["Middle sheet: leave it", "out where two are enough.", ""],
            SheetPart.Last => ["Last sheet of a long one.", "The one before lies at the", "near edge, taped from behind."],
            _ => [],
        };
        var (left, top) = sheet.Part == SheetPart.First ? (MarkSheet.Edge + MarkSheet.Side + 4, sheet.Height - MarkSheet.Edge - 14)
            : sheet.Part == SheetPart.Middle ? (MarkSheet.Edge, MarkSheet.Edge + MarkSheet.Side + 8) : (MarkSheet.Edge + MarkSheet.Side + 4, MarkSheet.Edge
                + 4);
        string[] lines = ["Print at 100 %, unscaled:", $"{Mm(sheet.Width - (2 * MarkSheet.Edge))} across all marks.", .. words.Length > 0 ? words
            : ["Lay it flat, the thing", "on its white middle."]];
        foreach (var (line, i) in lines.Select((l, i) => (l, i)))
        {
            paper.Words(line, left, top + (3.5 * i), 6);
        }
    }

    private static void Draw(Paper paper, int id, double left, double top, double side)
    {
        var (bits, square) = (MarkSheet.Bits(id), side / 6);
        var black = new XSolidBrush(XColors.Black);
        for (var row = 0; row < 6; row++)
        {
            // Squares of a row that follow each other are one, so that no hair of paper shows between them.
            for (var column = 0; column < 6; column++)
            {
                var from = column;
                while (column < 6 && bits[row, column])
                {
                    column++;
                }

                if (column > from)
                {
                    paper.Graphics.DrawRectangle(black, left + (from * square), top + (row * square), (column - from) * square, square
                        + (row < 5 && Enumerable.Range(from, column - from).All(c => bits[row + 1, c]) ? 0.05 : 0));
                }
            }
        }
    }

    private static string Mm(double value) => $"{value.ToString("0.#", CultureInfo.InvariantCulture)} mm";
}
