using CsCheck;
using UnitsNet;

namespace Emboq.Core.Tests.Quantities;

public sealed class LengthNotationTests
{
    private static readonly Gen<Rational> AnyRational =
        from top in Gen.Int[1, 100_000]
        from bottom in Gen.Int[1, 999]
        select new Rational(top, bottom);

    private static double Mm(string text, LengthSystem leading = LengthSystem.Metric) => LengthNotation.Parse(text, leading, "f").Value.ToMillimetres();

    [Fact]
    public void What_is_printed_reads_back_as_the_same_rational() =>
        Gen.Select(AnyRational, Gen.Enum<LengthSystem>()).Sample((number, system) =>
        {
            var scale = system == LengthSystem.Inch ? LengthNotation.MillimetresPerInch : Rational.Whole(1);
            var length = new LengthEntry(number * scale, system);
            var back = LengthNotation.Parse(LengthNotation.Print(length), LengthSystem.Metric, "f");
            back.IsGood.ShouldBeTrue(LengthNotation.Print(length));
            back.Value.Millimetres.ShouldBe(length.Millimetres, LengthNotation.Print(length));
        });

    [Theory]
    [InlineData("88.9", 88.9)]
    [InlineData(" 88.9 mm ", 88.9)]
    [InlineData("8.89cm", 88.9)]
    [InlineData("0.0889 m", 88.9)]
    [InlineData(".5", 0.5)]
    [InlineData("31*2+0.8", 62.8)]
    [InlineData("(31+2)*2", 66)]
    [InlineData("88/2", 44)]
    [InlineData("-0.15", -0.15)]
    [InlineData("10 - 3", 7)]
    [InlineData("2 * 1/2 in", 25.4)]
    public void Metric_notations_read_as_millimetres(string text, double mm) => Mm(text).ShouldBe(mm, 1e-9);

    [Theory]
    [InlineData("21 3/8", 21.375)]
    [InlineData("1-7/16\"", 1.4375)]
    [InlineData("3.25in", 3.25)]
    [InlineData("0.173\"", 0.173)]
    [InlineData("3/8", 0.375)]
    [InlineData("2'3 1/2\"", 27.5)]
    [InlineData("2' 3", 27)]
    [InlineData("1 ft", 12)]
    [InlineData("1/3\"", 1 / 3.0)]
    [InlineData("9/8\"", 1.125)]
    [InlineData("5/4 in", 1.25)]
    [InlineData("10 1/3\"", 10 + (1 / 3.0))]
    [InlineData("3ft 4in", 40)]
    [InlineData("2 ft 5 3/8 in", 29.375)]
    [InlineData("3 inch", 3)]
    [InlineData("3 1/2 inches", 3.5)]
    [InlineData("2 feet", 24)]
    [InlineData("1/2 in + 1/64 in", 0.515625)]
    public void Inch_notations_agree_with_UnitsNet(string text, double inches) =>
        Mm(text).ShouldBe(Length.FromInches(inches).Millimeters, 1e-9);

    [Theory]
    [InlineData("3.25", 3.25)]
    [InlineData("31*2+0.8", 62.8)]
    [InlineData("1/16", 0.0625)]
    public void Bare_numbers_follow_the_leading_system(string text, double inches) =>
        Mm(text, LengthSystem.Inch).ShouldBe(Length.FromInches(inches).Millimeters, 1e-9);

    [Fact]
    public void Half_of_a_fraction_is_exact()
    {
        // 21 3/8 / 2 = 10 11/16, by hand.
        var half = LengthNotation.Parse("21 3/8 / 2", LengthSystem.Inch, "f").Value;
        LengthNotation.Print(half).ShouldBe("10 11/16 in");
        half.Millimetres.ShouldBe(new Rational(171, 16) * LengthNotation.MillimetresPerInch);
    }

    [Theory]
    [InlineData("", 0)]
    [InlineData("abc", 0)]
    [InlineData("51,200", 2)]
    [InlineData("1,234.5", 1)]
    [InlineData("3 1/", 4)]
    [InlineData("10 1/3", 2)]
    [InlineData("12 kg", 3)]
    [InlineData("3 + ", 4)]
    [InlineData("5 6", 1)]
    [InlineData("(3", 2)]
    [InlineData("3)", 1)]
    [InlineData("2in * 3in", 6)]
    [InlineData("4 / 0", 4)]
    [InlineData("4 / 2in", 4)]
    [InlineData("3mm + 2", 6)]
    [InlineData("2'3mm", 3)]
    [InlineData("1e999", 1)]
    [InlineData("NaN", 0)]
    public void A_wrong_entry_says_where_it_goes_wrong(string text, int position)
    {
        var problem = LengthNotation.Parse(text, LengthSystem.Metric, "size").Problems.ShouldHaveSingleItem();
        problem.Position.ShouldBe(position);
        problem.Field.ShouldBe("size");
        problem.Remedy.ShouldNotBeEmpty();
    }

    [Fact]
    public void A_comma_that_may_mean_two_things_is_answered_with_both() =>
        LengthNotation.Parse("51,200", LengthSystem.Metric, "f").Problems[0].Remedy.ShouldBe("Write 51.200, or 51200.");

    [Theory]
    [InlineData("41,2", 41.2)]
    [InlineData("0,125", 0.125)]
    [InlineData("41,25*2", 82.5)]
    [InlineData("3,25in", 82.55)]
    public void A_comma_that_can_only_be_decimal_is_taken(string text, double mm) => Mm(text).ShouldBe(mm, 1e-9);

    [Fact]
    public void No_text_at_all_breaks_the_reader() =>
        Gen.String[Gen.Char["0123456789 +-*/().,'\"inmftc²½"], 0, 80].Sample(text =>
        {
            var read = LengthNotation.Parse(text, LengthSystem.Metric, "f");
            (read.IsGood || read.Problems[0].Position <= text.Length).ShouldBeTrue(text);
        });

    [Theory]
    [InlineData(542.925, "21 3/8 in")]
    [InlineData(100.24, "3 61/64 in − 0.17 mm")]
    [InlineData(50.8, "2 in")]
    [InlineData(0.1, "0.004 in")]
    [InlineData(-0.15, "−0.006 in")]
    public void Inches_show_the_nearest_sixty_fourth_and_the_rest(double mm, string text) =>
        LengthNotation.ShowInches(mm).ShouldBe(text);
}
