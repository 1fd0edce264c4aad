using Emboq.Core.Measuring.Kinds;

namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>Joins two round openings: a straight cuff at each end, inside or over, and a cone between.</summary>
public static class HoseAdapterFamily
{
    private static readonly string[] Kinds = [TubeKind.Kind.Key, .. DuctKind.All.Select(k => k.Key), "hose"];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "hose-adapter", "hose adapter", "A dust port, hose or pipe does not match another.",
        [End("first"), End("second")],
        AdapterParameters.Specs, Design)
    {
        Words = [TryWord.Works, new("leaks", "leaks air"), new("fallsOff", "falls off"), new("clogs", "clogs"), new("tooWeak", "cracks"),
        new("tooLong", "is too long")]
    };

    /// <summary>"Over the sander port, snug, held by its fit."</summary>
    private static InterfaceSlot End(string slot) => new(slot, $"{slot} end", Kinds)
    {
        Sentence = [new(SlotWordKind.Decision, $"{slot}Join"), new(SlotWordKind.Place), new(SlotWordKind.Decision, $"{slot}Fit"),
            new(SlotWordKind.Said, "held by"), new(SlotWordKind.Decision, $"{slot}Hold")],
    };

    private static Design Design(Brief brief)
    {
        var parameters = AdapterParameters.From(brief.Parameters, brief.Interfaces);
        var unread = Unread(parameters, brief);
        var ledger = new Ledger();
        if (unread.Count > 0)
        {
            return PartBodies.Unbuilt(ledger, unread, AirChecks.Cautions(parameters.Air));
        }

        var r = AdapterReckoning.Of(parameters, brief, ledger);
        var built = AdapterChecks.LeavesBore(r) && AdapterChecks.CanBeJoined(r);
        var bare = built ? AdapterShape.Bare(r) : null;
        var air = built && parameters.Air is { } a ? AirReckoning.Of(a, r, ledger) : null;
        IReadOnlyList<Seat> seats = [.. r.Ends.Select(AdapterSeat.Of)];
        var chance = JointProbability.Within(
        [
            .. seats.Select(s => (s.Clearance, s.Least, s.Greatest)),
            .. r.Ends.Zip(seats).Where(e => e.First.Duct is not null).Select(e => (e.First.Duct!.Realised, e.Second.Least, e.Second.Greatest)),
        ]);
        return new()
        {
            Ledger = ledger,
            Pieces = bare is null ? [] : [new("part", "adapter", () => AdapterShape.Part(r, bare, parameters, brief), AdapterPrinting.Ways, parameters.WayUp)],
            Proofs = bare is null ? [] : AdapterShape.Proofs(r, bare, brief.Process),
            Machine = built ? AdapterShape.Ports(r) : [],
            Seats = seats,
            Chance = chance,
            Checks = [.. AdapterChecks.Of(r, parameters, brief, chance), .. air is null ? [] : AirChecks.Of(parameters.Air!, air)],
            Drawing = built ? AdapterDrawing.Of(r) : null,
            Hardware = AdapterPrinting.Hardware(parameters),
            Fitting = AdapterPrinting.Fitting(r, parameters),
            Gauges = built ? [.. r.Ends.SelectMany(e => AdapterSeat.Gauges(r, e))] : [],
            Cautions = AirChecks.Cautions(parameters.Air),
        };
    }

    private static List<Check> Unread(AdapterParameters parameters, Brief brief) =>
    [
        .. from end in new[] { parameters.First, parameters.Second }
           from dimension in AdapterReckoning.Counting(brief.Interfaces[end.Slot], end.Join)
           where Evaluation.Of(brief.Interfaces[end.Slot], dimension.Key) is null
           select new Check($"{end.Slot}.{dimension.Key}.readings", $"{end.Slot} end measured", Verdict.Stop,
               $"No reading yet of {dimension.Name}: nothing can be reckoned without it.", "0 readings", "1 reading", "A size is measured, never assumed.",
               [new Remedy.Measure($"Measure {dimension.Name}", dimension.Interface, dimension.Key)]),
    ];
}
