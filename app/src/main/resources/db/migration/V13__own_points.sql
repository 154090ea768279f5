-- How many points a fault costs where the teacher says so; 0 where it costs none.
create table own_points (
    id bigint primary key generated always as identity,
    studio_id bigint not null references studio (id) on delete cascade,
    fault text not null,
    points int not null check (points between 0 and 4),
    unique (studio_id, fault)
);
