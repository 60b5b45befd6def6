-- In which style a person's references are listed; who has chosen none has no row.
create table reference_style (
    person_id uuid primary key references person (id),
    style     varchar(12) not null
);
