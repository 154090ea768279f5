-- PostgreSQL has no U+0000 in jsonb: where choices of old hold one, a step that reads them as such could never be made.
do $$
begin
    if exists (select from information_schema.columns where table_schema = current_schema() and table_name = 'assignment'
               and column_name = 'choices') then
        update assignment set choices = regexp_replace(choices, '(?<!\\)((?:\\\\)*)\\u0000', '\1', 'g')
        where choices like '%\\u0000%';
    end if;
end
$$;
