using System.CommandLine;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Cli.Techniques;

/// <summary>
/// <c>techniques schema</c>: the JSON Schema (2020-12) of a technique file, made from the same types and lists that read it.
/// </summary>
public static class SchemaCommand
{
    public static Command Make()
    {
        var command = new Command("schema", "Prints the JSON Schema of a technique file.");
        command.SetAction(_ =>
        {
            var (atlas, model) = ReferenceData.Read();
            Console.Out.WriteLine(TechniqueSchema.Of(atlas, model));
        });
        return command;
    }
}
