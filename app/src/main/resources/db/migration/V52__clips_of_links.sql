-- A linked page may be about a clip that can be played in place; a thing says which part of it.
alter table link_card
    add clip_address varchar(2000),
    add clip_form varchar(8),
    add clip_seconds int;
alter table collection_item
    add plays_from int not null default 0,
    add plays_to int;
