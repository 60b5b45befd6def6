-- When a sheet was last written on, and what it was before somebody went on with it after a while.
alter table reflection add changed_at datetime(3);

create table reflection_version (
    reflection_id uuid        not null references reflection (id),
    version       int         not null,
    answers       longtext    not null,
    saved_at      datetime(3) not null,
    primary key (reflection_id, version)
);
