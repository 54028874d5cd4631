using System.Diagnostics.CodeAnalysis;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Wexis.Core.Measures;

/// <summary>An identifier of whatever kind, for those who must not know which.</summary>
public interface IIdentifier
{
    /// <summary>False for one that nobody set: it refuses to be read.</summary>
    bool IsSet { get; }

    /// <exception cref="InvalidOperationException">It was never set.</exception>
    Guid Value { get; }
}

/// <summary>
/// Which one of its kind something is. The id of a trainee cannot be handed over where a demonstration is asked for. Outside (files,
/// contract, store, addresses) it is a UUID. The default was never set: it may be compared, and refuses to be read or written.
/// </summary>
/// <typeparam name="TKind">One of <see cref="Kinds"/>; rooms write <c>PersonId</c>, <c>TechniqueId</c> and so on.</typeparam>
[JsonConverter(typeof(IdJson))]
[SuppressMessage("Design", "CA1000:Do not declare static members on generic types", Justification = "Rooms call them by the kind's name.")]
public readonly record struct Id<TKind> : IIdentifier, IParsable<Id<TKind>>, IComparable<Id<TKind>>, IFormattable
    where TKind : IKind
{
    private readonly Guid _value;

    private Id(Guid value) => _value = value;

    public bool IsSet => _value != Guid.Empty;

    public Guid Value => IsSet ? _value : throw new InvalidOperationException($"This {TKind.Word} id was never set.");

    /// <summary>One that nothing else has; later ones sort after earlier ones.</summary>
    public static Id<TKind> New() => new(Guid.CreateVersion7());

    /// <exception cref="ArgumentException">The UUID of nothing, all zeros.</exception>
    public static Id<TKind> From(Guid value) =>
        value != Guid.Empty ? new(value) : throw new ArgumentException($"A {TKind.Word} id is not all zeros.", nameof(value));

    /// <summary>What a text names; null where it names none.</summary>
    public static Id<TKind>? Of(string? text) => TryParse(text, null, out var id) ? id : null;

    public static Id<TKind> Parse(string s, IFormatProvider? provider) =>
        TryParse(s, provider, out var id) ? id : throw new FormatException($"“{s}” is no {TKind.Word} id.");

    public static bool TryParse([NotNullWhen(true)] string? s, IFormatProvider? provider, out Id<TKind> result)
    {
        result = Guid.TryParse(s, out var value) ? new(value) : default;
        return result.IsSet;
    }

    public int CompareTo(Id<TKind> other) => _value.CompareTo(other._value);

    public static bool operator <(Id<TKind> left, Id<TKind> right) => left.CompareTo(right) < 0;

    public static bool operator >(Id<TKind> left, Id<TKind> right) => left.CompareTo(right) > 0;

    public static bool operator <=(Id<TKind> left, Id<TKind> right) => left.CompareTo(right) <= 0;

    public static bool operator >=(Id<TKind> left, Id<TKind> right) => left.CompareTo(right) >= 0;

    /// <exception cref="InvalidOperationException">It was never set.</exception>
    public override string ToString() => Value.ToString();

    /// <param name="format">As of a <see cref="Guid"/>.</param>
    public string ToString(string? format, IFormatProvider? formatProvider) => Value.ToString(format, formatProvider);
}

/// <summary>Ids in JSON: the UUID as a text, as a value and as a key.</summary>
public sealed class IdJson : JsonConverterFactory
{
    public override bool CanConvert(Type typeToConvert) => Ids.IsId(typeToConvert);

    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(typeToConvert);
        return (JsonConverter)Activator.CreateInstance(typeof(Of<>).MakeGenericType(typeToConvert.GetGenericArguments()))!;
    }

    private sealed class Of<TKind> : JsonConverter<Id<TKind>>
        where TKind : IKind
    {
        public override Id<TKind> Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            reader.TokenType == JsonTokenType.String ? Told(reader.GetString()) : throw new JsonException();

        public override void Write(Utf8JsonWriter writer, Id<TKind> value, JsonSerializerOptions options) =>
            writer.WriteStringValue(value.Value);

        public override Id<TKind> ReadAsPropertyName(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            Told(reader.GetString());

        public override void WriteAsPropertyName(Utf8JsonWriter writer, Id<TKind> value, JsonSerializerOptions options) =>
            writer.WritePropertyName(value.ToString());

        /// <exception cref="JsonException">It is no UUID, or the one of nothing; the serializer adds the place.</exception>
        private static Id<TKind> Told(string? text) => Id<TKind>.Of(text) ?? throw new JsonException();
    }
}

/// <summary>What all kinds of ids have in common.</summary>
public static class Ids
{
    public static bool IsId(Type type)
    {
        ArgumentNullException.ThrowIfNull(type);
        return type.IsGenericType && type.GetGenericTypeDefinition() == typeof(Id<>);
    }

    /// <summary>Every closed id type, one for each of <see cref="Kinds"/>.</summary>
    public static IReadOnlyList<Type> All { get; } =
    [.. typeof(Kinds).GetNestedTypes().Where(t => t.IsAssignableTo(typeof(IKind))).Select(t => typeof(Id<>).MakeGenericType(t))];
}
