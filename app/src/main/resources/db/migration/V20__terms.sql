create table school_term (
    year_id   uuid        not null references school_year (id),
    name      varchar(60) not null,
    first_day date        not null,
    last_day  date        not null,
    primary key (year_id, first_day)
);
