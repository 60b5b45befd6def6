-- The words of entries as stems, each with a sign before it so that short words and common ones are indexed too.
create table entry_words (
    entry_id uuid primary key references entry (id),
    owner_id uuid       not null references person (id),
    stems    mediumtext not null,
    index (owner_id),
    fulltext index (stems)
);
