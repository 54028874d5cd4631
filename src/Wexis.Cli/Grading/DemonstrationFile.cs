using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Wexis.Core.Anatomy;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Cli.Grading;

/// <summary>An event with the name that it has in the file.</summary>
internal sealed record NamedEvent(string Name, MarkEvent Event);

/// <summary>A demonstration that was read and scored, and the marks that may not be given.</summary>
internal sealed record ScoredFile(MarkSheet Sheet, SheetState State, Score Score, IReadOnlyList<RefusedMark> Refused, Atlas Atlas);

/// <summary>
/// A demonstration from a file: <c>sheet</c> (or a <c>technique</c>, from which one of its <c>kind</c> is drafted) and
/// <c>events</c>. What an event does not tell of its order (device, counter, arrival) follows from its place; an id is any text.
/// </summary>
internal sealed record DemonstrationFile(
    MarkSheet? Sheet,
    IReadOnlyList<NamedEvent> Events,
    IReadOnlyList<RefusedMark> Refused,
    IReadOnlyList<string> Errors
)
{
    public static DemonstrationFile No(params string[] errors) => new(null, [], [], errors);

    /// <summary>Marks that may be given on the sheet, and those that may not, with why.</summary>
    public (IReadOnlyList<MarkEvent> Taken, IReadOnlyList<RefusedMark> Refused) Sorted(MarkSheet sheet)
    {
        var (taken, refused) = (new List<MarkEvent>(), new List<RefusedMark>());
        foreach (var e in Events)
            if (MarkRules.Issues(e.Event, sheet) is { Count: > 0 } issues)
                refused.Add(new(e.Name, [.. issues.Select(i => i.Text)]));
            else
                taken.Add(e.Event);
        return (taken, [.. refused, .. Refused]);
    }

    /// <summary>Opens a file, folds its marks and scores them; null after what cannot be read was said.</summary>
    public static ScoredFile? Open(FileInfo file, string form)
    {
        var (text, error) = TextFile.Read(file);
        var (atlas, model) = ReferenceData.Read();
        var read = text is null ? No(error!) : Read(text, atlas, model);
        if (read.Sheet is not { } sheet)
        {
            Report.Print(new ScoreRefusal(form, file.Name, "refused", read.Errors));
            return null;
        }
        var (taken, refused) = read.Sorted(sheet);
        var state = SheetState.Of(taken);
        return new(sheet, state, Score.Of(state, sheet, HouseSettings.Default), refused, atlas);
    }

    public static DemonstrationFile Read(string text, Atlas atlas, ActionModel model)
    {
        try
        {
            if (JsonNode.Parse(text) is not JsonObject root)
                return No("the file: one object with sheet and events is expected.");
            var (sheet, errors) = SheetOf(root, atlas, model);
            if (sheet is null)
                return No([.. errors]);
            var (events, refused) = (new List<NamedEvent>(), new List<RefusedMark>());
            foreach (var (node, place) in (root["events"] as JsonArray ?? []).Select((n, i) => (n, i)))
            {
                var name = (node as JsonObject)?["id"]?.ToString() ?? $"events[{place}]";
                if (EventOf(node, place, out var why) is { } e)
                    events.Add(new(name, e));
                else
                    refused.Add(new(name, [$"events[{place}]: {why}"]));
            }
            return new(sheet, events, refused, []);
        }
        catch (JsonException e)
        {
            return No($"{(e.Path?.TrimStart('$', '.') is { Length: > 0 } path ? path : "the file")}: it cannot be read. {e.Message}");
        }
    }

    private static (MarkSheet? Sheet, IReadOnlyList<string> Errors) SheetOf(JsonObject root, Atlas atlas, ActionModel model)
    {
        if (root["sheet"] is JsonObject given)
        {
            var read = given.Deserialize<MarkSheet>(ExchangeJson.Options)!;
            var sheet = read with
            {
                Technique = read.Technique ?? "",
                TechniqueName = read.TechniqueName ?? "",
                Steps =
                [
                    .. (read.Steps ?? []).Select(s =>
                        s with
                        {
                            Title = s.Title ?? "",
                            Cue = s.Cue ?? "",
                            Columns = s.Columns ?? [],
                            Zones = s.Zones ?? [],
                            Structures = s.Structures ?? [],
                        }
                    ),
                ],
                Criteria =
                [
                    .. (read.Criteria ?? []).Select(c => c with { Text = c.Text ?? c.Id, Anchors = c.Anchors ?? ["0", "1", "2", "3"] }),
                ],
                CriticalActs = read.CriticalActs ?? [],
                Faults = read.Faults ?? [],
                Dropped = read.Dropped ?? [],
                PassLine = read.PassLine > 0 ? read.PassLine : HouseSettings.Default.PassLinePercent,
            };
            var issues = sheet.Issues().Where(i => !i.Path.Contains("anchors", StringComparison.Ordinal)).ToList();
            return issues.Count > 0 ? (null, [.. issues.Select(i => $"sheet.{i.Text}")]) : (sheet, []);
        }
        if (root["technique"] is not JsonObject technique)
            return (null, ["sheet: nothing is given. Needed: a mark sheet, or a technique."]);
        var file = TechniqueFile.Read(technique.ToJsonString(), atlas, model);
        if (file.Techniques.Count == 0)
            return (null, [.. file.Issues.Select(i => $"technique.{i.Text}")]);
        var document = file.Techniques[0].Document;
        var derived = Derivation.Of(document, atlas, model, HouseSettings.Default);
        var kind = root["kind"]?.ToString();
        if (kind is not null && ClosedList.Of<DemonstrationKind>(kind) is null)
            return (null, [$"kind: “{kind}” is not known. Allowed: {string.Join(", ", ClosedList.All<DemonstrationKind>())}."]);
        var name = document.Id ?? "technique";
        var part = new SheetPart(name, 1, document.Name ?? "", document, derived);
        return (
            MarkSheetDraft.Of(
                ClosedList.Of<DemonstrationKind>(kind) ?? DemonstrationKind.Oneself,
                name,
                part.Name,
                1,
                [part],
                atlas,
                model,
                HouseSettings.Default
            ),
            []
        );
    }

    private static MarkEvent? EventOf(JsonNode? node, int place, out string why)
    {
        why = "";
        if (node is not JsonObject e)
        {
            why = "an event is an object.";
            return null;
        }
        var kind = e["kind"]?.ToString();
        if (ClosedList.Of<MarkKind>(kind) is not { } known)
        {
            why = $"kind: “{kind}” is not known. Allowed: {string.Join(", ", ClosedList.All<MarkKind>())}.";
            return null;
        }
        var side = e["side"]?.ToString();
        if (side is not null && ClosedList.Of<Side>(side) is null)
        {
            why = $"side: “{side}” is not known. Allowed: {string.Join(", ", ClosedList.All<Side>())}.";
            return null;
        }
        var target = e["target"]?.ToString();
        try
        {
            return new(
                IdOf(e["id"]?.ToString() ?? $"events[{place}]"),
                known,
                e["device"]?.ToString() ?? "one",
                e["counter"]?.GetValue<int>() ?? place,
                e["at_ms"]?.GetValue<long>() ?? 0,
                e["step"]?.GetValue<int>(),
                ClosedList.Of<Side>(side),
                known is MarkKind.Undo or MarkKind.Mended && target is not null ? $"{IdOf(target)}" : target,
                e["value"]?.GetValue<double>(),
                e["note"]?.ToString(),
                e["arrival"]?.GetValue<long>() ?? place + 1
            );
        }
        catch (Exception x) when (x is InvalidOperationException or FormatException or OverflowException)
        {
            why = $"a number cannot be read. {x.Message}";
            return null;
        }
    }

    private static MarkId IdOf(string name) =>
        MarkId.Of(name) ?? MarkId.From(new(SHA256.HashData(Encoding.UTF8.GetBytes(name)).AsSpan(0, 16)));
}
