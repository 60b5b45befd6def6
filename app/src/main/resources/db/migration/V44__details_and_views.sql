-- What things of a collection are told apart by, why each was kept, the views that are kept of them, and a board with ties.
create table collection_detail (
    id            uuid primary key,
    collection_id uuid        not null references collection (id) on delete cascade,
    name          varchar(60) not null,
    kind          varchar(9)  not null,
    unit          varchar(20) not null,
    position      int         not null,
    deleted_at    datetime(3)
);

alter table collection_item
    add why           varchar(4000) not null default '',
    add heading       varchar(120)  not null default '',
    add detail_values longtext      not null default '{}';

create table collection_view (
    id            uuid primary key,
    collection_id uuid         not null references collection (id) on delete cascade,
    name          varchar(100) not null,
    look          longtext     not null,
    position      int          not null
);

create table board_place (
    item_id uuid primary key references collection_item (id) on delete cascade,
    x       double not null,
    y       double not null
);

create table board_tie (
    id            uuid primary key,
    collection_id uuid         not null references collection (id) on delete cascade,
    from_item     uuid         not null references collection_item (id) on delete cascade,
    to_item       uuid         not null references collection_item (id) on delete cascade,
    words         varchar(120) not null,
    is_directed   boolean      not null
);
