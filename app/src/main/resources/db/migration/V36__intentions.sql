-- What a sheet says of the last intention, and what it means to do next.
alter table reflection
    add column outcome       varchar(8),
    add column outcome_about varchar(1000) not null default '',
    add column intention     varchar(500)  not null default '';
