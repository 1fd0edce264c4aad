-- What touches a part touches those that take something from it, however many lie between: one rule, wherever the change came from.
alter table part_touched add column through boolean not null default false;

create function touch_takers() returns trigger language plpgsql security definer set search_path = public as $$
begin
    -- Rows that came this way start nothing again; and a statement without rows must not, or it would call itself for ever.
    if exists (select from added where not through) then
        insert into part_touched (part_id, through)
        with recursive taker (part_id) as (
            select part_id from added where not through
            union select u.part_id from part_uses u join taker t on u.thing = t.part_id)
        select part_id, true from taker except select part_id, true from added;
    end if;
    return null;
end $$;
create trigger touch_takers after insert on part_touched referencing new table as added for each statement execute function touch_takers();

create or replace function note_uses() returns trigger language plpgsql security definer set search_path = public as $$
begin
    -- A part may get several states in one statement; the newest counts.
    delete from part_uses where part_id in (select part_id from added);
    insert into part_uses (part_id, thing)
    select distinct newest.part_id, named.id[1]::uuid
    from (select distinct on (part_id) part_id, state from added order by part_id, version desc) newest,
         regexp_matches(newest.state::text, '[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}', 'g') named (id);
    insert into part_touched (part_id) select distinct part_id from added;
    return null;
end $$;
