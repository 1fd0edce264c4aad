using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.CamVice;

/// <summary>A post that is screwed to the bench: the base turns on it, and a second cam locks that. The cam presses a shoe, not the post itself, for a post
/// that is turned would take a bare cam with it and open it. Behind the fixed jaw the post stands at y = −<see cref="At"/>, and the cam
/// beside it at x = <see cref="CamAt"/>.</summary>
/// <param name="Drawn">Diameter of the post, as drawn.</param>
/// <param name="Bore">Of the base around it, as drawn.</param>
/// <param name="Clearance">As both come out.</param>
/// <param name="Thick">Height of the cam, mm.</param>
/// <param name="Cam">The very cam that closes the vice.</param>
/// <param name="Reach">Of a screw's head in the post, mm.</param>
internal sealed record VicePost(Quantity Drawn, Quantity Bore, Quantity Clearance, double Thick, Cam Cam, double Reach)
{
    /// <summary>Of the base around post and cam, and between post and fixed jaw; width of the shoe, mm.</summary>
    public const double Ring = 8, Rim = 5, Before = 3, ShoeWide = 12;

    /// <summary>How deep the cam's pin stands in the base, mm.</summary>
    public const double PinDeep = 16;

    /// <summary>What the cam presses the shoe with, so that nothing turns, N.</summary>
    public required Quantity Press { get; init; }

    /// <summary>The hole that holds its pin, as drawn.</summary>
    public required Quantity Held { get; init; }

    /// <summary>A hand at its lever, N.</summary>
    public required Quantity Hand { get; init; }

    public double High => Thick + PinDeep + 2;

    /// <summary>Where the cam begins, over the bench, mm.</summary>
    public double CamZ => High - Thick;

    public double At => (Bore.Value / 2) + Before;

    public double Shoe => (2 * Cam.Throw.Value) + 5;

    public double CamAt => (Drawn.Value / 2) + (2 * ViceReckoning.Free) + Shoe + Cam.Radius.Value - Cam.Throw.Value;

    public double RingRadius => (Bore.Value / 2) + Ring;

    public double RimRadius => Cam.Hollow + Rim;

    public double PinLong => Math.Round(Thick + PinDeep + ViceReckoning.LeverThick + ViceReckoning.LeverRoom);

    /// <summary>From the middle of the post to its screws, mm.</summary>
    public double ScrewsAt => (Drawn.Value / 2) - Reach - 3;

    /// <summary>How far the cam turns until the shoe touches the post, degrees.</summary>
    public double Touches => Math.Acos(Math.Max(-1, 1 - (2 * ViceReckoning.Free / Cam.Throw.Value))) * 180 / Math.PI;

    /// <summary>Least diameter that takes two screws side by side, mm.</summary>
    public double Least => (4 * Reach) + 7.2;

    public bool Built(ViceReckoning r) => ScrewsAt > Reach + 0.5 && Touches < ViceReckoning.Closed && High <= r.Top && r.Floor.Value < High - 1;

    /// <summary>Reckons it.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="p">The decisions.</param>
    /// <param name="cam">The cam, its height, its lever, and how it slides.</param>
    /// <param name="jaw">Fixed jaw, thickness.</param>
    /// <param name="work">Width of the work.</param>
    /// <param name="pin">The hole that holds its pin, finished.</param>
    /// <param name="screw">Its screws.</param>
    public static VicePost Of(JointScope scope, ParameterValues p, (Cam Cam, Quantity Thick, Quantity Lever, Quantity Friction) cam, Quantity jaw,
        Quantity work, Quantity pin, Joint screw)
    {
        var post = CamViceFamily.Post.Read(p, scope.Ledger);
        var (bore, drawn) = (scope.Drawn("bore", "bore of the base", post + Quantity.Chosen("clearance on the post", p.Number("slides")!.Value,
            Unit.Millimetre), Surface.HoleUpright), scope.Drawn("round", "post", post, Surface.OutsideRound));
        var comes = scope.Add("slides", "clearance on the post", SizeLaw.Printed(bore.Fixed(bore.Name, "this design"), Surface.HoleUpright, scope.Fits, "bore")
            - SizeLaw.Printed(drawn.Fixed(drawn.Name, "this design"), Surface.OutsideRound, scope.Fits, "post"), "What bore and post come out at.");
        var arm = scope.Add("arm", "from the post to the middle of the work", Quantity.Chosen("from the post to the jaw", (bore.Value / 2) + Before,
            Unit.Millimetre, "the bore of the base") + jaw + (0.5 * work), "As far from the post a hand pushes it aside.");
        var pushed = scope.Add("pushed", "pushed aside", Quantity.Chosen("pushed aside", p.Number("pushed")!.Value, new(Newton: 1)), "At the work.");
        var press = scope.Add("press", "cam presses the post", pushed * arm / (cam.Friction * post), "Held by the shoe and by the bore behind it: 2 μ F r.");
        return new(drawn, bore, comes, cam.Thick.Value, cam.Cam, screw.Reach)
        {
            Press = press,
            Held = scope.Drawn("held", "hole that holds the second cam's pin", pin, Surface.HoleUpright),
            Hand = scope.Add("hand", "hand at its lever", cam.Cam.Hand(press, cam.Lever, cam.Friction), "As at the cam that closes the vice."),
        };
    }
}
