-- What a teacher says to a class, and who has read it.
create table announcement (
    id            uuid primary key,
    class_id      uuid          not null references school_class (id) on delete cascade,
    by_id         uuid          not null references person (id),
    words         varchar(2000) not null,
    set_work_id   uuid references set_work (id),
    said_at       datetime(3)   not null,
    taken_back_at datetime(3),
    index (class_id, said_at)
);

create table announcement_read (
    announcement_id uuid        not null references announcement (id) on delete cascade,
    person_id       uuid        not null references person (id) on delete cascade,
    read_at         datetime(3) not null,
    primary key (announcement_id, person_id)
);
