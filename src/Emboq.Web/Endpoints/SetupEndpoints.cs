using System.Globalization;
using System.Text.Json;
using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>Printers, filaments and setups: entered, changed, and every state they have had.</summary>
internal static class SetupEndpoints
{
    private const int MostNozzles = 12;

    public static void MapSetups(this IEndpointRouteBuilder api)
    {
        api.MapGet("/setting-forms", () => SettingForms.All);
        Map(api, "printers", "printer", SetupStores.Printers, NameStore.OfPrinter, (database, input, printer, stop) =>
            { Look(input, printer); return Task.CompletedTask; },
            (_, _) => Task.FromResult<Func<Printer, Printer, IReadOnlyList<SettingChange>>>(SettingFields.Between));
        Map(api, "filaments", "filament", SetupStores.Filaments, NameStore.OfFilament, (database, input, filament, stop) =>
            { Look(input, filament); return Task.CompletedTask; },
            (_, _) => Task.FromResult<Func<Filament, Filament, IReadOnlyList<SettingChange>>>(SettingFields.Between));
        Map(api, "setups", "setup", SetupStores.Setups, NameStore.OfSetup, Look, async (database, stop) =>
        {
            var called = (await SetupStores.Printers.All(database, stop)).Cast<IKept>().Concat(await SetupStores.Filaments.All(database,
                stop)).ToDictionary(k => k.Id, k => k.Name);
            return (was, now) => SettingFields.Between(was, now, id => called.GetValueOrDefault(id, "another"));
        });
    }

