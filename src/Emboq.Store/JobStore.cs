using Npgsql;

namespace Emboq.Store;

/// <summary>Jobs and their parts. A part's decisions are kept as numbered states; the newest counts.</summary>
public static class JobStore
{
    private sealed record JobRow(Guid Id, string Name, string Need);

    private sealed record PartRow(Guid Id, Guid JobId, string Name, string Family, int Version, string State)
    {
        public Part ToPart() => new(Id, JobId, Name, Family, Version, StoreJson.Read<PartState>(State));
    }

    private const string NewestState = """
        select p.id, p.job_id, p.name, p.family, s.version, s.state::text
        from part p join lateral (select version, state from part_state where part_id = p.id order by version desc limit 1) s on true
        """;

    /// <summary>Some of the jobs whose names or needs hold all the words, newest first, with their parts.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="words">Any case; none finds all.</param>
    /// <param name="away">Only those put away, only those that are not, or both.</param>
    /// <param name="from">How many to leave out.</param>
    /// <param name="most">How many at most.</param>
    /// <param name="stop">Ends the wait.</param>
    public static async Task<IReadOnlyList<Job>> Found(NpgsqlDataSource database, IReadOnlyList<string> words, bool? away, int from,
        int most, CancellationToken stop)
    {
        var jobs = await database.Many<JobRow>("""
            select j.id, j.name, j.need from job j
            where (cardinality(@patterns) = 0 or j.name || ' ' || j.need ilike all (@patterns))
              and (@away is null or @away = exists (select 1 from away_now a where a.thing = 'job' and a.id = j.id::text))
            order by j.at desc, j.id limit @most offset @from
            """, new { patterns = Sql.Patterns(words), away, from, most }, stop);
        var parts = (await database.Many<PartRow>($"{NewestState} where p.job_id = any (@ids) order by p.at, p.id",
            new { ids = jobs.Select(j => j.Id).ToArray() }, stop)).ToLookup(p => p.JobId);
        return [.. jobs.Select(j => new Job(j.Id, j.Name, j.Need, [.. parts[j.Id].Select(p => p.ToPart())]))];
    }

    /// <summary>One job with its parts, or <c>null</c>.</summary>
    public static async Task<Job?> One(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        await database.OneOrNone<JobRow>("select id, name, need from job where id = @id", new { id }, stop) is { } job
            ? new(job.Id, job.Name, job.Need, [.. (await database.Many<PartRow>($"{NewestState} where p.job_id = @id order by p.at, p.id", new { id },
                stop)).Select(p => p.ToPart())]) : null;

    /// <summary>One part with its newest state, or <c>null</c>.</summary>
    public static async Task<Part?> Part(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        (await database.OneOrNone<PartRow>($"{NewestState} where p.id = @id", new { id }, stop))?.ToPart();

    /// <summary>The states a part has had before its newest, oldest first, at most a hundred: what undo reaches back to.</summary>
    public static async Task<IReadOnlyList<PartState>> EarlierStates(NpgsqlDataSource database, Guid part, CancellationToken stop) =>
        [.. (await database.Many<string>("""
            select state::text from part_state where part_id = @part and version < (select max(version) from part_state where part_id = @part)
            order by version desc limit 100
            """, new { part }, stop)).Reverse().Select(StoreJson.Read<PartState>)];

    /// <summary>Enters a job with its first part and that part's first state, all or nothing.</summary>
    public static Task Add(NpgsqlDataSource database, Job job, DateTimeOffset at, CancellationToken stop) =>
        database.Write("""
            with work as (insert into job (id, name, need, at) values (@job, @jobName, @need, @at) returning id),
                 added as (insert into part (id, job_id, name, family, at) select @Id, id, @Name, @Family, @at from work returning id)
            insert into part_state (part_id, version, state, at) select id, 1, @state::jsonb, @at from added
            """, new
        {
            job = job.Id,
            jobName = job.Name,
            job.Need,
            job.Parts[0].Id,
            job.Parts[0].Name,
            job.Parts[0].Family,
            state = StoreJson.Write(job.Parts[0].State),
            at = at.UtcDateTime,
        }, stop);

    /// <summary>Enters a part with its first state.</summary>
    /// <returns><c>false</c> when there is no such job.</returns>
    public static async Task<bool> AddPart(NpgsqlDataSource database, Part part, DateTimeOffset at, CancellationToken stop) =>
        await database.Write("""
            with added as (
                insert into part (id, job_id, name, family, at) select @Id, id, @Name, @Family, @at from job where id = @Job returning id)
            insert into part_state (part_id, version, state, at) select id, 1, @state::jsonb, @at from added
            """, new { part.Id, part.Job, part.Name, part.Family, state = StoreJson.Write(part.State), at = at.UtcDateTime }, stop) == 1;

    /// <summary>Adds the next state of a part.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="part">The part.</param>
    /// <param name="after">The version this state was made from.</param>
    /// <param name="state">The new decisions.</param>
    /// <param name="at">When.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <returns><c>false</c> when somebody else saved first; nothing is written then.</returns>
    public static Task<bool> Save(NpgsqlDataSource database, Guid part, int after, PartState state, DateTimeOffset at, CancellationToken stop) =>
        database.WriteNext("""
            insert into part_state (part_id, version, state, at)
            select @part, max(version) + 1, @state::jsonb, @at from part_state where part_id = @part having max(version) = @after
            """, new { part, after, state = StoreJson.Write(state), at = at.UtcDateTime }, stop);

    /// <summary>The jobs of which a part fits one of these interfaces, newest first.</summary>
    public static async Task<IReadOnlyList<(Guid Id, string Name)>> Using(NpgsqlDataSource database, IReadOnlyCollection<Guid> interfaces,
        CancellationToken stop) =>
        [.. (await database.Many<LinkRow>("""
            select j.id, j.name from job j
            where j.id in (select p.job_id from part_uses u join part p on p.id = u.part_id where u.thing = any (@ids))
            order by j.at desc, j.id
            """, new { ids = interfaces.ToArray() }, stop)).Select(r => (r.Id, r.Name))];

    private sealed record LinkRow(Guid Id, string Name);
}
