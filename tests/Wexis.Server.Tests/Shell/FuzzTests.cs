using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Wexis.Server.Shell;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Shell;

/// <summary>
/// Every endpoint of the contract under requests made from it and then broken: nulls, other types, long texts, odd numbers, things left
/// out. None
/// answers 5xx and none hangs. Seeded; short in the tests, 4,000 requests in <c>./wexis drill</c>.
/// </summary>
[Trait("category", "drill")]
public class FuzzTests
{
    private static readonly int Requests = Environment.GetEnvironmentVariable("WEXIS_DRILL") == "long" ? 4000 : 400;
    private static readonly JsonObject Contract = JsonNode
        .Parse(File.ReadAllText(Path.Combine(House.Root, "web", "src", "contract", "api.json")))!
        .AsObject();

    [Fact]
    public async Task No_endpoint_breaks_or_hangs_whatever_is_sent()
    {
        await using var house = await House.Open(demo: true);
        using var lead = await house.Visit().SignIn("maren");
        var random = new Random(99);
        var operations = Contract["paths"]!
            .AsObject()
            .SelectMany(p =>
                p.Value!.AsObject()
                    .Where(o => o.Key is "get" or "post" or "put" or "delete")
                    .Select(o => (Path: p.Key, Method: o.Key.ToUpperInvariant(), Operation: o.Value!.AsObject()))
            )
            // Signing out and signing in would only end the test's own session.
            .Where(o => o.Path is not "/api/session")
            .ToList();
        var broken = new List<string>();
        var known = await Ids(lead);
        for (var i = 0; i < Requests; i++)
        {
            var (path, method, operation) = operations[random.Next(operations.Count)];
            while (path.Contains('{', StringComparison.Ordinal))
                path = path[..path.IndexOf('{')] + known[random.Next(known.Count)] + path[(path.IndexOf('}') + 1)..];
            var schema = operation["requestBody"]?["content"]?["application/json"]?["schema"];
            var body = schema is null ? null : Breakage(Make(schema, random, 0), random);
            using var request = new HttpRequestMessage(new HttpMethod(method), path);
            if (schema is not null)
                request.Content = new StringContent(body?.ToJsonString() ?? "null", Encoding.UTF8, "application/json");
            using var answer = await lead.Send(request).WaitAsync(TimeSpan.FromSeconds(30), TestContext.Current.CancellationToken);
            if ((int)answer.StatusCode >= 500)
                broken.Add(
                    $"{(int)answer.StatusCode} {method} {path} "
                        + $"{(body?.ToJsonString() is { } text ? text[..Math.Min(400, text.Length)] : "")}"
                );
        }
        broken.ShouldBeEmpty();
    }

