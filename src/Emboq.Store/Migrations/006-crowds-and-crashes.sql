-- Answers that may be asked for again, what a part's state hangs on, what the opening screen shows of it, and the order in which spools were weighed.

-- Answers to writes that came with a key: the same key again gets the same answer, and nothing is written twice. Kept a day.
create table answered (
    key text primary key check (length(key) between 8 and 128),
    asked bytea not null,
    status int not null,
    content_type text,
    location text,
    body bytea not null,
    at timestamptz not null
);
create index answered_at on answered (at);

-- Whatever a clock said: the newest is what was entered last.
alter table spool_weighing add column number bigint generated always as identity;
drop index weighing_of_spool;
create index weighing_of_spool on spool_weighing (spool_id, number desc);

-- What the opening screen shows of a part. Derived: reckoned in the background.
create table part_summary (
    part_id uuid primary key references part,
    done boolean not null,
    gain double precision not null,
    content jsonb not null,
    at timestamptz not null
);

-- Which places, setups and parts the newest state of a part names. Derived.
create table part_uses (
    part_id uuid not null references part,
    thing uuid not null,
    primary key (part_id, thing)
);
create index part_uses_thing on part_uses (thing);

-- Parts of which something has changed since their summary: a queue, so that writers never wait for each other over it.
create table part_touched (
    number bigint generated always as identity primary key,
    part_id uuid not null references part
);
create index part_touched_part on part_touched (part_id);

create function note_uses() returns trigger language plpgsql security definer set search_path = public as $$
begin
    -- A part may get several states in one statement; the newest counts.
    delete from part_uses where part_id in (select part_id from added);
    insert into part_uses (part_id, thing)
    select distinct newest.part_id, named.id[1]::uuid
    from (select distinct on (part_id) part_id, state from added order by part_id, version desc) newest,
         regexp_matches(newest.state::text, '[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}', 'g') named (id);
    insert into part_touched (part_id) select distinct part_id from added
        union select u.part_id from part_uses u join added a on a.part_id = u.thing;
    return null;
end $$;
create trigger note_uses after insert on part_state referencing new table as added for each statement execute function note_uses();

-- The query names what hangs on the rows that were added.
create function touch_parts() returns trigger language plpgsql security definer set search_path = public as $$
begin
    case tg_argv[0]
        when 'place' then insert into part_touched (part_id) select distinct u.part_id from part_uses u join added a on a.interface_id = u.thing;
        when 'struck' then insert into part_touched (part_id) select distinct u.part_id from added a join reading r on r.id = a.reading_id join part_uses u on u.thing = r.interface_id;
        when 'machine' then insert into part_touched (part_id) select distinct u.part_id from added a join interface i on i.machine_id = a.machine_id join part_uses u on u.thing = i.id;
        when 'part' then insert into part_touched (part_id) select distinct part_id from added;
        when 'tried' then insert into part_touched (part_id) select distinct t.part_id from added a join try t on t.id = a.try_id;
        when 'instrument' then insert into part_touched (part_id) select distinct u.part_id from added a join reading r on r.instrument_id = a.instrument_id join part_uses u on u.thing = r.interface_id;
        when 'every' then insert into part_touched (part_id) select id from part;
    end case;
    return null;
end $$;
create trigger touch_parts after insert on reading referencing new table as added for each statement execute function touch_parts('place');
create trigger touch_parts after insert on interface_state referencing new table as added for each statement execute function touch_parts('place');
create trigger touch_parts after insert on reading_strike referencing new table as added for each statement execute function touch_parts('struck');
create trigger touch_parts after insert on machine_state referencing new table as added for each statement execute function touch_parts('machine');
create trigger touch_parts after insert on revision referencing new table as added for each statement execute function touch_parts('part');
create trigger touch_parts after insert on kept referencing new table as added for each statement execute function touch_parts('part');
create trigger touch_parts after insert on try referencing new table as added for each statement execute function touch_parts('part');
create trigger touch_parts after insert on try_strike referencing new table as added for each statement execute function touch_parts('tried');
create trigger touch_parts after insert on run referencing new table as added for each statement execute function touch_parts('part');
create trigger touch_parts after insert on service_note referencing new table as added for each statement execute function touch_parts('part');
create trigger touch_parts after insert on zero_check referencing new table as added for each statement execute function touch_parts('instrument');
create trigger touch_parts after insert on screw_drawer referencing new table as added for each statement execute function touch_parts('every');

-- Parts of a notebook of before.
insert into part_uses (part_id, thing)
select distinct newest.part_id, named.id[1]::uuid
from (select distinct on (part_id) part_id, state from part_state order by part_id, version desc) newest,
     regexp_matches(newest.state::text, '[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}', 'g') named (id);
insert into part_touched (part_id) select id from part;
create index job_newest on job (at desc, id);

-- What a machine is found by: its name, note and the names of its places as they stand, in one row. Derived.
create table machine_found (
    machine_id uuid primary key references machine,
    archived boolean not null,
    name text not null,
    words text not null
);
create index machine_found_name on machine_found (archived, name, machine_id);

create function find_machines(machines uuid[]) returns void language plpgsql security definer set search_path = public as $$
begin
    -- Two who name places of one machine at once take turns, and the second sees what the first wrote.
    insert into machine_found (machine_id, archived, name, words)
        select distinct on (machine_id) machine_id, archived, name, '' from machine_state where machine_id = any (machines) order by machine_id, version desc
        on conflict do nothing;
    perform 1 from machine_found where machine_id = any (machines) order by machine_id for update;
    update machine_found f set archived = m.archived, name = m.name, words = concat_ws(' ', m.name, m.note, (
            select string_agg(s.name, ' ') from interface i
            join lateral (select name, archived from interface_state where interface_id = i.id order by version desc limit 1) s on not s.archived
            where i.machine_id = m.id))
        from machine_now m where m.id = any (machines) and f.machine_id = m.id;
end $$;

create function note_machines() returns trigger language plpgsql security definer set search_path = public as $$
begin
    if tg_argv[0] = 'machine' then
        perform find_machines(array(select distinct machine_id from added));
    else
        perform find_machines(array(select distinct i.machine_id from added a join interface i on i.id = a.interface_id));
    end if;
    return null;
end $$;
create trigger note_machines after insert on machine_state referencing new table as added for each statement execute function note_machines('machine');
create trigger note_machines after insert on interface_state referencing new table as added for each statement execute function note_machines('place');
select find_machines(array(select id from machine));
