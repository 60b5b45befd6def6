-- What boards say of a line beside its words; a line with a notebook is the student's own and counts there alone.
alter table syllabus_node
    add identifier varchar(200),
    add note varchar(1000) not null default '',
    add notebook_id uuid references notebook (id),
    add index (edition_id, code),
    drop index edition_id;

alter table edition
    add version int not null default 1,
    add changed_at datetime(3) not null default '2000-01-01',
    add document_id uuid references media (id);

-- Which columns of a table hold what, as a person chose for tables with these headings.
create table column_choice (
    person_id uuid         not null references person (id),
    headings  char(64)     not null,
    places    varchar(200) not null,
    primary key (person_id, headings)
);

-- A notebook that went to another edition, with the exam that it had before.
create table edition_move (
    id           uuid primary key,
    notebook_id  uuid        not null references notebook (id),
    from_edition uuid        not null references edition (id),
    to_edition   uuid        not null references edition (id),
    from_year    int         not null,
    from_tier    varchar(10) not null,
    moved_at     datetime(3) not null,
    undone_at    datetime(3),
    index (notebook_id, moved_at)
);

-- What each line of the one became in the other; a reworded point asks for a look.
create table edition_move_pair (
    move_id   uuid        not null references edition_move (id),
    before_id uuid        not null references syllabus_node (id) on delete cascade,
    after_id  uuid        not null references syllabus_node (id) on delete cascade,
    change_kind varchar(10) not null,
    looked_at datetime(3),
    primary key (move_id, before_id)
);
