using System.Transactions;
using Npgsql;

namespace Emboq.Store;

/// <summary>Several statements, all or nothing. Read committed; what must not move meanwhile is locked by its rows, in the order of their identities.
/// Should the database still call one writer off for another, the work is done anew.</summary>
public static class Whole
{
    private const int Attempts = 6;

    private static readonly TransactionOptions ReadCommitted = new() { IsolationLevel = IsolationLevel.ReadCommitted };

    /// <summary>Does work in one transaction; within another, as part of that.</summary>
    /// <param name="work">May be done more than once: it changes nothing but the database.</param>
    /// <param name="isGood">Whether what was written is to stand; always, when left out.</param>
    public static async Task<T> Of<T>(Func<Task<T>> work, Func<T, bool>? isGood = null)
    {
        if (Transaction.Current is not null)
        {
            return await work();
        }

        for (var attempt = 1; ; attempt++)
        {
            try
            {
                using var scope = new TransactionScope(TransactionScopeOption.Required, ReadCommitted, TransactionScopeAsyncFlowOption.Enabled);
                var done = await work();
                if (isGood?.Invoke(done) ?? true)
                {
                    scope.Complete();
                }

                return done;
            }
            catch (PostgresException e) when (attempt < Attempts
                && e.SqlState is PostgresErrorCodes.SerializationFailure or PostgresErrorCodes.DeadlockDetected)
            {
                await Task.Delay(Random.Shared.Next(5, 20 * attempt));
            }
        }
    }

    /// <summary>The same for work that answers nothing.</summary>
    public static Task Of(Func<Task> work) => Of(async () =>
    {
        await work();
        return true;
    });
}
