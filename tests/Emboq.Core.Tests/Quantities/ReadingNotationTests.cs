using System.Globalization;
using CsCheck;
using UnitsNet;

namespace Emboq.Core.Tests.Quantities;

/// <summary>What is written down at the bench, by what is measured.</summary>
public sealed class ReadingNotationTests
{
    private static Outcome<double> Read(string text, Access access, LengthSystem leading = LengthSystem.Metric) =>
        ReadingNotation.Parse(text, access, leading, "text");

    [Theory]
    [InlineData("25", 25)]
    [InlineData("25.5°", 25.5)]
    [InlineData("25 deg", 25)]
    [InlineData("25° 30'", 25.5)]
    [InlineData("1°26′", 1.4333333333333333)]
    public void Angles_are_degrees_or_degrees_and_minutes(string text, double degrees) => Read(text, Access.Angle).Value.ShouldBe(degrees, 1e-12);

    [Theory]
    [InlineData("130 g")]
    [InlineData("0.9 kg")]
    [InlineData("4.2 oz")]
    [InlineData("2 lb 3 oz")]
    [InlineData("1.5lb")]
    public void Masses_agree_with_a_units_library_and_with_GNU_units(string text)
    {
        var words = text.Replace("lb", " lb ").Split(' ', StringSplitOptions.RemoveEmptyEntries).ToList();
        var library = words.Chunk(2).Sum(pair => Mass.Parse($"{pair[0]} {pair[1]}", CultureInfo.InvariantCulture).Grams);
        var grams = Read(text, Access.Mass).Value;
        grams.ShouldBe(library, 1e-9 * library);
        grams.ShouldBe(Gnu(string.Join('+', words.Chunk(2).Select(p => $"{p[0]} {p[1]}")), "g"), 1e-6 * library);
    }

    [Fact]
    public void Lengths_and_flows_agree_with_GNU_units()
    {
        Read("21 3/8 in", Access.Length).Value.ShouldBe(Gnu("21.375 in", "mm"), 1e-5);
        Read("2'3 1/2\"", Access.Length).Value.ShouldBe(Gnu("27.5 in", "mm"), 1e-5);
        FlowNotation.Parse("500 cfm", "flow").Value.ShouldBe(Gnu("500 ft^3/min", "m^3/hour"), 1e-3);
        FlowNotation.Parse("236 l/s", "flow").Value.ShouldBe(Gnu("236 l/s", "m^3/hour"), 1e-6);
    }

    [Fact]
    public void A_bare_mass_is_in_the_leading_system() => Gen.Double[0.1, 5000].Sample(value =>
    {
        var text = value.ToString("F3", CultureInfo.InvariantCulture);
        Read(text, Access.Mass).Value.ShouldBe(double.Parse(text, CultureInfo.InvariantCulture), 1e-9);
        Read(text, Access.Mass, LengthSystem.Inch).Value.ShouldBe(Read($"{text} oz", Access.Mass).Value, 1e-9);
    });

    [Fact]
    public void A_coordinate_may_be_nothing_or_on_the_other_side()
    {
        Read("0", Access.Position).Value.ShouldBe(0);
        Read("-12.5", Access.Position).Value.ShouldBe(-12.5);
        Read("−1/2 in", Access.Position).Value.ShouldBe(-12.7, 1e-12);
    }

    [Theory]
    [InlineData("abc", Access.Angle, 0)]
    [InlineData("25° 75'", Access.Angle, 6)]
    [InlineData("130 gg", Access.Mass, 5)]
    [InlineData("2 lb x", Access.Mass, 5)]
    [InlineData("", Access.Mass, 0)]
    [InlineData("eight", Access.Count, 0)]
    [InlineData("12..5", Access.Length, 3)]
    [InlineData("1/0 in", Access.Length, 2)]
    public void What_cannot_be_read_says_where_and_what_to_do(string text, Access access, int position)
    {
        var problem = Read(text, access).Problems.Single();
        problem.Position.ShouldBe(position);
        problem.Remedy.ShouldNotBeEmpty();
    }

    /// <summary>One figure from GNU units (Debian).</summary>
    private static double Gnu(string from, string to)
    {
        using var units = System.Diagnostics.Process.Start(new System.Diagnostics.ProcessStartInfo("units",
            ["--terse", "--digits", "12", from, to])
        { RedirectStandardOutput = true, Environment = { ["LC_ALL"] = "C.UTF-8" } })!;
        return double.Parse(units.StandardOutput.ReadToEnd().Split('\n')[0], CultureInfo.InvariantCulture);
    }

    /// <summary>25.4 / n: how inch threads are named.</summary>
    [Theory]
    [InlineData("8 TPI", 3.175)]
    [InlineData("20tpi", 1.27)]
    [InlineData("11,5 turns to the inch", 25.4 / 11.5)]
    public void A_pitch_may_be_given_as_turns_to_the_inch(string text, double pitch) =>
        ReadingNotation.Parse(text, Access.Pitch, LengthSystem.Metric, "f").Value.ShouldBe(pitch, 1e-9);

    [Theory]
    [InlineData("0 TPI", Access.Pitch)]
    [InlineData("8 TPI", Access.Outside)]
    public void Turns_are_no_length(string text, Access access) => ReadingNotation.Parse(text, access, LengthSystem.Metric, "f").IsGood.ShouldBeFalse();
}
