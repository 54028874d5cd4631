using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Documents;

/// <summary>
/// Refuses nonsense with the field named: unknown words and places, negative or endless seconds, a side that the place does not have.
/// </summary>
public static class TechniqueValidation
{
    private const int MostSteps = 40;
    private const double MostSeconds = 600;
    private const int LongestText = 400;

    public static IReadOnlyList<Issue> Issues(TechniqueDocument document, Atlas atlas, ActionModel model)
    {
        ArgumentNullException.ThrowIfNull(document);
        var found = new List<Issue?>
        {
            document.Schema is null ? null : Check.OneOf(document.Schema, [TechniqueDocument.CurrentSchema], "schema"),
            Check.Given(document.Name, "name", "what trainees call it"),
            Check.NoLongerThan(document.Name, 120, "name"),
            Check.NoLongerThan(document.Aim, 600, "aim"),
            Check.OneOf(document.Region, atlas.Regions.Keys, "region"),
            Check.OneOf(document.School, atlas.Schools.Keys, "school"),
            Check.Between(document.AllSteps.Count, 0, MostSteps, "steps", "steps"),
        };
        var concerns = atlas.Document.Concerns.Select(c => c.Id).ToList();
        found.AddRange((document.Concerns ?? []).Select((c, i) => Check.OneOf(c, concerns, $"concerns[{i}]")));
        // Every text that patterns read is bounded: none of them waits for a clock.
        found.Add(Check.NoLongerThan(document.Practice?.Feel, LongestText, "practice.feel"));
        found.Add(Check.NoLongerThan(document.Practice?.Easier, LongestText, "practice.easier"));
        found.Add(Check.NoLongerThan(document.Practice?.Harder, LongestText, "practice.harder"));
        found.Add(Check.NoLongerThan(document.Practice?.Progression, LongestText, "practice.progression"));
        found.AddRange((document.Advice ?? []).Select((a, i) => Check.NoLongerThan(a, LongestText, $"advice[{i}]")));
        found.AddRange((document.Cautions ?? []).Select((a, i) => Check.NoLongerThan(a, LongestText, $"cautions[{i}]")));
        found.AddRange((document.Materials ?? []).Select((a, i) => Check.NoLongerThan(a, LongestText, $"materials[{i}]")));
        found.AddRange((document.Prerequisites ?? []).Select((a, i) => Check.NoLongerThan(a, LongestText, $"prerequisites[{i}]")));
        found.AddRange(
            (document.Faults ?? []).SelectMany(
                (f, i) =>
                    new[]
                    {
                        Check.NoLongerThan(f.Sign, LongestText, $"faults[{i}].sign"),
                        Check.NoLongerThan(f.Meaning, LongestText, $"faults[{i}].meaning"),
                        Check.NoLongerThan(f.Fix, LongestText, $"faults[{i}].fix"),
                    }
            )
        );
        found.AddRange(
            (document.Adaptations ?? []).SelectMany(
                (a, i) =>
                    new[]
                    {
                        Check.NoLongerThan(a.For, LongestText, $"adaptations[{i}].for"),
                        Check.NoLongerThan(a.Change, LongestText, $"adaptations[{i}].change"),
                    }
            )
        );
        for (var i = 0; i < (document.Related?.Count ?? 0); i++)
        {
            found.Add(Check.Given(document.Related![i].Id, $"related[{i}].id", "the id of a technique"));
            found.Add(
                document.Related[i].As is { } word
                    ? Check.OneOf(word, TechniqueWords.RelatedAs, $"related[{i}].as")
                    : new($"related[{i}].as", IssueCodes.Missing, "", string.Join(", ", TechniqueWords.RelatedAs))
            );
            if (document.Related[i].Id is { } other && other == document.Id)
                found.Add(new($"related[{i}].id", IssueCodes.Contradiction, other, "a version of itself"));
        }
        for (var i = 0; i < document.AllSteps.Count; i++)
            StepIssues(found, document.AllSteps[i], $"steps[{i}]", atlas, model);
        for (var i = 0; i < (document.Claims?.Count ?? 0); i++)
        {
            var claim = document.Claims![i];
            found.Add(Check.Given(claim.Text, $"claims[{i}].text", "what is claimed"));
            found.Add(Check.NoLongerThan(claim.Text, 400, $"claims[{i}].text"));
            found.Add(Check.NoLongerThan(claim.Answer, 400, $"claims[{i}].answer"));
            found.Add(Check.OneOf(claim.Kind, TechniqueWords.ClaimKinds, $"claims[{i}].kind"));
            if (claim.Structure is { } s && !atlas.IsStructure(s))
                found.Add(new($"claims[{i}].structure", IssueCodes.Unknown, s, "a structure of the atlas"));
        }
        return [.. found.OfType<Issue>()];
    }

