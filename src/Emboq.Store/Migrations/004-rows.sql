-- Rows of parts: spools known by weighing, and the workshop's own screws.

create table spool (
    id uuid primary key,
    name text not null check (length(name) between 1 and 120),
    material text not null check (length(material) between 1 and 120),
    colour text not null,
    tare double precision not null check (tare >= 0),
    at timestamptz not null
);

-- What the scale showed, spool and all; the newest counts.
create table spool_weighing (
    id uuid primary key,
    spool_id uuid not null references spool,
    gross double precision not null check (gross >= 0),
    at timestamptz not null
);
create index weighing_of_spool on spool_weighing (spool_id, at);

-- An empty spool is put away, never deleted.
create table spool_put_away (
    spool_id uuid primary key references spool,
    at timestamptz not null
);

-- Every state of the drawer of screws, numbered; the newest counts.
create table screw_drawer (
    version int primary key check (version > 0),
    content jsonb not null,
    at timestamptz not null
);

create trigger only_added before update or delete on spool for each row execute function only_added();
create trigger only_added before update or delete on spool_weighing for each row execute function only_added();
create trigger only_added before update or delete on spool_put_away for each row execute function only_added();
create trigger only_added before update or delete on screw_drawer for each row execute function only_added();
