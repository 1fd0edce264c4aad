using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.RodBlock;

/// <summary>A slit under each rod, open to its side, and screws from below that draw the lip under it against the rod.</summary>
internal sealed record Pinch
{
    public required Quantity Slit { get; init; }

    /// <summary>From the rod's middle inwards to the slit's end.</summary>
    public required Quantity Root { get; init; }

    public required PinchedLip Lip { get; init; }

    /// <summary>The hole in the lip, entered from below.</summary>
    public required Joint Hole { get; init; }

    public required ScrewLength Takes { get; init; }

    /// <summary>What a washer presses on, mm².</summary>
    public required double Bearing { get; init; }

    /// <summary>What all screws of a lip spend on bringing it to the rod, N; <c>null</c> where the stiffness is not known.</summary>
    public required double? Shut { get; init; }

    /// <summary>Reckons it.</summary>
    /// <param name="scope">Of the screws.</param>
    /// <param name="brief">What is asked.</param>
    /// <param name="play">Of the rod in its bore, which lies against the top of it.</param>
    /// <param name="size">Of the lip: below the rod, along it, and from its middle to the screws.</param>
    /// <param name="screw">Size of the thread.</param>
    /// <param name="thread">How long its thread in the block is, mm.</param>
    public static Pinch Of(JointScope scope, Brief brief, Quantity play, (Quantity Thick, Quantity Length, double Arm) size, string screw, double thread)
    {
        var (slit, root) = (RodBlockFamily.Slit.Read(brief.Parameters, scope.Ledger), RodBlockFamily.Root.Read(brief.Parameters, scope.Ledger));
        var hole = ScrewHole.Passing(scope, screw, "medium", size.Thick.Value, RodBlockReckoning.Lie(brief));
        var lip = new PinchedLip(root.Value, size.Arm, size.Thick.Value, size.Length.Value);
        var (washer, across) = (Hardware.Of("washers", screw, "thickness", "washer"), Hardware.Of("washers", screw, "outside", "washer").Value);
        return new()
        {
            Slit = slit,
            Root = root,
            Lip = lip,
            Hole = hole,
            Takes = ScrewLength.Of(scope, (screw, "cap", $"{Hardware.Name(screw)} cap screw"), [size.Thick, washer, slit], 2 * Hardware.Diameter(screw),
                Quantity.Chosen("thread in the block", thread, Unit.Millimetre), brief.Drawer),
            Bearing = Math.PI * ((across * across) - (hole.Bore * hole.Bore)) / 4,
            Shut = PrintedMaterial.Of(brief.Process) is { } material ? lip.Closing(play.Value, material.Stiffness.Value) : null,
        };
    }
}
