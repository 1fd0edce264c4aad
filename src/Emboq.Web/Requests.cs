namespace Emboq.Web;

/// <summary>Marks an endpoint that keeps nothing, though it is asked with a body: it may be asked again, and needs no room.</summary>
internal sealed record ComputesOnly;

internal static class Requests
{
    /// <summary>Says that an endpoint keeps nothing.</summary>
    public static RouteHandlerBuilder Computes(this RouteHandlerBuilder endpoint) => endpoint.WithMetadata(new ComputesOnly());

    /// <summary>Whether a request may change the notebook.</summary>
    public static bool Writes(this HttpContext context) =>
        context.Request.Path.StartsWithSegments("/api") && !HttpMethods.IsGet(context.Request.Method) && !HttpMethods.IsHead(context.Request.Method)
        && context.GetEndpoint()?.Metadata.GetMetadata<ComputesOnly>() is null;
}
