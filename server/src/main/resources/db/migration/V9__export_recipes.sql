-- Recipes for tables, as the texts of their files; those that ship with the program are not kept here.
create table export_recipe (
    id         uuid primary key,
    yaml       text        not null,
    version    bigint      not null,
    changed_at timestamptz not null
);
