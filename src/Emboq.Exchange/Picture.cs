using SkiaSharp;

namespace Emboq.Exchange;

/// <summary>A photograph, re-encoded: what was hidden in the file that was sent is gone.</summary>
/// <param name="Jpeg">At most <see cref="Longest"/> pixels on the longer side, upright.</param>
/// <param name="Thumbnail">The same, small.</param>
/// <param name="Width">Pixels.</param>
/// <param name="Height">Pixels.</param>
public sealed record Picture(byte[] Jpeg, byte[] Thumbnail, int Width, int Height)
{
    /// <summary>The longer side kept, px.</summary>
    public const int Longest = 2000;

    private const int ThumbnailSide = 320;
    private const long MostPixels = 60_000_000;
    private const int Quality = 85;

    private static readonly SKEncodedImageFormat[] Known = [SKEncodedImageFormat.Jpeg, SKEncodedImageFormat.Png, SKEncodedImageFormat.Webp];

    /// <summary>Reads a JPEG, PNG or WebP by its content, whatever it is called.</summary>
    /// <returns>The picture, or <c>null</c> when it is none of the three, is broken, has more than 60 million pixels, or is large and cannot be read in
    /// parts.</returns>
    public static Picture? Read(byte[] file)
    {
        using var data = SKData.CreateCopy(file);
        using var codec = SKCodec.Create(data);
        if (codec is null || !Known.Contains(codec.EncodedFormat) || (long)codec.Info.Width * codec.Info.Height > MostPixels)
        {
            return null;
        }

        // Half a picture is not kept.
        using var bitmap = ScaledDecoding.Read(codec, Longest);
        if (bitmap is null)
        {
            return null;
        }

        using var upright = Upright(bitmap, codec.EncodedOrigin);
        using var kept = Within(upright, Longest);
        using var small = Within(upright, ThumbnailSide);
        return new(Encoded(kept), Encoded(small), kept.Width, kept.Height);
    }

    /// <summary>Turned as the camera meant it; cameras write the turn beside the pixels.</summary>
    private static SKBitmap Upright(SKBitmap bitmap, SKEncodedOrigin origin)
    {
        var degrees = origin switch { SKEncodedOrigin.RightTop => 90, SKEncodedOrigin.BottomRight => 180, SKEncodedOrigin.LeftBottom => 270, _ => 0 };
        var turned = degrees % 180 == 0 ? new SKBitmap(bitmap.Width, bitmap.Height) : new SKBitmap(bitmap.Height, bitmap.Width);
        using var canvas = new SKCanvas(turned);
        canvas.Clear(SKColors.White);
        canvas.Translate(turned.Width / 2f, turned.Height / 2f);
        canvas.RotateDegrees(degrees);
        canvas.DrawBitmap(bitmap, -bitmap.Width / 2f, -bitmap.Height / 2f, new SKSamplingOptions(SKFilterMode.Nearest));
        return turned;
    }

    private static SKBitmap Within(SKBitmap bitmap, int longest)
    {
        var scale = Math.Min(1f, (float)longest / Math.Max(bitmap.Width, bitmap.Height));
        return bitmap.Resize(new SKSizeI(Math.Max(1, (int)(bitmap.Width * scale)), Math.Max(1, (int)(bitmap.Height * scale))),
            new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
    }

    private static byte[] Encoded(SKBitmap bitmap)
    {
        using var data = bitmap.Encode(SKEncodedImageFormat.Jpeg, Quality);
        return data.ToArray();
    }
}
