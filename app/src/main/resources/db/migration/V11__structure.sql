-- A section for a week knows its Monday; one that only some exam years need says which.
alter table section add column monday date null;
alter table section add column first_year int not null default 0;
alter table section add column last_year int not null default 9999;
alter table notebook add column cover varchar(10) not null default 'PETROL';

-- The student's own tick on a syllabus point, beside what the notches say.
create table own_tick (
    notebook_id uuid        not null references notebook (id),
    node_id     uuid        not null references syllabus_node (id),
    at          datetime(3) not null,
    primary key (notebook_id, node_id)
);
