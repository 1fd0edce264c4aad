using CsCheck;
using Emboq.Core.Homes;
using Emboq.Core.Tests.Measuring;

namespace Emboq.Core.Tests.Homes;

/// <summary>Homes for things. Expected: plane geometry, counting, and for small cases every way there is.</summary>
public sealed class HomeTests
{
    private static readonly Storage Top = new("top", "top drawer", 400, 300, 60, Reach.AtHand, null),
        Low = new("low", "low drawer", 400, 300, 120, Reach.Step, null), Shelf = new("shelf", "shelf", 600, 200, 300, Reach.Away, null);

    private static Belonging Thing(string key, double wide, double deep, double high, Use use = Use.Weekly, string sort = "", int count = 1,
        string? now = null, string? pinned = null, double? mass = null) => new(key, key, sort, wide, deep, high, mass, use, count, now, pinned);

    private static HomePlan Plan(params Belonging[] things) => HomeSearch.Of([Top, Low, Shelf], things, 10);

    private static string? In(HomePlan plan, string thing) => plan.Homes.FirstOrDefault(h => h.Thing == thing)?.Storage;

    [Fact]
    public void What_is_used_often_lies_at_hand_and_what_is_high_where_it_goes_in()
    {
        var plan = Plan(Thing("knife", 200, 40, 25, Use.Daily), Thing("jar", 80, 80, 110, Use.Daily), Thing("level", 580, 30, 70, Use.Seldom),
            Thing("punch", 120, 20, 20, Use.Seldom));
        (In(plan, "knife"), In(plan, "jar"), In(plan, "level"), In(plan, "punch")).ShouldBe(("top", "low", "shelf", "shelf"));
        plan.Best.ShouldBeTrue();
        plan.Why["jar"].ShouldContain("Too low: top drawer has 60 mm clear, and this needs 112 mm.");
        plan.Homes.Single(h => h.Thing == "knife").Y.ShouldBe(0);
    }

    [Fact]
    public void Kinds_stay_together_and_a_pin_holds()
    {
        var (a, b) = (Thing("gouge", 190, 40, 30, Use.Daily, "carving"), Thing("old gouge", 190, 40, 30, Use.Seldom, "Carving"));
        In(Plan(a, b), "old gouge").ShouldBe("top");
        var pinned = Plan(a with { Pinned = "low" }, b);
        Plan(b, Thing("level", 300, 200, 50, Use.Daily)).Why["old gouge"].ShouldContain(
            "By its size it would go into top drawer; by use, kind and room it lies better here.");
        (In(pinned, "gouge"), In(pinned, "old gouge")).ShouldBe(("low", "low"));
        pinned.Why["gouge"][0].ShouldBe("You want it in low drawer.");
    }

    /// <summary>Two rows do not go beside each other: the tall one stands behind, as far as two thirds of it leave over the low one.</summary>
    [Fact]
    public void The_tall_one_stands_behind_the_low_one()
    {
        Storage shelf = new("shelf", "shelf", 200, 150, 300, Reach.AtHand, null);
        var plan = HomeSearch.Of([shelf], [Thing("bottle", 180, 60, 200, Use.Daily), Thing("tin", 180, 60, 90)], 10);
        var (bottle, tin) = (plan.Homes.Single(h => h.Thing == "bottle"), plan.Homes.Single(h => h.Thing == "tin"));
        bottle.Y.ShouldBeGreaterThanOrEqualTo(tin.Y + tin.Deep + 10);
        // The other way round the tin is reached only over 200 − ⅔ · 90 = 140 mm.
        Home[] wrong = [tin with { Y = 130 }, bottle with { Y = 0 }];
        Belonging[] both = [Thing("bottle", 180, 60, 200), Thing("tin", 180, 60, 90)];
        HomeChecks.Of([shelf], both, wrong, 10).Single(c => c.Key == "shelf.hand").Figure.ShouldBe("-70 mm");
        HandRoom.Behind(200, 90, 10).ShouldBe(140, 1e-9);
    }

