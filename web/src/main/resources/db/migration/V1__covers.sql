-- Every row belongs to a workroom. There is one for now.
create table workroom (
    id   bigint generated always as identity primary key,
    name text not null
);

insert into workroom (name) values ('The workroom');

-- A cover is a pointer into its own revisions: undo and redo move it.
create table cover (
    id          bigint generated always as identity primary key,
    workroom_id bigint      not null references workroom,
    revision    int         not null default 1,
    version     bigint      not null default 1,
    created_at  timestamptz not null default now(),
    changed_at  timestamptz not null default now(),
    deleted_at  timestamptz
);

create index cover_of_workroom on cover (workroom_id, changed_at desc);

-- What was decided, nothing reckoned. A gesture is what one does between opening a slip and closing it: one undo.
create table revision (
    cover_id bigint      not null references cover on delete cascade,
    number   int         not null,
    plan     jsonb       not null,
    gesture  text        not null,
    made_at  timestamptz not null default now(),
    primary key (cover_id, number)
);
