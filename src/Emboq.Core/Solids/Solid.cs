using System.Collections.Immutable;
using System.Security.Cryptography;

namespace Emboq.Core.Solids;

/// <summary>A shape, described and not yet computed. Z is up; millimetres. An immutable tree, equal when its content is.
/// Rounds are given as rounds: facets are chosen when it is computed, inside the round for material and outside it for what is cut away.</summary>
public abstract class Solid : IEquatable<Solid>
{
    private Solid(string hash) => Hash = hash;

    /// <summary>Content hash of the whole tree.</summary>
    public string Hash { get; }

    /// <summary>United with another.</summary>
    public static Solid operator +(Solid a, Solid b) => new Union(a, b);

    /// <summary>Without what another covers.</summary>
    public static Solid operator -(Solid from, Solid cut) => new Difference(from, cut);

    /// <summary>Only what both cover.</summary>
    public static Solid operator &(Solid a, Solid b) => new Intersection(a, b);

    /// <summary>Without what any of several cover: they are united first, so that the larger body is cut once.</summary>
    public Solid Without(IEnumerable<Solid> cuts) => cuts.Aggregate((Solid?)null, (all, cut) => all is null ? cut : all + cut) is { } cut ? this - cut : this;

    /// <summary>Moved by a translation.</summary>
    public Solid At(double x, double y, double z) => new Moved(this, new(x, y, z));

    /// <summary>Turned upside down about the x axis: z becomes −z, y becomes −y.</summary>
    public Solid UpsideDown() => new Turned(this, Axis.X, 180);

    /// <summary>Turned about the z axis.</summary>
    /// <param name="degrees">Counter-clockwise seen from above.</param>
    public Solid Spun(double degrees) => degrees == 0 ? this : new Turned(this, Axis.Z, degrees);

    /// <summary>Turned about the x axis.</summary>
    /// <param name="degrees">Counter-clockwise seen from +x: 90 lays what pointed along y upright.</param>
    public Solid Tipped(double degrees) => degrees == 0 ? this : new Turned(this, Axis.X, degrees);

    /// <summary>Turned about the y axis.</summary>
    /// <param name="degrees">Counter-clockwise seen from +y: 90 lays what pointed up along x.</param>
    public Solid Rolled(double degrees) => degrees == 0 ? this : new Turned(this, Axis.Y, degrees);

