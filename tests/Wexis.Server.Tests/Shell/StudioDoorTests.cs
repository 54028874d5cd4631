using System.Net;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using System.Text.Json.Nodes;
using Microsoft.Extensions.DependencyInjection;
using Wexis.Server.Shell;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Shell;

/// <summary>The door to the studio's own network, over loopback.</summary>
public class StudioDoorTests
{
    [Fact]
    public async Task It_speaks_https_with_the_houses_own_certificate_and_keeps_it()
    {
        await using var house = await House.Open(demo: true, studioPort: House.FreePort());
        using var lead = await house.Visit().SignIn("maren");
        var view = JsonNode.Parse(await (await lead.Ask("/api/studio")).Content.ReadAsStringAsync())!;
        view["open"]!.GetValue<bool>().ShouldBeTrue();
        var fingerprint = view["fingerprint"]!.GetValue<string>();
        foreach (var address in view["addresses"]!.AsArray())
        {
            address!["url"]!.GetValue<string>().ShouldStartWith("https://");
            address["qr"]!.GetValue<string>().ShouldStartWith("<svg");
        }
        // A tablet that trusts this certificate and nothing else: chain and name are checked as a browser checks them.
        var shown = house.Services.GetRequiredService<StudioDoor>().Certificate!;
        string.Join(':', shown.GetCertHash(HashAlgorithmName.SHA256).Select(b => $"{b:X2}")).ShouldBe(fingerprint);
        using var handler = new SocketsHttpHandler();
        handler.SslOptions.CertificateChainPolicy = new X509ChainPolicy
        {
            TrustMode = X509ChainTrustMode.CustomRootTrust,
            RevocationMode = X509RevocationMode.NoCheck,
        };
        handler.SslOptions.CertificateChainPolicy.CustomTrustStore.Add(shown);
        using var http = new HttpClient(handler) { BaseAddress = new($"https://127.0.0.1:{house.StudioPort}") };
        (await http.GetAsync("/api/ready", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.OK);
        var names = shown.Extensions.OfType<X509SubjectAlternativeNameExtension>().Single();
        names.EnumerateDnsNames().ShouldContain("localhost");
        names.EnumerateIPAddresses().ShouldContain(IPAddress.Loopback);
        (shown.NotAfter - DateTime.Now).TotalDays.ShouldBeInRange(300, 398, "browsers refuse longer ones");
        using var byName = new HttpRequestMessage(HttpMethod.Get, "/api/ready") { Headers = { Host = "localhost" } };
        (await http.SendAsync(byName, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.OK);
        // The same certificate after a restart: a tablet that trusts it goes on doing so.
        await house.Restart();
        JsonNode.Parse(await (await lead.Ask("/api/studio")).Content.ReadAsStringAsync())!["fingerprint"]!
            .GetValue<string>()
            .ShouldBe(fingerprint);
    }

    [Fact]
    public async Task It_is_closed_unless_it_was_opened_and_names_are_checked_then_too()
    {
        await using var house = await House.Open(demo: true);
        using var lead = await house.Visit().SignIn("maren");
        var view = JsonNode.Parse(await (await lead.Ask("/api/studio")).Content.ReadAsStringAsync())!;
        view["open"]!.GetValue<bool>().ShouldBeFalse();
        view["addresses"]!.AsArray().ShouldBeEmpty();
        using var http = new HttpClient { BaseAddress = house.Address };
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/ready") { Headers = { Host = "rebound.example" } };
        (await http.SendAsync(request, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }
}
