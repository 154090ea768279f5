-- Figures that a teacher made. A tune keeps the strokes it is played in, so that a figure here can go without it.
create sequence own_figure_seq increment by 50;
create table own_figure (
    id bigint primary key default nextval('own_figure_seq'),
    studio_id bigint not null references studio (id) on delete cascade,
    name text not null,
    strokes text not null,
    removed_at timestamptz
);
create index own_figure_by_studio on own_figure (studio_id, name);
