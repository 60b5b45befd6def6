-- A notch lies on the page of its entry, so that those of some lines in one notebook are found without passing over all its entries.
-- The database keeps it so: when an entry moves, its notches move along.
alter table entry add unique key entry_on_page (id, page_id);
alter table notch add page_id uuid after node_id;
update notch join entry on entry.id = notch.entry_id set notch.page_id = entry.page_id;
alter table notch
    modify page_id uuid not null,
    add key notch_on_page (page_id, node_id),
    add constraint notch_on_page_of_entry foreign key (entry_id, page_id) references entry (id, page_id) on update cascade;
