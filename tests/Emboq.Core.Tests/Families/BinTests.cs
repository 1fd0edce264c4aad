namespace Emboq.Core.Tests.Families;

/// <summary>What a bin's front shows, what stands between two of them, and where they hang side by side.</summary>
public sealed class BinTests
{
    private static Design Bin(string entries, double width = 90, double depth = 60, double height = 30)
    {
        var f = FamilyList.Find("wall-bin")!;
        var given = entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
        var box = Measuring.Places.Of(KindList.Of("block"), FormattableString.Invariant($"width {width}, depth {depth}, height {height}"));
        return f.Design(new(ParameterValues.Read(f.Parameters, given).Value, new Dictionary<string, Interface> { ["item"] = box }, Workshop.Process, []));
    }

    private static Verdict Of(Design design, string key) => design.Checks.Single(c => c.Key == key).Verdict;

    [Fact]
    public void A_label_plate_slides_into_its_slot_and_has_its_own_words()
    {
        var bin = Bin("labelled=plate; text=Tacks; lettering=inlay; front=24; letterDepth=0.8", height: 60);
        bin.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        bin.Pieces.Select(p => p.Key).ShouldBe(["part", "plate", "inlay"]);
        bin.Pieces[1].MayDiffer.ShouldBeTrue();
        (bin.Ledger["plate.slot"].Value - bin.Ledger["plate.wide"].Value).ShouldBe(0.6, 1e-9);
        bin.Fitting.ShouldContain(f => f.Contains("Slide the label plate"));
        // A blank plate is made too; words on the bin itself are no piece of their own.
        Bin("labelled=plate; front=24", height: 60).Pieces.Count.ShouldBe(2);
        Bin("labelled=front; text=Tacks; front=24", height: 60).Pieces.Count.ShouldBe(1);
        Of(Bin("labelled=front; text=Tacks; wall=0.8; letterDepth=0.6; front=24", height: 60), "behind").ShouldBe(Verdict.Stop);
        Of(Bin("labelled=plate; front=8; text=Oil"), "plate").ShouldBe(Verdict.Stop);
    }

    /// <summary>By hand: a box of 60 mm in a back of 43 mm over 3 mm of floor stands 20 mm over it; 2 mm stay free.</summary>
    [Fact]
    public void A_spacer_lets_a_stack_stand_over_its_boxes()
    {
        var without = Bin("stack=lip", height: 60);
        Of(without, "stack").ShouldBe(Verdict.Watch);
        var change = without.Checks.Single(c => c.Key == "stack").Remedies.OfType<Remedy.Change>().Single().Entries;
        var with = Bin($"stack=lip; spacer={change["spacer"]}", height: 60);
        with.Ledger["spacer"].Value.ShouldBe(22, 1e-9);
        Of(with, "stack").ShouldBe(Verdict.Good);
        with.Pieces.Select(p => p.Key).ShouldBe(["part", "spacer"]);
        // Nothing stands over a low box: no spacer is made.
        Bin("stack=lip; spacer=frame; back=60").Pieces.Count.ShouldBe(1);
    }

    /// <summary>Side by side with a millimetre between: the paper has every hole, about its middle.</summary>
    [Fact]
    public void The_paper_for_the_wall_has_the_holes_of_all_bins_of_a_strip()
    {
        var bin = Bin("strip=400");
        var wide = bin.Ledger["outer.width"].Value;
        var count = (int)Math.Floor(401 / (wide + 1));
        bin.WallPattern.Count.ShouldBe(2 * count);
        bin.WallPattern.Average(h => h.X).ShouldBe(0, 1e-9);
        (bin.WallPattern[2].X - bin.WallPattern[0].X).ShouldBe(wide + 1, 1e-9);
        Bin("strip=100").WallPattern.ShouldBeEmpty();
        Bin("strip=400; mount=rail").WallPattern.ShouldBeEmpty();
    }
}
