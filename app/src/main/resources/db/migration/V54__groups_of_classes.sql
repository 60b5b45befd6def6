-- Groups of a class, named by its teacher or, where the teacher lets them, by its students. One that has ended is kept for a while.
alter table school_class add students_make_groups boolean not null default false;

create table class_group (
    id       uuid primary key,
    class_id uuid        not null references school_class (id) on delete cascade,
    name     varchar(60) not null,
    made_by  uuid        not null references person (id),
    made_at  datetime(3) not null,
    ended_at datetime(3),
    index (class_id)
);

create table class_group_member (
    group_id  uuid not null references class_group (id) on delete cascade,
    person_id uuid not null references person (id) on delete cascade,
    primary key (group_id, person_id),
    index (person_id)
);

create table collection_for_group (
    collection_id uuid        not null references collection (id) on delete cascade,
    group_id      uuid        not null references class_group (id) on delete cascade,
    given_at      datetime(3) not null,
    primary key (collection_id, group_id)
);
