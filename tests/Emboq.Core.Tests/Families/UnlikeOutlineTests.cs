namespace Emboq.Core.Tests.Families;

/// <summary>Outlines moved, matched and joined, against plane geometry.</summary>
public sealed class UnlikeOutlineTests
{
    [Fact]
    public void An_outline_moved_by_little_stays_whole()
    {
        var outline = Outlines.RoundedRectangle(80, 45, 5, 0.01);
        Enumerable.Range(-40, 81).Select(i => i * 0.05).Append(-1e-14).Select(d => Outlines.Moved(outline, d)).ShouldAllBe(m => m != null
            && Outlines.SeenFromWithin(m));
    }

    /// <summary>Plane geometry: within half of its width a rectangle moved inwards is left with a strip, and past it with nothing; between lies a sliver.
    /// </summary>
    [Fact]
    public void An_outline_moved_in_by_half_of_its_width_is_none_any_more()
    {
        foreach (var (wide, off) in new[] { 24.0, 24.37, 7.1 }.SelectMany(w => Enumerable.Range(1, 12).Select(i => (w, Math.Pow(10, -i)))))
        {
            var outline = Outlines.RoundedRectangle(wide, 61.3, 0, 0.01);
            Outlines.Moved(outline, -(wide / 2) - off).ShouldBeNull();
            (Outlines.Moved(outline, -(wide / 2) + off)?.Area ?? 0).ShouldBe(2 * off * (61.3 - wide + (2 * off)), 0.01 + off);
        }
    }

    [Theory]
    [InlineData(0.15)]
    [InlineData(1.95)]
    [InlineData(-1.8)]
    public void A_moved_outline_encloses_what_plane_geometry_says(double distance)
    {
        // A rectangle with rounded corners of radius r moved by d is one with radius r + d: its area is A + L d + π d² (Steiner).
        var outline = Outlines.RoundedRectangle(80, 45, 5, 0.001);
        var length = (2 * (70 + 35)) + (2 * Math.PI * 5);
        var moved = Outlines.Moved(outline, distance)!;
        moved.Area.ShouldBe(outline.Area + (length * distance) + (Math.PI * distance * distance), 0.05);
        Outlines.SeenFromWithin(moved).ShouldBeTrue();
    }

    private static Interface Chute(double width, double height, double corner) =>
        Workshop.Place(Guid.NewGuid(), "chute", KindList.Duct, [("outside", width), ("outsideDepth", height), ("corner", corner), ("depth", 40)]);

    private static Design Design(Interface first, params (string Key, string Entry)[] entries)
    {
        var family = FamilyList.Find("hose-adapter")!;
        (string, string)[] usual = [("firstJoin", "over"), ("secondJoin", "inside"), .. entries];
        return family.Design(new(ParameterValues.Read(family.Parameters, usual.ToDictionary(e => e.Item1, e => e.Item2)).Value,
            new Dictionary<string, Interface> { ["first"] = first, ["second"] = Workshop.Tube("hose", inside: 60, depth: 50) }, Workshop.Process, []));
    }

    [Fact]
    public void Height_moves_by_the_same_amount_as_width_and_both_must_fit()
    {
        var design = Design(Chute(80, 45, 5));
        (design.Ledger["first.height.drawn"].Value - 45).ShouldBe(design.Ledger["first.drawn"].Value - 80, 1e-9);
        design.Ledger["first.height.realised"].Value.ShouldBe(design.Ledger["first.realised"].Value, 1e-9);
        // Width and height share the process and the caliper, so both together are less sure than one alone, but surer than if they were independent.
        var (width, hose) = (design.Seats[0].Chance, design.Seats[1].Chance);
        design.Chance!.Value.ShouldBeInRange(width * width * hose, (width * hose) + 0.01);
    }

    [Fact]
    public void The_bore_for_the_air_is_a_round_one_of_equal_area()
    {
        var sharp = Design(Chute(80, 45, 0));
        var wide = sharp.Ledger["first.wanted"].Value;
        sharp.Ledger["first.equivalent"].Value.ShouldBe(2 * Math.Sqrt(wide * (wide - 35) / Math.PI), 1e-6);
    }

