using MathNet.Numerics.LinearAlgebra;

namespace Emboq.Core.Combs;

/// <summary>How well several quantities are known together.</summary>
internal sealed class JointDoubt
{
    private readonly Matrix<double> covariance;

    /// <summary>Of quantities that share causes.</summary>
    public JointDoubt(IReadOnlyList<Quantity> of) =>
        covariance = Matrix<double>.Build.Dense(of.Count, of.Count, (i, j) => Quantity.Covariance(of[i], of[j]));

    private JointDoubt(Matrix<double> covariance) => this.covariance = covariance;

    /// <summary>One standard deviation of one of them.</summary>
    public double Of(int index) => Math.Sqrt(Math.Max(0, covariance[index, index]));

    /// <summary>Once one of them was told, with a variance of its own (Rasmussen and Williams 2006, A.6).</summary>
    public JointDoubt Given(int told, double noise)
    {
        var column = covariance.Column(told);
        return new(covariance - (column.OuterProduct(column) / (column[told] + noise)));
    }
}
