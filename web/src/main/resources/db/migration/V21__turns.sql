-- Covers that a form has on by turns, each from a day of the year.
create table turn (
    id          bigint generated always as identity primary key,
    workroom_id bigint not null references workroom on delete cascade,
    thing_id    bigint not null references thing on delete cascade,
    cover       text   not null check (length(cover) between 1 and 80),
    month       int    not null check (month between 1 and 12),
    day         int    not null check (day between 1 and 31),
    kept        text   not null check (length(kept) <= 60),
    unique (thing_id, month, day)
);
