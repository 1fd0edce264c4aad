using CsCheck;
using Emboq.Core.Families.Storage.PocketTray;

namespace Emboq.Core.Tests.Families;

/// <summary>Placed pockets on random things, judged by their drawn outlines alone.</summary>
public sealed class TrayPackingTests
{
    private static readonly Family Tray = FamilyList.Find("pocket-tray")!;

    private static Design Design(IEnumerable<(double W, double D, double H, string Use)> things, double width = 200, double depth = 160, double trough = 0) =>
        Tray.Design(BriefOf(things, width, depth, ("trough", FormattableString.Invariant($"{trough}"))));

    /// <summary>Blocks in a tray; "mass2" gives the second thing a weight, g.</summary>
    private static Brief BriefOf(IEnumerable<(double W, double D, double H, string Use)> things, double width = 200, double depth = 160,
        params (string Key, string Entry)[] also)
    {
        var list = things.ToList();
        var entries = list.Select((t, i) => ($"item{i + 1}Use", t.Use)).Append(("width", FormattableString.Invariant($"{width}"))).Append(("depth",
            FormattableString.Invariant($"{depth}"))).Concat(also.Where(e =>
            !e.Key.StartsWith("mass", StringComparison.Ordinal))).ToDictionary(e => e.Item1, e => e.Item2);
        (string, double)[] Weighed(int i) => [.. also.Where(e => e.Key == $"mass{i + 1}").Select(e => ("mass", double.Parse(e.Entry)))];
        var places = list.Select((t, i) => (Slot: $"item{i + 1}", Place: Workshop.Place(Guid.NewGuid(), $"thing {i + 1}", KindList.Of("block"),
            [("width", t.W), ("depth", t.D), ("height", t.H), .. Weighed(i)]))).ToDictionary(p => p.Slot, p => p.Place);
        return new(ParameterValues.Read(Tray.Parameters, entries).Value, places, Workshop.Process, []);
    }

    private static IReadOnlyList<(double Left, double Right, double Low, double High)> Pockets(Design design) =>
        [.. design.Drawing!.Regions.Where(r => r.Drag is not null && r.Matter == Matter.Opening).Select(r =>
            (r.Outline.Min(p => p.X), r.Outline.Max(p => p.X), r.Outline.Min(p => p.Y), r.Outline.Max(p => p.Y)))];

    [Fact]
    public void Placed_pockets_keep_a_wall_between_and_around_and_stay_out_of_the_trough() =>
        Gen.Select(Gen.Double[12, 70].Array[2, 5], Gen.Double[10, 40].Array[5], Gen.Int[0, 2].Array[5],
            Gen.Double[0, 30]).Sample((widths, depths, uses, trough) =>
        {
            var design = Design(widths.Select((w, i) => (Math.Round(w, 1), Math.Round(depths[i], 1), 15.0,
                new[] { "often", "sometimes", "seldom" }[uses[i]])), trough: Math.Round(trough));
            if (design.Drawing is null)
            {
                design.Checks.ShouldContain(c => c.Key == "room" && c.Verdict == Verdict.Stop);
                return;
            }

            var (wall, pockets) = (design.Ledger["wall"].Value, Pockets(design));
            pockets.Count.ShouldBe(widths.Length);
            const double Hair = 0.02;
            var front = wall + (Math.Round(trough) > 0 ? Math.Round(trough) + wall : 0);
            pockets.ShouldAllBe(p => p.Left >= wall - Hair && p.Right <= 200 - wall + Hair && p.Low >= front - Hair && p.High <= 160 - wall + Hair);
            foreach (var (a, i) in pockets.Select((a, i) => (a, i)))
            {
                pockets.Skip(i + 1).ShouldAllBe(b => a.Right + wall <= b.Left + Hair || b.Right + wall <= a.Left + Hair || a.High + wall <= b.Low + Hair
                    || b.High + wall <= a.Low + Hair);
            }
        }, iter: 40, threads: 1);

    [Fact]
    public void What_is_too_large_for_the_tray_is_said_and_nothing_is_drawn()
    {
        var design = Design([(250, 40, 10, "often")]);
        design.Checks.Single(c => c.Key == "room").Verdict.ShouldBe(Verdict.Stop);
        (design.Drawing, design.Pieces.Count).ShouldBe((null, 0));
    }

