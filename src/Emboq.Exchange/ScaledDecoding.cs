using SkiaSharp;

namespace Emboq.Exchange;

/// <summary>Decodes a picture about as large as it is wanted, so that a large one never stands whole in memory: by the decoder where its format allows that,
/// otherwise in bands.</summary>
internal static class ScaledDecoding
{
    /// <summary>What may stand in memory at once, pixels of four bytes.</summary>
    private const long MostPixels = 12_000_000;

    /// <summary>Reads a picture.</summary>
    /// <param name="codec">Of the file, not read from yet.</param>
    /// <param name="longest">The longer side is at least this long, if it was; less than twice as long where that is possible.</param>
    /// <returns><c>null</c> when it is broken, or is large and can only be read whole.</returns>
    public static SKBitmap? Read(SKCodec codec, int longest)
    {
        var info = codec.Info.WithColorType(SKColorType.Rgba8888).WithAlphaType(SKAlphaType.Premul);
        // Decoders take eighths; the least that is still large enough.
        var size = Enumerable.Range(1, 8).Select(n => codec.GetScaledDimensions(n / 8f)).FirstOrDefault(s => Math.Max(s.Width, s.Height) >= longest, info.Size);
        return (long)size.Width * size.Height <= MostPixels ? Whole(codec, info.WithSize(size.Width, size.Height))
            : Bands(codec, info, Math.Max(info.Width, info.Height) / longest);
    }

    private static SKBitmap? Whole(SKCodec codec, SKImageInfo info)
    {
        var bitmap = new SKBitmap(info);
        if (codec.GetPixels(info, bitmap.GetPixels()) == SKCodecResult.Success)
        {
            return bitmap;
        }

        bitmap.Dispose();
        return null;
    }

    /// <summary>The mean of every square of pixels; what is left over at the right and lower edge goes. Every band is decoded from the top.</summary>
    /// <param name="codec">Of a format that can be decoded in part.</param>
    /// <param name="info">Of the whole.</param>
    /// <param name="side">Of a square, px.</param>
    private static SKBitmap? Bands(SKCodec codec, SKImageInfo info, int side)
    {
        var (width, height) = (info.Width / side, info.Height / side);
        var bitmap = new SKBitmap(info.WithSize(width, height));
        var squares = Math.Max(1, (int)(MostPixels / ((long)info.Width * side)));
        using var band = new SKBitmap(info.WithSize(info.Width, squares * side));
        for (var top = 0; top < height; top += squares)
        {
            var rows = Math.Min(squares, height - top);
            var part = new SKCodecOptions(new SKRectI(0, top * side, info.Width, (top + rows) * side));
            if (codec.StartIncrementalDecode(info, band.GetPixels(), band.RowBytes, part) != SKCodecResult.Success
                || codec.IncrementalDecode(out _) != SKCodecResult.Success)
            {
                bitmap.Dispose();
                return null;
            }

            for (var y = 0; y < rows; y++)
            {
                Mean(band.GetPixelSpan()[(y * side * band.RowBytes)..], band.RowBytes,
                    bitmap.GetPixelSpan().Slice((top + y) * bitmap.RowBytes, width * 4), side);
            }
        }

        return bitmap;
    }

    private static void Mean(Span<byte> lines, int rowBytes, Span<byte> means, int side)
    {
        for (var i = 0; i < means.Length; i++)
        {
            var sum = 0;
            var left = (i / 4 * side * 4) + (i % 4);
            for (var line = 0; line < side; line++)
            {
                for (var x = 0; x < side; x++)
                {
                    sum += lines[(line * rowBytes) + left + (x * 4)];
                }
            }

            means[i] = (byte)(sum / (side * side));
        }
    }
}
