create table person (
    id            uuid primary key,
    user_name     varchar(60)  not null unique,
    full_name     varchar(120) not null,
    role          varchar(10)  not null,
    password_hash varchar(200) not null
);

create table school_class (
    id   uuid primary key,
    name varchar(60) not null
);

create table class_member (
    class_id  uuid not null references school_class (id),
    person_id uuid not null references person (id),
    primary key (class_id, person_id),
    index (person_id)
);

create table failed_sign_in (
    id        bigint auto_increment primary key,
    user_name varchar(60) not null,
    address   varchar(45) not null,
    at        datetime(3) not null,
    index (at)
);

create table SPRING_SESSION (
    primary_id            char(36) primary key,
    session_id            char(36) not null unique,
    creation_time         bigint   not null,
    last_access_time      bigint   not null,
    max_inactive_interval int      not null,
    expiry_time           bigint   not null,
    principal_name        varchar(100),
    index (expiry_time),
    index (principal_name)
);

create table SPRING_SESSION_ATTRIBUTES (
    session_primary_id char(36)     not null,
    attribute_name     varchar(200) not null,
    attribute_bytes    blob         not null,
    primary key (session_primary_id, attribute_name),
    foreign key (session_primary_id) references SPRING_SESSION (primary_id) on delete cascade
);
