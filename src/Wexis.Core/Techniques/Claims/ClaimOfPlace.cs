using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Strokes;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Claims;

/// <summary>Claims of places: where a muscle or a point lies, and where on the face something is worked.</summary>
public static partial class ClaimReview
{
    private sealed partial class Desk
    {
        private Finding Place(string text, IReadOnlyList<string> structures)
        {
            // What lies there stands before the word, where it lies behind it.
            var behind = PlaceWords().Match(text) is { Success: true } lies ? text[(lies.Index + lies.Length)..] : text;
            var zones = ClaimPlaces.Zones(behind, atlas) is { Count: > 0 } told ? told : ClaimPlaces.Zones(text, atlas);
            var code =
                PointCode().Match(text) is { Success: true } hit
                && atlas.Points.ContainsKey(hit.Value.Replace(" ", "", StringComparison.Ordinal).ToUpperInvariant())
                    ? hit.Value.Replace(" ", "", StringComparison.Ordinal).ToUpperInvariant()
                    : null;
            if (zones.Count == 0 || (code is null && structures.Count == 0))
                return new(
                    [ClaimFinding.Asked],
                    zones.Count == 0 ? "We do not know the place that is named." : "We do not know what is said to lie there.",
                    code is null ? "Name the muscle, and one of the places on the map." : $"Say: {atlas.Points[code].LocationParaphrase}.",
                    null,
                    "R2"
                );
            if (code is not null)
            {
                var point = atlas.Points[code];
                var near =
                    point.Frontal is { } at && StrokePath.Nearest(new(Math.Abs(at[0]), at[1]), point.Surface, atlas).Intersect(zones).Any();
                return near
                    ? Stands($"{code} lies {point.LocationParaphrase}.", "R2")
                    : new(
                        [ClaimFinding.WrongLocation],
                        $"{code} lies {point.LocationParaphrase}.",
                        $"Say: {point.LocationParaphrase}.",
                        "X",
                        "R2"
                    );
            }
            var here = zones
                .Select(z => atlas.Zones[z])
                .Any(z =>
                    structures.Any(s =>
                        z.MusclesSuperficialToDeep.Contains(s)
                        || z.MusclesBelowNotReached?.Contains(s) == true
                        || z.Movers?.Contains(s) == true
                    )
                );
            var places = atlas.Document.Zones.Where(o => structures.Any(o.MusclesSuperficialToDeep.Contains)).Select(o => o.Name).Take(3);
            return here
                ? Stands($"The {Names(structures.Take(1))} lies there.", "R2")
                : new(
                    [ClaimFinding.WrongLocation],
                    $"The {Names(structures.Take(1))} does not lie at the {PlaceName(zones)}.",
                    $"It lies at: {string.Join(", ", places)}.",
                    "X",
                    "R2"
                );
        }

        /// <summary>"Works the jawline": a part of the face that stands for no muscle; null where it is no claim of that kind.</summary>
        private Finding? AtPlace(string text)
        {
            if (ClaimPlaces.Zones(text, atlas) is not { Count: > 0 } zones || !WorksSomewhere(text))
                return null;
            if (Untold)
                return WhatIsDone();
            // What only rests there is not involved.
            var there = Rows.Where(r =>
                    r.Strength != Strength.Incidental && IsThere(r, zones) && !(r.Mode == Mode.Inhibited && Involves().IsMatch(text))
                )
                .ToList();
            var place = PlaceName(zones);
            if (there.Count == 0)
                return new(
                    [ClaimFinding.WrongStructure],
                    $"Nothing is worked at the {place}: {MainWork()}.",
                    $"Say where it works: {MainWork()}.",
                    null,
                    "R121"
                );
            var (fits, said) = ClaimWords.Verb(null, text) switch
            {
                ClaimVerb.Trains or ClaimVerb.Strengthens => (there.Any(r => r.Mode.IsActive()), "contracts"),
                ClaimVerb.Relaxes => (there.Any(r => !r.Mode.IsActive()), "rests or is kneaded"),
                ClaimVerb.Stretches => (there.Any(r => r.Mode == Mode.Stretched), "is stretched"),
                _ => (true, ""),
            };
            return fits
                ? Stands($"At the {place} this is done: the {Names(there.Select(r => r.Structure).Distinct())} is {Ways(there)}.", "R121")
                : new(
                    [ClaimFinding.WrongMode],
                    $"At the {place} nothing {said}: the {Names(there.Select(r => r.Structure).Distinct())} is {Ways(there)}.",
                    $"Say: {Ways(there)}.",
                    null,
                    "R121"
                );
        }

