using System.Globalization;
using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Measures;
using Wexis.Data.Settings;
using Wexis.Data.Techniques;
using Wexis.Server.Settings;
using Wexis.Server.Shell;
using Wexis.Server.Techniques;

namespace Wexis.Server.App;

/// <summary>One setting as the house has it.</summary>
/// <param name="Value">As it counts now.</param>
/// <param name="Version">Sent back with a change; 0 where nothing was ever told.</param>
/// <param name="Source">Where the default comes from.</param>
/// <param name="ToldBy">Who told it otherwise; null while the default counts.</param>
public sealed record SettingView(
    string Name,
    string Group,
    string Title,
    string Unit,
    double Value,
    double Default,
    double Least,
    double Most,
    bool Whole,
    string Source,
    int Version,
    string? ToldBy,
    DateTimeOffset? ToldAt,
    string Reason
);

/// <param name="TimeZone">Of the house, by its IANA name; decides what day it is.</param>
/// <param name="Today">There.</param>
/// <param name="Zones">All that are known here.</param>
public sealed record HouseView(
    string TimeZone,
    int TimeZoneVersion,
    DateOnly Today,
    IReadOnlyList<string> Zones,
    IReadOnlyList<SettingView> Settings
);

/// <param name="Seen">The version that stood when the change was decided on.</param>
/// <param name="Value">Null: the default counts again.</param>
public sealed record SettingChange(int Seen, double? Value, string? Reason);

/// <param name="Seen">The version that stood when the change was decided on.</param>
public sealed record ZoneChange(int Seen, string? TimeZone);

public static class HouseEndpoints
{
    private const string Refused = "This setting cannot be changed like this. Nothing was changed.";

    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/house").WithTags("House").RequireAuthorization(Policies.Staff);
        group.MapGet("", Get).WithName("getHouse");
        group.MapPut("/settings/{name}", Change).RequireAuthorization(Policies.Lead).WithName("changeSetting");
        group.MapPut("/time-zone", ChangeZone).RequireAuthorization(Policies.Lead).WithName("changeTimeZone");
    }

    private static async Task<Ok<HouseView>> Get(HouseDesk house, SettingStore store, CancellationToken ct) =>
        TypedResults.Ok(await View(house, store, ct));

    private static async Task<Results<Ok<HouseView>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Change(
        string name,
        SettingChange given,
        ClaimsPrincipal user,
        HouseDesk house,
        SettingStore store,
        TechniqueDesk desk,
        EditionStore editions,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (SettingCatalogue.Find(name) is not { } setting)
            return TypedResults.NotFound();
        List<Issue> issues =
        [
            .. SettingCatalogue.Issues(setting, given.Value ?? setting.Default, house.Settings),
            .. new[] { Check.NoLongerThan(given.Reason, 600, "reason") }.OfType<Issue>(),
        ];
        if (issues.Count > 0)
            return Problems.Of(issues, Refused);
        var told = given.Value?.ToString("R", CultureInfo.InvariantCulture);
        if (!await store.Tell(name, given.Seen, told, given.Reason?.Trim() ?? "", user.PersonId(), clock.GetUtcNow(), ct))
            return Problems.Stale("setting");
        await house.Read(ct);
        // What was derived under other settings is derived anew before anybody reads it.
        await desk.MakeBriefsAnew(editions, ct);
        return TypedResults.Ok(await View(house, store, ct));
    }

    private static async Task<Results<Ok<HouseView>, ValidationProblem, Conflict<ProblemDetails>>> ChangeZone(
        ZoneChange given,
        ClaimsPrincipal user,
        HouseDesk house,
        SettingStore store,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (given.TimeZone is not { } zone || !Zones.Contains(zone, StringComparer.Ordinal))
            return Problems.Of("time_zone", $"time_zone: “{given.TimeZone}” is not known here. Choose one from the list.", Refused);
        if (!await store.Tell(HouseDesk.ZoneName, given.Seen, zone, "", user.PersonId(), clock.GetUtcNow(), ct))
            return Problems.Stale("setting");
        await house.Read(ct);
        return TypedResults.Ok(await View(house, store, ct));
    }

    private static IReadOnlyList<string> Zones { get; } =
    [
        .. TimeZoneInfo
            .GetSystemTimeZones()
            .Select(z => z.Id)
            .Append(TimeZoneInfo.Local.Id)
            .Distinct(StringComparer.Ordinal)
            .Order(StringComparer.Ordinal),
    ];

    private static async Task<HouseView> View(HouseDesk house, SettingStore store, CancellationToken ct)
    {
        var told = (await store.All(ct)).ToDictionary(s => s.Name, StringComparer.Ordinal);
        return new(
            house.Zone.Id,
            told.GetValueOrDefault(HouseDesk.ZoneName)?.Version ?? 0,
            house.Today,
            Zones,
            [
                .. SettingCatalogue.All.Select(s =>
                {
                    var by = told.GetValueOrDefault(s.Name);
                    var own = by?.Value is not null;
                    return new SettingView(
                        s.Name,
                        s.Group,
                        s.Title,
                        s.Unit,
                        s.Read(house.Settings),
                        s.Default,
                        s.Least,
                        s.Most,
                        s.Whole,
                        s.Source,
                        by?.Version ?? 0,
                        own ? by!.ChangedBy : null,
                        own ? by!.ChangedAt : null,
                        own ? by!.Reason : ""
                    );
                }),
            ]
        );
    }
}
