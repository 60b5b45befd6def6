-- "Not this": points that a student does not want to be suggested for an entry again.
create table refused_point (
    entry_id uuid        not null references entry (id) on delete cascade,
    node_id  uuid        not null references syllabus_node (id),
    at       datetime(3) not null,
    primary key (entry_id, node_id)
);

-- Entries that are no work for the syllabus: nothing asks any more where they belong.
create table beside_syllabus (
    entry_id uuid primary key references entry (id) on delete cascade,
    at       datetime(3) not null
);
