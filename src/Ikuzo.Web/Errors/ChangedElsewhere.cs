using System.Reflection;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Errors;

/// <summary>412: another window changed it; what it is now comes with the answer.</summary>
/// <param name="current">What it is now.</param>
public sealed class ChangedElsewhere<T>(T current) : IResult, IStatusCodeHttpResult, IEndpointMetadataProvider
{
    /// <inheritdoc/>
    public int? StatusCode => StatusCodes.Status412PreconditionFailed;

    /// <inheritdoc/>
    public Task ExecuteAsync(HttpContext httpContext)
    {
        var problem = Problems.Of(Problems.ChangedElsewhereCode, "Look at both, and keep one.");
        problem.Extensions["current"] = current;
        return Problems.WriteAsync(httpContext, problem, httpContext.RequestAborted);
    }

    static void IEndpointMetadataProvider.PopulateMetadata(MethodInfo method, EndpointBuilder builder) =>
        builder.Metadata.Add(
            new ProducesResponseTypeMetadata(StatusCodes.Status412PreconditionFailed, typeof(ProblemDetails), [Problems.MediaType])
        );
}
