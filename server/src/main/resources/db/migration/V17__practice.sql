-- Drills at the panel of a model. A run stays when its list goes: it says what was keyed in.
create table practice_run (
    id         uuid primary key,
    person     text        not null,
    model      text        not null,
    channel_id uuid        not null,
    task       text        not null,
    done_at    timestamptz not null,
    presses    integer     not null,
    least      integer     not null,
    seconds    integer     not null,
    hints      integer     not null,
    slips      jsonb       not null default '[]'
);
create index practice_run_of on practice_run (person, model, channel_id);
