-- Where things live: a plan on a job, as numbered states; the newest counts. The plan is kept as it was found, so that what was carried out stays to be seen.
create table home_plan (
    job_id uuid not null references job,
    version int not null check (version > 0),
    asked jsonb not null,
    plan jsonb not null,
    at timestamptz not null,
    primary key (job_id, version)
);
create trigger only_added before update or delete on home_plan for each row execute function only_added();
