-- An exercise for anybody is answered by many, each on a device of their own; empty where one student is named.
alter table attempt add column device text not null default '';
-- What whoever answers an exercise for anybody is called.
alter table attempt add column name text not null default '';
alter table attempt drop constraint attempt_exercise_id_number_key;
alter table attempt add constraint attempt_once unique (exercise_id, device, number);
