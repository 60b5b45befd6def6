create table own_mark (
    id       uuid primary key,
    owner_id uuid        not null references person (id),
    name     varchar(40) not null,
    shape    varchar(10) not null,
    index (owner_id)
);

-- passage: the span of the entry's text that the mark stands on, by the id that the text itself holds.
create table mark (
    id           uuid primary key,
    entry_id     uuid        not null references entry (id),
    passage      uuid,
    kind         varchar(10) not null,
    own_id       uuid references own_mark (id),
    made_at      datetime(3) not null,
    is_done      boolean     not null,
    due          date,
    answer_entry uuid references entry (id),
    answer_words varchar(500),
    index (entry_id)
);

-- Who holds the secret may read a person's dated tasks and nothing else; only its digest is kept.
create table task_feed (
    person_id     uuid primary key references person (id),
    secret_sha256 char(64)    not null unique,
    made_at       datetime(3) not null
);

create table cue_asked (
    cue      uuid        not null references entry (id),
    at       datetime(3) not null,
    is_known boolean     not null,
    primary key (cue, at)
);
