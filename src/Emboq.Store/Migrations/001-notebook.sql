-- The notebook. Readings, strikes, states, revisions, tries and keeps are only ever added: a trigger refuses anything else.

create table instrument (
    id text primary key,
    name text not null,
    resolution double precision not null check (resolution >= 0),
    maximum_permissible_error double precision not null check (maximum_permissible_error >= 0),
    repeatability double precision not null check (repeatability > 0),
    reach double precision not null check (reach > 0)
);

create table machine (
    id uuid primary key,
    name text not null check (length(name) between 1 and 120),
    note text not null default '',
    at timestamptz not null
);

create table interface (
    id uuid primary key,
    machine_id uuid not null references machine,
    name text not null check (length(name) between 1 and 120),
    kind text not null,
    at timestamptz not null
);
create index interface_of_machine on interface (machine_id);

create table reading (
    id uuid primary key,
    interface_id uuid not null references interface,
    dimension text not null,
    millimetres double precision not null check (millimetres > 0 and millimetres < 100000),
    text text not null,
    instrument_id text not null references instrument,
    at timestamptz not null,
    remark text
);
create index reading_of_interface on reading (interface_id, dimension, at);

create table reading_strike (
    reading_id uuid primary key references reading,
    because text not null,
    at timestamptz not null
);

create table process (
    id uuid primary key,
    name text not null,
    content jsonb not null,
    at timestamptz not null
);

create table job (
    id uuid primary key,
    name text not null check (length(name) between 1 and 120),
    need text not null default '',
    at timestamptz not null
);

create table part (
    id uuid primary key,
    job_id uuid not null references job,
    name text not null check (length(name) between 1 and 120),
    family text not null,
    at timestamptz not null
);
create index part_of_job on part (job_id);

-- Every state a part has had; the row version is the newest number, and taking a number twice is refused by the key.
create table part_state (
    part_id uuid not null references part,
    version int not null check (version > 0),
    state jsonb not null,
    at timestamptz not null,
    primary key (part_id, version)
);

create table revision (
    part_id uuid not null references part,
    number int not null check (number > 0),
    printed text[] not null check (cardinality(printed) > 0),
    state jsonb not null,
    process_id uuid not null references process,
    frozen jsonb not null,
    remark text,
    at timestamptz not null,
    primary key (part_id, number)
);

create table try (
    id uuid primary key,
    part_id uuid not null,
    revision int not null,
    slot text not null,
    feel text,
    printed double precision check (printed > 0),
    instrument_id text references instrument,
    remark text,
    at timestamptz not null,
    foreign key (part_id, revision) references revision,
    check (feel is not null or (printed is not null and instrument_id is not null))
);
create index try_of_part on try (part_id, at);

create table kept (
    part_id uuid not null,
    number int not null,
    at timestamptz not null,
    primary key (part_id, number),
    foreign key (part_id, number) references revision
);

create function only_added() returns trigger language plpgsql as $$
begin
    raise exception 'rows of % are only ever added', tg_table_name;
end $$;

create trigger only_added before update or delete on reading for each row execute function only_added();
create trigger only_added before update or delete on reading_strike for each row execute function only_added();
create trigger only_added before update or delete on part_state for each row execute function only_added();
create trigger only_added before update or delete on revision for each row execute function only_added();
create trigger only_added before update or delete on try for each row execute function only_added();
create trigger only_added before update or delete on kept for each row execute function only_added();
