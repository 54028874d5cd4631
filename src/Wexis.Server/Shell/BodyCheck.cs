using System.Collections;
using System.Collections.Concurrent;
using System.Reflection;
using System.Text.Json;
using Wexis.Core.Measures;

namespace Wexis.Server.Shell;

/// <summary>
/// Before an endpoint runs: what the contract calls required is there, and no text holds U+0000, which no database text may.
/// Every slip is named with its field, in the spelling of the contract.
/// </summary>
public sealed class BodyCheck : IEndpointFilter
{
    private static readonly ConcurrentDictionary<Type, IReadOnlyList<Part>> Parts = new();
    private static readonly ConcurrentDictionary<Type, bool> Documents = new();

    private sealed record Part(string Name, PropertyInfo Property, NullabilityInfo Nullability);

    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        ArgumentNullException.ThrowIfNull(context);
        ArgumentNullException.ThrowIfNull(next);
        var services = context.HttpContext.RequestServices.GetRequiredService<IServiceProviderIsService>();
        var issues = context
            .Arguments.OfType<object>()
            .Where(a => IsDocument(a.GetType()) && !services.IsService(a.GetType()))
            .SelectMany(a => Issues(a, null, ""))
            .ToList();
        return issues.Count > 0 ? Problems.Of(issues, "What was sent cannot be read. Nothing was changed.") : await next(context);
    }

    /// <summary>Records of the exchange; not the services that an endpoint is given beside them.</summary>
    private static bool IsDocument(Type type) =>
        Documents.GetOrAdd(type, static type =>
            type.Namespace?.StartsWith("Wexis", StringComparison.Ordinal) == true && type.IsClass && type.GetMethod("<Clone>$") is not null
        );

    private static IEnumerable<Issue> Issues(object value, NullabilityInfo? nullability, string path)
    {
        if (value is IIdentifier id)
            return id.IsSet ? [] : [new(path, IssueCodes.Missing, "", "what the contract describes")];
        if (value is string text)
            return text.Contains('\0', StringComparison.Ordinal)
                ? [new(path, IssueCodes.Unreadable, text.Replace("\0", "␀", StringComparison.Ordinal), "text without U+0000")]
                : [];
        if (value is IDictionary named)
            return named.Keys.Cast<object>().SelectMany(key => named[key] is { } inner ? Issues(inner, null, $"{path}.{key}") : []);
        if (value is IEnumerable many)
        {
            var element = nullability?.ElementType ?? nullability?.GenericTypeArguments.FirstOrDefault();
            return many.Cast<object?>().SelectMany((inner, i) => Inner(inner, element, $"{path}[{i}]"));
        }
        return IsDocument(value.GetType())
            ? PartsOf(value.GetType())
                .SelectMany(p => Inner(p.Property.GetValue(value), p.Nullability, path.Length == 0 ? p.Name : $"{path}.{p.Name}"))
            : [];
    }

    private static IEnumerable<Issue> Inner(object? value, NullabilityInfo? nullability, string path) =>
        value is not null ? Issues(value, nullability, path)
        : nullability?.WriteState == NullabilityState.NotNull ? [new(path, IssueCodes.Missing, "", "what the contract describes")]
        : [];

    /// <summary>What a record is made of: the properties that its constructor takes, not what it works out from them.</summary>
    private static IReadOnlyList<Part> PartsOf(Type type) => Parts.GetOrAdd(type, static t =>
        {
            var context = new NullabilityInfoContext();
            var made = t.GetConstructors()
                .MaxBy(c => c.GetParameters().Length)
                ?.GetParameters()
                .Select(p => p.Name)
                .ToHashSet(StringComparer.Ordinal)
                ?? [];
            return
            [
                .. t.GetProperties()
                    .Where(p => made.Contains(p.Name))
                    .Select(p => new Part(JsonNamingPolicy.SnakeCaseLower.ConvertName(p.Name), p, context.Create(p))),
            ];
        });
}
