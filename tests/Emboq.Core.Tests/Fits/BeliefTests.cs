using CsCheck;
using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearAlgebra;

namespace Emboq.Core.Tests.Fits;

/// <summary>The workshop's belief about its prints against closed forms, integrals and long simulations.</summary>
public sealed class BeliefTests
{
    private static readonly Process One = Workshop.Process with { Id = new("00000000-0000-0000-0000-0000000000a1"), Printer = "one", PrinterId = null };
    private static readonly Process Other = One with { Id = new("00000000-0000-0000-0000-0000000000a2"), Name = "other", Printer = "two" };
    private static readonly Process Soft = Other with
    {
        Id = new("00000000-0000-0000-0000-0000000000a3"),
        Material = "rubbery",
        Sort = FilamentClass.Soft,
        Nozzle = 0.8,
    };

    private static readonly Face Hole = Face.Of(Surface.HoleUpright, 20);

    private static Quantity Shaft(double size = 20, double doubt = 0) => Quantity.Input("shaft", size, Unit.Millimetre, new Provenance.Measured("test"),
        (new Source("shaft", "reading of the shaft", doubt), 1));

    private static TriedPrint Print(string id, Process? process = null, Face? face = null, double drawn = 20.3, Quantity? shaft = null,
        IReadOnlyList<Feel>? felt = null, double? read = null, int runs = 0) => new(id, $"print {id}", process ?? One, face ?? Hole, drawn, shaft ?? Shaft(),
            SeatWords.Cuff, felt ?? [], read is { } r ? [(r, Workshop.Caliper)] : [], runs);

    private static Quantity Allowance(FitBelief belief, Process process, Face? face = null) => new LearnedFits(process, belief).Allowance(face ?? Hole);

    /// <summary>Conjugate update of a normal by one reading: weights are the inverse variances.</summary>
    [Fact]
    public void One_reading_is_a_conjugate_update()
    {
        var (known, caliper) = (Workshop.Known(Surface.HoleUpright), Workshop.Caliper);
        var error = Math.Pow(known.PrintScatter, 2) + (Math.Pow(caliper.MaximumPermissibleError, 2) / 3) + Math.Pow(caliper.Repeatability, 2)
            + (Math.Pow(caliper.Resolution, 2) / 12);
        var prior = Math.Pow(known.StandardUncertainty, 2);
        var after = Allowance(FitBelief.Of([Print("a", read: 20)]), One);
        after.Value.ShouldBe(known.Value + (prior / (prior + error) * (0.3 - known.Value)), 1e-6);
        after.StandardUncertainty.ShouldBe(Math.Sqrt(prior * error / (prior + error)), 1e-6);
    }

    /// <summary>One word: Bayes' rule with a blurred interval, by the midpoint rule over the allowance.</summary>
    [Theory]
    [InlineData(Feel.WillNotStart)]
    [InlineData(Feel.FirmByHand)]
    [InlineData(Feel.Slides)]
    [InlineData(Feel.Rattles)]
    public void One_word_is_bayes_with_an_interval(Feel feel)
    {
        var known = Workshop.Known(Surface.HoleUpright);
        var (words, blur) = (SeatWords.Cuff, Math.Sqrt(Math.Pow(known.PrintScatter, 2) + (0.06 * 0.06) + (0.05 * 0.05)));
        double Likely(double a) => Normal.CDF(0, blur, words.To(feel) - (20.3 - 20 - a)) - Normal.CDF(0, blur, words.From(feel) - (20.3 - 20 - a));
        var grid = Enumerable.Range(0, 40_000).Select(i => known.Value - 1 + (2 * (i + 0.5) / 40_000))
            .Select(a => (A: a, W: Normal.PDF(known.Value, known.StandardUncertainty, a) * Likely(a))).ToList();
        var (mass, mean) = (grid.Sum(g => g.W), grid.Sum(g => g.W * g.A) / grid.Sum(g => g.W));
        var spread = Math.Sqrt(grid.Sum(g => g.W * (g.A - mean) * (g.A - mean)) / mass);
        var after = Allowance(FitBelief.Of([Print("a", felt: [feel])]), One);
        after.Value.ShouldBe(mean, 1e-4);
        after.StandardUncertainty.ShouldBe(spread, 1e-4);
    }

