using System.Diagnostics;
using Emboq.Exchange.Pdf;
using Emboq.Exchange.Photographs;

namespace Emboq.Exchange.Tests;

/// <summary>Outlines from photographs that a stand-in camera took of things whose outline is known. The camera is a pinhole with radial bend as the OpenCV
/// documentation writes it, and sees upright sides by its rays alone; marks and printed sheet are held against OpenCV's own finder and poppler.</summary>
public sealed class PhotographTests
{
    private static readonly MarkSheet Sheet = MarkSheet.Of(PaperSize.A4);

    private static readonly IReadOnlyList<Point2> Hook = StandInCamera.Hook;

    /// <summary>How far points lie beside an outline, the nearest first.</summary>
    private static IReadOnlyList<double> Off(IReadOnlyList<Point2> points, IReadOnlyList<Point2> outline) => [.. points.Select(p => outline.Select((a, i) =>
        Away(p, a, outline[(i + 1) % outline.Count])).Min()).Order()];

    private static double Away(Point2 p, Point2 a, Point2 b)
    {
        var (x, y) = (b.X - a.X, b.Y - a.Y);
        var t = Math.Clamp((((p.X - a.X) * x) + ((p.Y - a.Y) * y)) / ((x * x) + (y * y)), 0, 1);
        return double.Hypot(p.X - a.X - (t * x), p.Y - a.Y - (t * y));
    }

    private static Photographed Read(byte[] file, ThingOnSheet thing)
    {
        var read = Photograph.Read(file, thing, "file");
        read.IsGood.ShouldBeTrue(string.Join("; ", read.IsGood ? [] : read.Problems.Select(p => p.Message)));
        return read.Value;
    }

    private static string Refused(byte[] file) => Photograph.Read(file, new(ThingSides.Flat, 0, null), "file").Problems.Single().Message;

    /// <summary>Straight down and aslant, through lenses that bend in and out, flat and with upright sides of 18 mm: half of its edge lies within a twentieth
    /// of a millimetre, nine tenths of it within the doubt that is told, and what can be seen of it nowhere off by more than three tenths.</summary>
    [Theory]
    [InlineData(600, 0, 0, 0)]
    [InlineData(450, 12, -0.08, 0)]
    [InlineData(500, 8, 0.06, 18)]
    public void What_a_camera_saw_is_the_outline_that_lay_there(double camera, double tilt, double bend, double thick)
    {
        var read = Read(new StandInCamera(camera, tilt, bend).Take(Sheet, Hook, thick), new(thick > 0 ? ThingSides.Straight : ThingSides.Flat, thick, camera));
        var found = read.Drawing.Paths.Single();
        found.Closed.ShouldBeTrue();
        var (off, missed) = (Off(found.Points, Hook), Off(Hook, found.Points));
        off[off.Count / 2].ShouldBeLessThan(0.05);
        off[off.Count * 9 / 10].ShouldBeLessThan(read.Doubt);
        // The inner corner of the notch lies hidden behind its own side, 18 / 482 of the way from below the camera.
        bool Seen(Point2 p) => thick == 0 || double.Hypot(p.X - 50, p.Y - 150) > 4;
        Off([.. found.Points.Where(Seen)], Hook)[^1].ShouldBeLessThan(0.3);
        Off([.. Hook.Where(Seen)], found.Points)[^1].ShouldBeLessThan(0.3);
        Math.Max(off[^1], missed[^1]).ShouldBeLessThan(1.5);
        read.Doubt.ShouldBeLessThan(0.25);
        read.Says.ShouldContain("14 of 14 marks");
        read.Says.ShouldContain($"stood {camera} mm high");
    }

    /// <summary>A mark of 30 mm on a block of 40: from 520 mm it is seen 520 / 480 times as large on the sheet. It tells the camera's height within what is
    /// told, the outline comes out as with a tape, and the block is not taken for the thing. A block said to be half as high tells another height.</summary>
    [Fact]
    public void A_mark_on_a_block_tells_how_high_the_camera_stood()
    {
        var file = new StandInCamera(520, 7, 0.03) { Block = (new(105, 75), 40) }.Take(Sheet, Hook, 18);
        var read = Read(file, new(ThingSides.Straight, 18, null, 40));
        var (stood, within) = System.Text.RegularExpressions.Regex.Match(read.Says, @"stood (\d+) mm high, within (\d+) mm by the mark on its block") is
        { Success: true } told ? (double.Parse(told.Groups[1].Value), double.Parse(told.Groups[2].Value)) : default;
        within.ShouldBeInRange(1, 25);
        stood.ShouldBe(520, within);
        var off = Off(Read(file, new(ThingSides.Straight, 18, null, 40)).Drawing.Paths.Single().Points, Hook);
        off[off.Count * 9 / 10].ShouldBeLessThan(read.Doubt);
        Flat(read.Seen.Flat);
        Photograph.Read(file, new(ThingSides.Straight, 18, null, 10), "file").Problems.Single().Field.ShouldBe("block");
        Photograph.Read(new StandInCamera(520).Take(Sheet, Hook, 18), new(ThingSides.Straight, 18, null, 40), "file").Problems.Single().Message.ShouldStartWith(
            "The mark on the block cannot be made out");
    }

