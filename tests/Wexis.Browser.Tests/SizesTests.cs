namespace Wexis.Browser.Tests;

/// <summary>
/// Every screen at a laptop's size, a tablet's in both directions, a phone's, and with all at twice its size, as a browser enlarges it
/// (WCAG 2.2, 1.4.4 and 1.4.10):
/// nothing is cut off, nothing scrolls sideways, every stop can be reached.
/// </summary>
public class SizesTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    internal static readonly (string Name, int Width, int Height)[] Sizes =
    [
        ("laptop", 1280, 800),
        ("tablet, landscape", 1024, 768),
        ("tablet, portrait", 768, 1024),
        ("phone", 390, 844),
        ("a laptop with everything at 200 %", 640, 400),
    ];

    [Fact]
    public void Nothing_is_cut_off_and_nothing_scrolls_sideways()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        var found = new List<string>();
        foreach (var (name, open) in AccessibilityTests.Screens)
        {
            open(b);
            foreach (var (size, width, height) in Sizes)
            {
                b.Size(width, height);
                found.AddRange(b.CutOff().Select(c => $"{name}, {size}: {c}"));
            }
            b.Size(1280, 800);
        }
        string.Join("\n", found).ShouldBeEmpty();
    }
}
