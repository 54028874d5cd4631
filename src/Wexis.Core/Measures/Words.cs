using System.Text.Json.Serialization.Metadata;

namespace Wexis.Core.Measures;

/// <summary>
/// A field that is read as text, so that a word that is none is named to whoever wrote it, and whose list is closed all the same: the
/// schemas of the files and the contract tell its words.
/// </summary>
[AttributeUsage(AttributeTargets.Property)]
public class OneOfAttribute(params string[] words) : Attribute
{
    public IReadOnlyList<string> Words { get; } = words;

    /// <summary>The words of a field that says which it takes; null for any other.</summary>
    public static IReadOnlyList<string>? Of(JsonPropertyInfo? field) =>
        field?.AttributeProvider?.GetCustomAttributes(typeof(OneOfAttribute), true) is [OneOfAttribute list, ..] ? list.Words : null;
}

/// <summary>A grade of evidence of the action model; X is against what is known.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class GradeAttribute() : OneOfAttribute("A", "B", "C", "D", "X");

/// <summary>A field that is read as text and takes a word of <typeparamref name="T"/>.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class WordOfAttribute<T>() : OneOfAttribute([.. ClosedList.All<T>()])
    where T : struct, Enum;
