using CsCheck;

namespace Emboq.Core.Tests.Printing;

/// <summary>Layouts of the solver, judged by a checker that knows nothing of it, and by brute force where that can be done.</summary>
public sealed class BedfulTests
{
    private static readonly Guid Printer = Guid.Parse("00000000-0000-0000-0000-0000000000b1");

    private static Bed Bed(double width, double depth, double height = 200, double margin = 5) => new(Printer, width, depth, height) { Margin = margin };

    [Fact]
    public void Random_rows_lie_within_the_margin_and_a_gap_apart_and_nothing_is_lost() =>
        Gen.Select(Gen.Double[5, 120].Array[1, 14], Gen.Double[5, 90].Array[14], Gen.Int[0, 1].Array[14]).Sample((widths, depths, groups) =>
        {
            var pieces = widths.Select((w, i) => new BedItem(i + 1, Math.Round(w, 1), Math.Round(depths[i], 1), 20, groups[i] == 0 ? "" : "red")).ToList();
            var layout = Bedfuls.Of(pieces, [Bed(120, 100), Bed(150, 90)], 4);
            Judge(layout, 4, 5);
            layout.Bedfuls.SelectMany(b => b.Placements).Select(p => p.Piece).Concat(layout.TooLarge).OrderBy(p =>
                p.Member).ShouldBe(pieces.OrderBy(p => p.Member));
            layout.Bedfuls.ShouldAllBe(b => b.Placements.Count > 0 && b.Placements.All(p => p.Piece.Group == b.Group));
        }, iter: 25, threads: 1);

    [Fact]
    public void The_same_row_lies_the_same_way_every_time()
    {
        var pieces = Enumerable.Range(1, 9).Select(i => new BedItem(i, 50 + i, 30, 20)).ToList();
        string Said() => string.Join(";", Bedfuls.Of(pieces, [Bed(130, 130)], 5).Bedfuls.SelectMany(b => b.Placements));
        Said().ShouldBe(Said());
    }

    /// <summary>Small cases, all placements on a grid of whole tens tried one after another.</summary>
    [Theory]
    [InlineData("40x30 40x30 40x30 40x30", 80, 60)]
    [InlineData("60x20 20x60 40x40", 80, 60)]
    [InlineData("50x30 50x30 30x50 30x50", 80, 80)]
    [InlineData("50x30 50x30 30x50 30x50 20x20", 80, 80)]
    [InlineData("30x20 30x20 30x20 40x40", 70, 50)]
    public void A_small_row_needs_no_more_beds_than_brute_force(string row, double width, double depth)
    {
        var pieces = row.Split(' ').Select((p, i) => new BedItem(i + 1, double.Parse(p.Split('x')[0]), double.Parse(p.Split('x')[1]), 10)).ToList();
        var layout = Bedfuls.Of(pieces, [Bed(width, depth, margin: 0)], 0);
        Judge(layout, 0, 0);
        var one = BruteForce(pieces, width, depth);
        (layout.Bedfuls.Count == 1).ShouldBe(one);
        layout.Bedfuls.Count.ShouldBeLessThanOrEqualTo(2);
    }

    /// <summary>Common practice, no source: six pulls, 5 in long and 1 1/2 in high, on a bed of about 8 by 8 in.</summary>
    [Fact]
    public void Six_pulls_go_on_a_bed_of_eight_inches()
    {
        var layout = Bedfuls.Of([.. Enumerable.Range(1, 6).Select(i => new BedItem(i, 127, 25.4, 38.1))], [Bed(203, 203)], 5);
        layout.Bedfuls.Count.ShouldBe(1);
        layout.Proven.ShouldBeTrue();
    }

    [Fact]
    public void What_is_too_tall_or_too_wide_is_told_and_the_rest_is_laid()
    {
        var layout = Bedfuls.Of([new(1, 50, 50, 300), new(2, 500, 20, 10), new(3, 50, 50, 10)], [Bed(200, 200)], 5);
        layout.TooLarge.Select(p => p.Member).ShouldBe([1, 2]);
        layout.Bedfuls.Single().Placements.Single().Piece.Member.ShouldBe(3);
    }

