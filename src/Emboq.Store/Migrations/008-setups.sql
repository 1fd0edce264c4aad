-- Printers, filaments and setups, each with every state it has had; what a revision was printed with stays beside it.
create table printer (id uuid primary key, at timestamptz not null);
create table printer_state (
    printer_id uuid not null references printer,
    version int not null check (version > 0),
    content jsonb not null,
    at timestamptz not null,
    primary key (printer_id, version)
);
create table filament (id uuid primary key, at timestamptz not null);
create table filament_state (
    filament_id uuid not null references filament,
    version int not null check (version > 0),
    content jsonb not null,
    at timestamptz not null,
    primary key (filament_id, version)
);
create table process_state (
    process_id uuid not null references process,
    version int not null check (version > 0),
    content jsonb not null,
    at timestamptz not null,
    primary key (process_id, version)
);
create table revision_process (
    part_id uuid not null,
    number int not null,
    process jsonb not null,
    primary key (part_id, number),
    foreign key (part_id, number) references revision (part_id, number)
);
create view printer_now as
    select distinct on (printer_id) printer_id as id, version, content->>'name' as name, content from printer_state order by printer_id, version desc;
create view filament_now as
    select distinct on (filament_id) filament_id as id, version, content->>'name' as name, content from filament_state order by filament_id, version desc;
create view process_now as
    select distinct on (process_id) process_id as id, version, content->>'name' as name, content from process_state order by process_id, version desc;

-- Processes of before named their printer and filament; what they told of both is put where it belongs, and each still comes to the same.
create temporary table was on commit drop as
select p.id, p.name, p.at, p.content, pace.pace,
       jsonb_build_array(p.content->'printer', p.content->'bedWidth', p.content->'bedDepth', p.content->'buildHeight') as printer_key,
       jsonb_build_array(p.content->'material', p.content->'density', p.content->'filamentDiameter', s.s->'filamentPrice', s.s->'leastLayerTime') as filament_key,
       -- A nozzle was not kept; lines are laid a little wider than it is.
       (select n from unnest(array[0.2, 0.25, 0.3, 0.4, 0.5, 0.6, 0.8, 1.0, 1.2]) n order by abs(n - (p.content->>'lineWidth')::numeric / 1.1) limit 1) as nozzle, s.s as settings
from process p
cross join lateral (select '{"walls":3,"skins":4,"fill":0.15,"wallSpeed":50,"fillSpeed":80,"travelSpeed":150,"firstLayerShare":0.4,"acceleration":1500,"flowLimit":10,
    "layerChange":0.8,"leastLayerTime":6,"startUp":240,"power":90,"filamentPrice":22,"energyPrice":0.3}'::jsonb || coalesce(p.content->'settings', '{}') as s) s
cross join lateral (select jsonb_object_agg(f.key, f.value) as pace from jsonb_each(s.s) f
    where f.key not in ('walls', 'skins', 'fill', 'leastLayerTime', 'filamentPrice')) pace;
create temporary table printers on commit drop as
select printer_key, gen_random_uuid() as id, min(at) as at, (array_agg(pace order by at, id))[1] as pace, jsonb_agg(distinct nozzle) as nozzles from was group by printer_key;
create temporary table filaments on commit drop as select filament_key, gen_random_uuid() as id, min(at) as at from was group by filament_key;

insert into printer select id, at from printers;
insert into printer_state select id, 1, jsonb_build_object('name', printer_key->0, 'bedWidth', printer_key->1, 'bedDepth', printer_key->2,
    'buildHeight', printer_key->3, 'nozzles', nozzles, 'pace', pace), at from printers;
insert into filament select id, at from filaments;
insert into filament_state select id, 1, jsonb_build_object('name', filament_key->0, 'class', 'other', 'density', filament_key->1, 'diameter', filament_key->2,
    'price', filament_key->3, 'leastLayerTime', filament_key->4), at from filaments;
insert into process_state select w.id, 1, jsonb_build_object('name', w.name, 'printer', p.id, 'filament', f.id, 'nozzle', w.nozzle,
    'lineWidth', w.content->'lineWidth', 'layerHeight', w.content->'layerHeight', 'walls', w.settings->'walls', 'skins', w.settings->'skins', 'fill', w.settings->'fill',
    'pace', case when w.pace <> p.pace then w.pace end, 'allowances', coalesce(w.content->'allowances', '{}')), w.at
from was w join printers p using (printer_key) join filaments f using (filament_key);
insert into revision_process select r.part_id, r.number, p.content from revision r join process p on p.id = r.process_id;
alter table process drop column name, drop column content;

-- A spool is of a filament, not of a name.
alter table spool add column filament_id uuid references filament;
with unknown as (select distinct s.material, gen_random_uuid() as id, s.at from (select material, min(at) as at from spool group by material) s
                 where not exists (select 1 from filament_now f where f.name = s.material)),
     added as (insert into filament select id, at from unknown)
insert into filament_state select id, 1, jsonb_build_object('name', material, 'class', 'other'), at from unknown;
alter table spool disable trigger only_added;
update spool s set filament_id = (select f.id from filament_now f where f.name = s.material order by f.id limit 1);
alter table spool enable trigger only_added;
alter table spool alter column filament_id set not null, drop column material;

alter table put_away drop constraint put_away_thing_check,
    add constraint put_away_thing_check check (thing in ('job', 'part', 'process', 'printer', 'filament', 'instrument'));

create trigger only_added before update or delete on printer_state for each row execute function only_added();
create trigger only_added before update or delete on filament_state for each row execute function only_added();
create trigger only_added before update or delete on process_state for each row execute function only_added();
create trigger only_added before update or delete on revision_process for each row execute function only_added();

-- What is changed of a printer, a filament or a setup touches the parts that are printed with it.
create function touch_printed() returns trigger language plpgsql security definer set search_path = public as $$
begin
    insert into part_touched (part_id) select distinct u.part_id from part_uses u join process_now s on s.id = u.thing join added a on
        case tg_argv[0] when 'process' then s.id else (s.content->>tg_argv[0])::uuid end = (to_jsonb(a)->>(tg_argv[0] || '_id'))::uuid;
    return null;
end $$;
create trigger touch_printed after insert on printer_state referencing new table as added for each statement execute function touch_printed('printer');
create trigger touch_printed after insert on filament_state referencing new table as added for each statement execute function touch_printed('filament');
create trigger touch_printed after insert on process_state referencing new table as added for each statement execute function touch_printed('process');
