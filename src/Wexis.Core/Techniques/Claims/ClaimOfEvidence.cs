using System.Globalization;
using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;

namespace Wexis.Core.Techniques.Claims;

/// <summary>Claims of evidence (R124): the card of the one small trial, and what it did not test.</summary>
public static partial class ClaimReview
{
    private sealed partial class Desk
    {
        private static Finding Evidence(string text)
        {
            const string Card =
                "One small trial (2018): no control group, 27 women aged 40 to 65 began and 16 finished; 30 minutes daily for 8 "
                + "weeks, then every other day to week 20; raters saw fuller upper and lower cheeks, and a rated age of "
                + "50.8 falling to 48.1. It tested a course, not one exercise; no massage, no eye drill, no men.";
            var wrong = Misquotes.Where(m => m.Words.IsMatch(text)).Select(m => m.Says).ToList();
            foreach (Match m in Women().Matches(text))
                if (int.TryParse(m.Groups["n"].Value, CultureInfo.InvariantCulture, out var n) && n is not (16 or 27))
                    wrong.Add("27 women began and 16 finished");
            foreach (Match m in Years().Matches(text))
                if (double.TryParse(m.Groups["n"].Value, CultureInfo.InvariantCulture, out var years) && years > 3)
                    wrong.Add("the rated age fell by 2.7 years, without a control group");
            if (wrong.Count > 0)
                return new(
                    [ClaimFinding.MisquotedEvidence],
                    $"The study did not show this: {string.Join("; ", wrong.Distinct())}. {Card}",
                    "Say: one small trial without a control group saw slightly fuller cheeks after a long course.",
                    "C",
                    "R124",
                    "S-ALAM2018 from memory"
                );
            return Cheeks().IsMatch(text)
                ? new([ClaimFinding.Supported], Card, null, "C", "R124", "S-ALAM2018 from memory")
                : new(
                    [ClaimFinding.MisquotedEvidence],
                    $"The study did not show this. {Card}",
                    "Say: one small trial without a control group saw slightly fuller cheeks after a long course.",
                    "C",
                    "R124",
                    "S-ALAM2018 from memory"
                );
        }

        private static readonly (Regex Words, string Says)[] Misquotes =
        [
            (Controlled(), "it had no control group"),
            (Proved(), "one small trial proves nothing"),
            (OtherWork(), "massage, tools, eyes, jaw and neck were not tested"),
            (WrinkleWords(), "lines did not differ clearly"),
            (Men(), "no men took part"),
            (DailyThroughout(), "it was daily for 8 weeks, then every other day"),
            (Soon(), "results were rated at weeks 8 and 20"),
            (OneExercise(), "a course of 32 exercises was tested, not one"),
        ];
    }

    [GeneratedRegex(@"(?<!\b(?:no|not|un|without\s+a?\s*)\s*)\b(?:randomi[sz]ed|controlled|placebo|control\s+group)\b", Free)]
    private static partial Regex Controlled();

    [GeneratedRegex(@"\b(?:prov(?:e|es|ed|en)|proof|beyond\s+doubt)\b", Free)]
    private static partial Regex Proved();

    [GeneratedRegex(@"\b(?:massage\w*|roller|gua\s*sha|stone|eye(?:s|lids?)?|lids?|jaw\w*|neck|lymph\w*|drainage|point)\b", Free)]
    private static partial Regex OtherWork();

    [GeneratedRegex(@"\bmen\b", Free)]
    private static partial Regex Men();

    [GeneratedRegex(
        @"\b(?:daily|every\s+day|each\s+day)\b(?!.*\b(?:8|eight)\s+weeks\b)|\b(?:20|twenty)\s+weeks\s+(?:daily|every\s+day)\b",
        Free
    )]
    private static partial Regex DailyThroughout();

    [GeneratedRegex($@"\b(?:{Early}|instantly|overnight)\b", Free)]
    private static partial Regex Soon();

    [GeneratedRegex(@"\b(?:this|one|a\s+single)\s+(?:exercise|technique)\b", Free)]
    private static partial Regex OneExercise();

    [GeneratedRegex(@"(?<n>\d+)\s+(?:women|people|participants|persons|volunteers)\b", Free)]
    private static partial Regex Women();

    [GeneratedRegex(@"(?<n>\d+(?:\.\d+)?)\s+years?\b", Free)]
    private static partial Regex Years();
}
