using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using Microsoft.AspNetCore.Http.HttpResults;
using QRCoder;

namespace Wexis.Server.Shell;

/// <summary>An address at which a tablet or a phone of the studio finds Wexis, and the same as a picture to point a camera at.</summary>
/// <param name="Qr">An SVG drawing.</param>
public sealed record StudioAddress(string Url, string Qr);

/// <param name="Fingerprint">SHA-256 of the certificate, as a browser shows it when it asks whether to go on.</param>
public sealed record StudioView(bool Open, IReadOnlyList<StudioAddress> Addresses, string? Fingerprint);

/// <summary>
/// The door to the studio's own network: HTTPS on every address of this machine, with a certificate that is given or that the house made
/// for itself.
/// Closed unless the start command opens it; then only requests that name one of this machine's hosts are answered.
/// </summary>
public sealed class StudioDoor
{
    /// <summary>Hosts that are always answered.</summary>
    private static readonly IReadOnlyList<string> Loopback = ["localhost", "127.0.0.1", "[::1]"];

    private StudioDoor(int? port, X509Certificate2? certificate, IReadOnlyList<string> hosts) =>
        (Port, Certificate, Hosts) = (port, certificate, hosts);

    /// <summary>Null while the door is closed.</summary>
    public int? Port { get; }
    public X509Certificate2? Certificate { get; }

    /// <summary>What a request may name as its host.</summary>
    public IReadOnlyList<string> Hosts { get; }

    public IEnumerable<string> Urls => Port is { } port ? Hosts.Except(Loopback).Select(h => $"https://{h}:{port}") : [];
    public string? Fingerprint =>
        Certificate is null ? null : string.Join(':', Certificate.GetCertHash(HashAlgorithmName.SHA256).Select(b => $"{b:X2}"));

    /// <summary>
    /// Reads Wexis:StudioPort, Wexis:Certificate (a PKCS#12 file), Wexis:CertificatePassword and Wexis:Keys (where a certificate of its
    /// own is kept).
    /// </summary>
    public static StudioDoor Of(IConfiguration configuration)
    {
        ArgumentNullException.ThrowIfNull(configuration);
        if (configuration.GetValue<int?>("Wexis:StudioPort") is not { } port)
            return new(null, null, Loopback);
        var addresses = Addresses();
        IReadOnlyList<string> hosts = [.. Loopback, Dns.GetHostName().ToLowerInvariant(), .. addresses.Select(a => $"{a}")];
        var certificate = configuration["Wexis:Certificate"] is { Length: > 0 } given
            ? X509CertificateLoader.LoadPkcs12FromFile(given, configuration["Wexis:CertificatePassword"])
            : Own(configuration["Wexis:Keys"], hosts, addresses);
        return new(port, certificate, hosts);
    }

    public void Listen(WebApplicationBuilder builder)
    {
        ArgumentNullException.ThrowIfNull(builder);
        builder.Configuration["AllowedHosts"] = string.Join(';', Hosts);
        if (Port is not { } port || Certificate is not { } certificate)
            return;
        var here = new Uri((builder.Configuration["urls"] ?? "http://127.0.0.1:5180").Split(';')[0]);
        builder.WebHost.ConfigureKestrel(o =>
        {
            o.Listen(IPAddress.Loopback, here.Port);
            o.ListenAnyIP(port, l => l.UseHttps(certificate));
        });
    }

    public static void Map(RouteGroupBuilder api) =>
        api.MapGet("/studio", Get).WithTags("Shell").RequireAuthorization(Policies.Staff).WithName("getStudio");

    private static Ok<StudioView> Get(StudioDoor door) =>
        TypedResults.Ok(
            new StudioView(door.Port is not null, [.. door.Urls.Select(u => new StudioAddress(u, Drawn(u)))], door.Fingerprint)
        );

    /// <summary>What the start command prints: address, fingerprint, and the first address as a picture made of blocks.</summary>
    public string Note()
    {
        if (Urls.FirstOrDefault(u => IPAddress.TryParse(new Uri(u).Host, out _)) is not { } first)
            return "This machine is on no network just now.\n";
        using var data = QRCodeGenerator.GenerateQrCode(first, QRCodeGenerator.ECCLevel.M);
        using var blocks = new AsciiQRCode(data);
        return $"On the studio's network:  {string.Join("  ", Urls)}\nThe browser asks once whether to trust it; the certificate's "
            + $"fingerprint is\n{Fingerprint}\n\n{blocks.GetGraphicSmall()}\n";
    }

    private static string Drawn(string url)
    {
        using var data = QRCodeGenerator.GenerateQrCode(url, QRCodeGenerator.ECCLevel.M);
        using var drawing = new SvgQRCode(data);
        return drawing.GetGraphic(new System.Drawing.Size(200, 200), sizingMode: SvgQRCode.SizingMode.ViewBoxAttribute);
    }

    private static IReadOnlyList<IPAddress> Addresses() =>
        [
            .. NetworkInterface
                .GetAllNetworkInterfaces()
                .Where(n => n.OperationalStatus == OperationalStatus.Up && n.NetworkInterfaceType != NetworkInterfaceType.Loopback)
                .SelectMany(n => n.GetIPProperties().UnicastAddresses)
                .Select(a => a.Address)
                .Where(a => a.AddressFamily == AddressFamily.InterNetwork)
                .Distinct(),
        ];

    /// <summary>
    /// The house's own certificate: kept, so that a tablet that trusts it goes on trusting it; made anew before it ends or when the
    /// machine has another address.
    /// </summary>
    private static X509Certificate2 Own(string? folder, IReadOnlyList<string> hosts, IReadOnlyList<IPAddress> addresses)
    {
        var path = folder is { Length: > 0 } ? Path.Combine(folder, "studio.pfx") : null;
        if (path is not null && File.Exists(path))
        {
            var kept = X509CertificateLoader.LoadPkcs12FromFile(path, null);
            var names = kept.Extensions.OfType<X509SubjectAlternativeNameExtension>().SelectMany(x => x.EnumerateIPAddresses()).ToHashSet();
            if (kept.NotAfter > DateTime.Now.AddDays(30) && addresses.All(names.Contains))
                return kept;
            kept.Dispose();
        }
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest("CN=Wexis house", key, HashAlgorithmName.SHA256);
        var alternatives = new SubjectAlternativeNameBuilder();
        foreach (var name in hosts.Where(h => !IPAddress.TryParse(h.Trim('[', ']'), out _)))
            alternatives.AddDnsName(name);
        foreach (var address in addresses.Append(IPAddress.Loopback).Append(IPAddress.IPv6Loopback))
            alternatives.AddIpAddress(address);
        request.CertificateExtensions.Add(alternatives.Build());
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(false, false, 0, critical: true));
        request.CertificateExtensions.Add(new X509EnhancedKeyUsageExtension([new("1.3.6.1.5.5.7.3.1")], critical: false));
        using var made = request.CreateSelfSigned(DateTimeOffset.Now.AddDays(-1), DateTimeOffset.Now.AddDays(397));
        var bytes = made.Export(X509ContentType.Pkcs12);
        if (path is not null)
        {
            File.WriteAllBytes(path, bytes);
            if (!OperatingSystem.IsWindows())
                File.SetUnixFileMode(path, UnixFileMode.UserRead | UnixFileMode.UserWrite);
        }
        return X509CertificateLoader.LoadPkcs12(bytes, null);
    }
}
