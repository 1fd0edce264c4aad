using Emboq.Core.Tests;
using Emboq.Core.Tests.Measuring;

namespace Emboq.Kernel.Tests;

/// <summary>What a family reckons that its print weighs, against the layers of its very solid.</summary>
public sealed class LaidMassTests(LayerTests.Fixture fixture) : IClassFixture<LayerTests.Fixture>
{
    [Theory]
    [InlineData("across=100; target=100", "diameter 22")]
    [InlineData("across=75; target=60; boss=50; bossHigh=10; bossDeep=8", "diameter 18")]
    [InlineData("across=150; solve=thick; thick=14; screw=M6", null)]
    [InlineData("held=boss; across=80; target=70", "diameter 20")]
    [InlineData("held=thread; across=90; target=90; boss=32; bossHigh=16", null)]
    public async Task A_pad_holder_weighs_what_its_layers_weigh(string entries, string? boss)
    {
        var family = FamilyList.Find("pad-holder")!;
        var process = Workshop.OfTough(Workshop.Process);
        var places = new Dictionary<string, Interface>
        {
            ["mount"] = Places.Of(KindList.Of("hole-circle"), "circle 32, count 4, diameter 5"),
            ["spindle"] = Places.Of(KindList.Of("spindle"), "outside 14, pitch 2, length 14, neck 14.2, neckLong 3"),
        };
        if (boss is not null)
        {
            places["centre"] = Places.Of(KindList.Of("post"), boss);
        }

        var design = family.Design(new(ParameterValues.Read(family.Parameters, entries.Split("; ").Select(e => e.Split('=')).ToDictionary(e => e[0],
            e => e[1])).Value, places, process, []));
        var s = process.Settings;
        var layers = await fixture.Pool.Layers(design.Pieces[0].AsPrinted, new(process.LayerHeight, process.LineWidth, s.Walls, s.Skins), 0.02,
            TestContext.Current.CancellationToken);
        var laid = PrintPlan.Of(layers, process, RunFactors.Of(process, []))["mass"].Value;
        design.Ledger["mass.print"].Value.ShouldBe(laid, 0.015 * laid);
    }
}
