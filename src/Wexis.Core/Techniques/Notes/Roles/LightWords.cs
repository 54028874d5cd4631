namespace Wexis.Core.Techniques.Notes.Roles;

/// <summary>Words of notes that are read over.</summary>
internal static class LightWords
{
    /// <summary>Words that carry nothing which a step could say: how it feels, how it is told, how well it is to be done.</summary>
    public static readonly HashSet<string> All = RoleWords.Set(
        """
        a an the your my his her its their this that these those both each every one's own all any some
        is are be am was being been do does did done doing have has having let lets can could should shall will would may
        might must try trying tries need
        you i he she we they who which where what how so just only also too very quite really rather almost nearly about
        approximately approx ca
        slow slowly fast quick quickly gentle gently soft softly light lightly calm calmly careful carefully smoothly steady
        steadily even evenly
        little bit slight slightly small tiny big large long short full fully whole entire complete completely as well good
        nice nicely easy easily relaxed
        more less much many enough most again repeat repeated repeatedly now first next finally afterwards after before
        during meanwhile once time times
        for until till if than like though per at away there here please ok always still straight ahead firm firmly hard
        strong strongly maximum max max.
        start starting begin beginning end finish return continue keep keeping keeps stay stays staying remain remains hold
        holding holds kept held
        rep reps set sets round rounds count counts second seconds sec secs minute minutes min mins pass passes repetition
        repetitions pulse pulses exercise
        way ways direction side sides position place placed lay laid lays lie lies set rest rests resting point points
        pointing spot spots area part motion movement movements gesture touch touches touching same other another opposite or
        comfortable comfortably far possible force pain effort
        feel feeling feels felt think breathe breathing breath naturally normally normal natural
        muscle muscles bone bones itself himself herself yourself alternating alternate alternately altogether total warm warmed
        tight tightly tighter poss possibly wide widely loose loosely high higher low lower free
        fairly exaggerate exaggerated exaggerating pretty moderately flat line lines inner outer outside one rush rushing
        hurry hurrying haste brisk briskly swift swiftly loud loudly audibly silently interlaced interlocked clasped yes fix fixes broad
        huge mini jade quartz metal steel wooden glass circular isometric static pop pops popping sound v
        alone super everywhere widths saliva spit bent gum pretend pretending
        stand standing sit sitting seated arms arm legs feet foot knees hips spine chair table pillow mirror
        single pleasant pleasantly
        clean washed
        today daily day week morning evening night always work works working use uses used
        """
    );
}
