-- A mark on a thing of a collection; it has what a mark on an entry has.
create table thing_mark (
    id           uuid primary key,
    item_id      uuid        not null references collection_item (id) on delete cascade,
    kind         varchar(10) not null,
    own_id       uuid references own_mark (id),
    made_at      datetime(3) not null,
    is_done      boolean     not null,
    due          date,
    answer_entry uuid references entry (id),
    answer_words varchar(500),
    index (item_id)
);