    private static byte[] Tilted(double tilt, double focal = 2800, double bend = 0.05) => new StandInCamera(600, tilt, bend) { Focal = focal }.Take(Sheet, Hook,
        0);

    /// <summary>A lens of 2800 px (1.346 longer sides) that bends: four photographs tell it within twice what is told. From it a fifth photograph, from another
    /// height, tells that height, and the outline comes out as with a tape; said to be of another lens, it does not.</summary>
    [Fact]
    public void A_lens_that_is_known_tells_how_high_the_camera_stood()
    {
        const double Truth = 2800.0 / 2080;
        List<LensView> views = [.. new[] { -30.0, 25, -18, 34 }.Select(t => LensPhotograph.Read(Tilted(t), "file").Value)];
        views.ShouldAllBe(v => v.Marks == 14);
        var lens = CameraLens.Of(views)!;
        lens.Tells.ShouldBeTrue($"{lens}");
        lens.Focal.ShouldBe(Truth, 2 * lens.Doubt!.Value * Truth);
        lens.Doubt.Value.ShouldBeInRange(0.005, 0.02);
        CameraLens.Of([.. views.AsEnumerable().Reverse()])!.Focal.ShouldBe(lens.Focal, 1e-6);
        (CameraLens.Of([]), CameraLens.Of(views[..2])!.Doubt, CameraLens.Of(views[..3])!.Tells).ShouldBe((null, null, false));
        var file = new StandInCamera(700, 9, 0.05) { Focal = 2800 }.Take(Sheet, Hook, 40);
        var read = Read(file, new(ThingSides.Straight, 40, null, null, lens));
        var told = System.Text.RegularExpressions.Regex.Match(read.Says, @"stood (\d+) mm high, within (\d+) mm by its lens");
        double.Parse(told.Groups[1].Value).ShouldBe(700, double.Parse(told.Groups[2].Value));
        var off = Off(read.Drawing.Paths.Single().Points, Hook);
        off[off.Count * 9 / 10].ShouldBeLessThan(read.Doubt);
        Read(file, new(ThingSides.Straight, 40, null, null, lens with { Focal = 0.8 * Truth })).Says.ShouldContain("stood 56");
        // Where a tape says something else, the lens is what was asked, and what is told.
        Read(file, new(ThingSides.Straight, 40, 450, null, lens)).Says.ShouldBe(read.Says);
    }

    /// <summary>Looked at straight from above, focal length and height can hardly be told apart: that is not taken for a lens that is known. What is no whole
    /// sheet is refused.</summary>
    [Fact]
    public void Photographs_from_straight_above_tell_no_lens()
    {
        var above = CameraLens.Of([.. new[] { 0.0, 1, -1, 2 }.Select(t => LensPhotograph.Read(Tilted(t), "file").Value)])!;
        above.Tells.ShouldBeFalse($"{above}");
        above.Doubt!.Value.ShouldBeGreaterThan(CameraLens.MostDoubted);
        LensPhotograph.Read("no picture"u8.ToArray(), "file").Problems.Single().Message.ShouldContain("no photograph");
        var long_ = new StandInCamera(520) { Beside = [(MarkSheet.Of(PaperSize.A4, SheetPart.Last), new(0, 0, 297))] }.Take(MarkSheet.Of(PaperSize.A4,
            SheetPart.First), Hook, 0);
        LensPhotograph.Read(long_, "file").Problems.Single().Message.ShouldContain("one whole sheet");
    }

