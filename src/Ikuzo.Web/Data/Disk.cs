using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Data;

/// <summary>Room on the disk of the household.</summary>
internal static class Disk
{
    /// <summary>What helps where it is full.</summary>
    public const string MakeRoom = "Make room on the disk, then try again.";

    private const int NoSpace = 28, // ENOSPC of errno(3)
        Full = 13; // SQLITE_FULL

    /// <summary>True where something could not be written since the disk is full.</summary>
    public static bool IsFull(Exception error) =>
        error switch
        {
            SqliteException { SqliteErrorCode: Full } => true,
            IOException io => (io.HResult & 0xFFFF) == NoSpace || io.Message.Contains("No space", StringComparison.OrdinalIgnoreCase),
            _ => false,
        };

    /// <summary>Bytes that are free beside a folder; null for a disk that does not say.</summary>
    public static long? FreeBytes(string folder)
    {
        try
        {
            return new DriveInfo(Path.GetFullPath(folder)).AvailableFreeSpace;
        }
        catch (Exception error) when (error is IOException or ArgumentException or UnauthorizedAccessException)
        {
            return null;
        }
    }
}