    /// <inheritdoc/>
    public bool Equals(Solid? other) => other?.Hash == Hash;

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as Solid);

    /// <inheritdoc/>
    public override int GetHashCode() => Hash.GetHashCode(StringComparison.Ordinal);

    private static double Positive(double value, string what) => double.IsFinite(value) && value > 0
        ? value
        : throw new ArgumentOutOfRangeException(what, value, $"The {what} of a solid must be finite and greater than nothing.");

    private static double Finite(double value, string what) => double.IsFinite(value)
        ? value
        : throw new ArgumentOutOfRangeException(what, value, $"The {what} of a solid must be finite.");

    /// <summary>An upright cylinder from z = 0 up, centred on the z axis.</summary>
    public sealed class Cylinder(double radius, double height)
        : Solid(StructuralHash.Of("cylinder", [Positive(radius, nameof(radius)), Positive(height, nameof(height))]))
    {
        /// <summary>Radius, mm.</summary>
        public double Radius { get; } = radius;

        /// <summary>Height, mm.</summary>
        public double Height { get; } = height;
    }

    /// <summary>A box from the origin into the positive octant.</summary>
    public sealed class Box(double width, double depth, double height)
        : Solid(StructuralHash.Of("box", [Positive(width, nameof(width)), Positive(depth, nameof(depth)), Positive(height, nameof(height))]))
    {
        /// <summary>Along x, mm.</summary>
        public double Width { get; } = width;

        /// <summary>Along y, mm.</summary>
        public double Depth { get; } = depth;

        /// <summary>Along z, mm.</summary>
        public double Height { get; } = height;
    }

    /// <summary>A profile turned once about the z axis: its x is the radius (not negative), its y the height.</summary>
    public sealed class Revolved : Solid
    {
        /// <summary>Turns a profile.</summary>
        /// <exception cref="ArgumentException">The profile reaches across the axis.</exception>
        public Revolved(Profile profile)
            : base(StructuralHash.Of("revolved", [], profile.Hash))
        {
            Profile = profile.Box.Least.X >= 0
                ? profile
                : throw new ArgumentException("A turned profile must stay on one side of its axis.", nameof(profile));
        }

        /// <summary>The half section.</summary>
        public Profile Profile { get; }
    }

    /// <summary>A profile of straight sides in the xy plane, drawn up from z = 0 and turned as it rises: the flanks of a thread. It has as many facets in
    /// a turn as its profile has corners.</summary>
    public sealed class Helical(Profile profile, double height, double lead)
        : Solid(StructuralHash.Of("helical", [Positive(height, nameof(height)), Positive(lead, nameof(lead))], profile.Hash))
    {
        /// <summary>The outline at z = 0.</summary>
        public Profile Profile { get; } = profile;

        /// <summary>Along z, mm.</summary>
        public double Height { get; } = height;

        /// <summary>Along z in a whole turn, counter-clockwise seen from above, mm.</summary>
        public double Lead { get; } = lead;
    }

    /// <summary>A profile in the xy plane, drawn up from z = 0.</summary>
    public sealed class Extruded(Profile profile, double height)
        : Solid(StructuralHash.Of("extruded", [Positive(height, nameof(height))], profile.Hash))
    {
        /// <summary>The outline.</summary>
        public Profile Profile { get; } = profile;

        /// <summary>Along z, mm.</summary>
        public double Height { get; } = height;
    }

    /// <summary>A body through outlines one above the other, straight from each to the next, corner to corner.</summary>
    public sealed class Lofted : Solid
    {
        /// <summary>Joins outlines of equal count.</summary>
        /// <param name="sections">Two or more, the lowest first.</param>
        /// <exception cref="ArgumentException">The counts differ, the heights do not rise, or the z axis does not see every side of an outline from
        /// within.</exception>
        public Lofted(params IEnumerable<Section> sections)
            : base(StructuralHash.Of("lofted", sections.Select(s => Finite(s.Height, "height")), sections.Select(s => s.Outline.Hash)))
        {
            Sections = [.. sections];
            if (Sections.Length < 2 || Sections.Zip(Sections.Skip(1)).Any(pair => pair.First.Height >= pair.Second.Height
                || pair.First.Outline.Points.Length != pair.Second.Outline.Points.Length))
            {
                throw new ArgumentException("A loft needs two or more outlines of equal count, each above the last.", nameof(sections));
            }

            if (!Sections.All(s => Outlines.SeenFromWithin(s.Outline)))
            {
                throw new ArgumentException("The axis must see the whole of every outline.", nameof(sections));
            }
        }

        /// <summary>The outlines, the lowest first.</summary>
        public ImmutableArray<Section> Sections { get; }
    }

    /// <summary>An outline at a height.</summary>
    /// <param name="Outline">Around the z axis.</param>
    /// <param name="Height">Its z, mm.</param>
    public sealed record Section(Profile Outline, double Height);

    /// <summary>Raised letters in the xy plane, read from +z, centred on the origin, standing from z = 0 up.
    /// As high as asked, or lower where that would be wider than there is room for.</summary>
    public sealed class Lettering(string text, double size, double room, double thickness, double growth = 0)
        : Solid(StructuralHash.Of($"lettering {Legible(text)}", [Positive(size, nameof(size)), Positive(room, nameof(room)),
            Positive(thickness, nameof(thickness)), .. Finite(growth, nameof(growth)) == 0 ? Array.Empty<double>() : [growth]]))
    {
        /// <summary>What it says; letters, digits and the like, no line breaks.</summary>
        public string Text { get; } = text;

        /// <summary>Greatest height of a capital letter, mm.</summary>
        public double Size { get; } = size;

        /// <summary>Greatest width of the whole text, mm.</summary>
        public double Room { get; } = room;

        /// <summary>Along z, mm.</summary>
        public double Thickness { get; } = thickness;

        /// <summary>How far every outline is moved outwards, mm; negative for an inlay that goes into letters of the same text.</summary>
        public double Growth { get; } = growth;

        private static string Legible(string text) => text.Length is > 0 and <= 40 && text.All(c => c >= ' ' && !char.IsSurrogate(c))
            && text.Trim().Length == text.Length
            ? text
            : throw new ArgumentException("A lettering is 1 to 40 characters of one line, none of them blank at an end.", nameof(text));
    }

    /// <summary>A solid moved by a translation.</summary>
    public sealed class Moved(Solid of, Point3 by)
        : Solid(StructuralHash.Of("moved", [Finite(by.X, "x"), Finite(by.Y, "y"), Finite(by.Z, "z")], of.Hash))
    {
        /// <summary>What is moved.</summary>
        public Solid Of { get; } = of;

        /// <summary>By how much, mm.</summary>
        public Point3 By { get; } = by;
    }

    /// <summary>A solid turned about an axis through the origin.</summary>
    public sealed class Turned(Solid of, Axis axis, double degrees)
        : Solid(StructuralHash.Of($"turned {axis}", [Finite(degrees, nameof(degrees))], of.Hash))
    {
        /// <summary>What is turned.</summary>
        public Solid Of { get; } = of;

        /// <summary>About which axis.</summary>
        public Axis Axis { get; } = axis;

        /// <summary>Counter-clockwise seen from the positive end of the axis.</summary>
        public double Degrees { get; } = degrees;
    }

    /// <summary>A solid as a mirror at the origin shows it.</summary>
    /// <param name="of">What is mirrored.</param>
    /// <param name="axis">Square to the mirror: X swaps left and right.</param>
    public sealed class Mirrored(Solid of, Axis axis) : Solid(StructuralHash.Of($"mirrored {axis}", [], of.Hash))
    {
        /// <summary>What is mirrored.</summary>
        public Solid Of { get; } = of;

        /// <summary>Square to the mirror.</summary>
        public Axis Axis { get; } = axis;
    }

    /// <summary>The tightest body without hollows around several: a skin stretched over them.</summary>
    public sealed class Hulled : Solid
    {
        /// <summary>Stretches a skin over solids.</summary>
        /// <exception cref="ArgumentException">There are none.</exception>
        public Hulled(params IEnumerable<Solid> of)
            : base(StructuralHash.Of("hulled", [], [.. of.Select(s => s.Hash)])) =>
            Of = of.Any() ? [.. of] : throw new ArgumentException("A skin is stretched over one or more solids.", nameof(of));

        /// <summary>What is inside.</summary>
        public ImmutableArray<Solid> Of { get; }
    }

    /// <summary>A solid with thin round pads under the corners that it stands on: up to six, far apart, where its lowest layer reaches furthest.</summary>
    public sealed class Padded(Solid of, double radius, double thickness)
        : Solid(StructuralHash.Of("padded", [Positive(radius, nameof(radius)), Positive(thickness, nameof(thickness))], of.Hash))
    {
        /// <summary>What stands on them.</summary>
        public Solid Of { get; } = of;

        /// <summary>Of a pad, mm.</summary>
        public double Radius { get; } = radius;

        /// <summary>Likewise, mm.</summary>
        public double Thickness { get; } = thickness;
    }

    /// <summary>A solid with thin ribs under what of it hangs in the air too far, to be broken away; it lies as it is printed. Where nobody gets at them
    /// there are none.</summary>
    public sealed class Ribbed(Solid of, RibRule rule) : Solid(StructuralHash.Of("ribbed", [Positive(rule.Layer, "layer"), Positive(rule.Line, "line"),
        Positive(rule.Hangs, "hangs"), Positive(rule.Bridges, "bridges"), Positive(rule.Apart, "apart")], of.Hash))
    {
        /// <summary>What they carry.</summary>
        public Solid Of { get; } = of;

        /// <summary>Where there is one.</summary>
        public RibRule Rule { get; } = rule;
    }

    /// <summary>An outline drawn along a path of straight lengths, square to each and mitred between them. It starts with its x as near to x as the path lets
    /// it be, and does not twist.</summary>
    public sealed class Swept : Solid
    {
        /// <summary>Draws an outline.</summary>
        /// <param name="outline">Around the path, its origin on it.</param>
        /// <param name="path">Two or more points, mm; it turns by less than 120° at each.</param>
        /// <exception cref="ArgumentException">The path is too short, stands still, or turns back on itself.</exception>
        public Swept(Profile outline, params IEnumerable<Point3> path)
            : base(StructuralHash.Of("swept", path.SelectMany(p => new[] { Finite(p.X, "x"), Finite(p.Y, "y"), Finite(p.Z, "z") }), outline.Hash))
        {
            (Outline, Path) = (outline, [.. path]);
            var ways = Path.Zip(Path.Skip(1), (a, b) => (X: b.X - a.X, Y: b.Y - a.Y, Z: b.Z - a.Z)).ToList();
            static double Dot((double X, double Y, double Z) a, (double X, double Y, double Z) b) => (a.X * b.X) + (a.Y * b.Y) + (a.Z * b.Z);
            if (ways.Count == 0 || ways.Any(w => Dot(w, w) < 1e-12) || ways.Zip(ways.Skip(1)).Any(p => Dot(p.First, p.Second)
                < -0.5 * Math.Sqrt(Dot(p.First, p.First) * Dot(p.Second, p.Second))))
            {
                throw new ArgumentException("A path has two or more points apart, and turns by less than 120° at each.", nameof(path));
            }
        }

        /// <summary>Around the path.</summary>
        public Profile Outline { get; }

        /// <summary>Where it goes.</summary>
        public ImmutableArray<Point3> Path { get; }
    }

    /// <summary>What a closed surface of triangles encloses, its corners in single precision.</summary>
    public sealed class Meshed : Solid
    {
        /// <summary>Of a surface.</summary>
        public Meshed(ClosedMesh mesh)
            : this(MeshBytes.Of(mesh))
        {
        }

        private Meshed(MeshBytes bytes)
            : base(StructuralHash.Of("meshed", [], Convert.ToHexString(SHA256.HashData(bytes.Corners)),
                Convert.ToHexString(SHA256.HashData(bytes.Triangles)))) => Bytes = bytes;

        /// <summary>The surface.</summary>
        public MeshBytes Bytes { get; }

        /// <summary>Of a surface that was written.</summary>
        /// <exception cref="FormatException">It encloses nothing, or has too many triangles.</exception>
        internal static Meshed Of(MeshBytes bytes) => bytes.Read() is not null ? new(bytes)
            : throw new FormatException("A surface of triangles encloses nothing, or has too many.");
    }

    /// <summary>Two solids as one.</summary>
    public sealed class Union(Solid a, Solid b) : Solid(StructuralHash.Of("union", [], a.Hash, b.Hash))
    {
        /// <summary>One of the two.</summary>
        public Solid A { get; } = a;

        /// <summary>The other.</summary>
        public Solid B { get; } = b;
    }

    /// <summary>A solid with another cut away.</summary>
    public sealed class Difference(Solid from, Solid cut) : Solid(StructuralHash.Of("difference", [], from.Hash, cut.Hash))
    {
        /// <summary>What is cut into.</summary>
        public Solid From { get; } = from;

        /// <summary>What is cut away.</summary>
        public Solid Cut { get; } = cut;
    }

    /// <summary>What two solids share.</summary>
    public sealed class Intersection(Solid a, Solid b) : Solid(StructuralHash.Of("intersection", [], a.Hash, b.Hash))
    {
        /// <summary>One of the two.</summary>
        public Solid A { get; } = a;

        /// <summary>The other.</summary>
        public Solid B { get; } = b;
    }
}
