-- What this workshop means by a fit of a joint, where it differs from what is usual; taken back, the one before it counts again.
create table fit_window (
    id uuid primary key,
    joint text not null,
    fit text not null,
    from_size double precision not null check (from_size >= 0),
    to_size double precision not null check (to_size > from_size),
    clearance double precision not null,
    least double precision not null check (least < clearance),
    greatest double precision not null check (greatest > clearance),
    because text not null check (length(because) between 1 and 120),
    at timestamptz not null
);
create table fit_window_strike (
    window_id uuid primary key references fit_window,
    at timestamptz not null
);
create trigger only_added before update or delete on fit_window for each row execute function only_added();
create trigger only_added before update or delete on fit_window_strike for each row execute function only_added();

-- Every part is reckoned by it.
create function touch_all() returns trigger language plpgsql security definer set search_path = public as $$
begin
    insert into part_touched (part_id) select id from part;
    return null;
end $$;
create trigger touch_all after insert on fit_window for each statement execute function touch_all();
create trigger touch_all after insert on fit_window_strike for each statement execute function touch_all();
