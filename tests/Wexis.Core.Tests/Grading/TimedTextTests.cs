using FsCheck.Xunit;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Grading;

/// <summary>
/// WebVTT as the W3C's “WebVTT: The Web Video Text Tracks Format” writes it. The forms below are those of the standard's own examples (from
/// memory: hours left out, a cue's name, settings, voices, a comment, a style), the words are ours.
/// </summary>
public class TimedTextTests
{
    [Fact]
    public void The_standards_forms_are_read()
    {
        var read = TimedText.Read(
            """
            WEBVTT - what was seen
            Kind: captions

            STYLE
            ::cue { color: lime }

            NOTE a comment, with nothing to read

            first
            00:11.000 --> 00:13.000 align:start line:0%
            <v The trainer>Shoulders <b>up</b> &amp; back

            100:00:20.500 --> 100:00:21.000
            """.Replace("100:00", "10:00", StringComparison.Ordinal) + "\nover two\nlines\n"
        );
        read.Issues.ShouldBeEmpty();
        read.Value.ShouldBe([
            new TimedLine(11, 13, "Shoulders up & back"),
            new TimedLine((10 * 3600) + 20.5, (10 * 3600) + 21, "over two lines"),
        ]);
    }

    [Theory]
    [InlineData("\uFEFFWEBVTT\n\n00:00.000 --> 00:01.000\nx", 1)]
    [InlineData("WEBVTT\r\n\r\n00:00.000 --> 00:01.000\r\nx\r\n\r\n00:02.000 --> 00:03.000\r\ny", 2)]
    [InlineData("WEBVTT", 0)]
    [InlineData("WEBVTT\n\nNOTE\nhere is no caption", 0)]
    public void Marks_line_ends_and_comments_make_no_difference(string file, int captions) =>
        TimedText.Read(file).Value!.Count.ShouldBe(captions);

    [Theory]
    [InlineData("", "line 1")]
    [InlineData("WEBVTTX", "line 1")]
    [InlineData("1\n00:00:01,000 --> 00:00:02,000\nx", "line 1")]
    [InlineData("WEBVTT\n\n00:01 --> 00:02.000\nx", "line 3")]
    [InlineData("WEBVTT\n\na\n00:61.000 --> 00:62.000\nx", "line 4")]
    [InlineData("WEBVTT\n\n00:05.000 --> 00:04.000\nx", "line 3")]
    [InlineData("WEBVTT\n\n00:01.000 --> 00:02.000\nx\n\n0:03.000 --> 00:04.000\ny", "line 6")]
    [InlineData("WEBVTT\n\n99:00:00.000 --> 99:00:01.000\nx", "line 3")]
    public void A_broken_file_is_refused_at_its_line_and_nothing_of_it_is_taken(string file, string at)
    {
        var read = TimedText.Read(file);
        read.Value.ShouldBeNull();
        read.Issues.Single().Path.ShouldBe(at);
    }

    [Property]
    public bool What_is_written_is_read_again((uint From, ushort Long, string Text)[] given)
    {
        var lines = given
            .Select(g => new TimedLine(
                g.From % 80_000_000 / 1000.0,
                ((g.From % 80_000_000) + g.Long + 1) / 1000.0,
                string.Join(
                    ' ',
                    new string([.. (g.Text ?? "").Where(c => !char.IsControl(c) && !char.IsSurrogate(c))]).Split(
                        (char[]?)null,
                        StringSplitOptions.RemoveEmptyEntries
                    )
                )
            ))
            .Where(l => l.Text.Length is > 0 and < 400)
            .ToList();
        var read = TimedText.Read(TimedText.Write(lines));
        return read.Issues.Count == 0
            && read.Value!.Count == lines.Count
            && read.Value.Zip(lines).All(p => p.First.Text == p.Second.Text && Math.Abs(p.First.FromSeconds - p.Second.FromSeconds) < 1e-6);
    }

    [Property]
    public bool Any_text_is_read_or_refused_and_never_breaks(string text)
    {
        var read = TimedText.Read("WEBVTT\n\n" + text);
        return read.Value is null != (read.Issues.Count == 0);
    }

    [Fact]
    public void Marks_become_captions_at_their_seconds()
    {
        var sheet = Examinations.MarkSheetDraftTests.Sheet(A.Act("smile-closed"));
        var side = sheet.Steps[0].Columns[0];
        var n = 0;
        MarkEvent At(MarkKind kind, double second, string? target = null, double? value = null, string? note = null, MarkId? id = null) =>
            new(id ?? MarkId.New(), kind, "d", n++, (long)(second * 1000), 0, side, target, value, note, n);
        var stamp = MarkId.New();
        var captions = MarkCaptions.Of(
            [
                At(MarkKind.Rep, 1),
                At(MarkKind.Press, 3),
                At(MarkKind.Release, 8),
                At(MarkKind.Fault, 4, "brow", id: stamp),
                At(MarkKind.Mended, 6.5, $"{stamp}"),
                At(MarkKind.Said, 9, "warmth", 6),
                At(MarkKind.Note, 2, note: "looks down"),
            ],
            sheet
        );
        captions
            .Select(c => (c.FromSeconds, c.Text))
            .ShouldBe([
                (1.0, "1"),
                (2.0, "looks down"),
                (3.0, "hold 1"),
                (4.0, "fault: brow joins in (mended after 2.5 s)"),
                (9.0, "trainee says: warmth 6 of 10"),
            ]);
        captions[2].ToSeconds.ShouldBe(8);
    }
}
