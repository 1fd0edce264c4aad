using CsCheck;

namespace Emboq.Core.Tests.Families;

/// <summary>Words fitted to the space they have.</summary>
public sealed class LabelTests
{
    private static Design Plate(string text, double width = 80, double height = 22, string more = "", params (string Slot, Interface Place)[] places)
    {
        var f = FamilyList.Find("label-plate")!;
        var entries = more.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
        foreach (var (key, value) in new[] { ("text", text), ("width", FormattableString.Invariant($"{width}")),
            ("height", FormattableString.Invariant($"{height}")) })
        {
            entries[key] = value;
        }

        return f.Design(new(ParameterValues.Read(f.Parameters, entries).Value, places.ToDictionary(p => p.Slot, p => p.Place), Workshop.Process, []));
    }

    [Fact]
    public void Letters_never_leave_the_space_they_have() =>
        Gen.Select(Gen.Double[30, 200], Gen.Double[12, 60], Gen.Int[1, 20]).Sample((width, height, count) =>
        {
            var ledger = Plate(new string('m', count), Math.Round(width), Math.Round(height)).Ledger;
            if (ledger.Lines.FirstOrDefault(l => l.Key == "label.size")?.Quantity.Value is { } size)
            {
                (size * LetterWidths.Of(new string('m', count))).ShouldBeLessThanOrEqualTo(ledger["label.room"].Value + 1e-9);
                (size * (1 + (2 * LetterWidths.Tail))).ShouldBeLessThanOrEqualTo(ledger["label.height"].Value + 1e-9);
            }
        }, iter: 100);

    [Theory]
    [InlineData("Oil", Verdict.Good)]
    [InlineData("Spare blades, long", Verdict.Watch)]
    [InlineData("Spare blades for the long shave", Verdict.Stop)]
    public void Letters_too_small_to_read_are_told(string text, Verdict verdict) => Plate(text).Checks.Single(c => c.Key == "label").Verdict.ShouldBe(verdict);

    /// <summary>Pads are as deep as the letters, and ribs stand in them: triangles had the letters shut.</summary>
    [Theory]
    [InlineData("cornerPads=pads; wayUp=face", true)]
    [InlineData("roofRibs=ribs; wayUp=face", true)]
    [InlineData("roofRibs=ribs; cornerPads=pads; wayUp=back", false)]
    [InlineData("wayUp=face", false)]
    public void Nothing_is_put_into_letters_that_lie_on_the_bed(string more, bool stops)
    {
        var filled = Plate("Oil", more: $"lettering=sunk; {more}").Checks.SingleOrDefault(c => c.Key == "label.filled");
        (filled?.Verdict == Verdict.Stop).ShouldBe(stops);
        if (filled?.Remedies[0] is Remedy.Change change)
        {
            Plate("Oil", more: $"lettering=sunk; wayUp=face; {string.Join("; ", change.Entries.Select(e => $"{e.Key}={e.Value}"))}").Checks
                .ShouldAllBe(c => c.Verdict != Verdict.Stop);
        }
    }

    [Fact]
    public void Asked_for_letters_are_given_unless_there_is_no_room()
    {
        Plate("Oil", more: "letterSize=7").Ledger["label.size"].Value.ShouldBe(7);
        Plate("Copper tacks", more: "letterSize=40").Ledger["label.size"].Value.ShouldBe(Plate("Copper tacks",
            more: "letterSize=40").Ledger["label.fits"].Value);
    }

    [Fact]
    public void Raised_letters_do_not_print_face_down_and_sunk_ones_do()
    {
        var raised = Plate("Oil", more: "lettering=raised; wayUp=face").Checks.Single(c => c.Key == "label.face");
        raised.Verdict.ShouldBe(Verdict.Stop);
        raised.Remedies.OfType<Remedy.Change>().Single().Entries["lettering"].ShouldBe("sunk");
        Plate("Oil", more: "lettering=sunk; wayUp=face").Checks.ShouldNotContain(c => c.Key == "label.face");
    }

    [Fact]
    public void Letters_deeper_than_the_plate_stop() => Plate("Oil", more: "thickness=1; letterDepth=1").Checks.Single(c =>
        c.Key == "behind").Verdict.ShouldBe(Verdict.Stop);

    [Fact]
    public void A_round_tag_is_as_high_as_wide_and_hangs_by_its_hole()
    {
        var tag = Plate("Shed", 36, more: "shape=tag; fixing=hang");
        tag.Ledger["height"].Value.ShouldBe(36);
        tag.Hardware.Single().ShouldContain("ring");
        tag.Pattern.ShouldBeEmpty();
    }

    /// <summary>ISO 10642 and ISO 7046 are two heads; inch heads have 82 degrees whatever is chosen.</summary>
    [Theory]
    [InlineData("M4", "ISO 10642", 90)]
    [InlineData("M4", "ISO 7046", 90)]
    [InlineData("No. 8", "ISO 7046", 82)]
    public void Machine_screws_are_countersunk_by_their_own_standard(string screw, string head, double angle) =>
        Plate("Oil", more: $"fixing=machine; screw={screw}; head={head}; thickness=6").Ledger["hole.countersink.angle"].Value.ShouldBe(angle);

    [Fact]
    public void A_plate_thinner_than_a_head_stops() => Plate("Oil", more: "fixing=machine; screw=M8; thickness=3; height=40").Checks.Single(c =>
        c.Key == "hole.head").Verdict.ShouldBe(Verdict.Stop);

