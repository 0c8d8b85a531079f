-- A change of the past that the person gave a name: "before the Round".
create table named_revision (
    revision_id bigint primary key references list_revision on delete cascade deferrable,
    name        text   not null
);

-- Lists are renamed; which one a radio was written with is told by its id. Unknown for what was written before.
alter table radio_unit
    add loaded_list_id uuid;