    [Fact]
    public void An_odd_outline_is_stretched_to_the_measured_width_and_height()
    {
        var design = Design(Chute(80, 60, 0), ("firstOutline", "0,0 4,0 4,2 2.5,2 2.5,3 0,3"));
        design.Checks.Single(c => c.Key == "first.outline").Verdict.ShouldBe(Verdict.Good);
        design.Pieces.ShouldNotBeEmpty();
        design.PrintItems.Single(b => b.Key == "ring-first").Solid.ShouldNotBe(Design(Chute(80, 60, 0)).PrintItems.Single(b => b.Key == "ring-first").Solid);
    }

    [Fact]
    public void An_outline_with_a_hidden_side_stops_in_words()
    {
        var design = Design(Chute(80, 60, 0), ("firstOutline", "0,0 40,0 40,30 30,30 30,5 10,5 10,30 0,30"));
        design.Pieces.ShouldBeEmpty();
        design.Checks.Single(c => c.Key == "first.outline").Says.ShouldContain("hides behind another");
    }

    [Theory]
    [InlineData("angle")]
    [InlineData("step")]
    public void The_round_end_of_an_unlike_part_keeps_its_bead_and_its_taper(string by)
    {
        var plain = Design(Chute(80, 45, 5), ("coneBy", by)).Pieces[0].Solid;
        Design(Chute(80, 45, 5), ("coneBy", by), ("secondHold", "clamp")).Pieces[0].Solid.ShouldNotBe(plain);
        var tapered = Design(Chute(80, 45, 5), ("coneBy", by), ("secondHold", "taper"), ("secondTaper", "1:10"));
        // The ring is cut at mid cuff, where the taper has the size of the plain end.
        tapered.Pieces[0].Solid.ShouldNotBe(plain);
        tapered.Ledger["second.drawn"].Value.ShouldBe(Design(Chute(80, 45, 5)).Ledger["second.drawn"].Value, 1e-9);
    }

    [Fact]
    public void A_clamp_or_taper_is_refused_and_the_remedy_takes_it_off()
    {
        var check = Design(Chute(80, 45, 5), ("firstHold", "taper")).Checks.Single(c => c.Key == "first.outline");
        check.Verdict.ShouldBe(Verdict.Stop);
        check.Remedies.OfType<Remedy.Change>().Single().Entries["firstHold"].ShouldBe("plain");
    }

    [Fact]
    public void Nothing_is_reckoned_before_width_and_height_are_read()
    {
        var unread = Chute(80, 45, 5);
        var half = unread with { Dimensions = [.. unread.Dimensions.Select(d => d.Key == "outsideDepth" ? d with { Readings = [] } : d)] };
        Design(half).Checks.Single().Key.ShouldBe("first.outsideDepth.readings");
    }

    [Fact]
    public void Matched_outlines_keep_their_areas_and_have_equal_counts()
    {
        var (round, box) = (Outlines.Round(20, 60), Outlines.RoundedRectangle(50, 30, 4, 0.01));
        var matched = Outlines.Matched(round, box);
        var (a, b) = (matched[0], matched[1]);
        a.Points.Length.ShouldBe(b.Points.Length);
        a.Area.ShouldBe(round.Area, 1e-6);
        b.Area.ShouldBe(box.Area, 1e-6);
    }

    [Fact]
    public void Matched_outlines_have_no_two_corners_in_one_direction()
    {
        var box = Outlines.RoundedRectangle(137.8, 96.4, 11.4, 0.01);
        foreach (var radius in Enumerable.Range(0, 200).Select(i => 30 + (i * 0.35)))
        {
            Outlines.Matched(box, Outlines.Round(radius, Facets.Count(radius, 0.01)), Outlines.Round(radius - 0.3, Facets.Count(radius - 0.3, 0.01)))
                .ShouldAllBe(o => Outlines.SeenFromWithin(o));
        }
    }
}
