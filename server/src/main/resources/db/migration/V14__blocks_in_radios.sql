-- Which blocks of a list do not go into a radio, or go to other slots than the rest.
alter table radio_unit
    add column blocks jsonb not null default '{}';
