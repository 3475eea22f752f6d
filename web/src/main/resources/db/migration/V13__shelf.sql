-- What is on the shelf. Sizes are counted in grains, money in hundredths.
create table thing (
    id          bigint generated always as identity primary key,
    uid         uuid        not null default gen_random_uuid() unique,
    workroom_id bigint      not null references workroom on delete cascade,
    kind        text        not null check (kind ~ '^[A-Z]{3,20}$'),
    name        text        not null check (length(name) between 1 and 60),
    colour      text        not null check (colour ~ '^#[0-9a-f]{6}$'),
    size        bigint      check (size > 0),
    width       bigint      check (width > 0),
    price       int         not null default 0 check (price between 0 and 10000000),
    gone_at     timestamptz,
    made_at     timestamptz not null default now()
);
create index thing_of_workroom on thing (workroom_id, kind, name) where gone_at is null;
-- What was put on it and taken off it: what is there is the sum.
create table movement (
    id       bigint generated always as identity primary key,
    thing_id bigint      not null references thing on delete cascade,
    why      text        not null check (why in ('BOUGHT', 'USED', 'LEFT_OVER', 'CORRECTED', 'UNDONE')),
    amount   bigint      not null check (amount <> 0),
    at       timestamptz not null default now(),
    undoes   bigint      unique references movement on delete cascade,
    check ((undoes is not null) = (why = 'UNDONE')),
    check (why not in ('BOUGHT', 'LEFT_OVER') or amount > 0),
    check (why <> 'USED' or amount < 0)
);
create index movement_of_thing on movement (thing_id, id);
-- What was ticked off the list for the shop, by what the line says, and what was put on the shelf with it.
create table bought (
    workroom_id bigint      not null references workroom on delete cascade,
    line        text        not null check (length(line) between 1 and 300),
    movement_id bigint      references movement on delete set null,
    at          timestamptz not null default now(),
    primary key (workroom_id, line)
);