    /// <summary>A face that was worked by hand tells of what it met, by Bayes' rule with one word, and nothing of how the setup prints.</summary>
    [Theory]
    [InlineData(Feel.NeedsForce)]
    [InlineData(Feel.Slides)]
    public void What_was_worked_tells_of_the_shaft_and_not_of_the_print(Feel feel)
    {
        const double Size = 20.25, Unsure = 0.2;
        var caliper = Workshop.Caliper;
        var blur = Math.Sqrt((Math.Pow(caliper.MaximumPermissibleError, 2) / 3) + Math.Pow(caliper.Repeatability, 2) + (Math.Pow(caliper.Resolution, 2) / 12)
            + (0.06 * 0.06) + (0.05 * 0.05));
        double Likely(double shaft) => Normal.CDF(0, blur, SeatWords.Cuff.To(feel) - (Size - shaft)) - Normal.CDF(0, blur, SeatWords.Cuff.From(feel)
            - (Size - shaft));
        var grid = Enumerable.Range(0, 40_000).Select(i => 19 + (2 * (i + 0.5) / 40_000)).Select(a => (A: a, W: Normal.PDF(20, Unsure, a) * Likely(a)))
            .ToList();
        var (mass, mean) = (grid.Sum(g => g.W), grid.Sum(g => g.W * g.A) / grid.Sum(g => g.W));
        var belief = FitBelief.Of([Print("a", drawn: Size, shaft: Shaft(20, Unsure), felt: [feel]) with { Worked = caliper }]);
        var shaft = belief.Given(Shaft(20, Unsure));
        shaft.Value.ShouldBe(mean, 1e-4);
        shaft.StandardUncertainty.ShouldBe(Math.Sqrt(grid.Sum(g => g.W * (g.A - mean) * (g.A - mean)) / mass), 1e-4);
        Allowance(belief, One).ShouldSatisfyAllConditions(a => a.Value.ShouldBe(Workshop.Known(Surface.HoleUpright).Value, 1e-9),
            a => a.StandardUncertainty.ShouldBe(Workshop.Known(Surface.HoleUpright).StandardUncertainty, 1e-9));
    }

    /// <summary>Words and readings on two setups that share a class of filament and a shaft that is hardly known: a million weighted draws from the prior.
    /// </summary>
    [Fact]
    public void Joint_belief_is_what_a_long_simulation_makes_of_it()
    {
        var shaft = Shaft(20, 0.08);
        TriedPrint[] prints = [Print("a", felt: [Feel.NeedsForce], shaft: shaft, drawn: 20.15), Print("b", felt: [Feel.FirmByHand], shaft: shaft, drawn: 20.4),
            Print("c", Other, felt: [Feel.Slides], shaft: shaft, drawn: 20.7), Print("d", Other, read: 20.35, drawn: 20.6)];
        var belief = FitBelief.Of(prints);
        Quantity[] wanted = [FitPriorOf(One), FitPriorOf(Other), shaft];
        var latents = prints.Select(p => p.Felt.Count > 0 ? p.Clearance! : p.Printed).ToList();
        var sources = wanted.Concat(latents).SelectMany(q => q.Shares.Select(s => s.Source)).DistinctBy(s => s.Id).ToList();
        var random = new MersenneTwisterOf(17);
        var (mass, sums, squares) = (0.0, new double[3], new double[3]);
        double Value(Quantity q, double[] draw) => q.Value + sources.Select((s, i) => -q.Partial(s) * draw[i]).Sum();
        for (var n = 0; n < 200_000; n++)
        {
            var draw = sources.Select(s => random.Next() * s.StandardUncertainty).ToArray();
            var weight = 1.0;
            for (var i = 0; i < prints.Length; i++)
            {
                var (value, print) = (Value(latents[i], draw), prints[i]);
                weight *= print.Felt.Count > 0
                    ? Normal.CDF(0, Blur, SeatWords.Cuff.To(print.Felt[0]) - value) - Normal.CDF(0, Blur, SeatWords.Cuff.From(print.Felt[0]) - value)
                    : Normal.PDF(value, CaliperError, print.Measured[0].Printed);
            }

            mass += weight;
            for (var k = 0; k < 3; k++)
            {
                var value = Value(wanted[k], draw);
                sums[k] += weight * value;
                squares[k] += weight * value * value;
            }
        }

        for (var k = 0; k < 3; k++)
        {
            var (mean, after) = (sums[k] / mass, belief.Given(wanted[k]));
            after.Value.ShouldBe(mean, 0.008, $"mean {k}");
            after.StandardUncertainty.ShouldBe(Math.Sqrt((squares[k] / mass) - (mean * mean)), 0.008, $"spread {k}");
        }
    }