    private static void StepIssues(List<Issue?> found, Step step, string path, Atlas atlas, ActionModel model)
    {
        found.Add(Check.OneOf(step.Breath, TechniqueWords.Breaths, $"{path}.breath"));
        found.Add(Check.OneOf(step.Gaze, TechniqueWords.Gazes, $"{path}.gaze"));
        TempoIssues(found, step.Tempo, $"{path}.tempo");
        PoseIssues(found, step.State, $"{path}.state");
        found.AddRange(
            step.AllStill.Select(
                (z, i) =>
                    atlas.Zones.ContainsKey(z) || TechniqueWords.StillBodyParts.Contains(z)
                        ? null
                        : new Issue(
                            $"{path}.still[{i}]",
                            IssueCodes.Unknown,
                            z,
                            "a zone of the atlas, or " + string.Join(", ", TechniqueWords.StillBodyParts)
                        )
            )
        );
        found.AddRange(
            (step.Channels ?? []).Select((c, i) => Check.OneOf(c, atlas.Document.Channels.Select(x => x.Id), $"{path}.channels[{i}]"))
        );
        found.Add(Check.NoLongerThan(step.Cue, LongestText, $"{path}.cue"));
        found.Add(Check.NoLongerThan(step.EndPoint, LongestText, $"{path}.end_point"));
        found.Add(Check.NoLongerThan(step.Dose?.Line, LongestText, $"{path}.dose.line"));
        found.Add(Check.NoLongerThan(step.Dose?.Extra, LongestText, $"{path}.dose.extra"));
        DoseIssues(found, step.Dose, $"{path}.dose");
        for (var i = 0; i < step.AllActs.Count; i++)
            ActIssues(found, step.AllActs[i], $"{path}.acts[{i}]", atlas, model);
        for (var i = 0; i < step.AllHands.Count; i++)
            HandIssues(found, step.AllHands[i], $"{path}.hands[{i}]", atlas, model);
        var hands = step.AllHands.Where(h => h.Role is not "tool-option" && h.Which is not null).Select(h => h.Which!).ToList();
        foreach (var which in new[] { "left", "right" })
            if (hands.Count(h => h == which || h == "both") > 1)
                found.Add(
                    new($"{path}.hands", IssueCodes.Contradiction, $"the {which} hand in two places", "one hand, one place at a time")
                );
    }

    private static void ActIssues(List<Issue?> found, Act act, string path, Atlas atlas, ActionModel model)
    {
        if (act.Do is { } verb && !model.Knows(verb) && !atlas.Document.ControlledLists.Actions.ContainsKey(verb))
            found.Add(new($"{path}.do", IssueCodes.Unknown, verb, "a movement of the list"));
        if (act.Then is { } then && !model.Knows(then))
            found.Add(new($"{path}.then", IssueCodes.Unknown, then, "a movement of the list"));
        found.Add(Check.OneOf(act.Side, TechniqueWords.ActSides, $"{path}.side"));
        found.Add(Check.OneOf(act.Effort, TechniqueWords.Efforts, $"{path}.effort"));
        found.Add(Check.OneOf(act.Resist, TechniqueWords.Resists, $"{path}.resist"));
        found.Add(Check.OneOf(act.Air, TechniqueWords.Airs, $"{path}.air"));
        found.Add(Check.OneOf(act.Force, TechniqueWords.Forces, $"{path}.force"));
        if (act.At is { } at && !atlas.Zones.ContainsKey(at))
            found.Add(new($"{path}.at", IssueCodes.Unknown, at, "a zone of the atlas"));
        TempoIssues(found, act.Tempo, $"{path}.tempo");
        PoseIssues(found, act.State, $"{path}.state");
        for (var i = 0; i < act.AllHoldStill.Count; i++)
        {
            if (act.AllHoldStill[i].Zone is { } zone && !atlas.Zones.ContainsKey(zone))
                found.Add(new($"{path}.hold_still[{i}].zone", IssueCodes.Unknown, zone, "a zone of the atlas"));
            found.Add(Check.OneOf(act.AllHoldStill[i].By, TechniqueWords.HoldBy, $"{path}.hold_still[{i}].by"));
        }
    }

