namespace Emboq.Web;

/// <summary>Pictures are read one at a time, whatever for: a large one takes up to 120 MB while it is read.</summary>
internal static class OnePicture
{
    private static readonly SemaphoreSlim Reading = new(1);

    /// <summary>Does work on a picture when no other is being read.</summary>
    public static Task<T> Of<T>(Func<T> work, CancellationToken stop) => Of(() => Task.FromResult(work()), stop);

    /// <summary>Does work of several steps on a picture when no other is being read.</summary>
    public static async Task<T> Of<T>(Func<Task<T>> work, CancellationToken stop)
    {
        await Reading.WaitAsync(stop);
        try
        {
            return await Task.Run(work, stop);
        }
        finally
        {
            Reading.Release();
        }
    }
}
