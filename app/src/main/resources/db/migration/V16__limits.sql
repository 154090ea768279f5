-- How often an address asked by a code of late, for all instances of the app; what is in it goes after a minute.
create table bucket (
    id bigint primary key,
    state bytea,
    expires_at bigint
);
