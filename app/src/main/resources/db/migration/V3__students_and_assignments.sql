-- A student has one hand, whatever tune it plays.
create sequence student_seq increment by 50;
create table student (
    id bigint primary key default nextval('student_seq'),
    studio_id bigint not null references studio (id) on delete cascade,
    version bigint not null default 0,
    name text not null,
    hand_span integer not null,
    hand_lowest text not null,
    hand_highest text not null,
    level integer not null default 0,
    removed_at timestamptz,
    -- The name in the settings that were kept before; only needed below.
    was text
);
create index student_by_studio on student (studio_id, name);

-- What one student plays of one tune. The choices are JSON with a version of their own.
create sequence assignment_seq increment by 50;
create table assignment (
    id bigint primary key default nextval('assignment_seq'),
    studio_id bigint not null references studio (id) on delete cascade,
    tune_id bigint not null references tune (id) on delete cascade,
    student_id bigint not null references student (id) on delete cascade,
    version bigint not null default 0,
    place integer not null,
    choices text not null,
    removed_at timestamptz
);
create index assignment_by_tune on assignment (tune_id, place);
create index assignment_by_student on assignment (student_id);

-- Settings of one name and one hand were one student. Where a name had several hands, the hand used most keeps it.
with hand as (
    select studio_id, name, hand_span, hand_lowest, hand_highest, count(*) as uses, min(id) as first
    from setting
    group by studio_id, name, hand_span, hand_lowest, hand_highest
), counted as (
    select hand.*, row_number() over (partition by studio_id, name order by uses desc, first) as nth
    from hand
)
insert into student (studio_id, name, hand_span, hand_lowest, hand_highest, was)
select studio_id, case when nth = 1 then name else name || ' ' || nth end, hand_span, hand_lowest, hand_highest, name
from counted
order by first;

insert into assignment (studio_id, tune_id, student_id, place, choices)
select s.studio_id,
       s.tune_id,
       t.id,
       s.place,
       json_build_object(
           'version', 1,
           'way', s.way,
           'figure', s.figure,
           'pins', coalesce(
               (select json_agg(json_build_object(
                           'id', 'p' || p.setting_id || '-' || p.place,
                           'bar', p.bar,
                           'start', p.start_at,
                           'notes', string_to_array(p.notes, ' ')) order by p.place)
                from setting_pin p
                where p.setting_id = s.id),
               '[]'::json))::text
from setting s
join student t on t.studio_id = s.studio_id
    and t.was = s.name
    and t.hand_span = s.hand_span
    and t.hand_lowest = s.hand_lowest
    and t.hand_highest = s.hand_highest
order by s.tune_id, s.place;

drop table setting_pin;
drop table setting;
alter table student drop column was;

-- An earlier state of a tune knows how it was played then.
alter table tune_revision add column choices text not null default '[]';

-- Ids are taken from the database in lots, so that rows can be written in lots.
create sequence tune_seq increment by 50;
select setval('tune_seq', coalesce((select max(id) from tune), 0) + 50);
alter table tune alter column id drop identity;
alter table tune alter column id set default nextval('tune_seq');
create sequence tune_revision_seq increment by 50;
select setval('tune_revision_seq', coalesce((select max(id) from tune_revision), 0) + 50);
alter table tune_revision alter column id drop identity;
alter table tune_revision alter column id set default nextval('tune_revision_seq');
