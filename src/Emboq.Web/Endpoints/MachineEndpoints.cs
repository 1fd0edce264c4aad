using Emboq.Core;
using Emboq.Core.Quantities;
using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A new machine.</summary>
public sealed record MachineRequest(string Name, string? Note = null);

/// <summary>A new interface of a machine.</summary>
public sealed record InterfaceRequest(string Name, string Kind);

/// <summary>A new reading.</summary>
/// <param name="Dimension">Which dimension of the interface.</param>
/// <param name="Text">In workshop notation.</param>
/// <param name="Instrument">Id of the instrument.</param>
/// <param name="Leading">What a bare number means; metric when left out.</param>
/// <param name="Remark">What is worth noting.</param>
public sealed record ReadingRequest(string Dimension, string Text, string Instrument, LengthSystem? Leading = null, string? Remark = null);

/// <summary>Why a reading is struck out.</summary>
public sealed record StrikeRequest(string Because);

internal static class MachineEndpoints
{
    public static void MapMachines(this IEndpointRouteBuilder api)
    {
        api.MapGet("/machines", async (NpgsqlDataSource database, CancellationToken stop) => (await MachineStore.All(database, stop)).Select(MachineView.Of).ToArray());
        api.MapPost("/machines", AddMachine).Produces<MachineView>(201).ProducesProblem(400);
        api.MapPost("/machines/{id:guid}/interfaces", AddInterface).Produces<InterfaceView>(201).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/interfaces/{id:guid}/readings", AddReading).Produces<InterfaceView>(201).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/readings/{id:guid}/strikes", Strike).Produces(204).ProducesProblem(400).ProducesProblem(404);
        api.MapGet("/interface-kinds", () => InterfaceKind.All);
    }

    private static async Task<IResult> AddMachine(MachineRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var (name, note) = (input.Name("name", request.Name), input.Text("note", request.Note));
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var id = Guid.CreateVersion7();
        await MachineStore.Add(database, id, name, note, clock.GetUtcNow(), stop);
        return TypedResults.Created($"/api/machines/{id}", new MachineView(id, name, note, []));
    }

    private static async Task<IResult> AddInterface(Guid id, InterfaceRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var name = input.Name("name", request.Name);
        var kind = input.OneOf("kind", request.Kind, InterfaceKind.All, k => k.Key);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var place = Guid.CreateVersion7();
        return await MachineStore.AddInterface(database, place, id, name, kind!, clock.GetUtcNow(), stop)
            ? TypedResults.Created($"/api/interfaces/{place}", await Read(database, place, stop))
            : Problems.Missing("machine", id);
    }

    private static async Task<IResult> AddReading(Guid id, ReadingRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if (!(await MachineStore.InterfacesOf(database, [id], stop)).TryGetValue(id, out var place))
        {
            return Problems.Missing("interface", id);
        }

        var input = new Input();
        var dimension = input.OneOf("dimension", request.Dimension, place.Kind.Dimensions, d => d.Key);
        var instrument = input.OneOf("instrument", request.Instrument, await InstrumentStore.All(database, stop), i => i.Id);
        var size = input.Size("text", request.Text, request.Leading ?? LengthSystem.Metric, instrument?.Reach ?? Limits.LongestReading);
        var remark = input.Text("remark", request.Remark);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var reading = new Reading(Guid.CreateVersion7(), size, request.Text.Trim(), instrument!, clock.GetUtcNow(), remark.Length == 0 ? null : remark, null);
        await MachineStore.AddReading(database, new(id, dimension!.Key), reading, stop);
        return TypedResults.Created($"/api/readings/{reading.Id}", await Read(database, id, stop));
    }

    private static async Task<IResult> Strike(Guid id, StrikeRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var because = input.Name("because", request.Because);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        return await MachineStore.Strike(database, id, because, clock.GetUtcNow(), stop) ? TypedResults.NoContent() : Problems.Missing("reading", id);
    }

    private static async Task<InterfaceView> Read(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        InterfaceView.Of((await MachineStore.InterfacesOf(database, [id], stop))[id]);
}
