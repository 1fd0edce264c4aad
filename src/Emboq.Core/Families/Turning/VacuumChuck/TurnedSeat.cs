using Emboq.Core.Measuring.Kinds;

namespace Emboq.Core.Families.Turning.VacuumChuck;

/// <summary>Where a turned thing is seated: a band of one of its faces that widens away from the chuck.</summary>
/// <param name="Radius">Middle of the band, mm.</param>
/// <param name="Deep">From the end that goes into the chuck to there, along the axis, mm.</param>
/// <param name="Slope">Of the face against the axis, degrees: 90 is square to it.</param>
/// <param name="Beside">Of the face, from the middle of the band to its nearer end, mm.</param>
internal sealed record TurnedSeat(double Radius, double Deep, double Slope, double Beside)
{
    /// <summary>A steeper face wedges, and does not seal, degrees.</summary>
    public const double Steepest = 20;

    /// <summary>The faces that widen, each from its inner to its outer end; the first is the end itself.</summary>
    public static IReadOnlyList<(Point2 From, Point2 To)> Faces(Sizes turned)
    {
        var half = TurnedKind.Half(turned);
        var (faces, widest) = (new List<(Point2, Point2)>(), 0.0);
        foreach (var (from, to) in half.Prepend(new(half[0].X, 0)).Zip(half))
        {
            // What lies in the shadow of a wider place is never reached.
            if (to.Y > widest + 1e-9 && to.Y > from.Y)
            {
                var inner = Math.Max(from.Y, widest);
                faces.Add((new(from.X + ((to.X - from.X) * (inner - from.Y) / (to.Y - from.Y)), inner), to));
                widest = to.Y;
            }
        }

        return faces;
    }

    /// <summary>On a wanted diameter; <c>null</c> where the thing is nowhere so wide.</summary>
    public static TurnedSeat? At(Sizes turned, double diameter)
    {
        var radius = diameter / 2;
        return Faces(turned).Where(f => f.From.Y <= radius && radius <= f.To.Y).Select(f => Of(f, radius)).FirstOrDefault();
    }

    /// <summary>The widest band that lies wholly on one face; <c>null</c> where there is none.</summary>
    public static TurnedSeat? Widest(Sizes turned, double land) => Faces(turned).Select(f => Of(f, f.To.Y))
        .Zip(Faces(turned), (seat, f) => (Seat: Of(f, f.To.Y - (land / 2 * Math.Sin(seat.Slope * Math.PI / 180))), Face: f, seat.Slope))
        .Where(c => c.Slope >= Steepest && c.Seat.Radius >= c.Face.From.Y && c.Seat.Beside >= (land / 2) - 1e-9).Select(c => c.Seat).MaxBy(s => s.Radius);

    private static TurnedSeat Of((Point2 From, Point2 To) face, double radius)
    {
        var (along, rise) = (face.To.X - face.From.X, face.To.Y - face.From.Y);
        var share = (radius - face.From.Y) / rise;
        return new(radius, face.From.X + (share * along), Math.Atan2(rise, along) * 180 / Math.PI,
            Math.Sqrt((along * along) + (rise * rise)) * Math.Min(share, 1 - share));
    }
}
