-- What a remark is about (WHOLE, ENTRY, WORDS, SPOT or MOMENT) and where that lies in it.
alter table remark
    modify page_id uuid null,
    modify entry_id uuid null,
    add about varchar(6) not null default 'ENTRY' after entry_id,
    add span_from int after about,
    add span_to int after span_from,
    add quote varchar(1000) after span_to,
    add picture int after quote,
    add spot_x double after picture,
    add spot_y double after spot_x,
    add at_millis bigint after spot_y,
    add sound_id uuid references media (id),
    add drawing longtext,
    add sign varchar(10),
    -- The remark on an earlier version that this one goes back to.
    add goes_back_to uuid,
    add index (sound_id);

-- What the student says to a remark.
create table remark_answer (
    remark_id uuid primary key references remark (id) on delete cascade,
    words     varchar(2000) not null,
    at        datetime(3)   not null
);

-- The sentences that a teacher puts in by a key, in their order.
create table stock_remark (
    id        uuid primary key,
    person_id uuid         not null references person (id),
    position  int          not null,
    words     varchar(500) not null,
    index (person_id, position)
);
