using Npgsql;
using OpenTelemetry.Metrics;
using OpenTelemetry.Trace;

namespace Emboq.Web;

/// <summary>Metrics and traces of requests, kernel and database, sent to a collector of the workshop's own. Nothing is gathered unless
/// OTEL_EXPORTER_OTLP_ENDPOINT names one.</summary>
internal static class Telemetry
{
    public static void AddTelemetry(this WebApplicationBuilder builder)
    {
        if (string.IsNullOrEmpty(builder.Configuration["OTEL_EXPORTER_OTLP_ENDPOINT"]))
        {
            return;
        }

        builder.Services.AddOpenTelemetry()
            .WithMetrics(metrics => metrics.AddAspNetCoreInstrumentation().AddRuntimeInstrumentation().AddNpgsqlInstrumentation()
                .AddMeter(KernelMeter.Name).AddOtlpExporter())
            .WithTracing(traces => traces.AddAspNetCoreInstrumentation().AddNpgsql().AddOtlpExporter());
        builder.Services.AddHostedService<KernelMeter>();
    }
}
