-- What was practised grows by itself, on the teacher's device and on the student's, and is no longer part of what is chosen.
alter table assignment add column practised text not null default '{"steps":[],"bars":[]}';
update assignment
set practised = jsonb_build_object('steps', choices::jsonb -> 'practised', 'bars', '[]'::jsonb)::text
where jsonb_typeof(choices::jsonb -> 'practised') = 'array';
-- Whoever knows it may practise.
alter table assignment add column code text unique;
