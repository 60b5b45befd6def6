-- Two pieces of work side by side, with what their student says about them. A piece may go to the bin and be purged, so it is referred
-- to by id alone; the titles stay.
create table then_and_now (
    id            uuid primary key,
    notebook_id   uuid         not null references notebook (id),
    then_entry_id uuid         not null,
    now_entry_id  uuid         not null,
    title         varchar(300) not null,
    words         text         not null,
    version       int          not null,
    kept_on       date         not null,
    deleted_at    datetime(3)
);
