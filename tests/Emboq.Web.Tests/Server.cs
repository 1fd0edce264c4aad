using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Emboq.Web.Tests;
using Microsoft.AspNetCore.Mvc.Testing;
using Npgsql;

[assembly: AssemblyFixture(typeof(Server))]

namespace Emboq.Web.Tests;

/// <summary>The real application on a real port and a fresh database of the PostgreSQL named by EMBOQ_TEST_DATABASE.</summary>
public sealed class Server : IAsyncLifetime
{
    private readonly WebApplicationFactory<Program> factory = new();

    public HttpClient Http { get; private set; } = null!;

    public string Connection { get; private set; } = "";

    public async ValueTask InitializeAsync()
    {
        var postgres = Environment.GetEnvironmentVariable("EMBOQ_TEST_DATABASE")
            ?? throw new InvalidOperationException("EMBOQ_TEST_DATABASE names no PostgreSQL; run ./emboq test.");
        var name = $"test_{Guid.NewGuid():n}";
        Connection = await NewNotebook(postgres, name);
        Store.Database.Migrate(As(Connection, "emboq_owner"));
        // The application has no more than its own role's rights here too.
        Environment.SetEnvironmentVariable("EMBOQ_DATABASE", As(Connection, "emboq_app"));
        // Tests send more files in a minute than a person does.
        Environment.SetEnvironmentVariable("EMBOQ_UPLOADS", "100000");
        factory.UseKestrel(0);
        factory.StartServer();
        Http = factory.CreateClient();
    }

    public async ValueTask DisposeAsync() => await factory.DisposeAsync();

    /// <summary>An empty database with the roles that ./emboq gives one.</summary>
    /// <returns>A connection to it as the superuser.</returns>
    public static async Task<string> NewNotebook(string postgres, string name)
    {
        // Roles belong to all databases: two tests that set them at once collide.
        await Roles.WaitAsync();
        try
        {
            await Run(postgres, $"create database {name}");
            var connection = new NpgsqlConnectionStringBuilder(postgres) { Database = name }.ConnectionString;
            await Run(connection, await File.ReadAllTextAsync(Path.Combine(AppContext.BaseDirectory, "roles.sql")));
            await Run(connection, $"alter role emboq_owner password '{Password}'; alter role emboq_app password '{Password}'");
            return connection;
        }
        finally
        {
            Roles.Release();
        }
    }

    private static readonly SemaphoreSlim Roles = new(1, 1);

    /// <summary>The same database as another role.</summary>
    public static string As(string connection, string role) => new NpgsqlConnectionStringBuilder(connection)
    {
        Username = role,
        Password = Password
    }.ConnectionString;

    private const string Password = "of-the-tests";

    private static async Task Run(string connection, string sql)
    {
        await using var source = NpgsqlDataSource.Create(connection);
        await using var command = source.CreateCommand(sql);
        await command.ExecuteNonQueryAsync();
    }

    /// <summary>The parts on the bench, once everything that changed has been reckoned.</summary>
    public async Task<JsonArray> Bench()
    {
        for (var n = 0; ; n++)
        {
            var items = (await Get("/api/bench?most=500"))["items"]!.AsArray();
            if (items.All(i => !(bool)i!["reckoning"]!))
            {
                return items;
            }

            n.ShouldBeLessThan(300, "the bench is not reckoned");
            await Task.Delay(100);
        }
    }

    public async Task<JsonNode> Get(string path) => (await Http.GetFromJsonAsync<JsonNode>(path))!;

    public Task<byte[]> Bytes(string path) => Http.GetByteArrayAsync(path, TestContext.Current.CancellationToken);

