using System.Globalization;
using Serilog;
using Serilog.Events;
using Serilog.Formatting.Compact;

namespace Emboq.Web;

/// <summary>What happens, as JSON lines in a file of the data folder, a new one every day; what went wrong also where Emboq was started.</summary>
internal static class Logs
{
    private const long LargestFile = 20 << 20;
    private const int Kept = 14;

    public static void Configure(LoggerConfiguration log, IConfiguration configuration)
    {
        log.MinimumLevel.Information().MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
            .WriteTo.Console(LogEventLevel.Warning, formatProvider: CultureInfo.InvariantCulture);
        if (configuration["EMBOQ_FOLDER"] is { Length: > 0 } folder)
        {
            log.WriteTo.File(new CompactJsonFormatter(), Path.Combine(folder, "log", "emboq-.jsonl"),
                rollingInterval: RollingInterval.Day, fileSizeLimitBytes: LargestFile, rollOnFileSizeLimit: true, retainedFileCountLimit: Kept);
        }
    }

    /// <summary>A line for every request to the API, with the number that a failure shows on the screen.</summary>
    public static void UseRequestLog(this WebApplication app) => app.UseSerilogRequestLogging(options =>
    {
        options.GetLevel = (context, _, exception) => exception is not null || context.Response.StatusCode == 500 ? LogEventLevel.Error
            : context.Request.Path.StartsWithSegments("/api") ? LogEventLevel.Information : LogEventLevel.Debug;
    });
}
