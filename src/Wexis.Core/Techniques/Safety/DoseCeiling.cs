using Wexis.Core.Measures;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Safety;

/// <summary>
/// More of one kind of work in a session than anybody can want: a slip of the pen or a harm (house settings, common practice).
/// </summary>
internal static class DoseCeiling
{
    public static void Add(List<SafetyFinding> findings, CompletedStep completed, DoseSum sum, HouseSettings settings)
    {
        if (completed.Family is not { } kind)
            return;
        var family = FamilyDefaults.Get(kind);
        var ceiling = settings.Ceilings[kind.Word()];
        var holds = completed
            .Step.AllActs.Select(a => a.Tempo?.HoldS)
            .Concat(completed.Step.AllHands.Select(h => h.HoldS))
            .Append(completed.Step.Tempo?.HoldS)
            .Max()
            ?? 0;
        // A full dose that nobody told follows from the standard one; a told one counts like it.
        var full =
            completed.Step.Dose is { Full: { } f, Standard: { } standard } && Math.Abs(f - Math.Ceiling(standard * settings.FullShare)) > 1;
        double Of(Levels levels) => full ? levels.Full : levels.Standard;
        var seconds = Of(sum.TotalSeconds);
        var over = new List<string>();
        if (seconds > ceiling.Seconds)
            over.Add($"{Words(seconds)} in all, at most {Words(ceiling.Seconds)}");
        if (holds > ceiling.HoldSeconds)
            over.Add($"a hold of {Words(holds)}, at most {Words(ceiling.HoldSeconds)}");
        if (Of(sum.RepetitionsPerSide) > ceiling.Repetitions)
            over.Add($"{Of(sum.RepetitionsPerSide):0} repetitions a side, at most {ceiling.Repetitions}");
        if (Of(sum.TensionSeconds) > ceiling.TensionSeconds)
            over.Add($"{Words(Of(sum.TensionSeconds))} of holding, at most {Words(ceiling.TensionSeconds)}");
        if (sum.DaySeconds is { } day && Of(day) > ceiling.Seconds * settings.CeilingSessionsADay)
            over.Add($"{Words(Of(day))} a day, at most {Words(ceiling.Seconds * settings.CeilingSessionsADay)}");
        if (over.Count == 0)
            return;
        findings.Add(
            new(
                "dose-ceiling",
                "More than anybody should do",
                SafetyVerdict.Stop,
                $"As a {family.Name} this is {string.Join("; ", over)}: a slip of the pen, or a harm.",
                "Correct the dose; spread what is left over days.",
                new(
                    "dose.ceiling",
                    "A ceiling of dose for each kind of work",
                    [new("kind of work", family.Name), new("dose", completed.Step.Dose?.Line ?? "")],
                    "house setting; common practice"
                ),
                []
            )
        );
    }

    private static string Words(double seconds) => seconds < 120 ? $"{seconds:0} s" : $"{seconds / 60:0.#} min";
}
