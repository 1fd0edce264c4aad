using System.Diagnostics;
using System.Globalization;
using System.Text.RegularExpressions;

namespace Emboq.Exchange.Tests;

/// <summary>What admesh says of a file.</summary>
/// <param name="Faults">Open, wrong, double or collapsed facets.</param>
/// <param name="Normals">Share of facets whose normal it reckons otherwise: it does so in single precision, which is not enough for needles.</param>
/// <param name="Parts">Pieces that hang together.</param>
/// <param name="Size">Extents, mm.</param>
/// <param name="Volume">mm³.</param>
internal sealed record Admesh(int Faults, double Normals, int Parts, (double, double, double) Size, double Volume)
{
    public static Admesh Judge(byte[] stl)
    {
        var path = Path.GetTempFileName();
        try
        {
            File.WriteAllBytes(path, stl);
            using var admesh = System.Diagnostics.Process.Start(new ProcessStartInfo("admesh", path) { RedirectStandardOutput = true })!;
            var said = admesh.StandardOutput.ReadToEnd();
            admesh.WaitForExit();
            double Number(string label) => double.Parse(Regex.Match(said, label + @"\s*[:=]\s*(-?[\d.]+)").Groups[1].Value, CultureInfo.InvariantCulture);
            double Size(string axis) => Math.Round(double.Parse(Regex.Match(said, $@"Min {axis} = *(-?[\d.]+), Max {axis} = *(-?[\d.]+)").Groups[2].Value,
                CultureInfo.InvariantCulture)
                - double.Parse(Regex.Match(said, $@"Min {axis} = *(-?[\d.]+)").Groups[1].Value, CultureInfo.InvariantCulture), 3);
            string[] faults = ["Degenerate facets", "Edges fixed", "Facets removed", "Facets added", "Facets reversed", "Backwards edges",
                "Total disconnected facets"];
            return new((int)faults.Sum(Number), Number("Normals fixed") / Number("Number of facets"), (int)Number("Number of parts"),
                (Size("X"), Size("Y"), Size("Z")), Number("Volume"));
        }
        finally
        {
            File.Delete(path);
        }
    }
}
