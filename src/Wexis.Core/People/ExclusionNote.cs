using Wexis.Core.Measures;

namespace Wexis.Core.People;

/// <summary>A state of the person that excludes or changes this technique, with its usual handling.</summary>
/// <param name="Handling">avoid, ask or modify: the worst over the technique's classes.</param>
/// <param name="Says">The handling in plain words.</param>
/// <param name="Client">The state in words a client knows.</param>
/// <param name="Whom">Who can release the person, in words a client knows.</param>
public sealed record ExclusionNote(
    string Id,
    string Name,
    Handling Handling,
    string Says,
    string? Window,
    string? Reason,
    bool RedFlag,
    IReadOnlyList<string> Classes,
    string Client,
    string Whom
);
