using System.Text.Json;
using System.Text.Json.Serialization;
using Emboq.Store;
using Emboq.Web.Views;
using Microsoft.AspNetCore.Mvc;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What taking a machine card in would do.</summary>
/// <param name="Named">A machine of that name that is here already.</param>
/// <param name="Places">Each place of the card.</param>
/// <param name="NewInstruments">Instruments that would come with it.</param>
/// <param name="OtherInstruments">Instruments known here under the same id with other figures; the ones here are kept.</param>
public sealed record CardPreview(LinkView? Named, IReadOnlyList<CardPlacePreview> Places, IReadOnlyList<string> NewInstruments,
    IReadOnlyList<string> OtherInstruments);

/// <summary>One place of a card against the machine of that name.</summary>
/// <param name="Name">The place.</param>
/// <param name="KindName">Its kind.</param>
/// <param name="State">new, same, more (readings that are not here) or differs (sizes that contradict the ones here).</param>
/// <param name="Differences">Sizes here and on the card, where they contradict each other.</param>
public sealed record CardPlacePreview(string Name, string KindName, string State, IReadOnlyList<string> Differences);

internal static class CardEndpoints
{
    private const int MostReadings = 20_000;

    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) }
    };

    public static void MapCards(this IEndpointRouteBuilder api)
    {
        api.MapGet("/machines/{id:guid}/card.json", Export).Produces<MachineCard>().ProducesProblem(404);
        api.MapPost("/machine-cards/previews",
            Preview).Produces<CardPreview>().ProducesProblem(400).Computes().WithMetadata(new RequestSizeLimitAttribute(Limits.CardBytes));
        api.MapPost("/machine-cards", Take).Produces<MachineView>(201).ProducesProblem(400).ProducesProblem(429).RequireRateLimiting(Limits.Uploads)
            .WithMetadata(new RequestSizeLimitAttribute(Limits.CardBytes));
    }

    private static async Task<IResult> Export(Guid id, NpgsqlDataSource database, CancellationToken stop) =>
        await MachineStore.One(database, id, stop) is { } machine
        ? TypedResults.File(JsonSerializer.SerializeToUtf8Bytes(MachineCard.Of(machine), Json), "application/json", $"{machine.Name}.json")
        : Problems.Missing("machine", id);

    private static async Task<IResult> Preview(MachineCard card, NpgsqlDataSource database, CancellationToken stop)
    {
        var input = new Input();
        Look(input, card);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var instruments = (await InstrumentStore.All(database, stop)).ToDictionary(i => i.Id);
        var named = await Named(database, card, stop);
        return TypedResults.Ok(new CardPreview(named is null ? null : new(named.Id, named.Name),
            [.. card.Places.Select(p => Against(named, p, card, instruments))],
            [.. card.Instruments.Where(i => !instruments.ContainsKey(i.Id)).Select(i => i.Name)],
            [.. card.Instruments.Where(i => instruments.TryGetValue(i.Id, out var here)
                && here with { LastZeroCheck = null } != i.ToInstrument()).Select(i => i.Name)]));
    }

    /// <summary>Takes a card in, all or nothing: as a new machine, or into one that is here, where only what is not here yet is added.</summary>
    private static async Task<IResult> Take(MachineCard card, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop, Guid? into = null)
    {
        var input = new Input();
        Look(input, card);
        var machine = into is { } id ? await MachineStore.One(database, id, stop) : null;
        if (into is not null && machine is null)
        {
            return Problems.Missing("machine", into);
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var now = clock.GetUtcNow();
        var target = machine?.Id ?? Guid.CreateVersion7();
        await Whole.Of(async () =>
        {
            var instruments = (await InstrumentStore.All(database, stop)).ToDictionary(i => i.Id);
            foreach (var instrument in card.Instruments.Where(i => !instruments.ContainsKey(i.Id)).Select(i => i.ToInstrument()))
            {
                await InstrumentStore.Add(database, instrument, stop);
                instruments[instrument.Id] = instrument;
            }

            if (machine is null)
            {
                await MachineStore.Add(database, target, card.Name, card.Note, now, stop);
            }

            foreach (var place in card.Places)
            {
                await Add(database, target, Same(machine, place), place, instruments, now, stop);
            }
        });

        var kept = (await MachineStore.One(database, target, stop))!;
        return TypedResults.Created($"/api/machines/{target}", MachineView.Of(kept, [], await InstrumentStore.All(database, stop)));
    }

    private static async Task Add(NpgsqlDataSource database, Guid machine, Interface? here, CardPlace place, Dictionary<string, Instrument> instruments,
        DateTimeOffset now, CancellationToken stop)
    {
        var id = here?.Id ?? Guid.CreateVersion7();
        if (here is null)
        {
            await InterfaceStore.Add(database, machine, new(id, place.Name, KindList.Of(place.Kind), []) { Items = place.Items }, now, stop);
        }

        if (place.Outline is { } outline && !IsOutlined(here, outline))
        {
            await InterfaceStore.Trace(database, id, outline, now, stop);
        }

        var added = place.Readings.Where(r => here is null || !IsHere(here, r)).Select(r =>
            (Card: r, Of: new DimensionAddress(id, r.Dimension), Reading: Reading(r, instruments))).ToList();
        if (added.Count > 0)
        {
            await InterfaceStore.AddReadings(database, [.. added.Select(a => (a.Of, a.Reading with { StruckBecause = null }))], stop);
        }

        foreach (var struck in added.Where(a => a.Card.StruckBecause is not null))
        {
            await InterfaceStore.Strike(database, struck.Reading.Id, struck.Card.StruckBecause!, now, stop);
        }
    }

    private static Reading Reading(CardReading r, Dictionary<string, Instrument> instruments) =>
        new(Guid.CreateVersion7(), r.Value, r.Text, instruments[r.Instrument], r.At, r.Remark, r.StruckBecause, r.Direction);

    private static bool IsHere(Interface here, CardReading r) => KnownReadings.Holds(here.Dimensions.First(d => d.Key == r.Dimension),
        r.Value, r.Instrument, r.At);

    private static bool IsOutlined(Interface? here, Traced outline) => here?.Outline is { } known && known.Points.SequenceEqual(outline.Points);

    /// <summary>The place of a machine that a card's place stands for: of the same name, kind and count.</summary>
    private static Interface? Same(Machine? machine, CardPlace place) =>
        machine?.Interfaces.FirstOrDefault(i => !i.Archived && i.Kind.Key == place.Kind && i.Items.Count == place.Items.Count
            && string.Equals(i.Name, place.Name, StringComparison.OrdinalIgnoreCase));

    private static CardPlacePreview Against(Machine? machine, CardPlace place, MachineCard card, IReadOnlyDictionary<string, Instrument> known)
    {
        var kind = KindList.Of(place.Kind);
        if (Same(machine, place) is not { } here)
        {
            return new(place.Name, kind.Name, "new", []);
        }

        var instruments = card.Instruments.ToDictionary(i => i.Id, i => known.GetValueOrDefault(i.Id) ?? i.ToInstrument());
        var there = Interface.Of(Guid.Empty, place.Name, kind, place.Items, d =>
            new Dimension(Guid.Empty, d.Key, d.Name, [.. place.Readings.Where(r => r.Dimension == d.Key).Select(r => Reading(r, instruments))]));
        var (mine, theirs) = (new Sizes(here), new Sizes(there));
        var differences = kind.DimensionsOf(place.Items)
            .Select(d => (d.Name, Unit: Accesses.UnitOf(d.Access), A: mine[d.Key], B: theirs[d.Key]))
            .Where(d => d.A is not null && d.B is not null && Math.Abs(d.A.Value - d.B.Value) > 2 * (d.A - d.B).StandardUncertainty + 1e-9)
            .Select(d => $"{d.Name}: {QuantityText.Metric(d.A!.Value, d.Unit)} here, {QuantityText.Metric(d.B!.Value, d.Unit)} on the card").ToList();
        return new(place.Name, kind.Name, differences.Count > 0 ? "differs" : place.Readings.All(r => IsHere(here,
            r)) && (place.Outline is not { } drawn || IsOutlined(here, drawn)) ? "same" : "more", differences);
    }

    private static async Task<Machine?> Named(NpgsqlDataSource database, MachineCard card, CancellationToken stop) =>
        await MachineStore.Named(database, card.Name, stop) is { } found ? await MachineStore.One(database, found, stop) : null;

    private static void Look(Input input, MachineCard card)
    {
        if (card.Format != MachineCard.TheFormat || card.Schema != 1)
        {
            input.Add(new("format", card.Format, "This is not a machine card that Emboq wrote, or a newer Emboq wrote it.",
                "Choose a file that was saved as a machine card.", $"{MachineCard.TheFormat}, schema 1"));
            return;
        }

        input.Name("name", card.Name);
        input.Text("note", card.Note);
        foreach (var (i, at) in card.Instruments.Select((i, at) => (i, at)))
        {
            WorkshopEndpoints.Look(input, i.ToInstrument(), $"instruments.{at}.");
        }

        if (card.Instruments.DistinctBy(i => i.Id).Count() < card.Instruments.Count)
        {
            input.Add(new("instruments", null, "Two instruments of the card have one id.", "Give each its own."));
        }

        var count = card.Places.Sum(p => p.Readings.Count);
        if (count > MostReadings)
        {
            input.Add(new("places", $"{count}", "These are more readings than a machine is given at once.", "Send fewer.", $"{MostReadings}"));
            return;
        }

        foreach (var (place, at) in card.Places.Select((p, at) => (p, at)))
        {
            LookAt(input, card, place, $"places.{at}");
        }
    }

    private static void LookAt(Input input, MachineCard card, CardPlace place, string field)
    {
        input.Name($"{field}.name", place.Name);
        var kind = input.OneOf($"{field}.kind", place.Kind, KindList.All, k => k.Key);
        var items = kind is null ? [] : PlaceEndpoints.Items(input, $"{field}.items", kind, place.Items);
        OutlineEndpoints.Look(input, kind, place.Outline, $"{field}.outline");
        foreach (var (reading, n) in place.Readings.Select((r, n) => (r, n)))
        {
            var path = $"{field}.readings.{n}";
            var dimension = kind is null ? null : input.OneOf($"{path}.dimension", reading.Dimension, kind.DimensionsOf(items), d => d.Key);
            var instrument = input.OneOf($"{path}.instrument", reading.Instrument, card.Instruments, i => i.Id);
            input.Name($"{path}.text", reading.Text);
            input.Text($"{path}.remark", reading.Remark);
            input.Within($"{path}.value", reading.Value, dimension?.Access == Access.Position ? -Limits.LongestReading : 1e-6, 1e6, "of its unit");
            input.Within($"{path}.direction", reading.Direction ?? 0, 0, 359.999, "degrees");
            if (dimension is not null && instrument is not null && !instrument.ToInstrument().Takes(dimension.Access))
            {
                input.Add(new($"{path}.instrument", reading.Instrument, $"The {instrument.Name} does not take {dimension.Name}.", "Name one that does."));
            }
        }
    }
}
