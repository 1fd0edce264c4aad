namespace Emboq.Web;

/// <summary>Answers of the API leave whole: what fails while it is written is a failure, never half an answer.</summary>
internal static class WholeAnswers
{
    /// <summary>Marks an endpoint that answers bit by bit on purpose.</summary>
    public sealed record BitByBit;

    public static void UseWholeAnswers(this WebApplication app) => app.Use(async (context, next) =>
    {
        if (!context.Request.Path.StartsWithSegments("/api") || context.GetEndpoint()?.Metadata.GetMetadata<BitByBit>() is not null)
        {
            await next(context);
            return;
        }

        var wire = context.Response.Body;
        using var whole = new MemoryStream();
        context.Response.Body = whole;
        try
        {
            await next(context);
        }
        finally
        {
            context.Response.Body = wire;
        }

        if (whole.Length > 0)
        {
            context.Response.ContentLength = whole.Length;
            await wire.WriteAsync(whole.GetBuffer().AsMemory(0, (int)whole.Length), context.RequestAborted);
        }
    });
}
