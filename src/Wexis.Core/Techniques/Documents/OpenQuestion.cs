namespace Wexis.Core.Techniques.Documents;

/// <summary>A question that keeps a step a draft, with answers that can be given by one touch.</summary>
/// <param name="Path">Field it is about.</param>
/// <param name="Text">The question, in the trade's words.</param>
/// <param name="Answers">What may be answered; empty when it needs typing or a touch on the face.</param>
/// <param name="Asks">Which kind of question it is, where something hangs on that; null otherwise.</param>
public sealed record OpenQuestion(string Path, string Text, IReadOnlyList<QuestionAnswer> Answers, string? Asks = null)
{
    /// <summary>What lies between a place in front and one behind: until it is told, a path is neither safe nor stopped.</summary>
    public const string Between = "between";

    /// <summary>How hard, or on how many sides at once, at the eye or the neck: whether it may be done hangs on the answer.</summary>
    public const string Safety = "safety";
}

/// <summary>One answer: its label, and the value the field takes when it is chosen.</summary>
public sealed record QuestionAnswer(string Label, string Value);
