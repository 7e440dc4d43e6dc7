using System.ComponentModel.DataAnnotations;
using Microsoft.Extensions.Options;
using Microsoft.Extensions.Validation;

#pragma warning disable ASP0029 // the only way to ask the framework for what it asks itself; the shape of its answer may change

namespace Ikuzo.Web.Errors;

/// <summary>
/// Holds a body that did not come as one, such as a dish in a file, against the same limits as the framework holds all others.
/// </summary>
internal sealed class BodyCheck(IOptions<ValidationOptions> options, IServiceProvider services)
{
    /// <summary>What is wrong, by field; null when nothing is.</summary>
    public async Task<IDictionary<string, string[]>?> ErrorsOfAsync(object body, CancellationToken cancellation)
    {
        if (!options.Value.TryGetValidatableTypeInfo(body.GetType(), out var limits))
        {
            throw new ArgumentException($"{body.GetType().Name} has no limits.", nameof(body));
        }

        var context = new ValidateContext
        {
            ValidationContext = new ValidationContext(body, services, items: null),
            ValidationOptions = options.Value,
        };
        await limits.ValidateAsync(body, context, cancellation);
        return context.ValidationErrors is { Count: > 0 } errors ? Problems.ByContract(errors) : null;
    }
}
