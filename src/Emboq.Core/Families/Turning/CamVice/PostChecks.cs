using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.CamVice;

/// <summary>Judgements of a post: that its cam reaches it and holds, and that nothing breaks.</summary>
internal static class PostChecks
{
    public static IEnumerable<Check> Of(ViceReckoning r, VicePost post, ParameterValues p)
    {
        var (slides, stroke) = (post.Clearance, r.Stroke);
        var (least, most) = (slides.Value - (2 * slides.StandardUncertainty), slides.Value + (2 * slides.StandardUncertainty));
        yield return ViceChecks.Slides("turn.slides", "least clearance on the post", least, slides.Value, "It turns even if it comes out close.",
            "It may come out too close to turn: print a slice of the bore with the post first.", "bore and post", "Print a slice of the bore first");
        var needed = (2 * ViceReckoning.Free) + most + 0.1;
        yield return Judge.AtLeast("turn.reaches", "push of the second cam", stroke, needed, "It reaches the post, however bore and post come out.",
            "It may be closed without reaching the post: more throw, with a larger cam so that it holds.", Verdict.Stop,
            $"e (1 − cos θ) at {ViceReckoning.Closed:0} degrees against its play and the greatest clearance, k = 2.",
            ViceChecks.Larger(r, needed));
        yield return Judge.AtLeast("turn.screws", "between the screws of the post", 2 * (post.ScrewsAt - post.Reach), 1.2,
            "Two screws go into it side by side.",
            "Two screws do not go into it side by side: a thicker post, or smaller screws.", Verdict.Stop, "Plane geometry.",
            CamViceFamily.Post.To(Math.Ceiling(post.Least), "Make the post {0} across"));
        yield return Judge.AtMost("turn.high", "base around the post", post.High, r.Top, "The jaws stand above it.",
            "It stands higher than the jaws: higher jaws, or a lower cam.", Verdict.Stop, "Plane geometry.",
            CamViceFamily.High.To(Math.Ceiling(post.High - r.BaseHigh), "Let the jaws stand {0} over the base"));
        yield return Judge.AtMost("turn.floor", "floor under the channel", r.Floor.Value, post.High - 2, "The post's screws lie within it.",
            "The post is too low for so thick a floor: a thinner floor, or a higher cam.", Verdict.Stop, "Plane geometry.",
            CamViceFamily.Base.To(Math.Floor(post.High - 2), "Make the floor {0} thick"));
        yield return ViceChecks.Hand("turn.hand", "hand at the second cam's lever", post.Hand.Value + (2 * post.Hand.StandardUncertainty),
            "More force than a hand likes: a thicker post, longer levers, or push it aside less.",
            "(e + μ (R + r)) F / A, with F from the push aside over 2 μ r; k = 2.",
            CamViceFamily.Lever.To(Math.Ceiling(r.Lever.Value * post.Hand.Value / ViceReckoning.HandForce), "Make the levers {0}"));
        if (!r.Built)
        {
            yield break;
        }

        var press = post.Press.Value + (2 * post.Press.StandardUncertainty);
        // Two loads that face each other bend a ring most where they press (Roark; Timoshenko): F R / π.
        var ring = press * (post.Bore.Value + VicePost.Ring) / 2 / Math.PI / (post.High * VicePost.Ring * VicePost.Ring / 6);
        yield return Strength.Used("turn.ring", "base around the post", ring, r.Material?.Along.Value / PrintedMaterial.Safety, "MPa",
            "It is not burst by its cam.", "It is burst by its cam: push it aside less, or higher cams.",
            "A ring pressed from within at two places, F R / π; a third of the strength.");
        yield return ViceChecks.Wears(r, "turn.wears", "second cam on its shoe", press,
            "It dents its shoe: a thicker post, a higher cam, or push it aside less.");
        foreach (var check in ViceChecks.Pin(r, "turn.pin", "pin of the second cam", "base", press, VicePost.PinDeep))
        {
            yield return check;
        }
    }
}
