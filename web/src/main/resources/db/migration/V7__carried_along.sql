-- What is carried to another workroom and back is known again there.
alter table workroom add column uid uuid not null default gen_random_uuid();
alter table cover add column uid uuid not null default gen_random_uuid();
alter table cover_set add column uid uuid not null default gen_random_uuid();
alter table log_entry add column uid uuid not null default gen_random_uuid();
alter table wash_test add column uid uuid not null default gen_random_uuid();
create index cover_by_uid on cover (workroom_id, uid) where deleted_at is null;
create index set_by_uid on cover_set (workroom_id, uid);
create index entry_by_uid on log_entry (workroom_id, uid) where deleted_at is null;

-- So is a picture: by what it is, and by what it was before it was drawn anew here.
alter table picture add column digest bytea generated always as (sha256(jpeg)) stored;
alter table picture add column source bytea;
create index picture_by_digest on picture (workroom_id, digest);
create index picture_by_source on picture (workroom_id, source) where source is not null;

-- Which pictures a revision shows, so that those that none shows are found without reading them all.
create index revision_shows on revision using gin (jsonb_path_query_array(plan, '$.cloths.*.picture.number'))
 where jsonb_path_exists(plan, '$.cloths.*.picture');
create index log_revision_shows on log_revision using gin (
    jsonb_path_query_array(entry, '$.**.picture.number'), jsonb_path_query_array(entry, '$.picture'))
 where jsonb_path_exists(entry, '$.**.picture');

-- What goes with a cover is found when it goes, and what may go is found by its day.
create index entry_of_cover on log_entry (cover_id);
create index place_of_cover on set_cover (cover_id);
create index set_by_trial on cover_set (trial_id);
create index cover_in_bin on cover (deleted_at) where deleted_at is not null;
create index entry_in_bin on log_entry (deleted_at) where deleted_at is not null;
create index made_by_day on made (made_at);

-- When each word of a device came in first: sent again it is no later.
create table tick_seen (
    cover_id bigint      not null references cover on delete cascade,
    tick     uuid        not null,
    at       timestamptz not null,
    seen_at  timestamptz not null default now(),
    primary key (cover_id, tick)
);
create index tick_seen_by_day on tick_seen (seen_at);
