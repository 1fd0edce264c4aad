using CsCheck;

namespace Emboq.Core.Tests.Families;

/// <summary>Words fitted to the space they have.</summary>
public sealed class LabelTests
{
    private static Design Plate(string text, double width = 80, double height = 22, string more = "")
    {
        var f = FamilyList.Find("label-plate")!;
        var entries = more.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
        foreach (var (key, value) in new[] { ("text", text), ("width", FormattableString.Invariant($"{width}")),
            ("height", FormattableString.Invariant($"{height}")) })
        {
            entries[key] = value;
        }

        return f.Design(new(ParameterValues.Read(f.Parameters, entries).Value, new Dictionary<string, Interface>(), Workshop.Process, []));
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
}
