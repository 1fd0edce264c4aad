using System.Globalization;
using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace Emboq.Exchange.Pdf;

/// <summary>The holes of a part at full size, to be laid on a front; wide patterns go over several pages that are joined at their match lines.</summary>
internal static class PaperTemplate
{
    /// <summary>Ruler that shows whether the printer kept the size, mm.</summary>
    private const double Ruler = 50;

    public static void Add(PdfDocument document, CardContent content, PaperSize size)
    {
        var (from, to) = (content.Pattern.Min(h => h.X - h.Drill), content.Pattern.Max(h => h.X + h.Drill));
        var lying = to - from > 170;
        var wide = (lying ? Paper.Of(size).Long : Paper.Of(size).Short) - (2 * Paper.Margin);
        // The middle of a pattern that fits one page stands in its middle.
        var pages = Math.Max(1, (int)Math.Ceiling((to - from) / wide));
        var start = pages == 1 ? ((from + to) / 2) - (wide / 2) : from;
        for (var page = 0; page < pages; page++)
        {
            Page(new Paper(document, size, lying), content, start + (page * wide), wide, page + 1, pages);
        }
    }

    private static void Page(Paper paper, CardContent content, double first, double wide, int number, int pages)
    {
        var left = Paper.Margin;
        paper.Words($"{content.Part}: holes at full size{(pages > 1 ? $", page {number} of {pages}" : "")}", left, 18, 13, bold: true);
        paper.Words("Print at 100 %, unscaled. Lay a rule on the 50 mm line before you drill.", left, 24, 9.5);
        DrawRuler(paper, left, paper.Height - Paper.Margin);
        var highest = content.Pattern.Max(h => h.Y);
        var edge = 36.0;
        // The edge of the front when it is known and fits the page; otherwise only the holes among themselves.
        var middle = content.FromTop is { } top && top + 60 < paper.Height - 40 ? edge + top : edge + highest + 20;
        if (content.FromTop is { } known && middle == edge + known)
        {
            paper.Line(left, edge, left + wide, edge, 0.35);
            paper.Words($"top edge of the front; {Mm(known)} to the middle of the part", left, edge - 1.5, 8.5);
        }

        double X(double x) => left + (x - first);
        if (0 >= first && 0 <= first + wide)
        {
            paper.Line(X(0), edge, X(0), paper.Height - Paper.Margin - 20, 0.2, Paper.Ink, XDashStyle.DashDot);
            paper.Words("centre", X(0) + 1.5, edge + 6, 8.5);
        }

        foreach (var (hole, i) in content.Pattern.Select((h, i) => (h, i + 1)).Where(h => h.h.X >= first - 1e-6 && h.h.X <= first + wide + 1e-6))
        {
            var (x, y) = (X(hole.X), middle - hole.Y);
            paper.Circle(x, y, hole.Drill, 0.25);
            paper.Line(x - 6, y, x + 6, y, 0.15);
            paper.Line(x, y - 6, x, y + 6, 0.15);
            paper.Words($"{i}: {hole.Says}", x + 3, y + 9, 8.5);
        }

        for (var side = 0; side < 2 && pages > 1; side++)
        {
            if (side == 0 ? number > 1 : number < pages)
            {
                paper.Line(left + (side * wide), edge - 4, left + (side * wide), paper.Height - Paper.Margin - 20, 0.15, Paper.Slate, XDashStyle.Dash);
            }
        }
    }

    public static void DrawRuler(Paper paper, double x, double y)
    {
        paper.Line(x, y, x + Ruler, y, 0.3);
        for (var at = 0; at <= Ruler; at++)
        {
            paper.Line(x + at, y, x + at, y - (at % 10 == 0 ? 5 : at % 5 == 0 ? 3.5 : 2), 0.15);
        }

        paper.Words("50 mm", x + Ruler + 2, y - 1, 9.5, bold: true);
    }

    private static string Mm(double value) => $"{value.ToString("0.##", CultureInfo.InvariantCulture)} mm";
}
