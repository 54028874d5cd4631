using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;

namespace Wexis.Core.Techniques.Claims;

/// <summary>
/// Who speaks in a sentence of a page: the technique ("it", "this exercise"), what is done in it ("the circles"), a muscle, fluid, a part
/// of the body, a sign ("a double chin"), or whoever is promised something ("you"). What is said of them is a claim, whatever its verb,
/// unless it is plain talk (<see cref="PlainTalk"/>). Wordings are common practice. See docs/method.md#claims.
/// </summary>
internal static partial class ClaimSpeaker
{
    private const RegexOptions Free = RegexOptions.IgnoreCase;

    private const string Kinds =
        "(?:exercise|technique|movement|method|routine|course|massage|stroke|facial|workout|programme|practice|ritual|session)s?";

    /// <summary>Who does it in a sentence about a technique.</summary>
    internal const string Technique = $@"(?:(?:this|the|our|my|your)\s+{Kinds}|this\s+one|it|this|that|which|they)";

    private const string Adverbs =
        @"(?:(?:also|even|just|really|always|often|soon|still|then|now|finally|thus|simply|truly|here|\p{L}+ly)\s+)*";

    private const string Helpers =
        @"(?:(?:will|can|could|may|might|would|should|does|do|helps?\s+(?:you\s+)?to|helps?(?:\s+you)?"
        + @"(?=\s+(?!(?:on|in|with|at|by|from|here|there|too|also|out|a|an|the|your|you|it|this|when|where|if|because|most"
        + @"|much|little|more)\b)"
        + @"\p{L}{3,}(?<!s)\b)|has\s+to|have\s+to|never|not)\s+)";

    /// <summary>What may stand before who speaks: "after a week,", "in short,".</summary>
    private const string Lead =
        @"^\W*(?:(?:(?:and|but|so|yet|also|here|first|next|finally|soon|above\s+all|best\s+of\s+all|in\s+short|in\s+time"
        + @"|(?:over|with)\s+time|day\s+by\s+day|little\s+by\s+little|as\s+a\s+result|done\s+\p{L}+|practi[sc]ed\s+\p{L}+)\b\W*"
        + @"|(?:after|within|in|every|from|with|without|by|during)\s+[^,.;]{2,40}?(?:,\s*|\s+(?=(?:it|you|your|the|this\s+one)\s))))*";

    private const string Body =
        "(?:skin|face|cheeks?|cheekbones?|jaw(?:\\s?line)?|neck|nape|throat|eyes?|eye\\s?lids?|lids?|lips?|mouth|forehead|eye\\s?brows?"
        + "|brows?|chin|temples?|complexion|looks|gaze|smile|joints?|teeth|gums?|ears?|head|shoulders|muscles?|nose|nostrils?|features"
        + "|profile|contours?|pores?|tissue|scalp|décolleté|decollete|corners?)";

    private const string Sign =
        "(?:wrinkles?|lines?|folds?|creases?|furrows?|(?:double|second)\\s+chins?|jowls?|bags?|puffiness|shadows?|circles\\s+under"
        + "|dimples?|swellings?|headaches?|migraines?|stress|worr(?:y|ies)|tension|fatigue|tiredness|crow'?s\\s+feet|(?:neck\\s+)?rings?"
        + "|cellulite|pimples?|spots?|scars?|pain|aches?|frowns?|years|age|ag(?:e)?ing|gravity|fat|sagging|snoring|grinding|clenching"
        + "|squinting)";

