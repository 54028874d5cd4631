using BenchmarkDotNet.Attributes;
using Wexis.Core.Anatomy;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Benchmarks;

/// <summary>
/// What a trainer waits for, in the core alone. Ratios are against the folding of one demonstration, measured in the same run.
/// </summary>
[ShortRunJob]
[MemoryDiagnoser]
public class CoreBenchmarks
{
    private readonly Atlas _atlas;
    private readonly ActionModel _model;
    private readonly TechniqueDocument _technique;
    private readonly TechniqueDocument _one;
    private readonly MarkSheet _sheet;
    private readonly MarkEvent[] _events;
    private readonly ShelvedTechnique[] _library;
    private readonly StrokeDrawing _drawn = new([
        .. Enumerable.Range(0, 60).Select(i => new FacePoint(0.4 + (i * 0.01), -1.06 + (i * 0.012))),
    ]);

    private static readonly string TenSteps = string.Join(
        '\n',
        Enumerable
            .Range(1, 10)
            .Select(i =>
                $"{i}. Stroke from the chin along the jaw to the ear with {(i % 2 == 0 ? "two fingers" : "the knuckles")}, {i + 4} times."
            )
    );

    private static readonly string OneSentence = string.Concat(
        Enumerable.Repeat("air moves round, eyes look up, tongue out and the head goes back, ", 320)
    )[..20_000];

    public CoreBenchmarks()
    {
        var data = Path.Combine(
            Environment.GetEnvironmentVariable("WEXIS_ROOT")
                ?? throw new InvalidOperationException("WEXIS_ROOT is not set. Run ./wexis bench."),
            "data",
            "anatomy"
        );
        _atlas = Atlas.Read(File.ReadAllText(Path.Combine(data, "anatomy.json")));
        _model = ActionModel.Read(File.ReadAllText(Path.Combine(data, "action-rules.json")), _atlas);
        var dose = new Dose("3 / 5 / 8, each side", null, null, null, [], null, null, null, null, null, null, null, null, null);
        var glide = new Step(
            [],
            [
                new(
                    "right",
                    "work",
                    "stroke",
                    "three-fingers",
                    null,
                    null,
                    [],
                    [],
                    [new("alare", null, null, null), new("zygoma_prominence", null, null, null), new("ear_front", null, null, null)],
                    "front",
                    null,
                    null,
                    3,
                    "in",
                    true,
                    "slip",
                    "one-then-other",
                    null
                ),
            ],
            null,
            null,
            ["jaw"],
            dose,
            null,
            null,
            null,
            null,
            null
        );
        var gaze = new Step(
            [new("gaze-updown", "both", "moderate", "none", null, null, [], null, null, null, null, null)],
            [],
            null,
            null,
            ["brow", "head"],
            dose with
            {
                Line = "5",
            },
            null,
            null,
            null,
            null,
            null
        );
        _technique = TechniqueDocument.Empty with { Name = "A technique of six steps", Steps = [glide, gaze, glide, gaze, glide, gaze] };
        _one = _technique with
        {
            Steps = [glide, gaze],
            Claims =
            [
                new("strengthens the cheek muscle", null, null, null),
                new("drains the face", null, null, null),
                new("removes wrinkles", null, null, null),
            ],
        };
        _sheet = MarkSheetDraft.Of("t", 1, _technique, Derive(), _atlas, _model, HouseSettings.Default);
        var shipped = TechniqueFile
            .Read(File.ReadAllText(Path.Combine(data, "..", "library", "techniques.json")), _atlas, _model)
            .Techniques.Select(t =>
                (
                    t.Document,
                    Brief: TechniqueBrief.Of(t.Document, Derivation.Of(t.Document, _atlas, _model, HouseSettings.Default), "bench", _atlas)
                )
            )
            .ToList();
        _library =
        [
            .. Enumerable
                .Range(0, 2000)
                .Select(i => (i, t: shipped[i % shipped.Count]))
                .Select(x => new ShelvedTechnique(
                    $"{x.i}",
                    $"{x.t.Document.Name} {x.i}",
                    x.t.Document.Region,
                    x.t.Document.School,
                    EditionStanding.Complete,
                    x.t.Brief with
                    {
                        Marks = [.. x.t.Brief.Marks, $"own {x.i}", $"own {x.i % 7}"],
                    }
                )),
        ];
        _events =
        [
            .. Enumerable
                .Range(0, 300)
                .Select(i => new MarkEvent(
                    MarkId.From(new(i + 1, 0, 0, new byte[8])),
                    MarkKind.Rep,
                    "d",
                    i,
                    i * 900L,
                    0,
                    i % 2 == 0 ? Side.Left : Side.Right,
                    null,
                    null,
                    null,
                    i + 1
                )),
        ];
    }

    [Benchmark(Description = "derive six steps: map, dose, safety, exclusions")]
    public Derivation Derive() => Derivation.Of(_technique, _atlas, _model, HouseSettings.Default);

    [Benchmark(Description = "derive one technique of two steps with three claims")]
    public Derivation DeriveOne() => Derivation.Of(_one, _atlas, _model, HouseSettings.Default);

    [Benchmark(Description = "review a library of 2,000: duplicates, conflicts, lacks")]
    public LibraryReview ReviewLibrary() => LibraryReview.Of(_library, _atlas);

    [Benchmark(Description = "read a drawn stroke of 60 places")]
    public object? ReadStroke() => StrokeReading.Of(_drawn, _atlas, HouseSettings.Default).Value;

    [Benchmark(Description = "read old notes of ten steps")]
    public object? ReadNotes() => OldNotes.Read(TenSteps, _atlas, HouseSettings.Default).Value;

    /// <summary>What notes look back for is bounded (decision 20): where it is not, this takes minutes.</summary>
    [Benchmark(Description = "read one sentence of 20,000 letters")]
    public object? ReadOneLongSentence() => OldNotes.Read(OneSentence, _atlas, HouseSettings.Default).Value;

    [Benchmark(Description = "draft a mark sheet of six steps")]
    public MarkSheet Draft() => MarkSheetDraft.Of("t", 1, _technique, Derive(), _atlas, _model, HouseSettings.Default);

    [Benchmark(Description = "fold and score 300 marks", Baseline = true)]
    public Score Grade() => Score.Of(SheetState.Of(_events), _sheet, HouseSettings.Default);
}
