using System.Reflection;
using FsCheck.Xunit;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Measures;

/// <summary>What a house may set: every convention, in a range that holds its default.</summary>
public class SettingCatalogueTests
{
    public static TheoryData<string> Names => [.. SettingCatalogue.All.Select(s => s.Name)];

    [Theory]
    [MemberData(nameof(Names))]
    public void A_setting_reads_what_was_written_and_changes_nothing_else(string name)
    {
        var setting = SettingCatalogue.Find(name)!;
        setting.Default.ShouldBeInRange(setting.Least, setting.Most);
        SettingCatalogue.Issues(setting, setting.Default, HouseSettings.Default).ShouldBeEmpty();
        foreach (var value in new[] { setting.Least, setting.Most })
        {
            var changed = SettingCatalogue.With([new(name, value)]);
            setting.Read(changed).ShouldBe(value, 1e-9);
            foreach (var other in SettingCatalogue.All.Where(s => s.Name != name))
                other.Read(changed).ShouldBe(other.Default, 1e-9, other.Name);
        }
        setting.Source.ShouldNotBeEmpty();
        setting.Title.ShouldNotBeEmpty();
    }

    [Fact]
    public void Every_convention_of_the_house_can_be_set()
    {
        var numbers = typeof(HouseSettings)
            .GetProperties(BindingFlags.Public | BindingFlags.Instance)
            .Where(p => p.PropertyType != typeof(HouseSettings) && p.CanWrite && p.Name != nameof(HouseSettings.Ceilings))
            .ToList();
        SettingCatalogue.All.Count.ShouldBe(numbers.Count + (4 * HouseSettings.Default.Ceilings.Count));
        SettingCatalogue.All.Select(s => s.Name).ShouldBeUnique();
        foreach (var p in numbers)
            SettingCatalogue
                .All.Any(s =>
                    !p.GetValue(s.Write(HouseSettings.Default, s.Least))!.Equals(p.GetValue(HouseSettings.Default))
                    || !p.GetValue(s.Write(HouseSettings.Default, s.Most))!.Equals(p.GetValue(HouseSettings.Default))
                )
                .ShouldBeTrue(p.Name);
    }

    [Property]
    public bool A_ceiling_is_lowered_and_never_raised(double value)
    {
        var ceilings = SettingCatalogue.All.Where(s =>
            s.Name.StartsWith("ceiling-", StringComparison.Ordinal) && s.Name != "ceiling-sessions"
        );
        return ceilings.All(c => !(value > c.Default) || SettingCatalogue.Issues(c, value, HouseSettings.Default).Count > 0);
    }

    [Theory]
    [InlineData("pass-line", 95.0, "40 to 90 %: a merit")]
    [InlineData("merit", 70.0, "75 to 100 %: a merit")]
    [InlineData("balance-remark", 95.0, "30 to 90 %: a remark")]
    [InlineData("screening-days", 30.5, "whole")]
    [InlineData("screening-days", 400.0, "14 to 180 days")]
    [InlineData("oil", double.NaN, "0 to 60 seconds")]
    [InlineData("oil", double.PositiveInfinity, "0 to 60 seconds")]
    public void A_value_at_odds_is_refused_with_what_is_allowed(string name, double value, string allowed)
    {
        var issue = SettingCatalogue.Issues(SettingCatalogue.Find(name)!, value, HouseSettings.Default).ShouldHaveSingleItem();
        issue.Path.ShouldBe("value");
        issue.Text.ShouldContain(allowed);
    }

    [Fact]
    public void A_name_of_a_newer_house_is_left_out() => SettingCatalogue.With([new("of-tomorrow", 3)]).ShouldBe(HouseSettings.Default);
}
