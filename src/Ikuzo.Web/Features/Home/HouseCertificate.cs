using System.Net;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using Ikuzo.Web.Data;
using Ikuzo.Web.Serving;

namespace Ikuzo.Web.Features.Home;

/// <summary>
/// The certificate with which phones of the house are served: one of this household's own making, which each phone trusts once, or one that
/// is given. What a phone trusts stays for ten years; what it signs is made anew when the addresses of this machine change.
/// </summary>
internal sealed class HouseCertificate
{
    private const int RootYears = 10,
        LeafDays = 390, // phones refuse longer ones
        RenewDays = 30;
    private const UnixFileMode OwnerOnly = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    private HouseCertificate(X509Certificate2 serving, byte[]? toTrust) => (Serving, ToTrust) = (serving, toTrust);

    /// <summary>What is served.</summary>
    public X509Certificate2 Serving { get; }

    /// <summary>What a phone trusts, as a file; null where a certificate was given that phones trust already.</summary>
    public byte[]? ToTrust { get; }

    /// <summary>One that was given: a file with key and certificate, PEM or PKCS #12.</summary>
    /// <exception cref="StartRefusalException">It cannot be read.</exception>
    public static HouseCertificate Given(string path, string? password)
    {
        try
        {
            var isPem = File.ReadAllText(path).Contains("-----BEGIN", StringComparison.Ordinal);
            using var pem = isPem ? X509Certificate2.CreateFromPemFile(path) : null;
            return new(
                X509CertificateLoader.LoadPkcs12(pem?.Export(X509ContentType.Pkcs12) ?? File.ReadAllBytes(path), isPem ? null : password),
                null
            );
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException or CryptographicException)
        {
            throw new StartRefusalException(
                $"The certificate {path} cannot be read ({error.Message}); IKUZO_CERTIFICATE names a file with key and certificate.",
                error
            );
        }
    }

    /// <summary>One of this household's own, kept in a folder, and made where it is missing.</summary>
    public static HouseCertificate Own(string folder, Addresses addresses, DateTimeOffset now)
    {
        var kept = Path.Combine(folder, "certificate");
        Directory.CreateDirectory(kept);
        using var root = Kept(Path.Combine(kept, "root.pfx"), c => c.NotAfter > now.UtcDateTime.AddDays(LeafDays), () => Root(now));
        var names = Names(addresses);
        var leaf = Kept(
            Path.Combine(kept, "house.pfx"),
            c => c.NotAfter > now.UtcDateTime.AddDays(RenewDays) && c.Issuer == root.Subject && Covers(c, names),
            () => Leaf(root, names, now)
        );
        return new(leaf, root.Export(X509ContentType.Cert));
    }

    private static X509Certificate2 Kept(string path, Func<X509Certificate2, bool> isGood, Func<X509Certificate2> make)
    {
        if (File.Exists(path) && X509CertificateLoader.LoadPkcs12FromFile(path, null) is var kept && isGood(kept))
        {
            return kept;
        }

        using var made = make();
        var bytes = made.Export(X509ContentType.Pkcs12);
        var options = new FileStreamOptions { Mode = FileMode.Create, Access = FileAccess.Write };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = OwnerOnly;
        }

        using (var file = new FileStream(path, options))
        {
            file.Write(bytes);
        }

        return X509CertificateLoader.LoadPkcs12(bytes, null);
    }

    private static X509Certificate2 Root(DateTimeOffset now)
    {
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest($"CN=Ikuzo of {Dns.GetHostName()}, OU={Guid.NewGuid():N}", key, HashAlgorithmName.SHA256);
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(true, true, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.KeyCertSign | X509KeyUsageFlags.CrlSign, true));
        request.CertificateExtensions.Add(new X509SubjectKeyIdentifierExtension(request.PublicKey, false));
        return request.CreateSelfSigned(now.AddDays(-1), now.AddYears(RootYears));
    }

    private static X509Certificate2 Leaf(X509Certificate2 root, IReadOnlyList<string> names, DateTimeOffset now)
    {
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest($"CN={Dns.GetHostName()}", key, HashAlgorithmName.SHA256);
        var alternatives = new SubjectAlternativeNameBuilder();
        foreach (var name in names)
        {
            if (IPAddress.TryParse(name, out var address))
            {
                alternatives.AddIpAddress(address);
            }
            else
            {
                alternatives.AddDnsName(name);
            }
        }

        request.CertificateExtensions.Add(alternatives.Build());
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(false, false, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.DigitalSignature, true));
        request.CertificateExtensions.Add(new X509EnhancedKeyUsageExtension([new Oid("1.3.6.1.5.5.7.3.1")], false)); // serving
        request.CertificateExtensions.Add(X509AuthorityKeyIdentifierExtension.CreateFromCertificate(root, true, false));
        using var signed = request.Create(root, now.AddDays(-1), now.AddDays(LeafDays), Guid.NewGuid().ToByteArray());
        return signed.CopyWithPrivateKey(key);
    }

    private static List<string> Names(Addresses addresses) =>
        [
            .. addresses.Names(),
            "localhost",
            .. Addresses.InTheHouse().Append(IPAddress.Loopback).Select(a => $"{a}".Split('%')[0]).Distinct(),
        ];

    private static bool Covers(X509Certificate2 certificate, IReadOnlyList<string> names)
    {
        var covered = certificate.Extensions.OfType<X509SubjectAlternativeNameExtension>().Single();
        var all = covered.EnumerateDnsNames().Concat(covered.EnumerateIPAddresses().Select(a => $"{a}"));
        return names.All(n => all.Contains(n, StringComparer.OrdinalIgnoreCase));
    }
}
