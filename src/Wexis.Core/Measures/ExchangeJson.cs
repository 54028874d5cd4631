using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;

namespace Wexis.Core.Measures;

/// <summary>
/// The one form in which Wexis reads and writes JSON, in files, over the network and in the store: snake_case, numbers as numbers.
/// </summary>
public static class ExchangeJson
{
    public static readonly JsonSerializerOptions Options = Frozen(new(Form));

    /// <summary>The same, laid out for people.</summary>
    public static readonly JsonSerializerOptions Indented = Frozen(new(Form) { WriteIndented = true });

    /// <summary>For files from outside: a field that nobody knows is a slip, and is named.</summary>
    public static readonly JsonSerializerOptions Known = Frozen(new(Form) { UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow });

    /// <summary>For what Wexis wrote itself: what a type needs must be there, and no null where it has none.</summary>
    public static readonly JsonSerializerOptions Whole = Frozen(
        new(Form) { RespectRequiredConstructorParameters = true, RespectNullableAnnotations = true }
    );

    private static JsonSerializerOptions Form =>
        new(JsonSerializerDefaults.Web)
        {
            PropertyNamingPolicy = JsonNamingPolicy.SnakeCaseLower,
            NumberHandling = JsonNumberHandling.Strict,
            Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
            TypeInfoResolver = new DefaultJsonTypeInfoResolver(),
        };

    public static string Write<T>(T value) => JsonSerializer.Serialize(value, Options);

    /// <exception cref="InvalidDataException">There is nothing in it.</exception>
    /// <exception cref="JsonException">It has another form; the message names the place.</exception>
    public static T Read<T>(string json) =>
        JsonSerializer.Deserialize<T>(json, Options) ?? throw new InvalidDataException($"A {typeof(T).Name} is empty.");

    /// <summary>As <see cref="Read{T}"/>, and every field has to be known.</summary>
    /// <exception cref="InvalidDataException">There is nothing in it.</exception>
    /// <exception cref="JsonException">It has another form, or a field that nobody knows; the message names the place.</exception>
    public static T ReadKnown<T>(string json) =>
        JsonSerializer.Deserialize<T>(json, Known) ?? throw new InvalidDataException($"A {typeof(T).Name} is empty.");

    private static JsonSerializerOptions Frozen(JsonSerializerOptions options)
    {
        options.MakeReadOnly();
        return options;
    }
}
