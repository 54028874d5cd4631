using System.Collections.Concurrent;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Wexis.Core.Measures;

/// <summary>A closed list is a type here and its words, in kebab-case, everywhere outside: files, contract, store.</summary>
[AttributeUsage(AttributeTargets.Enum)]
public sealed class ClosedListAttribute : JsonConverterAttribute
{
    public override JsonConverter CreateConverter(Type typeToConvert) =>
        new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower, allowIntegerValues: false);
}

/// <summary>Words of closed lists.</summary>
public static class ClosedList
{
    private static readonly ConcurrentDictionary<Enum, string> Words = [];

    /// <summary>The word as it is written in files and over the network: <c>skin-lymph</c>.</summary>
    public static string Word<T>(this T value)
        where T : struct, Enum => Words.GetOrAdd(value, v => JsonNamingPolicy.KebabCaseLower.ConvertName(v.ToString()));

    /// <summary>What a stored word means.</summary>
    /// <exception cref="InvalidDataException">The word is not in the list.</exception>
    public static T In<T>(string? word)
        where T : struct, Enum =>
        Of<T>(word) ?? throw new InvalidDataException($"“{word}” is none of {string.Join(", ", All<T>())} ({typeof(T).Name}).");

    /// <summary>All words of the list, in its order.</summary>
    public static IReadOnlyList<string> All<T>()
        where T : struct, Enum => [.. Enum.GetValues<T>().Select(v => v.Word())];

    /// <summary>What a word of the list means; null for a word that is not in it.</summary>
    public static T? Of<T>(string? word)
        where T : struct, Enum
    {
        foreach (var value in Enum.GetValues<T>())
            if (value.Word() == word)
                return value;
        return null;
    }
}
