using System.Reflection;
using System.Text.RegularExpressions;
using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace Wexis.Core.Tests;

/// <summary>Arrows point one way, between floors and between rooms.</summary>
public partial class ArchitectureTests
{
    private static readonly System.Reflection.Assembly Core = typeof(Wexis.Core.Techniques.Derivation).Assembly;
    private static readonly System.Reflection.Assembly Data = typeof(Wexis.Data.Database).Assembly;
    private static readonly System.Reflection.Assembly Server = typeof(Wexis.Server.App.WexisHost).Assembly;
    private static readonly Architecture House = new ArchLoader()
        .LoadAssemblies(Core, Data, Server, typeof(Wexis.Planning.FitSolver).Assembly)
        .Build();

    /// <summary>A room, and the rooms it may stand on.</summary>
    public static TheoryData<string, string[]> Rooms =>
        new()
        {
            { "Measures", [] },
            { "Anatomy", ["Measures"] },
            { "People", ["Measures", "Anatomy"] },
            { "Techniques", ["Measures", "Anatomy", "People"] },
            { "Routines", ["Measures", "Anatomy", "People", "Techniques"] },
            { "Programmes", ["Measures", "Anatomy", "Techniques", "Routines"] },
            { "Examinations", ["Measures", "Anatomy", "Techniques", "Routines", "Programmes", "People"] },
            { "Grading", ["Measures", "Anatomy", "Techniques", "Routines", "Programmes", "People", "Examinations"] },
            { "Results", ["Measures", "Anatomy", "Techniques", "Routines", "Programmes", "People", "Examinations", "Grading"] },
        };

    /// <summary>
    /// The inner rooms of Techniques from the ground up, and the inner rooms each may stand on; Derivation stands on all.
    /// </summary>
    public static TheoryData<string, string[]> InnerRooms =>
        new()
        {
            { "Documents", [] },
            { "Doses", ["Documents"] },
            { "Strokes", ["Documents"] },
            { "Work", ["Documents", "Doses", "Strokes"] },
            { "Safety", ["Documents", "Doses", "Strokes", "Work"] },
            { "Steps", ["Documents", "Doses", "Strokes", "Work", "Safety"] },
            { "Claims", ["Documents", "Strokes", "Work", "Steps"] },
            { "Words", ["Documents", "Work", "Steps"] },
            { "Library", ["Documents", "Doses", "Strokes", "Work", "Steps", "Claims"] },
            { "Notes", ["Documents", "Doses", "Claims", "Library"] },
        };

    private static void StandsOnlyOn(string house, string room, IEnumerable<string> above)
    {
        foreach (var other in above)
            Types()
                .That()
                .ResideInNamespaceMatching($@"^{house}\.{room}(\.|$)")
                .Should()
                .NotDependOnAny(Types().That().ResideInNamespaceMatching(other))
                .WithoutRequiringPositiveResults()
                .Check(House);
    }

    [Theory, MemberData(nameof(Rooms))]
    public void A_room_of_the_core_stands_only_on_the_rooms_below_it(string room, string[] below) =>
        StandsOnlyOn(
            @"Wexis\.Core",
            room,
            Rooms.Select(r => r.Data.Item1).Where(r => r != room && !below.Contains(r)).Select(r => $@"^Wexis\.Core\.{r}(\.|$)")
        );

    [Theory, MemberData(nameof(InnerRooms))]
    public void An_inner_room_of_Techniques_stands_only_on_those_below_it(string room, string[] below) =>
        StandsOnlyOn(
            @"Wexis\.Core\.Techniques",
            room,
            InnerRooms
                .Select(r => r.Data.Item1)
                .Where(r => r != room && !below.Contains(r))
                .Select(r => $@"^Wexis\.Core\.Techniques\.{r}$")
                .Append(@"^Wexis\.Core\.Techniques$")
        );

    [Fact]
    public void Every_room_is_in_the_plan()
    {
        static IEnumerable<string> Folders(string path) =>
            Directory.GetDirectories(Path.Combine(Src, path)).Select(f => Path.GetFileName(f)!).Where(n => n is not ("bin" or "obj"));
        Folders("Wexis.Core").ShouldBe(Rooms.Select(r => r.Data.Item1), ignoreOrder: true);
        Folders("Wexis.Core/Techniques").ShouldBe(InnerRooms.Select(r => r.Data.Item1), ignoreOrder: true);
    }