    [Fact]
    public void Everything_is_counted_and_what_has_no_home_is_told()
    {
        Belonging[] things = [Thing("box", 390, 290, 50, count: 3, now: "top"), Thing("cleat", 30, 30, 30, count: 4, now: "low")];
        var plan = Plan(things);
        plan.Homeless.ShouldBe(new Dictionary<string, int> { ["box"] = 1 });
        var checks = HomeChecks.Of([Top, Low, Shelf], things, plan.Homes, 10);
        checks.Single(c => c.Key == "homes.all").Verdict.ShouldBe(Verdict.Stop);
        checks.Single(c => c.Key == "top.counted").Says.ShouldBe("1 stay, 1 go elsewhere, and 1 would have no home.");
        checks.Single(c => c.Key == "low.counted").Figure.ShouldBe("4 of 4");
        // Of nothing nothing is judged.
        HomeChecks.Of([Top], [], [], 10).ShouldBeEmpty();
    }

    [Fact]
    public void A_drawer_is_not_loaded_with_more_than_it_bears()
    {
        Storage weak = Top with { Bears = 1000 };
        var plan = HomeSearch.Of([weak, Low], [Thing("anvil", 80, 80, 50, Use.Daily, mass: 900), Thing("block", 80, 80, 50, Use.Weekly, mass: 700)], 10);
        (In(plan, "anvil"), In(plan, "block")).ShouldBe(("top", "low"));
        HomeChecks.Of([weak], [Thing("tin", 80, 80, 50)], [new("tin", 1, "top", 0, 0, 80, 80, 50)], 10).Single(c => c.Key == "top.load").Verdict
            .ShouldBe(Verdict.Watch);
    }

    [Fact]
    public void What_stays_free_is_filled_and_fillers_touch_nothing()
    {
        var plan = Plan(Thing("knife", 200, 40, 25, Use.Daily), Thing("plane", 150, 60, 55, Use.Daily));
        plan.Fillers.ShouldNotBeEmpty();
        foreach (var f in plan.Fillers)
        {
            Touching(plan, f).ShouldBeEmpty();
            (f.X + f.Wide).ShouldBeLessThan(400);
        }
    }

    private static IEnumerable<Home> Touching(HomePlan plan, Filler f) => plan.Homes.Where(h => h.Storage == f.Storage
        && h.X + h.Wide > f.X && f.X + f.Wide > h.X && h.Y + h.Deep > f.Y && f.Y + f.Deep > h.Y);

    /// <summary>Four drawers that take one thing each, of every order the one in which the steps of the hand are fewest, by hand: weight of the use times
    /// how far it goes.</summary>
    [Theory]
    [InlineData(Use.Daily, Use.Weekly, Use.Monthly, Use.Seldom)]
    [InlineData(Use.Seldom, Use.Monthly, Use.Daily, Use.Weekly)]
    [InlineData(Use.Monthly, Use.Monthly, Use.Seldom, Use.Daily)]
    public void Of_all_orders_the_one_with_the_fewest_steps_is_found(params Use[] uses)
    {
        Storage[] narrow = [.. new[] { Reach.Away, Reach.AtHand, Reach.Step, Reach.Step }.Select((r, i) => new Storage($"{i}", $"{i}", 110, 110, 60, r, null))];
        Belonging[] things = [.. uses.Select((u, i) => Thing($"{i}", 100, 100, 20, u))];
        int Steps(IEnumerable<(Use Use, Reach Reach)> all) => all.Sum(p => (p.Use switch { Use.Daily => 30, Use.Weekly => 8, Use.Monthly => 2, _ => 0 })
            * (p.Reach switch { Reach.AtHand => 0, Reach.Step => 1, _ => 3 }));
        IEnumerable<int[]> Orders(int[] left) => left.Length == 0 ? [[]] : left.SelectMany(first => Orders([.. left.Where(x => x != first)])
            .Select(rest => (int[])[first, .. rest]));
        var fewest = Orders([0, 1, 2, 3]).Min(order => Steps(order.Select((s, i) => (uses[i], narrow[s].Reach))));
        var plan = HomeSearch.Of(narrow, things, 10);
        plan.Best.ShouldBeTrue();
        Steps(plan.Homes.Select(h => (uses[int.Parse(h.Thing, System.Globalization.CultureInfo.InvariantCulture)],
            narrow.Single(s => s.Key == h.Storage).Reach))).ShouldBe(fewest);
    }

