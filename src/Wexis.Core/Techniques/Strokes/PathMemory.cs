using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using System.Text.Json;
using System.Text.Json.Serialization;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Strokes;

/// <summary>
/// Paths already drawn, with what they were found to meet. Cutting them is most of a derivation's cost, safety, map and classes ask for
/// the same one, and so does the next derivation while somebody types. The same hand always has the same path: nothing is ever stale.
/// </summary>
internal sealed class PathMemory(HouseSettings settings)
{
    /// <summary>More than a library's worth of hands; then it begins anew.</summary>
    private const int Most = 2000;

    private static readonly ConditionalWeakTable<Atlas, PathMemory> Memories = [];

    /// <summary>A number without end is a slip that validation names; here it is only part of a key.</summary>
    private static readonly JsonSerializerOptions Words = new(ExchangeJson.Options)
    {
        NumberHandling = JsonNumberHandling.AllowNamedFloatingPointLiterals,
    };

    private readonly ConditionalWeakTable<Hand, StrokePath> _byHand = [];
    private readonly ConcurrentDictionary<string, StrokePath> _byWords = new(StringComparer.Ordinal);

    public static PathMemory Of(Atlas atlas, HouseSettings settings)
    {
        var memory = Memories.GetValue(atlas, _ => new(settings));
        if (memory._settings == settings)
            return memory;
        var anew = new PathMemory(settings);
        Memories.AddOrUpdate(atlas, anew);
        return anew;
    }

    private readonly HouseSettings _settings = settings;

    public StrokePath Path(Hand hand, Func<StrokePath> draw)
    {
        if (_byHand.TryGetValue(hand, out var known))
            return known;
        if (_byWords.Count >= Most)
            _byWords.Clear();
        var path = _byWords.GetOrAdd(JsonSerializer.Serialize(hand, Words), _ => draw());
        _byHand.AddOrUpdate(hand, path);
        return path;
    }
}
