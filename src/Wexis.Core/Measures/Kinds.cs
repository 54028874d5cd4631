namespace Wexis.Core.Measures;

/// <summary>A kind of thing that is told apart by an id.</summary>
public interface IKind
{
    /// <summary>As in "this person id".</summary>
    static abstract string Word { get; }
}

/// <summary>
/// The kinds of things that Wexis tells apart by ids of its own. What the trade or the data names by a word (a structure, a zone, a
/// criterion, a module's code) keeps its word.
/// </summary>
public static class Kinds
{
    public sealed record Person : IKind
    {
        public static string Word => "person";
    }

    public sealed record Screening : IKind
    {
        public static string Word => "screening";
    }

    public sealed record Technique : IKind
    {
        public static string Word => "technique";
    }

    /// <summary>Techniques that came in together, so that they can be taken back together.</summary>
    public sealed record Import : IKind
    {
        public static string Word => "import";
    }

    public sealed record Routine : IKind
    {
        public static string Word => "routine";
    }

    public sealed record Programme : IKind
    {
        public static string Word => "programme";
    }

    /// <summary>A search for a good order that is under way.</summary>
    public sealed record Plan : IKind
    {
        public static string Word => "plan";
    }

    public sealed record Cohort : IKind
    {
        public static string Word => "cohort";
    }

    public sealed record Examination : IKind
    {
        public static string Word => "examination";
    }

    public sealed record Station : IKind
    {
        public static string Word => "station";
    }

    /// <summary>A demonstration, its sheet and its result; a second look is a demonstration of its own.</summary>
    public sealed record Demonstration : IKind
    {
        public static string Word => "demonstration";
    }

    /// <summary>One thing that an assessor told a sheet.</summary>
    public sealed record Mark : IKind
    {
        public static string Word => "mark";
    }

    /// <summary>One thing that happened to a result.</summary>
    public sealed record Act : IKind
    {
        public static string Word => "act";
    }
}
