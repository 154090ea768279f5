-- What a student is to find: the tune as it was when the exercise was made, so that it outlives what becomes of the tune.
create sequence exercise_seq increment by 50;
create table exercise (
    id bigint primary key default nextval('exercise_seq'),
    studio_id bigint not null references studio (id) on delete cascade,
    tune_id bigint,
    student_id bigint,
    -- Whoever knows it may answer.
    code text not null unique,
    title text not null,
    chart text not null,
    choices text not null,
    hand text not null,
    bars text not null,
    asked text not null,
    -- 0 for as many as are wished.
    tries integer not null,
    at_once boolean not null,
    words text not null default '',
    created_at timestamptz not null,
    withdrawn_at timestamptz,
    constraint exercise_in_studio unique (id, studio_id),
    -- No row that a student's work hangs on is deleted under it.
    constraint exercise_tune foreign key (tune_id, studio_id) references tune (id, studio_id),
    constraint exercise_student foreign key (student_id, studio_id) references student (id, studio_id)
);
create index exercise_by_studio on exercise (studio_id, created_at);
create index exercise_by_tune on exercise (tune_id);
create index exercise_by_student on exercise (student_id);

create sequence attempt_seq increment by 50;
create table attempt (
    id bigint primary key default nextval('attempt_seq'),
    studio_id bigint not null references studio (id) on delete cascade,
    exercise_id bigint not null,
    number integer not null,
    -- Keys by chord, as JSON, and how they were marked.
    answers text not null,
    marks text not null default '[]',
    begun_at timestamptz not null,
    saved_at timestamptz not null,
    finished_at timestamptz,
    seconds integer not null default 0,
    points integer not null default 0,
    most integer not null default 0,
    smoother integer not null default 0,
    -- What the teacher says of it, and marks that she changed.
    said text not null default '',
    overruled text not null default '{}',
    constraint attempt_exercise foreign key (exercise_id, studio_id) references exercise (id, studio_id)
        on delete cascade,
    unique (exercise_id, number)
);
create index attempt_by_studio on attempt (studio_id);
