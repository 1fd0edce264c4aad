-- What was done to a printer between prints: afterwards it prints a little otherwise, and tries of before tell less.
create table printer_service (
    id uuid primary key,
    printer_id uuid not null references printer,
    says text not null check (length(says) between 1 and 120),
    at timestamptz not null
);
create index printer_service_of on printer_service (printer_id, at);
create trigger only_added before update or delete on printer_service for each row execute function only_added();

-- A try teaches every part that is printed with the same setup.
create function touch_taught() returns trigger language plpgsql security definer set search_path = public as $$
begin
    case tg_argv[0]
        when 'try' then insert into part_touched (part_id)
            select distinct u.part_id from added a join revision r on r.part_id = a.part_id and r.number = a.revision join part_uses u on u.thing = r.process_id;
        when 'struck' then insert into part_touched (part_id)
            select distinct u.part_id from added a join try t on t.id = a.try_id join revision r on r.part_id = t.part_id and r.number = t.revision
            join part_uses u on u.thing = r.process_id;
        when 'service' then insert into part_touched (part_id)
            select distinct u.part_id from added a join process_now p on p.content->>'printer' = a.printer_id::text join part_uses u on u.thing = p.id;
    end case;
    return null;
end $$;
create trigger touch_taught after insert on try referencing new table as added for each statement execute function touch_taught('try');
create trigger touch_taught after insert on try_strike referencing new table as added for each statement execute function touch_taught('struck');
create trigger touch_taught after insert on printer_service referencing new table as added for each statement execute function touch_taught('service');
