-- What was made. An entry outlives its cover; undo and redo move it among its own revisions.
create table log_entry (
    id          bigint generated always as identity primary key,
    workroom_id bigint      not null references workroom,
    cover_id    bigint      references cover on delete set null,
    revision    int         not null default 1,
    version     bigint      not null default 1,
    logged_at   timestamptz not null default now(),
    deleted_at  timestamptz
);

-- A cover is logged once; making another like it makes another cover.
create unique index log_of_cover on log_entry (cover_id) where deleted_at is null;
create index log_of_workroom on log_entry (workroom_id) where deleted_at is null;

create table log_revision (
    entry_id bigint      not null references log_entry on delete cascade,
    number   int         not null,
    entry    jsonb       not null,
    made_at  timestamptz not null default now(),
    primary key (entry_id, number)
);

-- What is not to be learnt from the log, or only from entries since it was started anew.
create table learning (
    workroom_id bigint      not null references workroom,
    subject     text        not null check (length(subject) <= 40),
    active      boolean     not null default true,
    since       timestamptz,
    primary key (workroom_id, subject)
);

-- A length of a cloth marked out before a wash, and what was left of it.
create table wash_test (
    id            bigint generated always as identity primary key,
    workroom_id   bigint      not null references workroom,
    cloth         text        not null check (length(cloth) between 1 and 80),
    before_across bigint      not null check (before_across > 0),
    after_across  bigint      not null check (after_across > 0),
    before_along  bigint      not null check (before_along > 0),
    after_along   bigint      not null check (after_along > 0),
    tested_at     timestamptz not null default now(),
    deleted_at    timestamptz
);

-- What an hour is worth, in hundredths, and what is added to the cost by somebody who sells.
alter table workroom add column hourly int not null default 0 check (hourly between 0 and 10000000);
alter table workroom add column margin int not null default 0 check (margin between 0 and 1000);
