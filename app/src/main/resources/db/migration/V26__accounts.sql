-- The one-time code of the first visit, while nobody has been entered yet.
create table first_visit (
    only_one    tinyint  primary key default 1 check (only_one = 1),
    code_sha256 char(64) not null
);
