-- The devices on which somebody has signed in, by a digest of the secret in each one's cookie. Failed tries are counted for
-- each of them by itself, and otherwise by address: what one does nobody else is kept out by.
create table known_device (
    person_id     uuid        not null references person (id),
    secret_sha256 char(64)    not null,
    seen_at       datetime(3) not null,
    primary key (person_id, secret_sha256)
);

alter table failed_sign_in change column address source varchar(70) not null;
create index failed_by_name on failed_sign_in (user_name, at);
create index failed_by_source on failed_sign_in (source, at);
