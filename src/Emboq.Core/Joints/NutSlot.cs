namespace Emboq.Core.Joints;

/// <summary>A slot in which a nut slides, held from turning, so that what is screwed to it may be moved along.</summary>
internal static class NutSlot
{
    /// <summary>A slot along x that is open at both ends: a neck for the screw, a channel for the nut, and room below for the screw's end.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">Of the thread.</param>
    /// <param name="lip">What stays over the nut, mm.</param>
    /// <param name="length">Along x, mm.</param>
    /// <param name="upright">Whether its neck points up as it is printed; else it stands, and has no roof.</param>
    public static Joint Of(JointScope scope, string size, double lip, double length, bool upright)
    {
        var neck = scope.Drawn("neck", "neck of the slot", Hardware.Passing(size, "medium"), Surface.Pocket);
        var flats = NutPocket.Flats(scope, size);
        var room = Quantity.RuleOfThumb("room over the height", 0.4, Unit.Millimetre, "A nut slides along without force.");
        var wanted = scope.Drawn("channel", "height for the nut", NutPocket.Height(scope, size) + room, Surface.Pocket);
        // A lip is held at one side: it hangs as a roof of twice its reach does.
        var high = upright ? scope.Add("channel.height", "height for the nut, with the lips' droop", wanted + Bridging.Droop(flats - neck),
            "Lips that hang would hold the nut.") : wanted;
        var below = scope.Add("below", "room below the nut", Quantity.RuleOfThumb("room below a nut", 0.5, Unit.None,
            "Half of its thread's diameter for the screw's end; common practice, no published source.") * Hardware.Diameter(size), "For the screw's end.");
        var (half, deep) = (length / 2, lip + high.Value);
        Solid Trench(double wide, double from, double to) => new Solid.Box(length + (2 * ScrewHole.Over), wide, to - from).At(-half - ScrewHole.Over,
            -wide / 2, from);
        return new()
        {
            Bore = neck.Value,
            Cut = Trench(neck.Value, -deep - below.Value, ScrewHole.Over) + Trench(flats.Value, -deep, -lip),
            Sleeves = [new(neck.Value / 2, -deep - below.Value, 0, scope.LeastWall), new(flats.Value / Math.Sqrt(3), -deep, -lip, scope.LeastWall)],
            Checks = [NutPocket.Turning(scope, size, flats), .. NutPocket.IsOfSize(scope, size)],
        };
    }
}
