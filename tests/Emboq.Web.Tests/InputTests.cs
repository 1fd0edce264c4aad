using System.Text.Json;

namespace Emboq.Web.Tests;

/// <summary>The door: every problem at once, each with field, limit and remedy, and nothing that cannot be kept comes through.</summary>
public sealed class InputTests
{
    private static Dictionary<string, JsonElement> Json(string text) => JsonSerializer.Deserialize<Dictionary<string, JsonElement>>(text)!;

    [Fact]
    public void Names_are_trimmed_and_must_be_there()
    {
        var input = new Input();
        input.Name("name", "  lathe hood ").ShouldBe("lathe hood");
        input.IsGood.ShouldBeTrue();
        input.Name("name", "   ");
        input.Name("other", new string('x', 121));
        input.Problems.Select(p => p.Field).ShouldBe(["name", "other"]);
        input.Problems.ShouldAllBe(p => p.Limit == "1 to 120 characters");
    }

    [Theory]
    [InlineData("\0")]
    [InlineData("a\u0007b")]
    [InlineData("half \ud83d pair")]
    public void Characters_that_cannot_be_kept_are_refused(string text)
    {
        var input = new Input();
        input.Text("remark", text);
        input.Problems.ShouldHaveSingleItem().Field.ShouldBe("remark");
    }

    [Theory]
    [InlineData("first line\nsecond line")]
    [InlineData("ä 中 🛶")]
    [InlineData(null)]
    public void Anything_that_a_keyboard_types_is_taken(string? text)
    {
        var input = new Input();
        input.Text("remark", text).ShouldBe(text ?? "");
        input.IsGood.ShouldBeTrue();
    }

    [Theory]
    [InlineData("0", "over 0 to 150 mm")]
    [InlineData("-2 in", "over 0 to 150 mm")]
    [InlineData("6 in", "over 0 to 150 mm")]
    public void A_size_is_something_that_the_instrument_can_read(string text, string limit)
    {
        var input = new Input();
        input.Reading("text", text, Access.Outside, LengthSystem.Metric, 150);
        input.Problems.ShouldHaveSingleItem().Limit.ShouldBe(limit);
    }

    [Fact]
    public void Entries_come_from_texts_and_numbers_and_nothing_else()
    {
        var input = new Input();
        var entries = input.Entries("parameters", Json("""{"wall":1.80,"cuff":"1/2 in","left":null,"deep":1e999,"flag":true,"list":[1],"half":"\ud800"}"""));
        entries["wall"].ShouldBe("1.80");
        entries["cuff"].ShouldBe("1/2 in");
        entries["deep"].ShouldBe("1e999", "the family's own reading refuses it in words");
        entries.ShouldNotContainKey("left");
        input.Problems.Select(p => p.Field).ShouldBe(["parameters.flag", "parameters.list", "parameters.half"]);
    }

    [Theory]
    [InlineData(0.45, true)]
    [InlineData(double.NaN, false)]
    [InlineData(double.PositiveInfinity, false)]
    [InlineData(3.1, false)]
    public void A_number_lies_within_its_limits(double value, bool good)
    {
        var input = new Input();
        input.Within("lineWidth", value, 0.1, 3, "mm");
        input.IsGood.ShouldBe(good);
    }

    [Fact]
    public void A_key_that_is_not_known_is_answered_with_those_that_are()
    {
        var input = new Input();
        input.OneOf("instrument", "eye", new[] { "caliper", "rule" }, k => k).ShouldBeNull();
        input.Problems.ShouldHaveSingleItem().Remedy.ShouldBe("Use one of caliper, rule.");
    }
}