    /// <summary>Stores know no store of another room, and rooms of the server know each other in one direction only.</summary>
    [Theory]
    [InlineData("Wexis.Data", "")]
    [InlineData("Wexis.Server", "Shell")]
    public void Between_the_rooms_of_a_floor_there_is_no_circle(string floor, string ground)
    {
        var arrows = Files(floor)
            .Select(f => (Text: File.ReadAllText(f), File: f))
            .SelectMany(f =>
                Using(floor)
                    .Matches(f.Text)
                    .Select(m => (From: Path.GetFileName(Path.GetDirectoryName(f.File)!), To: m.Groups["room"].Value))
            )
            .Where(a => a.From != floor && a.From != a.To)
            .Distinct()
            .ToLookup(a => a.From, a => a.To);
        arrows[ground].ShouldBeEmpty("what all stand on stands on none");
        foreach (var room in arrows.Select(a => a.Key))
            Reached(arrows, room).ShouldNotContain(room);
    }

    private static Regex Using(string floor) => new($@"^using {floor.Replace(".", @"\.")}\.(?<room>\w+);", RegexOptions.Multiline);

    private static HashSet<string> Reached(ILookup<string, string> arrows, string from)
    {
        var reached = new HashSet<string>();
        void Go(string room)
        {
            foreach (var next in arrows[room])
                if (reached.Add(next))
                    Go(next);
        }
        Go(from);
        return reached;
    }

    private static string Src { get; } = Path.Combine(Reference.DataFolder, "..", "src");

    private static IEnumerable<string> Files(string below, string pattern = "*.cs") =>
        Directory
            .GetFiles(Path.Combine(Src, below), pattern, SearchOption.AllDirectories)
            .Where(f => !f.Contains("/obj/") && !f.Contains("/bin/") && !f.Contains("/node_modules/") && !f.Contains("/dist/"));

    /// <summary>Rooms of the core, of the front end where three files or more stand, and what all stand on or under.</summary>
    private static IEnumerable<string> Folders =>
        Directory
            .GetDirectories(Path.Combine(Src, "Wexis.Core"))
            .Concat(Directory.GetDirectories(Path.Combine(Src, "Wexis.Core", "Techniques")))
            .Where(f => Path.GetFileName(f) is not ("bin" or "obj"))
            .Concat(
                Directory
                    .GetDirectories(Path.Combine(Src, "..", "web", "src"), "*", SearchOption.AllDirectories)
                    .Where(f => Directory.GetFiles(f, "*.ts").Concat(Directory.GetFiles(f, "*.tsx")).Count() > 2)
            )
            .Concat(
                new[] { "Wexis.Server/App", "Wexis.Server/Shell", "Wexis.Data", "Wexis.Planning", "Wexis.Cli" }.Select(f =>
                    Path.Combine(Src, f)
                )
            );

    [Fact]
    public void Every_room_opens_with_its_page_and_the_page_names_files_that_are_there()
    {
        foreach (var folder in Folders)
        {
            var page = Path.Combine(folder, "README.md");
            File.Exists(page).ShouldBeTrue(page);
            File.ReadAllLines(page).Length.ShouldBeInRange(5, 40, page);
            foreach (Match named in PageFile().Matches(File.ReadAllText(page)))
                File.Exists(Path.Combine(folder, named.Groups["file"].Value)).ShouldBeTrue($"{named.Value} of {page}");
        }
    }

    [GeneratedRegex(@"`(?<file>[\w/.]+\.(?:cs|tsx?|css))`")]
    private static partial Regex PageFile();

