using System.Globalization;
using Wexis.Core.Anatomy;
using Wexis.Core.Techniques.Claims;

namespace Wexis.Core.Tests.Anatomy;

/// <summary>Common names first, anatomical ones behind: each is one structure's or one place's own.</summary>
public class CommonNameTests
{
    private static readonly Atlas Atlas = Reference.Atlas;

    [Fact]
    public void Every_structure_has_a_common_name_of_its_own()
    {
        var names = Atlas.Document.Muscles.Select(m => m.Common).Concat(Atlas.Document.Tissues.Select(t => t.Common)).ToList();
        names.Where(n => n.Length is <= 3 or > 32).ShouldBeEmpty();
        names.Distinct(StringComparer.OrdinalIgnoreCase).Count().ShouldBe(names.Count);
    }

    [Fact]
    public void A_common_name_is_no_anatomical_one()
    {
        // Endings that only anatomical Latin has; the diaphragm is called so by everybody.
        string[] latin = ["alis", "icus", "oris", "ideus", "ator", "aris"];
        Atlas
            .Document.Muscles.Where(m => m.Id != "diaphragm")
            .SelectMany(m => m.Common.Split(' ', '-', ','))
            .Where(w => latin.Any(e => w.EndsWith(e, StringComparison.Ordinal)))
            .ShouldBeEmpty();
    }

    [Fact]
    public void A_claim_is_understood_in_the_words_that_the_screen_uses() =>
        Atlas
            .Document.Muscles.Where(m => !ClaimWords.Structures($"trains the {m.Common}", Atlas).SequenceEqual([m.Id]))
            .Select(m => $"{m.Common}: {string.Join(", ", ClaimWords.Structures($"trains the {m.Common}", Atlas))}")
            .ShouldBeEmpty();

    [Fact]
    public void Places_have_names_of_their_own_and_keep_the_anatomical_ones()
    {
        var places = Atlas.Landmarks.Values.Select(l => l.Name).ToList();
        places.Distinct(StringComparer.OrdinalIgnoreCase).Count().ShouldBe(places.Count);
        Atlas.Landmarks["gonion"].Name.ShouldBe("angle of the jaw");
        Atlas.Landmarks["gonion"].Anatomical.ShouldBe("angle of the mandible");
        Atlas.Document.Zones.Select(z => z.Name).Distinct(StringComparer.OrdinalIgnoreCase).Count().ShouldBe(Atlas.Document.Zones.Length);
    }

    [Theory]
    [InlineData("frontalis", "forehead muscle (frontalis)")]
    [InlineData("diaphragm", "diaphragm")]
    [InlineData("tmj", "jaw joint (temporomandibular joint with disc)")]
    public void Both_names_stand_together_unless_they_are_one(string structure, string says) =>
        Atlas.BothNames(structure).ToLower(CultureInfo.InvariantCulture).ShouldBe(says);
}
