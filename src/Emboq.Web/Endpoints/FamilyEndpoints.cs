using Emboq.Core;
using Emboq.Core.Families;
using Emboq.Core.Quantities;
using Emboq.Web.Views;

namespace Emboq.Web.Endpoints;

/// <summary>A family with what it takes.</summary>
public sealed record FamilyView(string Key, string Name, string Need, IReadOnlyList<InterfaceSlot> Slots, IReadOnlyList<ParameterSpec> Parameters);

/// <summary>A length as read, in both systems.</summary>
/// <param name="Millimetres">mm.</param>
/// <param name="Metric">As read.</param>
/// <param name="Inches">As read.</param>
/// <param name="Exact">Exactly, in the system it was written in.</param>
public sealed record LengthView(double Millimetres, string Metric, string? Inches, string Exact);

internal static class FamilyEndpoints
{
    public static void MapFamilies(this IEndpointRouteBuilder api)
    {
        api.MapGet("/families", () => FamilyList.All.Select(f => new FamilyView(f.Key, f.Name, f.Need, f.Slots, f.Parameters)).ToArray());
        api.MapGet("/lengths", ReadLength).Produces<LengthView>().ProducesProblem(400);
    }

    /// <summary>Reads a length in workshop notation without keeping it.</summary>
    private static IResult ReadLength(string text, string? leading)
    {
        if (!Enum.TryParse<LengthSystem>(leading ?? "metric", ignoreCase: true, out var system) || !Enum.IsDefined(system))
        {
            return Problems.Bad("leading", leading, $"'{leading}' is not a unit system known here.", "Use metric or inch.");
        }

        var read = LengthNotation.Parse(text, system, "text");
        if (!read.IsGood)
        {
            return Problems.Bad(read.Problems);
        }

        var mm = read.Value.ToMillimetres();
        return TypedResults.Ok(new LengthView(mm, QuantityText.Metric(mm, Unit.Millimetre), QuantityText.Inches(mm, Unit.Millimetre), LengthNotation.Print(read.Value)));
    }
}
