using System.Runtime.CompilerServices;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.People;

/// <summary>How a state of the person is handled for some classes of work: avoid, ask, modify or ok, the strictest first (R103).</summary>
public static class ExclusionRules
{
    /// <summary>Above every list of exclusions, always.</summary>
    public const string ClinicianFirst =
        "These are general cautions, not yet reviewed by a clinician. The advice of the licensed clinician who treats the person, "
        + "and local codes, come first. When in doubt, leave the technique out and ask.";

    /// <summary>
    /// Every exclusion whose handling for one of the classes is not Handling.Ok, acute signs first, then the strictest. An acute sign
    /// counts for
    /// every technique.
    /// </summary>
    public static IReadOnlyList<ExclusionNote> Exclusions(IReadOnlyCollection<string> classes, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        return Known
            .GetValue(atlas, static _ => new())
            .Of(string.Join(' ', classes), (classes, atlas), static (_, of) => Of(of.classes, of.atlas));
    }

    private static readonly ConditionalWeakTable<Atlas, Remembered<string, IReadOnlyList<ExclusionNote>>> Known = [];

    private static IReadOnlyList<ExclusionNote> Of(IReadOnlyCollection<string> classes, Atlas atlas) =>
        [
            .. atlas
                .Document.Contraindications.Select(e =>
                    (Exclusion: e, Hit: classes.Where(c => e.ByClass.GetValueOrDefault(c, Handling.Ok) != Handling.Ok).ToList())
                )
                .Where(x => x.Hit.Count > 0 || x.Exclusion.RedFlag && classes.Count > 0)
                .Select(x =>
                {
                    var handling = x.Exclusion.RedFlag ? Handling.Avoid : x.Hit.Select(c => x.Exclusion.ByClass[c]).Min();
                    return new ExclusionNote(
                        x.Exclusion.Id,
                        x.Exclusion.Name,
                        handling,
                        Says(handling, x.Exclusion),
                        x.Exclusion.Window,
                        x.Exclusion.Reason,
                        x.Exclusion.RedFlag,
                        x.Hit,
                        x.Exclusion.Client,
                        x.Exclusion.Whom
                    );
                })
                .OrderBy(n => n.RedFlag ? 0 : 1)
                .ThenBy(n => n.Handling)
                .ThenBy(n => n.Name, StringComparer.Ordinal),
        ];

    /// <summary>The strictest handling of an exclusion over some classes.</summary>
    public static Handling Worst(Exclusion exclusion, IEnumerable<string> classes) =>
        classes.Select(c => exclusion.ByClass.GetValueOrDefault(c, Handling.Ok)).DefaultIfEmpty(Handling.Ok).Min();

    private static string Says(Handling handling, Exclusion exclusion) =>
        handling switch
        {
            Handling.Avoid when exclusion.RedFlag => "stop for today",
            Handling.Avoid => "leave out",
            Handling.Ask => $"ask {exclusion.Whom} first",
            _ => "only in the milder form",
        };
}
