using System.Text;
using System.Text.Json;

namespace Wexis.Core.Techniques.Documents;

/// <summary>On which line of a JSON text each field stands, so that a report can point at it.</summary>
public sealed class DocumentLines
{
    private readonly Dictionary<string, int> _lines = new(StringComparer.Ordinal) { [""] = 1 };

    /// <exception cref="JsonException">The text is not JSON.</exception>
    public DocumentLines(string json)
    {
        var bytes = Encoding.UTF8.GetBytes(json);
        var reader = new Utf8JsonReader(
            bytes,
            new JsonReaderOptions { CommentHandling = JsonCommentHandling.Skip, AllowTrailingCommas = false }
        );
        // A frame is an object or an array: its path, and for arrays the next index.
        var frames = new Stack<(string Path, int Index)>();
        var pending = "";
        var (line, counted) = (1, 0);
        while (reader.Read())
        {
            for (; counted < reader.TokenStartIndex; counted++)
                if (bytes[counted] == (byte)'\n')
                    line++;
            switch (reader.TokenType)
            {
                case JsonTokenType.PropertyName:
                    var parent = frames.Peek().Path;
                    pending = parent.Length == 0 ? reader.GetString()! : $"{parent}.{reader.GetString()}";
                    _lines[pending] = line;
                    break;
                case JsonTokenType.StartObject or JsonTokenType.StartArray:
                    frames.Push((Here(), reader.TokenType == JsonTokenType.StartArray ? 0 : -1));
                    break;
                case JsonTokenType.EndObject or JsonTokenType.EndArray:
                    frames.Pop();
                    break;
                default:
                    Here();
                    break;
            }

            string Here()
            {
                if (frames.Count == 0 || frames.Peek().Index < 0)
                    return pending;
                var (path, index) = frames.Pop();
                frames.Push((path, index + 1));
                var here = $"{path}[{index}]";
                _lines[here] = line;
                return here;
            }
        }
    }

    /// <summary>The line of a field, or of the nearest thing around it that stands in the text.</summary>
    public int Of(string path)
    {
        ArgumentNullException.ThrowIfNull(path);
        for (var p = path; ; p = p[..Math.Max(0, Math.Max(p.LastIndexOf('.'), p.LastIndexOf('[')))])
            if (_lines.TryGetValue(p, out var line))
                return line;
    }
}
