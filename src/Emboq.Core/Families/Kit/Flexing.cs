using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Kit;

/// <summary>How often something is opened that flexes each time: asked beside the choice "opened", which is "once" or "often".</summary>
internal static class Flexing
{
    public static ParameterSpec Spec { get; } = Specs.Number("aDay", "On a usual day", 5, 0.1, 500, "times",
        "It flexes so often; the more, the less strain it bears.").If("opened", "often");

    /// <summary>In all, over its life.</summary>
    public static double Times(ParameterValues p) => p.Choice("opened") == "often" ? Lifetime.OfADay(p.Number(Spec.Key)!.Value) : Lifetime.Few;
}