    /// <summary>Sends JSON; answers the status and the body.</summary>
    public async Task<(int Status, JsonNode? Body)> Send(HttpMethod method, string path, object body)
    {
        var json = body as string ?? JsonSerializer.Serialize(body);
        using var request = new HttpRequestMessage(method, path) { Content = new StringContent(json, Encoding.UTF8, "application/json") };
        // A large body is offered before it is sent, so that the refusal can be read.
        request.Headers.ExpectContinue = json.Length > 1_000_000;
        // As the web client does: every write is done once.
        request.Headers.Add("Idempotency-Key", $"{Guid.NewGuid()}");
        using var response = await Http.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return ((int)response.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text));
    }

    /// <summary>Posts JSON that must be accepted.</summary>
    public async Task<JsonNode> Post(string path, object body)
    {
        var (status, answer) = await Send(HttpMethod.Post, path, body);
        status.ShouldBeInRange(200, 299, answer?.ToJsonString());
        return answer!;
    }

    /// <summary>Lays parts of a job out on beds; answers the layout after every step on the way to it.</summary>
    public async Task<JsonNode> Lay(JsonNode part, object[] processes, IReadOnlyList<int>? members = null, string? letters = null, int? most = null,
        params JsonNode[] others)
    {
        var parts = others.Prepend(part).Select((p, i) => new { part = (string)p["id"]!, members = i == 0 ? members : null });
        using var response = await Http.PostAsync($"/api/jobs/{part["job"]}/bedfuls",
            JsonContent.Create(new { parts, processes, start = "2031-05-12T09:00:00+02:00", letters, most }));
        var lines = (await response.Content.ReadAsStringAsync()).Split('\n', StringSplitOptions.RemoveEmptyEntries).Select(l => JsonNode.Parse(l)!).ToList();
        lines.Take(lines.Count - 1).ShouldAllBe(l => ((string)l["doing"]!).Length > 5, lines[0].ToJsonString());
        return lines[^1]["done"]!;
    }

    /// <summary>The first demo part whose job has this name.</summary>
    public async Task<JsonNode> DemoPart(string job) => (await Get($"/api/jobs?words={Uri.EscapeDataString(job)}")).AsArray().Single(j =>
        (string)j!["name"]! == job)!["parts"]![0]!;

    /// <summary>A new part of our own, so that tests do not disturb each other.</summary>
    public async Task<string> NewFilament() => (string)(await Post("/api/filaments?again=true", new { name = "test filament" }))["id"]!;

    /// <summary>A setup of a printer and a filament of its own.</summary>
    public async Task<JsonNode> NewSetup(string name, object? more = null)
    {
        var (printer, filament) = (await Post("/api/printers?again=true", new { name = $"{name} printer" }),
            await Post("/api/filaments?again=true", new { name = $"{name} filament" }));
        var setup = JsonSerializer.SerializeToNode(more ?? new { })!;
        (setup["name"], setup["printer"], setup["filament"]) = (name, (string)printer["id"]!, (string)filament["id"]!);
        return await Post("/api/setups?again=true", setup);
    }

    /// <summary>A printer, a filament and a nozzle of its own: what others try teaches its surfaces nothing.</summary>
    public async Task<JsonNode> NewSetupAlone(string name, double nozzle)
    {
        var printer = await Post("/api/printers?again=true", new { name = $"{name} printer", nozzles = new[] { nozzle } });
        var filament = await Post("/api/filaments?again=true", new { name = $"{name} filament" });
        return await Post("/api/setups?again=true", new { name, printer = printer["id"], filament = filament["id"], nozzle, lineWidth = nozzle * 1.1 });
    }

    /// <summary>An adapter on places, a printer and a nozzle of its own: what others try beside it says next to nothing of it.</summary>
    public async Task<JsonNode> NewPartAlone(string name, double nozzle, string port = "49")
    {
        var setup = await NewSetupAlone(name, nozzle);
        var machine = await Post("/api/machines", new { name = $"{name} machine" });
        async Task<string> Place(string dimension, string size)
        {
            var place = await Post($"/api/machines/{machine["id"]}/interfaces", new
            {
                name = $"{name} {dimension}",
                kind = "tube",
                items = Array.Empty<string>()
            });
            await Post($"/api/interfaces/{place["id"]}/readings", new { dimension, text = size, instrument = "caliper" });
            return (string)place["id"]!;
        }

        var interfaces = new { first = await Place("outside", port), second = await Place("inside", "38") };
        var part = new { name, family = "hose-adapter", interfaces, process = setup["id"], parameters = new { firstJoin = "over", secondJoin = "inside" } };
        return (await Post("/api/jobs", new { name, part }))["parts"]![0]!;
    }

    public async Task<JsonNode> NewPart(string name)
    {
        var demo = await DemoPart("Blade sander to hose");
        var job = await Post("/api/jobs", new
        {
            name,
            part = new
            {
                name,
                family = "hose-adapter",
                interfaces = demo["state"]!["interfaces"],
                process = demo["state"]!["process"],
                parameters = new { firstJoin = "over", secondJoin = "inside" }
            }
        });
        return job["parts"]![0]!;
    }

    /// <summary>A design request for a part as it stands.</summary>
    public static JsonObject DesignOf(JsonNode part) => new()
    {
        ["family"] = (string)part["family"]!,
        ["process"] = (string)part["state"]!["process"]!,
        ["parameters"] = part["state"]!["parameters"]!.DeepClone(),
        ["interfaces"] = new JsonObject(part["state"]!["interfaces"]!.AsObject().Select(i =>
            KeyValuePair.Create<string, JsonNode?>(i.Key, new JsonObject { ["id"] = (string)i.Value! }))),
        ["part"] = (string)part["id"]!,
        ["setups"] = part["state"]!["setups"]!.DeepClone(),
    };
}
