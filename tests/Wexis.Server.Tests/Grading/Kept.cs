namespace Wexis.Server.Tests.Grading;

/// <summary>What was acknowledged against what is found afterwards: what is missing, and what is there twice.</summary>
internal sealed record Kept(IReadOnlyList<MarkId> Lost, IReadOnlyList<MarkId> Doubled)
{
    public static Kept Of(IEnumerable<MarkId> acknowledged, IReadOnlyCollection<MarkId> found) =>
        new([.. acknowledged.Except(found)], [.. found.GroupBy(id => id).Where(g => g.Count() > 1).Select(g => g.Key)]);

    public void ShouldBeWhole()
    {
        Lost.ShouldBeEmpty("acknowledged, and not there");
        Doubled.ShouldBeEmpty("there twice");
    }
}

/// <summary>The check of the drills can fail: broken by hand it says what was lost and what was doubled.</summary>
public class KeptTests
{
    [Fact]
    public void A_mark_that_is_lost_or_doubled_is_found()
    {
        MarkId[] marks = [.. Enumerable.Range(0, 5).Select(_ => MarkId.New())];
        Kept.Of(marks, marks).ShouldBeWhole();
        Kept.Of(marks, [.. marks[..2], .. marks[3..]]).Lost.ShouldBe([marks[2]]);
        Kept.Of(marks, [.. marks, marks[4]]).Doubled.ShouldBe([marks[4]]);
        Should.Throw<ShouldAssertException>(() => Kept.Of(marks, marks[1..]).ShouldBeWhole());
        Should.Throw<ShouldAssertException>(() => Kept.Of(marks, [.. marks, marks[0]]).ShouldBeWhole());
    }
}
