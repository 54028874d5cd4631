using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Words;

/// <summary>
/// One step as it is read by somebody: the cue, what moves, and what each hand does, with left and right in words for that reader.
/// </summary>
public sealed record StepReading(int Index, string Cue, string Title, IReadOnlyList<string> Hands);

/// <summary>For whom left and right are worded.</summary>
[ClosedList]
public enum Viewer
{
    /// <summary>Looks at who does it.</summary>
    Facing,

    /// <summary>Does it before a mirror.</summary>
    Mirror,

    /// <summary>Does it.</summary>
    Subject,
}

/// <summary>A technique in words for one reader. Sides are stored as the performer's own; here they are told for who looks.</summary>
/// <param name="Says">For whom left and right are worded, as a sentence.</param>
/// <param name="Care">What the reader has to know of their own safety.</param>
public sealed record TechniqueReading(
    Viewer Viewer,
    string Says,
    IReadOnlyList<StepReading> Steps,
    IReadOnlyList<Fault> Faults,
    IReadOnlyList<Adaptation> Adaptations,
    IReadOnlyList<string> Cautions,
    ClientAdvice Care,
    PracticeNotes Practice
)
{
    public static IReadOnlyList<TechniqueReading> Of(
        TechniqueDocument document,
        IReadOnlyList<DerivedStep> steps,
        IReadOnlyList<ExclusionNote> exclusions,
        Atlas atlas
    )
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(steps);
        ArgumentNullException.ThrowIfNull(atlas);
        return
        [
            .. ViewerWords.Viewers.Select(v => new TechniqueReading(
                v,
                ViewerWords.Says(v),
                [
                    .. steps.Select(s => new StepReading(
                        s.Index,
                        ViewerWords.For(v, s.Completed.Cue) ?? "",
                        ViewerWords.For(v, s.Title) ?? "",
                        [
                            .. s
                                .Completed.AllHands.Where(h => h.Verb is not null)
                                .Select(h => ViewerWords.For(v, StepWords.HandLine(h, s.Sides, atlas)) ?? ""),
                        ]
                    )),
                ],
                [
                    .. (document.Faults ?? []).Select(f => new Fault(
                        ViewerWords.For(v, f.Sign),
                        ViewerWords.For(v, f.Meaning),
                        ViewerWords.For(v, f.Fix)
                    )),
                ],
                [.. (document.Adaptations ?? []).Select(a => new Adaptation(ViewerWords.For(v, a.For), ViewerWords.For(v, a.Change)))],
                [.. (document.Cautions ?? []).Select(c => ViewerWords.For(v, c) ?? "")],
                ClientAdvice.Of([.. (document.Cautions ?? []).Select(c => ViewerWords.For(v, c) ?? "")], exclusions),
                new(
                    ViewerWords.For(v, document.Practice?.Feel),
                    ViewerWords.For(v, document.Practice?.Easier),
                    ViewerWords.For(v, document.Practice?.Harder),
                    ViewerWords.For(v, document.Practice?.Progression)
                )
            )),
        ];
    }
}

/// <summary>
/// Turns the performer's left and right into words for a reader. Only words that mean a side of the body are changed: "left hand",
/// "your right",
/// "from left to right"; "right away", "a right angle" and "left hanging" are not.
/// </summary>
public static partial class ViewerWords
{
    public static readonly IReadOnlyList<Viewer> Viewers = Enum.GetValues<Viewer>();

    public static string Says(Viewer viewer) =>
        viewer switch
        {
            Viewer.Facing => "Worded for somebody who faces the one who does it: their left is on your right.",
            Viewer.Mirror => "Worded for doing it before a mirror: your left is on the left of the mirror.",
            Viewer.Subject => "Worded for the one who does it: left and right are your own.",
            _ => throw new ArgumentOutOfRangeException(nameof(viewer), viewer, $"A viewer is one of {string.Join(", ", Viewers)}."),
        };

    /// <summary>The text for one reader; null stays null.</summary>
    /// <remarks>Circles are told as the performer sees them, looking out: whoever faces them sees the other way round.</remarks>
    public static string? For(Viewer viewer, string? text)
    {
        _ = Says(viewer);
        if (text is null || !(Has("left") || Has("right") || Has("clockwise")))
            return text;
        bool Has(string word) => text.Contains(word, StringComparison.OrdinalIgnoreCase);
        var owner = viewer == Viewer.Facing ? "their" : "your";
        var placed = new HashSet<string>(StringComparer.Ordinal);
        var words = Side()
            .Replace(text, m =>
            {
                var side = m.Groups["side"].Value;
                var own = side.ToLowerInvariant();
                var before = m.Groups["before"].Value;
                var thing = m.Groups["thing"].Value;
                // The owner takes the place of "the", "own" and the like; "to", "on" and "from" stay.
                var lead = Lead().Match(before).Value;
                var told = Keep(before.Length > 0 ? before : side, $"{lead}{owner} {own}{thing}");
                return placed.Add(own) ? told + Where(viewer, own) : told;
            });
        return viewer == Viewer.Facing
            ? Turn()
                .Replace(words, m => Keep(m.Value, m.Groups["anti"].Success ? "clockwise as you see it" : "anticlockwise as you see it"))
            : words;
    }

    private static string Where(Viewer viewer, string own) =>
        viewer switch
        {
            Viewer.Facing => $" (on your {(own == "left" ? "right" : "left")})",
            Viewer.Mirror => $" (on the {own} of the mirror)",
            _ => "",
        };

    /// <summary>Keeps the capital of a word at the head of a sentence.</summary>
    private static string Keep(string old, string made) =>
        old.Length > 0 && char.IsUpper(old[0]) ? char.ToUpperInvariant(made[0]) + made[1..] : made;

    private const RegexOptions Free = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture;
    private const string Body =
        "side|half|hand|palm|fist|arm|forearm|elbow|shoulder|thumb|index|finger|fingers|fingertips?|knuckles?|cheek|brow|eyebrow|eye"
        + "|lid|ear|jaw|temple|corner|mouth corner|nostril|lobe|collarbone|face|neck|cheekbone|lip";

    [GeneratedRegex(
        @"(?<before>\b(?:(?:to|on|from|at|with|over)\s+)?(?:(?:the|your|their|his|her|its)\s+)?(?:own\s+)?)\b(?<side>left"
            + @"|right)\b(?<thing>\s+(?:"
            + Body
            + @")\b)|(?<before>\b(?:(?:to|on|from)\s+)?(?:(?:the|your|their|his|her)\s+own|your|their|his|her|own|(?:to|on"
            + @"|from)\s+the)\s+)(?<side>left|right)\b(?!\s+(?:angle|away|amount|place|way|pressure|speed|depth|moment"
            + @"|one))|(?<before>\b(?:from|to)\s+)(?<side>left|right)\b(?=\s+(?:to|and)\b|[.,;:!?]|$)",
        Free
    )]
    private static partial Regex Side();

    [GeneratedRegex(@"^(?:to|on|from|at|with|over)\s+", Free)]
    private static partial Regex Lead();

    [GeneratedRegex(@"\b(?:(?<anti>anti-?clockwise|counter-?clockwise)|clockwise)\b", Free)]
    private static partial Regex Turn();
}
