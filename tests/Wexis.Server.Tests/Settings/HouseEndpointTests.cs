using System.Diagnostics.Metrics;
using System.Net;
using Dapper;
using Microsoft.Extensions.DependencyInjection;
using Npgsql;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;
using Wexis.Server.App;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Settings;

/// <summary>What a house sets counts for what is derived and graded from then on; its day is its own.</summary>
public class HouseEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static async Task<SettingView> Setting(Visitor by, string name) =>
        (await by.Get<HouseView>("/api/house")).Settings.Single(s => s.Name == name);

    [Fact]
    public async Task A_change_counts_at_once_for_what_is_kept_and_what_is_derived_and_can_be_taken_back()
    {
        using var lead = await demo.As("maren");
        // Seconds at home of every technique, as it is kept and as it is shown.
        async Task<Dictionary<TechniqueId, double>> Kept()
        {
            await using var c = new NpgsqlConnection(demo.House.Database.ConnectionString);
            const string newest =
                "SELECT technique_id, (work -> 'times' -> 'home' ->> 'standard')::double precision FROM techniques.edition e "
                + "WHERE edition = (SELECT max(edition) FROM techniques.edition n WHERE n.technique_id = e.technique_id)";
            return (await c.QueryAsync<(TechniqueId Id, double Seconds)>(newest)).ToDictionary(x => x.Id, x => x.Seconds);
        }
        async Task<double> Shown(TechniqueId id) => (await lead.Get<TechniqueView>($"/api/techniques/{id}")).Derivation.Times.Home.Standard;
        var usual = await Kept();
        var before = await Setting(lead, "change-of-side");
        (
            await lead.Put(
                "/api/house/settings/change-of-side",
                new SettingChange(before.Version, before.Value + 10, "we talk while changing")
            )
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
        var longer = await Kept();
        var changed = longer.Keys.Where(k => longer[k] != usual[k]).ToList();
        changed.Count.ShouldBeGreaterThan(3);
        changed.Count.ShouldBeLessThan(usual.Count, "those of one side only");
        foreach (var id in changed)
            (longer[id] - usual[id]).ShouldBe(10 * Math.Round((longer[id] - usual[id]) / 10), 1e-6);
        (await Shown(changed[0])).ShouldBe(longer[changed[0]], 1e-6);
        var after = await Setting(lead, "change-of-side");
        (after.ToldBy, after.Reason, after.Version).ShouldBe(("Maren Lindqvay", "we talk while changing", before.Version + 1));
        await demo.House.Restart();
        await lead.SignIn("maren");
        (await Shown(changed[0])).ShouldBe(longer[changed[0]], 1e-6);
        (await lead.Put("/api/house/settings/change-of-side", new SettingChange(after.Version, null, null))).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        (await Kept()).ShouldBe(usual, ignoreOrder: true);
        (await Shown(changed[0])).ShouldBe(usual[changed[0]], 1e-6);
        (await Setting(lead, "change-of-side")).ToldBy.ShouldBeNull();
    }

    [Fact]
    public async Task What_is_set_through_one_server_counts_at_the_other_even_after_it_lost_the_store()
    {
        await using var house = await House.Open(demo: true);
        await using var second = House.On(house.Database);
        await second.Start();
        using var lead = await house.Visit().SignIn("maren");
        using var elsewhere = await second.Visit().SignIn("maren");
        async Task Heard(double value)
        {
            var before = await Setting(lead, "wipe");
            (await lead.Put("/api/house/settings/wipe", new SettingChange(before.Version, value, null))).StatusCode.ShouldBe(
                HttpStatusCode.OK
            );
            for (var i = 0; i < 100 && (await Setting(elsewhere, "wipe")).Value != value; i++)
                await Task.Delay(100);
            (await Setting(elsewhere, "wipe")).Value.ShouldBe(value);
        }
        await Heard(11);
        await house.Database.Execute(
            "SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = current_database() "
                + "AND usename = current_user AND query LIKE 'LISTEN%'"
        );
        await Heard(12);
    }

    [Fact]
    public async Task Two_who_change_one_setting_do_not_overwrite_each_other()
    {
        using var lead = await demo.As("maren");
        var seen = (await Setting(lead, "hand-change")).Version;
        var answers = await Task.WhenAll(
            Enumerable.Range(3, 6).Select(v => lead.Put("/api/house/settings/hand-change", new SettingChange(seen, v, null)))
        );
        answers.Count(a => a.StatusCode == HttpStatusCode.OK).ShouldBe(1);
        answers.Count(a => a.StatusCode == HttpStatusCode.Conflict).ShouldBe(5);
        (await demo.House.Database.Scalar<long>("SELECT count(*) FROM house.setting WHERE name = 'hand-change'")).ShouldBe(seen + 1);
    }

    [Fact]
    public async Task A_value_out_of_range_is_refused_with_its_field_and_an_unknown_setting_is_not_there()
    {
        using var lead = await demo.As("maren");
        (await Visitor.Refusal(await lead.Put("/api/house/settings/screening-days", new SettingChange(0, 4000, null)))).Keys.ShouldBe([
            "value",
        ]);
        (await lead.Put("/api/house/settings/no-such", new SettingChange(0, 1, null))).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await Visitor.Refusal(await lead.Put("/api/house/time-zone", new ZoneChange(0, "Nowhere/Callowmere")))).Keys.ShouldBe([
            "time_zone",
        ]);
        using var assessor = await demo.As("benno");
        (await assessor.Put("/api/house/settings/screening-days", new SettingChange(0, 60, null))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
    }

    [Fact]
    public async Task Today_is_the_houses_own_day()
    {
        using var lead = await demo.As("maren");
        // IANA time zone database: Kiritimati is UTC+14, Pago Pago UTC−11; 25 hours apart, so never on one day.
        var days = new List<DateOnly>();
        foreach (var zone in (string[])["Pacific/Kiritimati", "Pacific/Pago_Pago"])
        {
            var seen = (await lead.Get<HouseView>("/api/house")).TimeZoneVersion;
            var house = await Visitor.Read<HouseView>(await lead.Put("/api/house/time-zone", new ZoneChange(seen, zone)));
            days.Add(house.Today);
            (await lead.ReadSession()).TimeZone.ShouldBe(zone);
            // A day that has not come there yet is refused, one that has is not.
            async Task<bool> Refused(DateOnly on) =>
                (
                    await Visitor.Refusal(
                        await lead.Post(
                            "/api/anatomy/structures/masseter/checks",
                            new
                            {
                                checked_on = on,
                                checked_by = "Dr. Example",
                                qualified_as = "anatomist",
                                verdict = "right",
                            }
                        )
                    )
                ).ContainsKey("checked_on");
            (await Refused(house.Today)).ShouldBeFalse();
            (await Refused(house.Today.AddDays(1))).ShouldBeTrue();
        }
        days[0].ShouldBeGreaterThan(days[1]);
    }

    [Fact]
    public async Task A_programme_reads_what_is_kept_and_derives_nothing()
    {
        using var lead = await demo.As("maren");
        var techniques = (await lead.Get<Wexis.Data.Techniques.EditionLine[]>("/api/techniques"))
            .Where(t => t.Standing is EditionStanding.Approved or EditionStanding.Complete)
            .Select(t => t.Code)
            .Take(20)
            .ToArray();
        var programme = new ProgrammeDocument(
            null,
            "Read from what is kept",
            Units: [new("m", "One", "theory", 60, Techniques: techniques)]
        );
        await demo.House.Restart();
        await lead.SignIn("maren");
        var meters = demo.House.Services.GetRequiredService<IMeterFactory>();
        var derived = 0;
        using var listener = new MeterListener();
        listener.InstrumentPublished = (i, l) =>
        {
            if (i.Name == "wexis.derivation.duration" && ReferenceEquals(i.Meter.Scope, meters))
                l.EnableMeasurementEvents(i);
        };
        listener.SetMeasurementEventCallback<double>((_, _, _, _) => Interlocked.Increment(ref derived));
        listener.Start();
        var review = await Visitor.Read<ProgrammeReview>(await lead.Post("/api/programmes/review", programme));
        review.Coverage.Count.ShouldBeGreaterThan(5);
        derived.ShouldBe(0);
        // What other rules made, or what is not there, is derived and not believed.
        await demo.House.Database.Execute(
            "UPDATE techniques.edition SET work = CASE WHEN edition = 1 THEN NULL ELSE jsonb_set(work, '{made_by}', '\"old\"') END"
        );
        await demo.House.Restart();
        await lead.SignIn("maren");
        ExchangeOf(await Visitor.Read<ProgrammeReview>(await lead.Post("/api/programmes/review", programme))).ShouldBe(ExchangeOf(review));
        (
            await demo.House.Database.Scalar<long>(
                "SELECT count(DISTINCT work ->> 'made_by') FROM techniques.edition e WHERE edition = (SELECT max(edition) "
                    + "FROM techniques.edition n WHERE n.technique_id = e.technique_id)"
            )
        ).ShouldBe(1);
    }

    private static string ExchangeOf(ProgrammeReview review) => Wexis.Core.Measures.ExchangeJson.Write(review);
}
