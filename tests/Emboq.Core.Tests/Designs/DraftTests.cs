namespace Emboq.Core.Tests.Designs;

public sealed class DraftTests
{
    private static readonly Process Setup = Workshop.Exact with { Settings = new() { Walls = 4, Fill = 0.3 } };

    private static Design Bracket()
    {
        var family = FamilyList.Find("bracket")!;
        return family.Design(new(ParameterValues.Read(family.Parameters, new Dictionary<string, string>()).Value, new Dictionary<string, Interface>(), Setup,
            []));
    }

    [Fact]
    public void A_draft_is_the_very_part_as_it_lies_in_two_walls_without_fill()
    {
        var design = Bracket();
        var draft = Draft.Of(design, Setup).Single();
        draft.AsPrinted.ShouldBe(design.Pieces[0].AsPrinted);
        draft.Says.ShouldContain("does not prove");
        var drafted = design with { Process = Setup, Proofs = [draft] };
        (drafted.ProcessOf(Draft.Key).Settings.Walls, drafted.ProcessOf(Draft.Key).Settings.Fill).ShouldBe((2, 0));
        drafted.ProcessOf(Piece.Main).Settings.ShouldBe(Setup.Settings);
    }

    [Fact]
    public void What_is_laid_as_a_draft_anyhow_or_cannot_be_built_has_none()
    {
        Draft.Of(Bracket(), Setup with { Settings = new() { Walls = 1, Fill = 0 } }).ShouldBeEmpty();
        Draft.Of(Bracket() with { Pieces = [] }, Setup).ShouldBeEmpty();
    }
}
