using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using Emboq.Web.Devices;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A button pressed on a device.</summary>
/// <param name="Button">hold or zero.</param>
public sealed record PressRequest(string Button);

internal static class DeviceEndpoints
{
    private static readonly TimeSpan Longest = TimeSpan.FromMinutes(30);

    public static void MapDevices(this IEndpointRouteBuilder api)
    {
        api.MapGet("/devices", (DeviceRack rack) => rack.All.Select(d => new DeviceView(d.Key, d.Name)).ToArray());
        api.MapGet("/devices/{key}/stream", Stream).ProducesProblem(404).WithMetadata(new WholeAnswers.BitByBit()).DisableRequestTimeout();
        api.MapPost("/devices/{key}/presses", Press).Produces<ShownView>().ProducesProblem(400).ProducesProblem(404).Computes();
    }

    /// <summary>What the device shows, five times a second, as server-sent events, with the thing named between its jaws.</summary>
    private static async Task<IResult> Stream(string key, DeviceRack rack, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop,
        Guid? place = null, string? dimension = null)
    {
        if (rack.Find(key) is not { } device)
        {
            return Problems.Missing("device", key);
        }

        double hidden = 0;
        if (place is { } id)
        {
            if (await PlaceEndpoints.Find(database, id, stop) is not { } found || found.Dimensions.All(d => d.Key != dimension))
            {
                return Problems.Missing("dimension", dimension ?? "");
            }

            hidden = StandIn.HiddenSize(new Sizes(found), dimension!);
        }

        return TypedResults.ServerSentEvents(Shown(device, hidden, clock, stop));
    }

    private static async IAsyncEnumerable<SseItem<ShownView>> Shown(StandIn device, double hidden, TimeProvider clock,
        [EnumeratorCancellation] CancellationToken stop)
    {
        using var timer = new PeriodicTimer(TimeSpan.FromMilliseconds(200), clock);
        var end = clock.GetUtcNow() + Longest;
        do
        {
            yield return new(device.Show(hidden), "shown");
        }
        while (clock.GetUtcNow() < end && await timer.WaitForNextTickAsync(stop));
    }

    private static IResult Press(string key, PressRequest request, DeviceRack rack)
    {
        if (rack.Find(key) is not { } device)
        {
            return Problems.Missing("device", key);
        }

        var input = new Input();
        var button = input.Word<DeviceButton>("button", request.Button);
        return input.IsGood ? TypedResults.Ok(device.Press(button)) : Problems.Bad(input.Problems);
    }
}