    [Fact]
    public void A_pin_that_cannot_hold_is_told_with_its_figure()
    {
        var (jar, crate) = (Thing("jar", 80, 80, 110, pinned: "top"), Thing("crate", 390, 290, 50, pinned: "top", count: 2));
        var plan = Plan(jar, crate);
        plan.Homeless.ShouldBe(new Dictionary<string, int> { ["jar"] = 1, ["crate"] = 1 }, ignoreOrder: true);
        plan.Why["jar"].ShouldBe(["You want it in top drawer.", "Too low: top drawer has 60 mm clear, and this needs 112 mm."]);
        Plan(jar with { Height = 40 }, crate with { Count = 1, Use = Use.Daily }).Why["jar"].ShouldContain("No room was found for it in top drawer.");
    }

    [Fact]
    public void A_drawer_is_the_same_while_nothing_that_counts_is_read_anew()
    {
        var read = Top with { Obstacles = [new("lock", 80, 0, 40, 22, 31)] };
        read.IsLike(Top with { Obstacles = [new("lock", 80, 0, 40, 22, 31)] }).ShouldBeTrue();
        read.IsLike(Top with { Obstacles = [new("lock", 80, 0, 40, 22, 30)] }).ShouldBeFalse();
        read.IsLike(read with { Width = 399 }).ShouldBeFalse();
        read.IsLike(Top).ShouldBeFalse();
        read.IsLike(null).ShouldBeFalse();
    }

    /// <summary>Whoever made a plan, what is wrong with it is found: each row moves the second thing of two that lie well.</summary>
    [Theory]
    [InlineData(110, 0, 30, "")]
    [InlineData(105, 0, 30, "top.apart")]
    [InlineData(60, 50, 30, "top.apart")]
    [InlineData(320, 0, 30, "top.within")]
    [InlineData(110, -1, 30, "top.within")]
    [InlineData(110, 0, 59, "top.height")]
    [InlineData(0, 112, 30, "")]
    public void A_checker_finds_what_is_wrong(double x, double y, double high, string wrong)
    {
        Belonging[] things = [Thing("first", 100, 100, 30), Thing("second", 100, 100, high)];
        Home[] homes = [new("first", 1, "top", 0, 0, 100, 100, 30), new("second", 1, "top", x, y, 100, 100, high)];
        HomeChecks.Of([Top], things, homes, 10).Where(c => c.Verdict != Verdict.Good).Select(c => c.Key).ShouldBe(wrong.Length == 0 ? [] : [wrong]);
    }

    /// <summary>A lock hangs 31 mm over the floor: what is lower goes beneath it, what is higher goes around it.</summary>
    [Fact]
    public void What_stands_in_a_drawer_is_kept_clear_of()
    {
        var (low, high) = (Thing("rule", 200, 100, 20, Use.Daily), Thing("tin", 200, 100, 40, Use.Daily));
        Storage drawer = new("top", "top drawer", 210, 130, 60, Reach.AtHand, null) { Obstacles = [new("lock", 80, 0, 40, 22, 31)] };
        HomeSearch.Of([drawer], [low], 10).Homes.Single().Y.ShouldBe(0);
        var around = HomeSearch.Of([drawer], [high], 10);
        around.Homes.Single().Y.ShouldBeInRange(22, 30);
        around.Fillers.ShouldBeEmpty();
        var on = HomeChecks.Of([drawer], [high], [around.Homes[0] with { Y = 10 }], 10).Single(c => c.Key == "top.clear");
        (on.Verdict, on.Says).ShouldBe((Verdict.Stop, "Something lies where lock is."));
    }

    [Theory]
    [InlineData("block", "width 148, depth 72, height 47", 148, 72, 47)]
    [InlineData("board", "length 200, width 60, thickness 12", 200, 60, 12)]
    [InlineData("post", "length 90, diameter 20", 90, 20, 20)]
    [InlineData("turned", "step1.length 40, step1.first 10, step1.last 14, step2.length 60, step2.first 22, step3.length 10, step3.first 8", 110, 22, 22)]
    public void A_measured_thing_is_as_large_as_it_lies(string kind, string read, double wide, double deep, double high)
    {
        var box = PlaceBox.Of(Places.Of(KindList.Of(kind), read))!;
        (box.Width, box.Depth, box.Height).ShouldBe((wide, deep, high));
    }