    private static void HandIssues(List<Issue?> found, Hand hand, string path, Atlas atlas, ActionModel model)
    {
        if (hand.Verb is { } verb && !model.Verbs.ContainsKey(verb))
            found.Add(new($"{path}.verb", IssueCodes.Unknown, verb, "a verb of the hand: " + string.Join(", ", model.Verbs.Keys)));
        found.Add(Check.OneOf(hand.Which, TechniqueWords.WhichHand, $"{path}.hand"));
        found.Add(Check.OneOf(hand.Role, TechniqueWords.Roles, $"{path}.role"));
        if (hand.Contact is { } contact && !atlas.Contacts.ContainsKey(contact))
            found.Add(new($"{path}.contact", IssueCodes.Unknown, contact, "a part of the hand or a tool of the list"));
        found.Add(Check.NoLongerThan(hand.Tool, LongestText, $"{path}.tool"));
        found.Add(Check.OneOf(hand.Sides, TechniqueWords.HandSides, $"{path}.sides"));
        found.Add(Check.OneOf(hand.GripOrSlip, TechniqueWords.GripOrSlip, $"{path}.grip_or_slip"));
        found.Add(Check.Between(hand.Pressure, 0, 5, $"{path}.pressure"));
        found.Add(Check.Between(hand.HoldS, 0, MostSeconds, $"{path}.hold_s", "s"));
        found.Add(Check.Between(hand.AngleDeg, 0, 90, $"{path}.angle_deg", "°"));
        found.Add(Check.Between(hand.DegLeft, 0, 360, $"{path}.deg_left", "°"));
        found.AddRange(
            hand.AllZones.Select(
                (z, i) => atlas.Zones.ContainsKey(z) ? null : new Issue($"{path}.zones[{i}]", IssueCodes.Unknown, z, "a zone of the atlas")
            )
        );
        found.AddRange(
            hand.AllPoints.Select(
                (p, i) =>
                    atlas.Points.ContainsKey(p)
                        ? null
                        : new Issue($"{path}.points[{i}]", IssueCodes.Unknown, p, "a point code of the atlas")
            )
        );
        var midline = hand.AllPath.Count > 0;
        for (var i = 0; i < hand.AllPath.Count; i++)
        {
            var point = hand.AllPath[i];
            if (point.Landmark is null)
                found.Add(new($"{path}.path[{i}].at", IssueCodes.Missing, "", "a landmark of the atlas"));
            else if (!atlas.Landmarks.TryGetValue(point.Landmark, out var landmark))
                found.Add(new($"{path}.path[{i}].at", IssueCodes.Unknown, point.Landmark, "a landmark of the atlas"));
            else
                midline &= landmark.Midline && point.Offset?.Dir is not ("medial" or "lateral");
            found.Add(Check.OneOf(point.Surface, TechniqueWords.Surfaces, $"{path}.path[{i}].surface"));
            // A front place declared to lie on the back would be looked at in the wrong picture.
            if (
                point.Landmark is { } id
                && atlas.Landmarks.TryGetValue(id, out var known)
                && (known.Surface, ClosedList.Of<FaceSurface>(point.Surface))
                    is
                        (FaceSurface.Front, FaceSurface.Back)
                        or
                        (FaceSurface.Back, FaceSurface.Front)
            )
                found.Add(
                    new(
                        $"{path}.path[{i}].surface",
                        IssueCodes.Contradiction,
                        $"{point.Surface}",
                        $"a place that lies on the {known.Surface.Word()}"
                    )
                );
            found.Add(Check.OneOf(point.Offset?.Dir, TechniqueWords.OffsetDirections, $"{path}.path[{i}].offset.dir"));
            found.Add(Check.Between(point.Offset?.Breadths, 0, 10, $"{path}.path[{i}].offset.breadths", "finger-breadths"));
        }
        if (midline && hand.AllPath.All(p => p.Landmark is { } l && atlas.Landmarks.ContainsKey(l)) && hand.Sides is "left" or "right")
            found.Add(new($"{path}.sides", IssueCodes.Contradiction, $"A {hand.Sides}-side step", "a place on the midline"));
    }

