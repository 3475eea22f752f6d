-- Devices that were let into a workroom from the house's network. Of a device's key only its hash is kept.
create table device (
    id          bigint generated always as identity primary key,
    workroom_id bigint      not null references workroom on delete cascade,
    name        text        not null check (length(name) between 1 and 60),
    key_hash    bytea       not null unique check (length(key_hash) = 32),
    joined_at   timestamptz not null default now(),
    seen_at     timestamptz not null default now(),
    ended_at    timestamptz
);
create index device_of_workroom on device (workroom_id, id);
-- A code by which one device is let in, once: scanned, or typed as a number that may be wrong only a few times.
create table join_code (
    id          bigint generated always as identity primary key,
    workroom_id bigint      not null references workroom on delete cascade,
    code_hash   bytea       not null unique check (length(code_hash) = 32),
    number      text        not null check (number ~ '^[0-9]{6}$'),
    until       timestamptz not null,
    tries       int         not null default 0,
    used_at     timestamptz
);