    /// <summary>A folder of the front end, and the folders it may import; whatever is not named imports the ground only.</summary>
    private static readonly Dictionary<string, string[]> WebRooms = new()
    {
        ["contract"] = [],
        ["shell"] = ["contract"],
        ["ui"] = ["shell"],
        ["face"] = ["shell", "ui"],
        ["keeping"] = ["shell", "ui", "face"],
        ["anatomy"] = ["shell", "ui", "face"],
        ["settings"] = ["shell", "ui", "face"],
        ["techniques"] = ["shell", "ui", "face", "keeping"],
        ["people"] = ["shell", "ui", "face", "keeping", "techniques"],
        ["routines"] = ["shell", "ui", "face", "keeping", "techniques"],
        ["programmes"] = ["shell", "ui", "face", "keeping", "techniques", "routines"],
        ["examinations"] = ["shell", "ui", "face", "keeping", "techniques", "programmes", "routines"],
        ["grading"] = ["shell", "ui", "face", "techniques", "examinations"],
        ["results"] = ["shell", "ui", "face", "techniques", "examinations", "grading"],
    };

    private static readonly Dictionary<string, string[]> WebTechniques = new()
    {
        ["parts"] = [],
        ["score"] = ["parts"],
        ["print"] = ["parts"],
        ["library"] = ["parts"],
        ["editor"] = ["parts", "score"],
    };

    [Fact]
    public void The_front_end_imports_one_way_and_its_application_stands_on_the_roof()
    {
        var web = Path.GetFullPath(Path.Combine(Src, "..", "web", "src"));
        var wrong = new List<string>();
        foreach (var file in Directory.GetFiles(web, "*.ts*", SearchOption.AllDirectories).Where(f => !f.Contains(".test.")))
        foreach (Match import in Import.Matches(File.ReadAllText(file)))
        {
            var target = Path.GetFullPath(Path.Combine(Path.GetDirectoryName(file)!, import.Groups["path"].Value));
            string[] from = Path.GetRelativePath(web, file).Split('/'),
                to = Path.GetRelativePath(web, target).Split('/');
            if (from.Length > 1 && from[0] != to[0] && from[0] != "app" && !WebRooms[from[0]].Contains(to[0]))
                wrong.Add($"{string.Join('/', from)} → {string.Join('/', to)}");
            if (from is ["techniques", var a, _] && to is ["techniques", var b, _] && a != b && !WebTechniques[a].Contains(b))
                wrong.Add($"{string.Join('/', from)} → {string.Join('/', to)}");
            if (from is ["techniques", _, _] && to is ["techniques", _])
                wrong.Add($"{string.Join('/', from)} → {string.Join('/', to)}");
        }
        wrong.ShouldBeEmpty();
    }

    private static readonly Regex Import = new("from \"(?<path>\\.[^\"]+)\"");

    [Fact]
    public void Nothing_leaves_a_screen_but_the_screen()
    {
        var web = Path.Combine(Src, "..", "web", "src");
        foreach (var file in Directory.GetFiles(web, "*Screen.tsx", SearchOption.AllDirectories))
            File.ReadAllLines(file)
                .Where(l => l.StartsWith("export ") && !l.StartsWith($"export function {Path.GetFileNameWithoutExtension(file)}("))
                .ShouldBeEmpty(file);
    }

    /// <summary>Tables of words, and closed families: long because the list is.</summary>
    private static readonly string[] Lists = ["api.generated.ts"];

    [Fact]
    public void A_file_is_read_in_one_sitting()
    {
        var lengths = Files(".")
            .Concat(Files("../web/src", "*.ts"))
            .Concat(Files("../web/src", "*.tsx"))
            .Where(f => !Lists.Contains(Path.GetFileName(f)))
            .Select(f => (File: f, Lines: File.ReadAllLines(f).Length))
            .ToList();
        lengths.Where(f => f.Lines > 400).Select(f => $"{f.File}: {f.Lines}").ShouldBeEmpty();
        lengths.Select(f => f.Lines).Order().ElementAt(lengths.Count / 2).ShouldBeLessThanOrEqualTo(120);
    }

    [Fact]
    public void A_line_is_read_without_scrolling() =>
        new[] { ".", "../tests", "../benchmarks" }
            .SelectMany(d => Files(d))
            .SelectMany(f => File.ReadAllLines(f).Select((text, at) => (File: f, Line: at + 1, text.Length)))
            .Where(l => l.Length > 140)
            .Select(l => $"{l.File}:{l.Line}: {l.Length} columns")
            .ShouldBeEmpty();

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
