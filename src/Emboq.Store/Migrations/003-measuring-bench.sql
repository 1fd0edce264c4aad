-- The measuring bench: readings of any unit, sorts of instruments, versions of machines and places, pooled scatter, photographs.

alter table reading disable trigger only_added;
alter table reading rename column millimetres to value;
alter table reading drop constraint reading_millimetres_check;
alter table reading add check (value > -100000 and value < 100000000);
alter table reading add column direction double precision check (direction >= 0 and direction < 360);
alter table reading enable trigger only_added;

alter table instrument add column kind text not null default 'caliper';
update instrument set kind = case id when 'depth-rod' then 'depthRod' when 'radius-gauges' then 'radiusGauges' when 'steel-rule' then 'rule' else kind end;
alter table instrument drop constraint instrument_repeatability_check;
alter table instrument add check (repeatability >= 0);

-- When somebody looked at an instrument's zero, and what it showed.
create table zero_check (
    instrument_id text not null references instrument,
    at timestamptz not null,
    found double precision not null,
    primary key (instrument_id, at)
);

-- What a machine and a place are called, numbered; the newest counts, and taking a number twice is refused by the key.
create table machine_state (
    machine_id uuid not null references machine,
    version int not null check (version > 0),
    name text not null check (length(name) between 1 and 120),
    note text not null,
    archived boolean not null,
    at timestamptz not null,
    primary key (machine_id, version)
);
insert into machine_state select id, 1, name, note, false, at from machine;
alter table machine drop column name, drop column note;

create table interface_state (
    interface_id uuid not null references interface,
    version int not null check (version > 0),
    name text not null check (length(name) between 1 and 120),
    items text[] not null,
    archived boolean not null,
    at timestamptz not null,
    primary key (interface_id, version)
);
insert into interface_state select id, 1, name, '{}', false, at from interface;
alter table interface drop column name;
create index interface_of_kind on interface (kind);

-- Whether anything was ever read on it: derived, so that a list need not ask fifty thousand readings.
alter table interface add column read boolean not null default false;
update interface set read = exists (select 1 from reading where interface_id = interface.id);

create view machine_now as
    select distinct on (machine_id) machine_id as id, version, name, note, archived from machine_state order by machine_id, version desc;
create view interface_now as
    select i.id, i.machine_id, i.kind, i.at, s.version, s.name, s.items, s.archived
    from interface i join lateral (select * from interface_state where interface_id = i.id order by version desc limit 1) s on true;

-- How much an instrument scatters on a kind of dimension, from all repeated readings. Derived: kept so that it need not be summed for every preview.
create table scatter (
    kind text not null,
    dimension text not null,
    instrument_id text not null references instrument,
    squares double precision not null,
    freedom int not null,
    primary key (kind, dimension, instrument_id)
);

create table photo (
    id uuid primary key,
    interface_id uuid not null references interface,
    caption text not null,
    width int not null,
    height int not null,
    picture bytea not null,
    thumbnail bytea not null,
    at timestamptz not null
);
create index photo_of_interface on photo (interface_id, at);
create table photo_taken_off (
    photo_id uuid primary key references photo,
    at timestamptz not null
);

create trigger only_added before update or delete on zero_check for each row execute function only_added();
create trigger only_added before update or delete on machine_state for each row execute function only_added();
create trigger only_added before update or delete on interface_state for each row execute function only_added();
create trigger only_added before update or delete on photo for each row execute function only_added();
create trigger only_added before update or delete on photo_taken_off for each row execute function only_added();
