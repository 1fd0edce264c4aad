-- Outlines of places, taken from drawings. The last one counts; those before it stay to be seen.
create table outline (
    id uuid primary key,
    interface_id uuid not null references interface,
    source text not null check (length(source) between 1 and 120),
    deviation double precision not null check (deviation between 0 and 5),
    points jsonb not null,
    at timestamptz not null
);
create index outline_of on outline (interface_id, at desc, id desc);
create trigger only_added before update or delete on outline for each row execute function only_added();
create trigger touch_parts after insert on outline referencing new table as added for each statement execute function touch_parts('place');
