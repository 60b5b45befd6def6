create table paper (
    id          uuid primary key,
    notebook_id uuid         not null references notebook (id),
    title       varchar(120) not null,
    day         date         not null,
    index (notebook_id)
);

create table paper_mark (
    paper_id uuid   not null references paper (id),
    topic_id uuid   not null references syllabus_node (id),
    marks    double not null,
    out_of   double not null,
    primary key (paper_id, topic_id)
);

create table looked_again (
    notebook_id uuid not null references notebook (id),
    topic_id    uuid not null references syllabus_node (id),
    day         date not null,
    primary key (notebook_id, topic_id, day)
);

create table reflection (
    id          uuid primary key,
    notebook_id uuid     not null references notebook (id),
    monday      date     not null,
    answers     longtext not null,
    version     int      not null,
    written_on  date     not null,
    unique (notebook_id, monday)
);

create table reflection_choice (
    reflection_id uuid not null references reflection (id),
    entry_id      uuid not null references entry (id),
    primary key (reflection_id, entry_id)
);

create table own_rating (
    reflection_id uuid not null references reflection (id),
    topic_id      uuid not null references syllabus_node (id),
    value         int  not null,
    primary key (reflection_id, topic_id)
);
