create table school_term (
    year_id   uuid        not null references school_year (id),
    name      varchar(60) not null,
    first_day date        not null,
    last_day  date        not null,
    primary key (year_id, first_day)
);

-- What counts in the coverage of a whole year group is read without its content.
create index entry_that_counts on entry (page_id, deleted_at, is_empty, kind);
