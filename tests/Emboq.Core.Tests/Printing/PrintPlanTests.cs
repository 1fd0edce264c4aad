namespace Emboq.Core.Tests.Printing;

/// <summary>Time, material and money against paths computed by hand.</summary>
public sealed class PrintPlanTests
{
    private static readonly PrintSettings Settings = new()
    {
        WallSpeed = 50,
        FillSpeed = 100,
        TravelSpeed = 200,
        Acceleration = 1000,
        FlowLimit = 100,
        FirstLayerShare = 0.5,
        LayerChange = 1,
        LeastLayerTime = 0,
        StartUp = 100,
        Power = 100,
        FilamentPrice = 20,
        EnergyPrice = 0.5,
        Fill = 0.2,
    };

    private static readonly Process Process = Workshop.Process with { Settings = Settings };

    private static readonly RunFactors Exact = new(Quantity.Chosen("time factor", 1, Unit.None), Quantity.Chosen("flow factor", 1, Unit.None));

    private static Layer Layer(double wallPath = 0, int loops = 0, double skin = 0, double fill = 0, double overhang = 0, double islands = 0,
        double width = 40, double depth = 40) =>
        new(100, wallPath, loops, skin, fill, overhang, 0, islands, width, depth);

    [Fact]
    public void Walls_take_length_over_speed_and_one_start_and_stop_each()
    {
        // Two loops of 250 mm at 50 mm/s with 1000 mm/s²: 2 (250/50 + 50/1000) = 10.1 s (kinematics of a trapezoid).
        var time = LayerTime.Of(Layer(wallPath: 500, loops: 2), Process, first: false);
        time.Walls.ShouldBe(10.1, 1e-9);
        // Two moves of (40 + 40)/4 = 20 mm at 200 mm/s never reach their speed: 2 · 2 √(20/1000).
        time.Moves.ShouldBe(4 * Math.Sqrt(0.02), 1e-9);
        time.Change.ShouldBe(1);
        // The first layer goes at half speed: 2 (250/25 + 25/1000).
        LayerTime.Of(Layer(wallPath: 500, loops: 2), Process, first: true).Walls.ShouldBe(20.05, 1e-9);
    }

    [Fact]
    public void Closed_fill_is_lines_as_long_as_its_patch()
    {
        // 100 mm² in lines of 0.5 mm: 200 mm in 20 lines of 10 mm; 10 mm reach exactly the 100 mm/s that 1000 mm/s² allow: 2 √(10/1000) s each.
        var time = LayerTime.Of(Layer(skin: 100), Process, first: false);
        time.Fill.ShouldBe(20 * 2 * Math.Sqrt(0.01), 1e-9);
        // Sparse fill of the same area at 0.2: 40 mm in 4 lines.
        LayerTime.Of(Layer(fill: 100), Process, first: false).Fill.ShouldBe(4 * 2 * Math.Sqrt(0.01), 1e-9);
    }

    [Fact]
    public void The_melt_limit_slows_thick_lines()
    {
        var slow = Process with { Settings = Settings with { FlowLimit = 2 } };
        // 2 mm³/s through 0.5 × 0.2 mm² is 20 mm/s.
        LayerTime.Of(Layer(wallPath: 200, loops: 1), slow, first: false).Walls.ShouldBe(10 + 0.02, 1e-9);
    }

    [Fact]
    public void Small_layers_wait_until_they_are_cool()
    {
        var cooled = Process with { Settings = Settings with { LeastLayerTime = 8 } };
        var time = LayerTime.Of(Layer(wallPath: 50, loops: 1), cooled, first: false);
        (time.Walls + time.Fill + time.Moves + time.Change).ShouldBe(8 + 1, 1e-9);
    }

