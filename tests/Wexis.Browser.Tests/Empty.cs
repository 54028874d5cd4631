namespace Wexis.Placeholder; internal static class Empty { }
