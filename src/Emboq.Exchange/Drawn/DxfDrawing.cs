using System.Globalization;
using System.Text;

namespace Emboq.Exchange.Drawn;

/// <summary>Reads lines, polylines, arcs, circles, ellipses and splines of a DXF file of text; what else it draws is named and refused. Layers that are off
/// or frozen, and paper space, do not count.</summary>
public static class DxfDrawing
{
    private static readonly Dictionary<int, (double Mm, string Name)> Units = new()
    {
        [0] = (1, "millimetres, for it names no unit"),
        [1] = (25.4, "inches"),
        [2] = (304.8, "feet"),
        [4] = (1, "millimetres"),
        [5] = (10, "centimetres"),
        [6] = (1000, "metres"),
    };

    /// <summary>Reads a file.</summary>
    /// <param name="file">Its bytes.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<DrawnLines> Read(byte[] file, string field)
    {
        if (Pairs(Encoding.UTF8.GetString(file)) is not { } pairs || !pairs.Contains((2, "ENTITIES")))
        {
            return new Problem(field, null, "This is no drawing that can be read: neither SVG nor DXF of text.", "Save it as SVG, or as DXF of text.");
        }

        var code = pairs.SkipWhile(p => p != (9, "$INSUNITS")).Skip(1).FirstOrDefault((0, "0")).Item2;
        if (!Units.TryGetValue(int.TryParse(code, out var unit) ? unit : 0, out var scale))
        {
            return new Problem(field, code, "The drawing is in a unit that no bench uses.", "Save it in millimetres or inches.", "0, 1, 2, 4, 5 or 6");
        }

        var hidden = Records(pairs, "TABLES").Where(r => r.Kind == "LAYER" && (r.Number(62, 7) < 0 || ((int)r.Number(70, 0) & 1) == 1)).Select(r =>
            r.Text(2)).ToHashSet();
        var drawn = Gathered(Records(pairs, "ENTITIES")).Where(r => !hidden.Contains(r.Text(8)) && r.Number(67, 0) == 0).ToList();
        var others = drawn.Where(r => !DxfRecord.Known(r)).GroupBy(r => r.Kind).Select(g => $"{g.Count()} {g.Key}").ToList();
        if (others.Count > 0)
        {
            return new Problem(field, string.Join(", ", others), $"The drawing has what no outline is made of: {string.Join(", ", others)}.",
                "Take blocks apart, delete text, dimensions and hatching, or put them on a layer that is off.",
                "LINE, LWPOLYLINE, POLYLINE, ARC, CIRCLE, ELLIPSE, SPLINE");
        }

        try
        {
            return new DrawnLines([.. drawn.Select(r => r.Drawn(scale.Mm)).Where(p => p.Points.Count > 1)], scale.Name);
        }
        catch (FormatException e)
        {
            return new Problem(field, null, $"The drawing is broken: {e.Message}", "Save it anew, as DXF of text.");
        }
    }

    /// <summary>Codes and what stands under them; <c>null</c> for what is no such file.</summary>
    private static List<(int Code, string Value)>? Pairs(string text)
    {
        var lines = text.Split('\n');
        var pairs = new List<(int, string)>(lines.Length / 2);
        for (var i = 0; i + 1 < lines.Length; i += 2)
        {
            if (!int.TryParse(lines[i].Trim(), NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var code))
            {
                return null;
            }

            pairs.Add((code, lines[i + 1].Trim()));
        }

        return pairs;
    }

    private static IEnumerable<DxfRecord> Records(List<(int Code, string Value)> pairs, string section)
    {
        var within = pairs.SkipWhile(p => p != (2, section)).Skip(1).TakeWhile(p => p != (0, "ENDSEC"));
        DxfRecord? record = null;
        foreach (var (code, value) in within)
        {
            if (code == 0)
            {
                if (record is not null)
                {
                    yield return record;
                }

                record = new(value, []);
            }
            else
            {
                record?.Pairs.Add((code, value));
            }
        }

        if (record is not null)
        {
            yield return record;
        }
    }

    /// <summary>Polylines of the old kind with the corners that follow them.</summary>
    private static IEnumerable<DxfRecord> Gathered(IEnumerable<DxfRecord> records)
    {
        DxfRecord? open = null;
        foreach (var record in records)
        {
            if (record.Kind == "VERTEX" && open is not null)
            {
                open.Corners.Add(record);
            }
            else if (record.Kind != "SEQEND")
            {
                open = record;
                yield return record;
            }
        }
    }
}
