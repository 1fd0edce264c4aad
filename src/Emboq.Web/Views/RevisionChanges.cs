namespace Emboq.Web.Views;

/// <summary>What changed from one revision to the next: decisions first, then the sizes that followed.</summary>
internal static class RevisionChanges
{
    private const string Open = "left to Emboq";

    /// <summary>Compares two prints of one part, in the words of its screen.</summary>
    /// <param name="before">The print before; <c>null</c> for the first.</param>
    /// <param name="after">The print.</param>
    /// <param name="family">Names parameters, options and slots.</param>
    /// <param name="names">What seats are called.</param>
    /// <param name="processes">What setups are called.</param>
    public static IReadOnlyList<ChangeView> Between(Revision? before, Revision after, Family family, IReadOnlyDictionary<string, string> names,
        IReadOnlyDictionary<Guid, string> processes)
    {
        if (before is null)
        {
            return [];
        }

        var (was, now) = (before.State, after.State);
        return
        [
            .. family.Parameters.Select(p => new ChangeView(p.Label, Entry(p, was), Entry(p, now))).Where(Differs),
            .. family.Slots.Where(s => was.Interfaces.GetValueOrDefault(s.Key) != now.Interfaces.GetValueOrDefault(s.Key)).Select(s =>
                new ChangeView(s.Label, "one place", now.Interfaces.ContainsKey(s.Key) ? "another place" : "none")),
            .. before.Process.Id != after.Process.Id ? [] : SettingFields.Between(before.Process, after.Process).Select(c =>
                new ChangeView(c.What, c.Was, c.Now)),
            .. new[] { new ChangeView("Setup", processes[before.Process.Id], processes[after.Process.Id]),
                new ChangeView("Members of the row", $"{was.Row?.Count ?? 1}", $"{now.Row?.Count ?? 1}") }.Where(Differs),
            .. after.Frozen.Drawn.Where(d => BodyAddress.Parse(d.Key).Rung is null)
                .Select(d => new ChangeView($"{names.GetValueOrDefault(d.Key, "the seat")}, drawn", before.Frozen.Drawn.TryGetValue(d.Key, out var size)
                    ? Mm(size) : "not there", Mm(d.Value))).Where(Differs),
        ];
    }

    private static string Entry(ParameterSpec spec, PartState state) =>
        !state.Parameters.TryGetValue(spec.Key, out var entry) ? Open : spec.Options.FirstOrDefault(o => o.Key == entry)?.Label ?? entry;

    private static bool Differs(ChangeView change) => change.Before != change.After;

    private static string Mm(double value) => QuantityText.Metric(value, Unit.Millimetre);
}
