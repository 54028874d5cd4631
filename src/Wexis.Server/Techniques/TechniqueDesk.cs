using System.Diagnostics;
using System.Security.Cryptography;
using System.Text;
using Microsoft.Extensions.Caching.Memory;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques;
using Wexis.Data.Techniques;
using Wexis.Server.Shell;

namespace Wexis.Server.Techniques;

/// <summary>Derives with the house's atlas, model and settings; says how an edition stands and what the library keeps of it.</summary>
public sealed class TechniqueDesk(Atlas atlas, ActionModel model, SchoolProfiles schools, HouseSettings settings, HouseMetrics metrics, IMemoryCache known)
{
    /// <summary>How long what was derived from an edition is remembered after it was last asked for. The rules do not change while this runs.</summary>
    private static readonly TimeSpan Remembered = TimeSpan.FromMinutes(30);

    public Atlas Atlas => atlas;
    public ActionModel Model => model;
    public HouseSettings Settings => settings;
    public SchoolProfiles Schools => schools;

    public Derivation Derive(TechniqueDocument document)
    {
        var from = Stopwatch.GetTimestamp();
        var derived = Derivation.Of(document, atlas, model, settings);
        metrics.Derived(Stopwatch.GetElapsedTime(from));
        return derived;
    }

    /// <summary>The techniques that ship with Wexis, for a house that wants to begin with more than an empty shelf.</summary>
    public static IReadOnlyList<TechniqueDocument> Shipped(DataFolder folder)
    {
        ArgumentNullException.ThrowIfNull(folder);
        return ExchangeJson.Read<TechniqueList>(File.ReadAllText(Path.Combine(folder.Path, "library", "techniques.json"))).Techniques;
    }

    /// <summary>draft while a question is open, parked when a step breaks a stop rule, else complete.</summary>
    public static string Standing(Derivation derivation)
    {
        ArgumentNullException.ThrowIfNull(derivation);
        return derivation.Standing switch { "stopped" => EditionStanding.Parked, "complete" => EditionStanding.Complete, _ => EditionStanding.Draft };
    }

    /// <summary>Changes with the rules' code and with their data: what an older version made is made anew.</summary>
    public string RulesVersion { get; } = Convert.ToHexStringLower(SHA256.HashData([.. typeof(Derivation).Module.ModuleVersionId.ToByteArray(), .. Encoding.UTF8.GetBytes(model.DataVersion)]))[..16];

    public TechniqueBrief Brief(Derivation derivation, TechniqueDocument document) => TechniqueBrief.Of(document, derivation, RulesVersion, atlas);

    /// <summary>Where a technique does not do what its declared school does.</summary>
    public IReadOnlyList<SchoolContradiction> AgainstItsSchool(TechniqueDocument document, Derivation derivation) => schools.Contradictions(document, derivation, atlas, settings);

    /// <summary>Techniques by code as a programme sees them. What was derived from a saved version is not derived again.</summary>
    public async Task<IReadOnlyDictionary<string, TaughtTechnique>> Taught(IReadOnlyCollection<string> codes, EditionStore editions, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(editions);
        var taught = new Dictionary<string, TaughtTechnique>(StringComparer.Ordinal);
        var unknown = new List<Guid>();
        foreach (var head in await editions.Heads(codes, ct))
            if (known.TryGetValue(head, out TaughtTechnique? found) && found is not null) taught[head.Code] = found;
            else unknown.Add(head.TechniqueId);
        foreach (var e in unknown.Count == 0 ? [] : await editions.NewestOf(unknown, ct))
        {
            var derived = Derive(e.Body);
            var seen = new TaughtTechnique(e.Code, e.Name, derived.Standing, [.. e.Body.Prerequisites ?? []], derived.Map, e.Body.School, [.. AgainstItsSchool(e.Body, derived).Select(c => c.Says)]);
            using var entry = known.CreateEntry(new EditionHead(e.TechniqueId, e.Code, e.Edition, e.Version));
            entry.SetValue(seen).SetSize(1).SetSlidingExpiration(Remembered);
            taught[e.Code] = seen;
        }
        return taught;
    }

    /// <summary>A technique as it is stored: its body with its id, and what is derived from it.</summary>
    public NewTechnique New(Guid id, TechniqueDocument document, Derivation? derivation = null)
    {
        ArgumentNullException.ThrowIfNull(document);
        var derived = derivation ?? Derive(document);
        var code = document.Id ?? $"tq-{id:N}";
        return new(id, code, document with { Schema = TechniqueDocument.CurrentSchema, Id = code }, Standing(derived), derived.Family, Brief(derived, document));
    }

    /// <summary>Derives what other rules had derived, so that the library never shows yesterday's reading. Bodies are not touched.</summary>
    public async Task MakeBriefsAnew(EditionStore editions, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(editions);
        await Parallel.ForEachAsync(await editions.MadeByOthers(RulesVersion, ct), ct, async (edition, stop) =>
        {
            var derived = Derive(edition.Body);
            await editions.MadeAnew(edition, Standing(derived), derived.Family, Brief(derived, edition.Body), stop);
        });
    }
}
