using System.Text;

namespace Wexis.Cli;

/// <summary>A file of text, read whole, or the reason in one sentence why it cannot be.</summary>
internal static class TextFile
{
    private const long MostBytes = 64 * 1024 * 1024;
    private static readonly UTF8Encoding Strict = new(encoderShouldEmitUTF8Identifier: false, throwOnInvalidBytes: true);

    public static (string? Text, string? Error) Read(FileInfo file)
    {
        if (!file.Exists)
            return (null, $"{file.FullName}: there is no such file.");
        if (file.Length > MostBytes)
            return (null, $"{file.Name}: {file.Length / 1024 / 1024} MB; at most {MostBytes / 1024 / 1024} MB can be read.");
        try
        {
            var text = Strict.GetString(File.ReadAllBytes(file.FullName)).TrimStart('\uFEFF');
            return
                text.FirstOrDefault(c => char.IsControl(c) && c is not ('\n' or '\r' or '\t')) is var odd && odd != default
                || text.Contains('\0', StringComparison.Ordinal)
                ? (null, $"{file.Name}: this is not text (a control character stands in it).")
                : (text, null);
        }
        catch (DecoderFallbackException)
        {
            return (null, $"{file.Name}: this is not text in UTF-8.");
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return (null, $"{file.Name}: it cannot be read ({e.Message}).");
        }
    }
}
