using Wexis.Core.Measures;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Words;

namespace Wexis.Core.Routines;

/// <summary>When a sentence of the script is said.</summary>
[ClosedList]
public enum ScriptMoment
{
    Before,
    While,
    OtherSide,
    Release,
    Bridge,
}

/// <summary>One sentence of the script with its seconds.</summary>
/// <param name="Step">Step (from 0) that it belongs to; null for the whole part.</param>
/// <param name="Moved">Why it is said before instead of while the work runs; null when it stands where it was told.</param>
public sealed record ScriptLine(ScriptMoment Moment, int? Step, string Text, double Seconds, string? Moved);

/// <summary>What is said for one part.</summary>
/// <param name="Part">Id of the part.</param>
/// <param name="BeforeSeconds">Talk before hands are laid and eyes close; it comes on top of the work.</param>
/// <param name="WhileSeconds">Talk while the work runs.</param>
/// <param name="OverSeconds">Talk that finds no room beside the work: it would eat it.</param>
public sealed record ScriptPart(
    string Part,
    string Name,
    double WorkSeconds,
    double BeforeSeconds,
    double WhileSeconds,
    double OverSeconds,
    IReadOnlyList<ScriptLine> Lines
);

/// <summary>
/// What a trainer says while leading a routine, for the one who is addressed. See docs/method.md#script.
/// </summary>
/// <param name="WordsPerMinute">The rate that seconds are counted at.</param>
public sealed record RoutineScript(
    Viewer Viewer,
    double WordsPerMinute,
    IReadOnlyList<ScriptPart> Parts,
    double TalkBeforeSeconds,
    double OverSeconds
)
{
    /// <summary>Rates between which a measured one lies; slower or faster is a slip of the measuring.</summary>
    public static readonly (double Slowest, double Fastest) Rates = (60, 240);

    /// <param name="wordsPerMinute">The trainer's own rate; null for the usual one (Tauroza and Allison 1990: about 140).</param>
    public static RoutineScript Of(IReadOnlyList<LaidPart> parts, Viewer viewer, double? wordsPerMinute, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(parts);
        ArgumentNullException.ThrowIfNull(settings);
        var rate = wordsPerMinute ?? settings.BriefWordsPerMinute;
        var said = parts.Select(p => Part(p, viewer, rate)).ToList();
        return new(viewer, rate, said, said.Sum(p => p.BeforeSeconds), said.Sum(p => p.OverSeconds));
    }

    /// <summary>Words a minute from one reading aloud.</summary>
    /// <exception cref="ArgumentOutOfRangeException">Not a rate at which people speak.</exception>
    public static double Rate(string paragraph, double seconds)
    {
        var rate = TechniqueTimes.Words(paragraph) / seconds * 60;
        return rate >= Rates.Slowest && rate <= Rates.Fastest
            ? Math.Round(rate)
            : throw new ArgumentOutOfRangeException(
                nameof(seconds),
                $"{rate:0} words a minute; expected {Rates.Slowest} to {Rates.Fastest}."
            );
    }

    /// <summary>Words of all that is said for a part, wherever it is said.</summary>
    internal static int WordsOf(LaidPart part) =>
        TechniqueTimes.Words(part.Part.Bridge)
        + TechniqueTimes.Words(part.Part.Words)
        + (part.Derived?.Steps.Sum(s => TechniqueTimes.Words(s.Completed.Cue)) ?? 0);

    private static ScriptPart Part(LaidPart part, Viewer viewer, double rate)
    {
        double Seconds(string text) => Math.Round(TechniqueTimes.Words(text) / rate * 60, 1);
        var lines = new List<ScriptLine>();
        void Say(ScriptMoment moment, int? step, string? text, string? moved = null)
        {
            if (!string.IsNullOrWhiteSpace(text))
                lines.Add(new(moment, step, text.Trim(), Seconds(text), moved));
        }
        Say(ScriptMoment.While, null, part.Part.Words);
        if (part.Derived is { } derived)
        {
            var reading = derived.Readings.First(r => r.Viewer == viewer);
            Say(ScriptMoment.Before, null, $"{part.Name}.");
            for (var i = 0; i < derived.Steps.Count; i++)
            {
                var step = derived.Steps[i];
                var cue = reading.Steps[i].Cue is { Length: > 0 } told ? told : $"{reading.Steps[i].Title}.";
                // The first cue is always said before: hands are laid and eyes close with it.
                var why = i == 0 ? null : WhyBefore(step, Seconds(cue), part.At(step.Dose.TotalSeconds));
                Say(i == 0 || why is not null ? ScriptMoment.Before : ScriptMoment.While, i, cue, why);
                if (step.Sides.AreInTurn())
                    Say(ScriptMoment.OtherSide, i, OtherSide(step, viewer));
            }
            if (derived.Steps[^1].Completed.EndPoint is { Length: > 0 } end)
                Say(ScriptMoment.Release, derived.Steps.Count - 1, $"Let go, when {end}.");
        }
        Say(ScriptMoment.Bridge, null, part.Part.Bridge);
        // A talk is nothing but its words; beside work they have the seconds of the work.
        var order = lines
            .OrderBy(l =>
                l.Moment == ScriptMoment.Before ? 0
                : l.Moment == ScriptMoment.Bridge ? 2
                : 1
            )
            .ToList();
        var during = lines.Where(l => l.Moment is ScriptMoment.While or ScriptMoment.OtherSide or ScriptMoment.Release).Sum(l => l.Seconds);
        return new(
            part.Part.Id ?? "",
            part.Name,
            part.Chosen,
            lines.Where(l => l.Moment is ScriptMoment.Before or ScriptMoment.Bridge).Sum(l => l.Seconds),
            during,
            Math.Max(0, Math.Round(during - part.Chosen, 1)),
            order
        );
    }

    /// <summary>The side that comes second, named for whoever is addressed.</summary>
    private static string OtherSide(DerivedStep step, Viewer viewer) =>
        step.Dose.Columns is [_, var second] && ViewerWords.For(viewer, $"Now the {second.Word()} side.") is { } says
            ? says
            : "Now the other side.";

    /// <summary>A paragraph to be read aloud while a key is held against the clock; see <see cref="Rate"/>.</summary>
    public const string Paragraph =
        "Sit so that both feet are on the floor and the jaw hangs free. We begin with clean hands and a little oil on two fingers. "
        + "I show it once on each side without a word; then we do it together, and I only count. Lay the fingers on the bone, not on "
        + "the eye. "
        + "Let them glide outwards, as lightly as a feather, and lift them at the ear. If anything hurts or pricks, stop and tell me "
        + "at once. "
        + "When we have done five on this side, we change to the other. Breathe as you like; there is no hurry.";

    /// <summary>A cue that the mouth or the time has no room for is said before the part begins.</summary>
    private static string? WhyBefore(DerivedStep step, double seconds, double room) =>
        (step.Completed.Channels ?? []).Contains("mouth-busy") ? "the mouth is busy then"
        : seconds > room ? $"it takes {seconds:0.#} s and the step only {room:0.#} s"
        : null;
}
