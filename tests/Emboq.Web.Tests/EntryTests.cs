using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>What is typed at the bench, read and not kept: every odd notation answers with the place and a suggestion.</summary>
public sealed class EntryTests(Server server)
{
    private Task<(int Status, JsonNode? Body)> Ask(string text, string access, string leading = "metric") =>
        server.Send(HttpMethod.Get, $"/api/entries?text={Uri.EscapeDataString(text)}&access={access}&leading={leading}", "");

    [Theory]
    [InlineData("21 3/8", "length", "542.93 mm", "21 3/8 in", "21 3/8 in", "10 11/16 in")]
    [InlineData("33 7/8", "position", "860.43 mm", "33 7/8 in", "33 7/8 in", "16 15/16 in")]
    [InlineData("51.2", "inside", "51.20 mm", "2 1/64 in", "51.2 mm", "25.6 mm")]
    [InlineData("31*2+0.8", "outside", "62.80 mm", "2 15/32 in + 0.09 mm", "62.8 mm", "31.4 mm")]
    [InlineData("2 lb 3 oz", "mass", "992.2 g", null, null, null)]
    [InlineData("25° 30'", "angle", "25.5°", null, null, null)]
    [InlineData("8", "count", "8", null, null, null)]
    public async Task An_entry_is_told_in_both_systems_with_its_exact_half(string text, string access, string metric, string? inches,
        string? exact, string? half)
    {
        var (status, entry) = await Ask(text, access);
        status.ShouldBe(200);
        ((string)entry!["metric"]!).ShouldBe(metric);
        ((string?)entry["inches"]).ShouldBe(inches);
        ((string?)entry["exact"]).ShouldBe(exact);
        ((string?)entry["half"]).ShouldBe(half);
    }

    [Theory]
    [InlineData("5o.1", "length", 1)]
    [InlineData("1 1/0", "length", 1)]
    [InlineData("3//8", "length", 2)]
    [InlineData("51,200", "length", 2)]
    [InlineData("1e999", "length", 1)]
    [InlineData("NaN", "length", 0)]
    [InlineData("12 kg", "length", 3)]
    [InlineData("2 lb 3", "mass", 6)]
    [InlineData("25° 61'", "angle", 6)]
    [InlineData("half", "count", 0)]
    [InlineData("", "outside", 0)]
    public async Task An_odd_notation_says_where_and_suggests_another(string text, string access, int position)
    {
        var (status, answer) = await Ask(text, access);
        status.ShouldBe(400);
        var problem = answer!["problems"]!.AsArray().Single()!;
        ((string)problem["field"]!).ShouldBe("text");
        ((int)problem["position"]!).ShouldBeInRange(Math.Max(0, position - 1), position);
        ((string)problem["remedy"]!).Length.ShouldBeGreaterThan(5);
    }

    [Theory]
    [InlineData("5", "girth", "metric", "access")]
    [InlineData("5", "2", "metric", "access")]
    [InlineData("5", "length", "cubits", "leading")]
    public async Task What_is_asked_for_must_be_known(string text, string access, string leading, string field)
    {
        var (status, answer) = await Ask(text, access, leading);
        status.ShouldBe(400);
        ((string)answer!["problems"]![0]!["field"]!).ShouldBe(field);
        ((string)answer["problems"]![0]!["remedy"]!).ShouldStartWith("Use one of ");
    }
}
