using MathNet.Numerics.Distributions;
using Process = Emboq.Core.Setups.Process;

namespace Emboq.WorkshopSim;

/// <summary>How a workshop really is, which nobody in it knows.</summary>
/// <param name="Name">As told.</param>
/// <param name="Wider">Times that its causes spread more than is believed.</param>
/// <param name="Shift">What all holes come out smaller than is believed, mm.</param>
/// <param name="Drift">Of a printer from run to run, mm.</param>
/// <param name="Alone">Whether every surface of every setup is off by itself, and nothing is shared as it is believed to be.</param>
internal sealed record Regime(string Name, double Wider = 1, double Shift = 0, double Drift = 0, bool Alone = false)
{
    public static IReadOnlyList<Regime> All { get; } =
        [new("well-behaved"), new("wide", Wider: 2), new("wrong prior", Shift: 0.25), new("drifting", Drift: 0.02),
            new("nothing shared", Alone: true)];
}

/// <summary>Something that must fit: what is asked, and what nobody sees.</summary>
/// <param name="Setup">Which of the workshop's setups prints it.</param>
/// <param name="Face">Its printed face, of about the machine's size.</param>
/// <param name="Fit">Wanted.</param>
/// <param name="Size">The machine's true size, mm.</param>
/// <param name="Read">As it was read, mm.</param>
internal sealed record Job(int Setup, Face Face, Fit Fit, double Size, double Read);

/// <summary>A workshop with hidden offsets, shrinkage, bend at small sizes, drift, scatter, hand and caliper.</summary>
internal sealed class Truth
{
    private const double Hand = 0.06, HandBlur = 0.05, CaliperSame = 0.012, CaliperRepeat = 0.01;

    private static readonly SeatWords Words = SeatWords.Cuff;
    private static readonly string[] Fits = ["snug", "slide", "free"];

    private readonly Random random;
    private readonly Random asks;
    private readonly int seed;
    private readonly Regime regime;
    private readonly Dictionary<string, double> causes = [];
    private readonly double hand;
    private readonly double caliper;

    public Truth(int seed, Regime regime, IReadOnlyList<Process> setups)
    {
        (random, asks, this.seed, this.regime, Setups) = (new(seed), new(seed + 1_000_000), seed, regime, setups);
        (hand, caliper) = (Draw(Hand), Draw(CaliperSame));
    }

    public IReadOnlyList<Process> Setups { get; }

    /// <summary>A job of a workshop that makes holes and plugs of 8 to 60 mm on all of its setups.</summary>
    public Job NewJob()
    {
        var size = 8 + (52 * asks.NextDouble());
        var surface = asks.Next(3) == 0 ? Surface.OutsideRound : Surface.HoleUpright;
        var fit = FitClasses.Of(Fits[asks.Next(Fits.Length)]);
        return new(asks.Next(Setups.Count), Face.Of(surface, size), fit, size, size + caliper + Draw(CaliperRepeat));
    }

    /// <summary>Drawn minus printed as it really is now, mm, without the chance of one print.</summary>
    public double Allowance(Job job)
    {
        var believed = new LearnedFits(Setups[job.Setup]).Allowance(job.Face);
        var causing = regime.Alone ? believed.StandardUncertainty * Cause($"{job.Setup}/{job.Face.Surface}")
            : believed.Shares.Sum(s => believed.Partial(s.Source) * Cause(s.Source.Id));
        var hole = job.Face.Surface.IsHole();
        return believed.Value + (regime.Wider * causing) + (hole ? regime.Shift : -regime.Shift)
            + ((hole ? 1 : -1) * causes.GetValueOrDefault($"drift/{Setups[job.Setup].Printer}"));
    }

    /// <summary>Prints a size and tries it.</summary>
    /// <param name="job">For what.</param>
    /// <param name="drawn">mm.</param>
    /// <param name="drifts">Whether the printer drifts by it: what is only asked for as a question does not count.</param>
    public Outcome Print(Job job, double drawn, bool drifts = true)
    {
        var (hole, scatter) = (job.Face.Surface.IsHole(), Draw(new LearnedFits(Setups[job.Setup]).Scatter(job.Face, "").StandardUncertainty));
        var printed = drawn - Allowance(job) + scatter;
        var clearance = hole ? printed - job.Size : job.Size - printed;
        if (drifts)
        {
            var printer = $"drift/{Setups[job.Setup].Printer}";
            causes[printer] = causes.GetValueOrDefault(printer) + Draw(regime.Drift);
        }

        var felt = clearance - hand + Draw(HandBlur);
        return new(drawn, clearance >= job.Fit.Least && clearance <= job.Fit.Greatest, Enum.GetValues<Feel>().First(f => felt <= Words.To(f)),
            printed + caliper + Draw(CaliperRepeat), clearance);
    }

    /// <summary>The same for every strategy, whatever it asks first.</summary>
    private double Cause(string id) => causes.TryGetValue(id, out var known) ? known
        : causes[id] = Normal.Sample(new Random(id.Aggregate(seed, (hash, c) => unchecked((hash * 31) + c))), 0, 1);

    private double Draw(double spread) => spread == 0 ? 0 : Normal.Sample(random, 0, spread);
}

/// <summary>What became of a print.</summary>
/// <param name="Drawn">mm.</param>
/// <param name="Fits">Whether it has the fit that was wanted.</param>
/// <param name="Felt">What the hand said.</param>
/// <param name="Read">What the caliper read on it, mm.</param>
/// <param name="Clearance">As it really is, mm.</param>
internal sealed record Outcome(double Drawn, bool Fits, Feel Felt, double Read, double Clearance);
