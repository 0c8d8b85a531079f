-- Plans that a person copied and edited; those that ship with the program are not kept here.
create table band_plan (
    id         text primary key,
    yaml       text        not null,
    version    bigint      not null,
    changed_at timestamptz not null
);

create index list_revision_band_plan on list_revision ((document ->> 'bandPlan'));
