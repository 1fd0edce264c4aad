namespace Emboq.Core.Tests.Quantities;

/// <summary>Tapers, durations and outlines as people write them.</summary>
public sealed class NotationTests
{
    [Theory]
    [InlineData("1:20", 1.43210)] // atan(1/40), plane geometry
    [InlineData("1 : 20.047", 1.42877)] // the No. 1 taper of ISO 296 (from memory): half angle 1.4287 degrees
    [InlineData("2:40", 1.43210)]
    [InlineData("1.5", 1.5)]
    [InlineData("1.5°", 1.5)]
    [InlineData("1.5 deg", 1.5)]
    public void A_taper_is_a_ratio_of_the_diameter_or_the_angle_of_one_side(string text, double degrees) =>
        TaperNotation.Parse(text, "f").Value.ShouldBe(degrees, 1e-4);

    [Theory]
    [InlineData("1:0")]
    [InlineData("1:20:3")]
    [InlineData("steep")]
    [InlineData("")]
    public void What_is_no_taper_is_told_with_an_example(string text) => TaperNotation.Parse(text, "f").Problems.Single().Remedy.ShouldContain("1:20");

    [Fact]
    public void A_ratio_is_written_as_it_is_read() => TaperNotation.Ratio(TaperNotation.Parse("1:30", "f").Value).ShouldBe("1:30");

    [Theory]
    [InlineData("3:34", 12840)]
    [InlineData("3 h 34 min", 12840)]
    [InlineData("3h34", 12840)]
    [InlineData("3.5 h", 12600)]
    [InlineData("2 h", 7200)]
    [InlineData("214", 12840)]
    [InlineData("214 min", 12840)]
    [InlineData("0.5 m", 30)]
    public void A_duration_is_read_as_it_is_said(string text, double seconds) => DurationNotation.Parse(text, "f").Value.ShouldBe(seconds, 1e-9);

    [Theory]
    [InlineData("0")]
    [InlineData("3:99")]
    [InlineData("-5")]
    [InlineData("long")]
    [InlineData("")]
    public void What_is_no_duration_is_told_with_an_example(string text) => DurationNotation.Parse(text, "f").Problems.Single().Remedy.ShouldContain("3:34");

    [Theory]
    [InlineData(1, "1 min")]
    [InlineData(3599, "60 min")]
    [InlineData(12840, "3 h 34 min")]
    [InlineData(86400, "24 h 00 min")]
    public void A_duration_is_shown_in_hours_and_minutes(double seconds, string text) => DurationNotation.Show(seconds).ShouldBe(text);

    [Theory]
    [InlineData("0,0 40,0 40,25 0,25", 1000)]
    [InlineData("0,0; 40,0; 40,25; 0,25", 1000)]
    [InlineData("0,25 40,25 40,0 0,0", 1000)]
    [InlineData("-1.5,-1.5 1.5,-1.5 0,1.5", 4.5)]
    public void An_outline_is_read_either_way_around(string text, double area) => OutlineNotation.Parse(text, "f").Value.Area.ShouldBe(area, 1e-9);

    [Theory]
    [InlineData("0,0 40", "'40' is not a point")]
    [InlineData("0,0 40,x 1,1", "'40,x' is not a point")]
    [InlineData("0,0 40,0", "2 points")]
    [InlineData("0,0 40,0 80,0", "no area")]
    [InlineData("0,0 9999,0 9,9", "is not a point")]
    public void What_is_no_outline_is_told(string text, string says) => OutlineNotation.Parse(text, "f").Problems.Single().Message.ShouldContain(says);
}
