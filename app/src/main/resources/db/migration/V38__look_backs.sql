-- Looking back on one piece of work: entries, a page or a sealed version. What it is about may go to the bin and be purged, so it is
-- referred to by id alone; its title stays.
create table look_back (
    id          uuid primary key,
    notebook_id uuid         not null references notebook (id),
    page_id     uuid,
    version_id  uuid,
    title       varchar(300) not null,
    prompts     longtext     not null,
    answers     longtext     not null,
    version     int          not null,
    written_on  date         not null,
    deleted_at  datetime(3),
    key look_back_page (page_id)
);

create table look_back_entry (
    look_back_id uuid not null references look_back (id),
    entry_id     uuid not null,
    position     int  not null,
    primary key (look_back_id, entry_id),
    key look_back_entry_entry (entry_id)
);
