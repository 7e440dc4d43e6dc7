using System.Text;
using Microsoft.Net.Http.Headers;

namespace Ikuzo.Web.Errors;

/// <summary>Turns away bodies in letters that nobody here can read, before anybody tries.</summary>
internal static class KnownCharsets
{
    public static IApplicationBuilder UseKnownCharsets(this IApplicationBuilder app) =>
        app.Use(
            (context, next) =>
            {
                var request = context.Request;
                if (!MediaTypeHeaderValue.TryParse(request.ContentType, out var type) || !type.Charset.HasValue)
                {
                    return next(context); // of what is no media type at all the endpoint says so
                }

                if (!IsKnown(type.Charset.Value.Trim('"')))
                {
                    return Problems.WriteAsync(
                        context,
                        Problems.Of(Problems.WrongType, "Send UTF-8, or leave the charset away."),
                        context.RequestAborted
                    );
                }

                type.Charset = type.Charset.Value.Trim('"'); // who reads the body knows it without its quotes alone
                request.ContentType = type.ToString();
                return next(context);
            }
        );

    private static bool IsKnown(string charset)
    {
        try
        {
            return Encoding.GetEncoding(charset) is UTF8Encoding or UnicodeEncoding or ASCIIEncoding;
        }
        catch (Exception error) when (error is ArgumentException or NotSupportedException)
        {
            return false;
        }
    }
}