    [Fact]
    public void The_same_things_lie_the_same_way_remembered_or_not()
    {
        var brief = BriefOf([(60.0, 30.0, 12.0, "often"), (50.0, 25.0, 12.0, "seldom"), (30.0, 30.0, 12.0, "sometimes"), (44.0, 20.0, 12.0, "sometimes")]);
        var r = TrayReckoning.Of(brief, new());
        IEnumerable<(string, double, double, bool)> Placed(IReadOnlyList<Pocket>? pockets) => pockets!.Select(p => (p.Item.Slot, p.X, p.Y, p.Turned));
        Placed(TrayPacking.Solved(r.Items, r.Field, r.Wall.Value, r.Finger, Support.Behind, r.KeptFree)).ShouldBe(Placed(r.Pockets));
        Placed(TrayReckoning.Of(brief, new()).Pockets).ShouldBe(Placed(r.Pockets));
    }

    [Theory]
    [InlineData("behind")]
    [InlineData("left")]
    [InlineData("right")]
    public void What_is_heavy_lies_near_to_where_the_tray_is_carried(string support)
    {
        var pockets = Pockets(Tray.Design(BriefOf([(40, 40, 12, "sometimes"), (40.5, 40, 12, "sometimes")], 120, 120, ("support", support), ("mass2", "900"))));
        var (light, heavy) = (pockets[0], pockets[1]);
        (support switch { "behind" => heavy.Low > light.Low, "left" => heavy.Left <= 4, _ => heavy.Right >= 115 }).ShouldBeTrue($"{pockets[0]} {pockets[1]}");
    }

    [Fact]
    public void Ears_stand_a_multiple_of_a_raster_apart_or_as_the_holes_were_measured()
    {
        Design Mounted(string raster, double? measured, double width = 100)
        {
            var brief = BriefOf([(40, 30, 12, "often")], width, 80, ("mount", "screws"), ("raster", raster));
            return Tray.Design(measured is { } m
                ? brief with
                {
                    Interfaces = new Dictionary<string, Interface>(brief.Interfaces)
                    {
                        ["holes"] = Measuring.Places.Of(KindList.Of("hole-row"),
                FormattableString.Invariant($"diameter 4, gap1.centre {m}"))
                    }
                } : brief);
        }

        Mounted("32", null).Ledger["ear.spacing"].Value.ShouldBe(128, 1e-9);
        Mounted("", null).Ledger["ear.spacing"].Value.ShouldBeInRange(109, 111);
        var rail = Mounted("32", 140);
        rail.Pattern.Select(h => h.X).ShouldBe([-70, 70], 1e-9);
        rail.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        var under = Mounted("", 96).Checks.Single(c => c.Key == "ear.clear");
        under.Verdict.ShouldBe(Verdict.Stop);
        Mounted("", 96, double.Parse(((Remedy.Change)under.Remedies.Single()).Entries["width"])).Checks.Single(c =>
            c.Key == "ear.clear").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void The_pocket_of_an_odd_outline_is_wider_than_the_thing_by_the_same_everywhere()
    {
        // A triangle, given in no unit at all: stretched to 60 by 30 mm, then moved outwards.
        var design = Tray.Design(BriefOf([(60, 30, 12, "often")], 120, 100, ("item1Outline", "0,0 2,0 1,1"), ("clearance", "2")));
        var outlines = design.Drawing!.Regions.Where(r => r.Drag is not null).ToDictionary(r => r.Matter, r => r.Outline);
        var (thing, pocket) = (outlines[Matter.Machine], outlines[Matter.Opening]);
        (thing.Max(p => p.X) - thing.Min(p => p.X)).ShouldBe(60, 0.01);
        var grown = (2 + Workshop.Known(Surface.Pocket).Value) / 2;
        // Between parallel sides: the same distance at the foot and at both slopes.
        (thing.Min(p => p.Y) - pocket.Min(p => p.Y)).ShouldBe(grown, 0.01);
        var (a, b) = (thing.MinBy(p => p.X)!, thing.MaxBy(p => p.Y)!);
        var (dx, dy) = (b.X - a.X, b.Y - a.Y);
        pocket.Max(p => ((dx * (p.Y - a.Y)) - (dy * (p.X - a.X))) / Math.Sqrt((dx * dx) + (dy * dy))).ShouldBe(grown, 0.02);
    }

    [Fact]
    public void Often_used_things_stand_in_front_of_seldom_used_ones()
    {
        var pockets = Pockets(Design([(80, 30, 12, "seldom"), (80, 30, 12, "often")], width: 100, depth: 140));
        pockets[1].High.ShouldBeLessThan(pockets[0].Low);
    }

    [Fact]
    public void A_slender_thing_is_held_deeper_than_a_steady_one()
    {
        var slender = Design([(15, 15, 90, "often")]);
        slender.Ledger["item1.hold"].Value.ShouldBe(0.55 * 90, 1e-9);
        slender.Checks.ShouldContain(c => c.Key == "item1.steady");
        Design([(60, 40, 30, "often")]).Ledger["item1.hold"].Value.ShouldBe(0.35 * 30, 1e-9);
    }
}
