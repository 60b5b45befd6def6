create table media (
    id            uuid primary key,
    owner_id      uuid         not null references person (id),
    kind          varchar(10)  not null,
    type          varchar(60)  not null,
    name          varchar(200) not null,
    sha256        char(64)     not null,
    screen_sha256 char(64),
    bytes         bigint       not null,
    width         int,
    height        int,
    seconds       double,
    peaks         varchar(2000),
    captured_at   datetime(3),
    created_at    datetime(3)  not null
);

create table notebook (
    id         uuid primary key,
    owner_id   uuid         not null references person (id),
    class_id   uuid references school_class (id),
    edition_id uuid         not null references edition (id),
    title      varchar(120) not null,
    exam_year  int          not null,
    exam_day   date,
    tier       varchar(10)  not null,
    created_at datetime(3)  not null,
    index (owner_id)
);

create table section (
    id          uuid primary key,
    notebook_id uuid         not null references notebook (id),
    parent_id   uuid references section (id),
    title       varchar(120) not null,
    position    int          not null,
    deleted_at  datetime(3),
    index (notebook_id)
);

create table section_topic (
    section_id uuid not null references section (id),
    node_id    uuid not null references syllabus_node (id),
    primary key (section_id, node_id)
);

create table page (
    id         uuid primary key,
    section_id uuid         not null references section (id),
    title      varchar(200) not null,
    day        date         not null,
    position   int          not null,
    deleted_at datetime(3),
    index (section_id)
);

create table entry (
    id         uuid primary key,
    page_id    uuid         not null references page (id),
    kind       varchar(12)  not null,
    content    longtext     not null,
    is_empty   boolean      not null,
    media_id   uuid references media (id),
    caption    varchar(500) not null,
    width      varchar(6)   not null,
    position   int          not null,
    version    int          not null,
    made_at    datetime(3)  not null,
    changed_at datetime(3)  not null,
    deleted_at datetime(3),
    index (page_id),
    index (media_id)
);

-- Earlier states of an entry; the newest state is the entry itself.
create table entry_version (
    entry_id uuid         not null references entry (id),
    version  int          not null,
    content  longtext     not null,
    caption  varchar(500) not null,
    saved_at datetime(3)  not null,
    primary key (entry_id, version)
);

create table notch (
    entry_id uuid        not null references entry (id),
    node_id  uuid        not null references syllabus_node (id),
    cut_by   uuid        not null references person (id),
    cut_at   datetime(3) not null,
    primary key (entry_id, node_id),
    index (node_id)
);
