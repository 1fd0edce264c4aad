using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A new reading.</summary>
/// <param name="Dimension">Which dimension of the interface.</param>
/// <param name="Text">In workshop notation.</param>
/// <param name="Instrument">Id of the instrument.</param>
/// <param name="Leading">What a bare number means; metric when left out.</param>
/// <param name="Remark">What is worth noting.</param>
/// <param name="Direction">At which angle around a round place, degrees from 0 to 360.</param>
public sealed record ReadingRequest(string Dimension, string Text, string Instrument, LengthSystem? Leading = null, string? Remark = null,
    double? Direction = null);

/// <summary>Why a reading is struck out.</summary>
public sealed record StrikeRequest(string Because);

/// <summary>An entry as read, in both systems where there are two.</summary>
/// <param name="Value">In the unit of what was asked for.</param>
/// <param name="Metric">As read.</param>
/// <param name="Inches">As read; <c>null</c> for anything but a length.</param>
/// <param name="Exact">A length exactly, in the system it was written in.</param>
/// <param name="Half">Half of it exactly: where a middle lies.</param>
public sealed record EntryView(double Value, string Metric, string? Inches, string? Exact, string? Half);

internal static class ReadingEndpoints
{
    public static void MapReadings(this IEndpointRouteBuilder api)
    {
        api.MapGet("/entries", Entry).Produces<EntryView>().ProducesProblem(400);
        api.MapPost("/interfaces/{id:guid}/readings", Add).Produces<InterfaceView>(201).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/readings/{id:guid}/strikes", Strike).Produces(204).ProducesProblem(400).ProducesProblem(404);
    }

    /// <summary>Reads an entry in workshop notation without keeping it.</summary>
    private static IResult Entry(string text, string? leading, string? access)
    {
        var input = new Input();
        var (system, way) = (input.Word<LengthSystem>("leading", leading ?? "metric"), input.Word<Access>("access", access ?? "length"));
        var value = input.IsGood ? input.Gather(ReadingNotation.Parse(text, way, system, "text")) : 0;
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var unit = Core.Measuring.Accesses.UnitOf(way);
        var exact = unit == Unit.Millimetre ? LengthNotation.Parse(text, system, "text") : null;
        return TypedResults.Ok(new EntryView(value, QuantityText.Metric(value, unit), QuantityText.Inches(value, unit),
            exact is { IsGood: true } e ? LengthNotation.Print(e.Value) : null,
            exact is { IsGood: true } h ? LengthNotation.Print(h.Value with { Millimetres = h.Value.Millimetres / Rational.Whole(2) }) : null));
    }

    private static async Task<IResult> Add(Guid id, ReadingRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if (await PlaceEndpoints.Find(database, id, stop) is not { } place)
        {
            return Problems.Missing("interface", id);
        }

        var input = new Input();
        var reading = Read(input, "", place, request, await InstrumentStore.All(database, stop), clock.GetUtcNow());
        if (reading is null)
        {
            return Problems.Bad(input.Problems);
        }

        await InterfaceStore.AddReadings(database, [(new(id, request.Dimension), reading)], stop);
        return TypedResults.Created($"/api/readings/{reading.Id}", await PlaceEndpoints.View(database, id, stop));
    }

    /// <summary>A reading as asked for, or <c>null</c> with every problem gathered.</summary>
    internal static Reading? Read(Input input, string path, Interface place, ReadingRequest request, IReadOnlyList<Instrument> instruments, DateTimeOffset at)
    {
        var before = input.Problems.Count;
        var dimension = input.OneOf($"{path}dimension", request.Dimension, place.Dimensions, d => d.Key);
        var instrument = input.OneOf($"{path}instrument", request.Instrument, instruments, i => i.Id);
        if (dimension is not null && instrument is not null && !instrument.Takes(dimension.Access))
        {
            var able = instruments.Where(i => i.Takes(dimension.Access)).Select(i => i.Name).ToList();
            input.Add(new($"{path}instrument", instrument.Id, $"The {instrument.Name} does not take {dimension.Name}.", able.Count > 0
                ? $"Use the {string.Join(", or the ", able)}." : "Enter an instrument that does."));
        }

        var value = dimension is null ? 0 : input.Reading($"{path}text", request.Text, dimension.Access, request.Leading ?? LengthSystem.Metric,
            instrument?.Reach ?? Limits.LongestReading);
        var remark = input.Text($"{path}remark", request.Remark);
        if (request.Direction is { } direction)
        {
            input.Within($"{path}direction", direction, 0, 359.999, "degrees");
        }

        return input.Problems.Count > before
            ? null
            : new(Guid.CreateVersion7(), value, request.Text.Trim(), instrument!, at, remark.Length == 0 ? null : remark, null, request.Direction);
    }

    private static async Task<IResult> Strike(Guid id, StrikeRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var because = input.Words("because", request.Because);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        return await InterfaceStore.Strike(database, id, because, clock.GetUtcNow(), stop) ? TypedResults.NoContent() : Problems.Missing("reading", id);
    }
}
