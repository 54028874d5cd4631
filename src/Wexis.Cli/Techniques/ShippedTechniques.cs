using Wexis.Core.Anatomy;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Cli.Techniques;

/// <summary>Techniques that ship with Wexis: those that any house begins with, and the demo's.</summary>
internal static class ShippedTechniques
{
    public static IEnumerable<TechniqueDocument> Read(Atlas atlas, ActionModel model) =>
        new[] { Path.Combine("library", "techniques.json"), Path.Combine("demo", "techniques.json") }
            .Select(p => Path.Combine(ReferenceData.Folder, p))
            .Where(File.Exists)
            .SelectMany(p => TechniqueFile.Read(File.ReadAllText(p), atlas, model).Techniques.Select(t => t.Document));
}
