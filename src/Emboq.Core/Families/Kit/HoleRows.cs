namespace Emboq.Core.Families.Kit;

/// <summary>Slots that suit several measured rows of holes.</summary>
internal static class HoleRows
{
    /// <summary>Of several rows, each measured: the middle of their spacings, and how far each screw moves from the nearest to the widest; <c>null</c>
    /// where none is named.</summary>
    /// <param name="brief">Of the part.</param>
    /// <param name="slots">Where rows may be named.</param>
    /// <param name="ledger">Takes the figures.</param>
    public static (Quantity Middle, Quantity Travel)? Served(Brief brief, IReadOnlyList<string> slots, Ledger ledger)
    {
        var named = slots.Where(brief.Interfaces.ContainsKey).ToList();
        if (named.Count == 0)
        {
            return null;
        }

        var pairs = Closest([.. named.Select(m => Pairs(brief.Interfaces[m]))]);
        var spacings = named.Zip(pairs).Select(m => ledger.Add($"{m.First}.spacing", $"holes of {brief.Interfaces[m.First].Name}", m.Second.Spacing,
            $"As measured: its holes {m.Second.From} and {m.Second.To}.")).ToList();
        var (least, most) = (spacings.Aggregate(Quantity.Min), spacings.Aggregate(Quantity.Max));
        return (ledger.Add("mounts.middle", "middle of the spacings", (least + most) / 2, "Between the nearest and the widest."),
            ledger.Add("mounts.travel", "slots, beside the screw", (most - least) / 2, "Each screw moves by half of what they differ."));
    }

    /// <summary>Any two holes of a row, as far as they were read: which, and how far apart.</summary>
    private static List<(int From, int To, Quantity Spacing)> Pairs(Interface row)
    {
        var gaps = Enumerable.Range(0, row.Items.Count).Select(i => Evaluation.Of(row, row.Kind.Item!.KeyOf(i, "centre"))?.Quantity).ToList();
        return [.. gaps.SelectMany((_, i) => Enumerable.Range(i + 1, gaps.Count - i).Where(j => gaps.Take(j).Skip(i).All(g => g is not null))
            .Select(j => (i + 1, j + 1, gaps.Take(j).Skip(i).Aggregate((a, b) => a! + b!)!)))];
    }

    /// <summary>Of each mount those two of its holes that differ least from the others'; of equals the first two, then the narrowest.</summary>
    private static IReadOnlyList<(int From, int To, Quantity Spacing)> Closest(IReadOnlyList<List<(int From, int To, Quantity Spacing)>> mounts) =>
        mounts.SelectMany(m => m).Select(wanted => mounts.Select(m => m.MinBy(p => Math.Abs(p.Spacing.Value - wanted.Spacing.Value))).ToList())
            .MinBy(chosen => Math.Round(chosen.Max(p => p.Spacing.Value) - chosen.Min(p => p.Spacing.Value), 2))!;
}