    /// <summary>Laid flat at the height of its upper edge the hook is dark where it lay, and paper is light a millimetre and a half beside its far edges.
    /// </summary>
    private static void Flat(FlatPicture flat)
    {
        using var picture = SkiaSharp.SKBitmap.Decode(flat.Jpeg);
        byte At(double x, double y) => picture.GetPixel((int)((x - flat.Left) / flat.Wide * picture.Width), (int)((flat.Low + flat.High - y) / flat.High
            * picture.Height)).Green;
        // Its belly's right end, and its upper left corner.
        (At(90 + 16, 150) < 110, At(90 + 18.5, 150) > 150, At(61, 166) < 110).ShouldBe((true, true, true));
    }

    /// <summary>A bar 330 long over two sheets that lie a little askew and 1.5 mm apart, where no single sheet of A4 takes it: length and breadth are its own
    /// within three tenths of a millimetre. Without its last sheet it is refused.</summary>
    [Fact]
    public void Sheets_are_joined_for_what_is_longer_than_one()
    {
        var (first, last) = (MarkSheet.Of(PaperSize.A4, SheetPart.First), MarkSheet.Of(PaperSize.A4, SheetPart.Last));
        Point2[] bar = [new(80, 140), new(110, 140), new(124, 300), new(110, 470), new(92, 470), new(96, 300)];
        var camera = new StandInCamera(800, 4, 0.02) { Beside = [(last, new(3, 298.5, -0.012))] };
        var read = Read(camera.Take(first, bar, 0), new(ThingSides.Flat, 0, null));
        var off = Off(read.Drawing.Paths.Single().Points, bar);
        (off[off.Count / 2], off[off.Count * 95 / 100]).ShouldSatisfyAllConditions(o => o.Item1.ShouldBeLessThan(0.1), o => o.Item2.ShouldBeLessThan(0.3));
        double Over(IReadOnlyList<Point2> of, Func<Point2, double> at) => of.Max(at) - of.Min(at);
        Over(read.Drawing.Paths[0].Points, p => p.Y).ShouldBe(330, 0.3);
        Over(read.Drawing.Paths[0].Points, p => p.X).ShouldBe(44, 0.3);
        read.Says.ShouldContain("24 of 24 marks");
        Refused(new StandInCamera(800).Take(first, bar, 0)).ShouldBe("Of the joined sheets the last cannot be made out.");
        Refused((camera with { Beside = [(last, new(60, 298.5, 0))] }).Take(first, bar, 0)).ShouldStartWith("The joined sheets do not lie in one line");
    }

    /// <summary>Seen from above its upper edge is nearer to the lens: taken for flat, an upright side of 18 mm is seen outside of where it is by 18 / 482 of
    /// its way from below the camera.</summary>
    [Fact]
    public void A_thing_with_sides_taken_for_flat_comes_out_too_large()
    {
        var file = new StandInCamera(500).Take(Sheet, Hook, 18);
        double Wide(ThingSides sides) => Read(file, new(sides, 18, 500)).Drawing.Paths[0].Points is var p ? p.Max(q => q.X) - p.Min(q => q.X) : 0;
        Wide(ThingSides.Flat).ShouldBe(67 * (1 + (18.0 / 482)), 0.4);
        Wide(ThingSides.Straight).ShouldBe(67, 0.4);
        Wide(ThingSides.Round).ShouldBeInRange(67.5, 69);
    }

    /// <summary>The printed sheet, drawn by poppler: its marks are found where the layout has them, and nothing lies on it.</summary>
    [Theory]
    [InlineData(PaperSize.A4)]
    [InlineData(PaperSize.Letter)]
    public void The_printed_sheet_is_the_one_that_is_looked_for(PaperSize size)
    {
        var folder = Directory.CreateTempSubdirectory();
        try
        {
            File.WriteAllBytes(Path.Combine(folder.FullName, "sheet.pdf"), MarkPage.Write(MarkSheet.Of(size)));
            using var drawn = System.Diagnostics.Process.Start(new ProcessStartInfo("pdftoppm", ["-r", "180", "-png", "-singlefile", "sheet.pdf", "sheet"])
            { WorkingDirectory = folder.FullName })!;
            drawn.WaitForExit();
            Refused(File.ReadAllBytes(Path.Combine(folder.FullName, "sheet.png"))).ShouldStartWith("Nothing lies on the sheet");
        }
        finally
        {
            folder.Delete(true);
        }
    }

