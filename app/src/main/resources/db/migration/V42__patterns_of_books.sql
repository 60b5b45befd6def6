-- Patterns of books, each of a class or, without one, of the whole school; and whom a book is for.
create table book_pattern (
    id       uuid primary key,
    class_id uuid references school_class (id),
    name     varchar(100) not null,
    for_whom varchar(200) not null,
    parts    longtext     not null
);

alter table book add for_whom varchar(200) not null default '';
