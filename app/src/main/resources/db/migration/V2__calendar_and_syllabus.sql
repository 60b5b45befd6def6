create table school_year (
    id        uuid primary key,
    name      varchar(40) not null,
    first_day date        not null,
    last_day  date        not null
);

create table school_break (
    year_id   uuid        not null references school_year (id),
    name      varchar(60) not null,
    first_day date        not null,
    last_day  date        not null,
    primary key (year_id, first_day)
);

create table edition (
    id       uuid primary key,
    code     varchar(40)  not null,
    title    varchar(200) not null,
    added_by uuid references person (id),
    added_at datetime(3)  not null
);

create table syllabus_node (
    id         uuid primary key,
    edition_id uuid          not null references edition (id),
    parent_id  uuid references syllabus_node (id),
    position   int           not null,
    kind       varchar(10)   not null,
    code       varchar(40)   not null,
    title      varchar(1000) not null,
    weight     double,
    tier       varchar(10)   not null,
    first_year int           not null,
    last_year  int           not null,
    unique (edition_id, code),
    index (edition_id, position)
);

create table class_plan (
    class_id   uuid not null references school_class (id),
    topic_id   uuid not null references syllabus_node (id),
    first_week int  not null,
    last_week  int  not null,
    primary key (class_id, topic_id)
);
