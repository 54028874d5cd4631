using System.Diagnostics;
using System.Security.Cryptography;
using System.Text;
using Microsoft.Extensions.Caching.Memory;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Data.Techniques;
using Wexis.Server.Settings;
using Wexis.Server.Shell;

namespace Wexis.Server.Techniques;

/// <summary>Derives with the house's atlas, model and settings; says how an edition stands and what the library keeps of it.</summary>
public sealed class TechniqueDesk(
    Atlas atlas,
    ActionModel model,
    SchoolProfiles schools,
    HouseDesk house,
    HouseMetrics metrics,
    IMemoryCache known
)
{
    /// <summary>
    /// How long what was derived from an edition is remembered after it was last asked for. The rules do not change while this runs.
    /// </summary>
    private static readonly TimeSpan Remembered = TimeSpan.FromMinutes(30);

    /// <summary>A whole derivation weighs as much as so many summaries of one.</summary>
    private const int DerivationWeight = 8;

    public Atlas Atlas => atlas;
    public ActionModel Model => model;
    public HouseSettings Settings => house.Settings;
    public SchoolProfiles Schools => schools;

    public Derivation Derive(TechniqueDocument document)
    {
        var from = Stopwatch.GetTimestamp();
        var derived = Derivation.Of(document, atlas, model, house.Settings);
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
    public static EditionStanding Standing(Derivation derivation)
    {
        ArgumentNullException.ThrowIfNull(derivation);
        return derivation.Standing switch
        {
            DerivedStanding.Stopped => EditionStanding.Parked,
            DerivedStanding.Complete => EditionStanding.Complete,
            _ => EditionStanding.Draft,
        };
    }

    private readonly byte[] _rules =
    [
        .. typeof(Derivation).Module.ModuleVersionId.ToByteArray(),
        .. Encoding.UTF8.GetBytes(model.DataVersion),
    ];
    private (string? Of, string Version) _version;

    /// <summary>
    /// Changes with the rules' code, with their data and with the house's settings: what another version made is made anew.
    /// </summary>
    public string RulesVersion
    {
        get
        {
            var (version, mark) = (_version, house.Mark);
            if (version.Of == mark)
                return version.Version;
            _version = version = (mark, Convert.ToHexStringLower(SHA256.HashData([.. _rules, .. Encoding.UTF8.GetBytes(mark)]))[..16]);
            return version.Version;
        }
    }

    public TechniqueBrief Brief(Derivation derivation, TechniqueDocument document) =>
        TechniqueBrief.Of(document, derivation, RulesVersion, atlas);

    /// <summary>Where a technique does not do what its declared school does.</summary>
    public IReadOnlyList<SchoolContradiction> AgainstItsSchool(TechniqueDocument document, Derivation derivation) =>
        schools.Contradictions(document, derivation, atlas, house.Settings);

    /// <summary>What is derived from one stored version of an edition; not derived again while it is remembered.</summary>
    public Derivation DerivationOf(StoredEdition edition)
    {
        ArgumentNullException.ThrowIfNull(edition);
        return DerivationOf(edition.TechniqueId, edition.Edition, edition.Version, edition.Body);
    }

    public Derivation DerivationOf(TechniqueId technique, int edition, int version, TechniqueDocument body) =>
        Once((nameof(Derivation), technique, edition, version, RulesVersion), DerivationWeight, () => Derive(body));

    /// <summary>Techniques by code as a programme sees them, from what is kept beside their newest editions.</summary>
    public async Task<IReadOnlyDictionary<string, TaughtTechnique>> Taught(
        IReadOnlyCollection<string> codes,
        EditionStore editions,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(editions);
        var rules = RulesVersion;
        var taught = new Dictionary<string, TaughtTechnique>(StringComparer.Ordinal);
        var unread = new List<TechniqueId>();
        foreach (var head in await editions.Heads(codes, ct))
            if (known.TryGetValue((nameof(TaughtTechnique), head, rules), out TaughtTechnique? found) && found is not null)
                taught[head.Code] = found;
            else
                unread.Add(head.TechniqueId);
        foreach (var kept in unread.Count == 0 ? [] : await editions.Kept(unread, rules, ct))
        {
            var work = kept.Work ?? Work(await editions.NewestOf(kept.Head.TechniqueId, ct));
            if (work is null)
                continue;
            taught[kept.Head.Code] = Once((nameof(TaughtTechnique), kept.Head, rules), 1, () =>
                new TaughtTechnique(
                    kept.Head.Code,
                    kept.Name,
                    work.Standing,
                    kept.Prerequisites,
                    work.Map,
                    kept.School,
                    work.AgainstItsSchool,
                    work.Times,
                    kept.Classes,
                    kept.Region,
                    kept.Family,
                    work.SidesInTurn
                )
            );
        }
        return taught;
    }

    private TechniqueWork? Work(StoredEdition? edition) => edition is null ? null : Work(DerivationOf(edition), edition.Body);

    private TechniqueWork Work(Derivation derivation, TechniqueDocument document) =>
        new(
            RulesVersion,
            derivation.Standing,
            derivation.Map,
            derivation.Times,
            derivation.Exclusions,
            [.. AgainstItsSchool(document, derivation).Select(c => c.Says)],
            derivation.SidesInTurn
        );

    private T Once<T>(object key, int weight, Func<T> make)
    {
        if (known.TryGetValue(key, out T? found) && found is not null)
            return found;
        using var entry = known.CreateEntry(key);
        var made = make();
        entry.SetValue(made).SetSize(weight).SetSlidingExpiration(Remembered);
        return made;
    }

    /// <summary>A technique as it is stored: its body with its id, and what is derived from it.</summary>
    public NewTechnique New(TechniqueId id, TechniqueDocument document, Derivation? derivation = null)
    {
        ArgumentNullException.ThrowIfNull(document);
        var derived = derivation ?? Derive(document);
        var code = document.Id ?? $"tq-{id:N}";
        var named = document with { Schema = TechniqueDocument.CurrentSchema, Id = code };
        return new(id, code, named, Standing(derived), derived.Family, Brief(derived, document), Work(derived, document));
    }

    /// <summary>
    /// Derives what other rules had derived, so that the library never shows yesterday's reading. Bodies are not touched.
    /// </summary>
    public async Task MakeBriefsAnew(EditionStore editions, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(editions);
        await Parallel.ForEachAsync(await editions.MadeByOthers(RulesVersion, ct), ct, async (edition, stop) =>
            await editions.MadeAnew(edition, New(edition.TechniqueId, edition.Body), stop)
        );
    }
}
