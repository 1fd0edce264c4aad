using Emboq.Core.Tests;

namespace Emboq.Kernel.Tests;

/// <summary>Solids of the everyday parts as the kernel makes them, against closed forms; nothing here looks at how they are built.</summary>
public sealed class JointSolidTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    private async Task<SolidMesh> Mesh(Solid solid) => (await fixture.Pool.Evaluate([solid], 0.005, TestContext.Current.CancellationToken))[0];

    private static Design Design(string family, string entries = "", params (string Slot, Interface Place)[] places)
    {
        var f = FamilyList.Find(family)!;
        var given = entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
        return f.Design(new(ParameterValues.Read(f.Parameters, given).Value, places.ToDictionary(p => p.Slot, p => p.Place), Workshop.Exact, []));
    }

    private static Interface Box(string name, double width, double depth, double height) =>
        Workshop.Place(Guid.NewGuid(), name, KindList.Of("block"), [("width", width), ("depth", depth), ("height", height)]);

    private Task<SolidMesh> Part(Design design, string key = "part") => Mesh(design.PrintItems.Single(b => b.Key == key).Solid);

    /// <summary>Plane geometry: a plate without its two screw holes and their cones.</summary>
    [Fact]
    public async Task A_label_plate_is_a_plate_less_its_countersunk_holes()
    {
        var design = Design("label-plate", "corner=0; width=80; height=22; thickness=4; fixing=screws; woodScrew=3.5 mm; wayUp=face");
        var (hole, rim) = (design.Ledger["hole.hole"].Value / 2, design.Ledger["hole.countersink"].Value / 2);
        var cone = rim - hole;
        // A frustum of 90 degrees from the rim down, and the straight hole below it.
        var cut = (Math.PI / 3 * cone * ((rim * rim) + (rim * hole) + (hole * hole))) + (Math.PI * hole * hole * (4 - cone));
        var mesh = await Part(design);
        mesh.Volume.ShouldBe((80 * 22 * 4) - (2 * cut), 12);
    }

    /// <summary>Plane geometry: the section of a wedge is a trapezium.</summary>
    [Theory]
    [InlineData(15)]
    [InlineData(25)]
    [InlineData(40)]
    public async Task A_wedge_has_its_angle_and_its_volume(double angle)
    {
        var mesh = await Part(Design("set-up-aid", FormattableString.Invariant($"wedgeAngle={angle}; length=60; width=20")));
        var rise = 60 * Math.Tan(angle * Math.PI / 180);
        mesh.Volume.ShouldBe(60 * (1.6 + (1.6 + rise)) / 2 * 20, 0.5);
        // The angle itself, from the two ends of the sloping face.
        (Math.Atan2(mesh.Bounds.Greatest.Y - 1.6, 60) * 180 / Math.PI).ShouldBe(angle, 1e-3);
    }

    [Fact]
    public async Task A_stair_rises_step_by_step()
    {
        var mesh = await Part(Design("set-up-aid", "aid=steps; length=50; width=12; height=4; rise=2; stairs=5"));
        // Less the figures on its treads, 0.4 mm deep.
        mesh.Volume.ShouldBeInRange((50 * 12 * (4 + 6 + 8 + 10 + 12) / 5.0) - 40, (50 * 12 * (4 + 6 + 8 + 10 + 12) / 5.0) - 5);
    }

    /// <summary>A cone on a disc, its point blunt.</summary>
    [Fact]
    public async Task A_painting_point_is_a_cone()
    {
        var mesh = await Part(Design("set-up-aid", "aid=point; width=24; height=30"));
        mesh.Volume.ShouldBe((Math.PI * 144 * 1.2) + (Math.PI * 28.8 / 3 * (144 + (12 * 0.6) + 0.36)), mesh.Area * 0.01);
    }

    /// <summary>Common practice, no source: a box of 120 by 50 by 90 mm, 5 mm of wall and floor; the pocket is the box and its clearance.</summary>
    [Fact]
    public async Task A_bin_holds_its_box_with_the_clearance_wanted()
    {
        var design = Design("wall-bin", "wall=5; floor=5; back=70; front=70; clearance=1; mount=rail; rail=12", ("item", Box("box", 120, 50, 90)));
        var part = design.PrintItems.Single(b => b.Key == "part").Solid;
        // The box itself goes in without touching, and grown by more than its clearance it does not.
        Solid Thing(double grown) => new Solid.Box(120 + grown, 50 + grown, 60).At(-(120 + grown) / 2, 5 + ((51 - 50 - grown) / 2), 5.01);
        (await Mesh(part & Thing(0.9))).Triangles.ShouldBeEmpty();
        (await Mesh(part & Thing(1.2))).Volume.ShouldBeGreaterThan(1);
        // A rail of its thickness, bevelled at 45 degrees, fits behind the hook.
        var rail = new Solid.Extruded(new Profile(new(-12, 0), new(-12, 46), new(0, 58)), 20).Tipped(90).Spun(90).At(-10, 0, 0);
        (await Mesh(part & rail)).Volume.ShouldBeLessThan(500);
    }

    [Fact]
    public async Task Bins_stack_without_running_into_each_other()
    {
        var design = Design("wall-bin", "wall=3; floor=3; back=60; front=60; stack=lip; mount=rail", ("item", Box("box", 80, 50, 40)));
        var bare = Design("wall-bin", "wall=3; floor=3; back=60; front=60; stack=lip; mount=screws", ("item", Box("box", 80, 50, 40))).Pieces[0].Solid;
        (await Mesh(bare & bare.At(0, 0, 60.05))).Volume.ShouldBeLessThan(2);
        // Without play it would rest on its rim: lowered by more than the rim's play it does.
        (await Mesh(bare & bare.At(0, 0, 58))).Volume.ShouldBeGreaterThan(50);
        design.Proofs.Count.ShouldBeGreaterThan(0);
    }

    /// <summary>Rounds of the whole range lie in the groove and touch nothing else: lowered by a hair they cut into both faces.</summary>
    [Theory]
    [InlineData(10)]
    [InlineData(18)]
    [InlineData(25)]
    public async Task A_round_of_the_range_rests_in_the_groove(double diameter)
    {
        var design = Design("soft-jaws", "shape=vee; smallest=10; largest=25; veeAngle=90; thickness=20; fixing=none; over=0",
            ("jaw", Box("jaw", 100, 15, 40)));
        var part = design.Pieces[0].Solid;
        var bottom = 20 - design.Ledger["groove.depth"].Value;
        // Its middle stands (d/2)/sin a above the bottom; upright, along y.
        Solid Round(double lift) => new Solid.Cylinder(diameter / 2, 30).Tipped(90).At(0, 15, bottom + (diameter / 2 / Math.Sin(Math.PI / 4)) + lift);
        (await Mesh(part & Round(0.03))).Volume.ShouldBeLessThan(0.5);
        (await Mesh(part & Round(-0.3))).Volume.ShouldBeGreaterThan(1);
    }

    [Fact]
    public async Task A_pocket_in_two_jaws_is_a_mirror_image()
    {
        var design = Design("soft-jaws", "shape=pocket; outline=0,0 40,0 40,20 10,20; pocketDepth=5; pocketClearance=0; thickness=16; fixing=none; over=0",
            ("jaw", Box("jaw", 100, 15, 40)));
        var (one, other) = (await Part(design), await Part(design, "second"));
        one.Volume.ShouldBe((100 * 40 * 16) - (20 * (40 + 30) / 2.0 * 5), 1);
        other.Volume.ShouldBe(one.Volume, 0.5);
    }

    /// <summary>The key and its channel share nothing, and a key wider by its clearance does.</summary>
    [Fact]
    public async Task A_key_goes_into_its_channel()
    {
        var slot = Workshop.Place(Guid.NewGuid(), "slot", KindList.Of("slot"), [("width", 20), ("depth", 10)]);
        var design = Design("fence-key", "clearance=0.2; under=0.5; fixing=none", ("channel", slot));
        var (part, channel) = (design.PrintItems.Single(b => b.Key == "part").Solid, design.Machine.Single().Solid);
        (await Mesh(part & channel)).Volume.ShouldBeLessThan(0.01);
        var tight = Design("fence-key", "clearance=-0.2; under=0.5; fixing=none", ("channel", slot)).Pieces[0].Solid;
        (await Mesh(tight & channel)).Volume.ShouldBe(60 * 9.5 * 0.2, 3);
        (await Mesh(design.PrintItems.Single(b => b.Key == "ladder-channel").Solid)).Volume.ShouldBeGreaterThan(design.Seats[0].Ladder.Count * 15 * 18 * 10);
    }

    /// <summary>Both ways: the key fills its channel but for both clearances, and each rung of its ladders goes as deep and as wide as its ledger says, in a
    /// channel that has just its size and in none that is smaller; apart, what is not felt stays clear.</summary>
    [Theory]
    [InlineData("together")]
    [InlineData("apart")]
    public async Task A_key_locked_both_ways_and_its_rungs_fit_both_ways(string ladders)
    {
        var slot = Workshop.Place(Guid.NewGuid(), "slot", KindList.Of("slot"), [("width", 20), ("depth", 10)]);
        var design = Design("fence-key", $"locks=both; clearance=0.2; clearanceHigh=0.3; fixing=none; ladders={ladders}", ("channel", slot));
        var (wide, high) = (design.Ledger["channel.width.drawn"].Value, design.Ledger["height.depth.drawn"].Value);
        var below = new Solid.Box(400, 400, 100).At(-200, -200, -100);
        (await Mesh(design.Pieces[0].Solid & below)).Volume.ShouldBe(60 * wide * high, 0.5);
        foreach (var (seat, i) in design.Seats.SelectMany(s => s.Ladder.Select((_, i) => (s, i))))
        {
            var rungs = design.Proofs.Single(p => p.Proves(seat.Slot)).Solid;
            var hangs = seat.Slot == "height" || ladders == "together";
            // One rung alone, at its end without notches, over its shoulder or over its whole height.
            var rung = rungs & new Solid.Box(1, 400, 100).At((i * 19) + 13.9, -200, hangs ? 4 : 0);
            var (across, deep) = (design.Seats[0].Ladder[i], design.Seats[1].Ladder[i]);
            if (ladders == "apart")
            {
                (across, deep) = seat.Slot == "channel" ? (across, high - 0.5 + 4) : (wide - 0.5, deep);
            }

            (await Mesh(rung)).Volume.ShouldBe(across * deep, 0.01, $"{seat.Slot} {i + 1}");
            (await Mesh(rung - new Solid.Box(2, across + 0.01, deep + 0.01).At((i * 19) + 13, -(across + 0.01) / 2, hangs ? 4
                : 0))).Volume.ShouldBeLessThan(0.01);
        }
    }

    /// <summary>Common practice: the cut runs half of (follower − cutter) from the template's edge.</summary>
    [Fact]
    public async Task A_recess_is_its_template_less_the_offset()
    {
        var design = Design("router-template", "side=inside; width=80; height=50; corner=20; follower=16; cutter=10; thickness=8; rim=20");
        var mesh = await Part(design);
        // The opening is the recess moved outwards by 3 mm (Steiner: A + L d + pi d²).
        var (area, length) = ((80 * 50) - ((4 - Math.PI) * 400), (2 * 40) + (2 * 10) + (2 * Math.PI * 20));
        var opening = area + (length * 3) + (Math.PI * 9);
        var plate = ((80 + 6 + 40) * (50 + 6 + 40)) - ((4 - Math.PI) * 36);
        mesh.Volume.ShouldBe((plate - opening) * 8, 40);
    }

    /// <summary>Every thing of a tray stands in its pocket without touching the tray.</summary>
    [Fact]
    public async Task Things_stand_in_their_pockets_and_touch_nothing()
    {
        var turned = Core.Tests.Measuring.Places.Of("turned");
        var post = Workshop.Place(Guid.NewGuid(), "awl", KindList.Of("post"), [("diameter", 25), ("length", 60)]);
        var design = Design("pocket-tray", "mount=screws", ("item1", Box("stone", 60, 30, 12)), ("item2", post), ("item3", turned));
        var part = design.PrintItems.Single(b => b.Key == "part").Solid;
        foreach (var thing in design.Machine)
        {
            (await Mesh(part & thing.Solid)).Volume.ShouldBeLessThan(0.5, thing.Name);
            // Lowered it stands on the floor.
            (await Mesh(part & thing.Solid.At(0, 0, -0.5))).Volume.ShouldBeGreaterThan(10, thing.Name);
        }
    }

    /// <summary>Read from the front, an L has its mass at the lower left; its inlay, where it stands, fills what was cut and touches nothing else.</summary>
    [Theory]
    [InlineData("front", "part")]
    [InlineData("plate", "plate")]
    public async Task Words_on_a_bin_read_from_the_front_and_their_inlay_lies_in_them(string labelled, string holds)
    {
        Design Bin(string text) => Design("wall-bin", $"labelled={labelled}; lettering=inlay; letterDepth=1; front=30; back=34; text={text}",
            ("item", Box("box", 90, 60, 50)));
        var (plain, worded) = (Bin(""), Bin("L"));
        Piece Holding(Design d) => d.Pieces.Single(p => p.Key == holds);
        Solid Standing(Piece p) => p.Pose.Of(p.Solid);
        var cut = await Mesh(Standing(Holding(plain)) - Standing(Holding(worded)));
        var (least, greatest) = cut.Bounds;
        var middle = (least.X + greatest.X) / 2;
        // Seen from the front, left is +x.
        var left = (await Mesh((Standing(Holding(plain)) - Standing(Holding(worded))) & new Solid.Box(100, 200, 200).At(middle, -100, -50))).Volume;
        (left / cut.Volume).ShouldBeGreaterThan(0.55);
        var low = (await Mesh((Standing(Holding(plain)) - Standing(Holding(worded))) & new Solid.Box(200, 200, 100).At(-100, -100,
            ((least.Z + greatest.Z) / 2) - 100))).Volume;
        (low / cut.Volume).ShouldBeGreaterThan(0.55);

        var inlay = Standing(worded.Pieces.Single(p => p.Key == "inlay"));
        var whole = (await Mesh(inlay)).Volume;
        (await Mesh(inlay & Standing(Holding(plain)))).Volume.ShouldBe(whole, 0.02 * whole);
        (await Mesh(inlay & Standing(Holding(worded)))).Volume.ShouldBeLessThan(0.02 * whole);
    }

    /// <summary>Hollow cells leave the whole floor below every pocket, and take a good part of the plastic.</summary>
    [Fact]
    public async Task A_hollow_underside_leaves_every_floor()
    {
        var post = Workshop.Place(Guid.NewGuid(), "awl", KindList.Of("post"), [("diameter", 25), ("length", 60)]);
        (string, Interface)[] things = [("item1", Box("stone", 60, 30, 12)), ("item2", post), ("item3", Box("block", 50, 40, 60))];
        var (solid, hollow) = (Design("pocket-tray", "", things), Design("pocket-tray", "underside=hollow", things));
        var part = hollow.PrintItems.Single(b => b.Key == "part").Solid;
        var (before, after) = ((await Part(solid)).Volume, (await Mesh(part)).Volume);
        after.ShouldBeLessThan(0.8 * before);
        var floor = hollow.Ledger["floor"].Value;
        foreach (var thing in hollow.Machine)
        {
            var (least, greatest) = (await Mesh(thing.Solid)).Bounds;
            var below = new Solid.Box(greatest.X - least.X, greatest.Y - least.Y, floor - 0.02).At(least.X, least.Y, least.Z - floor + 0.01);
            (await Mesh(below - part)).Volume.ShouldBeLessThan(0.01, thing.Name);
        }
    }

    /// <summary>Sloped sides leave a triangle along each long side: lean² / 2.</summary>
    [Fact]
    public async Task A_sloped_trough_leans_at_both_sides()
    {
        var stone = ("item1", Box("stone", 60, 30, 40));
        var (upright, sloped) = (await Part(Design("pocket-tray", "trough=40", stone)),
            await Part(Design("pocket-tray", "trough=40; troughSides=sloped", stone)));
        var design = Design("pocket-tray", "trough=40", stone).Ledger;
        var (lean, high) = (Math.Min(design["height"].Value - design["floor"].Value, 14), design["height"].Value - design["floor"].Value);
        // The upright one has rounded corners of 2.5 mm besides.
        var corners = (4 - Math.PI) * 2.5 * 2.5 * high;
        (sloped.Volume - upright.Volume + corners).ShouldBe(lean * lean * (180 - (2 * design["wall"].Value)), 20);
    }

    /// <summary>The very turned profile, as measured, stands in the pocket opened straight upwards for it.</summary>
    [Fact]
    public async Task A_turned_tool_goes_straight_down_into_its_pocket()
    {
        var turned = Core.Tests.Measuring.Places.Of("turned");
        var design = Design("pocket-tray", "finger=0", ("item1", turned));
        var bounds = (await Mesh(design.Machine.Single().Solid)).Bounds;
        var tool = turned.Kind.Shape(new Core.Measuring.Sizes(turned))!;
        var standing = tool.At((bounds.Least.X + bounds.Greatest.X) / 2, (bounds.Least.Y + bounds.Greatest.Y) / 2, bounds.Least.Z + 0.01);
        (await Mesh(design.PrintItems.Single(b => b.Key == "part").Solid & standing)).Volume.ShouldBeLessThan(0.5);
        // On the way down it touches nothing either.
        (await Mesh(design.PrintItems.Single(b => b.Key == "part").Solid & standing.At(0, 0, 12))).Volume.ShouldBeLessThan(0.5);
    }

    [Fact]
    public async Task A_drill_goes_through_the_template_and_the_front_alike()
    {
        var design = Design("drilling-template", "spacing=64; drill=4; frontWidth=200; hooks=two");
        var part = design.PrintItems.Single(b => b.Key == "part").Solid;
        foreach (var hole in design.Pattern)
        {
            (await Mesh(part & new Solid.Cylinder(2, 60).At(hole.X, hole.Y - 40, -20))).Triangles.ShouldBeEmpty();
        }

        // The side hook bears on the front's edge, half a front from the centre.
        (await Mesh(part & new Solid.Box(0.5, 10, 10).At(-100.4, -30, -8))).Volume.ShouldBe((0.4 * 10 * 10) + (0.1 * 10 * 2), 0.5);
    }

    /// <summary>Screws of a side-slotted pull pass the hole, the nut lies in its slot, and neither meets plastic.</summary>
    [Theory]
    [InlineData("face")]
    [InlineData("top")]
    public async Task A_nut_slides_in_and_a_screw_reaches_it(string way)
    {
        var design = Design("drawer-pull", $"spacing=64; fastening=sideNut; screw=M4; wayUp={way}; tall=24");
        var part = design.PrintItems.Single(b => b.Key == "part").Solid;
        var nut = new Solid.Extruded(new Profile(Enumerable.Range(0, 6).Select(i => i * Math.PI / 3).Select(a =>
            new Point2(7 / Math.Sqrt(3) * Math.Cos(a), 7 / Math.Sqrt(3) * Math.Sin(a)))), 3.2);
        foreach (var x in new[] { -32, 32 })
        {
            (await Mesh(part & new Solid.Cylinder(2, 9).At(x, 0, -0.5))).Volume.ShouldBeLessThan(0.01);
            (await Mesh(part & nut.At(x, 0, 4.15))).Volume.ShouldBeLessThan(0.01);
            // On its way in from the finger side, over the lip.
            (await Mesh(part & nut.At(x - (Math.Sign(x) * 4), 0, 4.15))).Volume.ShouldBeLessThan(1.5);
        }
    }

    /// <summary>Turned about y by a quarter, what pointed up lies along x; the volume stays.</summary>
    [Fact]
    public async Task A_body_is_rolled_about_y()
    {
        var mesh = await Mesh(new Solid.Box(10, 20, 30).Rolled(90));
        mesh.Bounds.Greatest.X.ShouldBe(30, 1e-3);
        mesh.Bounds.Least.Z.ShouldBe(-10, 1e-3);
        mesh.Volume.ShouldBe(6000, 0.1);
    }

    /// <summary>Many cuts taken together give the body that one after the other would.</summary>
    [Fact]
    public async Task Cuts_united_first_cut_the_same()
    {
        Solid body = new Solid.Box(60, 20, 10);
        var cuts = new[] { 10.0, 14, 40 }.Select(x => new Solid.Cylinder(3, 12).At(x, 10, -1)).ToList();
        (await Mesh(body.Without(cuts))).Volume.ShouldBe((await Mesh(cuts.Aggregate(body, (b, c) => b - c))).Volume, 0.01);
        body.Without([]).ShouldBeSameAs(body);
    }

    /// <summary>A slab with a rolled edge: less than a box by what a round takes off its rim (Pappus), corners aside.</summary>
    [Fact]
    public async Task An_eased_slab_is_a_box_less_its_edges()
    {
        var design = Design("label-plate", "shape=tag; width=40; thickness=4; fixing=none; wayUp=face");
        (await Part(design)).Volume.ShouldBe(Math.PI * 400 * 4, 8);
    }

    /// <summary>ISO 68-1 (from memory), square to the axis: crests an eighth of the pitch wide at D / 2, roots a quarter at D / 2 − 5/8 H.</summary>
    private static Solid Bolt(double d, double pitch, double length) => new Solid.Helical(new Profile(Enumerable.Range(0, 96).Select(i => i / 96.0).Select(u =>
    {
        var flank = Math.Clamp((Math.Min(u, 1 - u) - 0.0625) / 0.3125, 0, 1);
        var r = (d / 2) - (flank * 0.625 * Math.Sqrt(0.75) * pitch);
        return new Point2(r * Math.Cos(2 * Math.PI * u), r * Math.Sin(2 * Math.PI * u));
    })), length, pitch);

    /// <summary>By Cavalieri: however it is turned as it rises, a solid holds its section times its height.</summary>
    [Fact]
    public async Task A_bolt_holds_its_section_times_its_length()
    {
        var bolt = await Mesh(Bolt(8, 1.25, 10));
        var section = Enumerable.Range(0, 24000).Sum(i => Math.Pow(4 - (Math.Clamp((Math.Min(i / 24000.0, 1 - (i / 24000.0)) - 0.0625) / 0.3125, 0, 1)
            * 0.625 * Math.Sqrt(0.75) * 1.25), 2) * Math.PI / 24000);
        bolt.Volume.ShouldBe(section * 10, section * 10 * 0.003);
        bolt.Bounds.Greatest.X.ShouldBe(4, 0.005);
        // Eight turns of four strips of 96 facets, and what it is cut off with.
        (bolt.Triangles.Length / 3).ShouldBeInRange(8 * 4 * 96 * 2, 10 * 4 * 96 * 2);
    }

    /// <summary>A printed thread with 0.2 mm on the diameter stands 0.1 mm off crests and roots, and 0.1 × cos 60° off the flanks of an ISO bolt; without
    /// its turn the bolt's flanks would lie in it.</summary>
    [Theory]
    [InlineData("M8", 8, 1.25)]
    [InlineData("M6", 6, 1)]
    public async Task A_printed_thread_neither_meets_its_bolt_nor_gapes(string size, double d, double pitch)
    {
        var design = Design("rod-block", $"thread=printed; insert={size}; wayUp=flat; axisHeight=70; thingHeight=20; length=60",
            ("rod", Workshop.Place(Guid.NewGuid(), "rods", KindList.Of("rods"), [("diameter", 12), ("over", 92)])));
        design.Checks.Where(c => c.Key.StartsWith("insert.", StringComparison.Ordinal)).ShouldAllBe(c => c.Verdict == Verdict.Good);
        // Two turns in the middle of the thread: more of the same.
        var (start, around) = (design.Ledger["top"].Value - (2 * d), new Solid.Box(2 * d, 2 * d, 2 * pitch));
        var part = design.PrintItems.Single(b => b.Key == "part").Solid & around.At(-d, -d, start + (4 * pitch));
        Task<Meeting> With(Solid bolt) => fixture.Pool.Between(part, bolt, 0.2, 0.01, TestContext.Current.CancellationToken);
        var bolt = Bolt(d, pitch, 5 * pitch).At(0, 0, start + (2 * pitch));
        var seated = await With(bolt);
        seated.Overlap.ShouldBe(0, 1e-6);
        seated.Gap!.Value.ShouldBe(0.05, 0.012);
        (await With(bolt.At(0, 0, pitch / 2))).Overlap.ShouldBeGreaterThan(2);
    }
}
