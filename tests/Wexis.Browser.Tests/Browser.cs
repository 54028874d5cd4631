using System.Text.Json;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Interactions;
using Wexis.TestHouse;

namespace Wexis.Browser.Tests;

/// <summary>A person at a headless Chromium. Things are found by role and name, as a person finds them; every act is counted.</summary>
public sealed class Browser : IDisposable
{
    private readonly Uri _address;
    private readonly ChromeDriver _driver;
    private readonly string _profile;
    private readonly bool _ownProfile;

    /// <param name="profile">A folder that outlives the browser, to come back after a crash; null for a fresh one.</param>
    public Browser(Uri address, string? profile = null, int width = 1280, int height = 800)
    {
        _address = address;
        _ownProfile = profile is null;
        _profile = profile ?? Directory.CreateTempSubdirectory("wexis-browser-").FullName;
        // The house's own certificate is one that a person accepts once, having compared its fingerprint.
        var options = new ChromeOptions
        {
            BinaryLocation = "/usr/bin/chromium",
            AcceptInsecureCertificates = address.Scheme == Uri.UriSchemeHttps,
        };
        options.AddArguments(
            "--headless=new",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-dev-shm-usage",
            $"--user-data-dir={_profile}",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--disable-quic",
            "--disable-default-apps",
            "--disable-extensions",
            "--force-device-scale-factor=1",
            "--hide-scrollbars",
            "--lang=en-US",
            "--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost"
        );
        options.SetLoggingPreference(LogType.Browser, LogLevel.Severe);
        var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");
        service.SuppressInitialDiagnosticInformation = true;
        _driver = new ChromeDriver(service, options, TimeSpan.FromSeconds(90));
        Size(width, height);
    }

    /// <summary>How many things the person did since this was last set: a click, a key, or a text typed into a field.</summary>
    public int Interactions { get; set; }

    /// <summary>
    /// Seconds that these acts take by keystroke-level arithmetic (Card, Moran and Newell 1980): key 0.28, point 1.1, press 0.2, home
    /// 0.4, think 1.35.
    /// </summary>
    public double KeystrokeSeconds { get; set; }
    private const double Key = 0.28;
    private const double PointAndPress = 1.1 + 0.2;
    private const double Home = 0.4;
    private const double Think = 1.35;

    public string Path => new Uri(_driver.Url).AbsolutePath;

