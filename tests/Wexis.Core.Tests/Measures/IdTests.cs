using System.Text.Json;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Measures;

/// <summary>Ids: a UUID outside (RFC 9562), told apart by kind inside.</summary>
public class IdTests
{
    private const string Text = "0190a3c2-7b1e-7d4f-8a11-5e0c9b3f2a77";

    private sealed record Letter(
        PersonId From,
        TechniqueId? About,
        IReadOnlyList<PersonId> Copies,
        IReadOnlyDictionary<StationId, int> Marks
    );

    [Fact]
    public void It_is_written_as_a_uuid_as_a_value_in_a_list_and_as_a_key_and_reads_back()
    {
        var letter = new Letter(
            PersonId.New(),
            null,
            [PersonId.New(), PersonId.New()],
            new Dictionary<StationId, int> { [StationId.New()] = 3 }
        );
        var json = ExchangeJson.Write(letter);
        using var told = JsonDocument.Parse(json);
        told.RootElement.GetProperty("from").GetGuid().ShouldBe(letter.From.Value);
        told.RootElement.GetProperty("about").ValueKind.ShouldBe(JsonValueKind.Null);
        var again = ExchangeJson.Read<Letter>(json);
        again.From.ShouldBe(letter.From);
        again.Copies.ShouldBe(letter.Copies);
        again.Marks.ShouldBe(letter.Marks);
    }

    [Theory]
    [InlineData("\"00000000-0000-0000-0000-000000000000\"")]
    [InlineData("\"not an id\"")]
    [InlineData("\"\"")]
    [InlineData("7")]
    [InlineData("null")]
    [InlineData("{}")]
    public void What_is_no_id_is_refused_with_its_place(string value) =>
        Should
            .Throw<JsonException>(() => ExchangeJson.Read<Letter>($$"""{ "from": {{value}}, "copies": [], "marks": { } }"""))
            .Path.ShouldBe("$.from");

    [Fact]
    public void One_that_nobody_set_is_compared_and_never_read_or_written()
    {
        default(PersonId).IsSet.ShouldBeFalse();
        default(PersonId).ShouldNotBe(PersonId.New());
        Should.Throw<InvalidOperationException>(() => default(PersonId).Value).Message.ShouldBe("This person id was never set.");
        Should.Throw<InvalidOperationException>(() => default(StationId).ToString()).Message.ShouldBe("This station id was never set.");
        Should.Throw<InvalidOperationException>(() => ExchangeJson.Write(new Letter(default, null, [], new Dictionary<StationId, int>())));
        Should.Throw<ArgumentException>(() => PersonId.From(Guid.Empty));
    }

    [Fact]
    public void Texts_are_read_or_refused_and_later_ones_sort_after_earlier_ones()
    {
        TechniqueId.Of(Text)!.Value.ToString().ShouldBe(Text);
        TechniqueId.Parse(Text.ToUpperInvariant(), null).ShouldBe(TechniqueId.Of(Text)!.Value);
        TechniqueId.Of(null).ShouldBeNull();
        TechniqueId.Of("wm-smile").ShouldBeNull();
        TechniqueId.Of(Guid.Empty.ToString()).ShouldBeNull();
        Should.Throw<FormatException>(() => TechniqueId.Parse("wm-smile", null));
        var earlier = MarkId.From(Guid.CreateVersion7(DateTimeOffset.UnixEpoch));
        MarkId.New().CompareTo(earlier).ShouldBePositive();
    }

    [Fact]
    public void Each_kind_has_one_type_and_a_word_of_its_own()
    {
        Ids.All.Count.ShouldBe(typeof(Kinds).GetNestedTypes().Length);
        Ids.All.ShouldAllBe(t => Ids.IsId(t));
        Ids.IsId(typeof(Guid)).ShouldBeFalse();
        Ids.All.Select(t => t.GetGenericArguments()[0].Name).ShouldBeUnique();
    }
}
