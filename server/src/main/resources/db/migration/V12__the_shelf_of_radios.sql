-- Models of radios of the person's own, as the texts of their files; those that ship are not kept here.
create table radio_definition (
    id         text primary key,
    yaml       text        not null,
    version    bigint      not null,
    changed_at timestamptz not null
);

-- What the person knows of each radio besides its model.
alter table radio_unit
    add column label      text not null default '',
    add column serial     text not null default '',
    add column firmware   text not null default '',
    add column antenna    text not null default '',
    add column note       text not null default '',
    add column retired_at timestamptz,
    -- At which slots a list goes in: "same", "packed", or how many slots it is moved.
    add column places     text not null default 'same',
    -- What is otherwise in this radio, by the identity of the channel.
    add column overrules  jsonb not null default '{}';

-- Who had which radio; one that is out has no day of return.
create table radio_lending (
    id        uuid primary key,
    radio_id  text        not null references radio_unit on delete cascade deferrable,
    lent_to   text        not null,
    lent_at   timestamptz not null,
    note      text        not null,
    back_at   timestamptz,
    back_note text        not null default ''
);

create unique index radio_lent_once on radio_lending (radio_id) where back_at is null;
create index radio_lending_of on radio_lending (radio_id, lent_at);
