-- A collection is handed in, copied, and opened by a link like all else.
alter table hand_in add collection_id uuid;
alter table copy modify kind varchar(10) not null;
alter table reader_link modify kind varchar(10) not null;
