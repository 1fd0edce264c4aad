namespace Emboq.Core.Printing;

/// <summary>How long one layer takes, s, told by what it is spent on.</summary>
/// <param name="Walls">Along wall lines.</param>
/// <param name="Fill">Along closed and sparse fill.</param>
/// <param name="Moves">Going from line to line.</param>
/// <param name="Change">Going up, and waiting for a small layer to cool.</param>
public sealed record LayerTime(double Walls, double Fill, double Moves, double Change)
{
    /// <summary>Reckons a layer. Each closed wall line is one move that starts and stops once; each fill line is a move of its own;
    /// a move of length s at speed v and acceleration a takes s/v + v/a, or 2√(s/a) when it never reaches v (kinematics of a trapezoid).</summary>
    public static LayerTime Of(Layer layer, Process process, bool first)
    {
        var s = process.Settings;
        var share = first ? s.FirstLayerShare : 1;
        var melt = s.FlowLimit / (process.LineWidth * process.LayerHeight);
        var (wall, fill) = (Math.Min(s.WallSpeed * share, melt), Math.Min(s.FillSpeed * share, melt));
        var walls = layer.Loops == 0 ? 0 : layer.Loops * Move(layer.WallPath / layer.Loops, wall, s.Acceleration);
        var filled = Lines(layer.Skin, 1) + Lines(layer.Fill, s.Fill);
        var moves = Math.Max(1, layer.Loops) * Move(layer.Travel / Math.Max(1, layer.Loops), s.TravelSpeed, s.Acceleration);
        var busy = walls + filled + moves;
        return new(walls, filled, moves, s.LayerChange + Math.Max(0, s.LeastLayerTime - busy));

        double Lines(double area, double density)
        {
            if (area * density < process.LineWidth * process.LineWidth)
            {
                return 0;
            }

            // A patch of this area is about √A long, or less where walls enclose a narrow strip.
            var length = area * density / process.LineWidth;
            var each = Math.Min(Math.Sqrt(area), length);
            return length / each * Move(each, fill, s.Acceleration);
        }
    }

    private static double Move(double length, double speed, double acceleration) => length >= speed * speed / acceleration
        ? (length / speed) + (speed / acceleration)
        : 2 * Math.Sqrt(length / acceleration);
}
