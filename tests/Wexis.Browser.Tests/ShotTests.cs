using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>The pictures of docs/screenshots, drawn anew from the demo by <c>./wexis shots</c>.</summary>
[Trait("category", "shots")]
public class ShotTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public void Every_main_view()
    {
        var folder = Environment.GetEnvironmentVariable("WEXIS_SHOTS")
            ?? throw new InvalidOperationException("WEXIS_SHOTS is not set. Run ./wexis shots.");
        var b = demo.Browser;
        void Shot(string name) => b.Picture(Path.Combine(folder, $"{name}.png"));

        b.Go("/");
        b.SeeText("Wrenmoor");
        b.SignInAs("Maren Lindqvay");
        b.Go("/anatomy/zygomaticus-major");
        b.SeeText("Arises from");
        Shot("anatomy");
        b.Go("/techniques?region=cheeks");
        b.SeeText("Air shuttle");
        Shot("techniques");
        b.Go("/techniques/whole");
        b.SeeText("Near-duplicates");
        Shot("library");
        b.Go("/techniques/notes");
        b.Type(
            Browser.Labelled("Old notes"),
            "Smile over the chin\nWith two fingers press firmly beside the nostrils for 10 seconds, three times. Keep the lips "
                + "relaxed. Never press on the eyeball. Smile with closed lips ten times, it works the zygomaticus mayor. "
                + "Then stroke from the chin to the ear like this, 5 times. Again on the other side."
        );
        b.Click("Read the notes");
        b.SeeText("is no name of the atlas");
        Shot("old-notes");
        b.Go("/techniques/claims");
        b.Type(
            Browser.Labelled("The page"),
            "Cheek lift\nSmile with your lips closed and hold for five seconds, ten times.\nThis exercise trains the great cheek "
                + "muscle and lifts hooded lids. It does not work the chewing muscle. It relaxes the masetter.\nOur morning "
                + "strokes flush out toxins.\nClinically proven: ten years younger."
        );
        b.Click("Check the claims");
        b.SeeText("do not stand");
        Shot("claims");
        b.Go("/screening");
        b.Click(Browser.Named("a", "Odile Farrant"));
        b.SeeText("Left out");
        Shot("screening");
        b.Go("/techniques");
        b.Click(Browser.Named("a", "Curved stone"));
        b.Click(By.XPath("//a[contains(@href, '/print/card')]"));
        b.See(By.CssSelector("[data-hand-out='card']"));
        Shot("hand-out");
        b.Go("/techniques");
        b.Click(Browser.Named("a", "Eyes wide, brow asleep"));
        b.See(By.CssSelector("[data-worked='frontalis']"));
        Shot("technique");
        b.Go("/routines");
        b.Click(Browser.Named("a", "Jaw and neck"));
        b.See(By.CssSelector("[data-total]"));
        Shot("routine");
        b.Go("/techniques");
        b.Click(Browser.Named("a", "Lid press"));
        b.See(By.CssSelector("[data-stopped]"));
        Shot("technique-stopped");
        b.Go("/programme");
        b.Click(Browser.Named("a", "Wrenmoor certificate"));
        b.SeeText("Structures it promises");
        Shot("programme");
        b.Click(Browser.Named("a", "Sequence"));
        b.Click("Plan it anew");
        b.SeeText("No better plan exists");
        Shot("sequence");
        b.Go("/examination");
        b.Click(Browser.Named("a", "Stone along the cheekbone"));
        b.SeeText("Pass line");
        Shot("mark-sheet");
        b.Stop("Grading");
        b.Choose(Browser.Labelled("Trainee"), "Nadira Solmund");
        b.Choose(Browser.Labelled("Station"), "Ear-to-collarbone glide");
        b.Click("Begin the demonstration");
        b.See(By.CssSelector("[data-column]"));
        b.Press("g");
        // At the technique's own tempo, so that the picture shows a believable one.
        for (var i = 0; i < 5; i++, Thread.Sleep(3300))
            b.Press(" ");
        b.Press("a");
        for (var i = 0; i < 3; i++, Thread.Sleep(3300))
            b.Press(" ");
        b.Press("q");
        b.Until(() => b.Has(By.CssSelector("[data-saving='0']")), "saved");
        Shot("grading");
        b.Size(768, 1024);
        Shot("grading-on-a-tablet");
        b.Size(1280, 800);
        b.Press("g", "3", "3", "2");
        b.See(By.CssSelector("[data-reason='1']"));
        b.Until(() => b.Has(By.CssSelector("[data-saving='0']")), "saved");
        b.Go("/results");
        b.SeeText("Joss Haverick");
        b.Click(Browser.Named("a", "Joss Haverick"));
        b.SeeText("What decided");
        Shot("result");
        b.Click(Browser.Named("a", "Compare the two sheets"));
        b.SeeText("Two sheets of one demonstration");
        b.Click(By.CssSelector("main summary"));
        Shot("compare");
        b.Go("/results/cohort");
        b.SeeText("Where most points are lost");
        Shot("glance");
        b.SignOut();
        b.SignInAs("Pilar Quennelby");
        b.Size(390, 780);
        b.Click(Browser.Named("a", "Stone along the cheekbone"));
        b.SeeText("Keep this");
        Shot("result-on-a-phone");
    }
}
