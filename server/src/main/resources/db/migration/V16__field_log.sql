-- Channels tried on the air. A test stays when its radio or its list goes: it says what they were called.
create table field_test (
    id           uuid primary key,
    version      bigint           not null default 0,
    editor       text             not null default '',
    tested_at    timestamptz      not null,
    place        text             not null default '',
    latitude     double precision,
    longitude    double precision,
    radio_id     text             references radio_unit on delete set null deferrable,
    radio        text             not null default '',
    list_id      uuid,
    channel_id   uuid,
    channel      text             not null default '',
    line         text             not null,
    directory_id text             not null default '',
    seen         jsonb            not null default '[]',
    result       text             not null,
    strength     integer          not null default 0,
    note         text             not null default '',
    answers      jsonb            not null default '{}',
    kept_at      timestamptz      not null,
    check ((latitude is null) = (longitude is null))
);
create index field_test_channel on field_test (channel_id, tested_at desc);
create index field_test_directory on field_test (directory_id, tested_at desc);
create index field_test_at on field_test (tested_at desc);
