-- Books of the year. A page keeps its pieces as JSON, as one whole: what is on it is changed by its student alone, page by page.
create table book (
    id         uuid primary key,
    owner_id   uuid         not null references person (id),
    title      varchar(200) not null,
    made_on    date         not null,
    deleted_at datetime(3),
    index (owner_id)
);

create table book_page (
    id          uuid primary key,
    book_id     uuid         not null references book (id),
    position    int          not null,
    kind        varchar(8)   not null,
    notebook_id uuid references notebook (id),
    heading     varchar(120) not null,
    question    varchar(300) not null,
    words_least int          not null,
    words_most  int          not null,
    left_out    boolean      not null,
    words       mediumtext   not null,
    pieces      longtext     not null,
    version     int          not null,
    index (book_id)
);

-- A version outlives its book, and goes along with its notebook where the book stays.
alter table hand_in add book_id uuid;