    /// <summary>Thirty readings and words of three setups, some of one print and some of one shaft, against the best linear estimate over every telling at once
    /// (JCGM 100, 5.2; inverted by MathNet.Numerics), with each word as the normal stand-in that it was given: value, and doubt cause by cause.</summary>
    [Fact]
    public void Belief_in_the_shared_causes_is_the_belief_over_everything_told()
    {
        var random = new MersenneTwisterOf(11);
        Process[] setups = [One, Other, Soft];
        var prints = Enumerable.Range(0, 30).Select(i =>
        {
            var drawn = 20.2 + (0.1 * random.Next());
            return Print($"p{i}", setups[i % 3], i % 4 == 0 ? Face.Of(Surface.OutsideRound, 20) : i % 5 == 0 ? Face.Of(Surface.HoleUpright, 5) : Hole, drawn,
                i % 7 == 0 ? Shaft(20, 0.03) : Quantity.Input($"shaft {i}", 20, Unit.Millimetre, new Provenance.Measured("test"),
                    (new Source($"shaft {i}", "its reading", 0.02), 1)),
                i % 2 == 0 ? [Feel.FirmByHand, (Feel)(i % 5)] : [], i % 3 == 1 ? drawn - 0.1 : null, runs: i);
        }).ToList();
        var belief = FitBelief.Of(prints);
        var told = prints.OrderBy(p => p.Id, StringComparer.Ordinal).SelectMany(Telling.Of).ToList();
        var causes = Causes.Behind(told);
        var sites = Sites.Settled(told, causes);
        var all = Matrix<double>.Build.Dense(told.Count, told.Count, (i, j) => Quantity.Covariance(told[i].Latent, told[j].Latent)
            + (i == j ? Math.Pow(sites.Sharpness(i), 2) : 0));
        var pull = Vector<double>.Build.DenseOfArray(sites.Pull());
        foreach (var wanted in setups.Select(FitPriorOf).Append(prints[3].Counterpart! + FitPriorOf(Soft)))
        {
            var (after, shared) = (belief.Given(wanted), Vector<double>.Build.Dense(told.Count, i => Quantity.Covariance(told[i].Latent, wanted)));
            var weights = all.Solve(shared);
            after.Value.ShouldBe(wanted.Value + (shared * pull), 1e-9);
            after.StandardUncertainty.ShouldBe(Math.Sqrt(Math.Pow(wanted.StandardUncertainty, 2) - (shared * weights)), 1e-9);
            foreach (var (source, _) in wanted.Shares)
            {
                after.Partial(source).ShouldBe(wanted.Partial(source) - told.Select((t, i) => weights[i] * t.Latent.Partial(source)).Sum(), 1e-9, source.Id);
            }
        }

        // A stand-in is settled: of each word, what all the others say of it has the moments of word and stand-in alike (Rasmussen and Williams 2006, 3.6).
        var (left, off) = (all.Inverse(), all * pull);
        for (var i = 0; i < told.Count; i++)
        {
            var noise = Math.Pow(sites.Sharpness(i), 2);
            var without = (1 / left[i, i]) - noise;
            var says = told[i].Latent.Value + off[i];
            var others = says - (pull[i] / left[i, i]);
            var (mean, variance) = told[i].Moments(others, without);
            mean.ShouldBe(others + (without / (without + noise) * (says - others)), 1e-4, told[i].Id);
            Math.Sqrt(variance).ShouldBe(Math.Sqrt(without * noise / (without + noise)), 1e-4, told[i].Id);
        }
    }

    private static readonly double CaliperError = Math.Sqrt((Math.Pow(Workshop.Caliper.MaximumPermissibleError, 2) / 3)
        + Math.Pow(Workshop.Caliper.Repeatability, 2) + (Math.Pow(Workshop.Caliper.Resolution, 2) / 12));

    /// <summary>The shift of a hand and the blur of its words together: each word of the simulation stands alone but for the hand, which is small beside it.
    /// </summary>
    private static readonly double Blur = Math.Sqrt((0.06 * 0.06) + (0.05 * 0.05));

    private static Quantity FitPriorOf(Process process) => new LearnedFits(process).Allowance(Hole);

    /// <summary>Standard normal draws, the same every time.</summary>
    private sealed class MersenneTwisterOf(int seed)
    {
        private readonly MathNet.Numerics.Random.MersenneTwister random = new(seed);

        public double Next() => Normal.Sample(random, 0, 1);
    }

