using Wexis.Core.Measures;

namespace Wexis.Core.Routines;

/// <summary>The JSON Schema of a routine file.</summary>
public static class RoutineSchema
{
    public static string Text() => ExchangeSchema.Text(ExchangeSchema.Of<RoutineDocument>(RoutineDocument.CurrentSchema));
}
