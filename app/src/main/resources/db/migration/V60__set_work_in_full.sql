-- Set work by an hour, with a pattern to begin with, and how far each student is with it since it was set.
alter table set_work
    add due_hour time,
    add pattern longtext,
    add set_at datetime(3) not null default current_timestamp(3);

-- When older work was set is not known: two weeks before it was due is the usual time.
update set_work set set_at = timestamp(due) - interval 14 day;

-- A word can be for some alone. It stays for them alone when the last of them is gone.
alter table announcement add is_for_some boolean not null default false;

create table announcement_for (
    announcement_id uuid not null references announcement (id) on delete cascade,
    person_id       uuid not null references person (id) on delete cascade,
    primary key (announcement_id, person_id)
);
