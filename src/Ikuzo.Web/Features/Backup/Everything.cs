using System.Buffers;
using System.IO.Compression;
using System.Text.Json;
using Ikuzo.Web.Data;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Features.Backup;

/// <summary>All that the household keeps, as a file for this product and for others.</summary>
internal static class Everything
{
    /// <summary>Name of the database in the file.</summary>
    public const string DatabaseName = "ikuzo.db";

    private const int SniffBytes = 4;

    /// <summary>Packs a database and the same as JSON into one file.</summary>
    public static async Task PackAsync(string database, string packed, CancellationToken cancellation)
    {
        await using var zip = await ZipFile.OpenAsync(packed, ZipArchiveMode.Create, cancellation);
        await using (var to = await zip.CreateEntry(DatabaseName, CompressionLevel.Fastest).OpenAsync(cancellation))
        await using (var from = File.OpenRead(database))
        {
            await from.CopyToAsync(to, cancellation);
        }

        await using var json = await zip.CreateEntry("ikuzo.json", CompressionLevel.Fastest).OpenAsync(cancellation);
        await WriteAsync(database, json, cancellation);
    }

    /// <summary>Writes every table of a database as JSON; keys of devices stay out, they are of no use elsewhere.</summary>
    private static async Task WriteAsync(string database, Stream to, CancellationToken cancellation)
    {
        await using var connection = Backups.Connection(database, SqliteOpenMode.ReadOnly);
        await using var json = new Utf8JsonWriter(to);
        json.WriteStartObject();
        json.WriteString("format", "ikuzo-household");
        json.WriteNumber("version", 1);
        json.WriteStartObject("tables");
        foreach (var table in await TablesAsync(connection, cancellation))
        {
            json.WriteStartArray(table);
            await RowsAsync(connection, table, json, cancellation);
            json.WriteEndArray();
        }

        json.WriteEndObject();
        json.WriteEndObject();
    }

    // Those of the search, which are made from the others, stay out too.
    private static async Task<List<string>> TablesAsync(SqliteConnection connection, CancellationToken cancellation)
    {
        await using var command = connection.CreateCommand();
        command.CommandText = """
            SELECT t.name FROM pragma_table_list t
            WHERE t.schema = 'main' AND t.type = 'table' AND t.name NOT LIKE 'sqlite_%' AND t.name <> 'devices' ORDER BY t.name
            """;
        await using var rows = await command.ExecuteReaderAsync(cancellation);
        List<string> names = [];
        while (await rows.ReadAsync(cancellation))
        {
            names.Add(rows.GetString(0));
        }

        return names;
    }

    private static async Task RowsAsync(SqliteConnection connection, string table, Utf8JsonWriter json, CancellationToken cancellation)
    {
        const int FlushAt = 64 * 1024;
        await using var command = connection.CreateCommand();
        command.CommandText = $"SELECT * FROM \"{table}\"";
        await using var rows = await command.ExecuteReaderAsync(cancellation);
        while (await rows.ReadAsync(cancellation))
        {
            json.WriteStartObject();
            for (var i = 0; i < rows.FieldCount; i++)
            {
                json.WritePropertyName(rows.GetName(i));
                switch (rows.GetValue(i))
                {
                    case long number:
                        json.WriteNumberValue(number);
                        break;
                    case double number:
                        json.WriteNumberValue(number);
                        break;
                    case byte[] bytes:
                        json.WriteBase64StringValue(bytes);
                        break;
                    case string text:
                        json.WriteStringValue(text);
                        break;
                    default:
                        json.WriteNullValue();
                        break;
                }
            }

            json.WriteEndObject();
            if (json.BytesPending > FlushAt)
            {
                await json.FlushAsync(cancellation);
            }
        }
    }

    /// <summary>Receives a database, or a file with one in it.</summary>
    /// <exception cref="InvalidDataException">It is neither, or too large.</exception>
    public static async Task ReceiveAsync(Stream from, string path, long mostBytes, CancellationToken cancellation)
    {
        await CopyAsync(from, path, mostBytes, cancellation);
        var head = new byte[SniffBytes];
        await using (var file = File.OpenRead(path))
        {
            if (await file.ReadAtLeastAsync(head, SniffBytes, throwOnEndOfStream: false, cancellation) < SniffBytes)
            {
                throw new InvalidDataException("The file is empty.");
            }
        }

        if (head is [(byte)'P', (byte)'K', ..])
        {
            await UnpackAsync(path, mostBytes, cancellation);
        }
    }

    private static async Task UnpackAsync(string path, long mostBytes, CancellationToken cancellation)
    {
        var inside = $"{path}.inside";
        try
        {
            await using (var zip = await ZipFile.OpenReadAsync(path, cancellation))
            {
                var entry = zip.GetEntry(DatabaseName) ?? throw new InvalidDataException($"There is no {DatabaseName} in this file.");
                await using var content = await entry.OpenAsync(cancellation);
                await CopyAsync(content, inside, mostBytes, cancellation);
            }

            File.Move(inside, path, overwrite: true);
        }
        finally
        {
            File.Delete(inside); // where it was too large
        }
    }

    private static async Task CopyAsync(Stream from, string path, long mostBytes, CancellationToken cancellation)
    {
        const int Chunk = 128 * 1024;
        var buffer = ArrayPool<byte>.Shared.Rent(Chunk);
        try
        {
            await using var to = File.Create(path);
            for (int read; (read = await from.ReadAsync(buffer, cancellation)) > 0; )
            {
                if (to.Length + read > mostBytes)
                {
                    throw new InvalidDataException("The file is larger than a gigabyte.");
                }

                await to.WriteAsync(buffer.AsMemory(0, read), cancellation);
            }
        }
        finally
        {
            ArrayPool<byte>.Shared.Return(buffer);
        }
    }
}
