-- Work that goes on after its request was answered. The columns are those that the job library asks for.
create table job (
    task_name            varchar(100) not null,
    task_instance        varchar(100) not null,
    task_data            blob,
    execution_time       timestamp(6) not null,
    picked               boolean      not null,
    picked_by            varchar(50),
    last_success         timestamp(6) null,
    last_failure         timestamp(6) null,
    consecutive_failures int,
    last_heartbeat       timestamp(6) null,
    version              bigint       not null,
    priority             smallint,
    primary key (task_name, task_instance),
    index (execution_time),
    index (last_heartbeat),
    index (priority desc, execution_time asc)
);

alter table media modify column type varchar(100) not null;

-- What can be read in a file, to find it by.
create table media_words (
    media_id uuid primary key references media (id),
    words    mediumtext not null
);

-- What a web page says of itself, as it was when one person's server copy was fetched. The digest is of the address.
create table link_card (
    id             uuid primary key,
    owner_id       uuid          not null references person (id),
    address        varchar(2000) not null,
    address_sha256 char(64)      not null,
    state          varchar(10)   not null,
    title          varchar(300)  not null,
    description    varchar(1000) not null,
    site           varchar(200)  not null,
    picture_id     uuid references media (id),
    fetched_at     datetime(3),
    unique (owner_id, address_sha256)
);
