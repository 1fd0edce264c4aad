using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;
using Emboq.Kernel;
using Emboq.Store;
using Emboq.Web;
using Emboq.Web.Demo;
using Emboq.Web.Devices;
using Emboq.Web.Endpoints;
using Microsoft.AspNetCore.RateLimiting;
using Microsoft.Net.Http.Headers;
using Serilog;

CultureInfo.DefaultThreadCurrentCulture = CultureInfo.CurrentCulture = CultureInfo.InvariantCulture;
if (Commands.Knows(args))
{
    return await Commands.Run(args[0], Environment.GetEnvironmentVariable("EMBOQ_DATABASE") ?? "");
}

var builder = WebApplication.CreateBuilder(args);
builder.Services.AddSerilog(log => Logs.Configure(log, builder.Configuration));
builder.AddTelemetry();
builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.AddServerHeader = false;
    kestrel.Limits.MaxRequestBodySize = Limits.BodyBytes;
});
builder.Services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
builder.Services.ConfigureHttpJsonOptions(json =>
{
    json.SerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
    json.SerializerOptions.Converters.Add(new ComposedText());
    json.SerializerOptions.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
    json.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
    json.SerializerOptions.RespectNullableAnnotations = true;
    json.SerializerOptions.RespectRequiredConstructorParameters = true;
});
builder.Services.AddExceptionHandler<ProblemHandler>();
builder.Services.AddProblemDetails(options => options.CustomizeProblemDetails = context => Problems.Complete(context.ProblemDetails));
builder.Services.AddOpenApi(ApiDescription.Describe);
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddSingleton(_ => new KernelPool(new KernelLimits()));
builder.Services.AddHeavyWork();
builder.Services.AddSingleton<Room>();
builder.Services.AddHostedService<Reckoner>();
builder.Services.AddHostedService<Housekeeping>();
builder.Services.AddSingleton<Backups>();
builder.Services.AddSingleton<DeviceRack>();
builder.Services.AddRateLimiter(limits =>
{
    limits.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
    limits.AddFixedWindowLimiter(Limits.Uploads, window => (window.PermitLimit,
        window.Window) = (builder.Configuration.GetValue("EMBOQ_UPLOADS", Limits.UploadsAMinute), TimeSpan.FromMinutes(1)));
});
var connection = builder.Configuration["EMBOQ_DATABASE"]
    ?? throw new InvalidOperationException("EMBOQ_DATABASE names no database. Start Emboq with ./emboq start.");
builder.Services.AddSingleton(_ => Database.Open(connection));

var app = builder.Build();
app.UseRequestLog();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseSecurityHeaders();
app.UseDoors();
app.UseNothingStale();
app.UseRateLimiter();
app.UseRequestTimeouts();
app.UseWholeAnswers();
app.UseRoomGate();
app.UseHeavyWork();
app.UseOnceOnly();
app.UseDefaultFiles();
app.UseStaticFiles(new StaticFileOptions
{
    // Built files carry their hash in the name; the page itself is always asked for anew.
    OnPrepareResponse = file => file.Context.Response.Headers[HeaderNames.CacheControl] =
        file.Context.Request.Path.StartsWithSegments("/assets") ? "public, max-age=31536000, immutable" : "no-cache",
});
app.MapOpenApi();
var api = app.MapGroup("/api");
api.AddEndpointFilter<RouteGroupBuilder, BodyGate>();
api.MapHealth();
api.MapFamilies();
api.MapWorkshop();
api.MapSetups();
api.MapDesigns();
api.MapMachines();
api.MapPlaces();
api.MapOutlines();
api.MapOutlinePhotographs();
api.MapOutlineScans();
api.MapReadings();
api.MapReadingFiles();
api.MapPhotos();
api.MapCards();
api.MapStandards();
api.MapDevices();
api.MapJobs();
api.MapRevisions();
api.MapRepairs();
api.MapFiles();
api.MapService();
api.MapFits();
api.MapFitWindows();
api.MapLearned();
api.MapCombs();
api.MapCameras();
api.MapPacks();
api.MapRows();
api.MapBedfuls();
api.MapBedfulFiles();
api.MapShelf();
api.MapAway();
api.MapShopCards();
api.MapBench();
api.MapHomes();
api.MapQueue();
api.MapWorkshopFile();
app.MapFallbackToFile("{*path:nonfile:regex(^(?!api($|/)).*$)}", "index.html");

if (!await Commands.Told(async () =>
{
    Database.MustBeCurrent(connection);
    // The engines start while the rest does.
    app.Services.GetRequiredService<KernelPool>();
    await Workshop.Prepare(app.Services, withDemo: app.Configuration["EMBOQ_DEMO"] != "no");
}))
{
    return 1;
}

await app.RunAsync();
return 0;

/// <summary>Seen by the tests, which start it in their own process.</summary>
public partial class Program;