    [Fact]
    public void Mass_is_by_walls_and_fill_and_money_follows()
    {
        var plan = PrintPlan.Of([Layer(wallPath: 1000, loops: 4, skin: 50, fill: 400)], Process, Exact);
        // (1000 · 0.5 + 50 + 400 · 0.2) · 0.2 = 126 mm³.
        plan["volume"].Value.ShouldBe(126, 1e-9);
        plan["mass"].Value.ShouldBe(126 * 0.00124, 1e-12);
        // 1.75 mm filament is 2.405 mm² (geometry).
        plan["filament"].Value.ShouldBe(126 / 2.405, 0.01);
        plan["cost.filament"].Value.ShouldBe(126 * 0.00124 * 20 / 1000, 1e-12);
        // 100 W for the whole time at 0.5 a kWh.
        plan["cost.energy"].Value.ShouldBe(plan["time"].Value / 3600 * 0.1 * 0.5, 1e-12);
        plan["cost"].Value.ShouldBe(plan["cost.filament"].Value + plan["cost.energy"].Value, 1e-12);
        plan["energy"].Value.ShouldBe(plan["time"].Value * 100 * 1e9, 1);
    }

    [Fact]
    public void What_lies_on_one_bed_is_printed_layer_by_layer_together()
    {
        var together = PrintPlan.Together([[Layer(wallPath: 10, loops: 1), Layer(wallPath: 10, loops: 1)], [Layer(wallPath: 5, loops: 2)]]);
        together.Select(l => (l.WallPath, l.Loops, l.Width)).ShouldBe([(15, 3, 80), (10, 1, 40)]);
    }

    /// <summary>A solid block's hours go into its fill, a thin bowl's into its walls; what makes it lighter stands beside a print through the night.</summary>
    [Theory]
    [InlineData(40, 2_000, 40_000, Verdict.Watch, "into its fill")]
    [InlineData(40_000, 2_000, 40, Verdict.Watch, "into its walls")]
    [InlineData(40, 50, 40, Verdict.Good, "within a day")]
    public void What_costs_the_hours_of_a_long_print_is_told(double walls, int layers, double fill, Verdict verdict, string says)
    {
        var plan = PrintPlan.Of([.. Enumerable.Range(0, layers).Select(_ => Layer(wallPath: walls, loops: 2, fill: fill))], Process, Exact);
        Remedy[] lighter = [new Remedy.Change("Hollow its underside", new Dictionary<string, string> { ["underside"] = "hollow" })];
        var check = HoursCheck.Of(plan, "tray", lighter);
        check.Verdict.ShouldBe(verdict);
        check.Says.ShouldContain(says);
        check.Remedies.Count.ShouldBe(verdict == Verdict.Watch ? 1 : 0);
    }

    [Fact]
    public void Finished_runs_teach_the_factor_and_narrow_its_spread()
    {
        var guess = RunFactors.Of(Process, []).Time;
        var one = RunFactors.Of(Process, [new(1300, 1000)]).Time;
        var many = RunFactors.Of(Process, [.. Enumerable.Repeat(new FinishedRun(1300, 1000), 10)]).Time;
        one.Value.ShouldBeInRange(guess.Value, 1.3);
        many.Value.ShouldBe(1.3, 0.01);
        guess.StandardUncertainty.ShouldBeGreaterThan(one.StandardUncertainty);
        one.StandardUncertainty.ShouldBeGreaterThan(many.StandardUncertainty);
        // Weights by inverse variances (JCGM 100, 5.2): 1/0.2² and 1/0.08².
        one.Value.ShouldBe(((1.1 / 0.04) + (1.3 / 0.0064)) / ((1 / 0.04) + (1 / 0.0064)), 1e-9);
    }

    /// <summary>By hand: 1 ± 0.02, and a print that weighed 5 % more than it should, ± 0.01.</summary>
    [Fact]
    public void Weighed_prints_teach_the_flow_and_the_others_do_not()
    {
        var flow = RunFactors.Of(Process, [new(1000, 1000, 10.5, 10), new(1000, 1000), new(1000, 1000, 8), new(1000, 1000, 30, 10)]).Flow;
        flow.Value.ShouldBe(((1 / 0.0004) + (1.05 / 0.0001)) / ((1 / 0.0004) + (1 / 0.0001)), 1e-9);
        flow.StandardUncertainty.ShouldBe(Math.Sqrt(1 / ((1 / 0.0004) + (1 / 0.0001))), 1e-9);
        var layers = Enumerable.Range(0, 10).Select(_ => Layer(wallPath: 100, loops: 2, fill: 0)).ToList();
        var (plain, heavier) = (PrintPlan.Of(layers, Process, Exact), PrintPlan.Of(layers, Process, Exact with { Flow = flow }));
        heavier["mass"].Value.ShouldBe(plain["mass"].Value * flow.Value, 1e-9);
        heavier["filament"].Value.ShouldBe(plain["filament"].Value * flow.Value, 1e-9);
        heavier["mass.modelled"].Value.ShouldBe(plain["mass"].Value, 1e-9);
    }

