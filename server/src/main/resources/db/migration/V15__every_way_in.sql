-- What the person does on the radio right now, what there is to say of the radio that answered, and whether it is being written.
alter table transfer_job
    add column writing boolean not null default false,
    add column steps text not null default '',
    add column word  text not null default '';

-- What a simulated radio was told to remember, and what the person has started on it.
alter table simulated_radio
    add column remembered bytea,
    add column started    text not null default 'NOTHING';

-- A card was written and is on its way: it is in the radio only when the radio has exported the same again.
create table card_out (
    radio_id   text primary key references radio_unit on delete cascade deferrable,
    image      bytea       not null,
    before     text        not null,
    list_id    uuid,
    what       text        not null,
    slots      jsonb       not null,
    by_hand    jsonb       not null default '[]',
    written_at timestamptz not null
);

-- What somebody calls a snapshot and notes of it, and whether it stays whatever is thinned out.
alter table snapshot
    add column name text    not null default '',
    add column note text    not null default '',
    add column kept boolean not null default false;

-- What is left to do by hand on a radio after it was written; kept until it is done.
create table by_hand_step (
    id       uuid primary key,
    radio_id text        not null references radio_unit on delete cascade deferrable,
    of_radio boolean     not null,
    words    text        not null,
    since    timestamptz not null,
    done_at  timestamptz,
    unique (radio_id, words)
);

-- Writes that were looked at and are to be made later, one after the other.
create table kept_plan (
    id         uuid primary key,
    radio_id   text        not null references radio_unit on delete cascade deferrable,
    list_name  text        not null,
    request    jsonb       not null,
    lines      jsonb       not null,
    says       text        not null,
    kept_at    timestamptz not null,
    state      text        not null,
    message    text        not null default '',
    job_id     uuid
);

-- Settings of radios as somebody likes them, for several radios.
create table setting_profile (
    name   text primary key,
    chosen jsonb not null
);
