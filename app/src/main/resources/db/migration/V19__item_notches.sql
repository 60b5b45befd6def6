-- Resources by point: things of collections that help with a point or topic. They cover nothing.
create table item_notch (
    item_id uuid not null references collection_item (id) on delete cascade,
    node_id uuid not null references syllabus_node (id),
    primary key (item_id, node_id),
    index (node_id)
);
