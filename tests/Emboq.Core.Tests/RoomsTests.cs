using Mono.Cecil;
using Mono.Cecil.Rocks;

namespace Emboq.Core.Tests;

/// <summary>The rooms of the core stand on each other and never in a ring: what a room's code names, in signatures and in bodies, lies in rooms below
/// it.</summary>
public sealed class RoomsTests
{
    [Fact]
    public void No_room_leans_on_one_that_leans_on_it()
    {
        var leans = Leans();
        var rooms = leans.Keys.ToHashSet();
        // Room after room that leans on nothing that is left is taken away; what remains leans on itself.
        while (rooms.FirstOrDefault(r => !leans[r].Keys.Any(rooms.Contains)) is { } lowest)
        {
            rooms.Remove(lowest);
        }

        rooms.SelectMany(r => leans[r].Where(l => rooms.Contains(l.Key)).Select(l => $"{r} on {l.Key}: {string.Join(", ", l.Value.Take(4))}")).ShouldBeEmpty();
        leans.Count.ShouldBeGreaterThan(20);
    }

    /// <summary>Room to the rooms it names, with who does.</summary>
    private static Dictionary<string, Dictionary<string, SortedSet<string>>> Leans()
    {
        using var assembly = AssemblyDefinition.ReadAssembly(typeof(Quantity).Assembly.Location);
        var leans = new Dictionary<string, Dictionary<string, SortedSet<string>>>();
        foreach (var type in assembly.MainModule.GetAllTypes().Where(t => RoomOf(t) is not null))
        {
            var on = leans.TryGetValue(RoomOf(type)!, out var known) ? known : leans[RoomOf(type)!] = [];
            foreach (var named in Named(type).SelectMany(Parts).Where(n => n.Scope == assembly.MainModule && RoomOf(n) is { } room && room != RoomOf(type)))
            {
                (on.TryGetValue(RoomOf(named)!, out var who) ? who : on[RoomOf(named)!] = []).Add($"{type.Name} uses {named.Name}");
            }
        }

        return leans;
    }

    private static string? RoomOf(TypeReference type) => type.DeclaringType is { } outer ? RoomOf(outer)
        : type.Namespace.StartsWith("Emboq.Core", StringComparison.Ordinal) ? type.Namespace : null;

    private static IEnumerable<TypeReference> Named(TypeDefinition type)
    {
        IEnumerable<TypeReference?> all =
        [
            type.BaseType, .. type.Interfaces.Select(i => i.InterfaceType), .. type.Fields.Select(f => f.FieldType),
            .. type.Methods.SelectMany(m => m.Parameters.Select(p => p.ParameterType).Append(m.ReturnType)),
            .. type.Methods.Where(m => m.HasBody).SelectMany(m => m.Body.Variables.Select(v => v.VariableType)
                .Concat(m.Body.Instructions.SelectMany(i => i.Operand switch
                {
                    MethodReference method => [method.DeclaringType, method.ReturnType, .. method is GenericInstanceMethod generic
                        ? generic.GenericArguments : []],
                    FieldReference field => [field.DeclaringType, field.FieldType],
                    TypeReference other => [other],
                    _ => Array.Empty<TypeReference>(),
                }))),
        ];
        return all.OfType<TypeReference>();
    }

    /// <summary>A type with those it is made of: of a list, its items too.</summary>
    private static IEnumerable<TypeReference> Parts(TypeReference type) => type switch
    {
        GenericInstanceType generic => generic.GenericArguments.SelectMany(Parts).Append(generic.ElementType),
        TypeSpecification made => Parts(made.ElementType),
        _ => [type],
    };
}
