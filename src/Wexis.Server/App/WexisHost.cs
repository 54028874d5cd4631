using System.Reflection;
using System.Text.Json;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.DependencyInjection.Extensions;
using Npgsql;
using Wexis.Core.Anatomy;
using Wexis.Core.Techniques.Library;
using Wexis.Data;
using Wexis.Data.Anatomy;
using Wexis.Data.Examinations;
using Wexis.Data.Grading;
using Wexis.Data.Keeping;
using Wexis.Data.People;
using Wexis.Data.Programmes;
using Wexis.Data.Results;
using Wexis.Data.Routines;
using Wexis.Data.Settings;
using Wexis.Data.Techniques;
using Wexis.Server.Anatomy;
using Wexis.Server.Demo;
using Wexis.Server.Examinations;
using Wexis.Server.Grading;
using Wexis.Server.Keeping;
using Wexis.Server.People;
using Wexis.Server.Programmes;
using Wexis.Server.Results;
using Wexis.Server.Routines;
using Wexis.Server.Settings;
using Wexis.Server.Shell;
using Wexis.Server.Techniques;

namespace Wexis.Server.App;

/// <summary>Composes the server. Used by the start command and by the tests, so that both run the same thing.</summary>
public static class WexisHost
{
    /// <summary>The build asks for the OpenAPI document through a tool that runs this program: no database then.</summary>
    private static bool WritesContract => Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

    public static WebApplication Build(string[] args, Action<WebApplicationBuilder>? configure = null)
    {
        var builder = WebApplication.CreateBuilder(args);
        configure?.Invoke(builder);
        builder.WebHost.ConfigureKestrel(o => o.Limits.MaxRequestBodySize = Limits.MostBytes);
        var services = builder.Services;
        var studio = StudioDoor.Of(builder.Configuration);
        studio.Listen(builder);
        services.AddSingleton(studio);
        var connection = builder.Configuration.GetConnectionString("Wexis")
            ?? (
                WritesContract
                    ? "Host=127.0.0.1"
                    : throw new InvalidOperationException("No connection string “Wexis” is set. Start with ./wexis start, which sets it.")
            );
        services.AddSingleton(Database.Open(connection));
        services.AddSingleton(new DatabaseAddress(connection));
        services.TryAddSingleton(TimeProvider.System);
        services.AddSingleton<SettingStore>().AddSingleton<AwayStore>().AddSingleton<ImportStore>().AddSingleton<HouseDesk>();
        services.AddTransient(sp => sp.GetRequiredService<HouseDesk>().Settings);
        if (!WritesContract)
            services.AddHostedService<HouseListener>();
        AddReference(services, builder.Configuration["Wexis:Data"] ?? Path.Combine(AppContext.BaseDirectory, "data"));
        services
            .AddSingleton<PersonStore>()
            .AddSingleton<SessionStore>()
            .AddSingleton<ScreeningStore>()
            .AddSingleton<EditionStore>()
            .AddSingleton<EditionHistoryStore>()
            .AddSingleton<LibraryReasonStore>()
            .AddSingleton<RoutineStore>()
            .AddSingleton<ProgrammeStore>()
            .AddSingleton<CohortStore>()
            .AddSingleton<ExaminationStore>()
            .AddSingleton<DemonstrationStore>()
            .AddSingleton<ResultStore>()
            .AddSingleton<CaseStore>()
            .AddSingleton<GlanceStore>();
        services.AddSingleton(sp => new StructureCheckStore(
            sp.GetRequiredService<NpgsqlDataSource>(),
            sp.GetRequiredService<Atlas>().DataVersion
        ));
        services.AddSingleton<IPasswordHasher<StoredPerson>, PasswordHasher<StoredPerson>>();
        services.AddMemoryCache(o => o.SizeLimit = 4000);
        services
            .AddSingleton<TechniqueDesk>()
            .AddSingleton<RoutineDesk>()
            .AddSingleton<ProgrammeDesk>()
            .AddSingleton<PlanDesk>()
            .AddSingleton<StationDesk>()
            .AddSingleton<CaseDesk>()
            .AddSingleton<DemonstrationDesk>()
            .AddSingleton<GradingDesk>();
        services.AddSingleton<DemoSeed>();
        services.AddSingleton(sp => new DemoAccounts(sp.GetRequiredService<DemoSeed>().Accounts));
        services.AddSingleton(new FirstLeadCode(builder.Configuration["Wexis:FirstLeadCode"] is { Length: > 0 } code ? code : null));
        Signing.Add(services, builder.Configuration);
        Records.Add(builder);
        // What is under way when the house is stopped is finished first.
        services.Configure<HostOptions>(o => o.ShutdownTimeout = TimeSpan.FromSeconds(15));
        services.ConfigureHttpJsonOptions(o =>
        {
            o.SerializerOptions.PropertyNamingPolicy = JsonNamingPolicy.SnakeCaseLower;
            o.SerializerOptions.NumberHandling = System.Text.Json.Serialization.JsonNumberHandling.Strict;
        });
        services.AddProblemDetails(o => o.CustomizeProblemDetails = c => StatusWords.Say(c.ProblemDetails));
        services.AddExceptionHandler<Problems>();
        services.AddResponseCompression(o => o.EnableForHttps = true);
        services.AddOpenApi(o =>
        {
            o.CreateSchemaReferenceId = ContractWords.NameOf;
            o.AddSchemaTransformer<ContractWords>();
        });
        services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);

