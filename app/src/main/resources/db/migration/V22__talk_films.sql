-- Films that are being made, or were made, of drawings that somebody explained; `at` is the page of a set. They are kept for
-- some days, as they can be made again.
create table talk_film (
    id           uuid primary key,
    owner_id     uuid        not null references person (id),
    recording_id uuid        not null references entry (id),
    subject_id   uuid        not null references entry (id),
    at           int         not null,
    format       varchar(8)  not null,
    state        varchar(8)  not null,
    share        double      not null,
    sha256       char(64),
    bytes        bigint      not null,
    made_at      datetime(3) not null
);
