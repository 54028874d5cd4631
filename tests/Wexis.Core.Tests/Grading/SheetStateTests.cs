using System.Text.Json;
using FsCheck.Xunit;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Grading;

/// <summary>The fold of marks, by laws and by the shared cases that hold the browser's own fold to the same answer.</summary>
public class SheetStateTests
{
    private sealed record ExpectedTrack(int Step, string Side, int Taps, double[] Holds, double Tallied = 0, double TalliedSeconds = 0);

    private sealed record Expected(
        ExpectedTrack[] Tracks,
        Dictionary<string, double> Marks,
        Dictionary<string, int> Faults,
        string[] Critical,
        bool Started,
        bool Stopped,
        Dictionary<string, string>? Whys = null,
        Dictionary<string, double>? Felt = null,
        double? CaughtAfterMs = null,
        double[]? MendedAfterMs = null
    );

    private sealed record Case(string Why, MarkEvent[] Events, Expected Expect);

    public static TheoryData<string> Cases =>
        [
            .. Directory
                .GetFiles(Path.Combine(Reference.DataFolder, "..", "tests", "cases", "sheet-state"), "*.json")
                .Select(f => Path.GetFileName(f)!)
                .Order(StringComparer.Ordinal),
        ];

    [Theory, MemberData(nameof(Cases))]
    public void A_shared_case_folds_as_it_says(string file)
    {
        var given = JsonSerializer.Deserialize<Case>(
            File.ReadAllText(Path.Combine(Reference.DataFolder, "..", "tests", "cases", "sheet-state", file)),
            ExchangeJson.Options
        )!;
        var state = SheetState.Of(given.Events);
        state
            .Tracks.Select(t =>
                $"{t.Step} {t.Side.Word()} {t.TapSeconds.Count} {string.Join(",", t.Holds.Select(h => h.Seconds))} {t.Tallied} "
                + $"{t.TalliedSeconds}"
            )
            .ShouldBe(
                given.Expect.Tracks.Select(t => $"{t.Step} {t.Side} {t.Taps} {string.Join(",", t.Holds)} {t.Tallied} {t.TalliedSeconds}"),
                ignoreOrder: true,
                customMessage: given.Why
            );
        state.Marks.ShouldBe(given.Expect.Marks, ignoreOrder: true);
        state.Faults.GroupBy(f => f.Fault).ToDictionary(g => g.Key, g => g.Count()).ShouldBe(given.Expect.Faults, ignoreOrder: true);
        state.CriticalActs.ShouldBe(given.Expect.Critical);
        (state.Started, state.Stopped).ShouldBe((given.Expect.Started, given.Expect.Stopped));
        state.Whys.ShouldBe(given.Expect.Whys ?? [], ignoreOrder: true);
        state
            .Felt.GroupBy(f => f.Feeling.Word())
            .ToDictionary(g => g.Key, g => g.Last().Value)
            .ShouldBe(given.Expect.Felt ?? [], ignoreOrder: true);
        (state.CaughtAfter * 1000).ShouldBe(given.Expect.CaughtAfterMs);
        state
            .Faults.Select(f => f.MendedAfter * 1000)
            .Where(m => m is not null)
            .ShouldBe((given.Expect.MendedAfterMs ?? []).Cast<double?>());
    }

    private static MarkEvent[] Some(byte[]? kinds)
    {
        string[] all = ["start", "rep", "press", "release", "mark", "fault", "stop", "undo"];
        var events = new List<MarkEvent>();
        foreach (var (k, i) in (kinds ?? []).Take(60).Select((k, i) => (k, i)))
        {
            var kind = all[k % all.Length];
            var target = kind switch
            {
                "undo" => events.Count > 0 ? events[k % events.Count].Id.ToString() : Guid.Empty.ToString(),
                "mark" => "posture",
                "fault" => "drag",
                _ => null,
            };
            events.Add(
                new(
                    MarkId.From(new(i + 1, (short)k, 0, new byte[8])),
                    ClosedList.In<MarkKind>(kind),
                    "d",
                    i,
                    i * 700L,
                    0,
                    Side.Left,
                    target,
                    kind == "mark" ? k % 4 : null,
                    null,
                    i + 1
                )
            );
        }
        return [.. events];
    }

    private static string Print(SheetState s) => ExchangeJson.Write(s);

    [Property]
    public bool Folding_is_unmoved_by_repeats(byte[] kinds) =>
        Print(SheetState.Of(Some(kinds))) == Print(SheetState.Of([.. Some(kinds), .. Some(kinds)]));

    [Property]
    public bool Folding_is_unmoved_by_the_order_of_arrival_within_a_device(byte[] kinds)
    {
        var events = Some(kinds).Where(e => e.Kind != MarkKind.Undo).ToArray();
        return Print(SheetState.Of(events)) == Print(SheetState.Of([.. events.Reverse()]));
    }

    [Property]
    public bool Undoing_everything_gives_an_empty_sheet(byte[] kinds)
    {
        var events = Some(kinds).Where(e => e.Kind != MarkKind.Undo).ToList();
        var undos = events
            .Select(
                (e, i) =>
                    new MarkEvent(MarkId.New(), MarkKind.Undo, "d", 1000 + i, 99_000, null, null, e.Id.ToString(), null, null, 1000 + i)
            )
            .ToList();
        var state = SheetState.Of([.. events, .. undos]);
        return state.Tracks.Count == 0 && state.Marks.Count == 0 && state.Faults.Count == 0 && !state.Started && !state.Stopped;
    }
}
