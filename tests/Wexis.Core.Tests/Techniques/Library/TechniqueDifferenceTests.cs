using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;

namespace Wexis.Core.Tests.Techniques;

public class TechniqueDifferenceTests
{
    private static IReadOnlyList<Difference> Between(TechniqueDocument a, TechniqueDocument b)
    {
        Derivation Derive(TechniqueDocument d) => Derivation.Of(d, Reference.Atlas, Reference.Model, Reference.Settings);
        return TechniqueDifference.Of(a, Derive(a), b, Derive(b), Reference.Atlas);
    }

    private static readonly TechniqueDocument Base = A.Technique(
        A.Hand("stroke", "medial-cheek", 2),
        A.Act("smile", "5"),
        A.Hand("press", "brow", 3)
    );

    [Fact]
    public void The_same_twice_differs_in_nothing() => Between(Base, Base).ShouldBeEmpty();

    [Fact]
    public void Another_dose_is_told_with_its_step_and_what_follows()
    {
        var other = Base with { Steps = [Base.AllSteps[0], A.Act("smile", "10"), Base.AllSteps[2]] };
        var told = Between(Base, other);
        told.ShouldContain(d => d.Where == "step 2" && d.What == "dose" && d.Before == "5" && d.After == "10" && d.Step == 1);
        told.ShouldContain(d => d.What == "time at home");
    }

    [Fact]
    public void A_step_put_in_between_does_not_make_the_others_new()
    {
        var other = Base with { Steps = [Base.AllSteps[0], A.Act("pucker"), Base.AllSteps[1], Base.AllSteps[2]] };
        Between(Base, other).Where(d => d.What is "new" or "gone").ShouldHaveSingleItem().Where.ShouldBe("step 2");
    }

    [Fact]
    public void Put_in_and_taken_out_are_each_others_mirror()
    {
        var other = Base with { Steps = [.. Base.AllSteps.Take(2)] };
        Between(Base, other).ShouldContain(d => d.What == "gone");
        Between(other, Base).ShouldContain(d => d.What == "new");
    }

    [Fact]
    public void Harder_pressing_says_what_it_reaches_now()
    {
        var light = A.Technique(A.Hand("press", "masseter-area", 1));
        var firm = A.Technique(A.Hand("press", "masseter-area", 4));
        var told = Between(light, firm);
        told.ShouldContain(d => d.What == "pressure");
        told.ShouldContain(d => d.Where == "what it works" && d.What.Contains("masseter") && d.Before == null);
    }

    [Fact]
    public void Likeness_is_one_with_itself_and_the_same_both_ways()
    {
        var (a, b) = (
            TechniqueLikeness.Marks(Reference.Derive(A.Act("smile")).Steps),
            TechniqueLikeness.Marks(Reference.Derive(A.Act("pucker")).Steps)
        );
        TechniqueLikeness.Of(a, a).ShouldBe(1);
        TechniqueLikeness.Of(a, b).ShouldBe(TechniqueLikeness.Of(b, a));
        TechniqueLikeness.Of([], []).ShouldBe(0);
        // Jaccard's index by hand: two of four marks in common.
        TechniqueLikeness.Of(["a", "b", "c"], ["b", "c", "d"]).ShouldBe(0.5);
    }
}
