using System.Globalization;
using CsvHelper;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;

namespace Wexis.Core.Tests.Techniques;

/// <summary>No cell of a table is one that a spreadsheet runs, and what goes out comes in as it was.</summary>
public class LibraryTableTests
{
    // OWASP, "CSV Injection": cells that begin with equals, plus, minus, at, tab (0x09) or carriage return (0x0D).
    private static readonly char[] Runs = ['=', '+', '-', '@', '\t', '\r'];

    private static string Table(string name, string aim)
    {
        var document = TechniqueDocument.Empty with { Name = name, Aim = aim };
        var brief = TechniqueBrief.Of(
            document,
            Derivation.Of(document, Reference.Atlas, Reference.Model, HouseSettings.Default),
            "test",
            Reference.Atlas
        );
        return LibraryTable.Write([new ShelvedTechnique("one", name, null, null, EditionStanding.Draft, brief)]);
    }

    private static List<string[]> Cells(string table)
    {
        using var csv = new CsvParser(new StringReader(table), CultureInfo.InvariantCulture);
        var rows = new List<string[]>();
        while (csv.Read())
            rows.Add(csv.Record!);
        return rows;
    }

    [Theory]
    [InlineData("=HYPERLINK(\"http://x\",\"y\")")]
    [InlineData("+1+cmd")]
    [InlineData("-2+3")]
    [InlineData("@SUM(A1)")]
    [InlineData("'=1")]
    [InlineData("''-1")]
    [InlineData("'tis plain")]
    [InlineData("- lift, then let go; \"softly\"")]
    public void What_a_spreadsheet_would_run_goes_out_defused_and_comes_in_as_it_was(string told) => Holds(told);

    [Property(MaxTest = 300)]
    public Property Any_text_goes_out_defused_and_comes_in_as_it_was() =>
        Prop.ForAll(
            Gen.Elements("=", "+", "-", "@", "'", "''=", "'@", "a", "\"", ",", ";").ToArbitrary(),
            ArbMap.Default.ArbFor<NonEmptyString>(),
            (first, rest) =>
            {
                var told = first + new string([.. rest.Get.Where(c => !char.IsControl(c) && !char.IsSurrogate(c))]);
                Holds(told.Trim() is { Length: > 0 and <= 120 } t ? t : "x");
            }
        );

    [Theory]
    [InlineData("{\"schema\":")]
    [InlineData("id,na\"me,region\n")]
    [InlineData("\"id")]
    [InlineData("")]
    [InlineData("\n\n")]
    public void What_is_no_table_is_refused_at_its_first_line(string text)
    {
        var read = LibraryTable.Read(text, Reference.Atlas);
        read.Value.ShouldBeNull();
        read.Issues.ShouldAllBe(i => i.Path == "line 1");
        read.Issues.ShouldNotBeEmpty();
    }

    private static void Holds(string told)
    {
        var table = Table(told, told);
        Cells(table).SelectMany(r => r).Where(c => c.Length > 0 && Runs.Contains(c[0])).ShouldBeEmpty();
        var facts = LibraryTable.Read(table, Reference.Atlas).Value!.Facts.ShouldHaveSingleItem();
        facts.Name.ShouldBe(told);
        facts.Aim.ShouldBe(told);
    }
}
