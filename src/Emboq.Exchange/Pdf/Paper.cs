using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace Emboq.Exchange.Pdf;

/// <summary>A size of paper.</summary>
public enum PaperSize
{
    /// <summary>210 by 297 mm.</summary>
    A4,

    /// <summary>8 1/2 by 11 in.</summary>
    Letter,
}

/// <summary>A page measured in millimetres from its upper left corner.</summary>
internal sealed class Paper
{
    public const double Margin = 14;

    private const double PointsPerMm = 72 / 25.4;

    private readonly PdfPage page;

    public Paper(PdfDocument document, PaperSize size, bool lying = false)
    {
        page = document.AddPage();
        var (short_, long_) = Of(size);
        (Width, Height) = lying ? (long_, short_) : (short_, long_);
        (page.Width, page.Height) = (XUnit.FromMillimeter(Width), XUnit.FromMillimeter(Height));
        Graphics = XGraphics.FromPdfPage(page);
        Graphics.ScaleTransform(PointsPerMm);
    }

    /// <summary>Short and long side of a size of paper, mm.</summary>
    public static (double Short, double Long) Of(PaperSize size) => size == PaperSize.A4 ? (210, 297) : (8.5 * 25.4, 11 * 25.4);

    public static XColor Ink { get; } = XColor.FromArgb(0x1F, 0x2A, 0x2C);

    public static XColor Brass { get; } = XColor.FromArgb(0xB5, 0x83, 0x2A);

    public static XColor Slate { get; } = XColor.FromArgb(0x6B, 0x77, 0x80);

    public double Width { get; }

    public double Height { get; }

    /// <summary>Draws in millimetres, y down.</summary>
    public XGraphics Graphics { get; }

    public void Line(double x0, double y0, double x1, double y1, double width = 0.2, XColor? colour = null, XDashStyle dash = XDashStyle.Solid) =>
        Graphics.DrawLine(new XPen(colour ?? Ink, width) { DashStyle = dash }, x0, y0, x1, y1);

    public void Circle(double x, double y, double diameter, double width = 0.2) =>
        Graphics.DrawEllipse(new XPen(Ink, width), x - (diameter / 2), y - (diameter / 2), diameter, diameter);

    /// <summary>One line of words; size in points, place in mm: its left end on the base line.</summary>
    public void Words(string text, double x, double y, double points, bool bold = false, XColor? colour = null) =>
        Graphics.DrawString(text, PdfFonts.Of(points / PointsPerMm, bold), new XSolidBrush(colour ?? Ink), x, y);

    /// <summary>One line of words about a middle.</summary>
    public void Centred(string text, double x, double y, double points, bool bold = false) =>
        Words(text, x - (WidthOf(text, points, bold) / 2), y, points, bold);

    public double WidthOf(string text, double points, bool bold = false) => Graphics.MeasureString(text, PdfFonts.Of(points / PointsPerMm, bold)).Width;

    /// <summary>Words broken to a width; answers the base line after the last.</summary>
    public double Paragraph(string text, double x, double y, double width, double points, bool bold = false)
    {
        var line = "";
        foreach (var word in text.Split(' '))
        {
            if (line.Length > 0 && WidthOf($"{line} {word}", points, bold) > width)
            {
                Words(line, x, y, points, bold);
                (line, y) = (word, y + LineHeight(points));
            }
            else
            {
                line = line.Length == 0 ? word : $"{line} {word}";
            }
        }

        Words(line, x, y, points, bold);
        return y + LineHeight(points);
    }

    public static double LineHeight(double points) => points / PointsPerMm * 1.32;

    public static XGraphicsPath Path(IEnumerable<Point2> outline)
    {
        var path = new XGraphicsPath();
        path.AddPolygon([.. outline.Select(p => new XPoint(p.X, p.Y))]);
        return path;
    }
}
