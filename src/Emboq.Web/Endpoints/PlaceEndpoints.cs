using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A new interface of a machine.</summary>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Kind">Key of its kind.</param>
/// <param name="Items">Names of what is repeated on it; as many as usual when left out.</param>
public sealed record InterfaceRequest(string Name, string Kind, IReadOnlyList<string>? Items = null);

/// <summary>What an interface is called from now on.</summary>
/// <param name="Version">The version it was made from.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Items">Names of what is repeated on it, in order. Only the last ones may be taken away, and only unread.</param>
/// <param name="Archived">Whether it is put away.</param>
public sealed record InterfaceChange(int Version, string Name, IReadOnlyList<string> Items, bool Archived);

/// <summary>A place of another machine that agrees with this one.</summary>
/// <param name="Machine">Its machine.</param>
/// <param name="MachineName">As the workshop calls it.</param>
/// <param name="Interface">The place.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Largest">The largest difference of a size that counts.</param>
public sealed record AlikeView(Guid Machine, string MachineName, Guid Interface, string Name, string Largest);

internal static class PlaceEndpoints
{
    public static void MapPlaces(this IEndpointRouteBuilder api)
    {
        api.MapGet("/interface-kinds", () => KindList.All.Select(KindView.Of).ToArray());
        api.MapPost("/machines/{id:guid}/interfaces", Add).Produces<InterfaceView>(201).ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        api.MapGet("/interfaces/{id:guid}", One).Produces<InterfaceView>().ProducesProblem(404);
        api.MapPut("/interfaces/{id:guid}", Change).Produces<InterfaceView>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        api.MapGet("/interfaces/{id:guid}/shape", Shape).Produces<BodyView>().ProducesProblem(404).ProducesProblem(422);
        api.MapGet("/interfaces/{id:guid}/alike", Alike).Produces<AlikeView[]>().ProducesProblem(404);
    }

    private static async Task<IResult> Add(Guid id, InterfaceRequest request, NpgsqlDataSource database, TimeProvider clock,
        CancellationToken stop, bool again = false)
    {
        var input = new Input();
        var name = input.Name("name", request.Name);
        var kind = input.OneOf("kind", request.Kind, KindList.All, k => k.Key);
        var items = kind is null ? [] : Items(input, "items", kind, request.Items ?? kind.Item?.UsualNames ?? []);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (!again && await NameStore.OfPlace(database, id, name, stop))
        {
            return Problems.Taken("name", "place of this machine", name);
        }

        var place = new Interface(Guid.CreateVersion7(), name, kind!, []) { Items = items };
        return await InterfaceStore.Add(database, id, place, clock.GetUtcNow(), stop)
            ? TypedResults.Created($"/api/interfaces/{place.Id}", await View(database, place.Id, stop))
            : Problems.Missing("machine", id);
    }

    private static async Task<IResult> One(Guid id, NpgsqlDataSource database, CancellationToken stop) =>
        await View(database, id, stop) is { } view ? TypedResults.Ok(view) : Problems.Missing("interface", id);

    private static async Task<IResult> Change(Guid id, InterfaceChange request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if (await Find(database, id, stop) is not { } place)
        {
            return Problems.Missing("interface", id);
        }

        var input = new Input();
        var (name, items) = (input.Name("name", request.Name), Items(input, "items", place.Kind, request.Items));
        for (int i = items.Count; i < place.Items.Count; i++)
        {
            if (place.Dimensions.Any(d => d.Key.StartsWith($"{place.Kind.Item!.Key}{i + 1}.", StringComparison.Ordinal)
                && d.Readings.Any(r => r.StruckBecause is null)))
            {
                input.Add(new("items", place.Items[i], $"{place.Items[i]} has readings that count.",
                    "Strike them out first: what was read is never lost by the way."));
            }
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var saved = await InterfaceStore.Save(database, place with { Version = request.Version, Name = name, Items = items, Archived = request.Archived },
            clock.GetUtcNow(), stop);
        var now = (await View(database, id, stop))!;
        return saved ? TypedResults.Ok(now) : Problems.Stale(request.Version, now.Version, now);
    }

    /// <summary>The machine's side as a body.</summary>
    private static async Task<IResult> Shape(Guid id, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        if (await Find(database, id, stop) is not { } place)
        {
            return Problems.Missing("interface", id);
        }

        var solid = place.Kind.Shape(new Sizes(place));
        if (solid is null)
        {
            return Problems.Bad([new("interface", null, "There is no body to show yet.", "Read the sizes that are needed; a mass has none.")],
                StatusCodes.Status422UnprocessableEntity);
        }

        var mesh = (await kernel.Evaluate([solid], Facets.DefaultChordError, stop))[0];
        return TypedResults.Ok(BodyView.Of(new Body("counterpart", place.Name, () => solid), BodyRole.Counterpart, mesh));
    }

    /// <summary>Places of other machines that a part made for this one would fit too, the closest first.</summary>
    private static async Task<IResult> Alike(Guid id, NpgsqlDataSource database, CancellationToken stop)
    {
        if (await Find(database, id, stop) is not { } place)
        {
            return Problems.Missing("interface", id);
        }

        var here = new Sizes(place);
        var others = (await InterfaceStore.OfKind(database, place.Kind, stop)).Where(o => o.Interface.Id != id).ToList();
        var alike = others.Select(o => (Other: o, Apart: Core.Measuring.Alike.Apart(here, new Sizes(o.Interface)))).Where(a =>
            a.Apart is not null).OrderBy(a => a.Apart).ToList();
        var machines = await MachineStore.NamesOf(database, [.. alike.Select(a => a.Other.Interface.Id)], stop);
        return TypedResults.Ok(alike.Select(a => new AlikeView(a.Other.Machine, machines[a.Other.Interface.Id], a.Other.Interface.Id, a.Other.Interface.Name,
            QuantityText.Metric(a.Apart!.Value, Unit.Millimetre))).ToArray());
    }

    internal static async Task<Interface?> Find(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        (await InterfaceStore.Of(database, [id], stop)).GetValueOrDefault(id);

    internal static async Task<InterfaceView?> View(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        await Find(database, id, stop) is { } place ? InterfaceView.Of(place, await InstrumentStore.All(database, stop)) : null;

    internal static IReadOnlyList<string> Items(Input input, string field, InterfaceKind kind, IReadOnlyList<string> names)
    {
        var most = kind.Item is null ? 0 : ItemKind.Most;
        if (names.Count > most)
        {
            input.Add(new(field, $"{names.Count}", kind.Item is null ? $"On a {kind.Name} nothing is repeated." : $"These are {names.Count} of them.",
                "Leave some out.", $"0 to {most}"));
        }

        return [.. names.Take(most).Select((n, i) => input.Name($"{field}.{i}", n))];
    }
}
