-- A list that was deleted lies in the bin for 30 days.
alter table channel_list add column binned_at timestamptz;
alter table channel_list add column changed_at timestamptz;
update channel_list set changed_at = (select created_at from list_revision where id = revision_id);
alter table channel_list alter column changed_at set not null;
