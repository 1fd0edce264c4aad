using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace Emboq.Exchange.Pdf;

/// <summary>Labels at full size, row by row, each with the line it is cut along.</summary>
internal static class PaperLabels
{
    private const double Between = 4, Top = 30;

    /// <summary>Height of a capital of the lettering font over its size.</summary>
    public const double Capital = 0.668;

    public static void Add(PdfDocument document, IReadOnlyList<PaperLabel> labels, PaperSize size)
    {
        Paper? paper = null;
        double x = 0, y = 0, row = 0;
        foreach (var label in labels)
        {
            if (paper is not null && x + label.Width > paper.Width - Paper.Margin)
            {
                (x, y, row) = (Paper.Margin, y + row + Between, 0);
            }

            if (paper is null || (y + label.Height > paper.Height - Paper.Margin - 12 && y > Top))
            {
                paper = new Paper(document, size, label.Width > 185);
                paper.Words("Labels at full size", Paper.Margin, 18, 13, bold: true);
                paper.Words("Print at 100 %, unscaled. Lay a rule on the 50 mm line before you cut.", Paper.Margin, 24, 9.5);
                PaperTemplate.DrawRuler(paper, Paper.Margin, paper.Height - Paper.Margin);
                (x, y, row) = (Paper.Margin, Top, 0);
            }

            Draw(paper, label, x, y);
            (x, row) = (x + label.Width + Between, Math.Max(row, label.Height));
        }
    }

    private static void Draw(Paper paper, PaperLabel label, double x, double y)
    {
        paper.Graphics.DrawRectangle(new XPen(Paper.Slate, 0.15), x, y, label.Width, label.Height);
        foreach (var (line, up) in label.Placed)
        {
            paper.Centred(line, x + (label.Width / 2), y + (label.Height / 2) - up + (label.Size / 2), label.Size / Capital * 72 / 25.4, bold: true);
        }
    }
}