    [Fact]
    public void Order_does_not_matter_and_what_is_struck_leaves_nothing()
    {
        TriedPrint[] prints = [Print("c", felt: [Feel.Slides]), Print("a", Other, read: 20.1), Print("b", felt: [Feel.FirmByHand], read: 20.2)];
        var (one, two) = (Allowance(FitBelief.Of(prints), One), Allowance(FitBelief.Of([.. prints.Reverse()]), One));
        (two.Value, two.StandardUncertainty).ShouldBe((one.Value, one.StandardUncertainty));
        var without = Allowance(FitBelief.Of([.. prints.Skip(1)]), One);
        var struck = Allowance(FitBelief.Of(prints[1..]), One);
        (struck.Value, struck.StandardUncertainty).ShouldBe((without.Value, without.StandardUncertainty));
        (Allowance(FitBelief.Of([]), One).Value, FitBelief.None.Prints.Count).ShouldBe((FitPriorOf(One).Value, 0));
    }

    /// <summary>What is shared is learned: most by the setup itself, less by another printer of the same filament, still less by a filament of another
    /// class, and
    /// the outside of a round hardly, the other way: a printer that closes holes lays too wide.</summary>
    [Fact]
    public void Others_learn_less_the_less_they_share()
    {
        var belief = FitBelief.Of([.. Enumerable.Range(0, 4).Select(i => Print($"p{i}", read: 20.3 - 0.5))]);
        double Moved(Process process, Face? face = null) => Allowance(belief, process, face).Value - new LearnedFits(process).Allowance(face ?? Hole).Value;
        var (own, other, soft) = (Moved(One), Moved(Other), Moved(Soft));
        own.ShouldBeGreaterThan(0.2);
        other.ShouldBeInRange(own * 0.3, own * 0.8);
        soft.ShouldBeInRange(0, other * 0.2);
        Moved(One, Face.Of(Surface.OutsideRound, 20)).ShouldBeInRange(-own / 3, -0.005);
        Moved(One, Face.Of(Surface.HoleUpright, 4)).ShouldBeInRange(own * 0.5, own);
        Allowance(belief, One).StandardUncertainty.ShouldBeLessThan(Allowance(belief, Other).StandardUncertainty);
    }

    /// <summary>What a hand felt holds the machine's true size: it corrects its reading too.</summary>
    [Fact]
    public void A_felt_try_corrects_the_reading_of_the_machine()
    {
        var shaft = Shaft(20, 0.2);
        var belief = FitBelief.Of([.. Enumerable.Range(0, 3).Select(i => Print($"p{i}", shaft: shaft, drawn: 20.3, felt: [Feel.WillNotStart]))]);
        belief.Given(shaft).Value.ShouldBeGreaterThan(20.1);
        belief.Given(shaft).StandardUncertainty.ShouldBeLessThan(0.18);
        // The size that just touches is surer than either.
        var touching = new LearnedFits(One, belief, HasOwn: true).Touching(new(shaft, Hole, Quantity.Chosen("c", 0.1, Unit.Millimetre), new LearnedFits(One),
            "cuff"), []);
        touching.StandardUncertainty.ShouldBeLessThan(belief.Given(shaft).StandardUncertainty);
    }

    [Fact]
    public void One_print_has_one_chance_and_words_said_again_say_nothing()
    {
        double Spread(params TriedPrint[] prints) => Allowance(FitBelief.Of(prints), One).StandardUncertainty;
        Spread(Print("a", felt: [Feel.FirmByHand, Feel.FirmByHand])).ShouldBe(Spread(Print("a", felt: [Feel.FirmByHand])), 1e-12);
        Spread(Print("a", felt: [Feel.FirmByHand, Feel.Slides])).ShouldBeGreaterThan(Spread(Print("a", felt: [Feel.FirmByHand])));
        // A word and a reading that cannot both be right are worth less than the reading, and are told.
        var apart = Print("a", felt: [Feel.Rattles], read: 19.5);
        Contradiction.Says(apart).ShouldBe("print a: “rattles”, but also measured 19.5 mm");
        Spread(apart).ShouldBeGreaterThan(Spread(Print("a", read: 19.5)));
        Contradiction.Says(Print("a", felt: [Feel.Slides], read: 20.3)).ShouldBeNull();
    }

    /// <summary>Whatever is told, however it contradicts, there is a belief, and nothing is less sure than before.</summary>
    [Fact]
    public void Whatever_is_told_there_is_a_belief() => Gen.Select(Gen.Double[-3, 3], Gen.Int[0, 4], Gen.Int[0, 2], Gen.Double[17, 23], Gen.Int[0, 60])
        .Array[1, 40].Sample(told =>
        {
            Process[] processes = [One, Other, Soft];
            var belief = FitBelief.Of([.. told.Select((t, i) => Print($"{i}", processes[t.Item3], i % 3 == 0 ? Face.Of(Surface.OutsideRound, 20) : Hole,
                20 + t.Item1, Shaft(20, 0.05), i % 4 == 3 ? [] : [(Feel)t.Item2, (Feel)((t.Item2 + i) % 5)], i % 2 == 0 ? t.Item4 : null, t.Item5))]);
            foreach (var process in processes)
            {
                var (before, after) = (new LearnedFits(process).Allowance(Hole), Allowance(belief, process));
                double.IsFinite(after.Value).ShouldBeTrue();
                after.StandardUncertainty.ShouldBeInRange(0, before.StandardUncertainty + 1e-9);
            }
        }, iter: 300);

