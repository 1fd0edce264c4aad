using System.Globalization;
using Emboq.Exchange.Photographs;
using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace Emboq.Exchange.Pdf;

/// <summary>A sheet of marks on paper, to lay things on and photograph them.</summary>
public static class MarkPage
{
    /// <summary>Writes its PDF.</summary>
    public static byte[] Write(MarkSheet sheet)
    {
        using var document = new PdfDocument();
        document.Info.Title = "Sheet of marks";
        document.Info.Creator = "Emboq";
        var paper = new Paper(document, sheet.Size);
        foreach (var mark in sheet.Marks)
        {
            Draw(paper, sheet, mark);
        }

        // Between the marks of the upper edge, where no mark and no thing is disturbed.
        var (left, words) = (MarkSheet.Edge + MarkSheet.Side + 4, MarkSheet.Edge + 4);
        paper.Words("Print at 100 %, unscaled:", left, words, 6);
        paper.Words($"{Mm(sheet.Width - (2 * MarkSheet.Edge))} across all marks.", left, words + 3.5, 6);
        paper.Words("Lay it flat, the thing", left, words + 8, 6);
        paper.Words("on its white middle.", left, words + 11.5, 6);
        using var file = new MemoryStream();
        document.Save(file);
        return file.ToArray();
    }

    private static void Draw(Paper paper, MarkSheet sheet, SheetMark mark)
    {
        var (bits, square) = (MarkSheet.Bits(mark.Id), MarkSheet.Side / 6);
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
                    paper.Graphics.DrawRectangle(black, mark.X + (from * square), sheet.Height - mark.Y - MarkSheet.Side + (row * square),
                        (column - from) * square, square + (row < 5 && Enumerable.Range(from, column - from).All(c => bits[row + 1, c]) ? 0.05 : 0));
                }
            }
        }
    }

    private static string Mm(double value) => $"{value.ToString("0.#", CultureInfo.InvariantCulture)} mm";
}
