using System.IO.Compression;
using System.Net;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.App;

/// <summary>Files of the front end are sent as the build compressed them (RFC 9110 §8.4, §12.5.3).</summary>
public sealed class FrontEndTests : IDisposable
{
    private readonly DirectoryInfo _root = Directory.CreateTempSubdirectory("wexis-web-");
    private const string Script = "export const said = 'the same whichever way it came';";

    public FrontEndTests()
    {
        var assets = _root.CreateSubdirectory("assets").FullName;
        File.WriteAllText(Path.Combine(_root.FullName, "index.html"), "<!doctype html><title>Wexis</title>");
        File.WriteAllText(Path.Combine(assets, "a.js"), Script);
        File.WriteAllText(Path.Combine(assets, "b.js"), Script);
        using var brotli = new BrotliStream(File.Create(Path.Combine(assets, "a.js.br")), CompressionLevel.Optimal);
        brotli.Write(System.Text.Encoding.UTF8.GetBytes(Script));
    }

    public void Dispose() => _root.Delete(true);

    [Theory]
    [InlineData("/assets/a.js", "gzip, br", "br")]
    [InlineData("/assets/a.js", "br;q=0, identity", null)]
    [InlineData("/assets/a.js", null, null)]
    [InlineData("/assets/b.js", "br", "br")]
    public async Task A_file_comes_compressed_to_whoever_takes_it(string path, string? accepts, string? encoding)
    {
        await using var house = await House.Open(webRoot: _root.FullName);
        using var client = new HttpClient(new HttpClientHandler { AutomaticDecompression = DecompressionMethods.None })
        {
            BaseAddress = house.Address,
        };
        using var asked = new HttpRequestMessage(HttpMethod.Get, path);
        if (accepts is not null)
            asked.Headers.TryAddWithoutValidation("Accept-Encoding", accepts);
        using var answer = await client.SendAsync(asked);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("text/javascript");
        answer.Content.Headers.ContentEncoding.SingleOrDefault().ShouldBe(encoding);
        answer.Headers.Vary.ShouldContain("Accept-Encoding");
        answer.Headers.CacheControl!.MaxAge.ShouldBe(TimeSpan.FromDays(365));
        var body = await answer.Content.ReadAsStreamAsync();
        using var read = new StreamReader(encoding is null ? body : new BrotliStream(body, CompressionMode.Decompress));
        (await read.ReadToEndAsync()).ShouldBe(Script);
    }
}
