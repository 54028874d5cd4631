using OpenQA.Selenium;
using Wexis.TestHouse;

namespace Wexis.Browser.Tests;

/// <summary>Grading with the eyes on the trainee: by keys alone, without a network, through a crash and a restart.</summary>
public class GradingTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    internal static void Begin(Browser b, string trainee, string station)
    {
        b.Stop("Grading");
        b.Choose(Browser.Labelled("Trainee"), trainee);
        b.Choose(Browser.Labelled("Station"), station);
        b.Click("Begin the demonstration");
        b.See(By.CssSelector("[data-column]"));
    }

    private static int CountOf(Browser b, string column) =>
        int.Parse(b.See(By.CssSelector($"[data-column='{column}']")).GetAttribute("data-count")!);

    [Fact]
    public void An_assessor_grades_a_station_by_keyboard_alone()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Benno Fairweld");
        Begin(b, "Tobin Achterlund", "Ear-to-collarbone glide");
        b.Press("g");
        for (var i = 0; i < 5; i++)
            b.Press(" ");
        b.Press("a");
        for (var i = 0; i < 6; i++)
            b.Press(" ");
        b.Press("z");
        b.Until(() => CountOf(b, "left") == 5 && CountOf(b, "right") == 5, "five on each side after one was taken back");
        b.Press("q");
        b.See(By.CssSelector("[data-fault='own-1'] .font-semibold"));
        b.Press("g");
        b.Until(() => b.Has(By.CssSelector("[data-saving='0']")), "what was counted is measured");
        var judged = b.Count(By.CssSelector("[data-criterion][data-marked='false']"));
        for (var i = 0; i < judged; i++)
            b.Press("3");
        b.Until(() => b.See(By.CssSelector("[data-saving='0']")).Text.Contains("everything is marked"), "everything is marked and saved");
        // The same mark can be changed: back to the last criterion, a 2 instead.
        b.Press("2");
        b.See(By.CssSelector("[data-criterion='adaptation'][data-shown='2']"));
        b.Click("Submit the sheet");
        b.SeeText("What decided");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_hold_is_taken_from_press_and_release_and_fills_its_criterion()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        Begin(b, "Pilar Quennelby", "Kiss against two fingers");
        b.Press("g");
        b.HoldKey("f", TimeSpan.FromMilliseconds(1500));
        b.Until(() => CountOf(b, "midline") == 1, "a hold that was let go is one repetition");
        var seconds = double.Parse(
            b.See(By.CssSelector("[data-column='midline'] [data-last-hold]")).GetAttribute("data-last-hold")!,
            System.Globalization.CultureInfo.InvariantCulture
        );
        seconds.ShouldBeInRange(1.3, 2.2, "1.5 s held, and what the driver needs to press a key");
        b.Press("z");
        b.Until(() => CountOf(b, "midline") == 0, "taking back a hold takes its press too");
    }

    [Fact]
    public void Marks_given_without_a_network_are_kept_shown_as_waiting_and_sent_when_it_is_back()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        Begin(b, "Ilse Marrowby", "Eyes wide, brow asleep");
        b.Press("g", " ");
        b.Until(() => CountOf(b, "both") == 1 && b.Has(By.CssSelector("[data-saving='0']")), "the first marks are saved");
        b.Offline(true);
        b.Press(" ", " ", " ");
        b.Until(() => CountOf(b, "both") == 4, "counting goes on without a network");
        b.Until(() => b.Has(By.CssSelector("[data-saving='3']")), "three marks wait");
        b.SeeText("the server does not answer");
        b.Offline(false);
        b.Until(() => b.Has(By.CssSelector("[data-saving='0']")), "they are sent when it is back");
        b.Reload();
        b.Until(() => CountOf(b, "both") == 4, "and a reload shows them");
    }

    [Fact]
    public async Task A_browser_that_crashes_in_mid_grading_and_a_server_that_restarts_lose_nothing()
    {
        await using var house = await House.Open(demo: true, DemoHouse.WebRoot);
        var profile = Directory.CreateTempSubdirectory("wexis-crash-").FullName;
        string path;
        var b = new Browser(house.Address, profile);
        b.SignInAs("Maren Lindqvay");
        Begin(b, "Joss Haverick", "Ear-to-collarbone glide");
        path = b.Path;
        b.Press("g", " ", " ");
        b.Until(() => CountOf(b, "right") == 2 && b.Has(By.CssSelector("[data-saving='0']")), "saved so far");
        // The server goes away; two more marks reach only this browser; then the browser dies too.
        await house.Stop();
        b.Press(" ", " ");
        b.Until(() => b.Has(By.CssSelector("[data-saving='2']")), "two marks wait");
        Thread.Sleep(1500);
        b.Crash();
        await house.Start();
        using var again = new Browser(house.Address, profile);
        // A browser writes its cookies to disk only now and then: whoever crashed may have to sign in again.
        again.SignInAs("Maren Lindqvay");
        again.Go(path);
        again.Until(() => CountOf(again, "right") == 4, "all four are there again");
        again.Until(() => again.Has(By.CssSelector("[data-saving='0']")), "and now the server has them");
        (
            await house.Database.Scalar<long>(
                "SELECT count(*) FROM grading.mark_event e JOIN grading.demonstration d USING (demonstration_id) "
                    + "JOIN people.person p ON p.person_id = d.trainee_id WHERE p.login = 'joss' AND d.second_of IS NULL "
                    + "AND d.assessor_id <> (SELECT person_id FROM people.person WHERE login = 'benno')"
            )
        ).ShouldBe(5);
    }

    [Fact]
    public async Task A_grading_page_that_was_open_today_opens_while_the_house_does_not_answer()
    {
        await using var house = await House.Open(demo: true, DemoHouse.WebRoot);
        using var b = new Browser(house.Address);
        b.SignInAs("Maren Lindqvay");
        Begin(b, "Joss Haverick", "Ear-to-collarbone glide");
        var path = b.Path;
        b.Until(
            () => b.Number("navigator.serviceWorker && navigator.serviceWorker.controller ? 1 : 0") == 1,
            "the page is kept by this browser"
        );
        // Read once more, now that it is kept: as anybody does who opens the page a second time that day.
        b.Reload();
        b.See(By.CssSelector("[data-column]"));
        b.Press("g", " ", " ");
        b.Until(() => CountOf(b, "right") == 2 && b.Has(By.CssSelector("[data-saving='0']")), "saved so far");
        await house.Stop();
        b.Go(path);
        b.Until(() => CountOf(b, "right") == 2, "the page opens without the house, with every mark");
        b.Press(" ", " ");
        b.Until(() => CountOf(b, "right") == 4 && b.Has(By.CssSelector("[data-saving='2']")), "and grading goes on");
        b.Reload();
        b.Until(() => CountOf(b, "right") == 4, "over a reload too");
        await house.Start();
        b.Until(() => b.Has(By.CssSelector("[data-saving='0']")), "the house has them as soon as it answers", 30);
        (
            await house.Database.Scalar<long>(
                "SELECT count(*) FROM grading.mark_event WHERE kind = 'rep' AND demonstration_id = @id",
                new { id = Guid.Parse(path.Split('/')[^1]) }
            )
        ).ShouldBe(4);
        // Signed out, nothing that was read stays.
        b.Go("/people");
        b.SignOut();
        b.See(By.Id("sign-in"));
        await house.Stop();
        b.Go(path);
        Thread.Sleep(1000);
        b.Has(By.CssSelector("[data-column]")).ShouldBeFalse();
    }

    [Fact]
    public void A_session_that_ends_in_mid_grading_leads_to_the_door_and_back_to_every_mark()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        Begin(b, "Nadira Solmund", "Eyes wide, brow asleep");
        var path = b.Path;
        b.Press("g", " ");
        b.Until(() => CountOf(b, "both") == 1 && b.Has(By.CssSelector("[data-saving='0']")), "the first marks are saved");
        b.ForgetSession();
        b.Press(" ");
        b.See(By.Id("sign-in"), "the server knows nobody any more: the door");
        b.Click("Maren Lindqvay");
        b.See(By.CssSelector("[data-column]"), "back at the bench");
        b.Path.ShouldBe(path);
        b.Until(
            () => CountOf(b, "both") == 2 && b.Has(By.CssSelector("[data-saving='0']")),
            "the mark that met the shut door is there, and saved"
        );
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_sheet_that_is_not_marked_to_its_end_cannot_be_submitted_and_says_what_is_missing()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        Begin(b, "Tobin Achterlund", "Stone along the cheekbone");
        b.SeeText("not marked yet");
        b.See(Browser.Named("button", "Submit the sheet")).Enabled.ShouldBeFalse("it is not stopped yet");
        b.Press("g", " ", "g");
        b.Click("Submit the sheet");
        b.SeeText("criteria are still unmarked. Every mark given is kept.");
    }

    [Fact]
    public void A_critical_act_fails_at_once_whatever_the_marks()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        Begin(b, "Emrys Tallowin", "Stone along the cheekbone");
        b.Press("g", " ", "v", "4", "g");
        b.Until(() => b.Has(By.CssSelector("[data-saving='0']")), "saved");
        b.Click("Submit the sheet");
        b.SeeText("Not passed: a critical act");
        b.SeeText("a tool or firm work over excluded skin");
    }
}
