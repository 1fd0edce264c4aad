namespace Emboq.Core.Printing;

/// <summary>A bedful with what it takes.</summary>
/// <param name="Bedful">What lies where.</param>
/// <param name="Material">Name of the filament it is printed in.</param>
/// <param name="Seconds">How long it takes.</param>
/// <param name="Grams">Filament it takes.</param>
public sealed record PlannedBedful(Bedful Bedful, string Material, double Seconds, double Grams);

/// <summary>A bedful with its hours and its spool.</summary>
/// <param name="Planned">What is printed.</param>
/// <param name="Starts">When it can start.</param>
/// <param name="Ends">When it is done.</param>
/// <param name="Spool">Which spool to put on; <c>null</c> when none of its filament is known.</param>
/// <param name="LeftAfter">What that spool then holds, g.</param>
/// <param name="RunsOut">When it runs out before the end; <c>null</c> when it lasts.</param>
/// <param name="AtNight">Whether that would be while nobody is there.</param>
public sealed record ScheduledBedful(PlannedBedful Planned, DateTimeOffset Starts, DateTimeOffset Ends, Spool? Spool, double LeftAfter, DateTimeOffset? RunsOut, bool AtNight);

/// <summary>Puts bedfuls on their printers one after the other, and chooses the spools.</summary>
public static class BedSchedule
{
    /// <summary>Nobody changes a bed or a spool between these hours.</summary>
    public static readonly (TimeSpan From, TimeSpan To) Night = (TimeSpan.FromHours(22), TimeSpan.FromHours(7));

    /// <summary>Taking off one bedful and starting the next.</summary>
    private static readonly TimeSpan Change = TimeSpan.FromMinutes(15);

    /// <summary>Plans.</summary>
    /// <param name="bedfuls">In the order of printing.</param>
    /// <param name="spools">What the workshop has.</param>
    /// <param name="start">When the first can start, in the workshop's own time.</param>
    public static IReadOnlyList<ScheduledBedful> Of(IReadOnlyList<PlannedBedful> bedfuls, IReadOnlyList<Spool> spools, DateTimeOffset start)
    {
        var free = new Dictionary<Guid, DateTimeOffset>();
        var left = spools.ToDictionary(s => s.Id, s => s.Left);
        return [.. bedfuls.Select(b =>
        {
            var begins = Day(free.GetValueOrDefault(b.Bedful.Bed.Process, start));
            var ends = begins + TimeSpan.FromSeconds(b.Seconds);
            free[b.Bedful.Bed.Process] = ends + Change;
            if (Choose(b, spools, left) is not { } spool)
            {
                return new ScheduledBedful(b, begins, ends, null, 0, null, false);
            }

            var has = left[spool.Id];
            left[spool.Id] = Math.Max(0, has - b.Grams);
            DateTimeOffset? runsOut = has >= b.Grams ? null : begins + TimeSpan.FromSeconds(b.Seconds * has / b.Grams);
            return new(b, begins, ends, spool, left[spool.Id], runsOut, runsOut is { } at && IsNight(at));
        })];
    }

    /// <summary>Whether nobody is there.</summary>
    public static bool IsNight(DateTimeOffset at) => at.TimeOfDay >= Night.From || at.TimeOfDay < Night.To;

    /// <summary>The spool with the least left that still lasts, so that full ones stay full; otherwise the fullest.</summary>
    private static Spool? Choose(PlannedBedful bedful, IReadOnlyList<Spool> spools, Dictionary<Guid, double> left)
    {
        // What belongs to no group takes no colour that a group may want, unless there is nothing else.
        var ofMaterial = spools.Where(s => s.Material == bedful.Material).ToList();
        var suits = ofMaterial.Where(s => s.Colour.Equals(bedful.Bedful.Group, StringComparison.OrdinalIgnoreCase)).ToList();
        suits = suits.Count == 0 && bedful.Bedful.Group.Length == 0 ? ofMaterial : suits;
        return suits.Where(s => left[s.Id] >= bedful.Grams).OrderBy(s => left[s.Id]).ThenBy(s => s.Name, StringComparer.Ordinal).FirstOrDefault()
            ?? suits.OrderByDescending(s => left[s.Id]).ThenBy(s => s.Name, StringComparer.Ordinal).FirstOrDefault();
    }

    /// <summary>The moment itself by day, the next morning by night.</summary>
    private static DateTimeOffset Day(DateTimeOffset at) => !IsNight(at) ? at
        : new DateTimeOffset(at.Date + Night.To, at.Offset).AddDays(at.TimeOfDay >= Night.From ? 1 : 0);
}
