-- The directory of repeaters. Text is searched by its three-letter groups, places by one-degree squares.
create extension if not exists pg_trgm;

create table directory_entry (
    id             text primary key,
    source         text   not null,
    call_sign      text   not null,
    site           text   not null,
    area           text   not null,
    latitude       double precision,
    longitude      double precision,
    cell           integer,
    ground_metres  double precision,
    antenna_metres double precision,
    output_hz      bigint not null,
    input_words    text   not null,
    talk_tone      text   not null,
    listen_tone    text   not null,
    mode           text   not null,
    watts          double precision,
    state          text   not null,
    flags          text   not null,
    confirmed_on   date,
    confirmed_by   text   not null,
    sponsor        text   not null,
    notes          text   not null,
    search_text    text   not null
);

create index directory_entry_cell on directory_entry (cell, output_hz);
create index directory_entry_source on directory_entry (source);
create index directory_entry_text on directory_entry using gin (search_text gin_trgm_ops);

-- A listing on its way into the directory. What it was read from is kept, so that reading goes on after a fault.
create table directory_import (
    id               uuid primary key,
    source           text        not null,
    kind             text        not null,
    name             text        not null,
    state            text        not null,
    message          text        not null,
    charset          text,
    band_plan        text        not null,
    headings         jsonb,
    columns          jsonb,
    rows_read        integer     not null,
    rows_total       integer     not null,
    gone_count       integer     not null,
    begun_at         timestamptz not null,
    heard_at         timestamptz not null,
    cancel_requested boolean     not null
);

create table directory_import_content (
    import_id uuid primary key references directory_import on delete cascade,
    bytes     bytea not null
);

create table directory_import_row (
    import_id      uuid    not null references directory_import on delete cascade,
    line           integer not null,
    kind           text    not null,
    doubtful       boolean not null,
    says           text    not null,
    cells          jsonb,
    entry_id       text,
    source         text,
    call_sign      text,
    site           text,
    area           text,
    latitude       double precision,
    longitude      double precision,
    cell           integer,
    ground_metres  double precision,
    antenna_metres double precision,
    output_hz      bigint,
    input_words    text,
    talk_tone      text,
    listen_tone    text,
    mode           text,
    watts          double precision,
    state          text,
    flags          text,
    confirmed_on   date,
    confirmed_by   text,
    sponsor        text,
    notes          text,
    search_text    text,
    primary key (import_id, line)
);

create index directory_import_row_entry on directory_import_row (import_id, entry_id);
create index directory_import_row_kind on directory_import_row (import_id, kind, line);

-- What the columns of a table with these headings meant last time.
create table column_mapping (
    headings text primary key,
    columns  jsonb not null
);

-- A list for a trip remembers the list that it was made from.
alter table channel_list add column home_id uuid references channel_list on delete set null;