    private static void Map<T>(IEndpointRouteBuilder api, string path, string called, KeptStore<T> store,
        Func<NpgsqlDataSource, string, CancellationToken, Task<bool>> taken,
        Func<NpgsqlDataSource, Input, T, CancellationToken, Task> look,
            Func<NpgsqlDataSource, CancellationToken, Task<Func<T, T, IReadOnlyList<SettingChange>>>> changes)
        where T : class, IKept
    {
        api.MapGet($"/{path}", (NpgsqlDataSource database, CancellationToken stop) => store.All(database, stop));
        api.MapGet($"/{path}/{{id:guid}}/states", async (Guid id, NpgsqlDataSource database, CancellationToken stop) =>
        {
            var (states, between) = (await store.States(database, id, stop), await changes(database, stop));
            return states.Select((s, i) => new SettingStateView(s.State.Version, s.At, i + 1 < states.Count ? between(states[i + 1].State, s.State) : []));
        });
        api.MapPost($"/{path}", async (T state, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop, bool again = false) =>
        {
            var input = new Input();
            await look(database, input, state, stop);
            if (!input.IsGood)
            {
                return Problems.Bad(input.Problems);
            }

            if (!again && await taken(database, state.Name, stop))
            {
                return Problems.Taken("name", called, state.Name);
            }

            var id = Guid.CreateVersion7();
            await store.Add(database, id, state, clock.GetUtcNow(), stop);
            return TypedResults.Created($"/api/{path}/{id}", await store.Find(database, id, stop));
        }).Produces<T>(201).ProducesProblem(400).ProducesProblem(409);
        api.MapPut($"/{path}/{{id:guid}}", async (Guid id, T state, NpgsqlDataSource database, TimeProvider clock,
            CancellationToken stop, bool again = false) =>
        {
            if (await store.Find(database, id, stop) is not { } known)
            {
                return Problems.Missing(called, id);
            }

            var input = new Input();
            await look(database, input, state, stop);
            if (state is Setup setup && known is Setup was && !setup.PrintsAs(was) && await ProcessStore.WasPrinted(database, id, stop))
            {
                input.Add(new("nozzle", null, "Something was printed with this setup: printer, filament, nozzle, line width and layer height decide "
                    + "how sizes come out, and stay.",
                    "Make a setup of its own of it, from a copy."));
            }

            return !input.IsGood ? Problems.Bad(input.Problems)
                : !state.Name.Equals(known.Name, StringComparison.OrdinalIgnoreCase) && !again && await taken(database, state.Name, stop)
                    ? Problems.Taken("name", called, state.Name)
                : await store.Save(database, id, state, clock.GetUtcNow(), stop) ? TypedResults.Ok(await store.Find(database, id, stop))
                : await store.Find(database, id, stop) is { } newest ? Problems.Stale(state.Version, newest.Version, newest, state)
                    : Problems.Missing(called, id);
        }).Produces<T>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    /// <summary>Whether a printer can be; gathers what is wrong with it.</summary>
    internal static void Look(Input input, Printer printer, string path = "")
    {
        input.Name($"{path}name", printer.Name);
        Figures(input, SettingFields.OfPrinter, printer, path);
        if (printer.Hours.To <= printer.Hours.From)
        {
            input.Add(new($"{path}hours.to", null, "Whoever comes at that hour is to leave later.", "Enter hours of one day; 0 to 24 is all day.",
                "later than the first"));
        }

        if (printer.Nozzles.Count is 0 or > MostNozzles || printer.Nozzles.Any(n => n is not (>= 0.1 and <= 2)))
        {
            input.Add(new($"{path}nozzles", Said(printer.Nozzles), "A nozzle is 0.1 to 2 mm wide, and a printer has at least one.",
                "Enter them like 0.4, 0.6.", $"1 to {MostNozzles} of 0.1 to 2 mm"));
        }

        if (input.IsGood && printer.Margin * 2 >= Math.Min(printer.BedWidth, printer.BedDepth))
        {
            input.Add(new($"{path}margin", $"{printer.Margin}", "Nothing of the bed would be left.", "Enter less.", "less than half of the bed"));
        }
    }

    /// <summary>Whether a filament can be; gathers what is wrong with it.</summary>
    internal static void Look(Input input, Filament filament, string path = "")
    {
        input.Name($"{path}name", filament.Name);
        input.Text($"{path}basis", filament.Basis);
        Figures(input, SettingFields.OfFilament, filament, path);
    }

    /// <summary>Whether the figures of a setup can be; gathers what is wrong with them.</summary>
    internal static void Look(Input input, Setup setup, string path = "")
    {
        input.Name($"{path}name", setup.Name);
        Figures(input, SettingFields.OfSetup, setup, path);
        foreach (var (surface, allowance) in setup.Allowances)
        {
            var field = $"{path}allowances.{JsonNamingPolicy.CamelCase.ConvertName($"{surface}")}";
            Figures(input, SettingFields.OfAllowance, allowance, $"{field}.");
            input.Text($"{field}.basis", allowance.Basis);
        }
    }

    private static async Task Look(NpgsqlDataSource database, Input input, Setup setup, CancellationToken stop)
    {
        Look(input, setup);
        input.OneOf("filament", $"{setup.Filament}", await SetupStores.Filaments.All(database, stop), f => $"{f.Id}");
        if (input.OneOf("printer", $"{setup.Printer}", await SetupStores.Printers.All(database, stop), p => $"{p.Id}") is { } printer && input.IsGood)
        {
            LookAtNozzle(input, setup, printer);
        }
    }

    /// <summary>Common practice: lines of 0.6 to 2 nozzle widths, layers of at most 0.8.</summary>
    private static void LookAtNozzle(Input input, Setup setup, Printer printer)
    {
        var n = setup.Nozzle;
        if (!printer.Nozzles.Any(x => Math.Abs(x - n) < 1e-9))
        {
            input.Add(new("nozzle", Said([n]), $"{printer.Name} has no such nozzle.", "Choose one of its own, or enter it at the printer first.",
                Said(printer.Nozzles)));
        }
        else if (setup.LineWidth < 0.6 * n || setup.LineWidth > 2 * n)
        {
            input.Add(new("lineWidth", Said([setup.LineWidth]), $"A nozzle of {Said([n])} lays lines of {Said([0.6 * n])} to {Said([2 * n])}.",
                "Look at the point, or choose another nozzle.",
                $"{Said([0.6 * n])} to {Said([2 * n])}"));
        }
        else if (setup.LayerHeight > 0.8 * n)
        {
            input.Add(new("layerHeight", Said([setup.LayerHeight]), $"Out of a nozzle of {Said([n])} a layer holds to the next up to {Said([0.8 * n])}.",
                "Enter less, or choose another nozzle.",
                $"up to {Said([0.8 * n])}"));
        }
    }

    private static void Figures<T>(Input input, IReadOnlyList<SettingField<T>> fields, T of, string path)
    {
        foreach (var field in fields)
        {
            if (field.Value(of) is { } value)
            {
                input.Within($"{path}{field.Key}", value, field.Least, field.Most, field.Unit);
            }
        }
    }

    private static string Said(IEnumerable<double> lengths) => string.Join(", ",
        lengths.Select(l => $"{l.ToString("0.###", CultureInfo.InvariantCulture)} mm"));
}
