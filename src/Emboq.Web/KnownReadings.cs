namespace Emboq.Web;

/// <summary>Whether a reading that comes from a file is in the notebook already: taken in again, it would count twice.</summary>
internal static class KnownReadings
{
    /// <summary>The same value by the same instrument at the same second, struck out or not.</summary>
    public static bool Holds(Dimension here, double value, string instrument, DateTimeOffset at) =>
        here.Readings.Any(x => Math.Abs(x.Value - value) < 1e-9 && x.Instrument.Id == instrument && Math.Abs((x.At - at).TotalSeconds) < 1);
}
