-- What is deleted stays for 30 days and comes back whole.
alter table collection add column deleted_at datetime(3);
alter table collection_item add column deleted_at datetime(3);