    /// <summary>What is handled or counted in a technique.</summary>
    internal const string Handled =
        "(?:hands?|fingers?|fingertips?|thumbs?|palms?|knuckles?|fists?|wrists?|elbows?|arms?|nails?|pads?|tongue|jaws?|breaths?|air|back"
        + "|chest|belly|ribs?|belt|collarbones?|body|weight|strokes?|circles?|taps?|pressure|pull|push|holds?|count|rhythm|tempo|movements?"
        + "|motion|way|path|sides?|half|parts?|steps?|rounds?|lines?|rows?|stone|roller|cup|spoon|cloth|towel|comb|tool|edges?|mirror|chair"
        + "|wall|voice|sound|tone|exercise|rest|pauses?|touch|squeezes?|pinch(?:es)?|lifts?|stretch(?:es)?|tips?|lobes?|bones?|rims?|ridge"
        + "|points?|spots?|places?|area|hollows?|artery|nodes?|thyroid|(?:eye)?lashes|glasses|lens(?:es)?|world|room|floor|sternum|windpipe"
        + "|larynx|pulse|oil|cream|grip|feet|foot|knees?|legs?|heels?|pelvis|hips?|spine|saliva|times|checks|changes|seconds|minutes"
        + "|blinks?|smiles?|folds?|nerves?|eyes)";

    /// <summary>Whether a sentence asserts something of a technique, of a muscle, of fluid, or of what comes of it.</summary>
    public static bool Asserts(string text, Atlas atlas) =>
        AndMore().Split(ClaimSentence.Plain(text)).Any(c => !ClaimReview.AdmitsHarm(c) && (Speaks(c, atlas) || Declares(c, atlas)));

    /// <summary>
    /// Whether a sentence says of anything else what is no plain talk: "hair will sprout at the temples". Every instruction speaks of hands
    /// and parts of the face, so what is said of those is no claim by itself.
    /// </summary>
    private static bool Declares(string plain, Atlas atlas)
    {
        if (plain.Contains(':') || SaidOf.Of(plain[LeadIn().Match(plain).Length..]) is not { } it || OfOthers().IsMatch(it.Who))
            return false;
        if (People().IsMatch(it.Who))
            return !PlainTalk.SaysOfPeople(it.Said);
        if (Rewards().IsMatch(it.Said))
            return true;
        if (Signs().IsMatch(it.Who))
            return Is().IsMatch(it.Said) || !PlainTalk.SaysOfHands(it.Said);
        var doneTo = DoneTo().IsMatch(it.Said);
        if (OfTheFace().IsMatch(Owner().Replace(it.Who, "")))
            return Better().IsMatch(it.Who)
                || LeftAlone().IsMatch(it.Said)
                || Idle().IsMatch(plain)
                || doneTo && ClaimWords.Named(it.Who, atlas).Count > 0;
        return doneTo || Changes().IsMatch(it.Said) || !PlainTalk.Says(it.Said) && !PlainAnatomy().IsMatch(it.Said);
    }

    private static bool Speaks(string plain, Atlas atlas) =>
        Compares(plain) && (Begins().IsMatch(plain) || NoOther().IsMatch(plain))
        || OfIt().Match(plain) is { Success: true } it
            && (
                !PlainTalk.Says(plain[it.Groups["verb"].Index..])
                || NotTouched().IsMatch(plain)
                || Worked().IsMatch(plain[it.Groups["verb"].Index..])
            )
        || GoodFor().IsMatch(plain) && (ClaimPlaces.Zones(plain, atlas).Count > 0 || ClaimWords.Named(plain, atlas).Count > 0)
        || OfDoing().Match(plain) is { Success: true } done && !PlainTalk.SaysOfHands(plain[done.Groups["verb"].Index..])
        || MuscleDoes(plain, atlas) is { } does && (!PlainAnatomy().IsMatch(does) || ClaimSentence.IsIdle(does))
        || OfMuscles().Match(plain) is { Success: true } muscles
            && plain[muscles.Groups["verb"].Index..] is var work
            && (DoneTo().IsMatch(work) || ClaimSentence.IsIdle(work) || !PlainAnatomy().IsMatch(work) && !PlainTalk.SaysOfHands(work))
        || AndDoes().Matches(plain).Any(m => !PlainTalk.Says(plain[m.Groups["verb"].Index..]))
        || ByMuscle().Match(plain) is { Success: true } by
            && ClaimWords.Named(plain, atlas) is [.., var last]
            && last.At >= by.Groups["by"].Index
        || Nothing().IsMatch(plain)
        || OnlyWorked().IsMatch(plain)
        || OfFluid().IsMatch(plain)
        || OfSign().IsMatch(plain)
        || OfVessel().Match(plain) is { Success: true } vessel && !PlainAnatomy().IsMatch(plain[vessel.Groups["verb"].Index..])
        || Gains().IsMatch(plain)
        || OfBody().Match(plain) is { Success: true } body && !PlainTalk.Says(plain[body.Groups["verb"].Index..])
        || BodyBecomes().IsMatch(plain);

