-- To whom a collection is shown by name, and whose a thing was before it was taken over.
create table collection_for_class (
    collection_id uuid        not null references collection (id) on delete cascade,
    class_id      uuid        not null references school_class (id) on delete cascade,
    given_at      datetime(3) not null,
    primary key (collection_id, class_id)
);
create table collection_for_person (
    collection_id uuid        not null references collection (id) on delete cascade,
    person_id     uuid        not null references person (id) on delete cascade,
    given_at      datetime(3) not null,
    primary key (collection_id, person_id)
);
alter table collection_item add taken_from varchar(300) not null default '';
