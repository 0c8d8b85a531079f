-- Since when it is unknown what the radio holds: an archive was restored, and it has not been read since. Null where it is known.
alter table radio_unit add column unknown_since timestamptz;