    /// <summary>By hand: an allowance of 0.1 mm, a print's chance of 0.04 and a reading of 0.1 mm: 100, 16 and 100 of 216 parts.</summary>
    [Fact]
    public void Doubt_is_told_by_what_can_be_done_about_it()
    {
        var process = One with { Allowances = new Dictionary<Surface, Allowance> { [Surface.HoleUpright] = new(0.2, 0.1, 0.04, "test") } };
        var read = Quantity.Input("shaft", 20, Unit.Millimetre, new Provenance.Measured("test"), (new Source("s", "s", 0.1, Kind: SourceKind.Measuring), 1));
        var fits = new LearnedFits(process);
        var clearance = Quantity.Chosen("drawn", 20.3, Unit.Millimetre) - (read + fits.Allowance(Hole)) + fits.Scatter(Hole, "hole");
        DoubtBudget.Of(clearance).ToDictionary(d => d.Name, d => Math.Round(216 * d.Share)).ShouldBe(new Dictionary<string, double>
        {
            ["what the setup does"] = 100,
            ["readings"] = 100,
            ["a print's own chance"] = 16,
        }, ignoreOrder: true);
        DoubtBudget.Says(clearance).ShouldEndWith("and 7 % a print's own chance.");
        DoubtBudget.Says(Quantity.Chosen("sure", 1, Unit.Millimetre)).ShouldBe("");
    }

    [Fact]
    public void Old_tries_count_less_and_a_serviced_printer_is_less_known()
    {
        double Spread(TriedPrint print) => Allowance(FitBelief.Of([print]), One).StandardUncertainty;
        var (now, long_ago) = (Spread(Print("a", read: 20)), Spread(Print("a", read: 20, runs: 100)));
        long_ago.ShouldBeGreaterThan(now + 0.005);
        Spread(Print("a", read: 20) with { ServicesSince = 1 }).ShouldBeGreaterThan(now + 0.005);
    }

    /// <summary>Simulation-based calibration (Talts et al. 2018), at a fast size: truths drawn from the prior lie within nine tenths of the belief's
    /// intervals as
    /// often as those say.</summary>
    [Fact]
    public void Nine_tenths_mean_nine_tenths()
    {
        var random = new MersenneTwisterOf(5);
        var (inside, ranks, runs) = (0, new List<double>(), 400);
        for (var n = 0; n < runs; n++)
        {
            var shaft = Shaft(20, 0.05);
            var blanks = Enumerable.Range(0, 4).Select(i => Print($"p{i}", i % 2 == 0 ? One : Other, drawn: 20.1 + (0.15 * i), shaft: shaft)).ToList();
            var prior = FitPriorOf(One);
            var causes = blanks.Select(b => b.Clearance!).Append(prior).SelectMany(q => q.Shares.Select(s => s.Source)).DistinctBy(s => s.Id).ToDictionary(
                s => s.Id, s => (Source: s, Draw: random.Next() * s.StandardUncertainty));
            double True(Quantity q) => q.Value - causes.Values.Sum(c => q.Partial(c.Source) * c.Draw);
            var hand = random.Next() * 0.06;
            var tried = blanks.Select(b =>
            {
                var felt = True(b.Clearance!) - hand + (random.Next() * 0.05);
                return b with { Felt = [Enum.GetValues<Feel>().First(f => felt <= SeatWords.Cuff.To(f))] };
            }).ToList();
            var after = FitBelief.Of(tried).Given(prior);
            var rank = Normal.CDF(after.Value, after.StandardUncertainty, True(prior));
            ranks.Add(rank);
            inside += rank is > 0.05 and < 0.95 ? 1 : 0;
        }

        ((double)inside / runs).ShouldBeInRange(0.86, 0.94);
        // Each fifth of the ranks holds a fifth of the truths, give or take three standard deviations.
        for (var fifth = 0; fifth < 5; fifth++)
        {
            ranks.Count(r => r >= fifth / 5.0 && r < (fifth + 1) / 5.0).ShouldBeInRange((runs / 5) - 24, (runs / 5) + 24, $"fifth {fifth}");
        }
    }
}
