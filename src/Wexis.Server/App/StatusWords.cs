using Microsoft.AspNetCore.Mvc;

namespace Wexis.Server.App;

/// <summary>What an answer without a body says to whoever reads it: a sentence, not the phrase of the protocol.</summary>
internal static class StatusWords
{
    public static void Say(ProblemDetails problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        if (problem.Title is not ("Bad Request" or "Unauthorized" or "Forbidden" or "Not Found" or "Method Not Allowed" or "Conflict"))
            return;
        problem.Title = problem.Status switch
        {
            StatusCodes.Status401Unauthorized => "Sign in first.",
            StatusCodes.Status403Forbidden => "Your role does not allow this.",
            StatusCodes.Status404NotFound => "There is nothing here, or you may not see it.",
            StatusCodes.Status409Conflict => "Somebody else changed this in the meantime.",
            _ => "Wexis could not read what was sent.",
        };
    }
}
