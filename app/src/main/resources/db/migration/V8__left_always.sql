-- What a teacher never wants to be told of, in any tune, and why.
create table left_always (
    id bigint primary key generated always as identity,
    studio_id bigint not null references studio (id) on delete cascade,
    code text not null,
    reason text not null default '',
    unique (studio_id, code)
);
