-- All that an entry shows or was made of, so that what is read in a picture finds its entries.
create table entry_media (
    entry_id uuid not null references entry (id),
    media_id uuid not null references media (id),
    primary key (entry_id, media_id),
    index (media_id)
);

insert into entry_media (entry_id, media_id) select id, media_id from entry where media_id is not null;

-- A scan bench: photos on their way to become the set of one photo entry.
create table scan (
    id         uuid primary key,
    owner_id   uuid         not null references person (id),
    page_id    uuid         not null references page (id),
    zone       varchar(40)  not null,
    entry_id   uuid references entry (id),
    name       varchar(500) not null,
    created_at datetime(3)  not null,
    index (page_id)
);

-- The trace is what a page is known by again; photos of one page_key show the same page.
create table shot (
    id              uuid primary key,
    scan_id         uuid          not null references scan (id) on delete cascade,
    photo_id        uuid          not null references media (id),
    picture_id      uuid references media (id),
    arrived_at      datetime(3)   not null,
    position        int,
    left_out        boolean,
    state           varchar(10)   not null,
    corners         varchar(400),
    quarters        int,
    finish          varchar(20),
    corner_sureness double,
    sharpness       double,
    glare           double,
    brightness      double,
    page_key        uuid          not null,
    trace           mediumblob,
    name            varchar(120)  not null,
    gist            varchar(2000) not null,
    index (scan_id)
);

-- A link by which one phone puts photos on one bench without signing in. The phone that opens it first has it for itself.
create table phone_link (
    secret_sha256 char(64) primary key,
    scan_id       uuid        not null references scan (id) on delete cascade,
    until         datetime(3) not null,
    phone_sha256  char(64)
);
