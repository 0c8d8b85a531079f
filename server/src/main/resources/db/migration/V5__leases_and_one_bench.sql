-- Why a transfer could not be finished, for the screen to act on.
alter table transfer_job add column fault text;

-- A simulated radio lives here, once, whichever program shows it or has a cable in it.
create table simulated_radio (
    radio_id      text primary key,
    memory        bytea   not null,
    trouble       text    not null,
    trouble_byte  bigint  not null,
    switched_on   boolean not null,
    slot          integer not null,
    talk_key_down boolean not null
);

-- Who reads a listing. Another one takes it over only when this one was not heard of for long.
alter table directory_import add column reader uuid;

-- What a listing looks like, found out once when it is brought; what it is read from, in parts.
alter table directory_import add column look jsonb;

create table directory_import_part (
    import_id uuid    not null references directory_import on delete cascade,
    part      integer not null,
    bytes     bytea   not null,
    primary key (import_id, part)
);

insert into directory_import_part (import_id, part, bytes) select import_id, 0, bytes from directory_import_content;
drop table directory_import_content;
