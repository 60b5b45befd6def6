-- A paper of a list: which one it is, and once it was done, when, with what marks and how long it took.
alter table paper
    modify column day date,
    add year int,
    add sitting varchar(40) not null default '',
    add variant varchar(20) not null default '',
    add number varchar(120) not null default '',
    add marks double,
    add out_of double,
    add minutes int,
    add paper_file uuid references media (id),
    add script_file uuid references media (id);

-- Papers that were entered before have a title and nothing else to be known by.
update paper set number = title;
alter table paper drop column title;

-- Marks by question, each about a topic; a topic's marks given at once have no question.
alter table paper_mark
    add question varchar(20) not null default '',
    drop primary key,
    add primary key (paper_id, topic_id, question);
