using System.CommandLine;
using Wexis.Core.Programmes;
using Wexis.Planning;

namespace Wexis.Cli.Programmes;

/// <summary>Why a file was not read.</summary>
public sealed record ProgrammeRefusal(string Schema, string File, string Status, IReadOnlyList<string> Errors);

/// <summary>What is printed of a plan.</summary>
/// <param name="Why">By unit: why it does not stand in each other session.</param>
/// <param name="Notes">What the file has and is not known here.</param>
public sealed record PrintedPlan(
    string Schema,
    PlanStatus Status,
    IReadOnlyList<string> Order,
    IReadOnlyList<PlannedSession> Sessions,
    IReadOnlyList<IReadOnlyList<string>> Levels,
    IReadOnlyList<string> CriticalPath,
    int CriticalMinutes,
    IReadOnlyList<IReadOnlyList<string>> Circles,
    IReadOnlyList<SaidRule> Conflict,
    IReadOnlyList<WithoutRule> Nearest,
    IReadOnlyList<SaidRule> LeftAside,
    IReadOnlyList<SaidRule> Broken,
    PlanMeasure? Objective,
    PlanMeasure? Bound,
    IReadOnlyDictionary<string, IReadOnlyList<NotThere>>? Why,
    IReadOnlyList<string> Notes
);

/// <summary>
/// <c>programmes plan FILE</c>: units in sessions, proven, or the rules that cannot hold together, as JSON. Ends with 0, or with 2 when
/// the file could not be read; that there is no plan is an answer.
/// </summary>
public static class PlanCommand
{
    public const string Form = "wexis.plan/1";

    public static Command Make()
    {
        var file = new Argument<FileInfo>("file") { Description = "A programme as wexis.programme/1 with units and sessions." };
        var why = new Option<bool>("--why") { Description = "Says of every unit why it does not stand in another session." };
        var command = new Command("plan", "Prints the best order of units in sessions as JSON; stores nothing.") { file, why };
        command.SetAction(parsed => Run(parsed.GetValue(file)!, parsed.GetValue(why)));
        return command;
    }

    private static int Run(FileInfo file, bool why)
    {
        var (atlas, model) = ReferenceData.Read();
        var (programme, techniques, notes) = ProgrammeReader.Read(file, Form, atlas, model);
        if (programme is null)
            return 2;
        var problem = SequenceProblem.Of(programme, techniques);
        var plan = SequenceSolver.Solve(problem);
        var places = SequenceCheck.Read(problem, plan.Sessions.Select(s => (s.Id, s.Units)));
        Report.Print(
            new PrintedPlan(
                Form,
                plan.Status,
                plan.Order,
                plan.Sessions,
                plan.Levels,
                plan.CriticalPath,
                plan.CriticalPath.Sum(id => problem.Units.First(u => u.Id == id).Minutes),
                plan.Circles,
                plan.Conflict,
                plan.Nearest,
                plan.LeftAside,
                plan.Broken,
                plan.Objective,
                plan.Bound,
                why && places is not null ? problem.Units.ToDictionary(u => u.Id, u => SequenceCheck.Why(problem, places, u.Place)) : null,
                notes
            )
        );
        return 0;
    }
}
