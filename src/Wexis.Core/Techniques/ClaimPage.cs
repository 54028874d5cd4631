using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques;

/// <summary>One sentence of a page that claims something, with its verdict and what may be said instead.</summary>
/// <param name="At">Where it begins in the text, in characters from 0.</param>
/// <param name="Against">What it was held against: a movement that it names itself, what the page told before it, or the technique
/// that was chosen. Null where nothing says what is done.</param>
public sealed record PageClaim(int At, string Text, string? Against, ClaimVerdict Verdict);

/// <summary>
/// A page of text (a handbook, a sales page), claim by claim. What a sentence is held against is read from the page: the movement that
/// the sentence names, else the technique that was chosen for the page, else the steps told before it; under a second heading these
/// come before the chosen one. See docs/method.md#claims.
/// </summary>
/// <param name="Sentences">How many the page has.</param>
public sealed partial record ClaimPage(int Sentences, IReadOnlyList<PageClaim> Claims)
{
    private const int MostLetters = 200_000;

    /// <param name="about">The technique that the page is about; null where it tells that itself, or speaks of none.</param>
    public static Checked<ClaimPage> Of(string text, TechniqueDocument? about, Atlas atlas, ActionModel model, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (string.IsNullOrWhiteSpace(text))
            return Checked.No<ClaimPage>(new Issue("text", IssueCodes.Missing, "", "a page of text"));
        return text.Length > MostLetters
            ? Checked.No<ClaimPage>(new Issue("text", IssueCodes.TooLong, $"{text.Length}", $"{MostLetters}"))
            : Checked.Yes(new Reader(text, about, atlas, model, settings).Read());
    }

    /// <summary>Reads one page from its beginning to its end.</summary>
    private sealed partial class Reader(string text, TechniqueDocument? about, Atlas atlas, ActionModel model, HouseSettings settings)
    {
        private readonly NoteGlossary _glossary = NoteGlossary.Of(atlas);
        private readonly List<Step> _told = [];
        private string? _title;
        private int _headings;
        private Derivation? _derived;
        private Derivation? _about;
        private (string? Against, Derivation? Derived)? _own;

        public ClaimPage Read()
        {
            List<PageClaim> claims = [];
            var (sentences, at) = (0, 0);
            foreach (var sentence in NoteGlossary.AsTheyStand(text))
            {
                var from = text.IndexOf(sentence.Text, at, StringComparison.Ordinal);
                var before = at;
                at = from;
                var said = NoteShorthand.Plain(new NoteShorthand().WrittenOut(sentence.Text));
                // "It works the cheek, not the forehead.": in a note a caution of its own, in a claim a part of it.
                if (sentence.Onward && claims is [.., var last] && last.At + last.Text.Length == before && SetsApart().IsMatch(said))
                    claims[^1] = Judge(last.At, text[last.At..(from + sentence.Text.Length)]);
                else if (IsClaim(said))
                    claims.Add(Judge(at, sentence.Text));
                else if (_glossary.IsTitle(sentence))
                    Begin(NoteGlossary.Title(sentence.Text));
                else if (!NoteGlossary.Forbids(said) && _glossary.Step(said, out _) is { } step)
                    Tell(NoteGlossary.Settled(step, said));
                sentences++;
                at += sentence.Text.Length;
            }
            return new(sentences, claims);
        }

        private bool IsClaim(string sentence) =>
            !sentence.EndsWith('?')
            && (
                _glossary.IsClaim(sentence)
                || NoteGlossary.Dose(TwiceAs().Replace(sentence, "as")) is null
                    && (
                        ClaimReview.Promises(sentence) && !NoteGlossary.IsAdvice(sentence) && !SendsAway().IsMatch(sentence)
                        || ClaimReview.PromisesNoHarm(sentence)
                        || ClaimReview.SaysSo(sentence, atlas)
                        || ClaimReview.SaysWork(sentence, atlas)
                    )
            );

        private void Begin(string title)
        {
            _title = title;
            _headings++;
            _told.Clear();
            _derived = null;
        }

        private void Tell(Step step)
        {
            _told.Add(step);
            _derived = null;
        }

