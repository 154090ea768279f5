-- More that can be asked, and more that is kept of a try: what is written, hints, hesitations.
alter table exercise add column settings text not null default '{}';
alter table attempt add column details text not null default '{}';
