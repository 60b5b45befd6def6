-- What is handed in: a section, pages that were chosen, or the sheet of a week; for set work, or unasked to a class's teachers.
-- Versions of the same work have the same work_id, which is the id of the first of them.
alter table hand_in
    add class_id uuid references school_class (id),
    add work_id uuid,
    add notebook_id uuid references notebook (id),
    add purpose varchar(8) not null default 'HAND_IN',
    add monday date,
    add pages text,
    add word varchar(2000) not null default '',
    add word_sound_id uuid references media (id),
    modify set_work_id uuid,
    modify section_id uuid;

update hand_in
    join set_work on set_work.id = hand_in.set_work_id
    join section on section.id = hand_in.section_id
set hand_in.class_id = set_work.class_id, hand_in.notebook_id = section.notebook_id;

update hand_in
    join (select set_work_id, student_id, min(version) as version from hand_in group by set_work_id, student_id) as earliest
        on earliest.set_work_id = hand_in.set_work_id and earliest.student_id = hand_in.student_id
    join hand_in as first
        on first.set_work_id = earliest.set_work_id
            and first.student_id = earliest.student_id
            and first.version = earliest.version
set hand_in.work_id = first.id;

alter table hand_in
    modify class_id uuid not null,
    modify work_id uuid not null,
    modify notebook_id uuid not null,
    add index (set_work_id, student_id),
    add index (class_id),
    drop index set_work_id,
    add unique (work_id, purpose, version);

-- Who made the work together with its sender.
create table hand_in_author (
    hand_in_id uuid not null references hand_in (id) on delete cascade,
    person_id  uuid not null references person (id),
    primary key (hand_in_id, person_id),
    index (person_id)
);

-- What goes out as its smaller copy so that the whole fits.
alter table hand_in_media add is_small boolean not null default false;

-- What set work asks for, and by what it is judged (a JSON list of criteria with levels).
alter table set_work
    add kinds varchar(120) not null default '',
    add words_least int,
    add words_most int,
    add is_with_sources boolean not null default false,
    add criteria mediumtext not null default '[]';

-- The level that was chosen for a criterion; both are counted from 0.
create table hand_in_level (
    hand_in_id uuid not null references hand_in (id) on delete cascade,
    criterion  int  not null,
    level      int  not null,
    primary key (hand_in_id, criterion)
);
