-- A state names what it takes from other parts of its job; before, it could take holes alone. What it says stays the same.
create function pg_temp.told(state jsonb) returns jsonb language sql as $$
    select (state - 'serves') || jsonb_build_object('takes', case when jsonb_typeof(state->'serves') = 'string'
        then jsonb_build_object('pattern', jsonb_build_object('part', state->'serves', 'thing', 'holes')) else '{}'::jsonb end)
$$;
alter table part_state disable trigger only_added;
update part_state set state = pg_temp.told(state);
alter table part_state enable trigger only_added;
alter table revision disable trigger only_added;
update revision set state = pg_temp.told(state);
alter table revision enable trigger only_added;
