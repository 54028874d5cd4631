using System.Diagnostics;
using System.Text.Json;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Npgsql;
using Wexis.Core.Measures;

namespace Wexis.Server.Shell;

/// <summary>What a person reads when something went wrong: what happened, what is safe, what to do. RFC 9457.</summary>
public sealed class Problems(ILogger<Problems> log) : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        ArgumentNullException.ThrowIfNull(httpContext);
        if (exception is BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge })
        {
            await TypedResults
                .Problem(
                    statusCode: 413,
                    title: $"More than {Limits.MostBytes / 1024 / 1024} MB came at once. Nothing was changed.",
                    detail: "Bring it in smaller parts."
                )
                .ExecuteAsync(httpContext);
            return true;
        }
        if (exception is BadHttpRequestException bad)
        {
            var field = (bad.InnerException as JsonException)?.Path?.TrimStart('$', '.') is { Length: > 0 } path ? path : "body";
            await TypedResults
                .ValidationProblem(
                    new Dictionary<string, string[]>(StringComparer.Ordinal)
                    {
                        [field] = [$"{field}: what was sent cannot be read here. Expected the form that the contract describes."],
                    },
                    title: "What was sent cannot be read. Nothing was changed."
                )
                .ExecuteAsync(httpContext);
            return true;
        }
        if (
            exception is PostgresException
            {
                SqlState: PostgresErrorCodes.DeadlockDetected
                    or PostgresErrorCodes.SerializationFailure
                    or PostgresErrorCodes.UniqueViolation
            } race
        )
        {
            log.LogWarning(race, "Two changes met: {Method} {Path}", httpContext.Request.Method, httpContext.Request.Path);
            await Stale("place").ExecuteAsync(httpContext);
            return true;
        }
        if (exception is NpgsqlException { IsTransient: true } away)
        {
            log.LogWarning(away, "The database is away: {Method} {Path}", httpContext.Request.Method, httpContext.Request.Path);
            httpContext.Response.Headers.RetryAfter = "5";
            await TypedResults
                .Problem(
                    statusCode: 503,
                    title: "The store cannot be reached just now.",
                    detail: "What was saved before is safe, and so is what you wrote. It goes on by itself as soon as the store is back."
                )
                .ExecuteAsync(httpContext);
            return true;
        }
        var trace = Activity.Current?.TraceId.ToString() ?? httpContext.TraceIdentifier;
        log.LogError(exception, "A request failed: {Method} {Path}", httpContext.Request.Method, httpContext.Request.Path);
        await TypedResults
            .Problem(
                statusCode: 500,
                title: "Something went wrong on the server.",
                detail: $"What was saved before is safe. Try again; if it happens twice, .wexis/log says what it was, under {trace}."
            )
            .ExecuteAsync(httpContext);
        return true;
    }

    /// <summary>Issues as a problem document keyed by field.</summary>
    public static ValidationProblem Of(IEnumerable<Issue> issues, string title) =>
        TypedResults.ValidationProblem(
            issues.GroupBy(i => i.Path).ToDictionary(g => g.Key, g => g.Select(i => i.Text).ToArray(), StringComparer.Ordinal),
            title: title
        );

    /// <summary>The whole thing, or everything that is wrong.</summary>
    public static Results<Ok<T>, ValidationProblem> Answer<T>(Checked<T> read, string title)
        where T : class
    {
        ArgumentNullException.ThrowIfNull(read);
        return read.Value is { } value ? TypedResults.Ok(value) : Of(read.Issues, title);
    }

    public static ValidationProblem Of(string path, string says, string title) =>
        TypedResults.ValidationProblem(new Dictionary<string, string[]>(StringComparer.Ordinal) { [path] = [says] }, title: title);

    public static Conflict<ProblemDetails> Stale(string what) =>
        TypedResults.Conflict(
            new ProblemDetails
            {
                Status = 409,
                Title = $"Someone else changed this {what} first.",
                Detail = "Your text is still here. Load what is saved, compare, then save again.",
            }
        );
}
