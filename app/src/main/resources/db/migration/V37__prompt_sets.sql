-- Sets of prompts from a week on, of a student or of a class; sheets keep the prompts that they answer, and the work that is drawn into each answer.
create table prompt_set (
    id          uuid primary key,
    person_id   uuid references person (id),
    class_id    uuid references school_class (id),
    name        varchar(100) not null,
    from_monday date         not null,
    prompts     longtext     not null,
    is_read     boolean      not null default false,
    constraint prompt_set_of_one check ((person_id is null) <> (class_id is null))
);

alter table reflection
    add column prompts longtext,
    add column let_go  varchar(200) not null default '';

-- What was chosen for a sheet as a whole stands with its first answer.
update reflection
set answers = (
    select json_arrayagg(json_object(
               'words', answer.words,
               'given', '',
               'pieces', json_compact(if(answer.place = 1, ifnull((
                   select json_arrayagg(choice.entry_id order by choice.entry_id)
                   from reflection_choice choice
                   where choice.reflection_id = reflection.id), '[]'), '[]')),
               'made', json_compact('[]')) order by answer.place)
    from json_table(reflection.answers, '$[*]' columns (place for ordinality, words longtext path '$')) answer);

drop table reflection_choice;
