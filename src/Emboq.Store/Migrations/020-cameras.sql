-- Cameras whose lens is told by photographs of a sheet of marks: what was seen on each stays, and counts until it is taken out. A camera is put away like an
-- instrument.
create table camera (
    id uuid primary key,
    name text not null check (length(name) between 1 and 120),
    at timestamptz not null
);
create table camera_view (
    id uuid primary key,
    camera_id uuid not null references camera,
    seen jsonb not null,
    at timestamptz not null
);
create index camera_view_camera on camera_view (camera_id);
create table camera_view_strike (
    view_id uuid primary key references camera_view,
    at timestamptz not null
);
create trigger only_added before update or delete on camera for each row execute function only_added();
create trigger only_added before update or delete on camera_view for each row execute function only_added();
create trigger only_added before update or delete on camera_view_strike for each row execute function only_added();
alter table put_away drop constraint put_away_thing_check,
    add constraint put_away_thing_check check (thing in ('job', 'part', 'process', 'printer', 'filament', 'instrument', 'camera'));
