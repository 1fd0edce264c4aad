namespace Emboq.Web.Tests;

/// <summary>Filament by weight.</summary>
public sealed class SpoolTests(Server server)
{
    /// <summary>A weighing under a clock that was a day ahead does not hide those entered after it.</summary>
    [Fact]
    public async Task The_weighing_that_was_entered_last_counts_whatever_the_clock_said()
    {
        var stop = TestContext.Current.CancellationToken;
        var spool = await server.Post("/api/spools", new
        {
            name = $"clock spool {Guid.NewGuid()}",
            filament = await server.NewFilament(),
            tare = 200,
            gross = 900
        });
        await using var database = Store.Database.Open(Server.As(server.Connection, "emboq_app"));
        var id = Guid.Parse((string)spool["id"]!);
        await Store.SpoolStore.Weigh(database, id, 800, DateTimeOffset.UtcNow.AddDays(1), stop);
        await Store.SpoolStore.Weigh(database, id, 700, DateTimeOffset.UtcNow, stop);
        ((double)(await server.Get("/api/spools")).AsArray().Single(s => (string)s!["id"]! == (string)spool["id"]!)!["gross"]!).ShouldBe(700);
    }

    [Fact]
    public async Task A_spool_is_weighed_in_weighed_again_and_put_away()
    {
        var spool = await server.Post("/api/spools", new
        {
            name = "test spool",
            filament = await server.NewFilament(),
            tare = 200,
            gross = 812,
            colour = "teal"
        });
        ((double)spool["left"]!).ShouldBe(612);
        (await server.Send(HttpMethod.Post, $"/api/spools/{spool["id"]}/weighings", new { gross = 640.5 })).Status.ShouldBe(204);
        var kept = (await server.Get("/api/spools")).AsArray().Single(s => (string)s!["id"]! == (string)spool["id"]!);
        ((double)kept!["left"]!).ShouldBe(440.5);
        var (status, refused) = await server.Send(HttpMethod.Post, $"/api/spools/{spool["id"]}/weighings", new { gross = 120 });
        (status, (string)refused!["problems"]![0]!["field"]!).ShouldBe((400, "gross"));
        (await server.Send(HttpMethod.Post, $"/api/spools/{spool["id"]}/put-away", new { })).Status.ShouldBe(204);
        (await server.Get("/api/spools")).AsArray().ShouldNotContain(s => (string)s!["id"]! == (string)spool["id"]!);
        (await server.Send(HttpMethod.Post, $"/api/spools/{Guid.NewGuid()}/weighings", new { gross = 300 })).Status.ShouldBe(404);
    }
}
