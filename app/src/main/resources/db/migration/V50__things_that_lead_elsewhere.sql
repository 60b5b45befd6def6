-- A thing of a collection may be a page of one's own, a version that was handed in, or another collection.
alter table collection_item
    modify kind varchar(12) not null,
    add leads_to uuid after entry_id;
