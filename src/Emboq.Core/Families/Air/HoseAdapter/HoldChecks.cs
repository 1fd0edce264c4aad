namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>Whether what holds a cuff can do so.</summary>
internal static class HoldChecks
{
    public static IEnumerable<Check> Of(EndReckoning end)
    {
        if (end.Parameters.Hold is Hold.Clamp)
        {
            yield return Clamp(end);
        }
        else if (end.Parameters.Hold is Hold.Wedge(var halfAngle))
        {
            yield return Wedge(end, halfAngle);
        }
        else if (end.Parameters.Hold is Hold.Ridge)
        {
            yield return Ridge(end);
        }
    }

    private static Check Clamp(EndReckoning end)
    {
        var (slot, least) = (end.Parameters.Slot, AdapterHold.LeastCuff(end.Parameters)!.Value);
        var fits = end.Cuff.Value >= least - 1e-9;
        var wanted = Math.Ceiling(least);
        return new($"{slot}.hold", $"{slot} clamp seat", fits ? Verdict.Good : Verdict.Stop,
            fits ? "The band lies between what keeps it from walking off. A thin wall wants a gentle clamp."
                : "The cuff is too short for the band and what keeps it.",
            Figures.Mm(end.Cuff.Value), $"{Figures.Mm(least)} or more", "Plane geometry.",
            fits ? [] : [new Remedy.Change($"Make the cuff {Figures.Mm(wanted)}",
                new Dictionary<string, string> { [$"{slot}Cuff"] = Figures.Number(wanted) })]);
    }

    /// <summary>A ridge holds in what stretches: it must go in, and be wider than the hose at rest.</summary>
    private static Check Ridge(EndReckoning end)
    {
        var (slot, place) = (end.Parameters.Slot, end.Interface);
        Remedy[] plain = [new Remedy.Change("Hold it by its fit", new Dictionary<string, string> { [$"{slot}Hold"] = "plain" })];
        Check Told(Verdict verdict, string says, string figure, string limit, params Remedy[] remedies) =>
            new($"{slot}.hold", $"{slot} ridge", verdict, says, figure,
            limit, "Plane geometry; the give as it was read.", remedies);
        if (place.Kind.Key != "hose" || end.Parameters.Join != Join.Inside)
        {
            return Told(Verdict.Stop, "A ridge holds in a soft hose that is pulled over it.", place.Kind.Name, "a plug in a soft hose", plain);
        }

        if (Evaluation.Of(place, "give") is not { } give)
        {
            return Told(Verdict.Watch, "Not judged: how far the hose gives is not read.", "not read", "a reading of its give",
                new Remedy.Measure($"Measure {place["give"].Name}", place.Id, "give"));
        }

        // What was read of the inside is in the middle of its give: at rest it is half of that narrower.
        var (rest, ridge) = (end.Fitted.Counterpart.Value - (give.Quantity.Value / 2), end.Drawn.Value + AdapterHold.Over);
        var fits = ridge <= rest + give.Quantity.Value;
        return Told(fits ? Verdict.Good : Verdict.Watch, fits ? "The hose goes over the ridge by hand and closes behind it."
            : "The hose hardly stretches so far: warm its end in hot water, or take a clamp.", Figures.Mm(ridge),
                $"{Figures.Mm(rest + give.Quantity.Value)} or less, stretched",
            fits ? [] : plain);
    }

    /// <summary>A taper stops where the diameters are equal: a doubt in the clearance moves that place along the cuff, the more the flatter the
    /// taper.</summary>
    private static Check Wedge(EndReckoning end, double halfAngle)
    {
        var slot = end.Parameters.Slot;
        var slope = 2 * Math.Tan(halfAngle * Math.PI / 180);
        var travel = 2 * end.Fitted.Realised.StandardUncertainty / slope;
        // It goes on until the clearance is used up, and the doubt must leave it on the cuff.
        var stops = end.Fitted.Realised.Value / slope;
        var room = end.Cuff.Value / 2;
        var fits = Math.Abs(stops) + travel <= room;
        var steeper = Math.Min(10,
            Math.Atan((Math.Abs(end.Fitted.Realised.Value) + (2 * end.Fitted.Realised.StandardUncertainty)) / end.Cuff.Value) * 180 / Math.PI * 1.1);
        return new($"{slot}.hold", $"{slot} taper wedges", fits ? Verdict.Good : Verdict.Watch,
            fits ? $"It wedges about {Figures.Mm(Math.Abs(stops))} {(stops >= 0 ? "past" : "before")} mid cuff, wherever the doubt puts it still on the cuff."
                : $"It may wedge {Figures.Mm(Math.Abs(stops) + travel)} from mid cuff, off the cuff: the taper of {TaperNotation.Ratio(halfAngle)} is "
                    + "too flat for the doubt.",
            Figures.Mm(Math.Abs(stops) + travel), $"{Figures.Mm(room)} or less", "Plane geometry, k = 2.",
            fits ? [] : [new Remedy.Change($"Make the taper {TaperNotation.Ratio(steeper)}",
                new Dictionary<string, string> { [$"{slot}Taper"] = Figures.Number(steeper) })]);
    }
}
