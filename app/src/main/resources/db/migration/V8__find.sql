-- Which entries hold which words, as stems. A table of our own rather than a full-text index: that one ranks every entry
-- that holds a common word before it gives the first, which takes a second over 100,000 entries.
create table entry_word (
    owner_id uuid        not null references person (id),
    stem     varchar(60) character set utf8mb4 collate utf8mb4_bin not null,
    entry_id uuid        not null references entry (id),
    primary key (owner_id, stem, entry_id),
    index (entry_id)
);
