using Wexis.Core.Examinations;

namespace Wexis.Core.Results;

/// <summary>
/// What is said of one line of the yardstick. Plain words, short sentences, to the one who showed it; how a thing is practised and felt is
/// common practice of teaching.
/// </summary>
/// <param name="Keep">What went well.</param>
/// <param name="Wrong">What was not right (marks 0 and 1).</param>
/// <param name="Nearly">What was right with slips (mark 2).</param>
/// <param name="Cue">What mends it.</param>
/// <param name="Feel">How it feels when it is right.</param>
/// <param name="Practise">How it is practised; null: the technique, at its own dose.</param>
internal sealed record Phrase(string Keep, string Wrong, string Nearly, string Cue, string Feel, string? Practise = null);

/// <summary>
/// The one home of feedback's wording. {0} stands for what the criterion names (places, a feel), as a list with articles.
/// </summary>
internal static class FeedbackPhrases
{
    private const string Aloud = "Say it aloud to a mirror or a friend, once a day on three days.";

    private static readonly IReadOnlyDictionary<Topic, Phrase> Phrases = new Dictionary<Topic, Phrase>
    {
        [Topic.Setup] = new(
            "You came ready: your hands, your tools and your questions.",
            "You began before you were ready.",
            "You were nearly ready when you began.",
            "Go through the list first: wash your hands, look at nails and rings, tie your hair back, ask about health.",
            "You can name each point on the list, and nothing stops you once you have begun.",
            "Lay out your place and say the list aloud, once a day on three days."
        ),
        [Topic.Posture] = new(
            "You sat tall and at ease.",
            "You sank while you worked.",
            "You sat tall most of the time.",
            "Feet flat, back long, shoulders low; check it before each side.",
            "Your neck feels long, and your shoulders stay away from your ears."
        ),
        [Topic.Contact] = new(
            "Your fingers lay where they should{0}.",
            "Your fingers were not where they should be{0}.",
            "Your fingers slipped at times. They should lie still{0}.",
            "Find the place first, then lay the fingers down.",
            "You feel the same spot under your fingers each time."
        ),
        [Topic.Path] = new(
            "You kept to the way: {0}.",
            "You left the way. It goes {0}.",
            "You left the way now and then. It goes {0}.",
            "Go slowly, and say the start and the end to yourself.",
            "The move starts and ends at the same place each time, and nothing else joins in."
        ),
        [Topic.Pressure] = new(
            "Your touch stayed {0} from start to end.",
            "Your touch was not {0}.",
            "Your touch was not always {0}.",
            "Try the touch on your forearm first, then take it to the face.",
            "The touch feels the same at the start, in the middle and at the end, and it never hurts."
        ),
        [Topic.Dose] = new(
            "You gave the full dose.",
            "The dose was not what it should be.",
            "The dose was a little off.",
            "Count aloud.",
            "You know the number before you begin, and you stop when you reach it."
        ),
        [Topic.Tempo] = new(
            "Your beat was steady.",
            "Your beat was not right.",
            "Your beat was a little off.",
            "Count slowly: one for the way in, one for the way back.",
            "You could speak in calm words while you do it."
        ),
        [Topic.Balance] = new(
            "Both sides got the same.",
            "The two sides did not get the same.",
            "The two sides got nearly the same.",
            "Count both sides aloud, and give the second side the number of the first.",
            "Both sides feel equally warm when you are done."
        ),
        [Topic.Stillness] = new(
            "You kept {0} still.",
            "You should keep {0} still. There was movement again and again.",
            "You should keep {0} still. There was a slip or two.",
            "Lay a flat hand there, and make the move smaller.",
            "Under that hand nothing moves."
        ),
        [Topic.Breath] = new(
            "Your breath went on, quiet and even.",
            "You held your breath.",
            "Your breath stopped at times.",
            "Breathe out as you work; count aloud to keep the air moving.",
            "You can talk all the way through."
        ),
        [Topic.Finish] = new(
            "You led the last strokes to their end.",
            "The last strokes did not reach their end.",
            "The last strokes nearly reached their end.",
            "Name the end place before you start, and let each stroke reach it.",
            "Your hand comes to rest at the same place each time."
        ),
        [Topic.Anatomy] = new(
            "You said rightly what the work does.",
            "What you said of the muscle was not right.",
            "What you said of the muscle was nearly right.",
            "Learn one sentence: which muscle, what it does here, and what this does not do.",
            "You can say it in one breath, and point to the place.",
            Aloud
        ),
        [Topic.Cueing] = new(
            "Your words came before the move, one thing at a time.",
            "Your words came too late, or not at all.",
            "Your words were right, with slips.",
            "Say the side, then the move, then the count; one thing at a time.",
            "The other one moves after you have spoken, not before.",
            Aloud
        ),
        [Topic.Adaptation] = new(
            "You offered an easier way, and said when to stop.",
            "You offered no easier way, or said no stop rule.",
            "You offered one of the two: an easier way, and when to stop.",
            "Have one easier way and one stop rule ready before you start.",
            "You can say both without a look at your notes.",
            Aloud
        ),
        [Topic.Screening] = new(
            "You asked about health before you began.",
            "You did not ask about health before you began.",
            "You asked about health, but not in time.",
            "Ask first, touch later; say what you will leave out and why.",
            "You know what to leave out before your hands come near.",
            "Ask the questions aloud, from the sheet, once a day on three days."
        ),
        [Topic.Comfort] = new(
            "You asked how it felt, and went by the answer.",
            "You did not ask how it felt.",
            "You asked how it felt, but late or only once.",
            "Ask at the first touch, and again half way.",
            "The other one tells you a number, and you change your touch at once."
        ),
        [Topic.SidesSaid] = new(
            "You said left and right as the others have them.",
            "You mixed up left and right for the others.",
            "You mixed up a side once.",
            "Point as you speak, and say “your left”.",
            "Everyone moves the same hand at once.",
            Aloud
        ),
        [Topic.Talk] = new(
            "Your talk left room for the work.",
            "Your talk took up the time for the work.",
            "Your talk took a little of the time for the work.",
            "Explain first; then only count.",
            "It is quiet while hands work.",
            Aloud
        ),
        [Topic.Watching] = new(
            "You watched the others, and put right what could hurt.",
            "You did not see what the others did.",
            "You saw what the others did, but late.",
            "Look up after each move, from left to right through the room.",
            "You can say afterwards what each of them did.",
            "Lead two friends, and tell them afterwards what you saw; twice in one week."
        ),
        [Topic.Order] = new(
            "You kept to the order, and left nothing out.",
            "The order was not kept.",
            "The order slipped once.",
            "Lay the cards out in a row before you start.",
            "Each part leads you to the next."
        ),
        [Topic.Noticing] = new(
            "You saw at once what was wrong.",
            "You did not see in time what was wrong.",
            "You saw a little late what was wrong.",
            "Look at place, way and touch first, in this order.",
            "Your eye finds what is wrong before the second move is over.",
            "Watch three people, and say what is wrong within ten seconds; three days."
        ),
        [Topic.Naming] = new(
            "You named clearly what was wrong, and where.",
            "You did not name what was wrong.",
            "You named it, but not quite.",
            "Say the place first, then what you see there.",
            "The other one knows where you mean at once.",
            Aloud
        ),
        [Topic.Priority] = new(
            "You put right what mattered most, and only that.",
            "What could hurt was not put right first.",
            "You put right one thing, but not the one that mattered most.",
            "First what can hurt, then one thing more, no more.",
            "The other one can do what you say at once.",
            Aloud
        ),
        [Topic.Correction] = new(
            "Your words put it right.",
            "Your words did not put it right.",
            "Your words put it right in the end.",
            "One short sentence that says what to do.",
            "The next move is better.",
            Aloud
        ),
        [Topic.Checking] = new(
            "You looked again, and said what had changed.",
            "You did not look whether it had changed.",
            "You looked, but did not say what had changed.",
            "Watch the next move, then say what is better.",
            "You can say what is better now.",
            Aloud
        ),
        [Topic.Manner] = new(
            "You put it right in a kind way.",
            "You put it right in a harsh way.",
            "You put it right kindly, with a slip.",
            "Say what to do, not what is wrong with them.",
            "The other one is glad to try again.",
            Aloud
        ),
    };

