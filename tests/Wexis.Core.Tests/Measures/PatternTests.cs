using System.Collections;
using System.Reflection;
using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Measures;

/// <summary>
/// No pattern of the core waits for a clock, and none runs away: each is run on hostile texts as long as any that it may be given. The
/// limit here
/// is a net for a runaway pattern, a thousand times what any of them takes; it judges no pace.
/// </summary>
public class PatternTests
{
    private static readonly string[] Hostile =
    [
        new('a', 2000),
        new(' ', 2000),
        new('1', 2000),
        string.Concat(Enumerable.Repeat("1 ", 1000)),
        string.Concat(Enumerable.Repeat("1-", 1000)),
        string.Concat(Enumerable.Repeat("press ", 350)),
        string.Concat(Enumerable.Repeat("the your ", 220)),
        string.Concat(Enumerable.Repeat("until not ", 200)),
        string.Concat(Enumerable.Repeat("left right ", 180)),
        string.Concat(Enumerable.Repeat("hold your breath ", 120)),
        string.Concat(Enumerable.Repeat("slow deep calm ", 130)) + "times",
        string.Concat(Enumerable.Repeat("3 x 10 / ", 220)),
        string.Concat(Enumerable.Repeat("a-b's, ", 280)),
        "eye" + new string(' ', 1900) + "ball",
    ];

    [Fact]
    public void No_pattern_has_a_limit_by_the_clock() =>
        Patterns().Where(p => p.Pattern.MatchTimeout != Regex.InfiniteMatchTimeout).Select(p => p.Name).ShouldBeEmpty();

    [Fact]
    public void No_pattern_runs_away_on_a_hostile_text()
    {
        var all = Patterns();
        all.Count.ShouldBeGreaterThan(250);
        foreach (var (name, pattern) in all)
        {
            var watched = new Regex(pattern.ToString(), pattern.Options, TimeSpan.FromSeconds(30));
            foreach (var text in Hostile)
                Should.NotThrow(() => watched.Count(text), name);
        }
    }

    /// <summary>Every pattern that a type of the core makes: by a method without parameters, or in a static table.</summary>
    private static List<(string Name, Regex Pattern)> Patterns()
    {
        var found = new List<(string, Regex)>();
        foreach (var type in typeof(TechniqueDocument).Assembly.GetTypes().Where(t => !t.ContainsGenericParameters))
        {
            foreach (
                var method in type.GetMethods(
                        BindingFlags.NonPublic | BindingFlags.Public | BindingFlags.Static | BindingFlags.DeclaredOnly
                    )
                    .Where(m => m.ReturnType == typeof(Regex) && m.GetParameters().Length == 0)
            )
                found.Add(($"{type.Name}.{method.Name}", (Regex)method.Invoke(null, null)!));
            if (type.Namespace?.StartsWith("Wexis", StringComparison.Ordinal) != true)
                continue;
            foreach (
                var field in type.GetFields(BindingFlags.NonPublic | BindingFlags.Public | BindingFlags.Static | BindingFlags.DeclaredOnly)
                    .Where(f => !f.IsLiteral)
            )
                Walk(field.GetValue(null), $"{type.Name}.{field.Name}", 0);
        }
        return found;

        void Walk(object? value, string name, int depth)
        {
            if (value is Regex pattern)
                found.Add((name, pattern));
            else if (depth < 5 && value is IEnumerable list and not string)
                foreach (var item in list)
                    Walk(item, name, depth + 1);
            else if (
                depth < 5
                && value is not null and not string
                && value.GetType() is { IsPrimitive: false } type
                && (
                    type.FullName?.StartsWith("System.ValueTuple", StringComparison.Ordinal) == true
                    || type.Name.StartsWith("KeyValuePair", StringComparison.Ordinal)
                    || type.Namespace == typeof(TechniqueDocument).Namespace && type.IsNested
                )
            )
            {
                foreach (var field in type.GetFields(BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.Instance))
                    Walk(field.GetValue(value), name, depth + 1);
            }
        }
    }
}
