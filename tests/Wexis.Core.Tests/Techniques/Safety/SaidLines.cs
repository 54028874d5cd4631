namespace Wexis.Core.Tests.Techniques;

/// <summary>Sentences of <c>tests/cases/said</c>, a line each.</summary>
internal static class SaidLines
{
    private static readonly string Folder = Path.Combine(Reference.DataFolder, "..", "tests", "cases", "said");

    public static IReadOnlyList<string> Of(string file) =>
        [.. File.ReadAllLines(Path.Combine(Folder, $"{file}.txt")).Where(l => l.Length > 0)];
}
