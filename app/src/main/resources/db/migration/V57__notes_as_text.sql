-- A note may be a text as on a page; note holds its words then.
alter table collection_item
    modify note mediumtext not null,
    add note_text mediumtext;
