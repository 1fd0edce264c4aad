using CsCheck;
using Emboq.Core.Tests.Families;
using Emboq.Kernel;

namespace Emboq.Exchange.Tests;

/// <summary>Families on random decisions, with an engine to build their solids.</summary>
public abstract class RandomSolids : IAsyncLifetime
{
    private static readonly int Sets = int.Parse(Environment.GetEnvironmentVariable("EMBOQ_FAMILY_SETS") ?? "8",
        System.Globalization.CultureInfo.InvariantCulture);

    private readonly KernelPool pool = new(new KernelLimits { Engines = 1, Longest = TimeSpan.FromSeconds(90) });

    /// <summary>Families to judge, where not all are wanted: EMBOQ_FAMILIES=faceplate,bracket.</summary>
    private static readonly string[]? Wanted = Environment.GetEnvironmentVariable("EMBOQ_FAMILIES")?.Split(',');

    private protected static TheoryData<string> Of(IEnumerable<Family> families) => [.. families.Select(f => f.Key).Where(k => Wanted?.Contains(k) ?? true)];

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public async ValueTask DisposeAsync()
    {
        await pool.DisposeAsync();
        GC.SuppressFinalize(this);
    }

    private protected static void Buildable(string key, Action<Family, Brief, Design> judge)
    {
        var family = RandomBriefs.All.First(f => f.Key == key);
        var built = 0;
        RandomBriefs.Usual(family).Sample(brief =>
        {
            var design = family.Design(brief);
            if (built < Wanting(family) && design.Checks.All(c => c.Verdict != Verdict.Stop))
            {
                built++;
                try
                {
                    judge(family, brief, design);
                }
                catch (ShouldAssertException fault)
                {
                    throw new ShouldAssertException($"{family.Key} of {RandomBriefs.Told(family, brief)}: {fault.Message}", fault);
                }
            }
        }, iter: Sets * 40, threads: 1);
        built.ShouldBeGreaterThanOrEqualTo(Wanting(family), "too few of the random decisions could be built");
    }

    /// <summary>Of what turns, half as many: few random decisions hold, and its threads are long.</summary>
    private protected static int Wanting(Family family) => family.Proved ? Sets / 2 : Sets;

    private protected SolidMesh Mesh(Solid solid) =>
        pool.Evaluate([solid], Facets.DefaultChordError, TestContext.Current.CancellationToken).GetAwaiter().GetResult()[0];

    private protected double Volume(Solid solid) => Mesh(solid) is { Triangles.Length: > 0 } mesh ? mesh.Volume : 0;
}
