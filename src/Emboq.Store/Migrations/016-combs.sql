-- Test prints that ask what a setup does: which faces they have, what they were printed with, and what was read or felt on each.
create table comb (
    id uuid primary key,
    process_id uuid not null references process,
    process jsonb not null,
    teeth jsonb not null,
    at timestamptz not null
);
create index comb_of on comb (process_id, at);
create table comb_told (
    id uuid primary key,
    comb_id uuid not null references comb,
    tooth int not null check (tooth > 0),
    feel text,
    printed double precision check (printed > 0),
    instrument_id text references instrument,
    at timestamptz not null,
    check (feel is not null or (printed is not null and instrument_id is not null))
);
create index comb_told_of on comb_told (comb_id, at);
create table comb_strike (
    told_id uuid primary key references comb_told,
    because text not null check (length(because) between 1 and 120),
    at timestamptz not null
);
create trigger only_added before update or delete on comb for each row execute function only_added();
create trigger only_added before update or delete on comb_told for each row execute function only_added();
create trigger only_added before update or delete on comb_strike for each row execute function only_added();

-- What was read on one teaches every part that is printed with its setup.
create or replace function touch_taught() returns trigger language plpgsql security definer set search_path = public as $$
begin
    case tg_argv[0]
        when 'try' then insert into part_touched (part_id)
            select distinct u.part_id from added a join revision r on r.part_id = a.part_id and r.number = a.revision join part_uses u on u.thing = r.process_id;
        when 'struck' then insert into part_touched (part_id)
            select distinct u.part_id from added a join try t on t.id = a.try_id join revision r on r.part_id = t.part_id and r.number = t.revision
            join part_uses u on u.thing = r.process_id;
        when 'service' then insert into part_touched (part_id)
            select distinct u.part_id from added a join process_now p on p.content->>'printer' = a.printer_id::text join part_uses u on u.thing = p.id;
        when 'comb' then insert into part_touched (part_id)
            select distinct u.part_id from added a join comb c on c.id = a.comb_id join part_uses u on u.thing = c.process_id;
        when 'comb struck' then insert into part_touched (part_id)
            select distinct u.part_id from added a join comb_told t on t.id = a.told_id join comb c on c.id = t.comb_id join part_uses u on u.thing = c.process_id;
    end case;
    return null;
end $$;
create trigger touch_taught after insert on comb_told referencing new table as added for each statement execute function touch_taught('comb');
create trigger touch_taught after insert on comb_strike referencing new table as added for each statement execute function touch_taught('comb struck');
