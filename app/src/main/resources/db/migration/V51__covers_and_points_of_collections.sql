-- A collection has a picture of its own, and points and topics that all of it helps with.
alter table collection add cover_id uuid references media (id);

create table collection_notch (
    collection_id uuid not null references collection (id) on delete cascade,
    node_id       uuid not null references syllabus_node (id),
    primary key (collection_id, node_id),
    index (node_id)
);
