using OpenQA.Selenium;
using Wexis.Server.Techniques;

namespace Wexis.Browser.Tests;

/// <summary>"Saved" means stored: on a slow network, without one, over a reload, and beside somebody else.</summary>
public class SavingTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static readonly By Name = Browser.Labelled("Name of the technique");

    [Fact]
    public async Task What_is_typed_while_a_save_is_on_its_way_stays_unsaved_until_its_own_save()
    {
        var b = Written("First words");
        var id = b.Path.Split('/')[^1];
        b.Slow(1500);
        b.Click("Save the technique");
        b.Type(Name, "First words and more");
        b.Slow(0);
        b.Until(() => b.Has(Status("not saved yet, kept in this browser")), "the later words wait for their own save", 20);
        using var other = await demo.House.Visit().SignIn("maren");
        (await other.Get<TechniqueView>($"/api/techniques/{id}")).Document.Name.ShouldBe("First words");
        b.Click("Save the technique");
        b.Until(() => b.Has(Status("saved")), "saved");
        (await other.Get<TechniqueView>($"/api/techniques/{id}")).Document.Name.ShouldBe("First words and more");
    }

    [Fact]
    public async Task Without_a_network_it_says_so_keeps_the_text_and_catches_up_by_itself()
    {
        var b = Written("Far from a network");
        var id = b.Path.Split('/')[^1];
        b.Click("Save the technique");
        b.Until(() => b.Has(Status("saved")), "saved");
        b.Type(Name, "Written in the train");
        b.Offline(true);
        b.Click("Save the technique");
        b.SeeText("offline: kept in this browser");
        b.Offline(false);
        b.Until(() => b.Has(Status("saved")), "saved by itself", 20);
        using var other = await demo.House.Visit().SignIn("maren");
        (await other.Get<TechniqueView>($"/api/techniques/{id}")).Document.Name.ShouldBe("Written in the train");
    }

    [Fact]
    public void New_work_that_was_never_saved_is_listed_and_comes_back()
    {
        var b = Written("Never saved");
        b.Go("/techniques");
        b.See(By.XPath("//*[@data-unsaved]//a[.='Never saved']"));
        b.Reload();
        b.Click(By.XPath("//*[@data-unsaved]//a[.='Never saved']"));
        b.Until(() => b.See(Name).GetDomProperty("value") == "Never saved", "it is there");
        b.Go("/techniques");
        b.Axe().ShouldBeEmpty();
        b.Click("set aside: Never saved");
        b.Until(() => !b.Has(By.XPath("//*[@data-unsaved]//a[.='Never saved']")), "set aside");
    }

    [Fact]
    public async Task A_text_that_somebody_else_saved_is_taken_up_when_nothing_was_typed_and_never_saved_over_unseen()
    {
        var b = Written("Open in two places");
        var id = b.Path.Split('/')[^1];
        b.Click("Save the technique");
        b.Until(() => b.Has(Status("saved")), "saved");
        using var other = await demo.House.Visit().SignIn("maren");
        var view = await other.Get<TechniqueView>($"/api/techniques/{id}");
        await Visitor(other, id, view, "Theirs, first");
        // Reading anew (here: coming back to the page) brings theirs in.
        b.Go("/techniques").Go($"/techniques/{id}");
        b.Until(() => b.See(Name).GetDomProperty("value") == "Theirs, first", "theirs is shown");
        b.Type(Name, "Mine, begun on theirs");
        await Visitor(other, id, await other.Get<TechniqueView>($"/api/techniques/{id}"), "Theirs, second");
        b.Reload();
        b.SeeText("Someone else changed this technique first. Your text is still here.");
        b.Click("Save mine over it");
        b.Until(() => b.Has(Status("saved")), "saved, knowingly");
        (await other.Get<TechniqueView>($"/api/techniques/{id}")).Document.Name.ShouldBe("Mine, begun on theirs");
    }

    private static async Task Visitor(TestHouse.Visitor who, string id, TechniqueView view, string name) =>
        (
            await who.Put($"/api/techniques/{id}", new TechniqueSave(view.Edition, view.Version, view.Document with { Name = name }))
        ).EnsureSuccessStatusCode();

    private Browser Written(string name)
    {
        var b = demo.Browser;
        if (!b.Has(By.XPath("//nav[@aria-label='The order of the work']")))
            b.SignInAs("Maren Lindqvay");
        b.Go("/techniques");
        b.Click("Write a technique");
        b.Type(Name, name);
        return b;
    }

    private static By Status(string words) => By.XPath($"//*[@role='status'][normalize-space()='{words}']");
}
