-- Every fitted face of a revision, whole: what a later try of it can teach.
create table revision_seat (
    part_id uuid not null,
    number int not null,
    address text not null check (length(address) between 1 and 80),
    seat jsonb not null,
    primary key (part_id, number, address),
    foreign key (part_id, number) references revision (part_id, number)
);
create trigger only_added before update or delete on revision_seat for each row execute function only_added();

-- Of revisions of before, what can be known from their sizes. Which side of the joint was printed is told by the law of sizes itself: a hole is wanted
-- larger than what goes in by the clearance; without a clearance, by the sign of the allowance. Of a row only the first member's figures were kept.
insert into revision_seat (part_id, number, address, seat)
select r.part_id, r.number, face.address, jsonb_build_object(
        'place', r.state->'interfaces'->>face.slot, 'dimension', known.dimension, 'surface', known.surface, 'lie', 'upright',
        'process', r.process_id, 'drawn', face.drawn, 'ladder', coalesce(face.ladder, '[]'),
        'allowance', known.allowance + known.correction,
        'counterpart', case when face.member <= 1 then known.measured end,
        'wanted', case when face.member <= 1 then known.wanted end,
        'clearance', case when face.member <= 1 then known.realised end)
from revision r
join part p on p.id = r.part_id
cross join lateral (
    select d.key as address, split_part(d.key, '@', 1) as slot, coalesce(nullif(split_part(d.key, '@', 2), ''), '0')::int as member, (d.value #>> '{}')::float8 as drawn,
           (select jsonb_agg(rung.value order by split_part(rung.key, '#', 2)::int) from jsonb_each(r.frozen->'drawn') rung where rung.key like d.key || '#%') as ladder
    from jsonb_each(r.frozen->'drawn') d where d.key not like '%#%') face
cross join lateral (
    select a.key as allowance_key, left(a.key, -length('.allowance')) as stem from jsonb_each(r.frozen->'values') a
    where a.key = face.slot || '.allowance' or a.key like face.slot || '.%.allowance' order by length(a.key) limit 1) line
cross join lateral (
    select (v->>line.allowance_key)::float8 as allowance, coalesce((v->>(line.stem || '.correction'))::float8, 0) as correction, (v->>(line.stem || '.measured'))::float8 as measured,
           (v->>(line.stem || '.wanted'))::float8 as wanted, (v->>(line.stem || '.clearance'))::float8 as clearance, (v->>(line.stem || '.realised'))::float8 as realised
    from (select r.frozen->'values' as v) whole) figure
cross join lateral (
    select figure.*, hole.is_hole,
           case when line.stem <> face.slot then substr(line.stem, length(face.slot) + 2) when hole.is_hole then 'outside' else 'inside' end as dimension,
           case when line.stem = face.slot then case when hole.is_hole then 'holeUpright' else 'outsideRound' end when hole.is_hole then 'pocket' else 'outsideFlat' end as surface
    from (select case when abs(coalesce(figure.clearance, 0)) < 1e-9 then figure.allowance > 0 else (figure.wanted - figure.measured) * figure.clearance > 0 end as is_hole) hole) known;
