-- A whole installation is restored table by table: what refers to what is looked at when all of it is there.
do $$
declare
    each record;
begin
    for each in
        select conrelid::regclass as owner, conname
        from pg_constraint
        where contype = 'f' and connamespace = current_schema()::regnamespace and not condeferrable
    loop
        execute format('alter table %s alter constraint %I deferrable', each.owner, each.conname);
    end loop;
end $$;
