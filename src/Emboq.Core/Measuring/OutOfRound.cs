using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearAlgebra;

namespace Emboq.Core.Measuring;

/// <summary>How far a round place is from round, from diameters read at several angles: least squares of d(θ) = d₀ + a cos 2θ + b sin 2θ,
/// the first harmonic that a diameter can show.</summary>
/// <param name="Diameter">Mean diameter d₀, mm.</param>
/// <param name="Ovality">Greatest less least diameter, 2 √(a² + b²), mm.</param>
/// <param name="Direction">Where the greatest lies, degrees from 0 to 180.</param>
/// <param name="Probability">That chance alone would make it look so oval (F test); small means that it is oval.</param>
public sealed record OutOfRound(double Diameter, double Ovality, double Direction, double Probability)
{
    private const int LeastReadings = 4;

    /// <summary>Whether the place is oval beyond doubt.</summary>
    public bool IsOval => Probability < 0.05;

    /// <summary>From the readings that count and say at which angle they were taken.</summary>
    /// <returns><c>null</c> under four of them, or when fewer than three angles differ.</returns>
    public static OutOfRound? Of(Dimension dimension)
    {
        var readings = dimension.Readings.Where(r => r.StruckBecause is null && r.Direction is not null).ToList();
        if (readings.Count < LeastReadings || readings.Select(r => r.Direction!.Value % 180).Distinct().Count() < 3)
        {
            return null;
        }

        double Angle(int i) => readings[i].Direction!.Value * Math.PI / 90;
        var design = Matrix<double>.Build.Dense(readings.Count, 3, (i, j) => j switch { 0 => 1, 1 => Math.Cos(Angle(i)), _ => Math.Sin(Angle(i)) });
        var values = Vector<double>.Build.Dense(readings.Count, i => readings[i].Value);
        var fit = design.QR().Solve(values);
        var (a, b) = (fit[1], fit[2]);
        var freedom = readings.Count - 3;
        // Readings are not known better than the instrument repeats, however well a curve runs through them.
        var floor = readings.Average(r => r.Instrument.Repeatability * r.Instrument.Repeatability);
        var beside = values - (design * fit);
        var left = (beside.DotProduct(beside) + (Evaluation.UsualDegreesOfFreedom * floor)) / (freedom + Evaluation.UsualDegreesOfFreedom);
        var explained = Enumerable.Range(0, readings.Count).Sum(i => Math.Pow((design.Row(i) * fit) - values.Average(), 2)) / 2;
        var ratio = explained / left;
        // A hair under 180° is 0°.
        var direction = Math.Round((Math.Atan2(b, a) * 90 / Math.PI) + 180, 6) % 180;
        return new(fit[0], 2 * Math.Sqrt((a * a) + (b * b)), direction,
            1 - FisherSnedecor.CDF(2, freedom + Evaluation.UsualDegreesOfFreedom, ratio));
    }
}
