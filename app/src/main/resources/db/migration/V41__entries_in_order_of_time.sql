-- Growth looks at work in order of time, of one kind or of all; all that it asks of an entry is in this index.
alter table entry add index entry_in_time (page_id, deleted_at, is_empty, kind, made_at);
