-- Of whom set work is asked, where not of the whole class, and who has longer.
create table set_work_for (
    set_work_id uuid not null references set_work (id) on delete cascade,
    person_id   uuid references person (id) on delete cascade,
    group_id    uuid references class_group (id) on delete cascade,
    index (set_work_id)
);

create table set_work_longer (
    set_work_id uuid not null references set_work (id) on delete cascade,
    person_id   uuid not null references person (id) on delete cascade,
    due         date not null,
    primary key (set_work_id, person_id)
);
