using Microsoft.AspNetCore.Http.HttpResults;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Work;
using Wexis.Server.Shell;

namespace Wexis.Server.Anatomy;

/// <summary>A movement that a step may say, in words.</summary>
public sealed record MoveWord(string Id, string Base, string Words);

/// <summary>What a hand may do, in words.</summary>
public sealed record VerbWord(string Id, string Word, string Words);

public sealed record LandmarkPlace(
    string Id,
    string Name,
    string? Anatomical,
    double X,
    double Y,
    double? Z,
    FaceSurface Surface,
    bool Midline,
    bool Bony
);

public sealed record ModeWord(Mode Id, string Plain, string Words, bool Active);

public sealed record LevelWord(int Level, string Feel, string Words);

/// <summary>All that the face plate and the choosers need, from the data that the computation uses.</summary>
public sealed record AtlasView(
    IReadOnlyList<Muscle> Muscles,
    IReadOnlyList<Tissue> Tissues,
    IReadOnlyDictionary<string, string> PlainNames,
    IReadOnlyList<LandmarkPlace> Landmarks,
    IReadOnlyList<Zone> Zones,
    IReadOnlyList<Hazard> Hazards,
    IReadOnlyList<LymphGroup> Lymph,
    IReadOnlyList<Region> Regions,
    IReadOnlyList<School> Schools,
    IReadOnlyList<Contact> Contacts,
    IReadOnlyList<Concern> Concerns,
    IReadOnlyDictionary<string, string> Sources,
    IReadOnlyDictionary<string, FeatureLine[]> Features,
    IReadOnlyDictionary<string, string> Actions,
    IReadOnlyDictionary<string, string> Depths,
    IReadOnlyList<MoveWord> Moves,
    IReadOnlyList<VerbWord> Verbs,
    IReadOnlyList<ModeWord> Modes,
    IReadOnlyList<LevelWord> Levels,
    IReadOnlyList<Family> Families,
    IReadOnlyList<Channel> Channels,
    IReadOnlyList<PressPoint> Points,
    IReadOnlyList<Exclusion> Exclusions,
    IReadOnlyList<FeelTest> FeelTests,
    IReadOnlyDictionary<string, IReadOnlyList<string>> CommonNames,
    IReadOnlyDictionary<string, string[]> PointAliases,
    IReadOnlyList<string> PointTraps,
    IReadOnlyDictionary<string, IReadOnlyList<Choice>> Choices,
    IReadOnlyDictionary<string, string> SpokenWords
);

public static class AnatomyEndpoints
{
    public static void Map(RouteGroupBuilder api) =>
        api.MapGet("/anatomy", Get).RequireAuthorization(Policies.Case).WithTags("Anatomy").WithName("getAtlas");

    private static Ok<AtlasView> Get(Atlas atlas, ActionModel model)
    {
        var d = atlas.Document;
        return TypedResults.Ok(
            new AtlasView(
                d.Muscles,
                d.Tissues,
                d.Muscles.Select(m => m.Id)
                    .Concat(d.Tissues.Select(t => t.Id))
                    .ToDictionary(id => id, atlas.PlainName, StringComparer.Ordinal),
                [
                    .. d.Landmarks.Select(l => new LandmarkPlace(
                        l.Key,
                        l.Value.Name,
                        l.Value.Anatomical,
                        l.Value.Frontal[0],
                        l.Value.Frontal[1],
                        l.Value.LateralZ,
                        l.Value.Surface,
                        l.Value.Midline,
                        l.Value.Bony
                    )),
                ],
                d.Zones,
                d.Hazards,
                d.Lymph,
                d.Regions,
                d.Schools,
                d.Contacts,
                d.Concerns,
                d.Sources,
                d.Features.Views,
                d.ControlledLists.Actions.ToDictionary(a => a.Key, a => a.Value.Meaning, StringComparer.Ordinal),
                d.ControlledLists.Depths,
                [
                    .. model
                        .Document.Moves.Where(m => m.Key != "gaze-diagonal")
                        .Select(m => new MoveWord(m.Key, m.Value.Base, m.Value.Words)),
                    .. Diagonals,
                ],
                [.. model.Verbs.Select(v => new VerbWord(v.Key, StepWords.Verb(v.Key), v.Value.Words))],
                [.. Enum.GetValues<Mode>().Select(m => new ModeWord(m, m.Plain(), d.ControlledLists.Modes[m.Word()], m.IsActive()))],
                [.. Enumerable.Range(1, 5).Select(n => new LevelWord(n, StepWords.Feel(n), d.ControlledLists.Pressures[$"{n}"]))],
                FamilyDefaults.All,
                d.Channels,
                d.Points,
                d.Contraindications,
                d.FeelTests,
                ClaimWords.CommonNames(),
                d.PointPrefixAliases,
                d.PointPrefixTraps,
                StepChoices.All,
                Core.Techniques.Words.SpokenWords.All
            )
        );
    }

    private static readonly MoveWord[] Diagonals =
    [
        new("gaze-up-left", "gaze", "eyes up and to the left"),
        new("gaze-up-right", "gaze", "eyes up and to the right"),
        new("gaze-down-left", "gaze", "eyes down and to the left"),
        new("gaze-down-right", "gaze", "eyes down and to the right"),
    ];
}