        private static bool WorksSomewhere(string text) => WorksThere().IsMatch(text) || AimsAt().IsMatch(text) || Involves().IsMatch(text);

        /// <summary>"Works the whole face", "trains every muscle": what is left out of it; null where nothing is.</summary>
        private Finding? LessThanWhole(string text, ClaimVerb verb)
        {
            if (WholeFace().Match(text) is not { Success: true } whole || (verb == ClaimVerb.Other && !WorksSomewhere(text)))
                return null;
            if (Untold)
                return WhatIsDone();
            var at = Rows.Where(r => r.Strength != Strength.Incidental).ToList();
            var third = Thirds.GetValueOrDefault(whole.Groups["third"].Value.ToLowerInvariant());
            var face = atlas.Regions.Values.Where(r => third?.Contains(r.Id) ?? !BesideTheFace.Contains(r.Id)).ToList();
            var without = face.Where(region => !at.Exists(r => IsThere(r, region.Zones))).Select(r => r.Name).ToList();
            var muscles = at.Select(r => r.Structure).Where(atlas.Muscles.ContainsKey).Distinct().Count();
            var every = whole.Groups["muscles"].Success;
            return without.Count == 0 && !every
                ? null
                : new(
                    [ClaimFinding.WrongExtent],
                    every
                        ? $"Of {atlas.Muscles.Count} muscles on the map, {muscles} {(muscles == 1 ? "is" : "are")} worked here."
                        : $"Nothing is worked at: {string.Join(", ", without)}.",
                    $"Say what it works: {MainWork()}.",
                    null,
                    "R121"
                );
        }

        /// <summary>Regions of the map that are no part of the face.</summary>
        private static readonly HashSet<string> BesideTheFace = new(StringComparer.Ordinal) { "neck", "shoulders-chest" };

        /// <summary>The thirds of the face: down to the brows, to the base of the nose, to the chin (common practice).</summary>
        private static readonly Dictionary<string, string[]> Thirds = new(StringComparer.Ordinal)
        {
            ["upper"] = ["forehead-brows"],
            ["mid"] = ["eyes", "nose", "cheeks"],
            ["middle"] = ["eyes", "nose", "cheeks"],
            ["lower"] = ["mouth-chin", "jaw"],
        };

        /// <summary>The place that a text names, where nothing is worked in one of these ways; else null.</summary>
        private string? Elsewhere(string text, IReadOnlyList<Mode> modes) =>
            ClaimPlaces.Zones(text, atlas) is { Count: > 0 } zones
            && !Rows.Any(r => modes.Contains(r.Mode) && r.Strength != Strength.Incidental && IsThere(r, zones))
                ? PlaceName(zones)
                : null;

        private bool IsThere(WorkedRow row, IReadOnlyList<string> zones) =>
            row.Structure is "skin" or "superficial-lymph"
                ? zones.Any(map.ZonesTouched.Contains)
                : zones
                    .Select(z => atlas.Zones[z])
                    .Any(z => z.MusclesSuperficialToDeep.Contains(row.Structure) || z.Movers?.Contains(row.Structure) == true);

        private string PlaceName(IReadOnlyList<string> zones) => string.Join(" or the ", zones.Take(2).Select(z => atlas.Zones[z].Name));
    }
}
