-- Pieces of work that students show to their class or its teachers, frozen as they were, and what is said about them.
alter table school_class add teacher_sees_pieces_first boolean not null default true;

create table noticeboard_piece (
    id            uuid primary key,
    class_id      uuid         not null references school_class (id) on delete cascade,
    owner_id      uuid         not null references person (id) on delete cascade,
    source        varchar(10)  not null,
    source_id     uuid         not null,
    audience      varchar(7)   not null,
    standing      varchar(10)  not null,
    words         varchar(500) not null,
    teacher_words varchar(500) not null default '',
    title         varchar(300) not null,
    topics        longtext     not null,
    picture_id    uuid references media (id) on delete set null,
    first_kind    varchar(10)  not null,
    first_words   varchar(300) not null,
    content       longtext     not null,
    shown_at      datetime(3)  not null,
    index (class_id, shown_at)
);

create table noticeboard_media (
    piece_id uuid not null references noticeboard_piece (id) on delete cascade,
    media_id uuid not null references media (id) on delete cascade,
    primary key (piece_id, media_id),
    index (media_id)
);

create table noticeboard_comment (
    id        uuid primary key,
    piece_id  uuid          not null references noticeboard_piece (id) on delete cascade,
    author_id uuid          not null references person (id) on delete cascade,
    words     varchar(1000) not null,
    sound_id  uuid references media (id),
    answer_to uuid references noticeboard_comment (id) on delete cascade,
    said_at   datetime(3)   not null,
    is_hidden boolean       not null default false,
    is_closed boolean       not null default false,
    is_taken_back boolean   not null default false,
    index (piece_id, said_at),
    index (sound_id)
);
