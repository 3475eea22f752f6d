-- Secret addresses under which one cover or set can be looked at. Of each only the hash of its secret is kept.
create table link (
    id          bigint generated always as identity primary key,
    workroom_id bigint      not null references workroom on delete cascade,
    cover_id    bigint      references cover on delete cascade,
    set_id      bigint      references cover_set on delete cascade,
    code_hash   bytea       not null unique check (length(code_hash) = 32),
    made_at     timestamptz not null default now(),
    ended_at    timestamptz,
    check (num_nonnulls(cover_id, set_id) = 1)
);
create index link_of_cover on link (cover_id);
create index link_of_set on link (set_id);
