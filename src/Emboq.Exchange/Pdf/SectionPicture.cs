using PdfSharp.Drawing;

namespace Emboq.Exchange.Pdf;

/// <summary>A seat drawing on paper: the machine stippled, the part hatched, numbered rings where the key dimensions are.</summary>
internal static class SectionPicture
{
    private const double Hatch = 1.6;
    private const double Ring = 4.2;

    /// <summary>Draws into a rectangle, as large as it goes.</summary>
    /// <param name="paper">The page.</param>
    /// <param name="drawing">What to draw.</param>
    /// <param name="numbers">Line of the ledger to its number in the table beside.</param>
    /// <param name="x">Left edge, mm.</param>
    /// <param name="y">Upper edge, mm.</param>
    /// <param name="width">mm.</param>
    /// <param name="height">mm.</param>
    public static void Draw(Paper paper, SeatDrawing drawing, IReadOnlyDictionary<string, int> numbers, double x, double y, double width, double height)
    {
        var (least, greatest) = drawing.Bounds;
        var scale = Math.Min((width - 16) / (greatest.X - least.X), (height - 16) / (greatest.Y - least.Y));
        Point2 Place(Point2 p) => new(x + (width / 2) + ((p.X - ((least.X + greatest.X) / 2)) * scale),
            y + (height / 2) - ((p.Y - ((least.Y + greatest.Y) / 2)) * scale));
        foreach (var region in drawing.Regions)
        {
            Fill(paper, region.Matter, [.. region.Outline.Select(Place)]);
        }

        foreach (var (from, to) in drawing.CentreLines.Select(l => (Place(l.From), Place(l.To))))
        {
            paper.Line(from.X, from.Y, to.X, to.Y, 0.15, Paper.Ink, XDashStyle.DashDot);
        }

        foreach (var text in drawing.Texts)
        {
            var at = Place(text.At);
            // Points of a type whose capitals have this height.
            paper.Centred(text.Text, at.X, at.Y + (text.Size * scale / 2), text.Size * scale / PaperLabels.Capital * 72 / 25.4, bold: true);
        }

        Rings(paper, [.. drawing.Callouts.Where(c => numbers.ContainsKey(c.Line)).Select(c =>
            (numbers[c.Line], Place(c.From), Place(c.To), c.Kind))], y, y + height);
    }

    private static void Fill(Paper paper, Matter matter, IReadOnlyList<Point2> outline)
    {
        var path = Paper.Path(outline);
        var state = paper.Graphics.Save();
        paper.Graphics.DrawPath(new XSolidBrush(matter == Matter.Part ? XColor.FromArgb(0xF3, 0xE3, 0xC2) : matter == Matter.Machine
            ? XColor.FromArgb(0xE6, 0xE9, 0xEB) : XColors.White), path);
        paper.Graphics.IntersectClip(path);
        var (left, right, top, bottom) = (outline.Min(p => p.X), outline.Max(p => p.X), outline.Min(p => p.Y), outline.Max(p => p.Y));
        if (matter == Matter.Part)
        {
            for (var at = left - (bottom - top); at < right; at += Hatch)
            {
                paper.Line(at, bottom, at + (bottom - top), top, 0.12, Paper.Brass);
            }
        }
        else if (matter == Matter.Machine)
        {
            for (var row = 0; top + (row * 1.2) < bottom; row++)
            {
                for (var dot = left + (row % 2 * 0.6); dot < right; dot += 1.2)
                {
                    paper.Graphics.DrawEllipse(new XSolidBrush(Paper.Slate), dot, top + (row * 1.2), 0.28, 0.28);
                }
            }
        }

        paper.Graphics.Restore(state);
        paper.Graphics.DrawPath(new XPen(Paper.Ink, matter == Matter.Part ? 0.4 : 0.2), path);
    }

    /// <summary>Each ring at the middle of what it measures, moved down where another stands already.</summary>
    private static void Rings(Paper paper, IReadOnlyList<(int Number, Point2 From, Point2 To, CalloutKind Kind)> callouts, double top, double bottom)
    {
        var taken = new List<Point2>();
        foreach (var (number, from, to, kind) in callouts)
        {
            if (kind != CalloutKind.Feature)
            {
                paper.Line(from.X, from.Y, to.X, to.Y, 0.25);
            }

            var at = new Point2((from.X + to.X) / 2, Math.Clamp((from.Y + to.Y) / 2, top + Ring, bottom - Ring));
            while (taken.Any(t => Math.Abs(t.X - at.X) < Ring && Math.Abs(t.Y - at.Y) < Ring))
            {
                at = at with { X = at.X + Ring };
            }

            taken.Add(at);
            paper.Graphics.DrawEllipse(new XPen(Paper.Ink, 0.25), XBrushes.White, at.X - (Ring / 2), at.Y - (Ring / 2), Ring, Ring);
            paper.Centred($"{number}", at.X, at.Y + 0.95, 7.5, bold: true);
        }
    }
}