    [Fact]
    public void A_drawer_that_is_not_read_has_no_size_and_what_stands_in_it_counts_once_it_is_read()
    {
        PlaceBox.Of(Places.Of(KindList.Of("cavity"), "width 400, depth 300")).ShouldBeNull();
        PlaceBox.Of(Places.Of("cavity"))!.Obstacles.ShouldHaveSingleItem().ShouldBe(new("obstruction 1", 0, 20, 10, 40, 0));
        PlaceBox.Of(Places.Of(KindList.Of("tube"), "inside 40")).ShouldBeNull();
    }

    private static readonly Gen<Belonging[]> Some = Gen.Select(Gen.Int[20, 260], Gen.Int[20, 160], Gen.Int[10, 200], Gen.Enum<Use>(), Gen.Int[1, 2])
        .Select((w, d, h, use, n) => Thing("", w, d, h, use, n == 2 ? "pair" : "", n)).Array[1, 7]
        .Select(all => all.Select((t, i) => t with { Key = $"thing {i}", Name = $"thing {i}", Now = i % 2 == 0 ? "top" : null }).ToArray());

    /// <summary>Where the search begins is a plan by itself: in rows, everything that is placed lies well.</summary>
    [Fact]
    public void Rows_lie_well_without_any_search() => Some.Sample(things =>
    {
        Storage[] storages = [Top with { Obstacles = [new("lock", 80, 0, 40, 22, 31)], Bears = 900 }, Low, Shelf];
        Belonging[] pieces = [.. things.SelectMany(t => Enumerable.Repeat(t with { Mass = t.Width }, t.Count))];
        List<Home> homes = [.. Rows.Start(storages, pieces, 10).OfType<Home>()];
        homes.ShouldNotBeEmpty();
        HomeChecks.Of(storages, [.. things.Select(t => t with { Mass = t.Width })], homes, 10).Where(c => c.Key != "homes.all" && !c.Key.EndsWith(".counted",
            StringComparison.Ordinal)).ShouldAllBe(c => c.Verdict == Verdict.Good);
    }, iter: 200, threads: 1);

    /// <summary>An independent checker, from the sizes alone: of any things, whatever has a home lies well; the same question has the same answer.</summary>
    [Fact]
    public void Random_things_lie_well_wherever_they_lie() => Some.Sample(things =>
    {
        var plan = Plan(things);
        HomeChecks.Of([Top, Low, Shelf], things, plan.Homes, 10).Where(c => c.Key is not "homes.all" && !c.Key.EndsWith(".counted", StringComparison.Ordinal))
            .ShouldAllBe(c => c.Verdict == Verdict.Good);
        plan.Homes.ShouldNotBeEmpty();
        plan.Fillers.SelectMany(f => Touching(plan, f)).ShouldBeEmpty();
        (plan.Homes.Count + plan.Homeless.Values.Sum()).ShouldBe(things.Sum(t => t.Count));
        Plan(things).Homes.ShouldBe(plan.Homes);
        // With room for all of them, each lies as near as it goes in; what is seldom used, as far.
        Storage[] wide = [Top with { Width = 4000, Depth = 900 }, Low with { Width = 4000, Depth = 900 }, Shelf with { Width = 4000, Depth = 900 }];
        Belonging[] alone = [.. things.Select(t => t with { Sort = "", Now = null })];
        foreach (var (thing, home) in HomeSearch.Of(wide, alone, 10).Homes.Select(h => (alone.Single(t => t.Key == h.Thing), h.Storage)))
        {
            var takes = wide.Where(s => HandRoom.Takes(s, thing)).ToList();
            home.ShouldBe((thing.Use == Use.Seldom ? takes.MaxBy(s => s.Reach) : takes.MinBy(s => s.Reach))!.Key, thing.ToString());
        }
    }, iter: 8, threads: 1);
}
