namespace Wexis.Core.Examinations;

/// <summary>
/// Why a mark is not full, in words that one touch gives: by the line of the yardstick (common practice). What is measured needs none.
/// </summary>
internal static class Reasons
{
    private static readonly IReadOnlyDictionary<Topic, IReadOnlyList<string>> ByTopic = new Dictionary<Topic, IReadOnlyList<string>>
    {
        [Topic.Setup] = ["hands not cleaned", "nails or jewellery", "health not asked", "wrong product"],
        [Topic.Posture] = ["slumps", "chin pokes forward", "shoulders rise", "head tilts"],
        [Topic.Contact] = ["another finger", "beside the place", "nails"],
        [Topic.Path] = ["leaves the line", "the wrong way", "pressed on the way back", "range too small", "a helper joins in"],
        [Topic.Pressure] = ["too hard", "too light", "uneven", "harder on one side"],
        [Topic.Stillness] = ["moves at effort", "moves at the end", "moves with every repetition"],
        [Topic.Breath] = ["holds it at effort", "holds it throughout", "breathes too fast"],
        [Topic.Finish] = ["ends too early", "another way out", "left out"],
        [Topic.Anatomy] = ["another structure", "the wrong kind of work", "promises too much"],
        [Topic.Cueing] = ["too late", "the wrong side said", "several at once", "no count"],
        [Topic.Adaptation] = ["no easier version", "no stop rule", "does not fit"],
        [Topic.Screening] = ["not asked", "asked after touching", "nothing left out"],
        [Topic.Comfort] = ["not asked", "asked once only", "the answer not followed"],
        [Topic.SidesSaid] = ["sides swapped", "the side not said"],
        [Topic.Watching] = ["looks at oneself", "corrects nobody", "corrects too late"],
        [Topic.Order] = ["one left out", "two exchanged"],
        [Topic.Naming] = ["vague", "another fault named", "the wrong side"],
        [Topic.Priority] = ["several at once", "a harm passed over", "a lesser one first"],
        [Topic.Correction] = ["no cue", "too long", "does not mend it"],
        [Topic.Checking] = ["does not look", "says nothing"],
        [Topic.Manner] = ["impatient", "shames"],
    };

    public static IReadOnlyList<string> Of(Topic topic) => ByTopic.GetValueOrDefault(topic) ?? [];
}
