using System.Collections.Concurrent;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Notes as they are read, each of them once: a reading never changes, and the properties over all notes share theirs.</summary>
internal static class Readings
{
    private static readonly ConcurrentDictionary<string, NoteReading> Known = new(StringComparer.Ordinal);

    /// <summary>Every note that is a fact, each of them once.</summary>
    public static readonly IReadOnlyList<string> Facts = [.. NoteFactsTests.Said.Select(s => s.Data.Item1).Distinct()];

    public static NoteReading Of(string note) => Known.GetOrAdd(note, static n => NoteReading.Of(n, Reference.Atlas).Value!);
}