    /// <summary>"It does not touch the eyeball".</summary>
    [GeneratedRegex(@"^\W*(?:it|this)\s+(?:does\s+not|never)\s+(?:\p{L}+ly\s+)?(?:touch|press|reach|move|pull|work)(?:es|s)?\b", Free)]
    private static partial Regex NotTouched();

    /// <summary>"Moves the muscles that turn the eye", "presses the folds flat".</summary>
    [GeneratedRegex(
        @"^(?!(?:is|are|needs?|feels?)\b)\p{L}+\s+(?:the|your|all|every|each|no|any)\s+"
            + $@"(?:(?:[\p{{L}}-]+\s+){{0,3}}?muscles?|(?:[\p{{L}}-]+\s+){{0,2}}?{Sign})\b",
        Free
    )]
    private static partial Regex Worked();

    /// <summary>Whether a sentence says what must be ("the frontalis must not help"): an instruction.</summary>
    public static bool Demands(string text) => Must().IsMatch(text) && !Begins().IsMatch(text);

    /// <summary>Whether a text sets something above all others: nobody has compared them.</summary>
    public static bool Compares(string text) => Comparison().IsMatch(text);

    [GeneratedRegex($@"{Lead}{Technique}\b", Free)]
    private static partial Regex Begins();

    [GeneratedRegex(Lead, Free)]
    private static partial Regex LeadIn();

    /// <summary>"It can leave marks, but it …": another thing is said beside it.</summary>
    [GeneratedRegex(@"[\s,;–—]+(?:but|yet|while|whereas|and)\s+(?=(?:it|this|you)\s)", Free)]
    private static partial Regex AndMore();

    [GeneratedRegex(
        @"\bmust\b|\b(?:should|ought\s+to)\s+(?:not|never|stay|remain|be|rest|feel|move|hang|lie|keep)\b|^\W*(?:please\s+)?do\s+not\b",
        Free
    )]
    private static partial Regex Must();

    /// <summary>Who has a rule of its own.</summary>
    [GeneratedRegex(
        $@"^(?:(?:it|they|this\s+one)\b.*|{Technique}|you|we|i|he|she|there|here|what|who|how|where|when|why|if|as|that\b.*"
            + $@"|which\b.*|one|nothing|nobody|no\s+one"
            + $@"|everything|something|wherever\b.*|whenever\b.*|whoever\b.*|(?:the|this|our|my|your)\s+(?:\p{{L}}+\s+)?{Kinds})$",
        Free
    )]
    private static partial Regex OfOthers();

    [GeneratedRegex(
        @"\b(?:people|person|persons|women|men|children|kids|singers|beginners|trainees?|trainers?|learners?|students?"
            + @"|pupils|actors|clients?"
            + @"|guests?|everybody|everyone|somebody|someone|anybody|anyone|many|most|some|others|friends|partners?"
            + @"|readers?|wearers|doctors|dentists|dermatologists|surgeons|physiotherapists|midwives|models|stars"
            + @"|grandmothers|smokers|sufferers|owners)$",
        Free
    )]
    private static partial Regex People();

    /// <summary>What every instruction speaks of.</summary>
    [GeneratedRegex($@"\b(?:{Body}|{Handled})\b", Free)]
    private static partial Regex OfTheFace();

