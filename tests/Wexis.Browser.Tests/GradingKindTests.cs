using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>What is seen first, what is judged afterwards; partners, groups, corrections, lessons; a film and a paper sheet.</summary>
public class GradingKindTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static Browser Begin(DemoHouse demo, string trainee, string station, string who = "Maren Lindqvay")
    {
        var b = new Browser(demo.House.Address);
        b.SignInAs(who);
        b.Stop("Grading");
        b.Choose(Browser.Labelled("Trainee"), trainee);
        b.Choose(Browser.Labelled("Station"), station);
        b.Click("Begin the demonstration");
        b.See(By.CssSelector("[data-phase='performing']"));
        return b;
    }

    private static void Saved(Browser b) => b.Until(() => b.Has(By.CssSelector("[data-saving='0']")), "all is saved");

    private static int CountOf(Browser b, string column) =>
        int.Parse(b.See(By.CssSelector($"[data-column='{column}']")).GetAttribute("data-count")!);

    /// <summary>
    /// The bar: a sheet of 15 criteria with at most 20 presses beyond counting, and by the keystroke-level model (Card, Moran and Newell:
    /// 0.2 s a key, 1.1 s to point, 0.4 s to change to the keyboard, 1.35 s to think) at most 40 % of paper that is typed up afterwards.
    /// </summary>
    [Fact]
    public void A_sheet_is_complete_with_twenty_presses_beyond_counting()
    {
        using var b = Begin(demo, "Pilar Quennelby", "Ear-to-collarbone glide");
        b.Press("g");
        b.Interactions = 0;
        for (var i = 0; i < 5; i++)
            b.Press(" ");
        b.Press("a");
        for (var i = 0; i < 5; i++)
            b.Press(" ");
        var counting = b.Interactions;
        b.Press("g");
        Saved(b);
        var criteria = b.Count(By.CssSelector("[data-criterion]"));
        criteria.ShouldBe(15);
        var judged = b.Count(By.CssSelector("[data-criterion][data-marked='false']"));
        for (var i = 0; i < judged; i++)
            b.Press("3");
        b.Until(() => b.Text.Contains("everything is marked"), "everything is marked");
        Saved(b);
        b.Click("Submit the sheet");
        b.SeeText("What decided");
        // Start, finish and submit are presses too.
        var presses = b.Interactions - counting + 1;
        presses.ShouldBeLessThanOrEqualTo(20);
        const double Key = 0.2,
            Point = 1.1,
            Home = 0.4,
            Think = 1.35;
        var onScreen = (presses * Key) + Point + (2 * Home) + (judged * Think);
        // On paper: a mark is a thought, the hand to its box and a stroke; then each is found, read and typed into a table, and the sum
        // made.
        var onPaper = (judged * (Think + Point + Key)) + (criteria * ((2 * Think) + Point + Home + (3 * Key))) + (2 * (Think + (8 * Key)));
        (onScreen / onPaper).ShouldBeLessThanOrEqualTo(0.4);
    }

    [Fact]
    public void Nothing_scrolls_while_somebody_performs_and_everything_is_large_enough()
    {
        using var b = Begin(demo, "Nadira Solmund", "Evening way down");
        b.Press("g", " ", "q");
        Saved(b);
        foreach (var (width, height) in new[] { (1280, 800), (1180, 820), (1024, 768), (768, 1024) })
        {
            b.Size(width, height);
            b.Until(
                () => b.Number("document.documentElement.scrollHeight - document.documentElement.clientHeight") <= 0,
                $"nothing scrolls at {width} by {height}"
            );
            b.SideScroll().ShouldBe(0, $"{width} by {height}");
            b.SmallerThan("main button, main select, main summary", 44).ShouldBeEmpty($"{width} by {height}");
        }
    }

    [Fact]
    public void A_side_that_has_its_dose_is_left_by_itself_and_can_be_called_back()
    {
        using var b = Begin(demo, "Ilse Marrowby", "1 · Ear-to-collarbone glide");
        b.Press("g");
        for (var i = 0; i < 5; i++)
            b.Press(" ");
        b.Until(() => b.Has(By.CssSelector("[data-moved='right']")), "after a pause the left side is next", 20);
        b.Press(" ");
        b.Until(() => CountOf(b, "left") == 1, "what comes then counts there");
        b.Press("z");
        b.Until(() => CountOf(b, "left") == 0, "taken back");
        b.Press("a", " ");
        b.Until(() => CountOf(b, "right") == 6, "and the right side is called back");
        // Called back once it stays.
        Thread.Sleep(8000);
        b.Has(By.CssSelector("[data-moved]")).ShouldBeFalse();
    }

    [Fact]
    public void A_mark_below_full_asks_why_and_a_fault_can_be_mended_by_its_maker()
    {
        using var b = Begin(demo, "Emrys Tallowin", "Ear-to-collarbone glide, on a partner");
        b.SeeText("left and right are the partner’s");
        b.Press("g", "q");
        b.Click("mended by themselves");
        b.SeeText("Last: mended by themselves");
        b.Click("says: tenderness");
        b.Click("7");
        b.SeeText("trainee says: tenderness 7 of 10");
        b.Press("g");
        var first = b.See(By.CssSelector("[data-judging]")).GetAttribute("data-judging");
        b.Press("3");
        b.Until(() => b.See(By.CssSelector("[data-judging]")).GetAttribute("data-judging") != first, "a full mark goes on");
        var second = b.See(By.CssSelector("[data-judging]")).GetAttribute("data-judging");
        b.Press("0");
        b.See(By.CssSelector("[data-reason='1']"));
        b.See(By.CssSelector("[data-judging]")).GetAttribute("data-judging").ShouldBe(second, "a lower one waits for why");
        b.Press("q");
        b.Until(() => b.See(By.CssSelector("[data-judging]")).GetAttribute("data-judging") != second, "one touch, and on");
        b.Press("b");
        b.See(By.CssSelector("[data-shown='?']"));
        Saved(b);
        b.Click("not finished: go on counting");
        b.See(By.CssSelector("[data-phase='performing']"));
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_planted_fault_is_caught_against_the_clock()
    {
        using var b = Begin(demo, "Joss Haverick", "correcting a planted fault");
        b.Press("g");
        b.Click(By.CssSelector("[data-plant]"));
        Thread.Sleep(800);
        b.Press(" ");
        b.See(By.CssSelector("[data-caught]"));
        b.Press("g");
        Saved(b);
        b.Until(() => b.Has(By.CssSelector("[data-criterion='noticing'][data-marked='true']")), "its seconds are measured");
        var judged = b.Count(By.CssSelector("[data-criterion][data-marked='false']"));
        for (var i = 0; i < judged; i++)
            b.Press("3");
        b.Until(() => b.Text.Contains("everything is marked"), "everything is marked");
        b.Click("Submit the sheet");
        b.SeeText("Passed with merit");
    }

    [Fact]
    public void A_lesson_is_graded_by_three_keys()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Stop("Grading");
        b.Click(By.XPath("//label[normalize-space()='a lesson']"));
        b.Choose(Browser.Labelled("Trainee"), "Tobin Achterlund");
        b.Choose(Browser.Labelled("Technique"), "Rim feather");
        b.Click("Open the one-minute sheet");
        b.See(By.CssSelector("[data-judging]"));
        b.Press("3", "3", "3");
        b.Until(() => b.Text.Contains("everything is marked"), "three keys");
        b.Click("Submit the sheet");
        b.SeeText("in a lesson");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_paper_sheet_is_typed_in_from_field_to_field()
    {
        using var b = Begin(demo, "Tobin Achterlund", "Knuckle knead of the chewing muscle");
        b.Click(Browser.Named("a", "type in from paper"));
        b.SeeText("from paper");
        var counts = b.Count(By.CssSelector("fieldset:first-of-type input[type=text]"));
        b.Click(By.CssSelector("fieldset:first-of-type input[type=text]"));
        for (var i = 0; i < counts; i++)
            b.Press("30", Keys.Enter);
        var marks = b.Count(By.CssSelector("[data-paper]"));
        for (var i = 0; i < marks; i++)
            b.Press("3");
        b.Click("Take it over");
        b.See(By.CssSelector("[data-phase='judging']"));
        b.Until(() => b.Text.Contains("everything is marked"), "the sheet is whole");
        b.Click("Submit the sheet");
        b.SeeText("What decided");
    }

    /// <summary>Records two seconds of a drawing, as a camera would, and gives the file to the page.</summary>
    private const string RecordFilm = """
        const done = arguments[arguments.length - 1];
        const canvas = document.createElement("canvas");
        canvas.width = 160; canvas.height = 120;
        const draw = canvas.getContext("2d");
        let n = 0;
        const timer = setInterval(() => { draw.fillStyle = `hsl(${n++ * 9} 60% 50%)`; draw.fillRect(0, 0, 160, 120); }, 40);
        const recorder = new MediaRecorder(canvas.captureStream(25), { mimeType: "video/webm" });
        const pieces = [];
        recorder.ondataavailable = (e) => pieces.push(e.data);
        recorder.onstop = () => {
          clearInterval(timer);
          const given = new DataTransfer();
          given.items.add(new File(pieces, "ilse.webm", { type: "video/webm" }));
          const field = document.querySelector("input[aria-label='Film']");
          field.files = given.files;
          const size = given.files[0].size;
          field.dispatchEvent(new Event("change", { bubbles: true }));
          done(size);
        };
        recorder.start();
        setTimeout(() => recorder.stop(), 2000);
        """;

    [Fact]
    public async Task A_film_is_marked_at_its_second_and_never_leaves_the_machine()
    {
        using var b = Begin(demo, "Nadira Solmund", "1 · Ear-to-collarbone glide");
        var id = Guid.Parse(b.Path.Split('/')[^1]);
        b.Give(By.CssSelector("input[aria-label='Film']"), "no-film.webm", "these are words");
        b.SeeText("no film that this browser can play");
        b.Async(RecordFilm).ShouldBeGreaterThan(1000);
        b.See(By.CssSelector("video"));
        b.Until(() => b.Number("document.querySelector('video').readyState") >= 2, "the film can be seen");
        b.Press("g");
        b.Click("one picture on");
        b.Until(() => b.Number("document.querySelector('video').currentTime") > 0.03, "one picture on");
        b.Press(" ");
        b.Give(By.CssSelector("input[aria-label='Notes with times']"), "seen.vtt", "WEBVTT\n\n00:01.000 --> 00:02.000\nthe chin comes out");
        b.Until(() => b.Text.Contains("note: the chin comes out"), "the note is taken in");
        b.Give(By.CssSelector("input[aria-label='Notes with times']"), "broken.vtt", "WEBVTT\n\n00:09.000 --> 00:02.000\nnothing");
        b.SeeText("line 3");
        Saved(b);
        var film = await demo.House.Database.Scalar<string>(
            "SELECT target FROM grading.mark_event WHERE kind = 'film' AND demonstration_id = @id",
            new { id }
        );
        film!.Length.ShouldBe(64);
        (
            await demo.House.Database.Scalar<long>(
                "SELECT at_ms FROM grading.mark_event WHERE kind = 'rep' AND demonstration_id = @id",
                new { id }
            )
        ).ShouldBeInRange(30, 1000, "the film's second, not the clock's");
        (
            await demo.House.Database.Scalar<long>(
                "SELECT count(*) FROM grading.mark_event WHERE kind = 'note' AND at_ms = 1000 AND demonstration_id = @id",
                new { id }
            )
        ).ShouldBe(1);
    }

    [Fact]
    public void Whoever_is_in_charge_sees_the_stations_fill_and_no_mark()
    {
        using var assessor = Begin(demo, "Ilse Marrowby", "Knuckle knead of the chewing muscle", "Benno Fairweld");
        var id = assessor.Path.Split('/')[^1];
        using var lead = new Browser(demo.House.Address);
        lead.SignInAs("Maren Lindqvay");
        lead.Stop("Grading");
        lead.See(By.CssSelector($"[data-demonstration='{id}'][data-stage='not begun']"));
        assessor.Press("g");
        lead.See(By.CssSelector($"[data-demonstration='{id}'][data-stage='showing now']"), "it is live");
        assessor.Press("g", "3", "3");
        lead.Until(
            () =>
                lead.See(By.CssSelector($"[data-demonstration='{id}']"))
                    .GetAttribute("data-stage")!
                    .StartsWith("2 of", StringComparison.Ordinal),
            "it fills"
        );
        lead.Go($"/grading/{id}");
        lead.SeeText("Benno Fairweld grades this demonstration.");
        lead.Has(By.CssSelector("[data-criterion]")).ShouldBeFalse();
    }
}
