-- A link by which one reader outside sees one thing, and nothing around it. Secrets, words and the keys of those who gave the
-- word are kept as digests: who reads the database can use no link.
create table reader_link (
    id            uuid primary key,
    owner_id      uuid         not null references person (id),
    kind          varchar(8)   not null,
    of_id         uuid         not null,
    title         varchar(200) not null,
    reader        varchar(120) not null,
    mail          varchar(200) not null default '',
    secret_sha256 char(64)     not null unique,
    word_hash     varchar(200),
    may_answer    boolean      not null,
    made_at       datetime(3)  not null,
    until         datetime(3)  not null,
    taken_back_at datetime(3),
    opened        int          not null default 0,
    opened_at     datetime(3),
    answer        varchar(4000),
    answered_at   datetime(3),
    index (owner_id)
);

-- Who gave the word, for as long as the link is open.
create table reader_key (
    link_id    uuid     not null references reader_link (id) on delete cascade,
    key_sha256 char(64) not null,
    primary key (link_id, key_sha256)
);

-- The pictures, sounds and files that the page behind a link refers to; it gives out no others.
create table reader_link_media (
    link_id uuid         not null references reader_link (id) on delete cascade,
    sha256  char(64)     not null,
    type    varchar(100) not null,
    name    varchar(200) not null,
    primary key (link_id, sha256)
);

-- Addresses from which links or words were tried that did not fit.
create table reader_try (
    id      bigint auto_increment primary key,
    address varchar(45) not null,
    at      datetime(3) not null,
    index (address, at)
);

-- Mails that were not sent but shown, where a stand-in takes the place of the mail server.
create table shown_mail (
    id      uuid primary key,
    sent_to varchar(200)  not null,
    subject varchar(200)  not null,
    words   varchar(4000) not null,
    at      datetime(3)   not null
);
