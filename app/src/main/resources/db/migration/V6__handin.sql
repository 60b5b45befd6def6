create table set_work (
    id           uuid primary key,
    class_id     uuid          not null references school_class (id),
    title        varchar(120)  not null,
    instructions varchar(2000) not null,
    topic_id     uuid          not null references syllabus_node (id),
    due          date          not null,
    set_by       uuid          not null references person (id)
);

create table hand_in (
    id          uuid primary key,
    set_work_id uuid         not null references set_work (id),
    student_id  uuid         not null references person (id),
    section_id  uuid         not null references section (id),
    title       varchar(120) not null,
    version     int          not null,
    state       varchar(12)  not null,
    missing     int          not null,
    sealed_at   datetime(3)  not null,
    manifest    longtext     not null,
    digest      char(64)     not null,
    decided_at  datetime(3),
    unique (set_work_id, student_id, version)
);

-- The frozen words of a version; pictures and sounds stay in the media store under their own digests.
create table hand_in_part (
    hand_in_id uuid         not null references hand_in (id) on delete cascade,
    path       varchar(200) not null,
    content    longtext     not null,
    primary key (hand_in_id, path)
);

create table hand_in_media (
    hand_in_id uuid         not null references hand_in (id) on delete cascade,
    path       varchar(200) not null,
    media_id   uuid         not null references media (id),
    primary key (hand_in_id, path),
    index (media_id)
);

create table remark (
    id         uuid primary key,
    hand_in_id uuid          not null references hand_in (id) on delete cascade,
    page_id    uuid          not null,
    entry_id   uuid          not null,
    number     int           not null,
    author_id  uuid          not null references person (id),
    words      varchar(2000) not null,
    at         datetime(3)   not null,
    index (entry_id)
);
