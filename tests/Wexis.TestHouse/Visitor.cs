using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using Wexis.Core.Measures;
using Wexis.Server.People;

namespace Wexis.TestHouse;

/// <summary>Somebody at the house's door: cookies and form token as a browser keeps them.</summary>
public sealed class Visitor : IDisposable
{
    public const string DemoPassword = "wrenmoor-demo";
    private readonly CookieContainer _cookies = new();
    private readonly HttpClient _http;
    private string _token = "";

    public Visitor(Uri address) => _http = new(new SocketsHttpHandler { CookieContainer = _cookies }) { BaseAddress = address };

    /// <summary>Somebody who has the same cookies, as if they had been copied.</summary>
    public Visitor Copied()
    {
        var copy = new Visitor(_http.BaseAddress!) { _token = _token, PersonId = PersonId };
        copy._cookies.Add(_cookies.GetAllCookies());
        return copy;
    }

    public PersonId PersonId { get; private set; }

    /// <summary>Signs in; the answer says whether it worked.</summary>
    public async Task<HttpResponseMessage> TrySignIn(string login, string password)
    {
        await ReadSession();
        var answer = await Send(HttpMethod.Post, "/api/session", new SignIn(login, password));
        await ReadSession();
        return answer;
    }

    public async Task<Visitor> SignIn(string login, string password = DemoPassword)
    {
        var answer = await TrySignIn(login, password);
        return answer.IsSuccessStatusCode
            ? this
            : throw new InvalidOperationException($"{login} could not sign in: {await answer.Content.ReadAsStringAsync()}");
    }

    public async Task<Session> ReadSession()
    {
        var session = await Get<Session>("/api/session");
        _token = session.Token;
        PersonId = session.Person?.Id ?? default;
        return session;
    }

    public async Task<T> Get<T>(string path)
    {
        var answer = await _http.GetAsync(path);
        return await Read<T>(answer);
    }

    public Task<HttpResponseMessage> Ask(string path) => _http.GetAsync(path);

    public Task<HttpResponseMessage> Post(string path, object? body) => Send(HttpMethod.Post, path, body);

    public Task<HttpResponseMessage> Put(string path, object? body) => Send(HttpMethod.Put, path, body);

    public Task<HttpResponseMessage> Delete(string path) => Send(HttpMethod.Delete, path, null);

    /// <summary>Sends what was made by hand, as this person.</summary>
    public Task<HttpResponseMessage> Send(HttpRequestMessage request)
    {
        ArgumentNullException.ThrowIfNull(request);
        request.Headers.Add("X-Wexis-Token", _token);
        return _http.SendAsync(request);
    }

    /// <param name="withToken">False: as a foreign page would send it.</param>
    public async Task<HttpResponseMessage> Send(HttpMethod method, string path, object? body, bool withToken = true)
    {
        using var request = new HttpRequestMessage(method, path);
        if (withToken)
            request.Headers.Add("X-Wexis-Token", _token);
        if (body is not null)
            request.Content = JsonContent.Create(body, body.GetType(), options: ExchangeJson.Options);
        return await _http.SendAsync(request);
    }

    public static async Task<T> Read<T>(HttpResponseMessage answer)
    {
        ArgumentNullException.ThrowIfNull(answer);
        var text = await answer.Content.ReadAsStringAsync();
        return answer.IsSuccessStatusCode
            ? JsonSerializer.Deserialize<T>(text, ExchangeJson.Options)!
            : throw new InvalidOperationException($"{(int)answer.StatusCode}: {text}");
    }

    /// <summary>The refusal's fields with their sentences.</summary>
    public static async Task<IReadOnlyDictionary<string, string[]>> Refusal(HttpResponseMessage answer)
    {
        ArgumentNullException.ThrowIfNull(answer);
        using var problem = JsonDocument.Parse(await answer.Content.ReadAsStringAsync());
        return problem.RootElement.TryGetProperty("errors", out var errors)
            ? errors.Deserialize<Dictionary<string, string[]>>() ?? []
            : new Dictionary<string, string[]>();
    }

    public void Dispose() => _http.Dispose();
}
