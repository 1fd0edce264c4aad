namespace Emboq.Core.Tests.Solids;

/// <summary>Outlines with rounded corners and arcs, against plane geometry.</summary>
public sealed class OutlineArcsTests
{
    private static Profile Of(string text) => OutlineNotation.Parse(text, "f").Value;

    /// <summary>A rounded right corner leaves out r² (1 − π/4).</summary>
    [Theory]
    [InlineData("0,0 80,0,r12 80,40 0,40", 80 * 40 - (12 * 12 * (1 - (Math.PI / 4))))]
    [InlineData("0,0,r5 80,0,r5 80,40,r5 0,40,r5", (80 * 40) - (4 * 5 * 5 * (1 - (Math.PI / 4))))]
    [InlineData("0,0 40,0 40,20,r6 20,20 20,40 0,40", (40 * 20) + (20 * 20) - (36 * (1 - (Math.PI / 4))))]
    [InlineData("0,0 40,0 40,20 20,20,r6 20,40 0,40", (40 * 20) + (20 * 20) + (36 * (1 - (Math.PI / 4))))]
    [InlineData("0,0 60,0 30,30,arc", Math.PI * 30 * 30 / 2)]
    [InlineData("-30,0 0,-30,arc 30,0 0,30,arc", Math.PI * 30 * 30)]
    [InlineData("0,0 60,0 60,20 30,10,arc 0,20", (60 * 20) - 408.75)]
    public void Its_area_is_that_of_the_curve(string text, double area) => Of(text).Area.ShouldBe(area, area * 6e-4);

    [Theory]
    [InlineData("0,0 80,0,r45 80,40 0,40", "A corner radius of 45 mm at 80,0 cannot be")]
    [InlineData("0,0 80,0,r25 80,40,r25 0,40", "would have to be 50 mm long")]
    [InlineData("0,0 20,5,arc 40,5,arc 80,0 80,40", "one point between its ends")]
    [InlineData("0,0 40,0,arc 80,0 80,40", "three points lie on one line")]
    [InlineData("0,0,r3 40,-10,arc 80,0 80,40", "an arc begins or ends there")]
    [InlineData("0,0 80,0,12 80,40", "is not a point")]
    public void What_cannot_be_drawn_is_told_with_its_place(string text, string says) =>
        OutlineNotation.Parse(text, "f").Problems.Single().Message.ShouldContain(says);

    /// <summary>A router template of such an outline: its tightest corner is the radius that was asked for.</summary>
    [Fact]
    public void A_rounded_corner_is_as_tight_as_was_said() =>
        Outlines.Tightest(Of("0,0 80,0 80,40,r8 0,40,r20"), recess: true)!.Value.Radius.ShouldBe(0);

    [Fact]
    public void A_recess_with_only_rounded_corners_lets_a_cutter_of_that_radius_turn() =>
        Outlines.Tightest(Of("0,0,r8 80,0,r20 80,40,r8 0,40,r12"), recess: true)!.Value.Radius.ShouldBe(8, 0.1);
}
