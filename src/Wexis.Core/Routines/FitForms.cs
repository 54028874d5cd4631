using System.Text.Json;
using System.Text.Json.Serialization;

namespace Wexis.Core.Routines;

/// <summary>A name, or a list of names.</summary>
internal sealed class OneOrMore : JsonConverter<IReadOnlyList<string>>
{
    public override IReadOnlyList<string> Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        reader.TokenType == JsonTokenType.String ? [reader.GetString()!] : JsonSerializer.Deserialize<string[]>(ref reader, options) ?? [];

    public override void Write(Utf8JsonWriter writer, IReadOnlyList<string> value, JsonSerializerOptions options)
    {
        if (value.Count == 1)
            writer.WriteStringValue(value[0]);
        else
            JsonSerializer.Serialize(writer, value, options);
    }
}

/// <summary>Seconds from part to part: one object in another by id and id, or a list of <c>from</c>, <c>to</c>, <c>seconds</c>.</summary>
internal sealed class ChangeoverTableForm : JsonConverter<Dictionary<string, Dictionary<string, int>>>
{
    private sealed record Line(string From, string To, int Seconds);

    public override Dictionary<string, Dictionary<string, int>> Read(
        ref Utf8JsonReader reader,
        Type typeToConvert,
        JsonSerializerOptions options
    )
    {
        var table = new Dictionary<string, Dictionary<string, int>>(StringComparer.Ordinal);
        if (reader.TokenType == JsonTokenType.StartArray)
        {
            foreach (var line in JsonSerializer.Deserialize<Line[]>(ref reader, options) ?? [])
                Set(table, line.From, line.To, line.Seconds);
            return table;
        }
        foreach (var (from, row) in JsonSerializer.Deserialize<Dictionary<string, Dictionary<string, int>>>(ref reader, options) ?? [])
        foreach (var (to, seconds) in row)
            Set(table, from, to, seconds);
        return table;
    }

    private static void Set(Dictionary<string, Dictionary<string, int>> table, string from, string to, int seconds)
    {
        if (!table.TryGetValue(from, out var row))
            table[from] = row = new(StringComparer.Ordinal);
        row[to] = seconds;
    }

    public override void Write(Utf8JsonWriter writer, Dictionary<string, Dictionary<string, int>> value, JsonSerializerOptions options) =>
        JsonSerializer.Serialize(writer, (IReadOnlyDictionary<string, Dictionary<string, int>>)value, options);
}
