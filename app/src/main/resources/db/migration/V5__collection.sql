create table collection (
    id         uuid primary key,
    owner_id   uuid         not null references person (id),
    title      varchar(120) not null,
    purpose    varchar(300) not null,
    created_at datetime(3)  not null,
    index (owner_id)
);

create table collection_item (
    id            uuid primary key,
    collection_id uuid          not null references collection (id) on delete cascade,
    kind          varchar(6)    not null,
    title         varchar(200)  not null,
    note          varchar(4000) not null,
    url           varchar(2000),
    media_id      uuid references media (id),
    entry_id      uuid references entry (id),
    position      int           not null,
    added_at      datetime(3)   not null,
    index (media_id)
);