    private static void DoseIssues(List<Issue?> found, Dose? dose, string path)
    {
        if (dose is null)
            return;
        found.Add(Check.Between(dose.Sets, 1, 20, $"{path}.sets"));
        found.Add(Check.Between(dose.Reps, 0, 200, $"{path}.reps"));
        found.Add(Check.Between(dose.Lanes, 1, 30, $"{path}.lanes"));
        found.Add(Check.Between(dose.TimesADay, 1, 50, $"{path}.times_a_day"));
        found.Add(Check.Between(dose.DaysAWeek, 1, 7, $"{path}.days_a_week"));
        found.Add(Check.OneOf(dose.Per, TechniqueWords.DosePer, $"{path}.per"));
        found.Add(Check.OneOf(dose.PerDirection, TechniqueWords.DosePerDirection, $"{path}.per_direction"));
        found.Add(Check.OneOf(dose.Both, TechniqueWords.DoseBoth, $"{path}.both"));
        found.Add(Check.OneOf(dose.Unit, TechniqueWords.DoseUnits, $"{path}.unit"));
        found.Add(Check.Between(dose.Min, 0, MostSeconds, $"{path}.min"));
        found.Add(Check.Between(dose.Standard, 0, MostSeconds, $"{path}.standard"));
        found.Add(Check.Between(dose.Full, 0, MostSeconds, $"{path}.full"));
        if (dose.Min > dose.Standard || dose.Standard > dose.Full || dose.Min > dose.Full)
            found.Add(
                new(path, IssueCodes.NotInOrder, $"{dose.Min} / {dose.Standard} / {dose.Full}", "minimum / standard / full, smallest first")
            );
    }

    private static void TempoIssues(List<Issue?> found, Tempo? tempo, string path)
    {
        if (tempo is null)
            return;
        found.Add(Check.Between(tempo.InS, 0, MostSeconds, $"{path}.in_s", "s"));
        found.Add(Check.Between(tempo.HoldS, 0, MostSeconds, $"{path}.hold_s", "s"));
        found.Add(Check.Between(tempo.OutS, 0, MostSeconds, $"{path}.out_s", "s"));
        found.Add(Check.Between(tempo.RestS, 0, MostSeconds, $"{path}.rest_s", "s"));
    }

    private static void PoseIssues(List<Issue?> found, PoseState? pose, string path)
    {
        if (pose is null)
            return;
        found.Add(Check.OneOf(pose.Gaze, TechniqueWords.Gazes, $"{path}.gaze"));
        found.Add(Check.OneOf(pose.Lids, TechniqueWords.Lids, $"{path}.lids"));
        found.Add(Check.OneOf(pose.Jaw, TechniqueWords.Jaws, $"{path}.jaw"));
        found.Add(Check.OneOf(pose.Lips, TechniqueWords.Lips, $"{path}.lips"));
        found.Add(Check.OneOf(pose.Tongue, TechniqueWords.Tongues, $"{path}.tongue"));
        found.Add(Check.OneOf(pose.Head, TechniqueWords.Heads, $"{path}.head"));
        found.Add(Check.OneOf(pose.Shoulders, TechniqueWords.Shoulders, $"{path}.shoulders"));
    }
}
