-- What was practised is added to and never replaced: a row for each round or tick that a device tells, with the bars as they stood.
alter table assignment add constraint assignment_in_studio unique (id, studio_id);
create sequence practice_page_seq increment by 50;
create table practice_page (
    id bigint primary key default nextval('practice_page_seq'),
    studio_id bigint not null references studio (id) on delete cascade,
    assignment_id bigint not null,
    -- Marks of the bars, as JSON.
    bars text not null,
    constraint practice_page_in_studio unique (id, studio_id),
    constraint practice_page_assignment foreign key (assignment_id, studio_id)
        references assignment (id, studio_id) on delete cascade
);
create index practice_page_by_assignment on practice_page (assignment_id);
create index practice_page_by_studio on practice_page (studio_id);

create sequence practice_round_seq increment by 50;
create table practice_round (
    id bigint primary key default nextval('practice_round_seq'),
    studio_id bigint not null references studio (id) on delete cascade,
    assignment_id bigint not null,
    page_id bigint not null,
    -- What a device calls it: told twice, it is kept once.
    token text not null,
    day text not null,
    hands text not null,
    from_bar integer not null,
    to_bar integer not null,
    percent integer not null,
    rounds integer not null,
    slips integer not null,
    seconds integer not null,
    -- Null where nothing was ticked.
    done boolean,
    told_at timestamptz not null,
    taken_back_at timestamptz,
    unique (assignment_id, token),
    constraint practice_round_assignment foreign key (assignment_id, studio_id)
        references assignment (id, studio_id) on delete cascade,
    constraint practice_round_page foreign key (page_id, studio_id)
        references practice_page (id, studio_id) on delete cascade
);
create index practice_round_by_page on practice_round (page_id);
create index practice_round_by_studio on practice_round (studio_id);

-- PostgreSQL has no U+0000 in jsonb.
create table was as
select id, studio_id, regexp_replace(practised, '(?<!\\)((?:\\\\)*)\\u0000', '\1', 'g')::jsonb as kept from assignment;

insert into practice_page (studio_id, assignment_id, bars)
select studio_id, id, (kept -> 'bars')::text from was where jsonb_array_length(kept -> 'steps') > 0;

insert into practice_round
    (studio_id, assignment_id, page_id, token, day, hands, from_bar, to_bar, percent, rounds, slips, seconds, done, told_at)
select was.studio_id, was.id, page.id, 'of-old-' || place, coalesce(step ->> 'day', ''), coalesce(step ->> 'hands', 'left'),
       coalesce((step ->> 'from')::integer, -1), coalesce((step ->> 'to')::integer, -1), coalesce((step ->> 'percent')::integer, 0),
       coalesce((step ->> 'rounds')::integer, 0), coalesce((step ->> 'slips')::integer, 0),
       coalesce((step ->> 'seconds')::integer, 0), (step ->> 'done')::boolean, now()
from was
join practice_page page on page.assignment_id = was.id,
     jsonb_array_elements(kept -> 'steps') with ordinality as steps (step, place)
order by was.id, place;

drop table was;
alter table assignment drop column practised;
