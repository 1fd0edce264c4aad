-- What the prints of other workshops told: of each the newest file that was taken in counts, whole; taken out, none of it does.
create table learned_from (
    id uuid primary key,
    workshop uuid not null,
    name text not null check (length(name) between 1 and 120),
    file jsonb not null,
    at timestamptz not null
);
create table learned_from_strike (
    learned_id uuid primary key references learned_from,
    at timestamptz not null
);
create trigger only_added before update or delete on learned_from for each row execute function only_added();
create trigger only_added before update or delete on learned_from_strike for each row execute function only_added();
create trigger touch_all after insert on learned_from for each statement execute function touch_all();
create trigger touch_all after insert on learned_from_strike for each statement execute function touch_all();

-- Who this workshop is to others; made up when it first writes to one.
create table workshop_identity (
    one boolean primary key default true check (one),
    id uuid not null
);
create trigger only_added before update or delete on workshop_identity for each row execute function only_added();
