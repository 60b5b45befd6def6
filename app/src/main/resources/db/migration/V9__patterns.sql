-- A page keeps the zones of its pattern itself, so that it stays as it was when the pattern is changed or deleted.
alter table page add column pattern longtext not null default
    '{"name":"Free","zones":[{"key":"main","role":"MAIN","title":"Notes","prompt":"","words":null,"kinds":[]}]}';
alter table page add column paper_lines varchar(10) not null default 'PLAIN';
alter table page add column paper_spacing_mm int not null default 8;
alter table page add column paper_tint varchar(10) not null default 'WHITE';

-- beside: the entry or the passage that this one was written next to; copied_from: the entry that it is a copy of.
alter table entry add column zone varchar(40) not null default 'main' after page_id;
alter table entry add column beside uuid null after zone;
alter table entry add column copied_from uuid null after beside;

create table own_pattern (
    id       uuid primary key,
    owner_id uuid        not null references person (id),
    pattern  longtext    not null,
    made_at  datetime(3) not null,
    index (owner_id)
);
