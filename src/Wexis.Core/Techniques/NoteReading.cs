using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>A word that sounds like anatomy, and what it may mean. Never accepted by itself: somebody confirms it.</summary>
/// <param name="Said">As it stands in the notes.</param>
/// <param name="Means">Structure or landmark of the atlas.</param>
/// <param name="Likeness">Jaro and Winkler's likeness of the two spellings, in [0, 1].</param>
public sealed record GarbledWord(string Said, string Means, string Name, double Likeness);

/// <summary>What one sentence of the notes was read as.</summary>
/// <param name="Kind">step, repeat, still, claim, advice, caution, material, or unread.</param>
/// <param name="Step">Step (from 0) it became, or may repeat.</param>
/// <param name="Polarity">Set where a lost “not” would turn a caution into an instruction: the sentence must be confirmed as it stands.</param>
/// <param name="Unknown">What it leaves open, in words.</param>
public sealed record NoteLine(string Text, string Kind, int? Step, string? Polarity, IReadOnlyList<string> Unknown, IReadOnlyList<GarbledWord> Garbled);

/// <summary>
/// Old notes as draft steps: by rules and a glossary, with everything that is unknown named. What stands there twice is asked about and never added up. See docs/method.md#notes.
/// </summary>
/// <param name="Draft">A technique of these steps; it stays a draft until its questions are answered.</param>
public sealed record NoteReading(TechniqueDocument Draft, IReadOnlyList<NoteLine> Lines)
{
    private const int MostLetters = 20_000;

    /// <summary>From here two sentences say the same: four of five words in common.</summary>
    private const double Same = 0.8;

    public static Checked<NoteReading> Of(string text, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(atlas);
        if (string.IsNullOrWhiteSpace(text)) return Checked.No<NoteReading>(new Issue("text", IssueCodes.Missing, "", "the notes"));
        if (text.Length > MostLetters) return Checked.No<NoteReading>(new Issue("text", IssueCodes.TooLong, $"{text.Length}", $"{MostLetters}"));
        var glossary = NoteGlossary.Of(atlas);
        var lines = new List<NoteLine>();
        var steps = new List<Step>();
        var said = new List<(IReadOnlyList<string> Words, int? Step)>();
        var (claims, advice, cautions, materials) = (new List<Claim>(), new List<string>(), new List<string>(), new List<string>());
        foreach (var sentence in NoteGlossary.Sentences(text))
        {
            var words = NoteGlossary.Words(sentence);
            var garbled = glossary.Garbled(sentence);
            var polarity = NoteGlossary.Polarity(sentence);
            var twin = said.FirstOrDefault(s => TechniqueLikeness.Of([.. s.Words.Distinct()], [.. words.Distinct()]) >= Same);
            if (twin.Words is not null)
            {
                lines.Add(new(sentence, "repeat", twin.Step, polarity, ["Is this the same step, or does it come again? It was not added."], garbled));
                continue;
            }
            var (kind, step, unknown) = Read(sentence, glossary, steps, claims, advice, cautions, materials);
            lines.Add(new(sentence, kind, step, polarity, unknown, garbled));
            said.Add((words, step));
        }
        var draft = TechniqueDocument.Empty with { Steps = steps, Claims = claims, Advice = advice, Cautions = cautions, Materials = materials };
        return Checked.Yes(new NoteReading(draft, lines));
    }

    private static (string Kind, int? Step, IReadOnlyList<string> Unknown) Read(string sentence, NoteGlossary glossary, List<Step> steps, List<Claim> claims, List<string> advice, List<string> cautions, List<string> materials)
    {
        var last = steps.Count - 1;
        // A sentence that forbids is a caution, whatever it forbids.
        if (NoteGlossary.Forbids(sentence))
        {
            if (last >= 0 && NoteGlossary.Still(sentence) is { Count: > 0 } quiet)
            {
                steps[last] = steps[last] with { Still = [.. steps[last].AllStill.Union(quiet)] };
                return ("still", last, []);
            }
            cautions.Add(sentence);
            return ("caution", null, []);
        }
        if (NoteGlossary.IsAdvice(sentence))
        {
            advice.Add(sentence);
            return ("advice", null, []);
        }
        if (NoteGlossary.IsClaim(sentence))
        {
            claims.Add(new(sentence, null, null, null));
            return ("claim", null, []);
        }
        if (NoteGlossary.Material(sentence) is { } material)
        {
            materials.Add(material);
            return ("material", null, []);
        }
        var step = glossary.Step(sentence, out var unknown);
        if (step is not null)
        {
            steps.Add(step);
            return ("step", steps.Count - 1, unknown);
        }
        // What says only how often, how long or what keeps still belongs to the step before.
        if (last >= 0 && NoteGlossary.Still(sentence) is { Count: > 0 } still)
        {
            steps[last] = steps[last] with { Still = [.. steps[last].AllStill.Union(still)] };
            return ("still", last, []);
        }
        if (last >= 0 && steps[last].Dose is null && NoteGlossary.Dose(sentence) is { } dose)
        {
            steps[last] = steps[last] with { Dose = dose };
            return ("step", last, []);
        }
        return ("unread", null, ["Nothing in this sentence could be read as a step. Write it by hand, or leave it out."]);
    }
}
