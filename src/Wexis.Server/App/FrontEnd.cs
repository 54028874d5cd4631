using System.Diagnostics.CodeAnalysis;
using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Extensions.FileProviders;
using Microsoft.Net.Http.Headers;

namespace Wexis.Server.App;

/// <summary>
/// The built front end: assets that never change under their name, sent as they were compressed when built; the start page for every
/// other address that is a page.
/// </summary>
internal static class FrontEnd
{
    /// <summary>Forms that the build leaves beside a file, the smaller first.</summary>
    private static readonly (string Suffix, string Encoding)[] Compressed = [(".br", "br"), (".gz", "gzip")];

    /// <summary>Says what a compressed file holds, by the name without the suffix.</summary>
    private sealed class HeldType : IContentTypeProvider
    {
        private readonly FileExtensionContentTypeProvider _known = new();

        public bool TryGetContentType(string subpath, [MaybeNullWhen(false)] out string contentType) =>
            _known.TryGetContentType(Plain(subpath), out contentType);
    }

    private static string Plain(string path) =>
        Compressed.FirstOrDefault(c => path.EndsWith(c.Suffix, StringComparison.Ordinal)) is { Suffix: { } suffix }
            ? path[..^suffix.Length]
            : path;

    public static void Use(WebApplication app, string? webRoot)
    {
        if (webRoot is null || !Directory.Exists(webRoot))
            return;
        var files = new PhysicalFileProvider(Path.GetFullPath(webRoot));
        app.Use(
            (context, next) =>
            {
                if (
                    HttpMethods.IsGet(context.Request.Method)
                    && context.Request.Path.StartsWithSegments("/assets", StringComparison.Ordinal)
                )
                    TakeCompressed(context, files);
                return next(context);
            }
        );
        app.UseStaticFiles(
            new StaticFileOptions
            {
                FileProvider = files,
                ContentTypeProvider = new HeldType(),
                OnPrepareResponse = Describe,
            }
        );
        app.Use(
            async (context, next) =>
            {
                if (!IsPage(context.Request))
                {
                    await next(context);
                    return;
                }
                context.Response.ContentType = "text/html; charset=utf-8";
                context.Response.Headers.CacheControl = "no-cache";
                await context.Response.SendFileAsync(files.GetFileInfo("index.html"));
            }
        );
    }

    private static void TakeCompressed(HttpContext context, IFileProvider files)
    {
        var accepted = context.Request.GetTypedHeaders().AcceptEncoding.Where(e => e.Quality is not 0).Select(e => e.Value.Value).ToList();
        foreach (var (suffix, encoding) in Compressed)
            if (accepted.Contains(encoding, StringComparer.OrdinalIgnoreCase) && files.GetFileInfo(context.Request.Path + suffix).Exists)
            {
                context.Request.Path += suffix;
                return;
            }
    }

    private static void Describe(StaticFileResponseContext file)
    {
        var (path, headers) = (file.Context.Request.Path, file.Context.Response.Headers);
        var asset = path.StartsWithSegments("/assets", StringComparison.Ordinal);
        headers.CacheControl = asset ? "public, max-age=31536000, immutable" : "no-cache";
        if (!asset)
            return;
        headers.Append(HeaderNames.Vary, HeaderNames.AcceptEncoding);
        foreach (var (suffix, encoding) in Compressed)
            if (path.Value!.EndsWith(suffix, StringComparison.Ordinal))
                headers.ContentEncoding = encoding;
    }

    private static bool IsPage(HttpRequest request) =>
        HttpMethods.IsGet(request.Method)
        && !request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
        && !request.Path.StartsWithSegments("/assets", StringComparison.Ordinal)
        && !Path.HasExtension(request.Path);
}
