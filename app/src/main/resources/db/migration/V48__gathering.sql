-- Files of links, rows or references that are taken into a collection, and what came in with each.
alter table collection_item
    add gathering_id uuid,
    add key (gathering_id);
create table gathering (
    id            uuid primary key,
    collection_id uuid         not null references collection (id) on delete cascade,
    owner_id      uuid         not null references person (id),
    media_id      uuid         not null references media (id),
    columns       longtext     not null,
    state         varchar(7)   not null,
    share         double       not null,
    added         int          not null,
    merged        int          not null,
    left_out      int          not null,
    words         varchar(300) not null,
    wanted_at     datetime(3)  not null
);
