-- Covers that are cut together, each so many times.
create table cover_set (
    id          bigint generated always as identity primary key,
    workroom_id bigint      not null references workroom,
    name        text        not null,
    made_at     timestamptz not null default now()
);

create table set_cover (
    set_id   bigint not null references cover_set on delete cascade,
    cover_id bigint not null references cover on delete cascade,
    count    int    not null default 1 check (count between 1 and 99),
    primary key (set_id, cover_id)
);

-- What was decided of how the pieces of a cover or a set lie on one cloth; a pointer into its own revisions.
create table lay (
    id          bigint generated always as identity primary key,
    workroom_id bigint      not null references workroom,
    cover_id    bigint      references cover on delete cascade,
    set_id      bigint      references cover_set on delete cascade,
    cloth       text        not null,
    revision    int         not null default 0,
    changed_at  timestamptz not null default now(),
    check ((cover_id is null) <> (set_id is null))
);

create unique index lay_of_cover on lay (cover_id, cloth) where cover_id is not null;
create unique index lay_of_set on lay (set_id, cloth) where set_id is not null;

-- Revision nought is the usual, which is not stored.
create table lay_revision (
    lay_id  bigint      not null references lay on delete cascade,
    number  int         not null,
    plan    jsonb       not null,
    made_at timestamptz not null default now(),
    primary key (lay_id, number)
);

-- Pictures of cloths, encoded anew by us.
create table picture (
    id          bigint generated always as identity primary key,
    workroom_id bigint      not null references workroom,
    jpeg        bytea       not null,
    wide        int         not null,
    high        int         not null,
    made_at     timestamptz not null default now()
);
