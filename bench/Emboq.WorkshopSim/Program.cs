using System.Globalization;
using Emboq.WorkshopSim;
using Process = Emboq.Core.Setups.Process;

// Workshops with hidden truth print, try and print again until it fits; each strategy meets the same truths and the same jobs.
// Usage: Emboq.WorkshopSim [workshops [jobs]]
var workshops = args.Length > 0 ? int.Parse(args[0], CultureInfo.InvariantCulture) : 100;
var jobs = args.Length > 1 ? int.Parse(args[1], CultureInfo.InvariantCulture) : 30;
const int MostPrints = 9;

Process Setup(int number, string printer, string filament, FilamentClass sort) => new()
{
    Id = new(number, 0, 0, new byte[8]),
    Name = $"{printer}, {filament}",
    Printer = printer,
    Material = filament,
    Sort = sort,
    Nozzle = 0.4,
    Density = 1.24,
    FilamentDiameter = 1.75,
    LineWidth = 0.45,
    LayerHeight = 0.2,
    BedWidth = 220,
    BedDepth = 220,
    BuildHeight = 250,
    Allowances = new Dictionary<Surface, Allowance>(),
};
IReadOnlyList<Process> setups = [Setup(1, "Curlew", "plain grey", FilamentClass.Plain), Setup(2, "Curlew", "tough green", FilamentClass.Tough),
    Setup(3, "Bittern", "plain grey", FilamentClass.Plain)];

foreach (var regime in Regime.All)
{
    Console.WriteLine($"{regime.Name}: mean prints to fit, share that fits at once, after 0 to 2 earlier jobs | 3 to 9 | 10 to 29 and more");
    foreach (var make in new Func<IStrategy>[] { () => new EqualSteps(), () => new Bisection(), () => new Notebook(), () => new Emboq.WorkshopSim.Emboq(false),
        () => new Emboq.WorkshopSim.Emboq(true), () => new Oracle() })
    {
        var took = new List<(int Earlier, int Prints)>();
        var ladders = new List<(int Earlier, bool Fits)>();
        var name = "";
        for (var workshop = 0; workshop < workshops; workshop++)
        {
            var (truth, strategy) = (new Truth(workshop, regime, setups), make());
            name = strategy.Name;
            for (var n = 0; n < jobs; n++)
            {
                var (job, prints) = (truth.NewJob(), new List<Outcome>());
                do
                {
                    prints.Add(truth.Print(job, strategy.Next(truth, job, prints)));
                }
                while (!prints[^1].Fits && prints.Count < MostPrints);
                took.Add((n, prints.Count));
                if (strategy is Emboq.WorkshopSim.Emboq emboq)
                {
                    ladders.Add((n, emboq.LadderAndPart(truth, job)));
                }

                strategy.Done(truth, job, prints);
            }
        }

        string Of(int from, int to)
        {
            var some = took.Where(t => t.Earlier >= from && t.Earlier <= to).ToList();
            var ladder = ladders.Where(l => l.Earlier >= from && l.Earlier <= to).ToList();
            return string.Create(CultureInfo.InvariantCulture, $"{some.Average(t => t.Prints):0.00}, {100.0 * some.Count(t => t.Prints == 1) / some.Count:0} %")
                + (ladder.Count == 0 ? "" : string.Create(CultureInfo.InvariantCulture,
                    $", one ladder and one part {100.0 * ladder.Count(l => l.Fits) / ladder.Count:0} %"));
        }

        Console.WriteLine($"  {name,-30} {Of(0, 2)} | {Of(3, 9)} | {Of(10, jobs)}");
    }
}

// What 200 tried prints cost to believe anew.
var (many, some) = (new Truth(1, Regime.All[0], setups), new List<TriedPrint>());
for (var n = 0; n < 200; n++)
{
    var job = many.NewJob();
    var print = many.Print(job, job.Read);
    some.Add(new($"{n}", $"print {n}", setups[job.Setup], job.Face, print.Drawn, Quantity.Chosen("machine", job.Read, Unit.Millimetre), SeatWords.Cuff,
        [print.Felt],
        []));
}

foreach (var round in Enumerable.Range(0, 5))
{
    var clock = System.Diagnostics.Stopwatch.StartNew();
    var belief = FitBelief.Of(some);
    var whole = clock.Elapsed.TotalMilliseconds;
    clock.Restart();
    ((IFitModel)new LearnedFits(setups[0], belief)).Allowance(Surface.HoleUpright, 20);
    Console.WriteLine(string.Create(CultureInfo.InvariantCulture,
        $"200 tries believed in {whole:0.0} ms, one allowance of it in {clock.Elapsed.TotalMilliseconds:0.00} ms"));
}
