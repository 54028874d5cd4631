using Wexis.TestHouse;

namespace Wexis.Browser.Tests;

/// <summary>A demo house with the built front end, and one browser that the tests of a class share.</summary>
public sealed class DemoHouse : IAsyncLifetime
{
    public House House { get; private set; } = null!;
    public Browser Browser { get; private set; } = null!;

    public static string WebRoot { get; } = Path.Combine(House.Root, "web", "dist");

    public async ValueTask InitializeAsync()
    {
        House = await House.Open(demo: true, WebRoot);
        Browser = new Browser(House.Address);
    }

    public async ValueTask DisposeAsync()
    {
        Browser.Dispose();
        await House.DisposeAsync();
    }
}
