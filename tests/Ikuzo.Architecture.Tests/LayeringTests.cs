using Ikuzo.Core.Planning;
using Ikuzo.Web.Data;
using NetArchTest.Rules;

namespace Ikuzo.Architecture.Tests;

public class LayeringTests
{
    private static readonly string[] Outside =
    [
        "Microsoft.AspNetCore",
        "Microsoft.Data",
        "Microsoft.Extensions",
        "Dapper",
        "Serilog",
        "Ikuzo.Web",
        "System.IO.File",
        "System.Net",
        "System.Data",
    ];

    [Fact]
    public void Core_ReferencesOnlyTheFramework() =>
        Assert.All(
            typeof(Planner).Assembly.GetReferencedAssemblies(),
            a => Assert.True(a.Name!.StartsWith("System.", StringComparison.Ordinal), $"Core references {a.Name}")
        );

    [Fact]
    public void Core_KnowsNothingOfServersFilesOrDatabases()
    {
        var result = Types.InAssembly(typeof(Planner).Assembly).ShouldNot().HaveDependencyOnAny(Outside).GetResult();
        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }

    [Fact]
    public void OnlyStoresAndDataUseTheDatabase()
    {
        var result = Types
            .InAssembly(typeof(Database).Assembly)
            .That()
            .DoNotHaveNameEndingWith("Store")
            .And()
            .DoNotResideInNamespace("Ikuzo.Web.Data")
            .ShouldNot()
            .HaveDependencyOn("Dapper")
            .GetResult();
        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }
}