    [Fact]
    public void Slots_let_a_plate_be_set_level()
    {
        var plate = Plate("Oil", more: "fixing=slots; travel=10; height=40");
        plate.Ledger["hole.travel"].Value.ShouldBe(10);
        // What is drilled in the wood is the pilot of the screw, not the slot.
        (plate.Pattern[0].Drill, plate.Pattern[0].Use).ShouldBe((2.1, HoleUse.Pilot));
    }

    [Fact]
    public void A_wider_letter_is_wider_and_a_text_is_the_sum_of_its_letters()
    {
        LetterWidths.Of("M").ShouldBeGreaterThan(LetterWidths.Of("i"));
        LetterWidths.Of("Mi").ShouldBe(LetterWidths.Of("M") + LetterWidths.Of("i"), 1e-12);
        // A letter the font does not have is taken for a usual one.
        LetterWidths.Of("漢").ShouldBeInRange(0.5, 1.5);
    }

    /// <summary>Two lines share the height, the longer one decides the width; a plate between screws has no larger letters than it has room for.</summary>
    [Fact]
    public void Lines_share_the_space_they_have()
    {
        var two = Plate("Cane | Cord", 120, 40).Ledger;
        (two["label.size"].Value * (1 + (2 * LetterWidths.Tail) + PaperLabel.Pitch)).ShouldBe(two["label.height"].Value, 1e-9);
        Plate("Cane", 120, 40).Ledger["label.size"].Value.ShouldBeGreaterThan(12, "a plate is filled, whatever is usual on a small part");
        var wide = Plate("Cane and | cord", 60, 60).Ledger;
        (wide["label.size"].Value * LetterWidths.Of("Cane and")).ShouldBe(wide["label.room"].Value, 1e-9);
        Plate("| |").Ledger.Lines.ShouldNotContain(l => l.Key == "label.size");
    }

    [Fact]
    public void Letters_to_be_filled_are_deep_enough_and_say_with_what()
    {
        var shallow = Plate("Oil", more: "lettering=poured").Checks.Single(c => c.Key == "label.poured");
        shallow.Verdict.ShouldBe(Verdict.Watch);
        var depth = shallow.Remedies.OfType<Remedy.Change>().Single().Entries["letterDepth"];
        var deep = Plate("Oil", more: $"lettering=poured; letterDepth={depth}");
        deep.Checks.Single(c => c.Key == "label.poured").Verdict.ShouldBe(Verdict.Good);
        deep.Hardware.ShouldContain(h => h.Contains("resin"));
    }

    [Fact]
    public void Words_on_paper_come_at_full_size_and_need_no_thick_stems()
    {
        var paper = Plate("Spare blades for the long shave", more: "lettering=paper");
        paper.Checks.Single(c => c.Key == "label").Verdict.ShouldBe(Verdict.Watch);
        Plate("Spare blades | for the long shave", 90, 30, "lettering=paper").Checks.Single(c => c.Key == "label").Verdict.ShouldBe(Verdict.Good);
        (paper.Paper!.Width, paper.Paper.Size).ShouldBe((paper.Ledger["label.room"].Value - 0.5, paper.Ledger["label.size"].Value));
        Plate("Oil").Paper.ShouldBeNull();
    }

    /// <summary>A wire bent to a radius leaves the straight by its sagitta, R − √(R² − (t/2)²), within a plate of thickness t.</summary>
    [Theory]
    [InlineData("wire 2, inside 20", 3, 2 + 0.1028 + 0.6, Verdict.Good)]
    [InlineData("wire 2, inside 10", 6, 2 + 0.8038 + 0.6, Verdict.Good)]
    [InlineData("wire 1.5, inside 2.2", 3, 1.5 + 0.7672 + 0.6, Verdict.Stop)]
    [InlineData("wire 2", 3, 2.6, Verdict.Watch)]
    public void A_ring_passes_its_hole_bent_as_it_is(string sizes, double thickness, double hole, Verdict closes)
    {
        var tag = Plate("Shed", 36, more: FormattableString.Invariant($"shape=tag; fixing=hang; thickness={thickness}"),
            places: ("ring", Measuring.Places.Of(KindList.Of("ring"), sizes)));
        tag.Ledger["ring.hole"].Value.ShouldBe(hole, 1e-3);
        tag.Checks.Single(c => c.Key == "ring.closes").Verdict.ShouldBe(closes);
        Plate("Shed", 36, more: "shape=tag; fixing=hang", places: ("ring", Measuring.Places.Of(KindList.Of("ring"), ""))).Checks.ShouldContain(c =>
            c.Key == "ring.wire.readings" && c.Verdict == Verdict.Stop);
    }

    /// <summary>Words that have no room at all are not left away in silence; without words nothing is judged of them.</summary>
    [Theory]
    [InlineData("label-plate", "height=10; width=20; fixing=screws")]
    [InlineData("set-up-aid", "aid=angle; length=20; wedgeAngle=0.5")]
    [InlineData("drawer-pull", "fastening=plate; spacing=60; tall=12; face=12")]
    public void Words_without_room_stop(string key, string given)
    {
        var family = FamilyList.Find(key)!;
        Core.Checks.Check? Label(string words)
        {
            var values = $"{given}; text={words}".Split("; ").Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
            return family.Design(new(ParameterValues.Read(family.Parameters, values).Value, new Dictionary<string, Interface>(), Workshop.Process, [])).Checks
                .SingleOrDefault(c => c.Key == "label");
        }

        var told = Label("Tacks").ShouldNotBeNull();
        (told.Verdict, told.Figure).ShouldBe((Verdict.Stop, "no room"));
        told.Remedies.ShouldHaveSingleItem().ShouldBeOfType<Remedy.Change>().Entries["text"].ShouldBe("");
        Label("").ShouldBeNull();
    }
}
