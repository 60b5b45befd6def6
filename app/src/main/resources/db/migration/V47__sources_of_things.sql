-- Where the things of a collection come from, and what a linked page says of that.
alter table collection_item add source longtext not null default '';
alter table link_card
    add author    varchar(300)  not null default '',
    add published varchar(10)   not null default '',
    add moved_to  varchar(2000) not null default '';
