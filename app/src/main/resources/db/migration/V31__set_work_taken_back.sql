-- When a class stopped being asked for it; what was handed in for it stays.
alter table set_work add taken_back_at datetime(3);
