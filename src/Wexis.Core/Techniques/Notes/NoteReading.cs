using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What a word that only sounds like anatomy may mean.</summary>
/// <param name="Structure">Structure of the atlas.</param>
/// <param name="Likeness">Jaro and Winkler's likeness of the two spellings, in [0, 1].</param>
public sealed record LikelyName(string Structure, string Name, double Likeness);

/// <summary>
/// A word that sounds like anatomy, and what it may mean, the likeliest first. Never accepted by itself: somebody confirms it.
/// </summary>
/// <param name="Said">As it stands in the notes.</param>
public sealed record GarbledWord(string Said, IReadOnlyList<LikelyName> Likely);

/// <summary>What somebody said of a garbled word.</summary>
/// <param name="Structure">Structure that was meant; null when the word stays as it stands.</param>
public sealed record ConfirmedWord(string Said, string? Structure);

/// <summary>A structure that a sentence names, whatever name it used.</summary>
public sealed record NamedStructure(string Structure, string Name);

/// <summary>What a sentence of notes can be read as.</summary>
[ClosedList]
public enum NoteKind
{
    Title,
    Start,
    Step,
    Pose,
    Dose,
    Side,
    Repeat,
    Still,
    Claim,
    Advice,
    Caution,
    Material,
    Unread,
}

/// <summary>What one sentence of the notes was read as.</summary>
/// <param name="Step">Step (from 0) that it became, that it adds to, or that it may repeat.</param>
/// <param name="Polarity">Set where a lost “not” would turn a caution into an instruction: the sentence must be confirmed as it
/// stands.</param>
/// <param name="Unknown">What it says and nobody can be sure of, asked in its own words.</param>
/// <param name="Missing">What a step needs and it does not say.</param>
/// <param name="Named">Structures that it names by a name the atlas knows.</param>
/// <param name="ForAll">What it does not say and was said once for all of the notes, in words.</param>
public sealed record NoteLine(
    string Text,
    NoteKind Kind,
    int? Step,
    string? Polarity,
    IReadOnlyList<string> Unknown,
    IReadOnlyList<string> Missing,
    IReadOnlyList<GarbledWord> Garbled,
    IReadOnlyList<NamedStructure> Named,
    IReadOnlyList<string> ForAll
)
{
    /// <summary>Whether it lacks what may be said once for all notes: how hard, or with what.</summary>
    public bool LacksHand => Missing.Any(NoteGlossary.OfTheHand.Contains);
}

/// <summary>
/// Old notes as draft steps: by rules and a glossary, with everything that is unknown named. What stands there twice is asked about and
/// never added up. See docs/method.md#notes.
/// </summary>
/// <param name="Text">The notes, with every garbled word that was confirmed written as the atlas writes it.</param>
/// <param name="Draft">A technique of these steps; it stays a draft until its questions are answered.</param>
public sealed record NoteReading(string Text, TechniqueDocument Draft, IReadOnlyList<NoteLine> Lines)
{
    private const int MostLetters = 20_000;

    /// <param name="confirmed">What was said of garbled words so far.</param>
    public static Checked<NoteReading> Of(string text, Atlas atlas, IReadOnlyList<ConfirmedWord>? confirmed = null)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(atlas);
        if (string.IsNullOrWhiteSpace(text))
            return Checked.No<NoteReading>(new Issue("text", IssueCodes.Missing, "", "the notes"));
        if (text.Length > MostLetters)
            return Checked.No<NoteReading>(new Issue("text", IssueCodes.TooLong, $"{text.Length}", $"{MostLetters}"));
        var words = confirmed ?? [];
        var slips = words
            .Select(
                (w, i) =>
                    w.Structure is { } id && !atlas.IsStructure(id)
                        ? new Issue($"confirmed[{i}].structure", IssueCodes.Unknown, id, "a structure of the atlas")
                        : null
            )
            .OfType<Issue>()
            .ToList();
        if (slips.Count > 0)
            return Checked.No<NoteReading>([.. slips]);
        var told = words.Where(w => w.Structure is not null).Aggregate(text, (t, w) => Written(t, w.Said, atlas.PlainName(w.Structure!)));
        var reader = new NoteReader(
            atlas,
            [.. words.Where(w => w.Structure is null).Select(w => string.Join(' ', NoteGlossary.Words(w.Said)))]
        );
        foreach (var sentence in NoteGlossary.Sentences(told))
            reader.Read(sentence);
        return Checked.Yes(reader.Finish(told));
    }

    private static string Written(string text, string said, string name) =>
        NoteGlossary.SpelledOut(said)?.Replace(text, name.Replace("$", "$$", StringComparison.Ordinal)) ?? text;
}
