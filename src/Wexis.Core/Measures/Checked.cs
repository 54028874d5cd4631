namespace Wexis.Core.Measures;

/// <summary>One thing that is wrong with what was given: where, which kind, what was met, what is allowed.</summary>
/// <param name="Path">Field in the exchange's spelling, for example <c>steps[1].dose.line</c>.</param>
/// <param name="Code">The kind of slip: <see cref="IssueCodes"/>.</param>
/// <param name="Got">What stood there, as text; empty when nothing did.</param>
/// <param name="Allowed">What may stand there, in words.</param>
public sealed record Issue(
    string Path,
    [property: OneOf(
        IssueCodes.Missing,
        IssueCodes.Unknown,
        IssueCodes.OutOfRange,
        IssueCodes.NotInOrder,
        IssueCodes.Contradiction,
        IssueCodes.TooLong,
        IssueCodes.Taken,
        IssueCodes.Unreadable
    )]
        string Code,
    string Got,
    string Allowed
)
{
    /// <summary>The sentence a person reads. Made in one place: <see cref="IssueText"/>.</summary>
    public string Text => IssueText.Of(this);
}

/// <summary>A whole thing, or everything that is wrong with what was given for it; never both.</summary>
public sealed record Checked<T>(T? Value, IReadOnlyList<Issue> Issues)
    where T : class;

/// <summary>Makes a <see cref="Checked{T}"/>.</summary>
public static class Checked
{
    public static Checked<T> Yes<T>(T value)
        where T : class => new(value, []);

    public static Checked<T> No<T>(params IReadOnlyList<Issue> issues)
        where T : class => new(null, issues);
}

/// <summary>The kinds of slip a person can make. The one list of codes.</summary>
public static class IssueCodes
{
    public const string Missing = "missing";
    public const string Unknown = "unknown-word";
    public const string OutOfRange = "out-of-range";
    public const string NotInOrder = "not-in-order";
    public const string Contradiction = "contradiction";
    public const string TooLong = "too-long";
    public const string Taken = "taken";
    public const string Unreadable = "unreadable";
}

/// <summary>Words an <see cref="Issue"/>: what was met, what is allowed.</summary>
public static class IssueText
{
    public static string Of(Issue issue) =>
        issue.Code switch
        {
            IssueCodes.Missing => $"{issue.Path}: nothing is given. Needed: {issue.Allowed}.",
            IssueCodes.Unknown => $"{issue.Path}: “{issue.Got}” is not known. Allowed: {issue.Allowed}.",
            IssueCodes.OutOfRange => $"{issue.Path}: {issue.Got} is outside {issue.Allowed}.",
            IssueCodes.NotInOrder => $"{issue.Path}: {issue.Got} is out of order. Expected {issue.Allowed}.",
            IssueCodes.Contradiction => $"{issue.Path}: {issue.Got} does not go together with {issue.Allowed}.",
            IssueCodes.TooLong => $"{issue.Path}: {issue.Got} characters. At most {issue.Allowed}.",
            IssueCodes.Taken => $"{issue.Path}: “{issue.Got}” is taken. {issue.Allowed}.",
            IssueCodes.Unreadable => $"{issue.Path}: “{issue.Got}” cannot be read. Expected {issue.Allowed}.",
            _ => throw new ArgumentOutOfRangeException(nameof(issue), issue.Code, "This code is not in IssueCodes."),
        };
}

/// <summary>The small checks from which validators are made. Each gives no issue or one.</summary>
public static class Check
{
    public static Issue? Between(double? value, double min, double max, string path, string unit = "") =>
        value is { } v && (double.IsNaN(v) || v < min || v > max)
            ? new(path, IssueCodes.OutOfRange, Number(v) + Unit(unit), $"{Number(min)} to {Number(max)}{Unit(unit)}")
            : null;

    public static Issue? OneOf(string? value, IEnumerable<string> allowed, string path)
    {
        if (value is null)
            return null;
        var list = allowed as IReadOnlyCollection<string> ?? [.. allowed];
        return list.Contains(value) ? null : new(path, IssueCodes.Unknown, value, Words(list));
    }

    public static Issue? Given(string? value, string path, string what) =>
        string.IsNullOrWhiteSpace(value) ? new(path, IssueCodes.Missing, "", what) : null;

    public static Issue? NoLongerThan(string? value, int max, string path) =>
        value?.Length > max ? new(path, IssueCodes.TooLong, $"{value.Length}", $"{max}") : null;

    private static string Unit(string unit) => unit.Length == 0 ? "" : " " + unit;

    private static string Number(double v) => v.ToString("0.###", System.Globalization.CultureInfo.InvariantCulture);

    private static string Words(IReadOnlyCollection<string> list) =>
        list.Count <= 12 ? string.Join(", ", list) : string.Join(", ", list.Take(10)) + $" … ({list.Count} in all)";
}
