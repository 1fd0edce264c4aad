namespace Emboq.Web;

/// <summary>How much room the disk has that the notebook lies on.</summary>
/// <param name="configuration">EMBOQ_FOLDER is the application's part of the data folder; EMBOQ_RESERVE, in MB, is what should stay free.</param>
internal sealed class Room(IConfiguration configuration)
{
    /// <summary>With less than this nothing more is written, MB: the database itself needs some to close in order.</summary>
    private const long Least = 32;

    /// <summary>MB that are free; <c>null</c> when there is no data folder to look at.</summary>
    public long? Free => configuration["EMBOQ_FOLDER"] is { Length: > 0 } folder ? new DriveInfo(folder).AvailableFreeSpace / 1024 / 1024 : null;

    /// <summary>MB that should stay free.</summary>
    public long Reserve { get; } = configuration.GetValue("EMBOQ_RESERVE", 1000L);

    /// <summary>Whether anything can still be written.</summary>
    public bool IsFull => Free < Least;

    /// <summary>What is answered to a write then.</summary>
    public static IResult Full => Problems.Bad([FullProblem], StatusCodes.Status507InsufficientStorage);

    /// <summary>The same in words.</summary>
    public static Problem FullProblem { get; } = new("disk", null, "The disk is full: nothing was written.",
        "Make room where the data folder lies, then do it again.", $"{Least} MB");
}

internal static class RoomGate
{
    /// <summary>Refuses writes while the disk is full.</summary>
    public static void UseRoomGate(this WebApplication app) => app.Use((context, next) =>
        context.Writes() && context.RequestServices.GetRequiredService<Room>().IsFull ? Room.Full.ExecuteAsync(context) : next(context));
}
