using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>The atlas with its look-ups. Immutable; one per process.</summary>
public sealed class Atlas
{
    private Atlas(AtlasDocument document, string dataVersion)
    {
        Document = document;
        DataVersion = dataVersion;
        Muscles = document.Muscles.ToDictionary(m => m.Id, StringComparer.Ordinal);
        Tissues = document.Tissues.ToDictionary(t => t.Id, StringComparer.Ordinal);
        Zones = document.Zones.ToDictionary(z => z.Id, StringComparer.Ordinal);
        Hazards = document.Hazards.ToDictionary(h => h.Id, StringComparer.Ordinal);
        Exclusions = document.Contraindications.ToDictionary(c => c.Id, StringComparer.Ordinal);
        Contacts = document.Contacts.ToDictionary(c => c.Id, StringComparer.Ordinal);
        Regions = document.Regions.ToDictionary(r => r.Id, StringComparer.Ordinal);
        Schools = document.Schools.ToDictionary(s => s.Id, StringComparer.Ordinal);
        Points = document.Points.ToDictionary(p => p.Code, StringComparer.Ordinal);
        RegionOfZone = document
            .Regions.SelectMany(r => r.Zones.Select(z => (z, r.Id)))
            .ToDictionary(p => p.z, p => p.Id, StringComparer.Ordinal);
    }

    public AtlasDocument Document { get; }

    /// <summary>Changes with a single letter of the atlas.</summary>
    public string DataVersion { get; }
    public IReadOnlyDictionary<string, Muscle> Muscles { get; }
    public IReadOnlyDictionary<string, Tissue> Tissues { get; }
    public IReadOnlyDictionary<string, Zone> Zones { get; }
    public IReadOnlyDictionary<string, Landmark> Landmarks => Document.Landmarks;
    public IReadOnlyDictionary<string, Hazard> Hazards { get; }
    public IReadOnlyDictionary<string, Exclusion> Exclusions { get; }
    public IReadOnlyDictionary<string, Contact> Contacts { get; }
    public IReadOnlyDictionary<string, Region> Regions { get; }
    public IReadOnlyDictionary<string, School> Schools { get; }
    public IReadOnlyDictionary<string, PressPoint> Points { get; }
    public IReadOnlyDictionary<string, string> RegionOfZone { get; }

