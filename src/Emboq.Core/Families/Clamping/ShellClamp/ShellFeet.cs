namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>How one clamp stands on its table.</summary>
/// <param name="Left">x of the screw at its left, in the frame of the clamp, mm.</param>
/// <param name="Right">Likewise at its right.</param>
/// <param name="Travel">How far each may stand along the handle, mm.</param>
internal sealed record ShellFeet(double Left, double Right, double Travel)
{
    /// <summary>A slot gives so much beyond what it must, mm.</summary>
    public const double Spare = 2;

    /// <summary>How far a clamp may be turned for its slots to keep their ends, degrees.</summary>
    /// <param name="along">Of the clamp, along the handle, mm.</param>
    /// <param name="end">Around a screw, along the handle, mm.</param>
    /// <param name="out_">From the middle to its screws, mm.</param>
    public static double MostTurn(double along, double end, double out_) =>
        Math.Asin(Math.Clamp((along - (2 * end) - Spare) / (2 * out_), 0, 1)) * 180 / Math.PI;

    /// <summary>Puts screws on the columns of a table, as near as there is room beside the clamp.</summary>
    /// <param name="station">The clamp.</param>
    /// <param name="clear">From the middle of the handle to where a screw has room, left and right, mm.</param>
    /// <param name="columns">Where one column stands across the table, and how far apart they are; nothing apart where screws may stand anywhere.</param>
    public static ShellFeet Of(ShellStation station, (double Left, double Right) clear, (double At, double Apart) columns)
    {
        var cos = Math.Cos(station.Turn * Math.PI / 180);
        double Column(double least, int side)
        {
            // From the clamp's own middle along the row, which it stands askew to.
            var (wanted, first) = (least / cos, side * (columns.At - station.Middle.X));
            return columns.Apart <= 0 ? wanted : first + (columns.Apart * Math.Ceiling((wanted - first) / columns.Apart - 1e-9));
        }

        var (left, right) = (Column(clear.Left, -1), Column(clear.Right, 1));
        var askew = Math.Abs(Math.Sin(station.Turn * Math.PI / 180)) * Math.Max(left, right);
        return new(-left * cos, right * cos, Spare + (2 * askew));
    }
}