    [Theory]
    [InlineData(0, 0, 0, 0, "a", "no difference")]
    [InlineData(0, 50, 0, 0, "a", "begin in the air")]
    [InlineData(0, 0, 500, 0, "b", "hang out")]
    [InlineData(0, 0, 0, 500, "a", "hang out")]
    public void The_better_way_up_is_named_with_its_reason(double aIslands, double bIslands, double aOverhang, double bOverhang, string better, string reason)
    {
        var comparison = WayComparison.Of(
            [(Way("a"), [Layer(islands: aIslands, overhang: aOverhang)]), (Way("b"), [Layer(islands: bIslands, overhang: bOverhang)])], Process, Exact);
        comparison.Better.ShouldBe(better);
        comparison.Reason.ShouldContain(reason);
    }

    [Fact]
    public void What_does_not_fit_or_spoils_the_fit_comes_last()
    {
        WayComparison.Of([(Way("wide"), [Layer(width: 400)]), (Way("hangs"), [Layer(overhang: 900)])], Process, Exact).Better.ShouldBe("hangs");
        WayComparison.Of([(Way("side") with { SpoilsFit = true }, [Layer()]), (Way("up"), [Layer(overhang: 900)])], Process,
            Exact).Reason.ShouldContain("stepped");
        WayComparison.Of([(Way("tall"), [.. Enumerable.Repeat(Layer(width: 5), 200)]), (Way("low"), [Layer(width: 40)])], Process,
            Exact).Reason.ShouldContain("more firmly");
    }

    [Fact]
    public void Make_or_buy_puts_both_sides_in_one_sentence()
    {
        var specs = FamilyList.All[0].Parameters;
        var plan = PrintPlan.Of([Layer(wallPath: 1000, loops: 1)], Process, Exact);
        MakeOrBuy? Choice(params (string, string)[] entries) => MakeOrBuy.Of(ParameterValues.Read(specs,
            entries.ToDictionary(e => e.Item1, e => e.Item2)).Value, plan);
        Choice().ShouldBeNull();
        var bought = Choice(("buyPrice", "8"), ("buyPostage", "11"), ("buyDays", "7"), ("ownMinutes", "30"))!;
        bought.Lines["buy.cost"].Value.ShouldBe(19);
        bought.Lines["saved"].Value.ShouldBe(19 - plan["cost"].Value, 1e-9);
        bought.Lines["hour"].Value.ShouldBe(2 * bought.Lines["saved"].Value, 1e-9);
        bought.Says.ShouldContain("in 7 days");
        Choice(("buyPrice", "0"))!.Says.ShouldContain("Buying is cheaper");
        ParameterValues.Read(specs, new Dictionary<string, string> { ["buyPrice"] = "cheap" }).Problems.Single().Message.ShouldContain("cannot be read "
            + "as a number");
    }

    private static WayUp Way(string name) => new(name, name, 0, "", "");

    /// <summary>Twelve on a bed take what twelve singles take, but for heating once and a short move from each to the next.</summary>
    [Fact]
    public void A_bedful_takes_little_more_than_its_parts()
    {
        IReadOnlyList<Layer> one = [.. Enumerable.Repeat(Layer(wallPath: 1200, loops: 4, fill: 300), 100)];
        double Seconds(IReadOnlyList<Layer> layers) => PrintPlan.Of(layers, Process, Exact)["time.modelled"].Value;
        var (single, twelve) = (Seconds(one), Seconds(PrintPlan.Together([.. Enumerable.Repeat(one, 12)])));
        var changes = 11 * 100 * Process.Settings.LayerChange;
        twelve.ShouldBeInRange(0.97 * ((12 * (single - Process.Settings.StartUp)) - changes), 12 * single * 1.02);
    }
}
