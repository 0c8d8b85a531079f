-- A revision keeps the whole list or, together with its parent, what differs from that. Nothing is thinned out: an edit
-- of a list of 150 channels costs about a kilobyte.
alter table list_revision alter column document drop not null;
alter table list_revision add column difference jsonb;
alter table list_revision add column since_whole integer not null default 0;
alter table list_revision add column band_plan text;
update list_revision set band_plan = document ->> 'bandPlan';
alter table list_revision alter column band_plan set not null;
alter table list_revision add check ((document is null) <> (difference is null));
drop index list_revision_band_plan;
create index list_revision_band_plan on list_revision (band_plan);
create index list_revision_list on list_revision (list_id, id);

-- What the list of lists tells, so that it reads no documents.
alter table channel_list add column band_plan text;
alter table channel_list add column licence text;
alter table channel_list add column channels integer;
update channel_list set (band_plan, licence, channels) =
    (select document ->> 'bandPlan', coalesce(document ->> 'licence', ''), jsonb_array_length(document -> 'entries')
     from list_revision where id = revision_id);
alter table channel_list alter column band_plan set not null;
alter table channel_list alter column licence set not null;
alter table channel_list alter column channels set not null;