    [Fact]
    public void A_spool_is_chosen_by_what_is_left_and_the_night_is_warned_of()
    {
        var start = new DateTimeOffset(2031, 5, 12, 18, 0, 0, TimeSpan.FromHours(2));
        Spool Spool(string name, double left, string colour = "") => new(Guid.NewGuid(), name, Guid.Empty, "plain", colour, 200, 200 + left, start);
        PlannedBedful Planned(double hours, double grams, string group = "") => new(new(Bed(200, 200), group, []), "plain", hours * 3600, grams);

        // The fullest stays full while a lesser one lasts.
        BedSchedule.Of([Planned(2, 40)], [Spool("full", 900), Spool("half", 300), Spool("end", 30)], start)[0].Spool!.Name.ShouldBe("half");
        // Two in a row come off one spool.
        var two = BedSchedule.Of([Planned(2, 200), Planned(2, 200)], [Spool("half", 300), Spool("full", 900)], start);
        two.Select(b => b.Spool!.Name).ShouldBe(["half", "full"]);
        // It runs out in proportion of its time: half of ten hours after 18:00 is 23:00, in the night.
        var night = BedSchedule.Of([Planned(10, 100)], [Spool("end", 50)], start)[0];
        (night.RunsOut, night.Unattended).ShouldBe((start.AddHours(5), true));
        BedSchedule.Of([Planned(6, 100)], [Spool("end", 50)], start)[0].Unattended.ShouldBeFalse();
        // A bed that ends in the night is changed in the morning; the short one goes first, so that the long one has the night.
        BedSchedule.Of([Planned(8, 10), Planned(8, 10)], [Spool("full", 900)],
            start)[1].Starts.ShouldBe(new DateTimeOffset(2031, 5, 13, 7, 0, 0, start.Offset));
        BedSchedule.Of([Planned(8, 10), Planned(1, 10)], [Spool("full", 900)], start).Select(b => b.Starts).ShouldBe([start, start.AddMinutes(75)]);
        // Groups choose their colour; what has no group takes none of theirs.
        BedSchedule.Of([Planned(1, 10, "red"), Planned(1, 10)], [Spool("r", 20, "Red"), Spool("g", 500)], start).Select(b =>
            b.Spool!.Name).ShouldBe(["r", "g"]);
        BedSchedule.Of([Planned(1, 10, "blue")], [Spool("r", 20, "red")], start)[0].Spool.ShouldBeNull();
    }

    /// <summary>Looking ahead: 118 g fit on the begun spool, so that only the rest comes off the new one.</summary>
    [Fact]
    public void Spools_are_chosen_for_all_bedfuls_together()
    {
        var start = new DateTimeOffset(2031, 5, 12, 9, 0, 0, TimeSpan.Zero);
        Spool Spool(string name, double left) => new(Guid.NewGuid(), name, Guid.Empty, "plain", "", 200, 200 + left, start);
        PlannedBedful Planned(double grams) => new(new(Bed(200, 200), "", []), "plain", 3600, grams);
        var plan = BedSchedule.Of([Planned(60), Planned(90), Planned(58)], [Spool("begun", 150), Spool("new", 1000)], start);
        plan.ShouldAllBe(b => b.RunsOut == null);
        // By hand: 60 + 90 fill the begun one to the last gram.
        plan.Where(b => b.Spool!.Name == "new").Sum(b => b.Planned.Grams).ShouldBe(58);
    }

    /// <summary>Every assignment of runs to printers in every order, with the same rules for nights and changes.</summary>
    [Theory]
    [InlineData("5 3 4 6 2 7 3 4", 8)]
    [InlineData("9 9 2 2 11 3", 14)]
    [InlineData("4 8 1 6 6", 20)]
    public void Two_printers_are_done_as_soon_as_brute_force_finds(string hours, int from)
    {
        var start = new DateTimeOffset(2031, 5, 12, from, 0, 0, TimeSpan.Zero);
        var (one, other) = (new Bed(Guid.NewGuid(), 200, 200, 200), new Bed(Guid.NewGuid(), 200, 200, 200));
        var takes = hours.Split(' ').Select(double.Parse).ToList();
        var plan = BedSchedule.Of([.. takes.Select(h => new PlannedBedful(new(one, "", []), "plain", h * 3600,
            1) { Elsewhere = [new(new(other, "", []), "plain", h * 3600, 1)] })], [], start);
        plan.GroupBy(p => p.Planned.Bedful.Bed.Process).ShouldAllBe(g => g.Zip(g.Skip(1)).All(p => p.Second.Starts >= p.First.Ends + TimeSpan.FromMinutes(15)));
        plan.ShouldAllBe(p => Hours.Usual.Hold(p.Starts));
        plan.Max(p => p.Ends).ShouldBe(Best(takes, start), TimeSpan.FromMinutes(1));
    }

