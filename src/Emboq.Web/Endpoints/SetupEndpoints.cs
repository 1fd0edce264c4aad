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

    /// <summary>What one sort of them is called, how it is looked at, and how two of its states are compared.</summary>
    private sealed record Sort<T>(string Path, string Called, KeptStore<T> Store, Action<Input, T> Look,
        Func<T, T, Func<Guid, string>, IReadOnlyList<SettingChange>> Compare)
        where T : class, IKept
    {
        /// <summary>Looks at what only the notebook knows: what it names, and what stood before; <c>null</c> for a new one.</summary>
        public Func<NpgsqlDataSource, Input, T, T?, CancellationToken, Task> LookAround { get; init; } = (_, _, _, _, _) => Task.CompletedTask;
    }

    public static void MapSetups(this IEndpointRouteBuilder api)
    {
        api.MapGet("/setting-forms", () => SettingForms.All);
        Map(api, new Sort<Printer>("printers", "printer", SetupStores.Printers, (input, p) => Look(input, p),
            (was, now, _) => SettingFields.Between(was, now)));
        Map(api, new Sort<Filament>("filaments", "filament", SetupStores.Filaments, (input, f) => Look(input, f),
            (was, now, _) => SettingFields.Between(was, now)));
        Map(api, new Sort<Setup>("setups", "setup", SetupStores.Setups, (input, s) => Look(input, s), SettingFields.Between) { LookAround = LookAround });
    }

    private static void Map<T>(IEndpointRouteBuilder api, Sort<T> sort)
        where T : class, IKept
    {
        var (path, store) = (sort.Path, sort.Store);
        api.MapGet($"/{path}", (NpgsqlDataSource database, CancellationToken stop) => store.All(database, stop));
        api.MapGet($"/{path}/{{id:guid}}/states", async (Guid id, NpgsqlDataSource database, CancellationToken stop) =>
        {
            var states = await store.States(database, id, stop);
            var names = (await SetupStores.Printers.All(database, stop)).Cast<IKept>().Concat(await SetupStores.Filaments.All(database, stop))
                .ToDictionary(k => k.Id, k => k.Name);
            return states.Select((s, i) => new SettingStateView(s.State.Version, s.At, i + 1 == states.Count ? []
                : sort.Compare(states[i + 1].State, s.State, named => names.GetValueOrDefault(named, "another"))));
        });
        api.MapPost($"/{path}", async (T state, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop, bool again = false) =>
        {
            var input = new Input();
            sort.Look(input, state);
            await sort.LookAround(database, input, state, null, stop);
            if (!input.IsGood)
            {
                return Problems.Bad(input.Problems);
            }

            if (!again && await store.HasName(database, state.Name, stop))
            {
                return Problems.Taken("name", sort.Called, state.Name);
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
                return Problems.Missing(sort.Called, id);
            }

            var input = new Input();
            sort.Look(input, state);
            await sort.LookAround(database, input, state, known, stop);
            return !input.IsGood ? Problems.Bad(input.Problems)
                : !state.Name.Equals(known.Name, StringComparison.OrdinalIgnoreCase) && !again && await store.HasName(database, state.Name, stop)
                    ? Problems.Taken("name", sort.Called, state.Name)
                : await store.Save(database, id, state, clock.GetUtcNow(), stop) ? TypedResults.Ok(await store.Find(database, id, stop))
                : await store.Find(database, id, stop) is { } newest ? Problems.Stale(state.Version, newest.Version, newest, state)
                    : Problems.Missing(sort.Called, id);
        }).Produces<T>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    /// <summary>What came along with a file: printer, filament and setup in one.</summary>
    internal static void Look(Input input, Process process, string path)
    {
        var (printer, filament, setup) = process.Apart();
        Look(input, printer, $"{path}printer.");
        Look(input, filament, $"{path}filament.");
        Look(input, setup, path);
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

    private static async Task LookAround(NpgsqlDataSource database, Input input, Setup setup, Setup? was, CancellationToken stop)
    {
        if (was is not null && !setup.PrintsAs(was) && await ProcessStore.WasPrinted(database, was.Id, stop))
        {
            input.Add(new("nozzle", null, "Something was printed with this setup: printer, filament, nozzle, line width and layer height decide "
                + "how sizes come out, and stay.", "Make a setup of its own of it, from a copy."));
        }

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
