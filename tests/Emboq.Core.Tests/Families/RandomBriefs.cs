using CsCheck;

namespace Emboq.Core.Tests.Families;

/// <summary>Random decisions for any family, and places that suit it.</summary>
internal static class RandomBriefs
{
    private static readonly string[] Words = ["Copper tacks", "Grips", "M6", "", "Rivets 4 × 12", "Ölstein", "Rivets | 4 × 12",
        "Spare blades for the long shave"];

    /// <summary>Every family but the adapter, which has tests of its own.</summary>
    public static IReadOnlyList<Family> Families { get; } = [.. FamilyList.All.Where(f => f.Key != "hose-adapter")];

    /// <summary>Every one of them.</summary>
    public static IReadOnlyList<Family> All => FamilyList.All;

    /// <summary>Decisions near the usual ones: half of them left as they are, lengths between half and double.</summary>
    public static Gen<Brief> Usual(Family family) => Of(family, s => s.Default is { } usual && double.TryParse(usual, out var d)
        ? (Math.Max(s.Minimum, d / 2), Math.Min(s.Maximum, d * 2)) : null);

    /// <summary>Anything within the limits that are told.</summary>
    public static Gen<Brief> Anything(Family family) => Of(family, s => (s.Minimum, s.Maximum));

    /// <summary>What was decided, for whoever looks into a failure.</summary>
    public static string Told(Family family, Brief brief) => string.Join(", ", family.Parameters.Select(s => $"{s.Key}={s.Kind switch
    {
        ParameterKind.Choice => brief.Parameters.Choice(s.Key),
        ParameterKind.Text => brief.Parameters.Text(s.Key),
        ParameterKind.Outline => brief.Parameters.Outline(s.Key) is null ? "" : "an outline",
        _ => $"{brief.Parameters.Number(s.Key):0.###}",
    }}"));

    private static Gen<Brief> Of(Family family, Func<ParameterSpec, (double Least, double Most)?> range) =>
        Gen.Select(Gen.Int[0, int.MaxValue].Array[family.Parameters.Count], Gen.Double[0, 1].Array[family.Parameters.Count], Gen.Double[0.5, 1.6].Array[4],
            Gen.Bool).Select((dice, shares, sizes, filled) =>
        {
            var entries = new Dictionary<string, string>();
            foreach (var (spec, i) in family.Parameters.Select((s, i) => (s, i)))
            {
                // The last bit says whether it is decided at all: what it is hangs on the others.
                var entry = spec.Kind switch
                {
                    ParameterKind.Choice => spec.Options[dice[i] / 2 % spec.Options.Count].Key,
                    ParameterKind.Text => Words[dice[i] / 2 % Words.Length],
                    ParameterKind.Outline => dice[i] % 3 == 0 ? "0,0 40,0 48,18 30,30 0,26" : "",
                    _ => range(spec) is { } r ? (r.Least + (shares[i] * (r.Most - r.Least))).ToString("0.##",
                        System.Globalization.CultureInfo.InvariantCulture) : "",
                };
                if (dice[i] % 2 == 0 || spec.Kind == ParameterKind.Text)
                {
                    entries[spec.Key] = entry;
                }
            }

            var places = family.Slots.Where((s, i) => s.Need == SlotNeed.Always || (filled && dice[(i + 1) % dice.Length] % 2 == 0)).Take(3).ToDictionary(s =>
                s.Key, s => Place(Measuring.Places.Of(s.Kinds[dice[0] % s.Kinds.Count]), sizes));
            var values = ParameterValues.Read(family.Parameters, entries);
            return values.IsGood ? new Brief(values.Value, family.Counting(values.Value, places),
                // Of what nobody knows nothing that turns is built.
                family.Proved ? Workshop.OfTough(Workshop.Process) : Workshop.Process, [], "r12")
                : throw new InvalidOperationException(values.Problems[0].Message);
        });

    private static Interface Place(Interface usual, double[] sizes)
    {
        return usual with
        {
            Dimensions = [.. usual.Dimensions.Select((d, i) => usual.Kind.Key is "hole-row" ? d
                : d with { Readings = [.. d.Readings.Select(r => r with { Value = Math.Round(r.Value * sizes[i % sizes.Length], 2) })] })],
        };
    }
}
