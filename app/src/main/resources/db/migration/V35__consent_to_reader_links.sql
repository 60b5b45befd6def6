-- A school may want a teacher's yes before a link opens. A mail that waits for it needs the link's address, which goes with the yes.
alter table reader_link
    add column consent      varchar(10) not null default 'NOT_NEEDED',
    add column consent_by   uuid references person (id),
    add column consent_at   datetime(3),
    add column mail_address varchar(2000);

-- Who decides about links for readers outside; one row.
create table reader_link_rule (
    id   tinyint primary key check (id = 1),
    rule varchar(8) not null
);
insert into reader_link_rule values (1, 'FREE');
