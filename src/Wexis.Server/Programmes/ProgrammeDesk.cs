using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;
using Wexis.Data.Routines;
using Wexis.Data.Techniques;
using Wexis.Server.Techniques;

namespace Wexis.Server.Programmes;

/// <summary>Reads programmes with what the library knows of their techniques and routines.</summary>
public sealed class ProgrammeDesk(EditionStore editions, RoutineStore routines, TechniqueDesk desk)
{
    private const int MostForGaps = 40;

    public IReadOnlyList<Issue> Issues(ProgrammeDocument document) => document.Issues(desk.Atlas);

    public async Task<ProgrammeReview> Review(ProgrammeDocument document, CancellationToken ct)
    {
        var (whole, lost) = await WithRoutines(document, ct);
        var taught = await desk.Taught(whole.AllTechniques, editions, ct);
        var review = ProgrammeReview.Of(whole, taught, desk.Atlas, desk.Schools);
        var open = review.Coverage.Where(l => l.Kept == false).Select(l => l.Structure).ToHashSet(StringComparer.Ordinal);
        if (open.Count > 0)
        {
            // What else the library has for the gaps, by its briefs; only these are read.
            var codes = (await editions.Lines(ct))
                .Where(l => l.Standing.Teachable() && !taught.ContainsKey(l.Code) && l.Brief.Works.Any(w => open.Contains(w.Structure)))
                .OrderByDescending(l => l.Brief.Works.Select(w => w.Structure).Distinct().Count(open.Contains))
                .ThenBy(l => l.Name, StringComparer.Ordinal)
                .Take(MostForGaps)
                .Select(l => l.Code)
                .ToList();
            var others = await desk.Taught(codes, editions, ct);
            review = ProgrammeReview.Of(whole, taught, desk.Atlas, desk.Schools, [.. others.Values]);
        }
        return review with { OrderFaults = [.. review.OrderFaults, .. lost] };
    }

    public async Task<SequenceProblem> Problem(ProgrammeDocument document, CancellationToken ct)
    {
        var (whole, _) = await WithRoutines(document, ct);
        return SequenceProblem.Of(whole, await desk.Taught(whole.AllTechniques, editions, ct));
    }

    public async Task<SequenceReading> Sequence(ProgrammeDocument document, CancellationToken ct)
    {
        var (whole, _) = await WithRoutines(document, ct);
        return SequenceReading.Of(whole, await desk.Taught(whole.AllTechniques, editions, ct));
    }

    public async Task<IReadOnlyList<LessonPlan>> Lessons(ProgrammeDocument document, CancellationToken ct)
    {
        var (whole, _) = await WithRoutines(document, ct);
        var taught = await desk.Taught(whole.AllTechniques, editions, ct);
        var ids = (await editions.Heads(whole.AllTechniques, ct)).Select(h => h.TechniqueId).ToList();
        var bodies = (await editions.NewestOf(ids, ct)).ToDictionary(e => e.Code, e => e.Body, StringComparer.Ordinal);
        return LessonPlan.Of(whole, SequenceReading.Of(whole, taught), taught, bodies, desk.Settings);
    }

    /// <summary>
    /// The programme with the techniques of its routines in the units that teach them, and routines that are not there any more.
    /// </summary>
    public async Task<(ProgrammeDocument Whole, IReadOnlyList<OrderFault> Lost)> WithRoutines(
        ProgrammeDocument document,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(document);
        var wanted = document.AllUnits.SelectMany(u => u.AllRoutines).Distinct(StringComparer.Ordinal).ToList();
        if (wanted.Count == 0)
            return (document, []);
        var ids = wanted.Select(RoutineId.Of).OfType<RoutineId>().ToList();
        var found = (await routines.TechniquesOf(ids, ct)).ToDictionary(r => r.Key.ToString(), r => r.Value, StringComparer.Ordinal);
        return (
            document with
            {
                Units =
                [
                    .. document.AllUnits.Select(u =>
                        u.AllRoutines.Count == 0
                            ? u
                            : u with
                            {
                                Techniques =
                                [
                                    .. u
                                        .AllTechniques.Concat(u.AllRoutines.Where(found.ContainsKey).SelectMany(r => found[r]))
                                        .Distinct(StringComparer.Ordinal),
                                ],
                            }
                    ),
                ],
            },
            [
                .. document.AllUnits.SelectMany(u =>
                    u.AllRoutines.Where(r => !found.ContainsKey(r))
                        .Select(_ => new OrderFault(
                            u.Id,
                            OrderFaultKind.UnknownRoutine,
                            $"“{u.Name}” lists a routine that no longer exists. Remove it."
                        ))
                ),
            ]
        );
    }
}
