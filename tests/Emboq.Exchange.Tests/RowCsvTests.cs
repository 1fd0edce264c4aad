namespace Emboq.Exchange.Tests;

/// <summary>Rows of parts from pasted lists.</summary>
public sealed class RowCsvTests
{
    private static readonly Family Pull = FamilyList.Find("drawer-pull")!;

    private static IReadOnlyList<RowItem> Read(string text, string family = "drawer-pull") => RowCsv.Read(text, FamilyList.Find(family)!).Value;

    [Fact]
    public void A_bare_list_is_words_and_counts()
    {
        var row = Read("Copper tacks\nCane & cord, 2\n\nBrass tips\n");
        row.Select(r => (r.Entries["text"], r.Count)).ShouldBe([("Copper tacks", 1), ("Cane & cord", 2), ("Brass tips", 1)]);
    }

    [Theory]
    [InlineData("text,tall,count,group\nTacks,24,3,red\n")]
    [InlineData("Label;Height of the face;count;colour\nTacks;24;3;red")]
    [InlineData("TEXT\tTall\tCount\tGroup\nTacks\t24\t3\tred")]
    public void A_heading_names_parameters_by_key_or_label_whatever_parts_the_cells(string text)
    {
        var item = Read(text).Single();
        (item.Count, item.Group, item.Entries["text"], item.Entries["tall"]).ShouldBe((3, "red", "Tacks", "24"));
    }

    [Fact]
    public void Inches_with_fractions_are_kept_as_they_were_written() =>
        Read("front\n3 7/8 in\n4 3/8\"", "wall-bin").Select(r => r.Entries["front"]).ShouldBe(["3 7/8 in", "4 3/8\""]);

    [Fact]
    public void A_spacing_in_the_list_holds_against_a_custom_of_the_design()
    {
        Read("spacing\n80\n").Single().Entries["custom"].ShouldBe("own");
        Read("spacing,custom\n80,96 mm\n").Single().Entries["custom"].ShouldBe("96 mm");
        Read("text\nTacks\n").Single().Entries.ShouldNotContainKey("custom");
    }

    [Fact]
    public void An_empty_cell_leaves_the_value_to_the_design() => Read("text,tall\nTacks,\n,24").Select(r => r.Entries.Count).ShouldBe([1, 1]);

    [Theory]
    [InlineData("", "empty")]
    [InlineData("text,count\nTacks,none", "not a count")]
    [InlineData("text,count\nTacks,0", "not a count")]
    [InlineData("text\nTacks,24,red", "cells")]
    [InlineData("text,count", "0 members")]
    public void What_cannot_be_read_is_named_by_its_line(string text, string says)
    {
        var outcome = RowCsv.Read(text, Pull);
        outcome.IsGood.ShouldBeFalse();
        outcome.Problems[0].Message.ShouldContain(says);
        outcome.Problems[0].Remedy.ShouldNotBeEmpty();
    }

    [Fact]
    public void A_row_has_an_end() => RowCsv.Read(string.Join('\n', Enumerable.Range(0, 61)), Pull).Problems.Single().Limit.ShouldBe("1 to 60");
}
