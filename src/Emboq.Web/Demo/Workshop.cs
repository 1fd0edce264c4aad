using Emboq.Kernel;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Demo;

/// <summary>What an empty notebook starts with.</summary>
internal static class Workshop
{
    /// <summary>Fills an empty notebook, all or nothing: instruments and a first process always, the demo workshop if wanted.</summary>
    public static async Task Prepare(IServiceProvider services, bool withDemo)
    {
        var database = services.GetRequiredService<NpgsqlDataSource>();
        var now = services.GetRequiredService<TimeProvider>().GetUtcNow();
        var known = await InstrumentStore.All(database, default);
        if (known.Any(i => !i.IsStandIn))
        {
            // A notebook from before they had names of their own.
            foreach (var device in Starters.StandIns.ExceptBy(known.Select(i => i.Id), d => d.Id))
            {
                await InstrumentStore.Add(database, device, default);
            }

            return;
        }

        await Whole.Of(async () =>
        {
            foreach (var instrument in Starters.Instruments.Concat(Starters.StandIns))
            {
                await InstrumentStore.Add(database, instrument, default);
            }

            if (withDemo)
            {
                await new PaddleWorkshop(database, services.GetRequiredService<KernelPool>(), now).Load();
            }
            else
            {
                await Starters.Enter(database, new() { Name = "first printer" }, Filament.Usual("plain filament", FilamentClass.Plain),
                    Starters.Setup("First printer, plain filament"), now);
            }
        });
    }
}
