using System.Collections.Concurrent;

namespace Wexis.Core.Measures;

/// <summary>
/// What a question that always has the same answer was answered before: a derivation asks it anew at every key that somebody types.
/// </summary>
/// <param name="most">So many answers at most; then it begins anew.</param>
internal sealed class Remembered<TKey, TAnswer>(int most = 2000)
    where TKey : notnull
{
    private readonly ConcurrentDictionary<TKey, TAnswer> _known = new();

    public TAnswer Of<TFrom>(TKey key, TFrom from, Func<TKey, TFrom, TAnswer> answer)
    {
        if (_known.TryGetValue(key, out var known))
            return known;
        if (_known.Count >= most)
            _known.Clear();
        return _known.GetOrAdd(key, answer, from);
    }
}
