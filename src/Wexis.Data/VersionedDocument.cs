using Dapper;
using Npgsql;

namespace Wexis.Data;

/// <summary>What became of a save.</summary>
public enum SaveOutcome
{
    Saved,

    /// <summary>Somebody else changed the same thing first. The person's own text is kept where it was typed.</summary>
    Stale,

    NotThere,
}

/// <summary>What became of something that was added under an id its sender made.</summary>
public enum AddOutcome
{
    /// <summary>Stored now, or stored before with this content: a lost answer, a second click.</summary>
    Added,

    /// <summary>The id holds other content, or what was added under it has changed since.</summary>
    Clash,

    /// <summary>Another one has the name or code that must be its own.</summary>
    Taken,
}

/// <summary>A save and the numbers that stand now.</summary>
/// <param name="Number">Edition or revision; 1 where a document has only one.</param>
public sealed record Saved(SaveOutcome Outcome, int Number, int Version);

/// <summary>
/// The one way to save a document that others may be saving: lock, look again after the lock, write, count what was written.
/// A save that is sent again after a lost answer is found stored and is no conflict.
/// </summary>
/// <param name="Lock">Locks the row that stands for the document (<c>@id</c>); nothing comes back when it is not there. Null where it is
/// its own lock.</param>
/// <param name="Newest">Locks and reads the newest: number, version, kept (was used, so the next number is made), mine (holds <c>@body
/// </c>, by <c>@by </c>). </param>
/// <param name="Change">Writes over the newest, one row, counting its version up.</param>
/// <param name="Next">Adds the next number; null where there is none.</param>
internal sealed record VersionedDocument(string? Lock, string Newest, string Change, string? Next)
{
    private sealed class State
    {
        public int Number { get; init; }
        public int Version { get; init; }
        public bool Kept { get; init; }
        public bool Mine { get; init; }
    }

    /// <param name="values">The statements' values for a number: id, number, version, body, by, now and the document's own columns.</param>
    /// <exception cref="InvalidOperationException">The locked row was not written; nothing may be said to be saved.</exception>
    public async Task<Saved> Save(NpgsqlConnection c, NpgsqlTransaction t, Guid id, int number, int version, Func<int, object> values)
    {
        if (Lock is not null && await c.ExecuteScalarAsync<Guid?>(Lock, new { id }, t) is null)
            return new(SaveOutcome.NotThere, 0, 0);
        // A statement of its own: it sees what was committed while the lock was waited for.
        if (await c.QuerySingleOrDefaultAsync<State>(Newest, values(number), t) is not { } newest)
            return new(SaveOutcome.NotThere, 0, 0);
        if (newest.Number != number || newest.Version != version)
        {
            var sentAgain =
                newest.Mine
                && ((newest.Number == number && newest.Version == version + 1) || (newest.Number == number + 1 && newest.Version == 1));
            return new(sentAgain ? SaveOutcome.Saved : SaveOutcome.Stale, newest.Number, newest.Version);
        }
        var next = newest.Kept && Next is not null;
        var at = next ? number + 1 : number;
        var written = await c.ExecuteAsync(next ? Next! : Change, values(at), t);
        if (written != 1)
            throw new InvalidOperationException($"A save wrote {written} rows where one was locked.");
        return new(SaveOutcome.Saved, at, next ? 1 : version + 1);
    }
}