    /// <summary>Reads the atlas. A reference to something that is not there is an error that names it.</summary>
    /// <exception cref="InvalidDataException">The document is empty or not consistent.</exception>
    public static Atlas Read(string json)
    {
        var document = JsonSerializer.Deserialize<AtlasDocument>(json, ExchangeJson.Options)
            ?? throw new InvalidDataException("The atlas is empty.");
        var atlas = new Atlas(document, Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(json))));
        var faults = atlas.Faults().ToList();
        return faults.Count == 0
            ? atlas
            : throw new InvalidDataException("The atlas is not consistent: " + string.Join("; ", faults.Take(10)));
    }

    public bool IsStructure(string id) => Muscles.ContainsKey(id) || Tissues.ContainsKey(id);

    /// <summary>The word on screen for a structure.</summary>
    public string PlainName(string structure) =>
        Muscles.TryGetValue(structure, out var m) ? m.PlainName
        : Tissues.TryGetValue(structure, out var t) ? AtlasWords.Plain(t.NameEn)
        : structure;

    /// <summary>What a client would call a structure.</summary>
    public string CommonName(string structure) =>
        Muscles.TryGetValue(structure, out var m) ? m.Common
        : Tissues.TryGetValue(structure, out var t) ? t.Common
        : structure;

    /// <summary>The common name with the anatomical one behind it: "forehead muscle (frontalis)".</summary>
    public string BothNames(string structure)
    {
        var (common, plain) = (CommonName(structure), PlainName(structure));
        return string.Equals(common, plain, StringComparison.OrdinalIgnoreCase) ? common : $"{common} ({plain})";
    }

    /// <summary>Every reference inside the atlas that leads nowhere.</summary>
    private IEnumerable<string> Faults()
    {
        foreach (var m in Document.Muscles)
        {
            foreach (var other in m.Antagonists.Concat(m.Synergists).Where(o => !IsStructure(o)))
                yield return $"{m.Id} names {other}";
            foreach (var a in m.Actions.Where(a => !Document.ControlledLists.Actions.ContainsKey(a.Verb)))
                yield return $"{m.Id} does {a.Verb}";
            foreach (var s in m.Source.Where(s => !Document.Sources.ContainsKey(s.Id)))
                yield return $"{m.Id} cites {s.Id}";
            if (!Document.ControlledLists.Depths.ContainsKey(m.Depth))
                yield return $"{m.Id} lies at {m.Depth}";
        }
        foreach (var z in Document.Zones)
        {
            foreach (
                var id in z
                    .MusclesSuperficialToDeep.Concat(z.MusclesBelowNotReached ?? [])
                    .Concat(z.Movers ?? [])
                    .Where(id => !Muscles.ContainsKey(id))
            )
                yield return $"zone {z.Id} names {id}";
            foreach (var id in z.Hazards.Where(id => !Hazards.ContainsKey(id)))
                yield return $"zone {z.Id} names {id}";
            if (!RegionOfZone.ContainsKey(z.Id))
                yield return $"zone {z.Id} lies in no region";
        }
        foreach (var r in Document.Regions)
        foreach (var id in r.Zones.Where(id => !Zones.ContainsKey(id)))
            yield return $"region {r.Id} names {id}";
        foreach (var t in Document.FeelTests.Where(t => !Muscles.ContainsKey(t.Structure)))
            yield return $"a feel test names {t.Structure}";
        foreach (var c in Document.Curves)
        foreach (var id in c.Landmarks.Where(id => !Landmarks.ContainsKey(id)))
            yield return $"curve {c.Id} names {id}";
        foreach (var e in Document.Contraindications)
        {
            foreach (var c in Document.ControlledLists.TechniqueClasses.Where(c => !e.ByClass.ContainsKey(c)))
                yield return $"{e.Id} says nothing of {c}";
            foreach (var id in (e.Zones ?? []).Where(id => !Zones.ContainsKey(id)))
                yield return $"{e.Id} names {id}";
            if (e.RedFlag && e.Call is null)
                yield return $"{e.Id} does not say whom to call";
            if (e.Then is { } next && !Exclusions.ContainsKey(next))
                yield return $"{e.Id} names {next}";
        }
        foreach (var h in Document.Hazards)
        foreach (var id in h.RuleData.Select(r => r.When.Person).OfType<string>().Where(id => !Exclusions.ContainsKey(id)))
            yield return $"hazard {h.Id} names {id}";
    }
}

/// <summary>Words made from atlas names.</summary>
public static class AtlasWords
{
    /// <summary>
    /// "Occipitofrontalis, frontal belly (frontalis)" is said "frontalis"; "Corrugator supercilii" is said as it stands, in lower case.
    /// </summary>
    public static string Plain(string nameEn)
    {
        ArgumentNullException.ThrowIfNull(nameEn);
        var open = nameEn.IndexOf('(', StringComparison.Ordinal);
        var close = nameEn.IndexOf(')', StringComparison.Ordinal);
        if (open > 0 && close > open + 1 && nameEn.StartsWith("Occipitofrontalis", StringComparison.Ordinal))
            return nameEn[(open + 1)..close];
        // "Tarsal (Meibomian) glands" are "tarsal glands".
        var head = open > 0 ? (nameEn[..open].Trim() + (close > open ? nameEn[(close + 1)..] : "")).Trim() : nameEn;
        return head.Length > 1 && char.IsUpper(head[0]) && !char.IsUpper(head[1]) ? char.ToLowerInvariant(head[0]) + head[1..] : head;
    }
}