    /// <summary>"A straighter nose", "firmer cheeks": a comparison with before, whatever is said of it.</summary>
    [GeneratedRegex(
        $@"\b(?!(?:inner|outer|upper|lower|other|either|under|over|finger|corner|center|shoulder|roller|stronger"
            + $@"|softer)\b)\p{{L}}{{3,}}er\s+{Body}$",
        Free
    )]
    private static partial Regex Better();

    /// <summary>"Worry lines", "slack cheeks", "a pinched nerve": what nobody wants to have.</summary>
    [GeneratedRegex(
        $@"\b(?:(?:worry|frown|upright|fine|deep|laugh\w*|neck|age|dry|forehead)\s+(?:lines|folds|creases)|{Sign}"
            + @"|(?:clicking|aching|stiff|slack|saggy|sagging|droop\w*|hanging|sunken|crooked|puffy|wrinkled|limp|flabby"
            + @"|pinched|hollow|hooded|blocked)\s+\p{L}+)\b",
        Free
    )]
    private static partial Regex Signs();

    [GeneratedRegex(@"^(?:is|are|be|has|have)\b", Free)]
    private static partial Regex Is();

    [GeneratedRegex(@"\b\p{L}+'s\s", Free)]
    private static partial Regex Owner();

    /// <summary>"The cheek does not take part".</summary>
    [GeneratedRegex(
        @"\b(?:do|does|will)\s+not\s+(?:take\s+part|contribute|work\s+here)\b|\bha(?:s|ve)\s+(?:no\s+(?:part|role|work|job)"
            + @"|nothing\s+to\s+do)\b",
        Free
    )]
    private static partial Regex Idle();

    /// <summary>"Awaits you", "is the reward".</summary>
    [GeneratedRegex(@"^(?:await|beckon)s?\b|^(?:is|are)\s+(?:yours|(?:the|your)\s+(?:reward|result|prize|thanks))\b", Free)]
    private static partial Regex Rewards();

    /// <summary>"Becomes superfluous", "gets sharper".</summary>
    [GeneratedRegex(@"^(?:becomes?|gets?|grows?|turns)\s", Free)]
    private static partial Regex Changes();

    /// <summary>"Is left in peace".</summary>
    [GeneratedRegex(@"^(?:is|are)\s+(?:left|let)\s+(?:\p{L}+ly\s+)?(?:alone|in\s+peace|out|untouched)\b", Free)]
    private static partial Regex LeftAlone();

    /// <summary>"Is rolled", "are spread": done to what no instruction speaks of.</summary>
    [GeneratedRegex(@"^(?:is|are|gets?|be)\s+(?:\p{L}+ly\s+)?(?:\p{L}+(?:ed|en|wn)|spread|put|kept|held|led|brought|set|cut|made)\b", Free)]
    private static partial Regex DoneTo();

    /// <summary>"The neck muscles get a rest".</summary>
    [GeneratedRegex(
        $@"{Lead}(?:the|your|these|those|all|our)\s+(?:[\p{{L}}-]+\s+){{0,3}}?muscles(?:\s+(?:of|in|around|at|on|under)\s+(?:the|your)\s+"
            + $@"\p{{L}}+)?\s+{Adverbs}{Helpers}*{Adverbs}(?<verb>\p{{L}}{{2,}}(?!\s*$))\b",
        Free
    )]
    private static partial Regex OfMuscles();

    /// <summary>"This one is for your forehead muscle".</summary>
    [GeneratedRegex(
        $@"{Lead}{Technique}\s+(?:is|are)\s+{Adverbs}(?:(?:(?:good|great|ideal|perfect|excellent|right|made|meant|something)\s+)?for"
            + @"|(?:all\s+)?about|(?:dedicated|devoted)\s+to)\b",
        Free
    )]
    private static partial Regex GoodFor();

    /// <summary>Without "that", "which" and "they": those may be fingers.</summary>
    [GeneratedRegex(
        $@"{Lead}(?:(?:this|the|our|my|your)\s+(?:\p{{L}}+\s+)?{Kinds}|this\s+one|it|this)\s+"
            + $@"(?:{Adverbs}{Helpers}+{Adverbs}(?<verb>\p{{L}}+)|{Adverbs}(?<verb>\p{{L}}+s))\b",
        Free
    )]
    private static partial Regex OfIt();

