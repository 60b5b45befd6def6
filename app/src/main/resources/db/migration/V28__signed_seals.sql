-- The keys that this installation signs seals with; the latest one is used, the others still tell old seals.
create table seal_key (
    id          uuid primary key,
    public_key  varbinary(32)  not null,
    private_key varbinary(200) not null,
    made_at     datetime(3)    not null
);

-- Versions from before seals were signed have none.
alter table hand_in
    add key_id uuid references seal_key (id),
    add signature varbinary(64);
