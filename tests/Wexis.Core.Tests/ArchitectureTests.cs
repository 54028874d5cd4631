using System.Reflection;
using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace Wexis.Core.Tests;

/// <summary>Arrows point one way, between floors and between rooms.</summary>
public class ArchitectureTests
{
    private static readonly System.Reflection.Assembly Core = typeof(Wexis.Core.Techniques.Derivation).Assembly;
    private static readonly System.Reflection.Assembly Data = typeof(Wexis.Data.Database).Assembly;
    private static readonly System.Reflection.Assembly Server = typeof(Wexis.Server.Shell.WexisHost).Assembly;
    private static readonly Architecture House = new ArchLoader().LoadAssemblies(Core, Data, Server).Build();

    /// <summary>A room, and the rooms it may stand on.</summary>
    public static TheoryData<string, string[]> Rooms =>
        new()
        {
            { "Measures", [] },
            { "Anatomy", ["Measures"] },
            { "People", ["Measures"] },
            { "Techniques", ["Measures", "Anatomy", "People"] },
            { "Programmes", ["Measures", "Anatomy", "Techniques"] },
            { "Examinations", ["Measures", "Anatomy", "Techniques", "Programmes", "People"] },
            { "Grading", ["Measures", "Anatomy", "Techniques", "Programmes", "People", "Examinations"] },
            { "Results", ["Measures", "Anatomy", "Techniques", "Programmes", "People", "Examinations", "Grading"] },
        };

    [Theory, MemberData(nameof(Rooms))]
    public void A_room_of_the_core_stands_only_on_the_rooms_below_it(string room, string[] below)
    {
        var above = Rooms.Select(r => r.Data.Item1).Where(r => r != room && !below.Contains(r)).ToList();
        foreach (var other in above)
            Types()
                .That()
                .ResideInNamespaceMatching($@"^Wexis\.Core\.{room}$")
                .Should()
                .NotDependOnAny(Types().That().ResideInNamespaceMatching($@"^Wexis\.Core\.{other}$"))
                .WithoutRequiringPositiveResults()
                .Check(House);
    }

    [Fact]
    public void The_core_knows_neither_database_nor_web_nor_clock()
    {
        var names = Core.GetReferencedAssemblies().Select(a => a.Name!).ToList();
        names.ShouldNotContain(n =>
            n.StartsWith("Microsoft.AspNetCore")
            || n.StartsWith("Npgsql")
            || n.StartsWith("Dapper")
            || n.StartsWith("Wexis.Data")
            || n.StartsWith("Wexis.Server")
        );
        foreach (
            var file in Directory.GetFiles(
                Path.Combine(Reference.DataFolder, "..", "src", "Wexis.Core"),
                "*.cs",
                SearchOption.AllDirectories
            )
        )
        {
            var text = File.ReadAllText(file);
            string[] forbidden =
            [
                "DateTime.Now",
                "DateTime.UtcNow",
                "DateTimeOffset.Now",
                "DateTimeOffset.UtcNow",
                "new Random(",
                "Random.Shared",
                "File.Read",
                "Console.Write",
                "Guid.NewGuid",
            ];
            forbidden.Where(text.Contains).ShouldBeEmpty(Path.GetFileName(file));
        }
    }

    [Fact]
    public void The_stores_do_not_know_the_server() => Data.GetReferencedAssemblies().Select(a => a.Name).ShouldNotContain("Wexis.Server");

    [Fact]
    public void No_floor_stores_a_time_without_its_offset()
    {
        // A DateTime of no kind goes silently into a timestamptz as if it were UTC.
        var fields = new[] { Core, Data, Server }
            .SelectMany(a => a.GetTypes())
            .SelectMany(t =>
                t.GetProperties(BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.Instance | BindingFlags.DeclaredOnly)
            )
            .Where(p => p.PropertyType == typeof(DateTime) || p.PropertyType == typeof(DateTime?))
            .Select(p => $"{p.DeclaringType}.{p.Name}");
        fields.ShouldBeEmpty();
    }

    [Fact]
    public void Files_are_named_for_what_they_compute()
    {
        var named = Directory
            .GetFiles(Path.Combine(Reference.DataFolder, "..", "src"), "*.cs", SearchOption.AllDirectories)
            .Select(f => Path.GetFileNameWithoutExtension(f)!)
            .Where(n => n.EndsWith("Helper") || n.EndsWith("Manager") || n.EndsWith("Utils") || n.EndsWith("Util"));
        named.ShouldBeEmpty();
    }
}
