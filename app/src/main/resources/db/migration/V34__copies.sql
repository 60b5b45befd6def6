-- Copies of a version or a section in a form that others open: made by a job, kept for some days, as they can be made again.
create table copy (
    id        uuid primary key,
    owner_id  uuid         not null references person (id),
    kind      varchar(8)   not null,
    of_id     uuid         not null,
    form      varchar(10)  not null,
    paper     varchar(8)   not null,
    sounds    varchar(10)  not null,
    is_book   boolean      not null,
    is_two_up boolean      not null,
    origin    varchar(2000) not null,
    title     varchar(300) not null,
    state     varchar(8)   not null,
    share     double       not null,
    bytes     bigint       not null,
    words     varchar(500) not null default '',
    wanted_at datetime(3)  not null,
    index (owner_id)
);
