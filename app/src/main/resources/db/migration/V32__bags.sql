-- Everything of a notebook or of a person on its way out: made by a job, kept for some days, as it can be made again.
create table bag (
    id          uuid primary key,
    owner_id    uuid         not null references person (id),
    notebook_id uuid references notebook (id),
    state       varchar(8)   not null,
    share       double       not null,
    bytes       bigint       not null,
    words       varchar(500) not null default '',
    wanted_at   datetime(3)  not null,
    index (owner_id)
);

-- A bag on its way in: looked into file by file first, and taken in when its owner says so. What was found is JSON.
create table brought_bag (
    id         uuid primary key,
    owner_id   uuid         not null references person (id),
    name       varchar(200) not null,
    state      varchar(8)   not null,
    share      double       not null,
    found      mediumtext   not null,
    words      varchar(500) not null default '',
    brought_at datetime(3)  not null,
    index (owner_id)
);

-- People and classes that a bag tells of are elsewhere: here they are names, and nobody signs in as them.
alter table person add column brought_by uuid references person (id);
alter table school_class add column brought_by uuid references person (id);

-- Keys of other installations tell the seals that came along; nothing is signed with them.
alter table seal_key modify private_key varbinary(200);
