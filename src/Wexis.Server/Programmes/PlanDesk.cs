using Microsoft.Extensions.Caching.Memory;
using Wexis.Core.Programmes;
using Wexis.Planning;

namespace Wexis.Server.Programmes;

/// <summary>A search for a sequence, as far as it has come.</summary>
/// <param name="Running">Still looking.</param>
/// <param name="Stopped">Ended by a person: what is shown is the best until then.</param>
/// <param name="Best">What the best plan so far comes to; null: none yet.</param>
/// <param name="Moved">Units that stand elsewhere than before; only where it had to stay near.</param>
/// <param name="Before">What the plan came to that it had to stay near to; null: none, or it does not hold any more.</param>
/// <param name="Plan">The plan; null while it runs, and where it was stopped before there was one.</param>
public sealed record PlanRun(
    PlanId Id,
    bool Running,
    bool Stopped,
    PlanMeasure? Best,
    IReadOnlyList<string>? Moved,
    PlanMeasure? Before,
    SequencePlan? Plan
);

/// <summary>Searches for sequences, each on its own until it ends or is stopped; kept in memory for half an hour.</summary>
public sealed class PlanDesk : IDisposable
{
    private static readonly TimeSpan Kept = TimeSpan.FromMinutes(30);

    /// <summary>One at a time: a search takes all that the machine has.</summary>
    private readonly SemaphoreSlim _turn = new(1, 1);
    private readonly MemoryCache _runs = new(new MemoryCacheOptions());

    private sealed class Run : IDisposable
    {
        public CancellationTokenSource Source { get; } = new();
        public required Task<SequencePlan> Plan { get; set; }
        public PlanMeasure? Best { get; set; }
        public required SequenceProblem Problem { get; init; }
        public required IReadOnlyList<int>? Before { get; init; }

        public void Dispose() => Source.Dispose();
    }

    public PlanRun Begin(PlanId id, SequenceProblem problem, IReadOnlyList<int>? before)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var run = _runs.GetOrCreate(id, entry =>
        {
            entry.SetSlidingExpiration(Kept);
            var made = new Run
            {
                Problem = problem,
                Before = before is not null && before.All(s => s >= 0) ? before : null,
                Plan = Task.FromException<SequencePlan>(new InvalidOperationException("The search has not begun.")),
            };
            made.Plan = Task.Run(async () =>
            {
                await _turn.WaitAsync(CancellationToken.None);
                try
                {
                    return SequenceSolver.Solve(problem, new(Before: made.Before, OnBest: best => made.Best = best), made.Source.Token);
                }
                finally
                {
                    _turn.Release();
                }
            });
            return made;
        })!;
        return Of(id, run);
    }

    public PlanRun? Look(PlanId id) => _runs.Get<Run>(id) is { } run ? Of(id, run) : null;

    public PlanRun? Stop(PlanId id)
    {
        if (_runs.Get<Run>(id) is not { } run)
            return null;
        run.Source.Cancel();
        return Of(id, run);
    }

    private static PlanRun Of(PlanId id, Run run)
    {
        var stopped = run.Source.IsCancellationRequested;
        if (!run.Plan.IsCompleted)
            return new(id, true, stopped, run.Best, null, null, null);
        // What went wrong in it goes wrong here, and reaches the one handler.
        var plan = run.Plan.GetAwaiter().GetResult();
        IReadOnlyList<string>? moved = null;
        PlanMeasure? before = null;
        if (run.Before is { } was)
        {
            var now = SequenceCheck.Read(run.Problem, plan.Sessions.Select(s => (s.Id, s.Units)));
            moved = now is null ? null : [.. run.Problem.Units.Where(u => now[u.Place] != was[u.Place]).Select(u => u.Id)];
            before = PlanMeasure.Of(run.Problem, was);
        }
        return new(id, false, stopped, plan.Objective ?? run.Best, moved, before, plan);
    }

    public void Dispose()
    {
        _runs.Dispose();
        _turn.Dispose();
    }
}