    /// <summary>"The circles widen the vessels", "the cold tightens the skin": what is done speaks.</summary>
    [GeneratedRegex(
        $@"{Lead}(?:the|this|these|those|each|every|our|your|such)\s+(?:\p{{L}}+\s+){{0,2}}?(?:circles|strokes|taps|tapping|pressure|pull"
            + @"|push|hold|hands|fingers|fingertips|thumbs?|palms|knuckles|stone|roller|cup|spoon|tongue|touch|squeeze"
            + @"|pinch|lift|pout|yawn"
            + @"|stretch|warmth|cold|heat|breath|breathing|rhythm|vibration|suction|contraction|resistance)\s+"
            + $@"(?:{Adverbs}{Helpers}+{Adverbs}(?<verb>\p{{L}}+)|{Adverbs}(?<verb>(?!{ClaimObject.Link}\b)\p{{L}}{{3,}}))"
            + @"\s+(?:the|your|you|all|every|any|no|away|out|deep|more|less|fewer)\b",
        Free
    )]
    private static partial Regex OfDoing();

    /// <summary>"It is a massage and builds no muscle".</summary>
    [GeneratedRegex(
        $@"(?<=^\W*{Technique}\b.*)\b(?:and|but)\s+{Adverbs}(?<verb>\p{{L}}+s)\s+(?:the|your|you|no|nothing|every|all|any)\b",
        Free
    )]
    private static partial Regex AndDoes();

    /// <summary>"The apple of the cheek is lifted by the great cheek muscle".</summary>
    [GeneratedRegex(@"^\W*(?:the|your)\s[^.;,]*\b(?:is|are|gets?)\s+(?:\p{L}+\s+)?\p{L}+(?:ed|en|wn)\s+(?<by>by)\s", Free)]
    private static partial Regex ByMuscle();

    /// <summary>"Nothing contracts here".</summary>
    [GeneratedRegex(
        @"^\W*no\s+muscles?\s+(?:is|are)\s|^\W*(?:nothing|no\s+muscle)\s+(?!else\s+moves)(?:\p{L}+\s+){0,3}?(?:contract"
            + @"|tense|work|train|strengthen|move|happen)\w*\b",
        Free
    )]
    private static partial Regex Nothing();

    /// <summary>"Only the skin is moved".</summary>
    [GeneratedRegex(
        @"^\W*(?:only|just|mainly|above\s+all)\s+(?:(?:the|your)\s+|(?=skin|fluid|muscles?))(?:[\p{L}-]+\s+){1,8}?(?:is"
            + @"|are)\s+\p{L}+(?:ed|en|wn)\b"
            + @"|\b(?:is|are)\s+\p{L}+(?:ed|en|wn)\W+(?:and\s+)?(?:nothing\s+(?:more|else)|that\s+is\s+all)\b",
        Free
    )]
    private static partial Regex OnlyWorked();

    [GeneratedRegex(
        $@"{Lead}(?:the\s+|your\s+)?(?:excess\s+|surface\s+|tissue\s+)?(?:lymph|fluids?|blood|toxins?)\s+"
            + @"(?:(?:will|can|is|are|gets?)\s+\p{L}+|flows?|runs?|moves?|drains?|leaves?|goes)\b",
        Free
    )]
    private static partial Regex OfFluid();

