-- Who of a person's devices wrote the newest version, and the version that this row of writing of theirs began from.
alter table entry add column writer varchar(60);
alter table entry add column written_from int not null default 0;
