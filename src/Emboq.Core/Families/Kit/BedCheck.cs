namespace Emboq.Core.Families.Kit;

/// <summary>Whether a part fits the printer the chosen way up, by its box.</summary>
internal static class BedCheck
{
    /// <summary>Judges the box of a part against bed and height.</summary>
    /// <param name="x">Size in the frame of the design, mm.</param>
    /// <param name="y">Likewise.</param>
    /// <param name="z">Likewise.</param>
    /// <param name="way">How it lies: turned about x by quarters.</param>
    /// <param name="process">What it is printed with.</param>
    /// <param name="lower">What makes it lower; offered only where height alone is the trouble.</param>
    public static Check Of(double x, double y, double z, WayUp way, Process process, params IReadOnlyList<Remedy> lower)
    {
        var (depth, height) = Math.Abs(Math.Round(way.Tip / 90)) % 2 == 1 ? (z, y) : (y, z);
        if (Math.Min(x, Math.Min(y, z)) <= 0)
        {
            return new("bed", "fits the printer", Verdict.Stop, "Nothing of it is left to print: what is asked for takes more than there is.", "nothing",
                "more than 0 mm", "Plane geometry.", []);
        }

        var (free, margin) = (process.Bed.Free(), process.Bed.Margin);
        var (longBed, shortBed) = (Math.Max(free.Width, free.Depth), Math.Min(free.Width, free.Depth));
        var (lies, low) = (BedRoom.Lies(x, depth, process.Bed), height <= process.BuildHeight);
        var says = (lies, low) switch
        {
            (true, true) => $"It lies on the bed of {process.Printer} with room around it.",
            (true, false) => $"It is taller than {process.Printer} builds: choose another way up, or a larger printer.",
            _ => $"It is larger than {process.Printer} takes: choose another way up, a larger printer, or make it of two.",
        };
        return new("bed", "fits the printer", lies && low ? Verdict.Good : Verdict.Stop, says,
            $"{Figures.Mm(Math.Max(x, depth))} × {Figures.Mm(Math.Min(x, depth))}, {Figures.Mm(height)} high",
                $"{Figures.Mm(longBed)} × {Figures.Mm(shortBed)}, {Figures.Mm(process.BuildHeight)} high",
            $"The printer's own size, {Figures.Mm(margin)} free at each edge.", lies && !low ? lower : []);
    }
}
