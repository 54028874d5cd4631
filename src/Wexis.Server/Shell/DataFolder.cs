namespace Wexis.Server.Shell;

public sealed record DataFolder(string Path);
