using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Lidded cases: what lies in them, clasps that click and do not tire, parts for the bed. By hand, in N and mm.</summary>
public sealed class LiddedCaseTests
{
    private const string Filament = "diameter 1.75";

    private static Design Design(string entries, params (string Slot, string Kind, string Sizes)[] more) =>
        Mounts.Design("lidded-case", entries, Tough, null, [("pin", "pin", Filament), .. more]);

    private static double Line(Design design, string key) => design.Ledger[key].Value;

    /// <summary>A box of 90 × 60 × 50 with 3 mm on every side: 96 × 66 × 56, of which the lid has 18.</summary>
    [Fact]
    public void What_lies_in_it_gives_its_size()
    {
        var design = Design("", ("content", "block", "width 90, depth 60, height 50"));
        (Line(design, "width"), Line(design, "depth"), Line(design, "height"), Line(design, "bodyHigh")).ShouldBe((96, 66, 56, 38));
        design.Drawing!.Callouts.ShouldNotContain(c => c.Parameter == "width");
        Line(Design("width=200; wall=3"), "outer").ShouldBe(206);
    }

    /// <summary>2 mm thick, lifted by 1 over 26 − 1 − 1 = 24 mm: 3 × 2 × 1 / (2 × 24²) = 0.52 %. Force 3 E I δ / L³ with E 2000 and 14 × 2³ / 12: 4.05 N; up a
    /// flank of 45 degrees with friction 0.3: × 1.3 / 0.7.</summary>
    [Fact]
    public void Clasps_click_and_do_not_tire()
    {
        var design = Design("");
        Line(design, "clasp.strain").ShouldBe(6 / (2.0 * 24 * 24), 1e-9);
        Line(design, "clasp.opens").ShouldBe(3 * 2000 * (14 * 8 / 12.0) / Math.Pow(24, 3) * 1.3 / 0.7, 1e-6);
        Of(design, "clasp.strain").Verdict.ShouldBe(Verdict.Good);
        Of(design, "clasp.opens").Verdict.ShouldBe(Verdict.Good);
        Of(Design("thick=4; catch=2; arm=26"), "clasp.strain").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("arm=40; thick=1"), "clasp.opens").Says.ShouldStartWith("A shake");
        // Of a filament that nobody knows nothing is judged, and nothing is green.
        var unknown = Mounts.Design("lidded-case", "", Workshop.Exact, null, [("pin", "pin", Filament)]);
        new[] { "clasp.strain", "clasp.opens" }.ShouldAllBe(k => Of(unknown, k).Verdict == Verdict.Watch);
    }

    /// <summary>A tray 12 high inside, on a floor of 1.6, flush with the rim: what lies below has its own height under it.</summary>
    [Fact]
    public void A_shelf_lies_over_what_lies_below()
    {
        var (plain, shelved) = (Design("", ("content", "block", "width 150, depth 60, height 50")), Design("shelf=tray", ("content", "block",
            "width 150, depth 60, height 50")));
        // All of what lies below is in the body: the lid, 18 high, stands over the shelf.
        (Line(shelved, "height"), Line(shelved, "bodyHigh")).ShouldBe((50 + 6 + 13.6 + 18, 50 + 6 + 13.6));
        var close = Design("shelf=tray; room=1.5", ("content", "block", "width 150, depth 60, height 50"));
        Of(close, "shelf.past").Verdict.ShouldBe(Verdict.Stop);
        close.Pieces.ShouldBeEmpty();
        shelved.Pieces.ShouldContain(p => p.Key == "shelf-1");
        plain.Pieces.ShouldNotContain(p => p.Key == "shelf-1");
        // Cut one way each part lies on two ledges; cut both ways it would tip.
        Design("shelf=tray; wall=4; width=360").Pieces.Select(p => p.Name).ShouldContain("shelf, right");
        var tips = Design("shelf=tray; wall=4; width=360; depth=200; height=100");
        Of(tips, "shelf.lies").Verdict.ShouldBe(Verdict.Stop);
        tips.Pieces.ShouldBeEmpty();
        var high = Design("shelf=tray; shelfHigh=40");
        Of(high, "shelf.under").Verdict.ShouldBe(Verdict.Stop);
        var lower = ((Remedy.Change)Of(high, "shelf.under").Remedies[0]).Entries.Single();
        Of(Design($"shelf=tray; {lower.Key}={lower.Value}"), "shelf.under").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>Two kilograms, snatched up, on pins of 1.75 and knuckles of 8: an eye has 2.2 mm on each side of its pin, less what the bore is wider than it.
    /// Of 180 between walls of 2.4 the handle is 100 from lug to lug, and a bar of 9: M = F L / 4, W = b h² / 6.</summary>
    [Fact]
    public void What_it_carries_is_judged_once_it_is_known()
    {
        Of(Design(""), "carry").Verdict.ShouldBe(Verdict.Watch);
        Design("handle=none").Checks.ShouldNotContain(c => c.Key.StartsWith("carry"));
        var design = Design("carries=2; wall=2.4; knuckle=8");
        var (own, force) = (Line(design, "own"), Line(design, "carry.weight"));
        force.ShouldBe(3 * 0.00980665 * (2000 + own), 1e-6);
        // 184.8 × 104.8 twice, and all around as high as it is inside.
        own.ShouldBe(Tough.Density / 1000 * ((2 * 184.8 * 104.8 * Line(design, "floor")) + (2 * (184.8 + 104.8) * 2.4 * Line(design, "height"))), 0.01);
        var radius = (Line(design, "pin.diameter.drawn") / 2) + 2.2;
        Line(design, "carry.eyes").ShouldBe(force / 2 / (2 * 2.2 * 8), 1e-6);
        Line(design, "carry.bar").ShouldBe(force * (100 + 16.8) / 4 / (2 * (radius - 0.1) * 81 / 6), 1e-6);
        Line(design, "carry.pins").ShouldBe(force / 2 / (Math.PI / 4 * 1.75 * 1.75) * Math.Sqrt(3), 1e-6);
        // The lid is 18 of 50 high, on two hinges.
        Line(design, "carry.hinge").ShouldBe(force * 0.36 / 2 / (2 * 2.2 * 8), 1e-6);
        Line(design, "carry.hingePins").ShouldBe(force * 0.36 / 2 / (2 * Math.PI / 4 * 1.75 * 1.75) * Math.Sqrt(3), 1e-6);
        new[] { "bar", "pins", "eyes", "front", "hinge", "hingePins" }.ShouldAllBe(k => Of(design, $"carry.{k}").Used > 0);
        // What was weighed goes before what was said; what nobody knows of a filament is not judged.
        Line(Design("carries=2", ("content", "block", "width 150, depth 60, height 50, mass 700")), "carries").ShouldBe(700);
        Of(Mounts.Design("lidded-case", "carries=2", Workshop.Exact, null, [("pin", "pin", Filament)]), "carry.bar").Verdict.ShouldBe(Verdict.Watch);
    }

    /// <summary>A tenth of a millimetre of wall holds nothing up, and on its back it parts along its layers; each offer mends what it is offered for.</summary>
    [Theory]
    [InlineData("carries=9; wall=1.2", "carry.front")]
    [InlineData("carries=12; knuckle=4; wayUp=back; wall=5", "carry.eyes")]
    [InlineData("carries=6", "carry.pins")]
    [InlineData("carries=5; width=230", "carry.bar")]
    [InlineData("carries=30; lidHigh=30; knuckle=4; wayUp=back", "carry.hinge")]
    [InlineData("carries=30", "carry.hingePins")]
    public void What_cannot_be_carried_is_told_with_what_helps(string entries, string key)
    {
        var check = Of(Design(entries), key);
        check.Verdict.ShouldBe(Verdict.Stop);
        foreach (var offered in check.Remedies.OfType<Remedy.Change>())
        {
            Design($"{entries}; {string.Join("; ", offered.Entries.Select(o => $"{o.Key}={o.Value}"))}").Checks.Where(c => c.Key == key).ShouldAllBe(c =>
                c.Verdict == Verdict.Good);
        }
    }

    /// <summary>A bed of 210 free: twice as large it is cut once each way. Walls, gaps, hinge and clasps keep their sizes.</summary>
    [Fact]
    public void Twice_the_size_it_is_split_into_the_fewest_parts()
    {
        var (one, two) = (Design("wall=4"), Design("wall=4; width=360; depth=200; height=100"));
        one.Pieces.Select(p => p.Key).ShouldBe(["part", "lid-1", "clasp-1", "clasp-2", "handle"]);
        Line(two, "parts").ShouldBe(4);
        two.Pieces.Select(p => p.Name).ShouldContain("lid, right back");
        foreach (var key in new[] { "wall", "arm", "thick", "catch", "pin.diameter.drawn" })
        {
            Line(two, key).ShouldBe(Line(one, key));
        }

        Of(two, "split").Verdict.ShouldBe(Verdict.Good);
        // A floor of 2 leaves 0.6 below and above its tongue; half of what is left it stands out, and its parts are wider by that.
        Line(two, "seam.wide.wanted").ShouldBe(0.8, 1e-9);
        Line(two, "seam.stands").ShouldBe(0.4, 1e-9);
        Of(two, "seam.slides").Verdict.ShouldBe(Verdict.Good);
        two.Proofs.ShouldContain(p => p.Key == "edges");
        var plain = Design("wall=4; width=360; depth=200; height=100; seam=plain");
        plain.Checks.ShouldNotContain(c => c.Key.StartsWith("seam", StringComparison.Ordinal));
        one.Ledger.Lines.ShouldNotContain(l => l.Key.StartsWith("seam", StringComparison.Ordinal));
        var weak = Of(Design("wall=4; width=360; depth=200; height=100; floor=1.6"), "seam.floor");
        weak.Verdict.ShouldBe(Verdict.Watch);
        Design($"wall=4; width=360; depth=200; height=100; floor={((Remedy.Change)weak.Remedies[0]).Entries["floor"]}").Checks.ShouldContain(c =>
            c.Key == "seam.slides");
        var thin = Design("wall=2.4; width=360; depth=200; height=100");
        Of(thin, "split.wall").Verdict.ShouldBe(Verdict.Stop);
        thin.Pieces.ShouldBeEmpty();
    }

    /// <summary>Cut once across: screws in both walls, on the floor of the body and on the top of the lid, and below the rim of a body over 60. Two kilograms
    /// and the case, snatched up and lifted by both ends, open the floor about the rim: F L / 8 over the height between, on two screws.</summary>
    [Fact]
    public void Parts_are_screwed_where_that_is_wanted()
    {
        const string Split = "wall=4; width=360; carries=2; joined=screwed; height=60";
        var (low, high) = (Design($"{Split}; handle=none"), Design($"{Split.Replace("height=60", "height=100")}"));
        low.Hardware[1].ShouldStartWith("4 × M3 cap screw");
        high.Hardware[1].ShouldStartWith("6 × M3 cap screw");
        low.Fitting[0].ShouldContain("draw their screws");
        low.Proofs.ShouldContain(p => p.Key == "ears");
        var middle = -low.Gauges.First(g => g.Body == "ears").At.Y;
        Line(low, "join.pull").ShouldBe(Line(low, "carry.weight") * 368 / 8 / (Line(low, "bodyHigh") + 2 - middle) / 2, 1e-6);
        // M3 in a thread of 9, the shortest screw that holds in 6 of it: π × 3 × 6 × 7/8 × 30 / 2 / 3.
        Of(low, "join.holds").Used!.Value.ShouldBe(Line(low, "join.pull") / (Math.PI * 3 * 6 * 7 / 8 * Tough.StrengthAcross!.Value / 6), 1e-6);
        // It draws beside a wall of 4, by half of the ear and of the wall: M = F a, W = b h² / 6.
        Of(low, "join.bends").Used!.Value.ShouldBe(Line(low, "join.pull") * (middle + 2) * 6 / (2 * middle * 16) / (Tough.StrengthAlong!.Value / 3), 1e-6);
        // Between the legs of its handle ears, heads and a key have room.
        Of(high, "join.clear").Verdict.ShouldBe(Verdict.Good);
        // Cut along, what lies behind hangs on its screws as it is carried: half of it on six.
        var deep = Design("wall=4; width=120; depth=360; height=100; carries=8; joined=screwed");
        Line(deep, "join.pull").ShouldBeGreaterThanOrEqualTo(Line(deep, "carry.weight") / 2 / 6 - 1e-6);
        // One part has no screws, however wanted; what is not weighed is not judged.
        Design("wall=4; joined=screwed").Checks.ShouldNotContain(c => c.Key.StartsWith("join", StringComparison.Ordinal));
        Of(Design("wall=4; width=360; joined=screwed"), "join.holds").Verdict.ShouldBe(Verdict.Watch);
        var torn = Of(Design($"{Split}; carries=30".Replace("carries=2; ", ""), []), "join.holds");
        (torn.Verdict, ((Remedy.Change)torn.Remedies.Single()).Entries["joined"]).ShouldBe((Verdict.Stop, "glued"));
    }

    /// <summary>A wall that its screws would bend too far is offered thicker, and that mends it though the case weighs more then; or glue.</summary>
    [Theory]
    [InlineData("height=60; handle=none")]
    [InlineData("height=60; handle=none; joinScrew=M4")]
    [InlineData("height=100; depth=200")]
    public void Walls_beside_ears_are_offered_thicker(string entries)
    {
        var mended = 0;
        for (var grams = 1000; grams <= 8000; grams += 100)
        {
            string With(string wall) => FormattableString.Invariant($"wall={wall}; width=360; joined=screwed; carries={grams / 1000.0}; {entries}");
            var bent = Of(Design(With("4")), "join.bends");
            var offers = bent.Remedies.OfType<Remedy.Change>().ToList();
            (offers.LastOrDefault()?.Entries["joined"]).ShouldBe(bent.Verdict == Verdict.Good ? null : "glued");
            if (offers.Count > 1)
            {
                Of(Design(With(offers[0].Entries["wall"])), "join.bends").Verdict.ShouldBe(Verdict.Good, $"{grams} g");
                mended++;
            }
        }

        mended.ShouldBeGreaterThan(0);
    }

    /// <summary>Nothing to turn a key in, or ears higher than the lid: glue is offered, and built.</summary>
    [Theory]
    [InlineData("wall=4; width=230; knuckle=24", "join.clear")]
    [InlineData("wall=4; width=360; height=60; lidHigh=14; joinScrew=M8", "join.high")]
    public void Where_screws_have_no_room_glue_is_offered(string entries, string key)
    {
        var tight = Design($"{entries}; joined=screwed");
        (Of(tight, key).Verdict, tight.Pieces.Count).ShouldBe((Verdict.Stop, 0));
        Of(tight, key).Remedies.OfType<Remedy.Change>().Single().Entries["joined"].ShouldBe("glued");
        Design($"{entries}; joined=glued").Pieces.ShouldNotBeEmpty();
    }

    /// <summary>Its beads end at the rim but for a rounding error: what its checks let pass is built.</summary>
    [Theory]
    [InlineData("width=90; height=50; lidHigh=21.47; wall=1.4; knuckle=4; arm=14; catch=0.55")]
    [InlineData("depth=67.21; wall=1.4; floor=3.21; arm=14; catch=0.55")]
    public void What_is_enough_but_for_a_hair_is_built(string entries)
    {
        var design = Design(entries);
        design.Checks.ShouldNotContain(c => c.Verdict == Verdict.Stop && c.Key != "clasp.strain");
        design.Pieces.ShouldNotBeEmpty();
    }

    [Theory]
    [InlineData("height=20; lidHigh=19.5", "body")]
    [InlineData("width=20; knuckle=10", "hinge.wide")]
    [InlineData("arm=80", "clasp.body")]
    [InlineData("arm=14; catch=3", "clasp.arm")]
    [InlineData("height=24; lidHigh=18", "handle.long")]
    [InlineData("handleWide=140", "handle.between")]
    public void What_cannot_be_built_is_refused(string entries, string key)
    {
        var design = Design(entries);
        Of(design, key).Verdict.ShouldBe(Verdict.Stop);
        design.Pieces.ShouldBeEmpty();
    }

    /// <summary>What a check offers is built.</summary>
    [Theory]
    [InlineData("arm=80", "clasp.body")]
    [InlineData("arm=14; catch=3", "clasp.arm")]
    [InlineData("height=24; lidHigh=18; arm=14", "handle.long")]
    [InlineData("handleWide=140", "handle.between")]
    public void What_is_offered_helps(string entries, string key)
    {
        var offered = ((Remedy.Change)Of(Design(entries), key).Remedies[0]).Entries;
        var mended = Design($"{entries}; {string.Join("; ", offered.Select(o => $"{o.Key}={o.Value}"))}");
        mended.Checks.Where(c => c.Key == key).ShouldAllBe(c => c.Verdict != Verdict.Stop);
    }

    [Fact]
    public void A_narrow_case_has_one_clasp_and_no_handle()
    {
        var design = Design("width=80");
        design.Pieces.Count(p => p.Key.StartsWith("clasp")).ShouldBe(1);
        Of(design, "handle.wide").Verdict.ShouldBe(Verdict.Watch);
        Of(Design("width=80; handle=none"), "body").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>What is built has no stop, and what has a stop is not built: over widths, heights and clasps of every size.</summary>
    [Fact]
    public void It_is_built_just_where_nothing_stops_it()
    {
        foreach (var (width, height, arm, wall, more) in new[] { 60, 110, 180, 420 }.SelectMany(w => new[] { 30, 50, 110 }.SelectMany(h => new[] { 16, 26, 50 }
            .SelectMany(a => new[] { 2.0, 4.2 }.SelectMany(t => new[] { "shelf=none", "shelf=tray", "joined=screwed" }.Select(s => (w, h, a, t, s)))))))
        {
            var design = Design($"width={width}; height={height}; arm={arm}; wall={Figures.Number(wall)}; {more}");
            // A case that is too large for any bed in parts, or tires its clasps, is drawn and said to be so.
            var stops = design.Checks.Where(c => c.Verdict == Verdict.Stop && c.Key is not ("bed" or "clasp.strain")).Select(c => c.Key).ToList();
            (design.Pieces.Count > 0).ShouldBe(stops.Count == 0, $"{width} {height} {arm} {wall}: {string.Join(", ", stops)}");
        }
    }

    /// <summary>The handle hangs between the clasps, as wide as they leave it and no wider than 100; pins are counted.</summary>
    [Theory]
    [InlineData("", 4)]
    [InlineData("handle=none", 2)]
    [InlineData("width=90; handle=none", 1)]
    public void Pins_are_counted(string entries, int pins) => Design(entries).Hardware[0].ShouldStartWith($"{pins} pins 1.75 mm");
}
