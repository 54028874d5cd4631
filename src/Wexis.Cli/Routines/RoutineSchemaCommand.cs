using System.CommandLine;
using Wexis.Core.Routines;

namespace Wexis.Cli.Routines;

/// <summary><c>routines schema</c>: the JSON Schema of <c>wexis.routine/1</c>.</summary>
public static class RoutineSchemaCommand
{
    public static Command Make()
    {
        var command = new Command("schema", "Prints the JSON Schema of wexis.routine/1.");
        command.SetAction(_ => Console.Out.Write(RoutineSchema.Text()));
        return command;
    }
}
