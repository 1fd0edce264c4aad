using CsCheck;
using Emboq.Core.Families;

namespace Emboq.Core.Tests.Families;

/// <summary>Placed pockets on random things, judged by their drawn outlines alone.</summary>
public sealed class TrayPackingTests
{
    private static readonly Family Tray = FamilyList.Find("pocket-tray")!;

    private static Design Design(IEnumerable<(double W, double D, double H, string Use)> things, double width = 200, double depth = 160, double trough = 0)
    {
        var list = things.ToList();
        var entries = list.Select((t, i) => ($"item{i + 1}Use", t.Use)).Append(("width", FormattableString.Invariant($"{width}"))).Append(("depth", FormattableString.Invariant($"{depth}"))).Append(("trough", FormattableString.Invariant($"{trough}"))).ToDictionary(e => e.Item1, e => e.Item2);
        var places = list.Select((t, i) => (Slot: $"item{i + 1}", Place: Workshop.Place(Guid.NewGuid(), $"thing {i + 1}", InterfaceKind.Of("block"), [("width", t.W), ("depth", t.D), ("height", t.H)]))).ToDictionary(p => p.Slot, p => p.Place);
        return Tray.Design(new(ParameterValues.Read(Tray.Parameters, entries).Value, places, Workshop.Process, []));
    }

    private static IReadOnlyList<(double Left, double Right, double Low, double High)> Pockets(Design design) =>
        [.. design.Drawing!.Regions.Where(r => r.Drag is not null && r.Matter == Matter.Opening).Select(r => (r.Outline.Min(p => p.X), r.Outline.Max(p => p.X), r.Outline.Min(p => p.Y), r.Outline.Max(p => p.Y)))];

    [Fact]
    public void Placed_pockets_keep_a_wall_between_and_around_and_stay_out_of_the_trough() =>
        Gen.Select(Gen.Double[12, 70].Array[2, 5], Gen.Double[10, 40].Array[5], Gen.Int[0, 2].Array[5], Gen.Double[0, 30]).Sample((widths, depths, uses, trough) =>
        {
            var design = Design(widths.Select((w, i) => (Math.Round(w, 1), Math.Round(depths[i], 1), 15.0, new[] { "often", "sometimes", "seldom" }[uses[i]])), trough: Math.Round(trough));
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
                pockets.Skip(i + 1).ShouldAllBe(b => a.Right + wall <= b.Left + Hair || b.Right + wall <= a.Left + Hair || a.High + wall <= b.Low + Hair || b.High + wall <= a.Low + Hair);
            }
        }, iter: 40, threads: 1);

    [Fact]
    public void What_is_too_large_for_the_tray_is_said_and_nothing_is_drawn()
    {
        var design = Design([(250, 40, 10, "often")]);
        design.Checks.Single(c => c.Key == "room").Verdict.ShouldBe(Verdict.Stop);
        (design.Drawing, design.Bodies.Count).ShouldBe((null, 0));
    }

    [Fact]
    public void The_same_things_lie_the_same_way()
    {
        var things = new[] { (60.0, 30.0, 12.0, "often"), (50.0, 25.0, 12.0, "seldom"), (30.0, 30.0, 12.0, "sometimes"), (44.0, 20.0, 12.0, "sometimes") };
        Pockets(Design(things)).ShouldBe(Pockets(Design(things)));
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
