using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A new machine.</summary>
public sealed record MachineRequest(string Name, string? Note = null);

/// <summary>What a machine is called from now on.</summary>
/// <param name="Version">The version it was made from.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Note">What is worth knowing.</param>
/// <param name="Archived">Whether it is put away.</param>
public sealed record MachineChange(int Version, string Name, string Note, bool Archived);

internal static class MachineEndpoints
{
    public static void MapMachines(this IEndpointRouteBuilder api)
    {
        api.MapGet("/machines", Find).Produces<MachineSummaryView[]>().ProducesProblem(400);
        api.MapGet("/machines/{id:guid}", One).Produces<MachineView>().ProducesProblem(404);
        api.MapPost("/machines", Add).Produces<MachineView>(201).ProducesProblem(400).ProducesProblem(409);
        api.MapPut("/machines/{id:guid}", Change).Produces<MachineView>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        api.MapPost("/machines/{id:guid}/copies", Copy).Produces<MachineView>(201).ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    /// <summary>A page of machines, by words and by the kinds of places they have, or those of some places, without readings.</summary>
    private static async Task<IResult> Find(
        NpgsqlDataSource database, CancellationToken stop, string? words = null, bool archived = false, string? kinds = null, Guid[]? place = null,
            int from = 0, int most = Page.Usual)
    {
        var input = new Input();
        var (wanted, ofKinds) = (Page.Words(input, words), input.Text("kinds", kinds).Split(',', StringSplitOptions.RemoveEmptyEntries));
        Page.Look(input, from, most);
        return input.IsGood
            ? TypedResults.Ok((await MachineStore.Found(database, wanted, archived, ofKinds, place ?? [], from, most,
                stop)).Select(MachineSummaryView.Of).ToArray())
            : Problems.Bad(input.Problems);
    }

    private static async Task<IResult> One(Guid id, NpgsqlDataSource database, CancellationToken stop) =>
        await View(database, id, stop) is { } view ? TypedResults.Ok(view) : Problems.Missing("machine", id);

    private static async Task<IResult> Add(MachineRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop, bool again = false)
    {
        var input = new Input();
        var (name, note) = (input.Name("name", request.Name), input.Text("note", request.Note));
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (!again && await NameStore.OfMachine(database, name, stop))
        {
            return Problems.Taken("name", "machine", name);
        }

        var id = Guid.CreateVersion7();
        await MachineStore.Add(database, id, name, note, clock.GetUtcNow(), stop);
        return TypedResults.Created($"/api/machines/{id}", await View(database, id, stop));
    }

    private static async Task<IResult> Change(Guid id, MachineChange request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var changed = new Machine(id, request.Version, input.Name("name", request.Name), input.Text("note", request.Note), request.Archived, []);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var saved = await MachineStore.Save(database, changed, clock.GetUtcNow(), stop);
        return await View(database, id, stop) is not { } now ? Problems.Missing("machine", id)
            : saved ? TypedResults.Ok(now)
            : Problems.Stale(request.Version, now.Version, now);
    }

    /// <summary>Another machine of the same make: the same places, nothing read, for a size is measured and never assumed.</summary>
    private static async Task<IResult> Copy(Guid id, MachineRequest request, NpgsqlDataSource database, TimeProvider clock,
        CancellationToken stop, bool again = false)
    {
        var input = new Input();
        var (name, note) = (input.Name("name", request.Name), request.Note is null ? null : input.Text("note", request.Note));
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (await MachineStore.One(database, id, stop) is not { } machine)
        {
            return Problems.Missing("machine", id);
        }

        if (!again && await NameStore.OfMachine(database, name, stop))
        {
            return Problems.Taken("name", "machine", name);
        }

        var copy = Guid.CreateVersion7();
        await Whole.Of(async () =>
        {
            await MachineStore.Add(database, copy, name, note ?? machine.Note, clock.GetUtcNow(), stop);
            foreach (var place in machine.Interfaces.Where(i => !i.Archived))
            {
                await InterfaceStore.Add(database, copy, place with { Id = Guid.CreateVersion7() }, clock.GetUtcNow(), stop);
            }
        });

        return TypedResults.Created($"/api/machines/{copy}", await View(database, copy, stop));
    }

    private static async Task<MachineView?> View(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        await MachineStore.One(database, id, stop) is { } machine
        ? MachineView.Of(machine, await JobStore.Using(database, [.. machine.Interfaces.Select(i => i.Id)], stop), await InstrumentStore.All(database, stop))
        : null;
}
