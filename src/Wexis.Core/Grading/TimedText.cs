using System.Globalization;
using System.Net;
using System.Text;
using System.Text.RegularExpressions;
using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>One caption: what is said from one second of a film to another.</summary>
public sealed record TimedLine(double FromSeconds, double ToSeconds, string Text);

/// <summary>
/// Reads and writes WebVTT, the open form of captions (W3C candidate recommendation “WebVTT: The Web Video Text Tracks Format”). Of
/// a file only the captions are taken: styles, regions, comments and settings are passed over, tags are taken out of the text.
/// </summary>
public static partial class TimedText
{
    private const int LongestText = 500;
    private const int MostLines = 5000;
    private const string Arrow = "-->";
    private static readonly string[] PassedOver = ["NOTE", "STYLE", "REGION"];

    /// <param name="text">The whole file; a byte order mark may lead it.</param>
    /// <returns>The captions in the order of the file, or every slip with its line.</returns>
    public static Checked<IReadOnlyList<TimedLine>> Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var lines = text.TrimStart('\uFEFF').Replace("\r\n", "\n", StringComparison.Ordinal).Replace('\r', '\n').Split('\n');
        if (!Signature().IsMatch(lines[0]))
            return Slip(1, lines[0], "a first line that begins with WEBVTT");
        var found = new List<TimedLine>();
        var issues = new List<Issue>();
        foreach (var (block, number) in Blocks(lines))
        {
            var timing = block.FindIndex(l => l.Contains(Arrow, StringComparison.Ordinal));
            // What has no times is the header, a comment, a style or a region.
            if (timing is not (0 or 1) || (timing == 1 && PassedOver.Any(w => block[0].StartsWith(w, StringComparison.Ordinal))))
                continue;
            if (found.Count == MostLines)
                return Slip(number, block[timing], $"at most {MostLines} captions");
            if (TimesOf(block[timing]) is not { } times)
                issues.Add(SlipAt(number + timing, block[timing], "times such as 00:01.500 --> 00:04.000"));
            else if (times.To <= times.From)
                issues.Add(SlipAt(number + timing, block[timing], "an end that is later than its begin"));
            else if (Plain(block.Skip(timing + 1)) is { Length: > 0 } words)
                found.Add(new(times.From, times.To, words.Length > LongestText ? words[..LongestText] : words));
        }
        return issues.Count > 0 ? Checked.No<IReadOnlyList<TimedLine>>(issues) : Checked.Yes<IReadOnlyList<TimedLine>>(found);
    }

    public static string Write(IEnumerable<TimedLine> captions)
    {
        ArgumentNullException.ThrowIfNull(captions);
        var written = new StringBuilder("WEBVTT\n");
        foreach (var c in captions)
            written.Append(
                CultureInfo.InvariantCulture,
                $"\n{Time(c.FromSeconds)} {Arrow} {Time(Math.Max(c.ToSeconds, c.FromSeconds + 0.001))}\n{Escaped(c.Text)}\n"
            );
        return written.ToString();
    }

    /// <summary>Blocks of lines between empty ones, each with the number of its first line.</summary>
    private static IEnumerable<(List<string> Block, int Number)> Blocks(string[] lines)
    {
        var block = new List<string>();
        for (var i = 1; i <= lines.Length; i++)
        {
            if (i < lines.Length && lines[i].Length > 0)
            {
                block.Add(lines[i]);
                continue;
            }
            if (block.Count > 0)
                yield return (block, i - block.Count + 1);
            block = [];
        }
    }

    private static (double From, double To)? TimesOf(string line) =>
        Times().Match(line) is { Success: true } m && Seconds(m.Groups["from"].Value) is { } from && Seconds(m.Groups["to"].Value) is { } to
            ? (from, to)
            : null;

    private static double? Seconds(string time)
    {
        var parts = time.Split(':').Select(p => double.Parse(p, CultureInfo.InvariantCulture)).ToArray();
        var (hours, minutes, seconds) = parts.Length == 3 ? (parts[0], parts[1], parts[2]) : (0, parts[0], parts[1]);
        return minutes < 60 && seconds < 60 && hours < 24 ? (hours * 3600) + (minutes * 60) + seconds : null;
    }

    private static string Time(double seconds)
    {
        var ms = (long)Math.Round(Math.Max(0, seconds) * 1000);
        return string.Create(CultureInfo.InvariantCulture, $"{ms / 3600_000:00}:{ms / 60_000 % 60:00}:{ms / 1000 % 60:00}.{ms % 1000:000}");
    }

    private static string Plain(IEnumerable<string> lines) =>
        WebUtility.HtmlDecode(Tag().Replace(string.Join(' ', lines.Select(l => l.Trim())), "")).Trim();

    /// <summary>An arrow or an empty line inside a caption would end it.</summary>
    private static string Escaped(string text) =>
        string.Join(' ', text.Split('\n', '\r').Where(l => l.Trim().Length > 0))
            .Replace("&", "&amp;", StringComparison.Ordinal)
            .Replace("<", "&lt;", StringComparison.Ordinal)
            .Replace(">", "&gt;", StringComparison.Ordinal);

    private static Checked<IReadOnlyList<TimedLine>> Slip(int line, string got, string wanted) =>
        Checked.No<IReadOnlyList<TimedLine>>(SlipAt(line, got, wanted));

    private static Issue SlipAt(int line, string got, string wanted) =>
        new($"line {line}", IssueCodes.Unreadable, got.Length > 60 ? got[..60] + "…" : got, wanted);

    [GeneratedRegex(@"^WEBVTT(?:[ \t].*)?$")]
    private static partial Regex Signature();

    [GeneratedRegex(
        @"^[ \t]*(?<from>(?:[0-9]{2,}:)?[0-9]{2}:[0-9]{2}\.[0-9]{3})[ \t]*-->[ "
            + @"\t]*(?<to>(?:[0-9]{2,}:)?[0-9]{2}:[0-9]{2}\.[0-9]{3})(?:[ \t].*)?$"
    )]
    private static partial Regex Times();

    [GeneratedRegex("<[^>]*>")]
    private static partial Regex Tag();
}
