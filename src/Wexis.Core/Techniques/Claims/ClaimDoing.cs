using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;

namespace Wexis.Core.Techniques.Claims;

/// <summary>
/// What a sentence says that is done to a muscle, where none of the words for work says it: "it paralyses the frontalis". What nobody
/// knows to be work is no work, though the muscle works here.
/// </summary>
internal static partial class ClaimDoing
{
    private const RegexOptions Free = RegexOptions.IgnoreCase;

    /// <summary>Whether something is said to be done that no word for work says.</summary>
    public static bool IsUnknown(string text, Atlas atlas) =>
        ClaimSpeaker.MuscleDoesUnknown(text, atlas)
        || (Told().Match(text) is { Success: true } told && !Work().IsMatch(told.Groups["verb"].Value))
        || (Suffered().Match(text) is { Success: true } suffered && !Work().IsMatch(suffered.Groups["verb"].Value))
        || TurnsOff().IsMatch(text);

    /// <summary>"It banishes …", "this exercise will save …", "banishes the …".</summary>
    [GeneratedRegex(
        @"^\W*(?:"
            + ClaimSpeaker.Technique
            + @"\s+"
            + @"(?:(?:also|even|just|really|will|can|may|could|would|does|do|not|never|helps?(?:\s+to)?|\p{L}+ly)\s+)*(?<verb>\p{L}+)\b"
            + @"|(?:(?:also|even|\p{L}+ly)\s+)*(?<verb>\p{L}+s)\s+(?:the|your|a|an|both|all|every)\b)",
        Free
    )]
    private static partial Regex Told();

    /// <summary>"The frontalis is paralysed".</summary>
    [GeneratedRegex(@"\b(?:is|are|gets?|becomes?|be)\s+(?:(?:also|not|never|\p{L}+ly)\s+)*(?<verb>\p{L}+(?:ed|en))\b", Free)]
    private static partial Regex Suffered();

    [GeneratedRegex(@"\b(?:switch|turn|shut|knock)\w*\s+(?:\p{L}+\s+){0,4}(?:off|out)\b", Free)]
    private static partial Regex TurnsOff();

    /// <summary>Words for work, and those that only lead to one ("gives it a workout", "makes it move", "switches it on").</summary>
    [GeneratedRegex(
        @"^(?:work|train|exercis|activat|engag|us|contract|tight|target|address|focus|concentrat|hit|challeng|involv|"
            + @"mov|isolat|recruit|fir|tir|fatigu|tens|load|reach|touch|stimulat|wak|awak|help|benefit|get|giv|do|go|be|is|"
            + @"are|ha[sv]|mak|let|ask|need|requir|put|bring|aim|serv|concern|massag|knead|press|stretch|relax|strengthen|ton|"
            + @"firm|lift|rais|lower|pull|draw|push|open|clos|hold|keep|resist|practi[sc]|teach|feel|affect|switch|turn|act|"
            + @"run|pass|lie|sit|start|begin|end|com|spar|leav|rest|meant|made|done|found|know|call|nam|cover|includ|prim|"
            + @"form|support|warm)"
            + @"(?:s|es|ies|ed|d|e|n|en|ing|ens|ened|ning)?$",
        Free
    )]
    private static partial Regex Work();
}
