using System.CommandLine;
using Wexis.Core.Programmes;

namespace Wexis.Cli.Programmes;

/// <summary><c>programmes schema</c>: the JSON Schema of <c>wexis.programme/1</c>.</summary>
public static class ProgrammeSchemaCommand
{
    public static Command Make()
    {
        var command = new Command("schema", "Prints the JSON Schema of wexis.programme/1.");
        command.SetAction(_ => Console.Out.Write(ProgrammeSchema.Text()));
        return command;
    }
}
