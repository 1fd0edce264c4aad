namespace Emboq.Core.Tests;

public sealed class ParameterValuesTests
{
    private static readonly IReadOnlyList<ParameterSpec> Specs = FamilyList.All[0].Parameters;

    [Fact]
    public void Every_default_of_every_family_is_within_its_own_range() =>
        FamilyList.All.ShouldAllBe(f => ParameterValues.Read(f.Parameters, new Dictionary<string, string>(), default).IsGood);

    [Fact]
    public void Every_problem_is_told_at_once_with_field_limit_and_remedy()
    {
        var problems = ParameterValues.Read(Specs, new Dictionary<string, string>
        {
            ["colour"] = "blue",
            ["coneAngle"] = "90",
            ["wall"] = "2 kg",
            ["firstJoin"] = "around",
            ["coneLength"] = "-4",
        }).Problems;
        problems.Select(p => p.Field).Order().ShouldBe(["parameters.colour", "parameters.coneAngle", "parameters.coneLength",
            "parameters.firstJoin", "parameters.wall"]);
        problems.ShouldAllBe(p => p.Remedy.Length > 0);
        problems.Single(p => p.Field.EndsWith("coneAngle")).Limit.ShouldBe("5 to 75°");
        problems.Single(p => p.Field.EndsWith("coneLength")).Remedy.ShouldBe("The nearest that can is 1 mm.");
    }

    [Theory]
    [InlineData("1/8", 3.175)]
    [InlineData("2", 2)]
    [InlineData("0.06in", 1.524)]
    public void A_length_takes_any_notation(string entry, double mm) =>
        ParameterValues.Read(Specs, new Dictionary<string, string> { ["wall"] = entry }).Value.Number("wall").ShouldNotBeNull().ShouldBe(mm, 1e-9);

    [Theory]
    [InlineData("45°", 45)]
    [InlineData("45 deg", 45)]
    [InlineData("12.5", 12.5)]
    public void An_angle_takes_degrees(string entry, double degrees) =>
        ParameterValues.Read(Specs, new Dictionary<string, string> { ["coneAngle"] = entry }).Value.Number("coneAngle").ShouldBe(degrees);

    [Theory]
    [InlineData("NaN")]
    [InlineData("1e999")]
    [InlineData("Infinity")]
    public void What_is_no_number_is_no_angle(string entry) =>
        ParameterValues.Read(Specs, new Dictionary<string, string> { ["coneAngle"] = entry }).IsGood.ShouldBeFalse();
}
