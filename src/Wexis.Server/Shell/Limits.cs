namespace Wexis.Server.Shell;

/// <summary>How much may come in at once. A library of 2,000 techniques is about 4 MB; what is larger comes in parts.</summary>
public static class Limits
{
    /// <summary>Of one request, in bytes.</summary>
    public const long MostBytes = 12 * 1024 * 1024;

    /// <summary>Techniques in one file, and rows in one table.</summary>
    public const int MostTechniques = 2000;
}
