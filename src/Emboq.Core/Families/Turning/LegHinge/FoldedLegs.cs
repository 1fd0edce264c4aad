namespace Emboq.Core.Families.Turning.LegHinge;

/// <summary>How the legs of both ends get past each other when they are folded.</summary>
internal enum Passing
{
    /// <summary>All hinges are turned alike, so that the legs lie beside each other.</summary>
    Beside,

    /// <summary>The hinges of one end hang lower, so that its legs lie under the others.</summary>
    Over,

    /// <summary>The legs are so short that they end before they meet.</summary>
    Apart,
}

/// <summary>Two legs that fold towards each other under a table, seen from above: each turns about a pivot, and lies along a line through it. The line from
/// pivot to pivot runs along the table.</summary>
/// <param name="Between">From pivot to pivot, mm.</param>
/// <param name="Reach">Of a leg past its pivot, mm.</param>
/// <param name="Wide">Of a leg, mm.</param>
/// <param name="Gap">That must stay between what passes, mm.</param>
/// <param name="Hinge">Of a hinge beside its leg's line, to each side, and along it towards the other, mm: as far as it hangs among the legs.</param>
internal sealed record FoldedLegs(double Between, double Reach, double Wide, double Gap, (double Aside, double Along) Hinge)
{
    /// <summary>Between the ends of the legs where they are not turned, mm; less than nothing where they overlap.</summary>
    public double Ends => Between - (2 * Reach);

    /// <summary>Whether a leg that is turned so far ends before the other hinge.</summary>
    public bool EndsBefore(double degrees) => Reach + Gap <= (Between * Math.Cos(degrees * Math.PI / 180)) - Hinge.Along;

    /// <summary>From line to line, as they are turned, mm.</summary>
    public double Apart(double degrees) => Between * Math.Sin(degrees * Math.PI / 180);

    /// <summary>From line to line that lets them pass, mm: two halves of a leg, or half a leg and half a hinge that it passes.</summary>
    public double Needs(double degrees) => Gap + (EndsBefore(degrees) ? Wide : Math.Max(Wide, (Wide / 2) + Hinge.Aside));

    /// <summary>What stays free between them, mm: less than nothing where they do not pass.</summary>
    public double Free(double degrees) => Apart(degrees) - Needs(degrees) + Gap;

    /// <summary>Whether they are so short that they need not pass.</summary>
    public bool EndBeforeTheyMeet => Ends >= Gap;

    /// <summary>The least turn that lets them pass, in tenths of a degree: sin β = need over distance; nothing where they end before they meet,
    /// <c>null</c> where no turn does.</summary>
    public double? Turn
    {
        get
        {
            if (EndBeforeTheyMeet)
            {
                return 0;
            }

            // Turned further, a leg may come to pass the other hinge: that wants more room, so the wider need is tried last.
            foreach (var need in new[] { Wide + Gap, Needs(90) }.Where(n => n < Between))
            {
                var turn = Math.Ceiling((Math.Asin(need / Between) * 1800 / Math.PI) - 1e-9) / 10;
                if (Free(turn) >= Gap - 1e-9)
                {
                    return turn;
                }
            }

            return null;
        }
    }

    /// <summary>How far a turned leg reaches to the side of its pivot, across the table, mm.</summary>
    public double Aside(double degrees)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        return (Reach * sin) + (Wide / 2 * cos);
    }

    /// <summary>Between the legs of two pairs that stand beside each other, all turned alike, mm.</summary>
    /// <param name="degrees">The turn.</param>
    /// <param name="pairs">From pair to pair, across the table, mm.</param>
    public double Pairs(double degrees, double pairs) => (pairs * Math.Cos(degrees * Math.PI / 180)) - Apart(degrees) - Wide;
}