    /// <summary>A move of the face, or a technique as a whole: no line from one place to another.</summary>
    private static readonly Phrase Move = new(
        "The move was full and clean{0}.",
        "The move was not right{0}.",
        "The move was nearly right{0}.",
        "Make it small and slow at first, and let nothing else join in.",
        "Only the part that you mean moves, and it lets go fully."
    );

    public static Phrase Of(Criterion c) => IsMove(c) ? Move : Phrases[c.Topic];

    /// <summary>What {0} stands for.</summary>
    public static string Said(Criterion c)
    {
        var named =
            c.Named is { Count: > 0 } words ? words
            : c.Topic == Topic.Stillness ? AfterColon(c.Text)
            : [];
        if (IsMove(c))
            return named.Count > 0 ? $" in {named[0]}" : "";
        return c.Topic switch
        {
            Topic.Pressure => named.Count > 0 ? Touch(named[0]) : "as light as asked",
            Topic.Path => $"from {List([named[0]])} to {List([named[1]])}",
            Topic.Stillness when named.Count == 0 => "the rest of the face",
            Topic.Contact => named.Count > 0 ? $", {(HasItsPreposition(named[0]) ? "" : "at ")}{List(named)}" : "",
            _ => List(named),
        };
    }

    /// <summary>A level of pressure as a sentence says it.</summary>
    private static string Touch(string level) =>
        level switch
        {
            "feather" => "as light as a feather",
            "medium" => "of medium weight",
            "to the bone" => "firm, down to the bone",
            _ => level,
        };

