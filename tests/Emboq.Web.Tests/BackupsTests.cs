using Emboq.Store.Archive;
using Microsoft.Extensions.Configuration;

namespace Emboq.Web.Tests;

/// <summary>Backups that are made by themselves.</summary>
public sealed class BackupsTests(Server server)
{
    private sealed class Clock : TimeProvider
    {
        public DateTimeOffset Now { get; set; } = new(2031, 5, 12, 9, 0, 0, TimeSpan.Zero);

        public override DateTimeOffset GetUtcNow() => Now;
    }

    [Fact]
    public async Task One_a_day_is_made_the_oldest_go_and_an_old_one_is_told()
    {
        var stop = TestContext.Current.CancellationToken;
        var folder = Directory.CreateTempSubdirectory("emboq-backups-");
        try
        {
            var clock = new Clock();
            var backups = new Backups(new ConfigurationBuilder().AddInMemoryCollection(new Dictionary<string, string?>
            {
                ["EMBOQ_BACKUPS"] = folder.FullName,
                ["EMBOQ_BACKUPS_KEPT"] = "2",
                ["EMBOQ_DATABASE"] = Server.As(server.Connection, "emboq_app"),
            }).Build(), clock);
            (backups.Newest, backups.IsOld).ShouldBe((null, true));
            for (var day = 0; day < 3; day++)
            {
                await backups.MakeIfDue(stop);
                // Asked again the same day, nothing more is made.
                clock.Now += TimeSpan.FromHours(20);
                await backups.MakeIfDue(stop);
                folder.GetFiles().Length.ShouldBe(Math.Min(day + 1, 2));
                backups.IsOld.ShouldBeFalse();
                clock.Now += TimeSpan.FromHours(17);
                backups.IsOld.ShouldBeTrue();
            }

            folder.GetFiles().Select(f => f.Name).Order().ShouldBe(["emboq-2031-05-13-220000.zip", "emboq-2031-05-15-110000.zip"]);
            await using var newest = File.OpenRead(folder.GetFiles().MaxBy(f => f.Name)!.FullName);
            using var archive = await ArchiveReader.Open(newest, stop);
            archive.Manifest.Tables.Sum(t => t.Rows).ShouldBeGreaterThan(60);
        }
        finally
        {
            folder.Delete(recursive: true);
        }
    }

    [Fact]
    public void Where_no_folder_is_named_nothing_is_old()
    {
        new Backups(new ConfigurationBuilder().Build(), TimeProvider.System).IsOld.ShouldBeFalse();
    }
}
