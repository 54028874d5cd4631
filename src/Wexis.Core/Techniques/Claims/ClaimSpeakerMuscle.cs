using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;

namespace Wexis.Core.Techniques.Claims;

/// <summary>What a sentence says that a muscle does: work, what a muscle is, or what no muscle is known to do.</summary>
internal static partial class ClaimSpeaker
{
    /// <summary>What a sentence says that a muscle does, from its verb on ("does the lifting"); null where no muscle speaks.</summary>
    public static string? MuscleDoes(string text, Atlas atlas)
    {
        var names = ClaimWords.Named(text, atlas);
        if (names is not [var first, ..] || !BeforeName().IsMatch(text[..first.At]))
            return null;
        var end = first.At + first.Length;
        foreach (var next in names.Skip(1).TakeWhile(n => n.At >= end && Joined().IsMatch(text[end..n.At])))
            end = next.At + next.Length;
        var said = (end > first.At + first.Length ? AfterNames() : AfterName()).Match(text[end..]);
        return said.Success ? text[(end + said.Groups["verb"].Index)..] : null;
    }

    /// <summary>Whether a muscle is said to do what no muscle is known to do by working: "the frontalis never ages".</summary>
    public static bool MuscleDoesUnknown(string text, Atlas atlas) =>
        MuscleDoes(text, atlas) is { } does && !MuscleWork().IsMatch(does) && !PlainAnatomy().IsMatch(does);

    /// <summary>Whether a muscle is said to move something by itself ("the buccinator presses the air"): that is its work.</summary>
    public static bool MuscleMoves(string text, Atlas atlas) => MuscleDoes(text, atlas) is { } does && MovesByItself().IsMatch(does);

    [GeneratedRegex(
        @"^\W*(?:(?:and|but|so|here|mainly|only|even|both|also|meanwhile|then|it\s+is|the|your|our|its|each|either|half"
            + @"|side|part|of|great|small|deep|whole|poor|tired"
            + @"|lazy)\b[\s,]+){0,5}$",
        Free
    )]
    private static partial Regex BeforeName();

    [GeneratedRegex(@"^(?:e?s)?\s*(?:,|and|or|plus|with|together\s+with)\s*(?:(?:the|your)\s+)?$", Free)]
    private static partial Regex Joined();

    [GeneratedRegex(
        @"^(?:e?s)?(?:\s+muscles?)?(?:\s+(?:in|of|around|at|on|under)\s+(?:the|your)\s+(?:\p{L}+\s+)?\p{L}+)?(?:\s+(?:that|which))?\s+"
            + $@"(?:{Adverbs}{Helpers}+{Adverbs}(?<verb>\p{{L}}+)|{Adverbs}(?<verb>\p{{L}}+s|are|(?:do|work|help|lift|pull"
            + $@"|get|take|have|hold|move)"
            + @"(?=\s+(?:the|your|a|an|no|most|all|together|here|hard|as|against|to|\p{L}+er)\b)"
            + @"|(?:rest|relax|soften|contract|stretch|lengthen|slacken|loosen|let\s+go|work)(?=\W*$|\s+(?:here|too|with"
            + @"|while|meanwhile|and)\b)))\b",
        Free
    )]
    private static partial Regex AfterName();

    /// <summary>Of several: "the buccinator and the risorius share the work".</summary>
    [GeneratedRegex($@"^(?:e?s)?(?:\s+muscles?)?\s+{Adverbs}{Helpers}*{Adverbs}(?<verb>\p{{L}}+)\s+\p{{L}}", Free)]
    private static partial Regex AfterNames();

    /// <summary>"Is a thin sheet", "runs from the brow to the scalp": what a muscle is, whatever a technique does.</summary>
    [GeneratedRegex(
        @"^(?:(?:(?:has|have|had)(?!\s+(?:the|a|an|no|its)\s+(?:\p{L}+\s+)?(?:part|share|role|say|job|work|lead|task"
            + @"|effect)\b)|need|run|li|l[ai]y|sit|begin|start|end|originat|insert|attach|aris|belong|consist|split"
            + @"|surround|encircl|form"
            + @"|span|connect|join(?!s?\s+in\b)|fan|cross|tend|divid|wrap|extend|stretch(?=es\s+from)|feel|look|reach|cover|suppl|pass"
            + @"|emerg|leav|enter|branch|click|throb|puls|beat|hurt|fill(?=s\s+the))(?:s|es|e|ies)?"
            + @"|(?:stay|remain|be)\b|(?:is|are|be)\s+(?!(?:[\p{L}]+ly\s+|hard\s+|also\s+|not\s+|never\s+|here\s+)*(?:at\s+work"
            + @"|busy|active|in\s+action|what\b|in\s+charge|(?:the|our)\s+(?:\p{L}+\s+)?(?:one|main|chief|principal|star"
            + @"|hero|engine|motor|boss"
            + @"|focus|target|aim|goal|point|leader|driver)\b|doing|(?:held|drawn|kept|put|led|brought|rubbed|cut|spread)\b"
            + @"|(?!during|called|known|named"
            + @"|supplied|innervated|served|attached|located|shaped|divided|covered|pierced|fused|inserted|joined|felt|made|buried"
            + @"|hidden|situated|rooted)\p{L}{2,}(?:ed|en|ing)\b)))",
        Free
    )]
    private static partial Regex PlainAnatomy();

    /// <summary>What a muscle does when it works, rests or gives way.</summary>
    [GeneratedRegex(
        @"^(?:(?:work|train|contract|activat|fir|tens|tight(?:en)?|shorten|mov|pull|draw|lift|rais|lower|press|push|clos|open|hold|resist"
            + @"|help|assist|support|act|driv|power|lead|join|brac|stretch|lengthen|relax|rest|soften|yield|squeez|turn|tilt|wrinkl|purs"
            + @"|narrow|widen|shut|depress|elevat|pucker|compress|flatten|slacken|loosen|releas|let|switch|wak|seal|gather|bunch|arch|tug"
            + @"|knit|pinch|clench|drag|hoist|steady|control|brak|guid|carr|form|round)(?:s|es|e|ed|ing|ies)?\b"
            + @"|does?\s+(?:[\p{L}-]+\s+){0,4}(?:work|job|rest|it|that|this|\p{L}+ing)\b"
            + @"|(?:carr(?:y|ies)|bears?|shoulders?|takes?|has|gets?)\s+(?:(?:on|over|most|all|much|the|of|main|whole|part"
            + @"|a|good|to|its)\s+)*"
            + @"(?:load|weight|work|strain|lead|job|effort|share|workout|rest|break|massage|stretch)\b|takes\s+over\b|stays?\b|remains?\b"
            + @"|(?:is|are|be|gets?|becomes?)\b)",
        Free
    )]
    private static partial Regex MuscleWork();

    /// <summary>What a hand may do too, or what no word for work says.</summary>
    [GeneratedRegex(
        @"^(?:press|push|compress|squeez|seal|shut|gather|bunch|tug|knit|drag|hoist|join(?=s?\s+in\b)|brac)(?:s|es|e)?\b",
        Free
    )]
    private static partial Regex MovesByItself();
}
