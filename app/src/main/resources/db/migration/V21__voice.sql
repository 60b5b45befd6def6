-- Where nothing is said in a recording, as pairs of ms, and whether it can be heard.
alter table media
    modify peaks mediumtext,
    add silences mediumtext not null default '',
    add audibility varchar(10);
