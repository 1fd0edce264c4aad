-- What a printing took, and what became of a kept part in use. Both are only ever added.

create table run (
    id uuid primary key,
    part_id uuid not null,
    number int not null,
    process_id uuid not null references process,
    seconds double precision not null check (seconds > 0),
    modelled_seconds double precision not null check (modelled_seconds > 0),
    grams double precision check (grams > 0),
    at timestamptz not null,
    foreign key (part_id, number) references revision
);
create index run_of_process on run (process_id, at);
create index run_of_part on run (part_id, number);

create table service_note (
    id uuid primary key,
    part_id uuid not null,
    number int not null,
    kind text not null,
    after_count double precision check (after_count >= 0),
    after_unit text,
    says text not null,
    at timestamptz not null,
    foreign key (part_id, number) references revision
);
create index service_note_of_part on service_note (part_id, number);

create trigger only_added before update or delete on run for each row execute function only_added();
create trigger only_added before update or delete on service_note for each row execute function only_added();
