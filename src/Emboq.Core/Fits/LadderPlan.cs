using MathNet.Numerics.Distributions;

namespace Emboq.Core.Fits;

/// <summary>How many rungs a ladder has, how far they stand apart, and where their middle is: so that most likely one of them is right and the part, printed at
/// its size, is right too.</summary>
/// <param name="Rungs">How many.</param>
/// <param name="Step">From one to the next, mm.</param>
/// <param name="Shift">From the drawn size to their middle, mm.</param>
internal sealed record LadderPlan(int Rungs, double Step, double Shift)
{
    /// <summary>What a printer can tell apart; as far as rungs are looked for, and their middle, mm.</summary>
    private const double Fineness = 0.05, Furthest = 1, FurthestShift = 0.3;

    /// <summary>A rung more, or one that stands elsewhere, is worth its while for so much of a chance.</summary>
    private const double Worth = 0.005;

    /// <summary>How well a hand picks between neighbours, mm. Argued, no published source.</summary>
    private const double Picked = 0.05;

    /// <summary>No ladder has more rungs.</summary>
    public const int Most = 7;

    private const int Points = 81;
    private const double Reach = 4;

    /// <summary>The fewest rungs, the nearest to the drawn size and to each other, in whole twentieths of a millimetre, that are worth as much as
    /// any.</summary>
    /// <param name="of">The fitted size.</param>
    /// <param name="least">Rungs.</param>
    /// <param name="most">Rungs.</param>
    /// <param name="step">How far they stand apart around the drawn size, mm; <c>null</c> where that is open.</param>
    public static LadderPlan Of(Fitted of, int least, int most, double? step = null)
    {
        var worth = new Worths(of);
        List<(LadderPlan Plan, double Chance)> plans = [.. Enumerable.Range(least, most - least + 1).Select(rungs => step is { } chosen
            ? worth.Best([new(rungs, chosen, 0)])
            : worth.Best(Shifted(worth.Best(Spread(new(rungs, 0, 0))).Plan)))];
        var best = plans.Max(p => p.Chance);
        return plans.First(p => p.Chance >= best - Worth).Plan;
    }

    private static IEnumerable<LadderPlan> Spread(LadderPlan plan) => Enumerable.Range(1, (int)Math.Round(Furthest / Fineness)).Select(n =>
        plan with { Step = n * Fineness });

    /// <summary>Nearest to the drawn size first.</summary>
    private static IEnumerable<LadderPlan> Shifted(LadderPlan plan)
    {
        var most = (int)Math.Round(FurthestShift / Fineness);
        return Enumerable.Range(-most, (2 * most) + 1).OrderBy(Math.Abs).Select(n => plan with { Shift = n * Fineness });
    }

    /// <summary>Sizes of the rungs, mm, the smallest first.</summary>
    /// <param name="drawn">The drawn size, mm.</param>
    public IReadOnlyList<double> Sizes(double drawn) => [.. Offsets.Select(o => Math.Max(drawn / 2, drawn + o))];

    private IEnumerable<double> Offsets => Enumerable.Range(0, Rungs).Select(i => Shift + ((i - ((Rungs - 1) / 2.0)) * Step));

    /// <summary>What rungs of these drawn sizes are worth: over all that the size that just touches may be, the best rung's chance.</summary>
    /// <param name="of">The fitted size.</param>
    /// <param name="rungs">mm.</param>
    public static double Chance(Fitted of, IReadOnlyList<double> rungs)
    {
        var (doubt, blur, sign) = Doubts(of);
        var (chance, mass) = (0.0, 0.0);
        for (var i = 0; i < Points; i++)
        {
            var z = -Reach + (2 * Reach * i / (Points - 1));
            var (weight, off) = (Normal.PDF(0, 1, z), of.Realised.Value + (z * doubt));
            chance += weight * rungs.Max(r => Within(of, off + (sign * (r - of.Drawn.Value)), blur));
            mass += weight;
        }

        return chance / mass;
    }

    /// <summary>What is in doubt but for the chance of a print; what blurs a rung and the part that is printed like it, each with a chance of its own; and
    /// which way is looser.</summary>
    private static (double Doubt, double Blur, int Sign) Doubts(Fitted of)
    {
        var scatter = of.Scatter;
        return (Math.Sqrt(Math.Max(0, Math.Pow(of.Realised.StandardUncertainty, 2) - (scatter * scatter))), Math.Sqrt((2 * scatter * scatter)
            + (Picked * Picked)), of.Law.Face.Surface.IsHole() ? 1 : -1);
    }

    private static double Within(Fitted of, double clearance, double blur) =>
        Normal.CDF(clearance, blur, of.Fit.Greatest) - Normal.CDF(clearance, blur, of.Fit.Least);

    /// <summary>The same for many plans of one size: chances on a grid that rungs fall on, each reckoned once.</summary>
    private sealed class Worths
    {
        /// <summary>A size that is known better, or worse, is taken as known so well, mm: no ladder tells more, and none reaches further.</summary>
        private const double LeastDoubt = 0.01, MostDoubt = 1;

        /// <summary>As far as any rung stands from the drawn size, mm.</summary>
        private const double Span = (Most / 2.0 * Furthest) + FurthestShift;

        private readonly Fitted of;
        private readonly (double Doubt, double Blur, int Sign) doubts;
        private readonly double fine;
        private readonly double[] weights;
        private readonly double[] known;

        public Worths(Fitted of)
        {
            (this.of, doubts) = (of, Doubts(of));
            var doubt = Math.Clamp(doubts.Doubt, LeastDoubt, MostDoubt);
            fine = Fineness / 2 / Math.Ceiling(Fineness / 2 / (doubt / 8));
            var side = (int)Math.Ceiling(Reach * doubt / fine);
            known = new double[2 * (side + (int)Math.Ceiling(Span / fine)) + 1];
            Array.Fill(known, double.NaN);
            double[] densities = [.. Enumerable.Range(-side, (2 * side) + 1).Select(i => Normal.PDF(0, doubt, i * fine))];
            var mass = densities.Sum();
            weights = [.. densities.Select(d => d / mass)];
        }

        /// <summary>The first of those that are worth most, to a thousandth.</summary>
        public (LadderPlan Plan, double Chance) Best(IEnumerable<LadderPlan> plans) => plans.Select(p => (Plan: p, Chance: Of(p))).MaxBy(p =>
            Math.Round(p.Chance, 3));

        private double Of(LadderPlan plan)
        {
            int[] rungs = [.. plan.Offsets.Select(o => (int)Math.Round(doubts.Sign * o / fine))];
            var (chance, side) = (0.0, weights.Length / 2);
            for (var i = 0; i < weights.Length; i++)
            {
                var best = 0.0;
                foreach (var rung in rungs)
                {
                    best = Math.Max(best, At(i - side + rung));
                }

                chance += weights[i] * best;
            }

            return chance;
        }

        private double At(int place)
        {
            ref var chance = ref known[place + (known.Length / 2)];
            return double.IsNaN(chance) ? chance = Within(of, of.Realised.Value + (place * fine), doubts.Blur) : chance;
        }
    }
}