        var app = builder.Build();
        app.Use(SecurityHeaders);
        Records.Use(app);
        app.UseExceptionHandler();
        app.UseStatusCodePages();
        app.UseResponseCompression();
        FrontEnd.Use(app, app.Configuration["Wexis:WebRoot"]);
        app.UseRouting();
        app.UseAuthentication();
        app.UseAuthorization();
        app.Use(Antiforgery.Check);
        Map(app);
        return app;
    }

    /// <summary>Brings the database up to date and, for a demo, fills it once.</summary>
    public static async Task Prepare(WebApplication app, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(app);
        if (WritesContract)
            return;
        await Database.Alone(app.Services.GetRequiredService<NpgsqlDataSource>(), () => BringUpToDate(app, ct), ct);
        if (
            app.Configuration["Wexis:StudioNote"] is { Length: > 0 } note
            && app.Services.GetRequiredService<StudioDoor>() is { Port: not null } studio
        )
            await File.WriteAllTextAsync(note, studio.Note(), ct);
    }

    /// <summary>One server at a time, however many start on one database at once.</summary>
    private static async Task BringUpToDate(WebApplication app, CancellationToken ct)
    {
        Database.Migrate(app.Services.GetRequiredService<DatabaseAddress>().ConnectionString);
        await app.Services.GetRequiredService<AwayStore>().Sweep(app.Services.GetRequiredService<TimeProvider>().GetUtcNow(), ct);
        await app.Services.GetRequiredService<HouseDesk>().Read(ct);
        await app.Services.GetRequiredService<TechniqueDesk>().MakeBriefsAnew(app.Services.GetRequiredService<EditionStore>(), ct);
        if (app.Configuration.GetValue<bool>("Wexis:Demo"))
            await app.Services.GetRequiredService<DemoSeed>().Fill(ct);
    }

    /// <summary>Ready means that the store answers; while it is away this is 503 like everything else, and comes back by itself.</summary>
    private static async Task<Microsoft.AspNetCore.Http.HttpResults.Ok<Health>> Ready(NpgsqlDataSource source, CancellationToken ct)
    {
        await using var command = source.CreateCommand("SELECT 1");
        await command.ExecuteScalarAsync(ct);
        return TypedResults.Ok(new Health("ready"));
    }

    private static void Map(WebApplication app)
    {
        var api = app.MapGroup("/api").AddEndpointFilter<RouteGroupBuilder, BodyCheck>();
        api.MapGet("/health", () => TypedResults.Ok(new Health("alive"))).AllowAnonymous().WithTags("Shell");
        api.MapGet("/ready", Ready).AllowAnonymous().WithTags("Shell");
        SessionEndpoints.Map(api);
        PeopleEndpoints.Map(api);
        AwayEndpoints.Map(api);
        HouseEndpoints.Map(api);
        ScreeningEndpoints.Map(api);
        AnatomyEndpoints.Map(api);
        StructureEndpoints.Map(api);
        TechniqueEndpoints.Map(api);
        EnteringEndpoints.Map(api);
        TechniqueFileEndpoints.Map(api);
        EditionEndpoints.Map(api);
        LibraryEndpoints.Map(api);
        RoutineEndpoints.Map(api);
        ProgrammeEndpoints.Map(api);
        CohortEndpoints.Map(api);
        ExaminationEndpoints.Map(api);
        DemonstrationEndpoints.Map(api);
        ResultEndpoints.Map(api);
        CaseEndpoints.Map(api);
        EvidenceEndpoints.Map(api);
        GlanceEndpoints.Map(api);
        TraineeEndpoints.Map(api);
        InvitationEndpoints.Map(api);
        ThreadEndpoints.Map(api);
        StudioDoor.Map(api);
        app.MapOpenApi("/api/openapi/{documentName}.json").RequireAuthorization(Policies.Lead);
        // An unknown API path is a problem document, never the start page.
        api.MapFallback("{**rest}", () => TypedResults.Problem(statusCode: 404, title: "There is nothing at this address."))
            .AllowAnonymous()
            .ExcludeFromDescription();
    }

    private static void AddReference(IServiceCollection services, string folder)
    {
        services.AddSingleton(new DataFolder(folder));
        services.AddSingleton(sp =>
            Atlas.Read(File.ReadAllText(Path.Combine(sp.GetRequiredService<DataFolder>().Path, "anatomy", "anatomy.json")))
        );
        services.AddSingleton(sp =>
            SchoolProfiles.Read(
                File.ReadAllText(Path.Combine(sp.GetRequiredService<DataFolder>().Path, "library", "schools.json")),
                sp.GetRequiredService<Atlas>()
            )
        );
        services.AddSingleton(sp =>
            ActionModel.Read(
                File.ReadAllText(Path.Combine(sp.GetRequiredService<DataFolder>().Path, "anatomy", "action-rules.json")),
                sp.GetRequiredService<Atlas>()
            )
        );
    }

    private static Task SecurityHeaders(HttpContext context, RequestDelegate next)
    {
        // When the answer begins, whoever writes it: an error answer clears what was set before it.
        context.Response.OnStarting(() =>
        {
            Protect(context);
            return Task.CompletedTask;
        });
        return next(context);
    }

    private static void Protect(HttpContext context)
    {
        var headers = context.Response.Headers;
        headers.ContentSecurityPolicy =
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; media-src 'self' blob:; font-src 'self'; "
            + "frame-ancestors 'none'; base-uri 'none'; form-action 'self'";
        headers.XContentTypeOptions = "nosniff";
        headers["Referrer-Policy"] = "no-referrer";
        if (context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal))
            headers.CacheControl = "no-store";
    }
}

public sealed record Health(string State);

public sealed record DatabaseAddress(string ConnectionString);
