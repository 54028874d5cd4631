using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Techniques;

/// <summary>What is said to be done to a muscle stands only where the words say work that we know, however much the muscle works.</summary>
public class ClaimDoingTests
{
    /// <summary>What no training does to a muscle; wordings of our own.</summary>
    private static readonly string[] NoWork =
    [
        "paralyses",
        "freezes",
        "protects",
        "replaces",
        "ruins",
        "numbs",
        "detaches",
        "straightens",
        "rebuilds",
        "remodels",
        "repairs",
        "feeds",
        "saves",
        "doubles",
        "preserves",
        "polishes",
        "cleans",
        "rejuvenates",
        "unblocks",
        "hypnotises",
        "switches off",
        "turns off",
        "deletes",
        "erases",
        "banishes",
        "burns",
        "heals",
        "dissolves",
    ];

    private static readonly Derivation[] Library = [.. Reference.Shipped.Select(t => Derive(t with { Claims = [] }))];

    private static Derivation Derive(TechniqueDocument document) =>
        Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings);

    [Fact]
    public void Over_the_whole_library_what_is_no_work_never_stands_of_a_muscle_that_works()
    {
        var stood = new List<string>();
        foreach (var (document, derived) in Reference.Shipped.Zip(Library))
        {
            var worked = derived.Map.Worked.Where(r => Reference.Atlas.Muscles.ContainsKey(r.Structure)).OrderBy(r => r.Strength).Take(2);
            Claim[] claims =
            [
                .. worked.SelectMany(r =>
                    NoWork.SelectMany(v =>
                        new[] { $"It {v} the {Latin(r.Structure)}.", $"{v} the {Latin(r.Structure)}" }.Select(t => new Claim(
                            t,
                            null,
                            null,
                            null
                        ))
                    )
                ),
            ];
            stood.AddRange(Derive(document with { Claims = claims }).Claims.Where(c => c.Stands).Select(c => $"{document.Name}: {c.Text}"));
        }
        stood.ShouldBeEmpty();
    }

    private static string Latin(string structure) =>
        Reference.Atlas.Muscles[structure].NameLaTa2.Replace("Musculus ", "", StringComparison.OrdinalIgnoreCase);

    /// <summary>The other way: many words say the same work.</summary>
    [Theory]
    [InlineData("It targets the zygomaticus major.")]
    [InlineData("It challenges the zygomaticus major.")]
    [InlineData("It mainly uses the zygomaticus major.")]
    [InlineData("It gives the zygomaticus major a workout.")]
    [InlineData("It makes the zygomaticus major contract.")]
    [InlineData("It isolates the zygomaticus major.")]
    [InlineData("It wakes up the zygomaticus major.")]
    [InlineData("The zygomaticus major is worked.")]
    [InlineData("The zygomaticus major is the main muscle here.")]
    [InlineData("An exercise for the zygomaticus major.")]
    [InlineData("zygomaticus major")]
    [InlineData("works the zygomaticus major")]
    public void What_is_work_stands(string text)
    {
        var smile = A.Technique(A.Act("smile-closed")) with { Claims = [new(text, null, null, null)] };
        Derive(smile).Claims.ShouldHaveSingleItem().Verdicts.ShouldBe([ClaimFinding.Supported], text);
    }

    /// <summary>Rest of the eyes is of lids that close or a look that goes far; that other things rest meanwhile is none.</summary>
    [Theory]
    [InlineData("smile-closed", false)]
    [InlineData("raise-brows", false)]
    [InlineData("widen-eyes", false)]
    [InlineData("close-lids", true)]
    [InlineData("blink", true)]
    public void Tired_eyes_are_rested_by_what_the_eyes_do(string move, bool rests)
    {
        var document = A.Technique(A.Act(move)) with { Claims = [new("rests tired eyes", null, null, null)] };
        Derive(document).Claims.ShouldHaveSingleItem().Stands.ShouldBe(rests, move);
    }
}