        private PageClaim Judge(int at, string sentence)
        {
            var (against, derived) = HeldAgainst(sentence);
            var claimed = TechniqueDocument.Empty with { Claims = [new(sentence, null, null, null)] };
            var verdict = ClaimReview.Of(
                claimed,
                derived?.Steps ?? [],
                derived?.Map ?? WorkMap.Empty,
                atlas,
                model,
                // A page has no name and no family: only what is stopped makes claims wait.
                derived?.SafetyVerdict == SafetyVerdict.Stop
            )[0];
            return new(at, sentence, against, verdict);
        }

        private (string? Against, Derivation? Derived) HeldAgainst(string sentence)
        {
            if (ClaimSentence.Subject(sentence) is { } subject && IsDoing(subject) && _glossary.Step(subject, out _) is { } own)
            {
                var read = (Against: (string?)subject, Derived: Derive([own]));
                // "Tapping strengthens …": tapping where was told before.
                if (IsOfUse(read.Derived) || _told.Count == 0)
                {
                    _own = read;
                    return read;
                }
            }
            if (_own is { } same && GoesOn().IsMatch(sentence))
                return same;
            _own = null;
            // Whoever chose a technique said what the page is about; only what stands under a second heading is another.
            if (_told.Count > 0 && (_derived ??= Derive(_told)) is var told && (about is null || _headings > 1 && IsOfUse(told)))
                return (_title ?? "what was told before it", told);
            return about is null ? (null, null) : (about.Name, _about ??= Derivation.Of(about, atlas, model, settings));
        }

        private static bool IsOfUse(Derivation told) => told.Map.Worked.Count > 0 || told.SafetyVerdict == SafetyVerdict.Stop;

        /// <summary>"Smiling", "a firm massage of the jaw" are done; "the frown muscle" is not.</summary>
        private bool IsDoing(string subject) =>
            !ThisOne().IsMatch(subject) && (ClaimWords.Named(subject, atlas).Count == 0 || Gerund().IsMatch(subject));

        private Derivation Derive(IReadOnlyList<Step> steps) =>
            Derivation.Of(TechniqueDocument.Empty with { Steps = [.. steps] }, atlas, model, settings);

        /// <summary>"Swollen nodes: doctor first", "not over the thyroid": a caution speaks of illness and promises nothing.</summary>
        [GeneratedRegex(
            @"\b(?:doctor|clinician|physician|pharmacist)\s+(?:first|today|the\s+same\s+day|at\s+once)\b|\b(?:ask|see"
                + @"|consult|call)\s+(?:an?|the"
                + @"|your)\s+(?:doctor|clinician|physician|eye\s+doctor)\b|\bclearance\b|\bemergency\b"
                + @"|^\W*(?:not|never|no)\s+(?:over|on|with|after|during|for|in|near)\b",
            RegexOptions.IgnoreCase
        )]
        private static partial Regex SendsAway();

        /// <summary>"Twice as thick": no dose.</summary>
        [GeneratedRegex(@"\b(?:twice|(?:three|four|five|ten|\d+)\s+times)\s+as\b", RegexOptions.IgnoreCase)]
        private static partial Regex TwiceAs();

        /// <summary>It goes on about what the sentence before spoke of.</summary>
        [GeneratedRegex(
            @"^(?:and\s+|but\s+)?(?:it|this|that|they|so\s+it)\b(?!\s+(?:exercise|technique|point|movement))",
            RegexOptions.IgnoreCase
        )]
        private static partial Regex GoesOn();

        [GeneratedRegex(@"^(?:this|the|our|my|your)\s+(?:exercise|technique|movement|method|routine|course)s?\b", RegexOptions.IgnoreCase)]
        private static partial Regex ThisOne();

        [GeneratedRegex(@"^\W*(?:but\s+)?(?:not|never|nor|without|rather\s+than|instead\s+of)\b", RegexOptions.IgnoreCase)]
        private static partial Regex SetsApart();

        [GeneratedRegex(@"\b\p{L}{3,}ing\b", RegexOptions.IgnoreCase)]
        private static partial Regex Gerund();
    }
}
