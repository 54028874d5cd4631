using Microsoft.AspNetCore.Antiforgery;

namespace Wexis.Server.Shell;

/// <summary>Every change asks for the session's form token in a header.</summary>
public static class Antiforgery
{
    public const string Header = "X-Wexis-Token";

    public static async Task Check(HttpContext context, RequestDelegate next)
    {
        var method = context.Request.Method;
        var changes = !HttpMethods.IsGet(method) && !HttpMethods.IsHead(method) && !HttpMethods.IsOptions(method);
        if (
            changes
            && context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
            && !await context.RequestServices.GetRequiredService<IAntiforgery>().IsRequestValidAsync(context)
        )
        {
            await TypedResults
                .Problem(statusCode: 400, title: "This page is out of date.", detail: "Nothing was changed. Reload the page and try again.")
                .ExecuteAsync(context);
            return;
        }
        await next(context);
    }
}