    private static bool HasItsPreposition(string place) =>
        place.Split(' ')[0] is "under" or "below" or "above" or "behind" or "between" or "beside" or "where" or "over";

    private static bool IsMove(Criterion c) => c.Topic == Topic.Path && c.Named is not { Count: 2 };

    /// <summary>A sheet of before names its places only in its text.</summary>
    private static IReadOnlyList<string> AfterColon(string text) =>
        text.IndexOf(':', StringComparison.Ordinal) is > 0 and var at && text.Length - at < 80
            ? [.. text[(at + 1)..].Split([',', ';'], StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)]
            : [];

    /// <summary>What is shown once more of a line that is about the whole.</summary>
    public static string Again(Topic topic) =>
        topic switch
        {
            Topic.Setup => "how you get ready",
            Topic.Posture => "how you sit while you work",
            Topic.Breath => "that your breath goes on",
            Topic.Finish => "how the last strokes end",
            Topic.Stillness => "what stays still",
            Topic.Anatomy => "what you say of the muscle",
            Topic.Cueing => "your words before the move",
            Topic.Adaptation => "an easier way and a stop rule",
            Topic.Screening => "the questions about health",
            Topic.Comfort => "how you ask about the touch",
            Topic.SidesSaid => "how you say left and right",
            Topic.Talk => "how you lead with few words",
            Topic.Watching => "how you watch the others",
            Topic.Order => "all parts in their order",
            _ => "this part",
        };

    /// <summary>What each critical act asks for instead. An act that a trainer added has no words of its own here.</summary>
    public static string Instead(string act) =>
        act switch
        {
            "globe" => "Fingers stay on the bone in front of the eye. A lid gets a touch as light as a feather at most.",
            "throat" => "Stay off the front of the neck. Work one side at a time, behind the neck muscle, and lightly.",
            "head-pull" => "The head’s own weight is enough. No hand pulls it or pushes it.",
            "excluded-skin" => "Leave skin alone that is sore, broken or fresh from a treatment.",
            "went-on" => "Stop at pain, numb skin, flashes or a dizzy head.",
            "excluded-person" => "Ask about health first, and let the person go when an answer says so.",
            "promise" => "Say what the work can do and what it does not do. Promise no cure.",
            "unwashed" => "Wash your hands before they come near the eyes.",
            _ => "Ask your trainer how to stay safe here.",
        };

    /// <summary>“the brow, the jaw and the chin”.</summary>
    public static string List(IReadOnlyList<string> words)
    {
        var named = words.Select(The).ToList();
        return named.Count switch
        {
            0 => "",
            1 => named[0],
            _ => $"{string.Join(", ", named.Take(named.Count - 1))} and {named[^1]}",
        };
    }

    private static string The(string words) =>
        words.Split(' ')[0]
            is "the"
                or "your"
                or "where"
                or "under"
                or "below"
                or "above"
                or "behind"
                or "between"
                or "both"
                or "from"
                or "all"
            ? words
            : $"the {words}";

    /// <summary>“Brow joins in”: words that stand alone, as a sentence.</summary>
    public static string Sentence(string words)
    {
        var told = words.Trim().TrimEnd('.');
        return told.Length == 0 ? "" : $"{char.ToUpperInvariant(told[0])}{told[1..]}.";
    }

    /// <summary>“3 times”, “once”, “12 seconds”.</summary>
    public static string Amount(double n, bool inSeconds) =>
        inSeconds
            ? $"{n:0} {(Math.Round(n) == 1 ? "second" : "seconds")}"
            : Math.Round(n) switch
            {
                1 => "once",
                2 => "twice",
                _ => $"{n:0} times",
            };

    /// <summary>“1:05”.</summary>
    public static string Clock(double seconds) => $"{(int)(seconds / 60)}:{(int)seconds % 60:00}";
}
