-- Tries of whole parts in words, tries that were struck, photographs of tries, and what was put away.

alter table try add column word text;
alter table try drop constraint try_check;
alter table try add check (feel is not null or word is not null or (printed is not null and instrument_id is not null));

create table try_strike (
    try_id uuid primary key references try,
    because text not null check (length(because) between 1 and 120),
    at timestamptz not null
);

-- A photograph belongs to a place or to a try.
alter table photo alter column interface_id drop not null;
alter table photo add column try_id uuid references try;
alter table photo add check ((interface_id is null) <> (try_id is null));
create index photo_of_try on photo (try_id) where try_id is not null;

-- Jobs, parts, setups and instruments that are put away, or taken back: every turn is kept, the newest counts.
create table put_away (
    number bigint generated always as identity primary key,
    thing text not null check (thing in ('job', 'part', 'process', 'instrument')),
    id text not null,
    away boolean not null,
    at timestamptz not null
);
create index put_away_of on put_away (thing, id, number);
create view away_now as
    select thing, id from (select distinct on (thing, id) thing, id, away from put_away order by thing, id, number desc) newest where away;

create trigger only_added before update or delete on try_strike for each row execute function only_added();
create trigger only_added before update or delete on put_away for each row execute function only_added();
