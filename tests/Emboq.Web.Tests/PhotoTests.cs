using System.Net.Http.Headers;
using System.Text.Json.Nodes;
using Emboq.Exchange;
using SkiaSharp;

namespace Emboq.Web.Tests;

/// <summary>Photographs: taken by their content, kept small, never lost.</summary>
public sealed class PhotoTests(Server server)
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static byte[] Image(SKEncodedImageFormat format, int width = 3000, int height = 1500)
    {
        using var bitmap = new SKBitmap(width, height);
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(SKColors.SeaGreen);
        using var data = bitmap.Encode(format, 80);
        return data.ToArray();
    }

    private async Task<string> Place()
    {
        var machine = await server.Post("/api/machines?again=true", new { name = "photographed" });
        return (string)(await server.Post($"/api/machines/{machine["id"]}/interfaces", new { name = "port", kind = "tube" }))["id"]!;
    }

    private async Task<(int Status, JsonNode? Body)> Pin(string place, byte[] file, string type = "image/jpeg", string caption = "the port")
    {
        using var content = new ByteArrayContent(file);
        content.Headers.ContentType = new MediaTypeHeaderValue(type);
        using var request = new HttpRequestMessage(HttpMethod.Post,
            $"/api/interfaces/{place}/photos?caption={Uri.EscapeDataString(caption)}")
        { Content = content };
        request.Headers.ExpectContinue = file.Length > 1_000_000;
        using var response = await server.Http.SendAsync(request, Stop);
        return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(Stop)));
    }

    /// <summary>Sixty million pixels are 240 MB as they stand: they are read small, and the picture is the one that was sent.</summary>
    [Theory]
    [InlineData(SKEncodedImageFormat.Jpeg)]
    [InlineData(SKEncodedImageFormat.Png)]
    public void The_largest_photograph_is_read_small(SKEncodedImageFormat format)
    {
        byte[] file;
        using (var bitmap = new SKBitmap(10_000, 5_990))
        using (var canvas = new SKCanvas(bitmap))
        using (var red = new SKPaint { Color = SKColors.Firebrick })
        {
            canvas.Clear(SKColors.SeaGreen);
            canvas.DrawRect(5000, 0, 5000, 5990, red);
            using var data = bitmap.Encode(format, 80);
            file = data.ToArray();
        }

        GC.Collect();
        var before = Environment.WorkingSet;
        var picture = Picture.Read(file)!;
        (Environment.WorkingSet - before).ShouldBeLessThan(120L << 20);
        (picture.Width, picture.Height).ShouldBe((2000, 1198));
        using var kept = SKBitmap.Decode(picture.Jpeg);
        Near(kept.GetPixel(900, 600), SKColors.SeaGreen);
        Near(kept.GetPixel(1100, 600), SKColors.Firebrick);
        Near(kept.GetPixel(1990, 1190), SKColors.Firebrick);
        static void Near(SKColor found, SKColor meant) =>
            (Math.Abs(found.Red - meant.Red) + Math.Abs(found.Green - meant.Green) + Math.Abs(found.Blue - meant.Blue)).ShouldBeLessThan(12);
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Jpeg, "image/jpeg")]
    [InlineData(SKEncodedImageFormat.Png, "image/png")]
    // What it is called does not matter.
    [InlineData(SKEncodedImageFormat.Webp, "image/png")]
    public async Task A_photograph_is_re_encoded_and_comes_back_large_and_small(SKEncodedImageFormat format, string type)
    {
        var place = await Place();
        var (status, photo) = await Pin(place, Image(format), type);
        status.ShouldBe(201);
        ((int)photo!["width"]!, (int)photo["height"]!).ShouldBe((2000, 1000));
        foreach (var (path, width) in new[] { ($"/api/photos/{photo["id"]}.jpg", 2000), ($"/api/photos/{photo["id"]}/thumbnail.jpg", 320) })
        {
            using var data = SKData.CreateCopy(await server.Http.GetByteArrayAsync(new Uri(path, UriKind.Relative), Stop));
            using var codec = SKCodec.Create(data);
            (codec.EncodedFormat, codec.Info.Width).ShouldBe((SKEncodedImageFormat.Jpeg, width));
        }

        (await server.Get($"/api/interfaces/{place}/photos")).AsArray().Count.ShouldBe(1);
        (await server.Send(HttpMethod.Post, $"/api/photos/{photo["id"]}/removals", "{}")).Status.ShouldBe(204);
        (await server.Get($"/api/interfaces/{place}/photos")).AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task What_is_no_photograph_is_refused_in_words_and_nothing_is_kept()
    {
        var place = await Place();
        var half = Image(SKEncodedImageFormat.Png)[..2000];
        foreach (var file in new[] { "GIF89a and so on"u8.ToArray(), "<svg onload='alert(1)'/>"u8.ToArray(), half, [] })
        {
            var (status, answer) = await Pin(place, file);
            status.ShouldBe(400);
            ((string)answer!["problems"]![0]!["remedy"]!).ShouldContain("JPEG");
        }

        (await Pin(place, new byte[(10 * 1024 * 1024) + 1])).Status.ShouldBe(413);
        (await Pin(Guid.NewGuid().ToString(), Image(SKEncodedImageFormat.Jpeg, 40, 40))).Status.ShouldBe(404);
        (await server.Get($"/api/interfaces/{place}/photos")).AsArray().ShouldBeEmpty();
    }

    [Fact]
    public void What_a_camera_wrote_beside_the_pixels_turns_them_and_is_gone()
    {
        // An APP1 segment with one tag: orientation 6, a quarter turn.
        byte[] exif = [0xFF, 0xE1, 0x00, 0x22, .. "Exif\0\0"u8, .. "MM\0*"u8, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0];
        var plain = Image(SKEncodedImageFormat.Jpeg, 60, 30);
        var picture = Picture.Read([.. plain[..2], .. exif, .. plain[2..]])!;
        (picture.Width, picture.Height).ShouldBe((30, 60));
        picture.Jpeg.AsSpan().IndexOf("Exif"u8).ShouldBe(-1);
    }
}
