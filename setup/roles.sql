-- Who may do what in a notebook. Run by the cluster's superuser before the notebook is opened; may be run again.
-- emboq_owner owns the tables and changes their shape; emboq_app, the application, adds rows and changes the few columns that the migrations' grants name.
do $$
declare it text;
begin
    foreach it in array array['emboq_owner', 'emboq_app'] loop
        if not exists (select from pg_roles where rolname = it) then
            execute format('create role %I login nosuperuser nocreatedb nocreaterole noreplication', it);
        end if;
    end loop;
    execute format('revoke all on database %I from public', current_database());
    execute format('grant connect on database %I to emboq_owner, emboq_app', current_database());
    execute format('grant temporary on database %I to emboq_owner', current_database());
    alter schema public owner to emboq_owner;
    revoke all on schema public from public;
    -- Made by an earlier Emboq as the superuser.
    for it in select c.oid::regclass::text from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p', 'v') and c.relowner <> 'emboq_owner'::regrole loop
        execute format('alter table %s owner to emboq_owner', it);
    end loop;
    for it in select p.oid::regprocedure::text from pg_proc p where p.pronamespace = 'public'::regnamespace and p.proowner <> 'emboq_owner'::regrole loop
        execute format('alter function %s owner to emboq_owner', it);
    end loop;
end $$;
alter role emboq_app set idle_in_transaction_session_timeout = '2min';
alter role emboq_app set statement_timeout = '1min';
