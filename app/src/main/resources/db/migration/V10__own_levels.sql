-- What a teacher never wants to be told of becomes how much she minds it.
alter table left_always rename to own_level;
alter table own_level add column level text not null default 'NONE' check (level in ('FAULT', 'MIND', 'WORD', 'NONE'));
