namespace Emboq.Core.Setups;

/// <summary>When somebody is at a printer to take off what is done and start the next, every day alike.</summary>
/// <param name="From">Hour of the day, 0 to 24.</param>
/// <param name="To">Hour of the day, later than <paramref name="From"/>.</param>
public sealed record Hours(double From, double To)
{
    /// <summary>Unless somebody says otherwise.</summary>
    public static readonly Hours Usual = new(7, 22);

    /// <summary>Whether somebody is there.</summary>
    public bool Hold(DateTimeOffset at) => at.TimeOfDay.TotalHours >= From && at.TimeOfDay.TotalHours < To;

    /// <summary>The moment itself when somebody is there, otherwise the next at which somebody comes.</summary>
    public DateTimeOffset Next(DateTimeOffset at) => Hold(at) ? at
        : new DateTimeOffset(at.Date + TimeSpan.FromHours(From), at.Offset).AddDays(at.TimeOfDay.TotalHours >= To ? 1 : 0);

    /// <summary>When whoever is there at a moment leaves.</summary>
    public DateTimeOffset End(DateTimeOffset at) => new DateTimeOffset(at.Date, at.Offset) + TimeSpan.FromHours(To);
}
