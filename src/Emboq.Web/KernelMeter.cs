using System.Diagnostics.Metrics;
using Emboq.Kernel;

namespace Emboq.Web;

/// <summary>The kernel pool's counts as metrics.</summary>
internal sealed class KernelMeter : IHostedService, IDisposable
{
    /// <summary>Of the meter.</summary>
    public const string Name = "Emboq.Kernel";

    private readonly Meter meter = new(Name);

    public KernelMeter(KernelPool pool)
    {
        meter.CreateObservableCounter("emboq.kernel.evaluations", () => pool.Metrics.Evaluations, description: "Programs run");
        meter.CreateObservableCounter("emboq.kernel.shared", () => pool.Metrics.Shared, description: "Askers that found their work under way");
        meter.CreateObservableCounter("emboq.kernel.replaced", () => pool.Metrics.Replaced, description: "Engines given up");
    }

    public Task StartAsync(CancellationToken cancellationToken) => Task.CompletedTask;

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;

    public void Dispose() => meter.Dispose();
}
