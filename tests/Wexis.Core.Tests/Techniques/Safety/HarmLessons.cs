using System.Globalization;
using Microsoft.ML;
using Microsoft.ML.Data;
using Microsoft.ML.Trainers;
using Wexis.Core.Techniques.Safety;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// How the weights of <see cref="HarmLikeness"/> are learned: logistic regression of a general-purpose library over the lines of
/// <c>tests/cases/said</c>. The product itself only adds weights.
/// </summary>
internal static class HarmLessons
{
    /// <summary>Smaller weights change no verdict and are left out.</summary>
    private const double Least = 0.12;

    private sealed class Row
    {
        public bool Label { get; set; }
        public VBuffer<float> Features { get; set; }
    }

    /// <param name="lines">Sentences, and whether each teaches a harm.</param>
    public static IReadOnlyDictionary<string, double> Learn(IEnumerable<(string Sentence, bool Harms)> lines)
    {
        var ids = new Dictionary<string, int>(StringComparer.Ordinal);
        var read = lines
            .Select(l =>
                (
                    l.Harms,
                    Features: HarmLikeness
                        .Features(l.Sentence)
                        .Select(f => ids.TryGetValue(f, out var id) ? id : ids[f] = ids.Count)
                        .Order()
                        .ToArray()
                )
            )
            .ToList();
        var schema = SchemaDefinition.Create(typeof(Row));
        schema[nameof(Row.Features)].ColumnType = new VectorDataViewType(NumberDataViewType.Single, ids.Count);
        var ml = new MLContext(seed: 1);
        var rows = read.Select(r => new Row
        {
            Label = r.Harms,
            Features = new(ids.Count, r.Features.Length, [.. Enumerable.Repeat(1f, r.Features.Length)], r.Features),
        });
        var learned = ml
            .BinaryClassification.Trainers.LbfgsLogisticRegression(
                new LbfgsLogisticRegressionBinaryTrainer.Options
                {
                    L1Regularization = 0,
                    L2Regularization = 0.1f,
                    NumberOfThreads = 1,
                    OptimizationTolerance = 1e-6f,
                }
            )
            .Fit(ml.Data.LoadFromEnumerable(rows, schema))
            .Model.SubModel;
        var weights = ids.ToDictionary(i => i.Key, i => (double)learned.Weights[i.Value], StringComparer.Ordinal);
        weights["bias"] += learned.Bias;
        return weights.Where(w => Math.Abs(w.Value) >= Least).ToDictionary(w => w.Key, w => Math.Round(w.Value, 2), StringComparer.Ordinal);
    }

    public static double Sum(IReadOnlyDictionary<string, double> weights, string sentence) =>
        HarmLikeness.Features(sentence).Sum(f => weights.GetValueOrDefault(f));

    public static string Written(IReadOnlyDictionary<string, double> weights) =>
        string.Concat(
            weights
                .OrderBy(w => w.Key, StringComparer.Ordinal)
                .Select(w => string.Create(CultureInfo.InvariantCulture, $"{w.Key}\t{w.Value:0.##}\n"))
        );
}
