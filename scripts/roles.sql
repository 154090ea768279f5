-- The app's role in the database: it owns its schema and nothing more. Said at every start, for a database may be of an
-- app that was its owner.
select 'create role zesty_app login' where not exists (select 1 from pg_roles where rolname = 'zesty_app') \gexec
alter role zesty_app nosuperuser nocreatedb nocreaterole noreplication password :'password';
revoke all on database postgres from public;
grant connect on database postgres to zesty_app;
alter schema public owner to zesty_app;
select format('alter table public.%I owner to zesty_app', tablename)
from pg_tables where schemaname = 'public' and tableowner <> 'zesty_app' \gexec
select format('alter sequence public.%I owner to zesty_app', s.sequencename)
from pg_sequences s
where s.schemaname = 'public' and s.sequenceowner <> 'zesty_app'
  and not exists (select 1 from pg_depend d
                  where d.objid = format('public.%I', s.sequencename)::regclass and d.deptype in ('a', 'i')) \gexec