    public void Size(int width, int height) =>
        _driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new()
            {
                ["width"] = width,
                ["height"] = height,
                ["deviceScaleFactor"] = 1,
                ["mobile"] = false,
            }
        );

    public Browser Go(string path)
    {
        _driver.Navigate().GoToUrl(new Uri(_address, path));
        return this;
    }

    public void Reload() => _driver.Navigate().Refresh();

    /// <summary>Signs in by the demo's own offer on the sign-in page.</summary>
    public Browser SignInAs(string name)
    {
        Go("/");
        Until(() => Has(Named("button", name)) || Has(By.XPath("//nav[@aria-label='The order of the work']")), "the door or the house");
        if (Has(Named("button", name)))
            Click(Named("button", name));
        Until(() => Has(By.XPath("//nav[@aria-label='The order of the work']")), $"{name} is inside");
        return this;
    }

    /// <summary>Signs in by typing, as somebody does who is no demo account.</summary>
    public void SignInBy(string login, string password, By? home = null)
    {
        Go("/");
        Type(Labelled("User name"), login);
        Type(Labelled("Password"), password);
        Click(By.XPath("//form//button[normalize-space()='Sign in']"));
        See(home ?? By.XPath("//nav[@aria-label='The order of the work']"));
    }

    /// <summary>Signs out, and waits at the door.</summary>
    public void SignOut()
    {
        Click("Sign out");
        See(By.Id("sign-in"), "the door");
    }

    public Browser Stop(string word)
    {
        Click(By.XPath($"//nav[@aria-label='The order of the work']//a[span[normalize-space()={Quoted(word)}]]"));
        return this;
    }

    /// <summary>Something with this tag whose words or label hold the name.</summary>
    public static By Named(string tag, string name) =>
        By.XPath($"//{tag}[contains(normalize-space(.), {Quoted(name)}) or contains(@aria-label, {Quoted(name)})]");

    /// <summary>The control that belongs to this label.</summary>
    public static By Labelled(string label) =>
        By.XPath(
            $"//*[@id=//label[contains(normalize-space(.), {Quoted(label)})]/@for] | //*[self::input or self::textarea or "
                + $"self::select][contains(@aria-label, {Quoted(label)})] | //label[contains(normalize-space(.), "
                + $"{Quoted(label)})]//*[self::input or self::select]"
        );

    public IWebElement See(By what, string? because = null)
    {
        IWebElement? found = null;
        Until(() => (found = _driver.FindElements(what).FirstOrDefault(e => e.Displayed)) is not null, because ?? what.ToString());
        return found!;
    }

    public bool Has(By what) => _driver.FindElements(what).Any(e => e.Displayed);

    public bool HasFocus(By what) => _driver.FindElements(what).Any(e => e.Equals(_driver.SwitchTo().ActiveElement()));

    public int Count(By what) => _driver.FindElements(what).Count;

    public void SeeText(string text) => Until(() => Text.Contains(text, StringComparison.Ordinal), $"“{text}” is on the page");

    public string Text => _driver.FindElement(By.TagName("body")).Text;

    public void Click(By what)
    {
        Interactions++;
        KeystrokeSeconds += Think + PointAndPress;
        Try(() =>
        {
            var element = See(what);
            ((IJavaScriptExecutor)_driver).ExecuteAsyncScript(HoldStill, element);
            element.Click();
            if (((IJavaScriptExecutor)_driver).ExecuteScript("return window.pressedElsewhere ?? null") is string elsewhere)
                throw new ElementClickInterceptedException($"{what} moved away while it was pressed; {elsewhere} was hit.");
        });
    }

    /// <summary>
    /// Brings an element to the middle and waits until it lies in one place for three pictures, as a person waits for a page that still
    /// moves;
    /// then listens where the next press arrives. A press that something pushed in between took away is said, so that it is made again.
    /// </summary>
    private const string HoldStill = """
        const [element, done] = arguments;
        element.scrollIntoView({ block: "center" });
        let same = 0, last = "", looks = 0;
        const look = () => {
          const { x, y } = element.getBoundingClientRect();
          same = `${x} ${y}` === last ? same + 1 : 0;
          last = `${x} ${y}`;
          if (same < 2 && looks++ < 120) return requestAnimationFrame(look);
          // One listener at a time: one that no press ever reached must not judge the next.
          window.pressing?.abort();
          window.pressing = new AbortController();
          window.pressedElsewhere = null;
          window.addEventListener("click", (e) => {
            if (!element.contains(e.target)) window.pressedElsewhere = e.target.outerHTML.slice(0, 120);
          }, { capture: true, once: true, signal: window.pressing.signal });
          done();
        };
        look();
        """;

    public void Click(string button) => Click(Named("button", button));

    /// <summary>Types a text as one act; what stood there is replaced.</summary>
    public void Type(By what, string text)
    {
        Interactions++;
        KeystrokeSeconds += Think + PointAndPress + (2 * Home) + (text.Length * Key);
        var field = See(what);
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(text.Length == 0 ? Keys.Delete : text);
    }

    /// <summary>An attribute of everything of a kind, in the order of the page.</summary>
    public IReadOnlyList<string> All(By what, string attribute) =>
        [.. _driver.FindElements(what).Select(e => e.GetDomAttribute(attribute) ?? "")];

    public void Choose(By what, string word)
    {
        Interactions++;
        KeystrokeSeconds += Think + (2 * PointAndPress);
        Try(() =>
            (
                See(what).FindElements(By.TagName("option")).FirstOrDefault(o => o.Text.Contains(word, StringComparison.Ordinal))
                ?? throw new NoSuchElementException($"No “{word}” in {what}.")
            ).Click()
        );
    }

    /// <summary>Keys to whatever has the focus, one act each.</summary>
    public void Press(params string[] keys)
    {
        foreach (var key in keys)
        {
            Interactions++;
            KeystrokeSeconds += Key;
            new Actions(_driver).SendKeys(key).Perform();
        }
    }

    public void Chord(string modifier, string key)
    {
        Interactions++;
        new Actions(_driver).KeyDown(modifier).SendKeys(key).KeyUp(modifier).Perform();
    }

    public void HoldKey(string key, TimeSpan howLong)
    {
        Interactions++;
        new Actions(_driver).KeyDown(key).Perform();
        Thread.Sleep(howLong);
        new Actions(_driver).KeyUp(key).Perform();
    }

    /// <summary>Touches a place on the face plate.</summary>
    public void Touch(string landmark)
    {
        Interactions++;
        KeystrokeSeconds += Think + PointAndPress;
        Try(() => new Actions(_driver).MoveToElement(See(By.CssSelector($"[data-landmark='{landmark}'] circle"))).Click().Perform());
    }

    /// <summary>
    /// Draws a line over the plate through places of the subject's left half: with the mouse kept down, or with a finger.
    /// </summary>
    public void DrawOver(PointerKind with, params string[] landmarks)
    {
        Interactions++;
        KeystrokeSeconds += Think + (landmarks.Length * PointAndPress);
        var pointer = new PointerInputDevice(with, $"pointer-{with}");
        var button = with == PointerKind.Touch ? MouseButton.Touch : MouseButton.Left;
        var acts = new ActionBuilder().AddAction(To(landmarks[0])).AddAction(pointer.CreatePointerDown(button));
        foreach (var next in landmarks.Skip(1))
            acts.AddAction(To(next));
        _driver.PerformActions([.. acts.AddAction(pointer.CreatePointerUp(button)).ToActionSequenceList()]);

        Interaction To(string landmark) =>
            pointer.CreatePointerMove(See(By.CssSelector($"[id='plate-{landmark}'] circle")), 0, 0, TimeSpan.FromMilliseconds(60));
    }

    /// <summary>Pulls something sideways by so many pixels.</summary>
    public void Pull(By what, int pixels)
    {
        Interactions++;
        ScrollTo(what);
        new Actions(_driver)
            .MoveToElement(See(what))
            .ClickAndHold()
            .MoveByOffset(pixels / 2, 0)
            .MoveByOffset(pixels - (pixels / 2), 0)
            .Release()
            .Perform();
    }

    public void Focus(By what) => ((IJavaScriptExecutor)_driver).ExecuteScript("arguments[0].focus()", See(what));

    public void TouchMuscle(string structure)
    {
        Interactions++;
        Try(() =>
            ((IJavaScriptExecutor)_driver).ExecuteScript(
                "arguments[0].dispatchEvent(new MouseEvent('click',{bubbles:true}))",
                _driver.FindElement(By.CssSelector($"[data-structure='{structure}']"))
            )
        );
    }

    /// <summary>Hands a file to a file field.</summary>
    public void Give(By field, string name, string text)
    {
        Interactions++;
        var file = System.IO.Path.Combine(_profile, name);
        File.WriteAllText(file, text);
        _driver.FindElement(field).SendKeys(file);
    }

    /// <summary>The session ends, as when it ran out or was ended in another window.</summary>
    public void ForgetSession() => _driver.ExecuteCdpCommand("Network.clearBrowserCookies", []);

    public void Offline(bool offline) => Network(offline, 0);

    /// <summary>Every answer takes so much longer; 0: as fast as it comes.</summary>
    public void Slow(int milliseconds) => Network(false, milliseconds);

    private void Network(bool offline, int latency)
    {
        _driver.ExecuteCdpCommand("Network.enable", []);
        _driver.ExecuteCdpCommand(
            "Network.emulateNetworkConditions",
            new()
            {
                ["offline"] = offline,
                ["latency"] = latency,
                ["downloadThroughput"] = -1,
                ["uploadThroughput"] = -1,
            }
        );
    }

    public void Until(Func<bool> holds, string what, int seconds = 12)
    {
        var end = DateTime.UtcNow.AddSeconds(seconds);
        Exception? last = null;
        while (DateTime.UtcNow < end)
        {
            try
            {
                if (holds())
                    return;
            }
            catch (Exception e) when (e is StaleElementReferenceException or NoSuchElementException)
            {
                last = e;
            }
            Thread.Sleep(60);
        }
        throw new TimeoutException(
            $"Waited {seconds} s in vain: {what}. At {_driver.Url}. On the page:\n{Text[..Math.Min(Text.Length, 1800)]}",
            last
        );
    }

    /// <summary>
    /// Axe's run over a page at rest: what is just fading in or out has no colour yet that anybody could read. Where something began to
    /// move while axe looked, it looks again when that is over. From the top of the page: what has just slid half under the head of the
    /// page is no small target.
    /// </summary>
    private const string AxeAtRest = """
        const done = arguments[arguments.length - 1];
        const moving = () => document.getAnimations()
          .filter(a => a.playState === 'running' && a.effect.getComputedTiming().endTime !== Infinity);
        const look = async left => {
          await Promise.allSettled(moving().map(a => a.finished));
          let moved = false;
          const note = () => { moved = true; };
          document.addEventListener('transitionrun', note);
          document.addEventListener('animationstart', note);
          const found = await axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] });
          document.removeEventListener('transitionrun', note);
          document.removeEventListener('animationstart', note);
          return moved && found.violations.length > 0 && left > 0 ? look(left - 1) : found.violations;
        };
        window.scrollTo(0, 0);
        look(4).then(v => done(JSON.stringify(v)), e => done(JSON.stringify([{ impact: 'critical', id: String(e), nodes: [] }])));
        """;

    /// <summary>Findings of axe that are serious or critical, a line each (WCAG 2.2 A and AA).</summary>
    public IReadOnlyList<string> Axe()
    {
        var script = File.ReadAllText(System.IO.Path.Combine(House.Root, "web", "node_modules", "axe-core", "axe.min.js"));
        var js = (IJavaScriptExecutor)_driver;
        js.ExecuteScript(script);
        var json = (string)js.ExecuteAsyncScript(AxeAtRest)!;
        using var document = JsonDocument.Parse(json);
        return
        [
            .. document
                .RootElement.EnumerateArray()
                .Where(v => v.GetProperty("impact").GetString() is "serious" or "critical")
                .Select(v =>
                    $"{v.GetProperty("id").GetString()}: "
                    + string.Join(
                        " | ",
                        v.GetProperty("nodes").EnumerateArray().Take(3).Select(n => Cut(n.GetProperty("html").GetString() ?? ""))
                    )
                ),
        ];
    }

    private static string Cut(string html) => html[..Math.Min(160, html.Length)];

    /// <summary>Errors in the browser's console, those of refused or unreachable requests left out: the screens word these.</summary>
    public IReadOnlyList<string> Errors() =>
        [
            .. _driver
                .Manage()
                .Logs.GetLog(LogType.Browser)
                .Select(l => l.Message)
                .Where(m => !m.Contains("Failed to load resource", StringComparison.Ordinal)),
        ];

    public void ScrollTo(By what) =>
        ((IJavaScriptExecutor)_driver).ExecuteScript("arguments[0].scrollIntoView({block:'center'})", See(what));

    /// <summary>What a script answers that says when it is done.</summary>
    public double Async(string script) => Convert.ToDouble(((IJavaScriptExecutor)_driver).ExecuteAsyncScript(script));

    /// <summary>A number that the page works out.</summary>
    public double Number(string script) =>
        Convert.ToDouble(
            ((IJavaScriptExecutor)_driver).ExecuteScript($"return {script}"),
            System.Globalization.CultureInfo.InvariantCulture
        );

    /// <summary>
    /// What does not fit at the window's size: a page or a part that scrolls sideways, text beyond the edge, text cut by its box. Drawings,
    /// what is hidden, and a table that needs both directions to be understood (it scrolls in its own named box) are left aside.
    /// </summary>
    public IReadOnlyList<string> CutOff() =>
        [.. ((IEnumerable<object>?)((IJavaScriptExecutor)_driver).ExecuteScript(CutOffScript) ?? []).Select(o => $"{o}")];

    private const string CutOffScript = """
        const out = [];
        const root = document.documentElement;
        const said = (e) => (e.getAttribute('aria-label') ?? e.innerText ?? '').trim().slice(0, 40).replaceAll('\n', ' ');
        const name = (e) => `${e.tagName.toLowerCase()}${e.id ? '#' + e.id : ''} “${said(e)}”`;
        if (root.scrollWidth > root.clientWidth + 1) out.push(`the page is ${root.scrollWidth - root.clientWidth} px too wide`);
        for (const e of document.querySelectorAll('body *')) {
          if (e.closest('svg, [aria-hidden="true"], .sr-only, [data-two-ways]')
            || !e.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
          const style = getComputedStyle(e);
          if (/auto|scroll/.test(style.overflowX) && e.scrollWidth > e.clientWidth + 1) out.push(`scrolls sideways: ${name(e)}`);
          const texts = [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim() !== '');
          if (!texts) continue;
          const box = e.getBoundingClientRect();
          if (box.width === 0 || box.width <= 1) continue;
          if (box.right > root.clientWidth + 1 || box.left < -1) out.push(`beyond the edge: ${name(e)}`);
          if (/hidden|clip/.test(style.overflowX) && style.textOverflow !== 'ellipsis' && e.scrollWidth > e.clientWidth + 1)
            out.push(`cut by its box: ${name(e)}`);
        }
        return [...new Set(out)].slice(0, 8);
        """;

    /// <summary>Controls in view that are smaller than a target should be, a line each.</summary>
    public IReadOnlyList<string> SmallerThan(string which, int pixels) =>
        Lines(
            """
            return [...document.querySelectorAll(arguments[0])].filter((e) => e.checkVisibility()).flatMap((e) => {
              const { width, height } = e.getBoundingClientRect();
              return width < arguments[1] || height < arguments[1] 
                ? [`${(e.getAttribute('aria-label') ?? e.innerText).slice(0, 40)}: ${width} × ${height}`] : [];
            });
            """,
            which,
            pixels
        );

    private IReadOnlyList<string> Lines(string script, params object[] with) =>
        [.. ((IEnumerable<object>?)((IJavaScriptExecutor)_driver).ExecuteScript(script, with) ?? []).Select(o => $"{o}")];

    /// <summary>
    /// Goes through the page by the tab key. Says each stop without a name, each whose focus is not to be seen, each that is met twice
    /// before
    /// the page is through, and each that stands before the one it follows.
    /// </summary>
    public IReadOnlyList<string> Tabbed(int most)
    {
        Lines("document.activeElement?.blur(); window.scrollTo(0, 0); window.tabbed = []; return [];");
        var found = new List<string>();
        for (var i = 0; i < most; i++)
        {
            Press(Keys.Tab);
            var said = Lines(TabScript);
            if (said.Contains("through"))
                break;
            found.AddRange(said);
        }
        return found;
    }

    /// <summary>Tab after tab, as a person without a mouse goes, until the place holds the keyboard.</summary>
    /// <param name="isThere">A condition of the page, in its own language.</param>
    public void TabTo(string isThere)
    {
        for (var presses = 0; presses < 400; presses++)
        {
            if (Number($"({isThere}) ? 1 : 0") == 1)
                return;
            Press(Keys.Tab);
        }
        throw new InvalidOperationException($"Not reached by Tab within 400 presses: {isThere}");
    }

    /// <summary>The text of a file that this page offers, as whoever is signed in gets it.</summary>
    public string FileAt(string path) =>
        (string)
            ((IJavaScriptExecutor)_driver).ExecuteAsyncScript(
                "const done = arguments[1]; fetch(arguments[0]).then((r) => r.text()).then(done, (e) => done(String(e)));",
                path
            )!;

    private const string TabScript = """
        const e = document.activeElement;
        if (!e || e === document.body) return ['through'];
        const seen = window.tabbed;
        // The parts of a date are one field.
        if (seen.at(-1) === e && e.type === 'date') return [];
        if (seen[0] === e) return ['through'];
        const label = e.labels?.[0]?.innerText ?? document.getElementById(e.getAttribute('aria-labelledby') ?? '')?.innerText;
        const name = (e.getAttribute('aria-label') ?? label ?? e.innerText
          ?? e.getAttribute('title') ?? e.getAttribute('placeholder') ?? '').trim();
        const out = [];
        const what = `${e.tagName.toLowerCase()} “${name.slice(0, 40)}”`;
        if (name === '') out.push(`no name: ${e.outerHTML.slice(0, 120)}`);
        if (seen.includes(e)) out.push(`met twice: ${what}`);
        const before = seen.at(-1);
        if (before
          && !(before.compareDocumentPosition(e) & (Node.DOCUMENT_POSITION_FOLLOWING | Node.DOCUMENT_POSITION_CONTAINED_BY)))
          out.push(`out of order: ${what}`);
        const style = getComputedStyle(e);
        if (style.outlineStyle === 'none' && style.boxShadow === 'none' && !/border/.test(e.className)) out.push(`focus not seen: ${what}`);
        seen.push(e);
        return out;
        """;

    /// <summary>Pixels by which the page is wider than its window.</summary>
    public double SideScroll() => Number("document.documentElement.scrollWidth - document.documentElement.clientWidth");

    /// <summary>Milliseconds from an act of script until a condition of script holds and the page was painted.</summary>
    public double Painted(string act, string until = "true") =>
        Convert.ToDouble(
            ((IJavaScriptExecutor)_driver).ExecuteAsyncScript(
                $"const done = arguments[arguments.length - 1]; const t = performance.now(); {act}; const look = () => ({until}) ? "
                    + "setTimeout(() => done(performance.now() - t)) : requestAnimationFrame(look); "
                    + "requestAnimationFrame(look);"
            ),
            System.Globalization.CultureInfo.InvariantCulture
        );

    public void Picture(string file)
    {
        Thread.Sleep(350);
        ((ITakesScreenshot)_driver).GetScreenshot().SaveAsFile(file);
    }

    /// <summary>Looks at the page as the printer gets it.</summary>
    public void AsPrinted(Action look)
    {
        ArgumentNullException.ThrowIfNull(look);
        _driver.ExecuteCdpCommand("Emulation.setEmulatedMedia", new() { ["media"] = "print" });
        try
        {
            look();
        }
        finally
        {
            _driver.ExecuteCdpCommand("Emulation.setEmulatedMedia", new() { ["media"] = "" });
        }
    }

    /// <summary>The page as it would be printed; how many sheets it takes.</summary>
    public int PrintedPages()
    {
        var answer =
            (Dictionary<string, object>)
                _driver.ExecuteCdpCommand("Page.printToPDF", new() { ["printBackground"] = true, ["preferCSSPageSize"] = true })!;
        var pdf = System.Text.Encoding.Latin1.GetString(Convert.FromBase64String((string)answer["data"]));
        return System.Text.RegularExpressions.Regex.Count(pdf, @"/Type\s*/Page[^s]");
    }

    /// <summary>The browser is killed, not closed: as when a tablet's battery dies.</summary>
    public void Crash()
    {
        try
        {
            _driver.ExecuteCdpCommand("Browser.crash", []);
        }
        catch (WebDriverException)
        {
            // A browser that crashed does not answer.
        }
        _driver.Dispose();
    }

    public void Dispose()
    {
        _driver.Dispose();
        if (_ownProfile && Directory.Exists(_profile))
        {
            // The browser may still be writing its last files.
            try
            {
                Directory.Delete(_profile, recursive: true);
            }
            catch (IOException)
            {
                Thread.Sleep(500);
            }
        }
    }

    private void Try(Action act)
    {
        for (var tries = 0; ; tries++)
        {
            try
            {
                act();
                return;
            }
            catch (Exception e)
                when (tries < 6
                    && e
                        is StaleElementReferenceException
                            or ElementClickInterceptedException
                            or ElementNotInteractableException
                            or NoSuchElementException
                )
            {
                Thread.Sleep(150);
            }
        }
    }

    private static string Quoted(string text) => text.Contains('\'') ? $"\"{text}\"" : $"'{text}'";
}