    [Fact]
    public async Task What_is_too_much_at_once_is_refused_with_the_limit()
    {
        await using var house = await House.Open(demo: true);
        using var lead = await house.Visit().SignIn("maren");
        var table = (await (await lead.Ask("/api/techniques/table")).Content.ReadAsStringAsync()).Split('\n');
        var rows = new StringBuilder(table[0]).Append('\n');
        var afterId = table[1][table[1].IndexOf(',')..];
        for (var i = 0; i < 20_000; i++)
            rows.Append(CultureInfo.InvariantCulture, $"row-{i}{afterId}\n");
        var refused = await Visitor.Refusal(await lead.Post("/api/techniques/table", new { text = rows.ToString() }));
        refused["file"].ShouldHaveSingleItem().ShouldStartWith("file: 20000 rows. At most 2000 come in at once");
        (await lead.Post("/api/techniques/import", new { text = new string('x', (int)Limits.MostBytes + 1000) })).StatusCode.ShouldBe(
            HttpStatusCode.RequestEntityTooLarge
        );
        var deep = string.Concat(Enumerable.Repeat("[", 5000)) + string.Concat(Enumerable.Repeat("]", 5000));
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/techniques/derive")
        {
            Content = new StringContent(deep, Encoding.UTF8, "application/json"),
        };
        (await lead.Send(request)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task An_error_answer_carries_the_same_protection_as_any_other()
    {
        await using var house = await House.Open(demo: true);
        using var lead = await house.Visit().SignIn("maren");
        foreach (
            var answer in new[]
            {
                await lead.Ask("/api/nothing"),
                await lead.Ask($"/api/techniques/{Guid.NewGuid()}"),
                await lead.Post("/api/techniques/derive", "text"),
                await lead.Ask("/api/thread"),
            }
        )
        {
            answer.Headers.Contains("Content-Security-Policy").ShouldBeTrue($"{answer.RequestMessage!.RequestUri}");
            answer.Headers.GetValues("X-Content-Type-Options").ShouldBe(["nosniff"]);
        }
    }

    private static async Task<IReadOnlyList<string>> Ids(Visitor lead) =>
        [
            .. JsonNode
                .Parse(await (await lead.Ask("/api/techniques")).Content.ReadAsStringAsync())!
                .AsArray()
                .Take(5)
                .Select(t => t!["technique_id"]!.GetValue<string>()),
            Guid.NewGuid().ToString(),
            "1",
            "2",
            "front",
            "x%00",
            "zygomaticus-major",
        ];

    /// <summary>A body as the schema describes it, filled at random.</summary>
    private static JsonNode? Make(JsonNode schema, Random random, int depth)
    {
        if (schema["$ref"]?.GetValue<string>() is { } reference)
            return Make(Contract["components"]!["schemas"]![reference[(reference.LastIndexOf('/') + 1)..]]!, random, depth);
        if ((schema["oneOf"] ?? schema["anyOf"])?.AsArray() is { Count: > 0 } choices)
            return Make(choices[random.Next(choices.Count)]!, random, depth);
        var types = schema["type"] switch
        {
            JsonArray a => [.. a.Select(t => t!.GetValue<string>())],
            JsonValue v => [v.GetValue<string>()],
            _ => Array.Empty<string>(),
        };
        if (schema["enum"]?.AsArray() is { Count: > 0 } words)
            return words[random.Next(words.Count)]?.DeepClone();
        return (types.Length == 0 ? "object" : types[random.Next(types.Length)]) switch
        {
            "null" => null,
            "boolean" => random.Next(2) == 0,
            "integer" => random.Next(-3, 400),
            "number" => random.NextDouble() * 200 - 20,
            "array" => new JsonArray([
                .. Enumerable
                    .Range(0, depth > 5 ? 0 : random.Next(4))
                    .Select(_ => Make(schema["items"] ?? new JsonObject(), random, depth + 1)),
            ]),
            "string" => schema["format"]?.GetValue<string>() switch
            {
                "uuid" => Guid.NewGuid().ToString(),
                "date" => "2026-02-28",
                "date-time" => "2026-02-28T10:00:00Z",
                _ => Words[random.Next(Words.Length)],
            },
            _ => depth > 6
                ? null
                : new JsonObject(
                    (schema["properties"]?.AsObject() ?? []).Select(p => KeyValuePair.Create(p.Key, Make(p.Value!, random, depth + 1)))
                ),
        };
    }

    private static readonly string[] Words =
    [
        "",
        "a",
        "cheeks",
        "both",
        "smile-closed",
        "5 / 10 / 15",
        "ring-fingertip",
        "  ",
        "\u0000",
        "‮",
        "1e999",
        "-1",
        "=1+1",
        new('ü', 3000),
        "2026-13-45",
        "{\"schema\":",
        "id,name\n1,2,3",
    ];

    /// <summary>One or two places changed into what nobody expects there.</summary>
    private static JsonNode? Breakage(JsonNode? body, Random random)
    {
        for (var n = random.Next(3); n > 0; n--)
        {
            var places = Places(body).ToList();
            if (places.Count == 0)
                return random.Next(2) == 0 ? null : JsonValue.Create("text");
            var (parent, key) = places[random.Next(places.Count)];
            JsonNode? other = random.Next(7) switch
            {
                0 => null,
                1 => JsonValue.Create(1e300),
                2 => JsonValue.Create(long.MinValue),
                3 => new JsonArray(null, null),
                4 => new JsonObject(),
                5 => JsonValue.Create(true),
                _ => JsonValue.Create(Words[random.Next(Words.Length)]),
            };
            if (parent is JsonObject o && key is string name)
            {
                if (random.Next(6) == 0)
                    o.Remove(name);
                else
                    o[name] = other;
            }
            else if (parent is JsonArray a && key is int at)
                a[at] = other;
        }
        return body;
    }

    private static IEnumerable<(JsonNode Parent, object Key)> Places(JsonNode? node) =>
        node switch
        {
            JsonObject o => o.ToList().SelectMany(p => Places(p.Value).Prepend((o, p.Key))),
            JsonArray a => Enumerable.Range(0, a.Count).SelectMany(i => Places(a[i]).Prepend((a, i))),
            _ => [],
        };
}