    /// <summary>By hand: six hours each from 13:00. The one printer is left at 17:00, so that its second run waits for the next day's ten; the other is there
    /// until 22:00.</summary>
    [Fact]
    public void A_printer_is_started_in_its_own_hours_and_setups_of_one_printer_take_turns()
    {
        var start = new DateTimeOffset(2031, 5, 12, 13, 0, 0, TimeSpan.Zero);
        PlannedBedful Planned(Bed bed, double hours) => new(new(bed, "", []), "plain", hours * 3600, 1);
        var club = Bed(200, 200) with { Hours = new(10, 17) };
        BedSchedule.Of([Planned(club, 6), Planned(club, 6)], [], start).Select(p => p.Starts).ShouldBe([start, start.AddHours(21)]);
        BedSchedule.Of([Planned(Bed(200, 200), 6), Planned(Bed(200, 200), 6)], [], start).Select(p => p.Starts).ShouldBe([start, start.AddHours(6.25)]);
        // Two setups of one printer never run at once.
        var other = club with { Process = Guid.NewGuid() };
        BedSchedule.Of([Planned(club, 1), Planned(other, 1)], [], start).Select(p => p.Starts).ShouldBe([start, start.AddHours(1.25)]);
        BedSchedule.Of([Planned(club, 10)], [new(Guid.NewGuid(), "end", Guid.Empty, "plain", "", 200, 200.5, start)], start)[0].Unattended.ShouldBeTrue();
    }

    private static DateTimeOffset Best(List<double> takes, DateTimeOffset start)
    {
        static DateTimeOffset Day(DateTimeOffset at) => at.Hour >= 22 ? new DateTimeOffset(at.Date, at.Offset).AddHours(31) : at.Hour < 7
            ? new DateTimeOffset(at.Date, at.Offset).AddHours(7) : at;
        var seen = new Dictionary<(int, DateTimeOffset, DateTimeOffset), DateTimeOffset>();
        return From(0, start, start);

        // Whichever runs are left, and when each printer is free.
        DateTimeOffset From(int done, DateTimeOffset a, DateTimeOffset b)
        {
            if (done == (1 << takes.Count) - 1)
            {
                return (a > b ? a : b).AddMinutes(-15);
            }

            if (!seen.TryGetValue((done, a, b), out var best))
            {
                best = Enumerable.Range(0, takes.Count).Where(i => (done & (1 << i)) == 0).SelectMany(i => new[]
                {
                    From(done | (1 << i), Day(a).AddHours(takes[i]).AddMinutes(15), b), From(done | (1 << i), a, Day(b).AddHours(takes[i]).AddMinutes(15)),
                }).Min();
                seen[(done, a, b)] = best;
            }

            return best;
        }
    }

    [Fact]
    public void A_bed_holds_no_more_than_the_maker_says()
    {
        var layout = Bedfuls.Of([.. Enumerable.Range(1, 7).Select(i => new BedItem(i, 20, 20, 10))], [Bed(200, 200)], 5, most: 3);
        layout.Bedfuls.Select(b => b.Placements.Count).ShouldBe([3, 3, 1]);
        layout.Proven.ShouldBeTrue();
    }

    /// <summary>Within the bed, and no two closer than the gap: by their edges alone.</summary>
    private static void Judge(Layout layout, double gap, double margin)
    {
        const double Hair = 1e-6;
        foreach (var bedful in layout.Bedfuls)
        {
            var placed = bedful.Placements;
            placed.ShouldAllBe(p => p.X >= margin - Hair && p.Y >= margin - Hair && p.X + p.Width <= bedful.Bed.Width - margin + Hair
                && p.Y + p.Depth <= bedful.Bed.Depth - margin + Hair);
            foreach (var (a, i) in placed.Select((a, i) => (a, i)))
            {
                placed.Skip(i + 1).ShouldAllBe(b => a.X + a.Width + gap <= b.X + Hair || b.X + b.Width + gap <= a.X + Hair
                    || a.Y + a.Depth + gap <= b.Y + Hair || b.Y + b.Depth + gap <= a.Y + Hair);
            }
        }
    }

    private static bool BruteForce(IReadOnlyList<BedItem> pieces, double width, double depth)
    {
        var placed = new List<(double X, double Y, double W, double D)>();
        return Put(0);

        bool Put(int at)
        {
            if (at == pieces.Count)
            {
                return true;
            }

            foreach (var (w, d) in new[] { (pieces[at].Width, pieces[at].Depth), (pieces[at].Depth, pieces[at].Width) })
            {
                for (double x = 0; x + w <= width; x += 10)
                {
                    for (double y = 0; y + d <= depth; y += 10)
                    {
                        if (placed.All(p => x >= p.X + p.W || p.X >= x + w || y >= p.Y + p.D || p.Y >= y + d))
                        {
                            placed.Add((x, y, w, d));
                            if (Put(at + 1))
                            {
                                return true;
                            }

                            placed.RemoveAt(placed.Count - 1);
                        }
                    }
                }
            }

            return false;
        }
    }
}
