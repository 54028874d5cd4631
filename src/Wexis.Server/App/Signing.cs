using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.DataProtection;
using Wexis.Core.People;
using Wexis.Server.People;
using Wexis.Server.Shell;

namespace Wexis.Server.App;

/// <summary>Sign-in: a cookie with a key, sessions in the store, roles, and the token that every change sends back.</summary>
internal static class Signing
{
    /// <summary>Tries at one account from one device in a minute; <c>Wexis:SignInsPerMinute</c> says otherwise.</summary>
    private const int TriesAMinute = 10;

    public static void Add(IServiceCollection services, IConfiguration configuration)
    {
        var protection = services.AddDataProtection().SetApplicationName("wexis");
        if (configuration["Wexis:Keys"] is { Length: > 0 } keys)
            protection.PersistKeysToFileSystem(new DirectoryInfo(keys));
        services
            .AddAuthentication(CookieAuthenticationDefaults.AuthenticationScheme)
            .AddCookie(o =>
            {
                o.Cookie.Name = "wexis";
                o.Cookie.HttpOnly = true;
                o.Cookie.SameSite = SameSiteMode.Strict;
                o.ExpireTimeSpan = HeldSessions.Lasts;
                o.SlidingExpiration = true;
                o.Events.OnRedirectToLogin = c => Answer(c.HttpContext, 401, "Sign in first.");
                o.Events.OnRedirectToAccessDenied = c => Answer(c.HttpContext, 403, "Your role does not allow this.");
            });
        services.AddSingleton<HeldSessions>();
        services
            .AddOptions<CookieAuthenticationOptions>(CookieAuthenticationDefaults.AuthenticationScheme)
            .Configure<HeldSessions>((o, held) => o.SessionStore = held);
        services.AddSingleton(_ => new SignInGate(configuration.GetValue("Wexis:SignInsPerMinute", TriesAMinute)));
        services
            .AddAuthorizationBuilder()
            // An invited colleague sees one case, and nothing that does not say so.
            .SetFallbackPolicy(new AuthorizationPolicyBuilder().RequireRole(Roles.All).Build())
            .AddPolicy(Policies.Case, p => p.RequireRole(Roles.Lead, Roles.Assessor, Roles.Trainee, Roles.Invited))
            .AddPolicy(Policies.Lead, p => p.RequireRole(Roles.Lead))
            .AddPolicy(Policies.Staff, p => p.RequireRole(Roles.Lead, Roles.Assessor))
            .AddPolicy(Policies.Marks, p => p.RequireRole(Roles.Lead, Roles.Assessor, Roles.Invited));
        services.AddAntiforgery(o =>
        {
            o.HeaderName = Antiforgery.Header;
            o.Cookie.Name = "wexis-form";
            o.Cookie.SameSite = SameSiteMode.Strict;
        });
    }

    private static Task Answer(HttpContext context, int status, string title) =>
        TypedResults.Problem(statusCode: status, title: title).ExecuteAsync(context);
}
