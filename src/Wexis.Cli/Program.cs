using System.CommandLine;
using Wexis.Cli.Grading;
using Wexis.Cli.Programmes;
using Wexis.Cli.Routines;
using Wexis.Cli.Techniques;

// The headless checks: every computation on open files, printed as JSON, nothing stored.
var techniques = new Command("techniques", "Techniques from open files.")
{
    CheckCommand.Make(),
    NotesCommand.Make(),
    ClaimsCommand.Make(),
    SchemaCommand.Make(),
};
var routines = new Command("routines", "Routines from open files.")
{
    RoutineCheckCommand.Make(),
    FitCommand.Make(),
    RoutineSchemaCommand.Make(),
};
var programmes = new Command("programmes", "Programmes from open files.")
{
    ProgrammeCheckCommand.Make(),
    PlanCommand.Make(),
    ProgrammeSchemaCommand.Make(),
};
var demonstrations = new Command("demonstrations", "Demonstrations from open files.") { ScoreCommand.Make(), FeedbackCommand.Make() };
return new RootCommand("Wexis without its interface.") { techniques, routines, programmes, demonstrations }
    .Parse(args)
    .Invoke();
