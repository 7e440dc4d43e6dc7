using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Tests;

/// <summary>What every test needs that looks at the folder of a server itself.</summary>
public abstract class FolderTests : IDisposable
{
    protected string Folder { get; } = Directory.CreateTempSubdirectory("ikuzo-folder-").FullName;

    protected string DatabasePath => Path.Combine(Folder, "ikuzo.db");

    /// <summary>A dish of one meat.</summary>
    protected static object Dish(string name) =>
        new
        {
            format = "ikuzo-dish",
            version = 1,
            name,
            servings = 4,
            items = new[]
            {
                new
                {
                    key = "a",
                    kind = "meat",
                    load = new
                    {
                        cut = "duck-leg",
                        pieces = 4,
                        totalKg = 1,
                    },
                },
            },
        };

    public void Dispose()
    {
        Leave();
        SqliteConnection.ClearAllPools();
        Directory.Delete(Folder, recursive: true);
        GC.SuppressFinalize(this);
    }

    /// <summary>What is to be stopped before the folder goes.</summary>
    protected virtual void Leave() { }
}
