-- How grave something is held has the words of the field: fault, warning, hint; off is not shown.
alter table own_level drop constraint own_level_level_check;
update own_level set level = case level when 'MIND' then 'WARNING' when 'WORD' then 'HINT' when 'NONE' then 'OFF' else level end;
alter table own_level alter column level set default 'OFF';
alter table own_level add constraint own_level_level_check check (level in ('FAULT', 'WARNING', 'HINT', 'OFF'));
-- What two voices do is one thing, whichever they are.
delete from own_level one using own_level other
where one.studio_id = other.studio_id and one.id > other.id
  and regexp_replace(one.code, '^(parallel-.*)-(inside|tune)$', '\1') = regexp_replace(other.code, '^(parallel-.*)-(inside|tune)$', '\1');
update own_level set code = regexp_replace(code, '^(parallel-.*)-(inside|tune)$', '\1');
update own_level set code = 'leading-doubled' where code = 'doubled-leading-tone'
  and not exists (select 1 from own_level other where other.studio_id = own_level.studio_id and other.code = 'leading-doubled');
delete from own_level where code = 'doubled-leading-tone';
