-- The radios have more keys: a second line, banks, what one line shows, AM by hand; and what is held or runs.
alter table simulated_radio
    add column other_slot  integer not null default 0,
    add column second_line boolean not null default false,
    add column bank        integer not null default 0,
    add column shown       integer not null default 0,
    add column am          boolean not null default false,
    add column held        text    not null default 'NOTHING';
update simulated_radio set held = 'TALK' where talk_key_down;
alter table simulated_radio drop column talk_key_down;
