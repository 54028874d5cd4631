namespace Wexis.Core.Measures;

/// <summary>Why a computed value is what it is: the rule, what went in, and where the rule is explained.</summary>
/// <param name="Rule">Rule id of the action model (<c>R12</c>) or a house rule (<c>dose.sides</c>).</param>
/// <param name="Says">The rule in one sentence.</param>
/// <param name="Inputs">What the rule was applied to.</param>
/// <param name="Source">Where it comes from: a source id of the atlas, or <c>house setting</c>.</param>
public sealed record Reason(string Rule, string Says, IReadOnlyList<ReasonInput> Inputs, string Source);

/// <summary>One named input of a <see cref="Reason"/>, already worded with its unit.</summary>
public sealed record ReasonInput(string Name, string Value);
