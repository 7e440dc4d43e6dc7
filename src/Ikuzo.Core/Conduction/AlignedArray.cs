using System.Runtime.InteropServices;

namespace Ikuzo.Core.Conduction;

/// <summary>An array whose first element starts a cache line, so that no register-wide load of a lane crosses one.</summary>
/// <typeparam name="T">A value without references, a multiple of a register in size.</typeparam>
internal sealed class AlignedArray<T>
    where T : unmanaged
{
    private const int CacheLineBytes = 64;

    private readonly byte[] _bytes;
    private readonly int _offset;
    private readonly int _length;

    public AlignedArray(int count)
    {
        _length = count * Marshal.SizeOf<T>();
        _bytes = GC.AllocateArray<byte>(_length + CacheLineBytes, pinned: true);
        _offset = (int)(-Marshal.UnsafeAddrOfPinnedArrayElement(_bytes, 0) & (CacheLineBytes - 1));
    }

    /// <summary>The elements, zero at first.</summary>
    public Span<T> Span => MemoryMarshal.Cast<byte, T>(_bytes.AsSpan(_offset, _length));
}