    [Fact]
    public void What_no_outline_can_be_taken_from_is_refused_in_words()
    {
        Refused([1, 2, 3]).ShouldStartWith("This is no photograph");
        using var white = new SkiaSharp.SKBitmap(400, 300);
        using var encoded = white.Encode(SkiaSharp.SKEncodedImageFormat.Png, 100);
        Refused(encoded.ToArray()).ShouldStartWith("No mark of a sheet");
        var wide = Hook.Select(p => new Point2(p.X + 90, p.Y)).ToList();
        var file = new StandInCamera(500).Take(Sheet, wide, 0);
        Refused(file).ShouldStartWith("It reaches over");
        // Of a part of it: the left strip, the upper part where the thing is not, and most of it.
        using var whole = SkiaSharp.SKBitmap.Decode(file);
        Refused(Part(whole, 0.3, 0.4)).ShouldContain("marks of a sheet can be made out");
        Refused(Part(whole, 0.3, 1)).ShouldStartWith("5 marks");
        Refused(Part(whole, 1, 0.4)).ShouldStartWith("Nothing lies on the sheet");
        Refused(Part(whole, 1, 0.8)).ShouldStartWith("It reaches over");
    }

    private static byte[] Part(SkiaSharp.SKBitmap whole, double wide, double high)
    {
        using var part = new SkiaSharp.SKBitmap();
        whole.ExtractSubset(part, new(0, 0, (int)(whole.Width * wide), (int)(whole.Height * high))).ShouldBeTrue();
        using var encoded = part.Encode(SkiaSharp.SKEncodedImageFormat.Png, 100);
        return encoded.ToArray();
    }

    /// <summary>No mark of one sheet is on the other, none meets another or the paper's edge, and every one has its black frame.</summary>
    [Fact]
    public void Sheets_have_marks_of_their_own_around_a_free_middle()
    {
        MarkSheet.All.SelectMany(s => s.Marks).Select(m => m.Id).ShouldBeUnique();
        MarkSheet.All.SelectMany(s => s.Marks).ShouldAllBe(m => m.Id != MarkSheet.OnBlock && m.Id < 250);
        foreach (var sheet in MarkSheet.All)
        {
            sheet.Marks.Count.ShouldBe(sheet.Part switch { SheetPart.Whole => 14, SheetPart.Middle => 10, _ => 12 });
            sheet.Marks.ShouldAllBe(m => m.X >= MarkSheet.Edge && m.Y >= MarkSheet.Edge && m.X + MarkSheet.Side <= sheet.Width - MarkSheet.Edge + 1e-9
                && m.Y + MarkSheet.Side <= sheet.Height - MarkSheet.Edge + 1e-9);
            sheet.Marks.ShouldAllBe(m => m.X + MarkSheet.Side <= MarkSheet.Free || m.Y + MarkSheet.Side <= MarkSheet.Free
                || m.X >= sheet.Width - MarkSheet.Free || m.Y >= sheet.Height - MarkSheet.Free);
            foreach (var (a, b) in sheet.Marks.SelectMany((a, i) => sheet.Marks.Skip(i + 1).Select(b => (a, b))))
            {
                Math.Max(Math.Abs(a.X - b.X), Math.Abs(a.Y - b.Y)).ShouldBeGreaterThan(2 * MarkSheet.Side);
            }

            foreach (var bits in sheet.Marks.Select(m => MarkSheet.Bits(m.Id)))
            {
                Enumerable.Range(0, 6).ShouldAllBe(i => bits[0, i] && bits[5, i] && bits[i, 0] && bits[i, 5]);
                bits.Cast<bool>().ShouldContain(false);
            }
        }
    }

    /// <summary>Another height by tape than the camera's own moves what stands up, and the flat sheet not at all.</summary>
    [Fact]
    public void A_height_read_wrong_spoils_only_what_stands_up()
    {
        var (flat, thick) = (new StandInCamera(500).Take(Sheet, Hook, 0), new StandInCamera(500).Take(Sheet, Hook, 18));
        double Wide(byte[] file, ThingSides sides, double height, double camera) => Read(file, new(sides, height, camera)).Drawing.Paths[0].Points is var p
            ? p.Max(q => q.X) - p.Min(q => q.X) : 0;
        Wide(flat, ThingSides.Flat, 0, 400).ShouldBe(Wide(flat, ThingSides.Flat, 0, 500), 0.1);
        // At 400 mm an upper edge is drawn in by 18 / 400 of its way, at 500 by 18 / 500.
        (Wide(thick, ThingSides.Straight, 18, 500) - Wide(thick, ThingSides.Straight, 18, 400)).ShouldBe(67 * 500 / 482 * ((18 / 400.0) - (18 / 500.0)), 0.25);
    }
}
