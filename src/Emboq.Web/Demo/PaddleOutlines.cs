using System.Text;
using Emboq.Exchange.Drawn;
using Emboq.Store;

namespace Emboq.Web.Demo;

/// <summary>What no caliper can say: tools whose outline comes from a drawing.</summary>
internal sealed partial class PaddleWorkshop
{
    private const string CrookedKnife = """
        <svg xmlns="http://www.w3.org/2000/svg" width="150mm" height="60mm" viewBox="0 0 150 60">
          <path d="M6 30 C6 24 12 21 20 22 L66 25 C74 25 78 22 84 18 C98 8 118 6 130 16 C140 24 142 38 134 46 C130 50 126 47 128 42
                   C131 34 128 26 120 22 C110 17 96 22 88 29 C82 34 76 37 68 37 L20 39 C12 40 6 36 6 30 Z" />
        </svg>
        """;

    private async Task CrookedTools(Process plain)
    {
        var tools = await Machine("Crooked knives", "For hollowing grips and scoops; their blades curl, and nothing on them is straight.");
        var knife = await Place(tools, "crooked knife, from above", KindList.Of("traced"));
        var drawn = Tracing.Of("crooked knife.svg", DrawingFile.Read(Encoding.UTF8.GetBytes(CrookedKnife), "file").Value, 0.1, "file").Value;
        await InterfaceStore.Trace(database, knife, drawn.Outline, Later(), default);
        await Read(knife, "overall", "caliper", "133.6", "133.5");
        await Read(knife, "breadth", "caliper", "38.6");
        await Read(knife, "height", "caliper", "18.2");
        await Part("Blades that nick each other", "Two crooked knives lie in one drawer and nick each other's edges.", "knife tray", "pocket-tray",
            new() { ["width"] = "160", ["depth"] = "75", ["finger"] = "20" }, new() { ["item1"] = knife }, plain, null);
    }
}
