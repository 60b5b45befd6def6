-- Keeping a change is one write: what it needs to know stands in the entry's own row.
-- When an earlier version was last put by, and whether its words are still to go into the index.
alter table entry add column version_put_by_at datetime(3);
alter table entry add column words_due boolean not null default false;
create index entry_words_due on entry (words_due);

-- The same file sent in by several is read and copied once.
create index media_by_content on media (sha256);
