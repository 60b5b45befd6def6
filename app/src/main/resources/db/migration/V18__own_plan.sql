-- Where a student means to do a topic at another time than the class.
create table own_plan (
    notebook_id uuid not null references notebook (id),
    topic_id    uuid not null references syllabus_node (id),
    first_week  int  not null,
    last_week   int  not null,
    primary key (notebook_id, topic_id)
);
