namespace Emboq.WorkshopSim;

/// <summary>How somebody chooses the size of the next print.</summary>
internal interface IStrategy
{
    string Name { get; }

    /// <summary>The size to draw, mm, after what became of the job's earlier prints.</summary>
    double Next(Truth truth, Job job, IReadOnlyList<Outcome> earlier);

    /// <summary>The job is done: what is taken along to the next.</summary>
    void Done(Truth truth, Job job, IReadOnlyList<Outcome> prints)
    {
    }
}

/// <summary>Two fifths of a millimetre to the side that the hand asks for.</summary>
internal class EqualSteps : IStrategy
{
    private const double Step = 0.4;

    public virtual string Name => "equal steps";

    public virtual double Next(Truth truth, Job job, IReadOnlyList<Outcome> earlier) =>
        earlier.Count == 0 ? Wanted(job) : earlier[^1].Drawn + (Step * Side(job, earlier[^1]));

    public virtual void Done(Truth truth, Job job, IReadOnlyList<Outcome> prints)
    {
    }

    /// <summary>Which way the drawn size goes: +1 for larger.</summary>
    protected static int Side(Job job, Outcome print)
    {
        var tight = SeatWords.Cuff.Middle(print.Felt) < job.Fit.Clearance;
        return tight == job.Face.Surface.IsHole() ? 1 : -1;
    }

    protected static double Wanted(Job job) => job.Face.Surface.IsHole() ? job.Read + job.Fit.Clearance : job.Read - job.Fit.Clearance;
}

/// <summary>The same, and half of the step once it has gone too far.</summary>
internal sealed class Bisection : EqualSteps
{
    public override string Name => "bisection";

    public override double Next(Truth truth, Job job, IReadOnlyList<Outcome> earlier)
    {
        var (size, step, side) = (Wanted(job), 0.4, 0);
        foreach (var print in earlier)
        {
            var now = Side(job, print);
            step = side != 0 && now != side ? step / 2 : step;
            (size, side) = (print.Drawn + (now * step), now);
        }

        return size;
    }
}

/// <summary>Every print is measured, and what it was off is averaged for each setup and surface.</summary>
internal sealed class Notebook : EqualSteps
{
    private readonly Dictionary<(int, Surface), List<double>> off = [];

    public override string Name => "caliper and a plain notebook";

    public override double Next(Truth truth, Job job, IReadOnlyList<Outcome> earlier)
    {
        var known = off.GetValueOrDefault((job.Setup, job.Face.Surface)) ?? [];
        var all = known.Concat(earlier.Select(e => e.Drawn - e.Read)).ToList();
        return Wanted(job) + (all.Count == 0 ? 0 : all.Average());
    }

    public override void Done(Truth truth, Job job, IReadOnlyList<Outcome> prints)
    {
        var key = (job.Setup, job.Face.Surface);
        off[key] = [.. off.GetValueOrDefault(key) ?? [], .. prints.Select(p => p.Drawn - p.Read)];
    }
}

/// <summary>Emboq: the size whose clearance is aimed at the fit, by all that was told, or by this job's prints alone.</summary>
internal sealed class Emboq(bool withHistory) : IStrategy
{
    private readonly List<TriedPrint> history = [];
    private readonly Dictionary<string, int> runs = [];
    private int jobs;

    public string Name => withHistory ? "Emboq with history" : "Emboq fresh";

    public double Next(Truth truth, Job job, IReadOnlyList<Outcome> earlier)
    {
        var fits = new LearnedFits(truth.Setups[job.Setup], FitBelief.Of([.. withHistory ? Aged(truth) : [], .. Prints(truth, job, earlier)]), HasOwn: true);
        return Touching(fits, job) + (job.Face.Surface.IsHole() ? Aim(job) : -Aim(job));
    }

    /// <summary>The middle of the band is the safest aim.</summary>
    private static double Aim(Job job) => (job.Fit.Least + job.Fit.Greatest) / 2;

    private double Touching(LearnedFits fits, Job job) =>
        fits.Touching(new(Machine(job), job.Face, Quantity.Chosen("clearance", job.Fit.Clearance, Unit.Millimetre), fits, "seat"), []).Value;

    private Quantity Machine(Job job) => Quantity.Input("machine", job.Read, Unit.Millimetre, new Provenance.Measured("caliper"),
        (new Source("instrument/caliper", "caliper", Caliper.MaximumPermissibleError / Math.Sqrt(3), Kind: SourceKind.Measuring), 1),
            (new Source($"read/{jobs}", "reading", 0.01), 1));

    private IReadOnlyList<TriedPrint> Prints(Truth truth, Job job, IReadOnlyList<Outcome> prints) => [.. prints.Select((p, i) => new TriedPrint($"{jobs}/{i}",
        $"print {i}", truth.Setups[job.Setup], job.Face, p.Drawn, Machine(job), SeatWords.Cuff, [p.Felt], [(p.Read, Caliper)]))];

    private static readonly Instrument Caliper = new("caliper", "caliper", 0.01, 0.02, 0.01, 150);

    private IEnumerable<TriedPrint> Aged(Truth truth) => history.Select(h => h with { RunsSince = runs.GetValueOrDefault(h.Process.Printer) - h.RunsSince });

    public void Done(Truth truth, Job job, IReadOnlyList<Outcome> prints)
    {
        var printer = truth.Setups[job.Setup].Printer;
        runs[printer] = runs.GetValueOrDefault(printer) + prints.Count;
        // Until it is aged, how many runs its printer had then.
        history.AddRange(Prints(truth, job, prints).Select(p => p with { RunsSince = runs[printer] }));
        jobs++;
    }

    /// <summary>Prints a ladder of five around its aim and then the part like the rung that felt nearest, and says whether that fits.</summary>
    public bool LadderAndPart(Truth truth, Job job)
    {
        var (aimed, step) = (Next(truth, job, []), (job.Fit.Greatest - job.Fit.Least) * 0.8);
        var rungs = Enumerable.Range(-2, 5).Select(i => truth.Print(job, aimed + (i * step), drifts: false)).ToList();
        var fits = new LearnedFits(truth.Setups[job.Setup], FitBelief.Of([.. withHistory ? Aged(truth) : [], .. Prints(truth, job, rungs)]), HasOwn: true);
        return truth.Print(job, Touching(fits, job) + (job.Face.Surface.IsHole() ? Aim(job) : -Aim(job)), drifts: false).Fits;
    }
}

/// <summary>Knows what the printer does, but neither a print's own chance nor the machine's true size.</summary>
internal sealed class Oracle : IStrategy
{
    public string Name => "knows the printer";

    public double Next(Truth truth, Job job, IReadOnlyList<Outcome> earlier)
    {
        var aim = (job.Fit.Least + job.Fit.Greatest) / 2;
        return job.Read + truth.Allowance(job) + (job.Face.Surface.IsHole() ? aim : -aim);
    }
}
