using Emboq.Core;

namespace Emboq.Web.Views;

/// <summary>What changed from one revision to the next: decisions first, then the sizes that followed.</summary>
internal static class RevisionChanges
{
    public static IReadOnlyList<ChangeView> Between(Revision? before, Revision after, IReadOnlyDictionary<Guid, string> processes)
    {
        if (before is null)
        {
            return [];
        }

        var keys = before.State.Parameters.Keys.Union(after.State.Parameters.Keys).Order(StringComparer.Ordinal);
        return
        [
            .. keys.Select(k => new ChangeView(k, before.State.Parameters.GetValueOrDefault(k, "left to Emboq"), after.State.Parameters.GetValueOrDefault(k, "left to Emboq"))).Where(Differs),
            .. new[] { new ChangeView("process", processes[before.State.Process], processes[after.State.Process]) }.Where(Differs),
            .. after.Frozen.Drawn.Where(d => !d.Key.Contains('#', StringComparison.Ordinal)).Select(d => new ChangeView($"{d.Key} drawn", Mm(before.Frozen.Drawn.GetValueOrDefault(d.Key)), Mm(d.Value))).Where(Differs),
        ];
    }

    private static bool Differs(ChangeView change) => change.Before != change.After;

    private static string Mm(double value) => QuantityText.Metric(value, Unit.Millimetre);
}
