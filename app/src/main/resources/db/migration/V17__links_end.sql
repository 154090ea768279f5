-- A link leads somewhere for a year from when it was made or renewed; those that are there begin theirs now.
alter table assignment add column code_until timestamptz;
update assignment set code_until = now() + interval '365 days' where code is not null;
alter table exercise add column code_until timestamptz not null default now() + interval '365 days';
alter table exercise alter column code_until drop default;
