using System.CommandLine;
using Wexis.Cli.Techniques;

// The headless checks: every computation on open files, printed as JSON, nothing stored.
var techniques = new Command("techniques", "Techniques from open files.")
{
    CheckCommand.Make(),
    NotesCommand.Make(),
    SchemaCommand.Make(),
};
return new RootCommand("Wexis without its interface.") { techniques }
    .Parse(args)
    .Invoke();
