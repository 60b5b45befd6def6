-- By how much a picture has to be turned to stand upright, clockwise, in quarters; 0 where it does or nothing tells.
alter table media_words add quarters int not null default 0;
