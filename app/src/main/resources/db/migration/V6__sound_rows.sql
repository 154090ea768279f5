-- What the shelf shows of a tune is kept with it, reckoned when its chart is saved: JSON, see TuneFacts. Empty where it
-- is still to be reckoned.
alter table tune add column facts text not null default '';

-- A state of a tune that has a name is kept for ever.
alter table tune_revision add column name text not null default '';

-- Somebody plays every tune, if only nobody in particular: what was given at the first look is there beforehand.
insert into student (studio_id, name, hand_span, hand_lowest, hand_highest)
select distinct t.studio_id, 'Any hand', 12, 'C2', 'A4'
from tune t
where not exists (select 1 from assignment a join student s on s.id = a.student_id
                  where a.tune_id = t.id and a.removed_at is null and s.removed_at is null)
  and not exists (select 1 from student s
                  where s.studio_id = t.studio_id and s.name = 'Any hand' and s.removed_at is null);

insert into assignment (studio_id, tune_id, student_id, place, choices)
select t.studio_id, t.id, (select min(s.id) from student s
                           where s.studio_id = t.studio_id and s.name = 'Any hand' and s.removed_at is null),
       (select count(*) from assignment a where a.tune_id = t.id), '{"version":2}'
from tune t
where not exists (select 1 from assignment a join student s on s.id = a.student_id
                  where a.tune_id = t.id and a.removed_at is null and s.removed_at is null);

-- A student plays a tune in one way; of several, which only a request by hand could give, the first stays.
update assignment a set removed_at = now()
where removed_at is null
  and exists (select 1 from assignment b
              where b.tune_id = a.tune_id and b.student_id = a.student_id and b.removed_at is null and b.id < a.id);
create unique index assignment_once on assignment (tune_id, student_id) where removed_at is null;

-- There is one nobody in particular.
update student s set name = name || ' ' || id
where name = 'Any hand' and removed_at is null
  and exists (select 1 from student o where o.studio_id = s.studio_id and o.name = s.name and o.removed_at is null
              and o.id < s.id);
create unique index student_any_hand on student (studio_id) where name = 'Any hand' and removed_at is null;

-- What belongs together belongs to one studio.
alter table tune add constraint tune_in_studio unique (id, studio_id);
alter table student add constraint student_in_studio unique (id, studio_id);
alter table assignment
    drop constraint assignment_tune_id_fkey,
    drop constraint assignment_student_id_fkey,
    add constraint assignment_tune foreign key (tune_id, studio_id) references tune (id, studio_id) on delete cascade,
    add constraint assignment_student foreign key (student_id, studio_id)
        references student (id, studio_id) on delete cascade;
alter table tune_revision
    drop constraint tune_revision_tune_id_fkey,
    add constraint tune_revision_tune foreign key (tune_id, studio_id)
        references tune (id, studio_id) on delete cascade;

-- An index for what is asked: the shelf, what was taken off it, who plays, what a backup reads.
create index tune_removed on tune (studio_id, removed_at) where removed_at is not null;
create index student_removed on student (studio_id, removed_at) where removed_at is not null;
create index assignment_by_studio on assignment (studio_id, place, id);
drop index assignment_by_student;
create index assignment_by_student on assignment (student_id, studio_id);
drop index tune_revision_by_tune;
create index tune_revision_by_tune on tune_revision (tune_id, saved_at desc);
create index tune_revision_by_studio on tune_revision (studio_id, tune_id, saved_at);
