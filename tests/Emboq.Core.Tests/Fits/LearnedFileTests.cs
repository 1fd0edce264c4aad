using System.Text.Json;

namespace Emboq.Core.Tests.Fits;

/// <summary>What was learned, from workshop to workshop.</summary>
public sealed class LearnedFileTests
{
    private static readonly Guid There = new("00000000-0000-0000-0000-0000000000b1");
    private static readonly Process Setup = Workshop.Process with { PrinterId = new("00000000-0000-0000-0000-0000000000c1") };
    private static readonly Face Hole = Face.Of(Surface.HoleUpright, 20);

    private static Quantity Shaft(double doubt = 0.02) => Quantity.Input("shaft", 20, Unit.Millimetre, new Provenance.Measured("test"),
        (new Source("shaft", "reading of the shaft", doubt), 1));

    private static TriedPrint Print(string id, double? read = null, Feel? felt = null, double drawn = 20.3, string? met = "shaft") =>
        new(id, $"print {id}", Setup, Hole, drawn, Shaft(), SeatWords.Cuff, felt is { } f ? [f] : [], read is { } r ? [(r, Workshop.Caliper)] : [], 3, 1)
        { Met = met };

    /// <summary>As it is written and read again.</summary>
    private static LearnedFile File(params IReadOnlyList<TriedPrint> own) =>
        JsonSerializer.Deserialize<LearnedFile>(JsonSerializer.Serialize(LearnedFile.Of(There, own)))!;

    private static Quantity Allowance(IEnumerable<TriedPrint> prints, Process? process = null) =>
        new LearnedFits(process ?? Setup, FitBelief.Of([.. prints])).Allowance(Hole);

    /// <summary>The same prints, by another printer, setup, caliper and hand of the same names: nothing else tells workshops apart.</summary>
    [Fact]
    public void Evidence_from_elsewhere_is_that_of_another_printer_caliper_and_hand()
    {
        IReadOnlyList<TriedPrint> own = [Print("a", read: 20), Print("b", read: 20.02), Print("c", felt: Feel.Slides)];
        var other = Setup with { Id = Guid.NewGuid(), PrinterId = Guid.NewGuid() };
        var expected = own.Select(p => p with
        {
            Process = other,
            Hand = "another",
            Measured = [.. p.Measured.Select(m => (m.Printed, m.Instrument with { Id = "another" }))],
        });
        var (told, meant) = (Allowance(File(own).Told("Birch")), Allowance(expected));
        told.Value.ShouldBe(meant.Value, 1e-9);
        told.StandardUncertainty.ShouldBe(meant.StandardUncertainty, 1e-9);
        // Less than the same prints made here, more than none.
        told.StandardUncertainty.ShouldBeInRange(Allowance(own).StandardUncertainty + 0.005, Allowance([]).StandardUncertainty - 0.005);
    }

    /// <summary>A caliper of the same name here reads wrong by itself: with it a reading of ours and one of theirs are told apart.</summary>
    [Fact]
    public void Their_hand_and_caliper_do_not_correct_ours()
    {
        var theirs = File(Print("a", read: 20)).Told("Birch").Single();
        theirs.Process.PrinterId.ShouldNotBe(Setup.PrinterId);
        theirs.Process.Id.ShouldNotBe(Setup.Id);
        var ours = Telling.Of(Print("a", read: 20, felt: Feel.Slides)).SelectMany(Causes).ToHashSet();
        var felt = File(Print("b", read: 20, felt: Feel.Slides)).Told("Birch").SelectMany(Telling.Of).SelectMany(Causes).ToHashSet();
        ours.Intersect(felt).ShouldAllBe(c => c.StartsWith("class/", StringComparison.Ordinal) || c.StartsWith("filament/", StringComparison.Ordinal));
        ours.Intersect(felt).Count().ShouldBeGreaterThan(1);

        static IEnumerable<string> Causes(Telling t) => t.Latent.Shares.Select(s => s.Source.Id);
    }

    [Fact]
    public void Prints_that_met_one_machine_have_its_doubt_in_common()
    {
        double Doubt(string? second) => Allowance(File(Print("a", felt: Feel.Slides), Print("b", felt: Feel.FirmByHand, met: second)).Told("Birch"))
            .StandardUncertainty;
        Doubt("shaft").ShouldBeGreaterThan(Doubt("another shaft") + 1e-6);
        Doubt(null).ShouldBe(Doubt("another shaft"), 1e-9);
    }

    [Fact]
    public void A_file_has_the_newest_prints_and_the_setups_they_need()
    {
        var file = File([.. Enumerable.Range(0, LearnedFile.MostPrints + 5).Select(i => Print($"{i}", read: 20))]);
        file.Prints.Count.ShouldBe(LearnedFile.MostPrints);
        file.Prints[^1].Id.ShouldBe($"{LearnedFile.MostPrints + 4}");
        file.Setups.Single().Id.ShouldBe(Setup.Id);
        // Read twice it is one evidence: identities do not hang on when it is read.
        File(Print("a", read: 20)).Told("Birch").Single().Process.Id.ShouldBe(File(Print("a", read: 20)).Told("Elm").Single().Process.Id);
    }
}
