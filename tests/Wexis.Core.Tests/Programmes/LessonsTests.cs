using FsCheck.Xunit;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Programmes;

/// <summary>What a trainee is taught: by module, what was taken last first, each technique once, nothing lost.</summary>
public class LessonsTests
{
    private static readonly DateTimeOffset Begin = new(2026, 9, 1, 18, 0, 0, TimeSpan.Zero);

    private static readonly ProgrammeDocument Programme = new(
        null,
        "Evening course",
        Units:
        [
            new("a", "First", "supervised-practice", 60, Prerequisites: [], Techniques: ["glide", "knead"]),
            new("b", "Second", "supervised-practice", 60, Prerequisites: ["a"], Techniques: ["smile", "glide"]),
            new("c", "Talk", "theory", 60, Prerequisites: [], Techniques: []),
        ]
    );

    private static TaughtLesson Taught(string code, int day = 0, int edition = 1) =>
        new(code, default, edition, $"The {code}", EditionStanding.Approved, new Levels(10, 20, 30), "", Begin.AddDays(day));

    private static IEnumerable<(string Module, string[] Codes)> Of(params TaughtLesson[] taught) =>
        Lessons.Of(default, "Autumn", Programme, taught).Modules.Select(m => (m.Name, m.Techniques.Select(t => t.Code).ToArray()));

    [Fact]
    public void What_was_taken_on_one_day_stands_in_the_order_of_the_programme_each_technique_once()
    {
        var modules = Of(Taught("smile"), Taught("glide"), Taught("knead")).ToList();
        modules.Select(m => m.Module).ShouldBe(["First", "Second"], "a talk without techniques is no lesson to practise");
        modules[0].Codes.ShouldBe(["glide", "knead"]);
        modules[1].Codes.ShouldBe(["smile"]);
    }

    [Fact]
    public void The_module_in_which_something_was_taken_last_comes_first() =>
        Of(Taught("glide"), Taught("knead"), Taught("smile", day: 20)).Select(m => m.Module).ShouldBe(["Second", "First"]);

    [Fact]
    public void What_the_programme_no_longer_teaches_was_taught_and_stays() =>
        Of(Taught("glide"), Taught("hinge"))
            .Last()
            .ShouldSatisfyAllConditions(m => m.Module.ShouldBe("Taught before"), m => m.Codes.ShouldBe(["hinge"]));

    [Property(MaxTest = 200)]
    public bool Whatever_was_taught_stands_once(byte[] which)
    {
        string[] codes = ["glide", "knead", "smile", "hinge", "palm"];
        var taught = (which ?? []).Select(w => codes[w % codes.Length]).Distinct().Select((c, i) => Taught(c, i % 3)).ToArray();
        var shown = Of(taught).SelectMany(m => m.Codes).ToList();
        return shown.Count == taught.Length && shown.ToHashSet().SetEquals(taught.Select(t => t.Code));
    }
}
