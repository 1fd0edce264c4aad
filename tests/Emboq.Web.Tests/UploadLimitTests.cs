using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.TestHost;
using Microsoft.Extensions.DependencyInjection;

namespace Emboq.Web.Tests;

/// <summary>Uploads are counted, in an application of its own, so that the other tests are not held up. It computes no shapes and starts no engines.</summary>
public sealed class UploadLimitTests(Server server)
{
    private sealed class NoKernel : ISolidKernel
    {
        public string Version => "none";

        public Task<IReadOnlyList<SolidMesh>> Evaluate(IReadOnlyList<Solid> solids, double chordError, CancellationToken stop) =>
            throw new NotSupportedException();

        public Task<IReadOnlyList<Layer>> Layers(Solid solid, Layering layering, double chordError, CancellationToken stop) =>
            throw new NotSupportedException();

        public Task<Meeting> Between(Solid a, Solid b, double reach, double chordError, CancellationToken stop) => throw new InvalidOperationException();
    }

    [Fact]
    public async Task More_uploads_than_a_minute_allows_are_refused_in_words()
    {
        server.Connection.ShouldNotBeEmpty();
        await using var factory = new WebApplicationFactory<Program>().WithWebHostBuilder(host =>
            host.UseSetting("EMBOQ_UPLOADS", "2").ConfigureTestServices(services => services.AddSingleton<ISolidKernel, NoKernel>()));
        using var http = factory.CreateClient();
        var statuses = new List<int>();
        JsonNode? last = null;
        for (int i = 0; i < 4; i++)
        {
            using var answer = await http.PostAsJsonAsync($"/api/machines/{Guid.NewGuid()}/reading-files", new { text = "dimension,reading\ninside,1" },
                TestContext.Current.CancellationToken);
            statuses.Add((int)answer.StatusCode);
            last = await answer.Content.ReadFromJsonAsync<JsonNode>(TestContext.Current.CancellationToken);
        }

        statuses.ShouldBe([404, 404, 429, 429]);
        ((string)last!["problems"]![0]!["remedy"]!).ShouldStartWith("Wait a minute");
    }
}