    /// <summary>"A second chin has no chance", "wrinkles go": a sign, and what becomes of it.</summary>
    [GeneratedRegex(
        $@"{Lead}(?:(?:the|your|an?|this|those|these|any|all|every|even|deep|fine|old|new|tired)\s+)*(?:\p{{L}}+\s+){{0,2}}?{Sign}\s+"
            + $@"(?:(?:in|on|of|around|at|under|between|from)\s+(?:the|your)\s+(?:\p{{L}}+\s+){{1,2}})?(?:{Adverbs}{Helpers}*{Adverbs}"
            + @"(?:vanish|fad|melt|disappear|dissolv|soften|shrink|retreat|surrender|smooth|flee|drain|evaporat|diminish"
            + @"|lessen|eas|recede|stop|ceas|end(?:s)?\s+(?:after|within|in|for)"
            + @"|go(?:es)?\b(?!\s+(?:on|to|from|over|under|along))|have\s+no|has\s+no|stands?\s+no|say(?:s)?\s+good|lose|los(?:es|ing)|giv"
            + @"|leav|drop|fall|becom|get(?:s)?\s+\p{L}+er|(?:is|are)\s+(?:(?:soon|then|now|simply)\s+)*(?:gone|history|less|fewer|smaller"
            + @"|weaker|reduced|softened|smoothed|erased|ironed|wiped|filled|banished|melted|removed|a\s+thing\s+of|forgotten|no\s+(?:more"
            + @"|longer)))\w*)\b",
        Free
    )]
    private static partial Regex OfSign();

    /// <summary>"The vagus nerve is switched on", "your brain releases …".</summary>
    [GeneratedRegex(
        $@"{Lead}(?:the|your)\s+(?:\p{{L}}+\s+){{0,2}}?(?:nerves?|vessels?|veins?|arter(?:y|ies)|capillaries|glands?"
            + $@"|circulation|metabolism"
            + @"|hormones|cells|brain|immune\s+system|nervous\s+system|lens|retina|heart|bones?|skull|spine|collagen|body)\s+"
            + $@"(?:{Adverbs}{Helpers}+{Adverbs}(?<verb>(?!be\b)\p{{L}}{{3,}})|{Adverbs}(?<verb>(?:is|are|gets?)\s+(?:\p{{L}}+ly\s+)?"
            + @"(?!press|pinch|irritat|hurt|touch|strain|trapp|damag)\p{L}+(?:ed|en)\b"
            + @"|(?:starts?|begins?|stops?|releas\w+|produc\w+|learns?|forgets?|wak\w+|grows?|heals?|regenerat\w+|renews?"
            + @"|widens?|narrows?|calms?|relaxes|strengthens?|improves?|speeds?|slows?|opens?|thanks?|switches|becomes?)))\b",
        Free
    )]
    private static partial Regex OfVessel();

    /// <summary>"You will look younger", "you lose ten years": what is promised to whoever does it.</summary>
    [GeneratedRegex(
        $@"{Lead}you\s+(?:(?:will|'ll|can|soon|really|simply|also|never|no\s+longer|not|then)\s+)*(?:(?:lose"
            + @"|gain|win|shed|save"
            + @"|say\s+good\s?bye|throw|forget|glow|radiate|wake\s+up|become|age|sleep|turn\s+heads|stay\s+(?:young|fresh|fit))\b"
            + @"|(?:look|seem|appear|feel|be|grow|get|are)\s+(?:\p{L}+ly\s+|so\s+|much\s+|years\s+|like"
            + @"\s+)*(?:\p{L}{3,}er\b(?<!\b(?:under|over"
            + @"|after|lower|upper|inner|outer|finger|corner|never|other))|young|fresh|rested|radiant|beautiful|awake|new\b|refreshed)"
            + @"|see\s+(?:\p{L}+\s+)?(?:results?|(?:a\s+)?differences?|changes?)|need\s+(?:no|any)\b|get\s+(?:a|the|your)\b"
            + @"|(?:frown|worry|clench|squint|grind|smile|sleep)\s+(?:less|more|better)\b|\p{L}+\s+(?:\p{L}+"
            + @"\s+){0,4}(?:better|again|any\s?more|no\s+more|yourself)\W*$)"
            + @"|^\W*you\s+(?:will\s+)?(?:not|never|no\s+longer)\s+need\b",
        Free
    )]
    private static partial Regex Gains();

