using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;

namespace Wexis.Core.Tests;

/// <summary>The shipped reference data, read once, and builders that supply what a test does not care about.</summary>
public static class Reference
{
    public static string DataFolder { get; } = Find();
    public static Atlas Atlas { get; } = Atlas.Read(File.ReadAllText(Path.Combine(DataFolder, "anatomy", "anatomy.json")));
    public static ActionModel Model { get; } =
        ActionModel.Read(File.ReadAllText(Path.Combine(DataFolder, "anatomy", "action-rules.json")), Atlas);
    public static SchoolProfiles Schools { get; } =
        SchoolProfiles.Read(File.ReadAllText(Path.Combine(DataFolder, "library", "schools.json")), Atlas);
    public static HouseSettings Settings => HouseSettings.Default;

    /// <summary>Every technique that ships: the library and the demo's own.</summary>
    public static IReadOnlyList<TechniqueDocument> Shipped { get; } =
    [
        .. new[] { "library", "demo" }.SelectMany(f =>
            TechniqueFile
                .Read(File.ReadAllText(Path.Combine(DataFolder, f, "techniques.json")), Atlas, Model)
                .Techniques.Select(t => t.Document)
        ),
    ];

    public static Derivation Derive(params Step[] steps) => Derivation.Of(A.Technique(steps), Atlas, Model, Settings);

    private static string Find()
    {
        for (var folder = new DirectoryInfo(AppContext.BaseDirectory); folder is not null; folder = folder.Parent)
            if (File.Exists(Path.Combine(folder.FullName, "Wexis.slnx")))
                return Path.Combine(folder.FullName, "data");
        throw new DirectoryNotFoundException("The data folder was not found above the test.");
    }
}

/// <summary>Builders: only what matters to a test stands in its body.</summary>
public static class A
{
    public static TechniqueDocument Technique(params Step[] steps) =>
        TechniqueDocument.Empty with
        {
            Name = "A technique",
            Region = "cheeks",
            School = "mixed",
            Steps = steps,
        };

    public static Step Step(string dose = "5") =>
        new(
            [],
            [],
            null,
            null,
            [],
            new(dose, null, null, null, [], null, null, null, null, null, null, null, null, null),
            [],
            null,
            null,
            null,
            null
        );

    public static Step Act(string verb, string dose = "5") => Step(dose) with { Acts = [Do(verb)] };

    public static Act Do(string verb) => new(verb, "both", "moderate", "none", null, null, [], null, null, null, null, null);

    public static Step Hand(
        string verb,
        string zone,
        int? pressure,
        string contact = "three-fingers",
        string sides = "both",
        string dose = "5"
    ) => Step(dose) with { Hands = [Track(verb, pressure, contact, sides) with { Zones = [zone] }] };

    public static Hand Track(string verb, int? pressure, string contact = "three-fingers", string sides = "both") =>
        new(
            sides == "both" ? "both" : "right",
            "work",
            verb,
            contact,
            null,
            null,
            [],
            [],
            [],
            "front",
            null,
            null,
            pressure,
            "in",
            null,
            null,
            sides,
            null
        );

    public static Hand From(this Hand hand, params string[] landmarks) =>
        hand with
        {
            Path = [.. landmarks.Select(l => new PathPoint(l, null, null, null))],
            Glide = landmarks.Length > 1,
        };

    public static Tempo Tempo(double inS = 1, double hold = 0, double outS = 1, double rest = 1) => new(inS, hold, outS, rest);
}
