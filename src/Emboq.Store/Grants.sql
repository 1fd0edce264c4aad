-- What the application may do in the notebook: read, add rows, and change the few columns below. Run by the owner after every migration.
do $$
begin
    if not exists (select from pg_roles where rolname = 'emboq_app') then
        return;
    end if;
    grant usage on schema public to emboq_app;
    revoke all on all tables in schema public from emboq_app;
    grant select, insert on all tables in schema public to emboq_app;
    revoke insert on schemaversions, part_uses, machine_found from emboq_app;
    -- Derived from what was added.
    grant update (read) on interface to emboq_app;
    grant update (squares, freedom) on scatter to emboq_app;
    grant update (done, gain, content, at) on part_summary to emboq_app;
    grant update (status, content_type, location, body) on answered to emboq_app;
    -- Answers are given once more for a day; a part that is reckoned is off the queue.
    grant delete on answered, part_touched to emboq_app;
end $$;
