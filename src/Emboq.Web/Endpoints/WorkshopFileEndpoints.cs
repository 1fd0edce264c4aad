using System.Globalization;
using Emboq.Store.Archive;

namespace Emboq.Web.Endpoints;

/// <summary>The whole workshop as one file of open parts: what ./emboq backup writes and ./emboq restore reads.</summary>
internal static class WorkshopFileEndpoints
{
    public static void MapWorkshopFile(this IEndpointRouteBuilder api) =>
        api.MapGet("/workshop.zip", Export).Produces(200, contentType: "application/zip").Heavy().WithMetadata(new WholeAnswers.BitByBit());

    private static async Task<IResult> Export(IConfiguration configuration, TimeProvider clock, CancellationToken stop)
    {
        // Whole on the disk before its first byte leaves; gone when it has left.
        var file = new FileStream(Path.GetTempFileName(), new FileStreamOptions
        {
            Mode = FileMode.Create,
            Access = FileAccess.ReadWrite,
            Options = FileOptions.DeleteOnClose | FileOptions.Asynchronous
        });
        try
        {
            await ArchiveWriter.Write(configuration["EMBOQ_DATABASE"]!, file, clock.GetUtcNow(), stop);
            file.Position = 0;
            return TypedResults.File(file, "application/zip", string.Create(CultureInfo.InvariantCulture, $"emboq-{clock.GetUtcNow():yyyy-MM-dd}.zip"));
        }
        catch
        {
            await file.DisposeAsync();
            throw;
        }
    }
}
