namespace Emboq.Kernel;

/// <summary>The kernel could not compute a solid.</summary>
public sealed class KernelException : Exception
{
    /// <summary>With what went wrong, in words.</summary>
    public KernelException(string message, Exception? inner = null)
        : base(message, inner)
    {
    }
}
