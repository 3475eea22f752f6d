-- What shops ask for things, as a table of prices or a shop's answer said it. Sizes are counted in grains, money in hundredths.
create table price (
    id          bigint generated always as identity primary key,
    workroom_id bigint not null references workroom on delete cascade,
    shop        text   not null check (length(shop) between 1 and 60),
    kind        text   not null check (kind ~ '^[A-Z]{3,20}$'),
    name        text   not null check (length(name) between 1 and 60),
    size        bigint check (size > 0),
    width       bigint check (width > 0),
    cents       int    not null check (cents between 0 and 10000000),
    per         text   not null check (per in ('YARD', 'METRE', 'ONE', 'HUNDRED_GRAMS')),
    day         date   not null,
    stock       bigint check (stock >= 0),
    gone_at     timestamptz
);
create unique index price_of_thing on price (workroom_id, shop, kind, name, size, width) nulls not distinct
    where gone_at is null;
-- When a shop that can be asked was asked last, and when it answered.
create table shop_asked (
    workroom_id bigint      not null references workroom on delete cascade,
    shop        text        not null check (length(shop) between 1 and 60),
    asked_at    timestamptz not null,
    answered_at timestamptz,
    primary key (workroom_id, shop)
);
