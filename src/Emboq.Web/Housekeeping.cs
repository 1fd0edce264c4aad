using Emboq.Store;
using Npgsql;

namespace Emboq.Web;

/// <summary>What is done every few minutes beside serving: backups that are due, and answers that nobody asks for again.</summary>
internal sealed class Housekeeping(NpgsqlDataSource database, Backups backups, TimeProvider clock, ILogger<Housekeeping> log) : BackgroundService
{
    private static readonly TimeSpan Pause = TimeSpan.FromMinutes(5);
    private static readonly TimeSpan AnswersKept = TimeSpan.FromDays(1);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        for (; ; await Task.Delay(Pause, clock, stoppingToken))
        {
            try
            {
                await AnsweredStore.Forget(database, clock.GetUtcNow() - AnswersKept, stoppingToken);
                await backups.MakeIfDue(stoppingToken);
            }
            catch (Exception e) when (!stoppingToken.IsCancellationRequested)
            {
                log.LogError(e, "Housekeeping waits");
            }
        }
    }
}