    /// <summary>"Your jaw will thank you", "the skin stays fresh".</summary>
    [GeneratedRegex(
        $@"{Lead}(?:your|the)\s+(?:\p{{L}}+\s+)?{Body}\s+"
            + $@"(?:(?:will|should)\s+{Adverbs}(?:(?:never|not)\s+)?(?<verb>(?!not\b|never\b)\p{{L}}+)|{Adverbs}(?<verb>(?:stops?"
            + $@"\s+\p{{L}}+ing|loses?"
            + @"|regains?|gains?|recovers?|ages?|glows?|shines?|thanks?|comes?\s+back|remembers?|forgets?)|(?:looks?|stays?"
            + @"|grows?|becomes?"
            + @"|gets?|is|are)\s+(?:\p{L}+ly\s+|so\s+|much\s+|years\s+|like\s+)*(?:\p{L}{3,}(?<!\b(?:und|ov|aft|low|upp|inn"
            + @"|out|fing|corn|nev"
            + @"|oth|eith|neith|togeth|furth|easi|hard))er|young|fresh|rested|radiant|beautiful|awake|refreshed)))\b",
        Free
    )]
    private static partial Regex OfBody();

    /// <summary>"The eyes get moist again", "the skin of the neck becomes as tight as a drum": no state of an instruction.</summary>
    [GeneratedRegex(
        $@"{Lead}(?:your|the)\s+(?:\p{{L}}+\s+){{0,2}}?{Body}\s+(?:(?:of|in|around|at|under|on)\s+(?:the|your)"
            + $@"\s+(?:\p{{L}}+\s+)?\p{{L}}+\s+)?"
            + $@"{Adverbs}(?:{Helpers}+{Adverbs})?(?:(?:becomes?|gets?|grows?|turns?|comes?\s+out)\s+(?:\p{{L}}+ly\s+|so\s+"
            + $@"|more\s+|a\s+bit\s+)*"
            + @"(?!(?:cold|red|tired|sore|wet|dry|tense|stiff|heavy|numb|long|longer|short|soft|quiet|still|straight|round|flat|thin|wide"
            + @"|narrow|open|closed|hard|loose|used|in|out|up|down|the|an?|no|too|very|caught|press\w*|push\w*|pull\w*|drawn|lifted|moved"
            + @"|held|left|right|to|towards?|into|away|back|inwards?|outwards?|with|on|only|as\s+far|hot|bigger\s+than"
            + @"|smaller\s+than|slack"
            + @"|hollow|visible|even)\b)\p{L}+|(?:is|are|stays?|becomes?|gets?|feels?|looks?)\s+as\s+\p{L}+\s+as\s+(?:an?|in|at|on|when|it"
            + @"|silk|new|velvet|never))\b",
        Free
    )]
    private static partial Regex BodyBecomes();

    [GeneratedRegex(@"^\W*(?:no\s+other|no\s+better|nothing\s+else|there\s+is\s+(?:no|nothing)\s+(?:other|better))\b", Free)]
    private static partial Regex NoOther();

    [GeneratedRegex(
        $@"\b(?:the\s+(?:very\s+)?(?:best|only|ultimate|fastest|quickest|surest|most\s+\p{{L}}+)\s+(?:\p{{L}}+"
            + $@"\s+){{0,2}}?(?:{Kinds}|way|remedy"
            + $@"|answer|cure|alternative|thing|solution)|no\s+(?:other|better)\s+(?:{Kinds}|way|remedy)|nothing\s+else"
            + $@"\s+(?:work|lift|firm"
            + @"|help|beat|come)\w*|(?:better|faster|stronger|safer|more\s+(?:effective|powerful|useful))\s+than|as\s+(?:good|effective"
            + @"|powerful|strong)\s+as|outperform\w*|outdo\w*|surpass\w*|beats?\s+(?:any|every|all|the|both)|unbeatable|unrivalled"
            + @"|unmatched|unequalled|number\s+one|miracle\w*|magic\w*|(?:it|this)\s+(?:really\s+|just\s+|simply\s+)?works\W*$)\b",
        Free
    )]
    private static partial Regex Comparison();
}
