-- Which slots of a radio a list wrote, and the memory that shows with what. What only the radio has is told from it.
alter table radio_unit add column written_slots jsonb not null default '[]';
alter table radio_unit add column written_snapshot uuid references snapshot on delete set null;

-- What an import changed in the directory, as it was before, so that taking it can be taken back.
create table directory_before (like directory_entry);
alter table directory_before add column import_id uuid not null references directory_import on delete cascade;
create index directory_before_import on directory_before (import_id, id);
